import { stepOf, TASK_STEPS, WAITS, type WaitRow } from '../catalogue/steps'
import type { ReckonedRows } from '../firmValues/rows'
import { inches } from '../measure'
import type { ScopeItem } from '../scope'
import { grouped } from './grouped'
import type { Extent, PlanUnit, Units } from './units'

/** One piece of work waits for another, and whether something has to cure or dry between. */
export type Link = { readonly before: string; readonly after: string; readonly wait: WaitRow | null }

/** Pieces as near as this along a side are at one place: the boards and barrier of one are under those of the other. Common practice. */
const NEAR = inches(24)

export function meet(a: Extent, b: Extent): boolean {
  if (a === 'whole' || b === 'whole') return true
  return a.from - NEAR <= b.to && b.from - NEAR <= a.to
}

type Ranks = { readonly from: number; readonly to: number }
/** First and last place of a piece in the order of the trade; null: nobody knows what it is. */
export function ranksOf(unit: PlanUnit): Ranks | null {
  const ranks = unit.segments.map(({ step }) => stepOf(step).rank)
  if (ranks.some((rank) => rank === null)) return null
  return { from: Math.min(...(ranks as number[])), to: Math.max(...(ranks as number[])) }
}

/** The longest wait that stands between two pieces at one place. */
function waitBetween(before: PlanUnit, after: PlanUnit, rows: ReckonedRows): WaitRow | null {
  const waits = WAITS.map((wait) => ({ ...wait, nights: rows.wait_nights(wait.id, wait.nights) })).filter(
    (wait) =>
      before.segments.some(
        ({ step, tasks }) =>
          step === wait.after.step && (wait.after.task === undefined || tasks.includes(wait.after.task)),
      ) && after.segments.some(({ step }) => (stepOf(step).rank ?? -1) >= stepOf(wait.before).rank!),
  )
  return waits.toSorted((a, b) => b.nights - a.nights)[0] ?? null
}

/** What others do at a place comes before what of ours covers it. */
export type HandedOver = {
  readonly item: ScopeItem
  readonly key: string
  readonly side: string
  readonly extent: Extent
}

/** Last place in the order of work by others, by what their method does; unknown work is taken as done in the wall. */
function lastRank(item: ScopeItem): number {
  const ranks = (item.row?.recipe?.tasks ?? []).flatMap(({ task }) => {
    const steps = TASK_STEPS[task]
    return steps === undefined || steps === 'along' ? [] : steps.map(([step]) => stepOf(step).rank ?? 0)
  })
  return ranks.length > 0 ? Math.max(...ranks) : stepOf('cladding').rank!
}

/** What waits for what: within an item by its order, at one place by the order of the trade, set-up before and clearing away after. */
export function linksOf({ units, serves }: Units, others: readonly HandedOver[], rows: ReckonedRows): Link[] {
  const links: Link[] = []
  const add = (before: PlanUnit, after: PlanUnit): void => {
    links.push({ before: before.key, after: after.key, wait: waitBetween(before, after, rows) })
  }
  const of = new Map(units.map((unit) => [unit.key, unit]))
  const byItem = grouped(
    units.filter(({ item_id }) => item_id !== null),
    (unit) => `${unit.item_id!}/${unit.side}`,
  )
  for (const mine of byItem.values()) mine.slice(1).forEach((unit, index) => add(mine[index]!, unit))

  for (const [key, served] of serves) {
    const gear = of.get(key)!
    const isBefore = gear.segments[0]!.step === 'set-up'
    for (const each of served) {
      const unit = of.get(each)
      if (unit && isBefore) add(gear, unit)
      else if (unit) add(unit, gear)
    }
  }

  const ranked = units.flatMap((unit) => {
    const ranks = ranksOf(unit)
    return ranks && unit.side !== 'job' ? [{ unit, ...ranks }] : []
  })
  const bySide = grouped(ranked, ({ unit }) => unit.side)
  for (const here of bySide.values()) {
    for (const a of here) {
      for (const b of here) {
        if (a.unit.item_id === b.unit.item_id && a.unit.item_id !== null) continue
        if (serves.has(a.unit.key) && serves.has(b.unit.key)) {
          // Gear goes up before what comes down is hung again.
          if (a.to < b.from) add(a.unit, b.unit)
          continue
        }
        // Gear set up serves its own; what is hung again waits for all that is done there.
        if (serves.has(a.unit.key) || (serves.has(b.unit.key) && b.unit.segments[0]!.step === 'set-up'))
          continue
        if (a.to < b.from && meet(a.unit.extent, b.unit.extent)) add(a.unit, b.unit)
      }
    }
  }
  for (const { item, key, side, extent } of others) {
    const last = lastRank(item)
    for (const { unit, from } of ranked) {
      if (unit.side === side && from > last && meet(unit.extent, extent)) {
        links.push({ before: key, after: unit.key, wait: null })
      }
    }
  }

  const setUp = of.get('job/set-up')
  const clear = of.get('job/clear')
  const first = of.get('job/make-safe')
  for (const unit of units) {
    if (unit === setUp || unit === clear || unit === first) continue
    const isSafety = unit.segments[0]!.step === 'make-safe'
    // What could leak tonight is closed before anything is set up.
    if (setUp && isSafety) add(unit, setUp)
    else if (setUp) add(setUp, unit)
    if (first) add(first, unit)
    if (clear) add(unit, clear)
  }
  if (setUp && clear) add(setUp, clear)
  return [...new Map(links.map((link) => [`${link.before}>${link.after}`, link])).values()]
}
