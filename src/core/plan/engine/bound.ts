import { inOrder, LAST_DAY, type Activity, type Placed, type Project } from './project'
import { placeAll } from './place'

/** However it is done, it takes so long. */
export const leastSlots = (activity: Activity): number =>
  Math.min(...activity.modes.map(({ slots }) => slots))

/** Slots that must still pass after each activity has ended: the longest way through what waits for it, nights as nothing. */
export function tails(project: Project): Map<string, number> {
  const order = inOrder(project.activities) ?? []
  const after = new Map<string, number>(order.map((each) => [each.id, 0]))
  for (const each of order.toReversed()) {
    const mine = after.get(each.id)! + leastSlots(each)
    for (const { id } of each.after) after.set(id, Math.max(after.get(id)!, mine))
  }
  return after
}

/** Where each would be placed if there were people without end. */
export function alone(project: Project): ReadonlyMap<string, Placed> {
  const order = inOrder(project.activities)
  if (order === null) return new Map()
  const most = project.activities.reduce(
    (sum, each) => sum + Math.max(1, ...each.modes.flatMap(({ use }) => use.map(([, units]) => units))),
    1,
  )
  // People without end, but on the days they work.
  const capacity = (resource: number, day: number): number =>
    project.capacity(resource, day) === 0 ? 0 : Math.max(most, project.capacity(resource, day))
  return placeAll(order, { ...project, capacity })?.placed ?? new Map<string, Placed>()
}

/** The slot at which so much work is done at the earliest by so many resources together, from a slot on. */
function workedOff(from: number, work: number, resources: readonly number[], project: Project): number {
  const { slotsADay } = project
  let left = work
  for (let slot = from; slot < LAST_DAY * slotsADay;) {
    const day = Math.floor(slot / slotsADay)
    const units = resources.reduce((sum, resource) => sum + project.capacity(resource, day), 0)
    const here = (day + 1) * slotsADay - slot
    if (units > 0 && left <= units * here) return slot + Math.ceil(left / units)
    left -= units * here
    slot += here
  }
  return LAST_DAY * slotsADay
}

/** What an activity takes of a group of resources at least, units × slots. */
function takes(activity: Activity, group: ReadonlySet<number>): number {
  return Math.min(
    ...activity.modes.map(
      ({ use, slots }) =>
        slots * use.reduce((sum, [resource, units]) => sum + (group.has(resource) ? units : 0), 0),
    ),
  )
}

/**
 * No schedule ends before this slot. The longer of: the longest way of what waits for what, through the calendar; and for each
 * resource, and for all together, the work that can begin no sooner and has so much behind it, done by all its people without a gap.
 *
 * Source: the classical critical-path and capacity bounds, with heads and tails.
 */
export function lowerBound(project: Project): number {
  const { activities, resources } = project
  const heads = alone(project)
  const behind = tails(project)
  let bound = 0
  for (const { end } of heads.values()) bound = Math.max(bound, end)
  const every = Array.from({ length: resources }, (_, index) => index)
  const groups = [...every.map((each) => [each]), ...(resources > 1 ? [every] : [])]
  for (const group of groups) {
    const set = new Set(group)
    const mine = activities
      .map((each) => ({
        work: takes(each, set),
        head: heads.get(each.id)?.start ?? 0,
        tail: behind.get(each.id)!,
      }))
      .filter(({ work }) => work > 0)
    const from = [...new Set(mine.map(({ head }) => head))]
    const to = [...new Set(mine.map(({ tail }) => tail))]
    for (const head of from) {
      const later = mine.filter((each) => each.head >= head)
      for (const tail of to) {
        const work = later.reduce((sum, each) => sum + (each.tail >= tail ? each.work : 0), 0)
        if (work > 0) bound = Math.max(bound, workedOff(head, work, group, project) + tail)
      }
    }
  }
  return bound
}
