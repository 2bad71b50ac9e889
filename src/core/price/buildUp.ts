import type { Figure } from '../explain/figure'
import type { Cents } from '../measure'
import { centsOf, sumOf } from './cost'
import type { PriceLine } from './priceJob'

/** What a line is made of: the parts of its direct cost, then what stands on top of it. */
function layersOf({ arithmetic, direct_cents }: PriceLine): readonly Figure[] {
  const [direct, ...above] = arithmetic.parts ?? []
  const below = direct && centsOf(direct) === direct_cents ? (direct.parts ?? []) : []
  return [...below, ...above]
}

/**
 * What several lines are made of together: labour, material and so on, each opening to the lines it comes from, and what was typed by
 * hand beside it. It comes to what the lines are sold for.
 */
export function buildUpOf(lines: readonly PriceLine[], nameOf: (item_id: string) => string): Figure {
  const layers = new Map<string, Figure[]>()
  for (const line of lines) {
    for (const layer of layersOf(line)) {
      const named = { ...layer, label: nameOf(line.item_id) }
      layers.set(layer.label, [...(layers.get(layer.label) ?? []), named])
    }
  }
  const typed = lines.filter(({ gap_cents }) => gap_cents !== 0)
  const parts = [...layers].map(([label, figures]) =>
    sumOf(label, `over ${figures.length} of the items`, figures),
  )
  if (typed.length > 0) {
    const gaps = typed.map(({ item_id, gap_cents }): Figure => {
      return { label: nameOf(item_id), value: gap_cents / 100, unit: 'USD', how: 'typed less computed' }
    })
    parts.push(sumOf('Typed by hand', 'what typed prices lie above or below the computed ones', gaps))
  }
  return sumOf('What it is made of', `${lines.length} items`, parts)
}

/** What of a price is cost, what runs the firm, what is kept back and what is left; of the price before tax. */
export type Made = {
  readonly before_tax_cents: Cents
  readonly direct_cents: Cents
  readonly overhead_cents: Cents
  readonly kept_cents: Cents
  /** Below nothing where the price does not carry it. */
  readonly profit_cents: Cents
}
