import { rowsById, type Row } from '../row'

/** What is bought by the package, not cut from a board. Priced by the unit, bought in whole packages once a job. */
export type GoodRow = Row & {
  readonly unit: string
  /** Sizes sold, in units, small to large. */
  readonly packages: readonly number[]
  /** What one is called. */
  readonly packageName: string
  /** What a new firm starts from, dollars a unit. */
  readonly starting_usd: number
}

const good = (
  id: string,
  name: string,
  unit: string,
  packageName: string,
  packages: readonly number[],
  starting_usd: number,
): GoodRow => ({ id, name, source: 'our judgement', unit, packageName, packages, starting_usd })

export const GOODS: readonly GoodRow[] = [
  good('fasteners', 'Fasteners, ring-shank', 'lb', 'box', [1, 5, 10], 9),
  good('primer', 'Primer', 'gal', 'can', [0.25, 1, 5], 38),
  good('paint', 'Paint', 'gal', 'can', [0.25, 1, 5], 52),
  good('sealant', 'Sealant', 'cartridge', 'cartridge', [1], 8.5),
  good('head-cap', 'Head cap metal', 'ft', 'length', [10], 3.2),
  good('membrane', 'Membrane flashing', 'ft', 'roll', [33, 75], 1.1),
  good('lift-day', 'Lift, hired', 'day', 'day', [1], 380),
  good('gutter', 'Gutter', 'ft', 'length', [10], 2.6),
  good('gutter-hanger', 'Gutter hanger', 'piece', 'piece', [1], 2.2),
  good('downspout', 'Downspout', 'ft', 'length', [10], 2.4),
  good('outlet', 'Gutter outlet', 'piece', 'piece', [1], 7),
  good('drip-edge', 'Drip edge', 'ft', 'length', [10], 1.4),
  good('flashing', 'Flashing metal', 'ft', 'length', [10], 2.8),
  good('step-flashing', 'Step flashing', 'piece', 'bundle', [25], 1.1),
  good('kick-out', 'Kick-out', 'piece', 'piece', [1], 18),
  good('pipe-collar', 'Pipe collar', 'piece', 'piece', [1], 26),
  good('chase-cover', 'Chase cover, made to measure', 'piece', 'piece', [1], 260),
  good('weep-screed', 'Weep screed', 'ft', 'length', [10], 2.1),
  good('stucco-mix', 'Stucco mix', 'bag', 'bag', [1], 17),
  good('house-wrap', 'House wrap', 'ft²', 'roll', [900], 0.18),
  good('furring', 'Furring strip', 'ft', 'length', [8], 0.7),
  good('soil', 'Fill soil', 'yd³', 'yard', [1], 38),
  good('stone', 'Washed stone', 'yd³', 'yard', [1], 62),
  good('ground-cover', 'Ground cover, 6 mil', 'ft²', 'roll', [1000], 0.11),
  good('seam-tape', 'Seam tape', 'roll', 'roll', [1], 19),
  good('post-base', 'Post base', 'piece', 'piece', [1], 24),
  good('drain-pipe', 'Drain pipe', 'ft', 'length', [10], 2.1),
  good('pipe-wrap', 'Pipe wrap', 'ft', 'length', [6], 1.3),
  good('duct', 'Duct', 'ft', 'length', [5], 4.2),
  good('vent-hood', 'Vent hood', 'piece', 'piece', [1], 28),
]
const ROWS = rowsById(GOODS)

export function goodOf(id: string): GoodRow | null {
  return ROWS.get(id) ?? null
}
export function goodName(id: string): string {
  return ROWS.get(id)?.name ?? `unknown goods (${id})`
}

/** Packages that hold a quantity with the least left over; of equal ones the fewest. */
export type Packages = {
  readonly bought: number
  readonly count: readonly { readonly size: number; readonly count: number }[]
}

/**
 * Whole packages for a quantity.
 *
 * Exact for one or two sizes that do not divide each other, and for any sizes that do. Nothing is bought for nothing.
 *
 * @example
 * packagesFor(1.3, [0.25, 1, 5]).bought // => 1.5
 * packagesFor(70, [33, 75]).bought // => 75
 */
export function packagesFor(quantity: number, sizes: readonly number[]): Packages {
  if (quantity <= 1e-9) return { bought: 0, count: [] }
  const small = Math.min(...sizes)
  const nested = sizes.every((size) => Math.abs(size / small - Math.round(size / small)) < 1e-9)
  const fill = (need: number): { size: number; count: number }[] => {
    let left = Math.ceil(need / small - 1e-9) * small
    return [...sizes]
      .sort((a, b) => b - a)
      .flatMap((size) => {
        const count = Math.floor(left / size + 1e-9)
        left -= count * size
        return count > 0 ? [{ size, count }] : []
      })
  }
  const total = (count: readonly { size: number; count: number }[]): number =>
    count.reduce((sum, each) => sum + each.size * each.count, 0)
  if (nested) {
    const count = fill(quantity)
    return { bought: total(count), count }
  }
  const large = Math.max(...sizes)
  let best: Packages | null = null
  for (let n = 0; n <= Math.ceil(quantity / large); n += 1) {
    const rest = Math.max(0, quantity - n * large)
    const few = Math.ceil(rest / small - 1e-9)
    const count = [
      ...(n > 0 ? [{ size: large, count: n }] : []),
      ...(few > 0 ? [{ size: small, count: few }] : []),
    ]
    const bought = total(count)
    if (best === null || bought < best.bought - 1e-9) best = { bought, count }
  }
  return best!
}
