import type { HowKnown } from '../../src/core/job'
import type { CauseId, SignId } from '../../src/core/trace'
import type { Chance } from './chance'
import { howOf, type Found, type Noted } from './look'
import { saysAbsent, type Walker } from './walker'
import type { Fault, Spot, World } from './world'

type Seen = { readonly sign: SignId; readonly how: HowKnown; readonly present: boolean }
type Of = {
  readonly walker: Walker
  /** What the walker says he did not find is drawn by itself, so that the same house shows every walker the same. */
  readonly absent: Chance
  readonly found: Found
  readonly noted: readonly Noted[]
  readonly world: World
  readonly chance: Chance
  readonly isSeen: (spot: Spot) => boolean
}

/** Writes signs down as somebody would who looks, mostly: each true one with a chance to be seen, false ones now and then. */
class Notebook {
  readonly signs = new Map<SignId, Omit<Seen, 'sign'>>()
  constructor(
    private readonly of: Of,
    private readonly how: HowKnown,
  ) {}
  /** Seen with a chance when it is so; `wrongly` when it is not. A look from a ladder sees less than a hand. */
  see(sign: SignId, isSo: boolean, seen: number, wrongly = 0): void {
    const { chance, walker, absent } = this.of
    const share = this.how === 'touched' ? 1 : 0.8
    if (chance.yes(isSo ? seen * share : wrongly * walker.slips))
      this.signs.set(sign, { how: this.how, present: true })
    else if (absent.yes(saysAbsent(walker, sign, isSo)))
      this.signs.set(sign, { how: this.how, present: false })
  }
  list(): Seen[] {
    return [...this.signs].map(([sign, each]) => ({ sign, ...each }))
  }
}

const soft = (spots: readonly Noted[]): boolean => spots.some((each) => each.noted >= 2)
const bad = (spots: readonly Noted[]): boolean => spots.some((each) => each.noted >= 1)
const hard = (spots: readonly Noted[]): boolean =>
  spots.length > 0 && spots.every((each) => each.seen && each.noted === 0)

function faultNear(world: World, cause: CauseId, spot: Spot, within_in: number): Fault | undefined {
  return world.faults.find(
    (fault) =>
      fault.cause === cause &&
      (fault.side === null ||
        (fault.side === spot.side &&
          fault.left - within_in <= spot.right &&
          fault.right + within_in >= spot.left)),
  )
}

/** At an opening: its head, its legs, its sill, and how it stands to its like. */
function atOpening({ found, noted, world, isSeen }: Of, book: Notebook): void {
  const { spot } = found.spots[0]!
  const id = spot.feature!
  const state = world.openings[id]
  if (!state) return
  const here = noted.filter((each) => each.spot.feature === id)
  const part = (component: string, name?: string): Noted[] =>
    here.filter(
      (each) => each.spot.component === component && (name === undefined || each.spot.part === name),
    )
  const head = part('head-casing')
  const legTops = part('side-casing', 'top')
  const legFeet = [...part('side-casing', 'foot'), ...part('jamb-foot', 'foot')]
  const sill = part('window-sill')
  if (head.some((each) => isSeen(each.spot))) {
    const close = spot.component === 'head-casing' ? 1 : 0.75
    book.see('no-metal-at-casing-top', state.head === 'none', 0.88 * close, 0.02)
    book.see('metal-stops-short', state.head === 'short', 0.75 * close, 0.02)
    book.see('no-end-dams', state.head === 'short', 0.5 * close, 0.08)
    book.see('metal-past-casing-with-dams', state.head === 'good', 0.45 * close)
    book.see('metal-tucked-at-head', state.head === 'good', 0.2 * close)
    book.see(
      'several-openings-same-fault',
      Object.values(world.openings).filter((each) => each.head !== 'good').length > 3 &&
        state.head !== 'good',
      0.5,
    )
    const corners = head.filter((each) => each.spot.part !== 'middle')
    const middle = head.filter((each) => each.spot.part === 'middle')
    book.see(
      'head-and-both-legs-soft',
      soft(middle) && corners.every((each) => each.noted >= 1) && legTops.every((each) => each.noted >= 1),
      0.85,
    )
    book.see('middle-of-head-soft', soft(middle), 0.6)
    book.see('rot-at-head-corner-only', soft(corners) && hard(middle), 0.85)
    book.see('head-hard-and-dry', hard(head), 0.7)
  }
  book.see('legs-soft-from-top', soft(legTops) && !soft(legFeet), 0.75)
  book.see('jamb-soft-above-mid', soft(legTops), 0.4)
  book.see('sill-and-lower-jamb-only', soft(sill) && hard(head) && !bad(legTops), 0.6)
  const below = noted.filter(
    (each) =>
      each.spot.inside !== null &&
      each.spot.side === spot.side &&
      each.spot.inside < 40 &&
      each.spot.left <= spot.right + 14 &&
      each.spot.right >= spot.left - 14,
  )
  book.see('framing-below-soft-head-dry', soft(below) && hard(head) && bad(sill), 0.7)
  book.see('corner-key-open', !state.pan, 0.6, 0.05)
  if (state.storm) {
    book.see('weeps-painted-shut', state.weepsShut, 0.85, 0.03)
    book.see('sill-wet-behind-storm', state.weepsShut, 0.45, 0.03)
    book.see('weeps-open', !state.weepsShut, 0.5)
  } else book.see('no-storm-sash', true, 0.3)
  if (spot.component === 'window-sill') {
    book.see('sill-flat-or-back-sloped', !state.slope, 0.8, 0.03)
    book.see('detail-right', state.slope && state.pan && !state.weepsShut, 0.4)
    const others = noted.filter((each) => each.spot.component === 'window-sill' && each.seen)
    const share = others.filter((each) => each.noted >= 1).length / Math.max(1, others.length)
    book.see('decay-same-on-all-alike', others.length >= 12 && share >= 0.7, 0.75)
    book.see('one-of-many-alike', others.length >= 12 && share <= 0.25, 0.65)
  }
}

