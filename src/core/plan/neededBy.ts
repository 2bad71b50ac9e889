import { goodOf, materialName } from '../catalogue'
import { formatLength } from '../measure'
import type { Takeoff } from '../takeoff'
import type { JobPlan } from './jobPlan'

/** What has to lie there on a morning, in lines as one would say them. */
export type NeededBy = {
  readonly day: string
  readonly pieces: readonly string[]
  readonly goods: readonly string[]
  /** Hired or called for that day. */
  readonly hired: readonly string[]
}

/** What is little is not nothing. */
const shown = (n: number): string =>
  n < 0.1 ? String(Math.max(0.01, Math.round(n * 100) / 100)) : String(Math.round(n * 10) / 10)

/** Pieces and goods by the first day of the item that takes them, so that each is bought when it is needed and not before. */
export function neededBy(plan: JobPlan, takeoff: Takeoff): NeededBy[] {
  const first = new Map<string, string>()
  for (const { item_id, first: day, done } of plan.units) {
    if (item_id === null || done) continue
    const held = first.get(item_id)
    if (held === undefined || day < held) first.set(item_id, day)
  }
  const days = new Map<string, { pieces: Map<string, number>; goods: Map<string, number> }>()
  for (const taken of takeoff.items) {
    const day = first.get(taken.item_id)
    if (day === undefined) continue
    const held = days.get(day) ?? { pieces: new Map<string, number>(), goods: new Map<string, number>() }
    days.set(day, held)
    for (const { section, material, length, count } of taken.pieces) {
      const line =
        `${formatLength(length)} ${section === 'lap' ? 'lap siding' : section} ${materialName(material)}`.trim()
      held.pieces.set(line, (held.pieces.get(line) ?? 0) + count)
    }
    for (const { id, quantity } of taken.consumables) held.goods.set(id, (held.goods.get(id) ?? 0) + quantity)
  }
  return [...days]
    .toSorted(([a], [b]) => a.localeCompare(b))
    .map(([day, { pieces, goods }]) => {
      const line = ([id, quantity]: [string, number]): string => {
        const row = goodOf(id)
        return `${shown(quantity)} ${row?.unit ?? ''} ${row?.name ?? id}`.replace(/\s+/g, ' ')
      }
      const kinds = [...goods]
      return {
        day,
        pieces: [...pieces].map(([what, count]) => `${count} × ${what}`),
        goods: kinds.filter(([id]) => (goodOf(id)?.kind ?? 'bought') === 'bought').map(line),
        hired: kinds.filter(([id]) => (goodOf(id)?.kind ?? 'bought') !== 'bought').map(line),
      }
    })
    .filter(({ pieces, goods, hired }) => pieces.length + goods.length + hired.length > 0)
}
