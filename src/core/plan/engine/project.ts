/**
 * Scheduling with limited people and a calendar, without a word about repairs.
 *
 * Time is counted in slots of working time: day `d` is made of the slots `d × slotsADay` up to the next day's first. Days on which
 * nobody works have slots too, and no people in them.
 */
export type After = {
  readonly id: string
  /** Nights that have to lie between; none: at once. */
  readonly nights: number
  /** Each of them after a dry day, with no wet one between. */
  readonly dry: boolean
}

/** People of one crew, or units of several resources at once. */
export type Demand = readonly (readonly [resource: number, units: number])[]

/** One way of doing it: by whom, and how long that takes. */
export type Mode = { readonly use: Demand; readonly slots: number }

export type Activity = {
  readonly id: string
  /** Who can do it: one of these. One without anybody only takes its time; no slots at all: a moment, at which something is there. */
  readonly modes: readonly Mode[]
  readonly after: readonly After[]
  /** First day on which it may begin. */
  readonly notBefore: number
  /** Begun and finished on one day. */
  readonly sameDay: boolean
  /** Which of the project's kinds of days it can be worked on. */
  readonly kind: number
}

export type Project = {
  readonly activities: readonly Activity[]
  readonly slotsADay: number
  readonly resources: number
  /** Units of a resource on a day. */
  readonly capacity: (resource: number, day: number) => number
  /** Whether a kind of work goes on a day. */
  readonly works: (kind: number, day: number) => boolean
  readonly isDry: (day: number) => boolean
  /** Slots by which an end is told from another: between ends that are told as one, less lies begun. */
  readonly grain: number
  /** What is better done without long gaps. */
  readonly together: readonly (readonly string[])[]
  /** Given their days before all others: what a person wants on a day, and what has to come before it. */
  readonly wanted: ReadonlySet<string>
  /** An order that somebody took; what is not in it follows. Null: by the usual rules. */
  readonly order: readonly string[] | null
}

export type Placed = {
  readonly id: string
  readonly start: number
  /** The slot after its last. */
  readonly end: number
  /** Which of its modes. */
  readonly mode: number
}

export type Schedule = {
  readonly placed: ReadonlyMap<string, Placed>
  /** The slot after the last of all. */
  readonly end: number
}

/** A project that cannot be worked: what stands in the way. */
export type CannotPlan =
  | { readonly kind: 'circle'; readonly ids: readonly string[] }
  | { readonly kind: 'too-long-for-a-day'; readonly id: string }
  | { readonly kind: 'nobody'; readonly id: string }
  | { readonly kind: 'unknown'; readonly id: string; readonly after: string }

/** No day is looked at beyond this many: ten years. */
export const LAST_DAY = 3650

/** Activities so that each comes after those it waits for, in the order given otherwise. Null: they wait for one another. */
export function inOrder(activities: readonly Activity[]): Activity[] | null {
  const waiting = new Map(activities.map((each) => [each.id, new Set(each.after.map(({ id }) => id))]))
  const after = new Map<string, string[]>()
  for (const each of activities) {
    for (const { id } of each.after) after.set(id, [...(after.get(id) ?? []), each.id])
  }
  const index = new Map(activities.map((each, at) => [each.id, at]))
  const free = activities.filter((each) => each.after.length === 0).map((each) => index.get(each.id)!)
  const order: Activity[] = []
  while (free.length > 0) {
    free.sort((a, b) => b - a)
    const next = activities[free.pop()!]!
    order.push(next)
    for (const id of after.get(next.id) ?? []) {
      const left = waiting.get(id)!
      left.delete(next.id)
      if (left.size === 0) free.push(index.get(id)!)
    }
  }
  return order.length === activities.length ? order : null
}

/** What makes a project unworkable, before anything is placed. */
export function cannotPlan(project: Project): CannotPlan | null {
  const { activities, slotsADay } = project
  const known = new Set(activities.map(({ id }) => id))
  for (const each of activities) {
    const lost = each.after.find(({ id }) => !known.has(id))
    if (lost) return { kind: 'unknown', id: each.id, after: lost.id }
    if (each.sameDay && each.modes.every(({ slots }) => slots > slotsADay)) {
      return { kind: 'too-long-for-a-day', id: each.id }
    }
    const able = each.modes.some(({ use, slots }) =>
      use.every(([resource, units]) => {
        if (slots === 0) return true
        for (let day = each.notBefore; day < each.notBefore + 370; day += 1) {
          if (project.capacity(resource, day) >= units && project.works(each.kind, day)) return true
        }
        return false
      }),
    )
    if (!able) return { kind: 'nobody', id: each.id }
  }
  return inOrder(activities) === null ? { kind: 'circle', ids: activities.map(({ id }) => id) } : null
}
