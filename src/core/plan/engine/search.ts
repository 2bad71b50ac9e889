import { alone, leastSlots, lowerBound, tails } from './bound'
import { inOrder, type Activity, type Project, type Schedule } from './project'
import { placeAll } from './place'

/** The best found, and how soon any could end. */
export type Found = {
  readonly schedule: Schedule
  readonly list: readonly Activity[]
  readonly bound: number
  /** Nothing can end sooner. */
  readonly proven: boolean
}

/** More than any priority of a rule. */
const FIRST = 1e9

/** A list by a priority, smaller first, each after those it waits for. */
function byPriority(activities: readonly Activity[], priority: (activity: Activity) => number): Activity[] {
  const waits = new Map(activities.map((each) => [each.id, each.after.length]))
  const after = new Map<string, Activity[]>()
  for (const each of activities)
    for (const { id } of each.after) after.set(id, [...(after.get(id) ?? []), each])
  const key = new Map(activities.map((each, index) => [each.id, [priority(each), index] as const]))
  const free = activities.filter((each) => each.after.length === 0)
  const list: Activity[] = []
  while (free.length > 0) {
    let best = 0
    for (let at = 1; at < free.length; at += 1) {
      const [a, i] = key.get(free[at]!.id)!
      const [b, j] = key.get(free[best]!.id)!
      if (a < b || (a === b && i < j)) best = at
    }
    const [next] = free.splice(best, 1)
    list.push(next!)
    for (const each of after.get(next!.id) ?? []) {
      const left = waits.get(each.id)! - 1
      waits.set(each.id, left)
      if (left === 0) free.push(each)
    }
  }
  return list
}

/** An end as it is told: by the grain of the project. */
const told = (end: number, { grain }: Project): number => Math.ceil(end / grain)

/** Earlier is better; of two that are told to end alike, the one with less begun and not ended; then the one whose parts end earlier. */
function costOf({ end, placed }: Schedule, project: Project): number {
  let ends = 0
  for (const each of placed.values()) ends += each.end
  let begun = 0
  for (const group of project.together) {
    let from = Number.POSITIVE_INFINITY
    let to = 0
    for (const id of group) {
      const at = placed.get(id)
      if (!at) continue
      from = Math.min(from, at.start)
      to = Math.max(to, at.end)
    }
    if (to > from) begun += to - from
  }
  const most = (1 + placed.size) * (end + 1)
  return told(end, project) + (begun + ends / most) / ((1 + project.together.length) * (end + 1))
}

/**
 * What is placed at once: the best of the usual rules, what must be finished soonest first among them. None of them is the best
 * always; `bound` says how far off it can be at most.
 */
export function placeByRules(project: Project): Found | null {
  const { activities } = project
  const order = inOrder(activities)
  if (order === null) return null
  const behind = tails(project)
  const heads = alone(project)
  const rules: ((activity: Activity) => number)[] = [
    // Latest finish: what has most behind it goes first.
    (each) => -behind.get(each.id)!,
    (each) => -behind.get(each.id)! - leastSlots(each),
    (each) => (heads.get(each.id)?.start ?? 0) - behind.get(each.id)! / 1000,
  ]
  // What belongs together as one, by the part of it that has most behind it.
  const group = new Map<string, number>()
  for (const ids of project.together) {
    const most = Math.max(...ids.map((id) => behind.get(id) ?? 0))
    for (const id of ids) group.set(id, most)
  }
  rules.push((each) => -(group.get(each.id) ?? behind.get(each.id)!))
  const { wanted } = project
  const first = (each: Activity): number => (wanted.has(each.id) ? -FIRST : 0)
  const taken = project.order === null ? null : new Map(project.order.map((id, index) => [id, index]))
  const lists =
    taken === null
      ? [() => 0, ...rules].map((rule) => byPriority(activities, (each) => first(each) + rule(each)))
      : [byPriority(activities, (each) => first(each) + (taken.get(each.id) ?? taken.size))]
  let best: { list: readonly Activity[]; schedule: Schedule; cost: number } | null = null
  for (const list of lists) {
    const schedule = placeAll(list, project)
    if (schedule === null) return null
    const found = costOf(schedule, project)
    if (best === null || found < best.cost) best = { list, schedule, cost: found }
  }
  const bound = lowerBound(project)
  return {
    schedule: best!.schedule,
    list: best!.list,
    bound,
    proven: told(best!.schedule.end, project) <= told(bound, project),
  }
}

/** Numbers that look like chance and are the same every time. Source: the mulberry32 generator, in the public domain. */
function chance(seed: number): () => number {
  let state = seed >>> 0
  return () => {
    state = (state + 0x6d2b79f5) >>> 0
    let t = state
    t = Math.imul(t ^ (t >>> 15), t | 1)
    t ^= t + Math.imul(t ^ (t >>> 7), t | 61)
    return ((t ^ (t >>> 14)) >>> 0) / 4294967296
  }
}

/** One activity of a list moved elsewhere between those it waits for and those that wait for it. */
function moved(list: readonly Activity[], random: () => number): Activity[] | null {
  const from = Math.floor(random() * list.length)
  const it = list[from]!
  const needs = new Set(it.after.map(({ id }) => id))
  let low = from
  while (low > 0 && !needs.has(list[low - 1]!.id)) low -= 1
  let high = from
  while (high < list.length - 1 && !list[high + 1]!.after.some(({ id }) => id === it.id)) high += 1
  if (low === high) return null
  const to = low + Math.floor(random() * (high - low + 1))
  if (to === from) return null
  const next = list.toSpliced(from, 1)
  next.splice(to, 0, it)
  return next
}

/**
 * Looks for a schedule that ends sooner, step by step, so that whoever asked may show how far it is and stop it. It moves one piece of
 * work at a time in the list, keeps what is no worse, and begins again from the best when it is stuck. It ends when nothing can end
 * sooner, or after so many tries.
 */
export function* improve(
  project: Project,
  first: Found,
  of: { readonly tries: number; readonly seed?: number; readonly every?: number },
): Generator<{ readonly tried: number; readonly best: Found }, Found> {
  const random = chance(of.seed ?? 1)
  const every = of.every ?? 100
  let best = first
  let bestCost = costOf(first.schedule, project)
  let here = { list: first.list, cost: bestCost }
  let stuck = 0
  for (let tried = 1; tried <= of.tries && !(best.proven && project.together.length === 0); tried += 1) {
    const list = moved(here.list, random)
    if (list !== null) {
      const schedule = placeAll(list, project)
      if (schedule !== null) {
        const found = costOf(schedule, project)
        // A little worse is taken now and then: the way to a better one may lead over it.
        if (found <= here.cost || random() < 0.02) here = { list, cost: found }
        stuck = found < bestCost ? 0 : stuck + 1
        if (found < bestCost) {
          bestCost = found
          best = {
            ...first,
            schedule,
            list,
            proven: told(schedule.end, project) <= told(first.bound, project),
          }
        }
        if (stuck > 40 * list.length) {
          here = { list: best.list, cost: bestCost }
          stuck = 0
        }
      }
    }
    if (tried % every === 0) yield { tried, best }
  }
  return best
}
