import { stripOrder } from '../../core/geometry'
import type { JobDocument } from '../../core/job'
import type { Near } from '../../core/shorthand'

/**
 * What a line takes for granted: the finding that is chosen, else the last one; and the side that was chosen last, else the one of that
 * finding, else the first. A phone shows one side, and that one it is.
 */
export function nearOf(
  job: JobDocument,
  of: { chosen: readonly string[]; sideId: string | null; isPhone: boolean },
): Near {
  const { chosen, sideId, isPhone } = of

  const last = job.findings.find((each) => each.id === chosen[0]) ?? job.findings.at(-1) ?? null
  const sides = stripOrder(job)
  const lastSide = last?.place.kind === 'side' ? last.place.side_id : null
  const bySight = isPhone ? undefined : sides.find((each) => each.id === lastSide)
  const side = sides.find((each) => each.id === sideId) ?? bySight ?? sides[0] ?? null
  // What was found on another side is no *next window* of this one.
  const isHere = last !== null && (lastSide === null || lastSide === side?.id)
  return { side, last: isHere ? last : null }
}
