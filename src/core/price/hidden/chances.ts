import {
  LEAST_CHANCE,
  MOST_CHANCE,
  UNTOUCHED,
  UNTOUCHED_BESIDE_SOFT,
  type ByGrade,
  type HiddenRow,
  type OddsRow,
} from '../../catalogue/hidden/hidden'
import { BEHIND } from '../../catalogue/hidden/finds'
import { hiddenRowsOf } from '../../firmValues/hiddenRows'
import { placeOf } from '../../geometry'
import { byId, gradeOf, openedAt, showedOf, type Finding, type JobDocument } from '../../job'
import { inches } from '../../measure'
import { sigmaOf } from './simulate'

/** What a finding may hide, and every step of how that was reckoned. */
export type HiddenChance = {
  readonly row: HiddenRow
  /** Null: nobody touched it. */
  readonly grade: number | null
  /** What moved the odds, each with by how much. */
  readonly moved: readonly OddsRow[]
  /** Given by hand; null: reckoned. */
  readonly said: Finding['behind']
  readonly backing: number | null
  readonly framing: number
  readonly extent: { readonly typical: number; readonly sigma: number }
}

/** A sixth of the extent more where it is gone; little more than what is seen where only the surface is worn. Our judgement. */
const GONE_MORE = 0.3
const SURFACE_EXTENT = [1, 1.1, 1.4] as const

const DEEP_OVERHANG = inches(24)

/**
 * A chance with its odds multiplied.
 *
 * @example
 * withOdds(0.5, 3) // => 0.75
 */
export function withOdds(chance: number, times: number): number {
  const odds = (chance / (1 - chance)) * times
  return odds / (1 + odds)
}

/** Of wood nobody touched, the grades it would have; the sound share is halved where its neighbour is soft. */
function untouchedGrades(besideSoft: boolean): ByGrade {
  if (!besideSoft) return UNTOUCHED
  const sound = UNTOUCHED[0] * UNTOUCHED_BESIDE_SOFT
  const rest = UNTOUCHED.slice(1).reduce((sum, each) => sum + each, 0)
  const scale = (1 - sound) / rest
  return [sound, UNTOUCHED[1] * scale, UNTOUCHED[2] * scale, UNTOUCHED[3] * scale, UNTOUCHED[4] * scale]
}

function onSide(finding: Finding, job: JobDocument): string | null {
  const at = placeOf(finding, job)
  return at.kind === 'side' ? at.side_id : null
}

/** Others on the same side whose grade is at least so much. */
function neighbours(finding: Finding, job: JobDocument, least: number): Finding[] {
  const side = onSide(finding, job)
  if (side === null) return []
  return job.findings.filter(
    (other) => other.id !== finding.id && onSide(other, job) === side && (gradeOf(other) ?? 0) >= least,
  )
}

/** The wettest reading at a finding, in percent; null: nobody took one. */
export function wettest(finding: Finding, job: JobDocument): number | null {
  const readings = job.facts.flatMap((fact) =>
    fact.kind === 'reading' && fact.about.kind === 'finding' && fact.about.finding_id === finding.id
      ? [fact.moisture_percent]
      : [],
  )
  return readings.length > 0 ? Math.max(...readings) : null
}

/** An opened place that showed what was reckoned for one place of five at most is worse than was to be expected. */
const WORSE_THAN = 0.2

/**
 * How an opened place came out against what was reckoned of it: worse than four of five such places would have, clean, or as expected.
 * Of a place that was noted as opened from the start its grade says it.
 */
function cameOut(finding: Finding, job: JobDocument): 'worse' | 'clean' | 'as-expected' | null {
  const opened = openedAt(job, finding.id)
  if (opened) {
    if (opened.found.length === 0) return 'clean'
    if (opened.guess === null) return 'as-expected'
    const { framing } = showedOf(opened)
    const framingChance = opened.guess.framing_percent / 100
    const chance = framing
      ? framingChance
      : Math.max(framingChance, (opened.guess.backing_percent ?? 0) / 100)
    return chance <= WORSE_THAN ? 'worse' : 'as-expected'
  }
  const grade = gradeOf(finding)
  if (finding.how_known !== 'opened' || grade === null) return null
  return grade >= 3 ? 'worse' : grade <= 1 ? 'clean' : 'as-expected'
}

