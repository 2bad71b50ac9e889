import { methodOf, partOf, type MethodRow } from '../catalogue'
import { dangersAt, type Danger } from '../caution'
import { placeOf } from '../geometry'
import { byId, gradeOf, type JobDocument, type WorkItem } from '../job'

/** Whether a method is ruled out for a grade: what is blocked answers nothing. */
function isBlockedFor(row: MethodRow, grade: number | null): boolean {
  return row.advice.some(
    ({ verdict, when }) =>
      verdict === 'blocked' &&
      when.grade !== undefined &&
      grade !== null &&
      grade >= when.grade[0] &&
      grade <= when.grade[1] &&
      Object.keys(when).every((key) => key === 'grade' || key === 'part'),
  )
}

/** Whether an item renews what a danger is about: the very member, or all that stands there. */
function ends(danger: Danger, item: WorkItem, job: JobDocument): boolean {
  const row = methodOf(item.method)
  if (!row?.rebuilds || item.state !== 'ours') return false
  const assembly = partOf(item.component)?.assembly
  const isIt =
    row.rebuilds === 'assembly'
      ? danger.part === null
        ? assembly === 'deck'
        : partOf(danger.part)?.assembly === assembly
      : danger.part !== null && item.component === danger.part
  if (!isIt) return false
  const finding = byId(job.findings, danger.finding_id)
  if (finding && isBlockedFor(row, gradeOf(finding))) return false
  const spots = [
    ...job.findings.filter((each) => item.finding_ids.includes(each.id)).map((each) => placeOf(each, job)),
    ...item.places.map((place) => place.at),
  ]
  return spots.some(
    (spot) =>
      dangersAt(
        { component: danger.part ?? item.component, spot, finding_ids: item.finding_ids },
        [danger],
        job,
      ).length > 0,
  )
}

/**
 * The dangers that still stand in the way of work: those that no item of the bid ends by shoring first and renewing the part. They stay
 * on the caution band all the same, since people are kept off until it is done.
 */
export function openDangers(dangers: readonly Danger[], job: JobDocument): Danger[] {
  const rebuilding = job.work_items.filter((item) => methodOf(item.method)?.rebuilds)
  if (rebuilding.length === 0) return [...dangers]
  return dangers.filter(
    (danger) => !danger.row.endsWithRebuild || !rebuilding.some((item) => ends(danger, item, job)),
  )
}
