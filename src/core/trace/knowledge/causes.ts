import type { MethodId } from '../../job'
import type { SignId } from './signs'

/**
 * What a cause is, where its source can sit, how far its water reaches, and which signs speak for and against it.
 *
 * Every ratio is our judgement, a starting value: how much commoner the sign is with this cause than with the other causes
 * of a finding at the same place. A firm may change any of them in its settings.
 */
export type Cause = {
  readonly name: string
  readonly family:
    'null' | 'roof-water' | 'wall-water' | 'ground-water' | 'inside' | 'life' | 'structure' | 'earlier-work'
  /** Where the source sits: on the head or foot of the opening, along the roof edge, at the ledger, at the ground, or where the damage is. */
  readonly seat:
    'none' | 'opening-head' | 'opening-foot' | 'roof-edge' | 'ledger' | 'ground' | 'below' | 'in-place'
  /** How far from its seat damage can lie, inches. Source: our judgement (ways of water). */
  readonly reach_in: { readonly down: number; readonly side: number; readonly up: number }
  readonly supports: readonly { readonly sign: SignId; readonly ratio: number; readonly mechanism?: string }[]
  readonly refutes: readonly { readonly sign: SignId; readonly ratio: number }[]
  /** The source fix in words, and the method of ours that does it; null: no recipe here yet, write it as a note. */
  readonly fix: { readonly words: string; readonly method: MethodId | null } | null
  /** What happens if only the rot is repaired. Our judgement. */
  readonly ifOnlyEffect: string
}

const s = (sign: SignId, ratio: number): { sign: SignId; ratio: number } => ({ sign, ratio })
const NONE = { down: 0, side: 0, up: 0 }

