import type { ReckonedRows } from '../firmValues/rows'
import { shareCents, toFeet } from '../measure'
import type { ScopeItem } from '../scope'
import type { Pace } from './hours'
import type { WorkedPlace } from './workedPlace'
import type { Debris } from './debris'
import type { Consumable, OwnPiece, Use } from './uses'

/** An item with its places, tasks and goods, before hours are shared. */
export type Drafted = {
  readonly item: ScopeItem
  readonly places: readonly WorkedPlace[]
  readonly uses: readonly Use[]
  readonly goods: readonly Consumable[]
  /** Boards of the recipe's own, beside those of the places. */
  readonly own: readonly OwnPiece[]
  /** Loose, beside the boards that are taken out. */
  readonly debris: Debris
  readonly paint_ft2: number
  readonly lacks: readonly string[]
  readonly includedIn: string | null
}

/** Length covered by stretches of one line, each foot once. */
function covered(stretches: readonly (readonly [from: number, to: number])[]): number {
  let sum = 0
  let end = Number.NEGATIVE_INFINITY
  for (const [from, to] of stretches.toSorted((a, b) => a[0] - b[0])) {
    sum += Math.max(0, to - Math.max(from, end))
    end = Math.max(end, to)
  }
  return sum
}

/** What is done once along a stretch of a side is shared by all items that want it there: each pays its part of the feet covered. */
export function doneOnce(drafts: readonly Drafted[], rows: ReckonedRows): Drafted[] {
  const stretches = new Map<string, (readonly [number, number])[]>()
  const keyOf = ({ task, place }: Use): string | null =>
    rows.task(task).once && place.station !== null ? `${task}/${place.side}` : null
  const asked = new Map<string, number>()
  for (const use of drafts.flatMap((draft) => draft.uses)) {
    const key = keyOf(use)
    if (key === null) continue
    const from = toFeet(use.place.station!)
    stretches.set(key, [...(stretches.get(key) ?? []), [from, from + use.quantity]])
    asked.set(key, (asked.get(key) ?? 0) + use.quantity)
  }
  const share = new Map(
    [...stretches].map(([key, all]) => [key, covered(all) / Math.max(1e-9, asked.get(key)!)] as const),
  )
  return drafts.map((draft) => ({
    ...draft,
    uses: draft.uses.map((use) => {
      const key = keyOf(use)
      return key === null ? use : { ...use, quantity: use.quantity * share.get(key)! }
    }),
  }))
}

/** Set-ups paid once a side or a job, split over the items that use them by their rate hours, to the hundredth and none lost. */
export function sharedSetUps(
  drafts: readonly Drafted[],
  pace: Pace,
  rows: ReckonedRows,
): (item: string, task: string) => number {
  const weights = new Map<string, Map<string, number>>()
  for (const { item, uses } of drafts) {
    for (const use of uses) {
      const task = rows.task(use.task)
      if (task.set_up_per !== 'side' && task.set_up_per !== 'job') continue
      const key = `${use.task}/${task.set_up_per === 'side' ? use.place.side : ''}`
      const byItem = weights.get(key) ?? new Map<string, number>()
      byItem.set(item.id, (byItem.get(item.id) ?? 0) + use.quantity * task[use.rate ?? pace])
      weights.set(key, byItem)
    }
  }
  const paid = new Map<string, number>()
  for (const [key, byItem] of weights) {
    const task = key.slice(0, key.indexOf('/'))
    const shares = shareCents(Math.round(rows.task(task).set_up_h * 100) as never, [...byItem.values()])
    ;[...byItem.keys()].forEach((item, index) => {
      const of = `${item}/${task}`
      paid.set(of, (paid.get(of) ?? 0) + shares[index]! / 100)
    })
  }
  return (item, task) => paid.get(`${item}/${task}`) ?? 0
}