/** Everywhere on the outside: film, age, joints. */
function atTrim({ found, world }: Of, book: Notebook): void {
  const { spot } = found.spots[0]!
  if (spot.inside !== null) return
  const joint = world.faults.find((fault) => fault.cause === 'joint-open' && fault.wets(spot) > 0)
  book.see('open-joint', joint !== undefined, 0.85, 0.18)
  book.see('soft-near-joint', joint !== undefined, 0.75, 0.06)
  book.see('dark-both-sides-of-joint', joint !== undefined, 0.5, 0.06)
  book.see('joint-sound', joint === undefined, 0.3)
  book.see('damage-12-in-from-joint', joint === undefined, 0.25)
  book.see('chalk-cracks-bare-spots', world.coated > 7, 0.5, 0.06)
  book.see('primer-gone', world.coated > 10, 0.35, 0.02)
  book.see('finish-sound-under-5-years', world.coated < 5, 0.4)
  book.see('age-past-usual-life', 2026 - world.built > 25, 0.3)
  book.see(
    'grade-1-or-less',
    found.spots.every((each) => each.noted <= 1),
    0.5,
  )
  book.see('horizontal-in-rain', spot.exposed >= 0.3, 0.4)
  if (spot.component === 'deck-board') book.see('decay-same-on-all-alike', found.spots.length >= 3, 0.6)
}

function atRoofEdge({ found, noted, world }: Of, book: Notebook): void {
  const { spot } = found.spots[0]!
  if (spot.component !== 'fascia' && spot.component !== 'soffit' && spot.component !== 'roof-deck') return
  const spans = found.spots.map((each) => each.spot)
  const drip = faultNear(world, 'no-drip-edge', spot, 0)
  const near = (cause: CauseId): boolean =>
    spans.some((each) => faultNear(world, cause, each, 12) !== undefined)
  const overflow = near('gutter-overflow')
  const hung = near('gutter-mis-hung')
  const run = noted.filter((each) => each.spot.component === 'fascia' && each.spot.side === spot.side)
  book.see('no-metal-under-first-shingle', drip !== undefined, 0.6, 0.02)
  book.see('drip-edge-present', drip === undefined, 0.5)
  book.see(
    'deck-edge-soft-along-run',
    drip !== undefined && run.filter((each) => each.noted >= 1).length >= 0.7 * run.length,
    0.8,
  )
  book.see('wash-marks-behind-gutter', overflow, 0.75, 0.03)
  book.see('debris-at-gutter-lip', overflow, 0.5, 0.12)
  book.see('standing-water-in-gutter', hung, 0.65, 0.03)
  book.see('gutter-back-fall', hung, 0.5, 0.02)
  book.see('hangers-pulled', hung, 0.5, 0.04)
  if (world.gutter[spot.side]) {
    book.see('gutter-dry-behind-rot', !overflow && !hung, 0.4)
    book.see('gutter-falls-right', !hung, 0.35)
  } else book.see('decay-where-no-gutter-hangs', true, 0.4)
  book.see('fascia-back-dry-after-storm', !overflow && !hung, 0.15)
}

