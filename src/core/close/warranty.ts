import { UPKEEP, type UpkeepRow } from '../catalogue/upkeep/upkeep'
import { rowsOf } from '../firmValues/rows'
import type { JobDocument } from '../job'
import { dayAfter } from '../measure/days'
import type { ScopeItem } from '../scope'

/** The day so many months after another; the last of the month where that month has no such day. */
export function monthsAfter(day: string, months: number): string {
  const [year = 0, month = 1, date = 1] = day.split('-').map(Number)
  const first = new Date(Date.UTC(year, month - 1 + months, 1))
  const last = new Date(Date.UTC(first.getUTCFullYear(), first.getUTCMonth() + 1, 0)).getUTCDate()
  first.setUTCDate(Math.min(date, last))
  return first.toISOString().slice(0, 10)
}

/** What a firm stands for on one piece of work. Statute prevails. */
export type ItemWarranty = {
  readonly item_id: string
  readonly words: string
  /** Last day of it, at least and at most as the words go; null: none, or nobody said how long it is. */
  readonly until: { readonly least: string; readonly most: string } | null
}

/** The warranty of an item from the day its work was handed over. */
export function warrantyOf(
  item: Pick<ScopeItem, 'id' | 'warranty'>,
  settings: JobDocument['settings'],
  from: string,
): ItemWarranty {
  const rows = rowsOf(settings)
  const months = rows.warranty_months(item.warranty)
  return {
    item_id: item.id,
    words: rows.warranty(item.warranty),
    until:
      months === null || months[1] === 0
        ? null
        : {
            least: dayAfter(monthsAfter(from, months[0]), -1),
            most: dayAfter(monthsAfter(from, months[1]), -1),
          },
  }
}

/** How a claim of a day lies to a warranty. */
export type ClaimFits = 'inside' | 'perhaps' | 'outside' | 'not-said'

/** Inside: whatever the words are read to mean. Perhaps: they leave it open. Not said: nobody said how long it is, or none was given. */
export function claimFits({ until }: ItemWarranty, on: string): ClaimFits {
  if (until === null) return 'not-said'
  if (on <= until.least) return 'inside'
  return on <= until.most ? 'perhaps' : 'outside'
}

/** What an owner does so that the work lasts: what, when first, and how often. */
export type Upkeep = {
  readonly id: string
  readonly name: string
  readonly plain: string
  readonly first: string
  readonly every_months: number
  /** Items it keeps. */
  readonly item_ids: readonly string[]
}

/** Nothing needs looking after within so many months of the work; what is seldom done again not until its time comes round. */
const FIRST_AFTER_MONTHS = 2

function firstOf({ month, every_months }: UpkeepRow, from: string): string {
  if (month === null) return monthsAfter(from, every_months)
  const soonest = monthsAfter(from, Math.max(FIRST_AFTER_MONTHS, every_months - 10))
  // Of what is done several times a year the nearest of its months.
  for (let ahead = 0; ; ahead += 1) {
    const day = `${monthsAfter(`${soonest.slice(0, 7)}-01`, ahead).slice(0, 7)}-01`
    const isIts = (Number(day.slice(5, 7)) - month + 120) % every_months === 0
    if (day >= soonest && isIts) return day
  }
}

/** Upkeep of the work that was done, from the day it was handed over, in the order of the catalogue. */
export function upkeepOf(
  items: readonly Pick<ScopeItem, 'id' | 'method'>[],
  from: string,
): readonly Upkeep[] {
  return UPKEEP.flatMap((row) => {
    const mine = items.filter(({ method }) => row.methods.includes(method))
    if (mine.length === 0) return []
    const { id, name, plain, every_months } = row
    return [
      { id, name, plain, every_months, first: firstOf(row, from), item_ids: mine.map((each) => each.id) },
    ]
  })
}

/** Looks that a firm offers after the work. Source: common practice. */
export function offeredLooks(
  items: readonly Pick<ScopeItem, 'id' | 'method'>[],
  from: string,
): readonly { readonly what: string; readonly due: string; readonly item_id: string | null }[] {
  const moves = items.filter(({ method }) => MOVES.has(method))
  return [
    ...moves.map(({ id }) => ({
      what: 'Measure again whether it has moved',
      due: monthsAfter(from, 3),
      item_id: id,
    })),
    { what: 'Look at all of it before the first year is over', due: monthsAfter(from, 11), item_id: null },
  ]
}
const MOVES: ReadonlySet<string> = new Set(UPKEEP.find(({ id }) => id === 'movement-marked')?.methods ?? [])
