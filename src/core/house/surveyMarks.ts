import type { JobDocument, Survey, SurveyOf } from '../job'
import { formatLength, inches } from '../measure'
import { isBegun, readSurvey } from '../survey/read'
import type { Mark, Point, Shape } from './drawing'

/** Of each place the latest survey of a kind. */
export function latest<K extends Survey['kind']>(
  job: JobDocument,
  kind: K,
  key: (survey: SurveyOf<K>) => string,
): SurveyOf<K>[] {
  const by = new Map<string, SurveyOf<K>>()
  for (const survey of [...job.surveys].sort((a, b) => (a.day < b.day ? -1 : 1)))
    if (survey.kind === kind && isBegun(readSurvey(survey, job)))
      by.set(key(survey as SurveyOf<K>), survey as SurveyOf<K>)
  return [...by.values()]
}

/** Words at a point, in the ink of what was measured. */
export const label = (at: Point, text: string, anchor: 'start' | 'middle' | 'end' = 'middle'): Shape => ({
  kind: 'label',
  ink: 'water-text',
  at,
  text,
  size_px: 12,
  anchor,
})
/** A length in inches as it is written beside a drawing, to a sixteenth. */
export const short = (value_in: number): string =>
  formatLength(inches(Math.round(Math.abs(value_in) * 16) / 16))

function boxOf(points: readonly Point[], pad: number): Mark['box'] {
  const [xs, ys] = [points.map((each) => each[0]), points.map((each) => each[1])]
  return {
    left: Math.min(...xs) - pad,
    right: Math.max(...xs) + pad,
    bottom: Math.min(...ys) - pad,
    top: Math.max(...ys) + pad,
  }
}

/** What is drawn of one survey, named by what it says. */
export function mark(
  survey: Survey,
  job: JobDocument,
  points: readonly Point[],
  px: number,
  shapes: Shape[],
): Mark {
  const read = readSurvey(survey, job)
  return {
    kind: 'mark',
    of: 'survey',
    ids: [survey.id],
    name: `${read.where}: ${read.says}`,
    shapes,
    box: boxOf(points, 6 * px),
  }
}