function atBase({ found, noted, world }: Of, book: Notebook): void {
  const { spot } = found.spots[0]!
  if (
    spot.bottom > 45 ||
    !['base-course', 'corner-board', 'mudsill', 'jamb-foot', 'deck-post', 'lap-siding'].includes(
      spot.component,
    )
  )
    return
  const at = (cause: CauseId, within: number): boolean =>
    found.spots.some((each) => faultNear(world, cause, each.spot, within) !== undefined)
  const splash = at('splash-back', 0)
  book.see('dirt-specks-to-18-in', splash, 0.8, 0.05)
  book.see('fades-upward', splash, 0.6, 0.06)
  book.see('hard-ground-below', world.hardGround[spot.side]!, 0.7)
  book.see('planted-bed-below', !world.hardGround[spot.side]! && !splash, 0.3)
  book.see('no-gutter-above', !world.gutter[spot.side]! && world.sides[spot.side]!.roof_edge === 'eave', 0.6)
  book.see('wide-eave-and-gutter', world.gutter[spot.side]! && world.overhang > 14, 0.5)
  const soil = at('soil-on-wood', 0)
  book.see('bottom-covered-by-soil', soil, 0.9, 0.02)
  book.see('soft-only-where-covered', soil, 0.7, 0.02)
  book.see('six-inches-clear', !soil, 0.5)
  const leader = at('leader-at-wall', 48)
  const anyLeader = world.features.some(
    (each) =>
      each.kind === 'leader' &&
      each.side_id === world.sides[spot.side]!.id &&
      Math.abs(each.station / 64 - spot.left) < 60,
  )
  book.see('erosion-at-outlet', leader, 0.7, 0.01)
  book.see('short-or-missing-elbow', leader, 0.6, 0.02)
  book.see('base-rot-within-4-ft-of-outlet', leader, 0.8)
  if (anyLeader) book.see('discharge-4-ft-away', !leader, 0.5)
  book.see('splash-trench-below', at('gutter-overflow', 0), 0.5, 0.03)
  const spray = at('sprinkler', 0)
  book.see('mineral-arc', spray, 0.7, 0.02)
  book.see('head-aimed-at-wall', spray, 0.5, 0.02)
  book.see('wet-in-dry-season', spray, 0.3, 0.02)
  book.see('no-irrigation', !world.irrigated, 0.35)
  const side = noted.filter(
    (each) => each.spot.component === 'base-course' && each.spot.side === spot.side && each.seen,
  )
  book.see('rot-all-sides', side.length > 0 && side.every((each) => each.noted >= 1) && !soil && !leader, 0.2)
}

function atCorner({ found, world }: Of, book: Notebook): void {
  const { spot } = found.spots[0]!
  if (spot.component !== 'corner-board' && spot.component !== 'jamb-foot') return
  const foot = world.faults.some(
    (fault) => fault.cause === 'end-grain-joint' && fault.wets({ ...spot, part: 'foot' }) > 0,
  )
  book.see('foot-end-grain-on-hard-surface', foot, 0.6, 0.05)
  book.see('foot-soft-above-hard', foot && found.spots.every((each) => each.spot.part === 'foot'), 0.7, 0.04)
  book.see('end-grain-grey-unprimed', foot, 0.4, 0.05)
  const back = world.faults.some(
    (fault) => fault.cause === 'back-never-primed' && fault.wets({ ...spot, part: 'middle' }) > 0,
  )
  book.see('back-or-edge-bare', back, 0.45, 0.01)
  book.see('cupped-paint-lost-at-edge', back, 0.7, 0.06)
}