/** How those of one source that were opened came out, the finding itself apart. */
function openedFellows(finding: Finding, fellows: readonly string[], job: JobDocument): string[] {
  return job.findings.flatMap((other) =>
    other.id !== finding.id && fellows.includes(other.id) ? (cameOut(other, job) ?? []) : [],
  )
}

/** Whether sheathing is what a surface of this kind usually lies on. */
const isSheathed = ({ id }: HiddenRow): boolean => BEHIND[id]?.backing === 'sheathing'

function isSo(
  fact: NonNullable<OddsRow['fact']>,
  finding: Finding,
  {
    job,
    fellows,
    row,
  }: { readonly job: JobDocument; readonly fellows: readonly string[]; readonly row: HiddenRow },
): boolean {
  const side = byId(job.sides, onSide(finding, job))
  const wet = wettest(finding, job)
  switch (fact) {
    case 'storm-side':
      return side !== undefined && job.house?.surroundings?.storm_side === side.facing
    case 'deep-overhang':
      return side !== undefined && side.overhang > DEEP_OVERHANG
    case 'drained-gap':
      return side?.behind === 'drained-gap' && isSheathed(row)
    case 'wet':
      return wet !== null && wet >= 25
    case 'damp':
      return wet !== null && wet > 20 && wet < 25
    case 'dry':
      return wet !== null && wet <= 16
    case 'soft-neighbours':
      return neighbours(finding, job, 3).length >= 2
    case 'opened-worse':
      return openedFellows(finding, fellows, job).includes('worse')
    case 'opened-clean': {
      const came = openedFellows(finding, fellows, job)
      return came.length > 0 && came.every((each) => each === 'clean')
    }
  }
}

/** Where the cladding stands on the studs there is no sheathing to be soft. */
function noSheathing(row: HiddenRow, finding: Finding, job: JobDocument): boolean {
  return byId(job.sides, onSide(finding, job))?.behind === 'studs' && isSheathed(row)
}

const KICK_OUT_MISSING = 'kick-out-missing'

/**
 * What a finding may hide behind it, from its part, its grade and what is known of the place; null where nothing is known of its part.
 * A place that was opened hides nothing more: what was found there is a finding of its own.
 *
 * Chances that a person gave by hand stand, whatever was seen.
 *
 * @param cause what its damage is traced to
 * @param fellows findings of the same source: what was opened of them moves the odds of the others
 */
export function hiddenChance(
  finding: Finding,
  job: JobDocument,
  cause: string | null,
  fellows: readonly string[] = [],
): HiddenChance | null {
  if (finding.how_known === 'opened' || openedAt(job, finding.id)) return null
  const { rows, below_roof_end, odds } = hiddenRowsOf(job.settings)
  const base = rows.find(({ serves }) => finding.component !== null && serves.includes(finding.component))
  if (base === undefined) return null
  const row = base.id === 'lap-field' && cause === KICK_OUT_MISSING ? below_roof_end : base
  const grade = finding.suspected ? null : gradeOf(finding)
  const besideSoft = neighbours(finding, job, 2).some(({ component }) => component === finding.component)
  const grades: readonly number[] =
    grade === null ? untouchedGrades(besideSoft) : [0, 1, 2, 3, 4].map((each) => (each === grade ? 1 : 0))
  const moved = odds.filter(
    ({ signs, fact }) =>
      signs.some((sign) => finding.signs.some((seen) => seen.present && seen.sign === sign)) ||
      (fact !== null && isSo(fact, finding, { job, fellows, row })),
  )
  const times = moved.reduce((product, each) => product * each.times, 1)
  const chance = (by: ByGrade): number => {
    const plain = grades.reduce((sum, share, index) => sum + share * by[index]!, 0)
    return Math.min(MOST_CHANCE, Math.max(LEAST_CHANCE, withOdds(plain, times)))
  }
  const [low, typical, high] = grade !== null && grade <= 1 ? SURFACE_EXTENT : row.extent
  const said = finding.behind
  return {
    row,
    grade,
    moved,
    said,
    backing:
      row.backing === null || noSheathing(row, finding, job)
        ? null
        : said
          ? said.backing_percent / 100
          : chance(row.backing),
    framing: said ? said.framing_percent / 100 : chance(row.framing),
    extent: { typical: typical + (grade === 4 ? GONE_MORE : 0), sigma: sigmaOf(low, high) },
  }
}
