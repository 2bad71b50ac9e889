import {
  LAST_DAY,
  type Activity,
  type After,
  type Demand,
  type Mode,
  type Placed,
  type Project,
  type Schedule,
} from './project'

/** Units in use, slot by slot and resource by resource. */
export class Used {
  private readonly lists: number[][]

  constructor(resources: number) {
    this.lists = Array.from({ length: resources }, () => [])
  }

  at(resource: number, slot: number): number {
    return this.lists[resource]![slot] ?? 0
  }

  add(demand: Demand, slot: number): void {
    for (const [resource, units] of demand) {
      const list = this.lists[resource]!
      while (list.length <= slot) list.push(0)
      list[slot]! += units
    }
  }
}

/**
 * First slot at which something may begin that waits for another. What has to dry waits for nights that follow one another, each after a
 * dry day: rain between begins it anew. A moment that ends at a day's first slot belongs to the day before.
 */
export function readyAfter({ nights, dry }: After, before: Placed, project: Project): number {
  if (nights === 0) return before.end
  const { slotsADay } = project
  const last = before.end === before.start ? before.end : before.end - 1
  const from = Math.floor(last / slotsADay)
  const isWet = (day: number): boolean => !project.isDry(day)
  let day = from + nights
  while (dry && day < LAST_DAY && Array.from({ length: nights }, (_, n) => day - 1 - n).some(isWet)) day += 1
  return day * slotsADay
}

function fits(demand: Demand, day: number, project: Project): boolean {
  return demand.every(([resource, units]) => project.capacity(resource, day) >= units)
}

function isFree(demand: Demand, slot: number, day: number, { project, used }: Board): boolean {
  return demand.every(
    ([resource, units]) => used.at(resource, slot) + units <= project.capacity(resource, day),
  )
}

type Board = { readonly project: Project; readonly used: Used }

/**
 * The earliest stretch of working slots from `ready` on in which an activity fits. Work that may last over night goes on the next day
 * on which its kind goes and its people are there; nothing else of theirs lies between.
 */
function earliest(
  activity: Activity,
  { use: demand, slots }: Mode,
  ready: number,
  board: Board,
): [start: number, end: number] | null {
  const { project } = board
  const { slotsADay } = project
  if (slots === 0) return [ready, ready]
  if (activity.sameDay && slots > slotsADay) return null
  let start = ready
  while (start < LAST_DAY * slotsADay) {
    const first = Math.floor(start / slotsADay)
    if (!project.works(activity.kind, first) || !fits(demand, first, project)) {
      start = (first + 1) * slotsADay
      continue
    }
    let left = slots
    let slot = start
    let again: number | null = null
    while (left > 0) {
      const day = Math.floor(slot / slotsADay)
      if (day > LAST_DAY) return null
      if (day !== first && activity.sameDay) {
        again = day * slotsADay
        break
      }
      if (!project.works(activity.kind, day) || !fits(demand, day, project)) {
        slot = (day + 1) * slotsADay
        continue
      }
      if (!isFree(demand, slot, day, board)) {
        again = slot + 1
        break
      }
      left -= 1
      slot += 1
    }
    if (again === null) return [start, slot]
    start = again
  }
  return null
}

/** The same, begun only when the nights it dries in lie right before it, each after a dry day. */
function earliestDry(
  activity: Activity,
  way: Mode,
  ready: number,
  board: Board,
): [start: number, end: number] | null {
  const { project } = board
  const nights = Math.max(0, ...activity.after.map((after) => (after.dry ? after.nights : 0)))
  for (let from = ready; ;) {
    const stretch = earliest(activity, way, from, board)
    if (stretch === null || nights === 0) return stretch
    const day = Math.floor(stretch[0] / project.slotsADay)
    if (!Array.from({ length: nights }, (_, n) => day - 1 - n).some((each) => !project.isDry(each)))
      return stretch
    from = (day + 1) * project.slotsADay
  }
}

/** Slots of an activity that are worked, between its start and its end. */
export function workedSlots(activity: Activity, placed: Placed, project: Project): number[] {
  const slots: number[] = []
  const demand = activity.modes[placed.mode]!.use
  for (let slot = placed.start; slot < placed.end; slot += 1) {
    const day = Math.floor(slot / project.slotsADay)
    if (project.works(activity.kind, day) && fits(demand, day, project)) slots.push(slot)
  }
  return slots
}

/**
 * Places activities one after another, each as early as it goes (serial schedule generation). The list has each after those it waits
 * for. Of several crews the one that finishes it first takes it. Null: something fits nowhere.
 *
 * Source: Kolisch, Hartmann, "Heuristic algorithms for the resource-constrained project scheduling problem", 1999: with regular
 * measures some list always gives the best schedule.
 */
export function placeAll(list: readonly Activity[], project: Project): Schedule | null {
  const placed = new Map<string, Placed>()
  const board: Board = { project, used: new Used(project.resources) }
  let end = 0
  for (const activity of list) {
    const ready = activity.after.reduce(
      (latest, after) => Math.max(latest, readyAfter(after, placed.get(after.id)!, project)),
      activity.notBefore * project.slotsADay,
    )
    let best: Placed | null = null
    for (const [mode, way] of activity.modes.entries()) {
      const stretch = earliestDry(activity, way, ready, board)
      if (stretch && (best === null || stretch[1] < best.end)) {
        best = { id: activity.id, start: stretch[0], end: stretch[1], mode }
      }
    }
    if (best === null) return null
    placed.set(activity.id, best)
    const { use } = activity.modes[best.mode]!
    for (const slot of workedSlots(activity, best, project)) board.used.add(use, slot)
    end = Math.max(end, best.end)
  }
  return { placed, end }
}
