import type { SkyId } from '../catalogue/steps'
import type { Calendar } from './calendar'
import { readyAfter, type Activity, type Found, type Placed, type Project } from './engine'
import type { Link } from './links'

/** Why a piece of work is not begun sooner. */
export type Why =
  | { readonly kind: 'first' }
  | { readonly kind: 'done'; readonly day: string }
  /** Something else comes first; with a wait, that has to pass as well. */
  | { readonly kind: 'after'; readonly key: string; readonly wait: string | null }
  | { readonly kind: 'said'; readonly day: string }
  | { readonly kind: 'comes'; readonly what: string; readonly day: string }
  | { readonly kind: 'sky'; readonly sky: SkyId; readonly day: string }
  | { readonly kind: 'off'; readonly why: string; readonly day: string }
  /** It does not fit into what is left of the day. */
  | { readonly kind: 'whole-day' }
  | { readonly kind: 'busy' }

/** What holds a piece where it is: of all that does, the last to let go. */
export function whyThen(
  activity: Activity,
  placed: Placed,
  of: {
    readonly found: Found
    readonly project: Project
    readonly calendar: Calendar
    readonly links: readonly Link[]
    readonly because: Why | null
  },
): Why {
  const { found, project, calendar, links, because } = of
  const { slotsADay } = project
  let ready = activity.notBefore * slotsADay
  let why: Why = because ?? { kind: 'first' }
  for (const after of activity.after) {
    const at = readyAfter(after, found.schedule.placed.get(after.id)!, project)
    if (at <= ready) continue
    ready = at
    // What came that very morning is the reason, not the setting up for it.
    if (because !== null && Math.floor(at / slotsADay) <= activity.notBefore) continue
    const wait = links.find(({ before }) => before === after.id)?.wait ?? null
    why = { kind: 'after', key: after.id, wait: wait?.name ?? null }
  }
  if (placed.start <= ready) return why
  const from = Math.floor(ready / slotsADay)
  const to = Math.floor(placed.start / slotsADay)
  // A gap of nights without people is no reason of its own: what was waited for ended on the last day before it.
  const between = Array.from({ length: to - from }, (_, index) => from + index)
  const wet = between.find((day) => !project.works(activity.kind, day))
  if (wet !== undefined && calendar.sky(wet))
    return { kind: 'sky', sky: calendar.sky(wet)!, day: calendar.dateOf(wet) }
  const isFree = (day: number): boolean =>
    activity.modes.some(({ use }) => use.every(([crew]) => project.capacity(crew, day) > 0))
  if (between.length > 0 && between.every((day) => !isFree(day))) {
    if (why.kind !== 'first') return why
    return { kind: 'off', why: calendar.off(from), day: calendar.dateOf(from) }
  }
  const startsADay = placed.start % slotsADay === 0
  if (
    activity.sameDay &&
    to === from + 1 &&
    startsADay &&
    (ready % slotsADay) + activity.modes[placed.mode]!.slots > slotsADay
  ) {
    return { kind: 'whole-day' }
  }
  return { kind: 'busy' }
}
