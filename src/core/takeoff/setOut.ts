import type { MethodRow } from '../catalogue'
import { byId, type JobDocument, type SurveyOf } from '../job'
import { toFeet } from '../measure'
import type { ItemSpot } from '../scope'
import { layOut } from '../survey/layout'

type Layout = SurveyOf<'layout'>

const overlaps = (a: Layout, b: Layout): boolean => a.from < b.to && b.from < a.to

/** How many a survey sets out: a stretch over its spacing, or over what is usual. */
function numberOf({ what, from, to, spacing, paving, to_line }: Layout): number {
  const inFeet = (length: Layout['spacing']): number | null => (length === null ? null : toFeet(length))
  return layOut({
    what,
    from_ft: toFeet(from),
    to_ft: toFeet(to),
    spacing_ft: inFeet(spacing),
    paving_ft: inFeet(paving),
    to_line_ft: inFeet(to_line),
  }).result.stations_ft.length
}

/** Whether somebody said how many there are at a place: on the item, or by counting what was found. */
export function isNumberSaid(spot: ItemSpot, job: JobDocument): boolean {
  return spot.numbered || spot.finding_ids.some((id) => byId(job.findings, id)?.count != null)
}

/**
 * How many are set out along the wall of a place. Of two surveys of one stretch the later one stands; stretches apart are added up.
 *
 * @returns null where nothing of the kind is set out on that wall
 */
export function setOutAt(spot: ItemSpot, row: Pick<MethodRow, 'setOut'>, job: JobDocument): number | null {
  const side_id = spot.at.kind === 'side' || spot.at.kind === 'whole-side' ? spot.at.side_id : null
  if (side_id === null || row.setOut === null) return null
  const layouts = job.surveys
    .filter((each): each is Layout => each.kind === 'layout' && !each.removed)
    .filter((each) => each.side_id === side_id && each.what === row.setOut?.what)
    .sort((a, b) => (a.day < b.day ? -1 : 1))
  const standing = layouts.filter((each, n) => !layouts.slice(n + 1).some((later) => overlaps(later, each)))
  const count = standing.reduce((sum, each) => sum + numberOf(each), 0)
  return count > 0 ? count : null
}
