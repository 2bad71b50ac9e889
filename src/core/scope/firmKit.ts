import * as z from 'zod'
import { newWorkItem, type EntityOf, type WorkItem } from '../job'
import { OwnLine } from '../job/entities'
import { CentsValue } from '../job/values'

/** Times a kit may be taken at once. */
const MOST_TIMES = 999

/**
 * Work of one's own kept by the firm: what one of it takes, by its name. It is taken into a job as an item of its own, which keeps no
 * tie to it: changing or forgetting a kit changes no bid.
 */
export const FirmKit = z.strictObject({
  name: z.string().trim().min(1).max(200),
  note: z.string().max(4000),
  lines: z.array(OwnLine).max(60),
  /** Typed for one, before anything is added; null: reckoned from the lines, or not for whoever sees no money. */
  price_cents: CentsValue.nullable(),
})
export type FirmKit = z.infer<typeof FirmKit>

/** What an item of one's own is as a kit. Its price is kept where one was typed for it. */
export function kitOf(
  item: Pick<WorkItem, 'name' | 'note' | 'lines'>,
  price: EntityOf['typed_price'] | undefined,
): FirmKit {
  return {
    name: item.name.trim(),
    note: item.note,
    lines: [...item.lines],
    price_cents: price && !price.removed ? price.cents : null,
  }
}

/**
 * An item from a kit taken so many times: hours, goods, boards and price are those of one, that many times.
 *
 * @param of.times a whole number from 1 to 999; anything else is taken as the nearest.
 */
export function itemFromKit(
  kit: FirmKit,
  of: { readonly id: string; readonly times: number; readonly finding_ids: readonly string[] },
): { readonly item: WorkItem; readonly price_cents: number | null } {
  const times = Math.min(MOST_TIMES, Math.max(1, Math.round(of.times)))
  const lines = kit.lines.map((line) => {
    switch (line.kind) {
      case 'hours':
        return { ...line, hours: line.hours * times }
      case 'piece':
        return { ...line, count: Math.min(MOST_TIMES, line.count * times) }
      case 'good':
        return { ...line, quantity: line.quantity * times }
    }
  })
  const item = newWorkItem({
    id: of.id,
    method: 'own-work',
    name: times === 1 ? kit.name : `${kit.name}, ${times} times`,
    note: kit.note,
    lines,
    finding_ids: [...of.finding_ids],
  })
  return { item, price_cents: kit.price_cents === null ? null : kit.price_cents * times }
}

/** A kit for whoever sees no money. */
export const withoutPrice = (kit: FirmKit): FirmKit => ({ ...kit, price_cents: null })
