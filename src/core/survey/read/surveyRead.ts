import { SHOWS, type MeasureId } from '../../catalogue/measures/shows'
import type { SignId } from '../../catalogue/signs'
import type { Survey, SurveyKind } from '../../job'
import { formatLength, inches } from '../../measure'
import type { Computed } from '../computed'
import type { WallGate } from '../plumb'

/** Where a survey was taken, as far as findings are near it. Feet along a side. */
export type SurveyAt =
  | { readonly kind: 'side'; readonly side_id: string; readonly from_ft: number; readonly to_ft: number }
  | { readonly kind: 'floor'; readonly floor: string }
  | { readonly kind: 'space'; readonly space: 'crawl' | 'attic' | 'rooms' }
  | { readonly kind: 'deck'; readonly feature_id: string | null }
  | { readonly kind: 'nowhere' }

/** A measure and its figure. */
export type Measure = { readonly id: MeasureId; readonly value: number }
/** A sign that is shown, there or not there, and by which measure; null: by what was written down itself. */
export type Shown = { readonly sign: SignId; readonly present: boolean; readonly measure: MeasureId | null }

/** A line of a chart: at each station, feet, its figure, inches. */
export type Series = {
  readonly name: string
  readonly points: readonly { readonly at: number; readonly value: number }[]
}

/** One survey worked out. */
export type SurveyRead = {
  readonly survey_id: string
  readonly kind: SurveyKind
  readonly where: string
  readonly day: string
  /** Findings it was made for. */
  readonly finding_ids: readonly string[]
  readonly at: SurveyAt
  /** The first thing to say of it. */
  readonly says: string
  /** The same for the owner; empty: nothing he need know. */
  readonly plain: readonly string[]
  /** What keeps it from being read, and what to do: not tied, shot again. Null: nothing. */
  readonly problem: string | null
  readonly computed: readonly Computed<unknown>[]
  readonly measures: readonly Measure[]
  readonly shows: readonly Shown[]
  readonly gate: WallGate
  readonly series: readonly Series[]
}

/** Signs that figures show by the rows of the catalogue. */
export function shownBy(measures: readonly Measure[]): Shown[] {
  return measures.flatMap(({ id, value }) =>
    SHOWS.filter(
      (row) =>
        row.measure === id &&
        (row.from === undefined || value >= row.from - 1e-9) &&
        (row.below === undefined || value < row.below - 1e-9),
    ).map(({ sign, present }): Shown => ({ sign, present, measure: id })),
  )
}

type Written = Pick<SurveyRead, 'where' | 'at' | 'says'> &
  Partial<Pick<SurveyRead, 'plain' | 'problem' | 'computed' | 'measures' | 'gate' | 'series'>>

/** A survey read, with what its figures show. */
export function read(survey: Survey, of: Written): SurveyRead {
  const { plain = [], problem = null, computed = [], measures = [], gate = 'none', series = [], ...said } = of
  return {
    survey_id: survey.id,
    kind: survey.kind,
    day: survey.day,
    finding_ids: survey.finding_ids,
    ...said,
    plain: problem === null ? plain : [],
    problem,
    computed,
    measures,
    shows: problem === null ? shownBy(measures) : [],
    gate,
    series,
  }
}

/** Inches as they are reckoned, in an arithmetic. */
export const inch = (value: number): string => `${Math.round(value * 100) / 100} in`
/** Inches as they are said: to the nearest sixteenth. */
export const said = (value: number): string => formatLength(inches(value))
/** The same to the sixty-fourth, of what a gauge reads. */
export const gauged = (value: number): string => formatLength(inches(value), 'exact')
