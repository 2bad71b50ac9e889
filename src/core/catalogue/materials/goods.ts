import { rowsById, type Row } from '../row'

/** What is bought by the package, not cut from a board. Priced by the unit, bought in whole packages once a job. */
export type GoodRow = Row & {
  readonly unit: string
  /** Sizes sold, in units, small to large. */
  readonly packages: readonly number[]
  /** What one is called. */
  readonly packageName: string
  /** Bought and left there, hired by the day, or a trade that comes and is paid for its visit. */
  readonly kind: 'bought' | 'hired' | 'trade'
  /** A sheet of 4 × 8 ft, cut like one. */
  readonly sheet: boolean
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
  kind: GoodRow['kind'] = 'bought',
): GoodRow => ({
  id,
  name,
  source: 'our judgement',
  unit,
  packageName,
  packages,
  starting_usd,
  kind,
  sheet: false,
})
const piece = (id: string, name: string, usd: number): GoodRow => good(id, name, 'piece', 'piece', [1], usd)
const sheet = (id: string, name: string, usd: number): GoodRow => ({ ...piece(id, name, usd), sheet: true })
const hire = (id: string, name: string, usd: number): GoodRow =>
  good(id, name, 'day', 'day', [1], usd, 'hired')
/** Half a visit a place: two places are one trip. */
const trade = (id: string, name: string, usd: number): GoodRow =>
  good(id, name, 'visit', 'visit', [1], usd, 'trade')

export const GOODS: readonly GoodRow[] = [
  good('fasteners', 'Fasteners, ring-shank', 'lb', 'box', [1, 5, 10], 9),
  good('primer', 'Primer', 'gal', 'can', [0.25, 1, 5], 38),
  good('paint', 'Paint', 'gal', 'can', [0.25, 1, 5], 52),
  good('sealant', 'Sealant', 'cartridge', 'cartridge', [1], 8.5),
  good('head-cap', 'Head cap metal', 'ft', 'length', [10], 3.2),
  good('membrane', 'Membrane flashing', 'ft', 'roll', [33, 75], 1.1),
  hire('lift-day', 'Lift, hired', 380),
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
  // Sheets and what they are set with.
  sheet('sheathing-sheet', 'Sheathing sheet, 4 × 8', 32),
  sheet('subfloor-sheet', 'Subfloor sheet, 4 × 8', 48),
  sheet('panel-sheet', 'Panel siding sheet, 4 × 8', 58),
  sheet('soffit-sheet', 'Soffit panel sheet, 4 × 8', 42),
  good('adhesive', 'Construction adhesive', 'tube', 'tube', [1], 9),
  good('structural-screws', 'Structural screws', 'piece', 'box', [50], 1.1),
  good('roofing', 'Shingles to tie in', 'ft²', 'bundle', [33], 1.3),
  // Openings.
  good('epoxy', 'Epoxy filler and consolidant', 'pint', 'set', [2], 26),
  good('filler', 'Wood filler', 'pint', 'tin', [1], 14),
  good('glass', 'Glass, cut to size', 'ft²', 'ft²', [1], 16),
  piece('storm-sash', 'Storm sash, made to measure', 190),
  piece('door-slab', 'Door slab', 340),
  piece('door-unit', 'Door unit, pre-hung', 680),
  piece('storm-door', 'Storm door', 320),
  piece('window-unit', 'Window unit', 520),
  good('shutter', 'Shutters', 'pair', 'pair', [1], 170),
  piece('wall-vent', 'Vent for the wall, screened', 95),
  good('screen-mesh', 'Screen mesh', 'ft²', 'roll', [25, 100], 0.9),
  // Cladding.
  good('shingle', 'Shingles or shakes', 'piece', 'bundle', [90], 0.85),
  good('lath', 'Lath and paper', 'ft²', 'sheet', [17], 0.9),
  good('mortar', 'Mortar', 'bag', 'bag', [1], 14),
  piece('brick', 'Brick to match', 1.6),
  // Structure.
  piece('joist-hanger', 'Joist hanger', 5),
  piece('connector', 'Framing connector', 9),
  piece('post-cap', 'Post cap', 26),
  piece('lateral-tie', 'Lateral tie', 32),
  piece('framing-tie', 'Framing tie', 2.2),
  good('anchor', 'Sill anchor', 'piece', 'piece', [1], 6),
  good('concrete', 'Concrete, 80 lb', 'bag', 'bag', [1], 7),
  good('form-tube', 'Form tube', 'ft', 'length', [4], 4),
  good('guard-kit', 'Guard: rails and balusters', 'ft', 'section', [6, 8], 22),
  piece('porch-column', 'Porch column', 380),
  good('borate', 'Borate', 'gal', 'jug', [1], 95),
  good('shims', 'Shims', 'pair', 'pack', [12], 0.9),
  piece('jack-post', 'Screw-jack post', 62),
  // Floors and ground.
  good('insulation', 'Floor insulation', 'ft²', 'bag', [80], 1.05),
  good('liner', 'Liner', 'ft²', 'roll', [1000], 0.42),
  piece('crawl-vent', 'Crawl space vent, screened', 26),
  good('filter-fabric', 'Filter fabric', 'ft²', 'roll', [300], 0.22),
  piece('sump-pump', 'Sump basin and pump', 360),
  good('gutter-guard', 'Gutter guard', 'ft', 'length', [4], 3.2),
  // Slabs, walls, supports.
  good('grout', 'Non-shrink grout', 'bag', 'bag', [1], 24),
  good('rust-coat', 'Coat for bare steel', 'quart', 'can', [1], 28),
  good('crack-resin', 'Resin and ports for a crack of 8 ft', 'kit', 'kit', [1], 82),
  piece('wall-strap', 'Wall strap and its resin', 210),
  piece('wall-brace', 'Steel brace', 290),
  piece('wall-anchor', 'Wall anchor: plates and rod', 430),
  piece('driven-pier', 'Driven pier with bracket', 690),
  piece('home-block', 'Block for a pier', 3.4),
  piece('home-pad', 'Pad under a pier', 34),
  good('skirting', 'Skirting', 'ft', 'panel', [12], 9),
  piece('tie-strap', 'Tie strap', 38),
  // Coats and holds.
  good('stain', 'Stain', 'gal', 'can', [1, 5], 48),
  good('deck-coat', 'Deck coating', 'gal', 'can', [1, 5], 52),
  good('wash', 'Cleaner for mildew', 'gal', 'jug', [1], 14),
  good('tarp', 'Tarp or wrap, with battens', 'ft²', 'sheet', [96], 0.2),
  hire('drier-day', 'Drier, hired', 48),
  hire('trench-day', 'Trencher, hired', 210),
  // Trades that come for it: what one visit costs, at least.
  trade('electrician-visit', 'Electrician’s visit', 230),
  trade('plumber-visit', 'Plumber’s visit', 220),
  trade('engineer-visit', 'Engineer’s visit and letter', 650),
  trade('roofer-visit', 'Roofer’s visit', 280),
  trade('pest-visit', 'Pest control’s visit and report', 190),
  trade('specialist-visit', 'Specialist’s visit', 480),
  trade('inspector-visit', 'Permit and inspection', 260),
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