export const CAUSES = {
  'ordinary-exposure': {
    name: 'Ordinary exposure, no source',
    family: 'null',
    seat: 'none',
    reach_in: NONE,
    supports: [
      s('decay-same-on-all-alike', 4),
      s('age-past-usual-life', 3),
      s('detail-right', 3),
      s('horizontal-in-rain', 3),
    ],
    refutes: [s('one-of-many-alike', 0.3), s('under-cover', 0.1), s('deck-edge-soft-along-run', 0.3)],
    fix: null,
    ifOnlyEffect: 'Nothing is lost: there is no source to fix. It wants paint on time.',
  },
  'old-inactive': {
    name: 'Old damage, no longer active',
    family: 'null',
    seat: 'none',
    reach_in: NONE,
    supports: [s('dry-through-wet-season', 6), s('source-already-replaced', 3), s('dust-no-strands', 3)],
    refutes: [s('wet-over-22', 0.1), s('subfloor-over-18-in-summer', 0.1)],
    fix: null,
    ifOnlyEffect: 'Nothing is lost while it stays dry. Read it again in the wet season.',
  },
  'gutter-overflow': {
    name: 'Gutter overflows',
    family: 'roof-water',
    seat: 'roof-edge',
    reach_in: { down: 240, side: 36, up: 3 },
    supports: [s('wash-marks-behind-gutter', 6), s('splash-trench-below', 4), s('debris-at-gutter-lip', 2.5)],
    refutes: [s('gutter-dry-behind-rot', 0.15)],
    fix: { words: 'Clean the gutter, add outlets or a larger gutter', method: null },
    ifOnlyEffect: 'Wet again at the next heavy rain; expect 3 to 6 years, not 12 to 20.',
  },
  'gutter-mis-hung': {
    name: 'Gutter hung without fall',
    family: 'roof-water',
    seat: 'roof-edge',
    reach_in: { down: 12, side: 36, up: 3 },
    supports: [s('standing-water-in-gutter', 5), s('gutter-back-fall', 5), s('hangers-pulled', 4)],
    refutes: [s('gutter-dry-behind-rot', 0.15), s('deck-edge-soft-along-run', 0.5)],
    fix: { words: 'Re-hang the gutter to fall', method: null },
    ifOnlyEffect: 'The new fascia stays wet at the low point; expect 3 to 6 years.',
  },
  'no-drip-edge': {
    name: 'No drip edge',
    family: 'roof-water',
    seat: 'roof-edge',
    reach_in: { down: 8, side: 600, up: 3 },
    supports: [
      s('deck-edge-soft-along-run', 7),
      s('no-metal-under-first-shingle', 4),
      s('gutter-dry-behind-rot', 3),
    ],
    refutes: [s('drip-edge-present', 0.1), s('rot-only-at-joints', 0.3)],
    fix: { words: 'Slide a drip edge under the first shingle along the whole run', method: null },
    ifOnlyEffect: 'Roof water keeps drawing back under the shingle; expect 3 to 6 years.',
  },
  'joint-open': {
    name: 'Sealant joint failed',
    family: 'wall-water',
    seat: 'in-place',
    reach_in: { down: 12, side: 3, up: 0 },
    supports: [
      s('open-joint', 2),
      s('dark-both-sides-of-joint', 3),
      s('soft-near-joint', 4),
      s('bare-joint', 3),
    ],
    refutes: [s('joint-sound', 0.15), s('deck-edge-soft-along-run', 0.2), s('detail-right', 0.4)],
    fix: { words: 'Cut out and renew the sealant', method: 're-seal' },
    ifOnlyEffect: 'Water keeps entering at the joint; expect 1 to 3 years.',
  },
  'back-never-primed': {
    name: 'Back or edge never primed',
    family: 'wall-water',
    seat: 'in-place',
    reach_in: { down: 6, side: 6, up: 6 },
    supports: [s('back-or-edge-bare', 5), s('cupped-paint-lost-at-edge', 3)],
    refutes: [s('primer-all-faces', 0.1), s('one-of-many-alike', 0.4)],
    fix: { words: 'Prime all faces and ends of the new piece', method: 'replace-member' },
    ifOnlyEffect: 'A new board primed on all faces is the fix; the neighbours of the same batch will follow.',
  },
  valley: {
    name: 'Valley water overshoots',
    family: 'roof-water',
    seat: 'roof-edge',
    reach_in: { down: 120, side: 36, up: 0 },
    supports: [s('two-slopes-meet', 4), s('stain-at-valley-foot', 5)],
    refutes: [s('deck-edge-soft-along-run', 0.3)],
    fix: { words: 'Diverter and larger outlet at the valley', method: null },
    ifOnlyEffect: 'The valley keeps emptying on the same spot; expect 3 to 6 years.',
  },
  'head-flashing-absent': {
    name: 'Head flashing absent',
    family: 'wall-water',
    seat: 'opening-head',
    reach_in: { down: 120, side: 12, up: 2 },
    supports: [s('no-metal-at-casing-top', 5), s('head-and-both-legs-soft', 5)],
    refutes: [
      s('metal-tucked-at-head', 0.1),
      s('head-hard-and-dry', 0.15),
      s('framing-below-soft-head-dry', 0.15),
    ],
    fix: { words: 'Head flashing tucked behind the barrier, ends turned up', method: 'head-flashing' },
    ifOnlyEffect: 'Wet again; expect 3 to 6 years, not 15 to 25.',
  },
  'head-flashing-short': {
    name: 'Head flashing short',
    family: 'wall-water',
    seat: 'opening-head',
    reach_in: { down: 120, side: 12, up: 2 },
    supports: [
      s('metal-stops-short', 5),
      s('rot-at-head-corner-only', 5),
      s('legs-soft-from-top', 3),
      s('no-end-dams', 2),
    ],
    refutes: [
      s('middle-of-head-soft', 0.4),
      s('head-hard-and-dry', 0.15),
      s('framing-below-soft-head-dry', 0.15),
    ],
    fix: { words: 'Longer head flashing with end dams', method: 'head-flashing' },
    ifOnlyEffect: 'Wet again; expect 3 to 6 years, not 15 to 25.',
  },
  'pan-or-unit-corner': {
    name: 'Sill pan absent or unit corner leaks',
    family: 'wall-water',
    seat: 'opening-foot',
    reach_in: { down: 72, side: 16, up: 2 },
    supports: [
      s('sill-and-lower-jamb-only', 6),
      s('framing-below-soft-head-dry', 5),
      s('corner-key-open', 4),
    ],
    refutes: [s('decay-same-on-all-alike', 0.3), s('legs-soft-from-top', 0.3)],
    fix: { words: 'Take the unit out, set a pan, put it back', method: null },
    ifOnlyEffect: 'The new sill is wet from below; expect 3 to 6 years.',
  },
  'finish-overdue': {
    name: 'Paint overdue',
    family: 'wall-water',
    seat: 'none',
    reach_in: NONE,
    supports: [s('chalk-cracks-bare-spots', 3), s('uniform-across-sunny-face', 3), s('primer-gone', 2)],
    refutes: [s('finish-sound-under-5-years', 0.1), s('framing-below-soft-head-dry', 0.4)],
    fix: { words: 'Prime and paint', method: 'prime-and-paint' },
    ifOnlyEffect: 'New wood under old paint elsewhere: the neighbours come next.',
  },
  'storm-weeps-shut': {
    name: 'Storm sash traps water',
    family: 'wall-water',
    seat: 'opening-foot',
    reach_in: { down: 12, side: 6, up: 12 },
    supports: [s('weeps-painted-shut', 6), s('sill-wet-behind-storm', 5)],
    refutes: [
      s('weeps-open', 0.15),
      s('framing-below-soft-head-dry', 0.3),
      s('decay-same-on-all-alike', 0.5),
    ],
    fix: { words: 'Open the weeps', method: 're-seal' },
    ifOnlyEffect: 'The new sill stands in water; expect 1 to 3 years.',
  },
  'sill-slope-or-drip': {
    name: 'Sill without slope or drip',
    family: 'wall-water',
    seat: 'opening-foot',
    reach_in: { down: 12, side: 6, up: 2 },
    supports: [s('sill-flat-or-back-sloped', 5)],
    refutes: [s('detail-right', 0.3)],
    fix: { words: 'New sill or nose with slope and drip kerf', method: 'replace-member' },
    ifOnlyEffect: 'A new nose with slope and kerf is the fix.',
  },
  'crawl-vapour': {
    name: 'Ground vapour in the crawl space',
    family: 'inside',
    seat: 'below',
    reach_in: { down: 0, side: 1200, up: 48 },
    supports: [
      s('every-bay-alike', 5),
      s('subfloor-over-18-in-summer', 4),
      s('worse-under-tight-flooring', 3),
      s('ground-bare', 3),
    ],
    refutes: [s('ground-cover-intact', 0.2), s('one-bay-only', 0.1)],
    fix: { words: 'Ground cover, laps sealed, and air', method: null },
    ifOnlyEffect: 'New wood takes up the same damp; expect 5 to 10 years.',
  },
  'plumbing-leak': {
    name: 'Supply or drain leak',
    family: 'inside',
    seat: 'below',
    reach_in: { down: 96, side: 32, up: 2 },
    supports: [s('meter-dial-moves', 10), s('wet-below-fixture', 6), s('dry-elsewhere', 3)],
    refutes: [s('dial-still-dye-clean', 0.08), s('every-bay-alike', 0.1)],
    fix: { words: 'Licensed plumber mends the leak', method: 'refer' },
    ifOnlyEffect: 'Rots again while it leaks.',
  },
  'pan-or-tub-joint': {
    name: 'Shower pan or tub joint leaks',
    family: 'inside',
    seat: 'below',
    reach_in: { down: 96, side: 36, up: 2 },
    supports: [s('wet-only-after-use', 5), s('tub-joint-open', 3)],
    refutes: [s('every-bay-alike', 0.1)],
    fix: { words: 'Re-seal or renew the pan', method: 'refer' },
    ifOnlyEffect: 'Wet again with every bath.',
  },
  'exterior-leak-in': {
    name: 'Outside leak reaching the floor',
    family: 'wall-water',
    seat: 'below',
    reach_in: { down: 72, side: 32, up: 2 },
    supports: [s('along-one-wall', 5)],
    refutes: [s('every-bay-alike', 0.2)],
    fix: { words: 'Mend the wall above first', method: null },
    ifOnlyEffect: 'Wet again from the wall.',
  },
  'grade-slopes-in': {
    name: 'Ground falls towards the house',
    family: 'ground-water',
    seat: 'ground',
    reach_in: { down: 48, side: 240, up: 18 },
    supports: [s('infall-within-6-ft', 3), s('damp-line-on-foundation', 4)],
    refutes: [s('soil-falls-away', 0.15)],
    fix: { words: 'Grade the soil away: 6 in in the first 10 ft (local code governs)', method: null },
    ifOnlyEffect: 'The foot of the wall stays wet.',
  },
  'door-threshold': {
    name: 'Door threshold without a pan',
    family: 'wall-water',
    seat: 'opening-foot',
    reach_in: { down: 24, side: 12, up: 2 },
    supports: [s('sill-centre-subfloor-soft', 6), s('landing-flush', 4)],
    refutes: [s('every-bay-alike', 0.1)],
    fix: { words: 'Door out, pan in, door back', method: null },
    ifOnlyEffect: 'Wet again with wind-driven rain.',
  },
  insects: {
    name: 'Wood-eating insects',
    family: 'life',
    seat: 'in-place',
    reach_in: { down: 24, side: 24, up: 24 },
    supports: [s('mud-tubes', 20), s('frass-or-holes', 10)],
    refutes: [s('every-bay-alike', 0.5)],
    fix: { words: 'Licensed pest control first', method: 'refer' },
    ifOnlyEffect: 'Eaten again while they live.',
  },
  'ledger-unflashed': {
    name: 'Deck ledger not flashed',
    family: 'wall-water',
    seat: 'ledger',
    reach_in: { down: 120, side: 16, up: 4 },
    supports: [
      s('no-metal-at-ledger', 5),
      s('rim-wet-along-length', 5),
      s('sheathing-soft-at-ledger', 5),
      s('stain-below-ledger', 4),
    ],
    refutes: [s('cap-flashing-dry', 0.08)],
    fix: { words: 'Cap flashing under the barrier, membrane, end dams', method: 'refer' },
    ifOnlyEffect: 'The rim goes on rotting where nobody sees it.',
  },
  'ledger-attachment': {
    name: 'Deck ledger not rightly fastened',
    family: 'structure',
    seat: 'ledger',
    reach_in: { down: 12, side: 16, up: 4 },
    supports: [s('ledger-nails-only', 8), s('ledger-gap-over-eighth', 6)],
    refutes: [s('ledger-bolted-dry', 0.1)],
    fix: { words: 'Keep off; shore, then re-fasten or rebuild', method: 'refer' },
    ifOnlyEffect: 'A deck can come away from the wall without warning.',
  },
  'splash-back': {
    name: 'Splash from the ground',
    family: 'ground-water',
    seat: 'ground',
    reach_in: { down: 0, side: 24, up: 24 },
    supports: [
      s('dirt-specks-to-18-in', 6),
      s('fades-upward', 4),
      s('hard-ground-below', 3),
      s('no-gutter-above', 3),
    ],
    refutes: [s('wide-eave-and-gutter', 0.2)],
    fix: { words: 'Gutter above, or stone in place of hard ground', method: null },
    ifOnlyEffect: 'Wet again with every rain; expect half the life.',
  },
  'soil-on-wood': {
    name: 'Soil or mulch against wood',
    family: 'ground-water',
    seat: 'ground',
    reach_in: { down: 24, side: 12, up: 12 },
    supports: [s('bottom-covered-by-soil', 5), s('soft-only-where-covered', 6)],
    refutes: [s('six-inches-clear', 0.05)],
    fix: { words: 'Clear the soil to 6 in below the cladding', method: null },
    ifOnlyEffect: 'Rots again where covered; expect 3 to 5 years.',
  },
  'end-grain-joint': {
    name: 'End grain drinks at a joint',
    family: 'wall-water',
    seat: 'in-place',
    reach_in: { down: 8, side: 4, up: 2 },
    supports: [s('square-butt-joint', 6), s('rot-below-joint', 6)],
    refutes: [s('scarf-with-primer', 0.2)],
    fix: { words: 'One new length, or a bevelled and primed joint', method: 'replace-member' },
    ifOnlyEffect: 'Another square joint fails the same way.',
  },
  'kick-out-missing': {
    name: 'Kick-out flashing missing',
    family: 'roof-water',
    seat: 'in-place',
    reach_in: { down: 144, side: 36, up: 0 },
    supports: [
      s('roof-ends-on-wall-no-diverter', 4),
      s('fan-stain-below-roof-end', 7),
      s('soft-below-roof-end', 6),
    ],
    refutes: [s('diverter-there-dry-below', 0.08)],
    fix: { words: 'Kick-out flashing at the roof end', method: null },
    ifOnlyEffect: 'The roof keeps emptying into the wall.',
  },
  'penetration-unflashed': {
    name: 'Hole through the wall not flashed',
    family: 'wall-water',
    seat: 'in-place',
    reach_in: { down: 48, side: 16, up: 0 },
    supports: [s('soft-at-or-below-hole', 5), s('no-block-or-hood', 3)],
    refutes: [],
    fix: { words: 'Block and flashing at the hole', method: 're-seal' },
    ifOnlyEffect: 'Wet again below the hole.',
  },
  'barrier-faulty': {
    name: 'Barrier missing or lapped the wrong way',
    family: 'wall-water',
    seat: 'in-place',
    reach_in: { down: 120, side: 32, up: 0 },
    supports: [s('barrier-seen-faulty', 20), s('several-openings-same-fault', 3)],
    refutes: [s('barrier-seen-right', 0.05)],
    fix: { words: 'Barrier renewed where opened', method: null },
    ifOnlyEffect: 'The wall behind stays open to water.',
  },
  'earlier-patch': {
    name: 'Earlier patch, decay left behind it',
    family: 'earlier-work',
    seat: 'in-place',
    reach_in: { down: 12, side: 12, up: 12 },
    supports: [s('fresh-filler', 3), s('rot-around-patch', 5), s('thickness-step', 6)],
    refutes: [],
    fix: { words: 'Take out the patch and all soft wood behind it', method: 'replace-member' },
    ifOnlyEffect: 'Filler over soft wood opens again in 1 to 3 years.',
  },
} as const satisfies Record<string, Cause>

export type CauseId = keyof typeof CAUSES
export const CAUSE_IDS = Object.keys(CAUSES) as CauseId[]

export function isCause(id: string): id is CauseId {
  return Object.hasOwn(CAUSES, id)
}

/** The cause as its general type, so that every cause has the same optional parts. */
export function causeOf(id: CauseId): Cause {
  return CAUSES[id]
}