function atAttached({ found, noted, world }: Of, book: Notebook): void {
  const { spot } = found.spots[0]!
  const kick = faultNear(world, 'kick-out-missing', spot, 26)
  if (spot.member.includes(':end:')) {
    book.see('roof-ends-on-wall-no-diverter', kick !== undefined, 0.85, 0.03)
    book.see('fan-stain-below-roof-end', kick !== undefined, 0.6, 0.03)
    book.see('soft-below-roof-end', kick !== undefined && soft(found.spots), 0.8)
    book.see('diverter-there-dry-below', kick === undefined, 0.4)
  }
  if (spot.member.endsWith(':face')) {
    const cover = faultNear(world, 'chase-cover', spot, 0) !== undefined
    book.see('rust-or-holes-on-cover', cover, 0.6, 0.03)
    book.see('flat-cover-ponds', cover, 0.4, 0.05)
    book.see('chase-rot-worst-at-top', cover && found.spots[0]!.spot.part === 'top', 0.7)
    book.see('cover-sound-and-sloped', !cover, 0.4)
  }
  if (spot.member.startsWith('penetration')) {
    const hole = faultNear(world, 'penetration-unflashed', spot, 0) !== undefined
    book.see('soft-at-or-below-hole', hole && soft(found.spots), 0.8, 0.05)
    book.see('no-block-or-hood', hole, 0.7, 0.06)
    book.see('sealed-with-block-dry', !hole, 0.4)
  }
  if (['ledger', 'rim-joist', 'mudsill'].includes(spot.component)) {
    const ledger = faultNear(world, 'ledger-unflashed', spot, 0) !== undefined
    const rim = noted.filter((each) => each.spot.component === 'rim-joist' && each.spot.side === spot.side)
    book.see('no-metal-at-ledger', ledger, 0.8, 0.01)
    book.see('rim-wet-along-length', rim.length > 1 && rim.every((each) => each.noted >= 1), 0.6)
    book.see('stain-below-ledger', ledger, 0.5, 0.02)
    if (spot.component !== 'mudsill') book.see('cap-flashing-dry', !ledger, 0.3)
  }
  if (['threshold', 'jamb-foot', 'subfloor', 'rim-joist', 'joist'].includes(spot.component)) {
    const door = faultNear(world, 'door-threshold', spot, 8) !== undefined && (spot.inside ?? 0) < 30
    book.see('landing-flush', door, 0.4, 0.04)
    book.see('sweep-worn', door, 0.35, 0.1)
    const centre = noted.filter((each) => each.spot.part === 'centre' && each.spot.side === spot.side)
    book.see('sill-centre-subfloor-soft', door && soft(centre), 0.8)
    if (spot.component === 'rim-joist')
      book.see('only-door-width-soft', door && found.spots.length === 1, 0.6)
    if (spot.component === 'jamb-foot') book.see('only-jamb-feet-soft', !door && hard(centre), 0.4)
  }
}

function below({ found, noted, world }: Of, book: Notebook): void {
  const { spot } = found.spots[0]!
  if (spot.inside === null || spot.component === 'roof-deck') return
  const bays = noted.filter((each) => each.spot.part === 'bay' && each.seen)
  const share = bays.filter((each) => each.noted >= 1).length / Math.max(1, bays.length)
  const vapour = world.faults.some((fault) => fault.cause === 'crawl-vapour')
  if (spot.component !== 'mudsill') {
    book.see('every-bay-alike', bays.length > 4 && share >= 0.7, 0.8)
    book.see('one-bay-only', share <= 0.25 && found.spots.length <= 2, 0.6)
    book.see('dry-elsewhere', share <= 0.3, 0.5)
    book.see('ground-bare', vapour, 0.85, 0.12)
    book.see('ground-cover-intact', !vapour, 0.5)
    book.see('subfloor-over-18-in-summer', vapour, 0.5, 0.03)
    const leaks = (cause: CauseId): boolean =>
      world.faults.some(
        (fault) => fault.cause === cause && found.spots.some((each) => fault.wets(each.spot) > 0),
      )
    const pipe = leaks('plumbing-leak')
    const pan = leaks('pan-or-tub-joint')
    book.see('wet-below-fixture', pipe || pan, 0.75, 0.02)
    book.see('meter-dial-moves', pipe, 0.3)
    book.see('independent-of-rain', pipe || pan || vapour, 0.35)
    book.see('tub-joint-open', pan, 0.6, 0.03)
    book.see('wet-only-after-use', pan, 0.5)
    const wall = world.faults.some(
      (fault) =>
        fault.feature !== null &&
        fault.feature.startsWith('window') &&
        found.spots.some((each) => fault.wets(each.spot) > 0),
    )
    book.see('along-one-wall', wall && spot.inside < 40, 0.6, 0.03)
    book.see('only-after-rain', wall, 0.3, 0.02)
  }
  const termites = world.faults.some(
    (fault) =>
      fault.cause === 'subterranean-termites' && found.spots.some((each) => fault.wets(each.spot) > 0),
  )
  book.see('mud-tubes', termites, 0.8)
  book.see('mud-lined-galleries', termites, 0.4)
}

/** The signs somebody writes down at one finding. */
export function signsSeen(of: Of): Seen[] {
  const { spot } = of.found.spots[0]!
  const book = new Notebook(of, howOf(spot))
  if (spot.feature !== null) atOpening(of, book)
  atTrim(of, book)
  atRoofEdge(of, book)
  atBase(of, book)
  atCorner(of, book)
  atAttached(of, book)
  below(of, book)
  return book.list()
}
