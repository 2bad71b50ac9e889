import { PARTS } from '..'
import type { ComponentId } from '../../job'
import { CAUSE_IDS, causeOf, USUAL, type CauseId } from '.'
import type { SignId } from '../signs'

/**
 * What usually is the source of a finding, by the member where it is. Shares in percent; our judgement.
 * `other` stands for everything not named in the table; some signs speak against that too.
 */
export type PriorRow = { readonly name: string; readonly share: number; readonly causes: readonly CauseId[] }

const row = (name: string, share: number, ...causes: CauseId[]): PriorRow => ({ name, share, causes })

const FASCIA = [
  row('gutter overflow', 22, 'gutter-overflow'),
  row('mis-hung', 14, 'gutter-mis-hung'),
  row('no drip edge', 20, 'no-drip-edge'),
  row('unsealed joint', 12, 'joint-open'),
  row('back unprimed', 10, 'back-never-primed'),
  row('valley', 6, 'valley'),
  row('exposure', 8, 'ordinary-exposure'),
  row('other', 8),
]
const RAFTER_TAIL = [
  row('exposure', 30, 'ordinary-exposure'),
  row('gutter', 20, 'gutter-overflow', 'gutter-mis-hung'),
  row('drip edge', 15, 'no-drip-edge'),
  row('unprimed ends', 15, 'end-grain-joint', 'back-never-primed'),
  row('ice', 5, 'ice-or-blown-rain'),
  row('other', 15),
]
const SOFFIT = [
  row('roof leak, eave', 30, 'roof-leak-down', 'ice-or-blown-rain', 'roof-debris'),
  row('gutter', 25, 'gutter-overflow', 'gutter-mis-hung'),
  row('animals', 10, 'animals'),
  row('vent condensate', 5, 'vent-into-cavity'),
  row('paint', 20, 'finish-overdue', 'coating-fault'),
  row('other', 10),
]
const CROWN = [
  row('built-up joints', 28, 'never-sealed', 'joint-open'),
  row('gutter, edge', 22, 'gutter-overflow', 'no-drip-edge'),
  row('drip, capillary', 15, 'metal-edge-capillary'),
  row('short filler repair', 15, 'cosmetic-repair', 'mismatched-patch'),
  row('exposure', 10, 'ordinary-exposure'),
  row('other', 10),
]
const SILL = [
  row('exposure', 26, 'ordinary-exposure'),
  row('sealant at jamb', 16, 'joint-open'),
  row('pan/unit joint', 14, 'pan-or-unit-corner'),
  row('finish overdue', 16, 'finish-overdue'),
  row('storm weeps', 10, 'storm-weeps-shut'),
  row('slope/drip', 8, 'sill-slope-or-drip'),
  row('other', 10),
]
const HEAD_CASING = [
  row('flashing absent', 32, 'head-flashing-absent'),
  row('short', 14, 'head-flashing-short'),
  row('sealant', 16, 'joint-open', 'never-sealed'),
  row('exposure', 10, 'ordinary-exposure'),
  row('drainage sealed', 8, 'drainage-sealed'),
  row('barrier', 8, 'barrier-faulty'),
  row('other', 12),
]
const SIDE_CASING = [
  row('foot: wicking/unsealed end', 24, 'end-grain-joint', 'pan-or-unit-corner'),
  row('head fault from above', 26, 'head-flashing-absent', 'head-flashing-short'),
  row('sealant', 18, 'joint-open'),
  row('back unprimed', 12, 'back-never-primed'),
  row('earlier patch', 8, 'mismatched-patch', 'cosmetic-repair'),
  row('other', 12),
]
const JAMB_FOOT = [
  row('wicking', 32, 'end-grain-joint', 'no-capillary-break'),
  row('splash', 20, 'splash-back'),
  row('pan/threshold', 20, 'door-threshold'),
  row('grade/landing', 10, 'soil-on-wood', 'paving-dam'),
  row('exposure', 9, 'ordinary-exposure'),
  row('other', 9),
]
const THRESHOLD = [
  row('pan/threshold', 34, 'door-threshold'),
  row('exposure', 20, 'ordinary-exposure', 'finish-overdue'),
  row('wicking', 15, 'end-grain-joint', 'no-capillary-break'),
  row('splash', 12, 'splash-back'),
  row('grade/landing', 9, 'soil-on-wood', 'paving-dam'),
  row('other', 10),
]
const CORNER = [
  row('end grain/ground', 24, 'end-grain-joint'),
  row('sealant at siding', 18, 'joint-open'),
  row('kick-out/gutter end', 12, 'kick-out-missing', 'gutter-end-in-wall'),
  row('back unprimed', 16, 'back-never-primed'),
  row('splash', 14, 'splash-back'),
  row('other', 16),
]
const BASE = [
  row('splash', 28, 'splash-back'),
  row('grade/mulch/clearance', 26, 'soil-on-wood', 'grade-slopes-in', 'clearance-too-small', 'paving-dam'),
  row('unprimed edge', 14, 'back-never-primed'),
  row('gutter/downspout', 12, 'gutter-overflow', 'leader-at-wall'),
  row('sprinkler', 5, 'sprinkler'),
  row('finish, exposure', 9, 'finish-overdue', 'ordinary-exposure'),
  row('other', 6),
]
const FIELD = [
  row('finish', 20, 'finish-overdue'),
  row('butt joints', 20, 'joint-open', 'never-sealed'),
  row('penetration', 14, 'penetration-unflashed'),
  row('kick-out', 12, 'kick-out-missing'),
  row('barrier', 10, 'barrier-faulty'),
  row('nails', 10, 'nails-overdriven', 'shake-substrate', 'fasteners-wrong'),
  row('too close to roof or ground', 6, 'roof-clearance', 'clearance-too-small'),
  row('other', 8),
]
const SHEATHING = [
  row('kick-out', 16, 'kick-out-missing'),
  row('window head/sill', 26, 'head-flashing-absent', 'head-flashing-short', 'pan-or-unit-corner'),
  row('ledger', 12, 'ledger-unflashed'),
  row('base/grade', 14, 'soil-on-wood', 'splash-back', 'grade-slopes-in'),
  row('roof-wall flashing', 12, 'step-flashing'),
  row('barrier', 10, 'barrier-faulty'),
  row('other', 10),
]
const LEDGER = [
  row('no flashing', 56, 'ledger-unflashed'),
  row('door threshold', 12, 'door-threshold'),
  row('attachment gap', 10, 'ledger-attachment'),
  row('siding/gutter above', 10, 'gutter-overflow', 'kick-out-missing'),
  row('other', 12),
]
const DECK_POST = [
  row('end grain in soil/concrete', 58, 'end-grain-joint', 'soil-on-wood'),
  row('no base', 20, 'no-capillary-break'),
  row('splash', 14, 'splash-back'),
  row('other', 8),
]
const CRAWL = [
  row('vapour', 28, 'crawl-vapour'),
  row('plumbing/pan', 26, 'plumbing-leak', 'pan-or-tub-joint'),
  row(
    'exterior leak',
    16,
    'exterior-leak-in',
    'wall-floor-joint',
    'pan-or-unit-corner',
    'ledger-unflashed',
    'kick-out-missing',
  ),
  row('grade/flood', 10, 'grade-slopes-in', 'water-table', 'leader-at-wall'),
  row('door/threshold', 6, 'door-threshold'),
  row('insects', 4, 'subterranean-termites', 'carpenter-ants', 'wood-beetles'),
  row('old/inactive', 4, 'old-inactive'),
  row('other', 6),
]
const MUDSILL = [
  row('grade/soil', 28, 'soil-on-wood', 'grade-slopes-in'),
  row('splash', 16, 'splash-back'),
  row('window/door/ledger above', 24, 'pan-or-unit-corner', 'door-threshold', 'ledger-unflashed'),
  row('no capillary break', 10, 'no-capillary-break'),
  row('termites', 8, 'subterranean-termites'),
  row('plumbing', 6, 'plumbing-leak'),
  row('other', 8),
]
const ROOF_DECK = [
  row('boot/flashing', 30, 'pipe-collar', 'step-flashing'),
  row('chimney/step', 22, 'chimney-flashing'),
  row('worn covering', 18, 'roof-worn'),
  row('condensation', 14, 'attic-air-leak', 'vent-into-cavity'),
  row('valley', 8, 'valley'),
  row('other', 8),
]
const FLOOR = [
  row('as-built/creep', 38, 'as-built'),
  row('pier/pad', 22, 'pier-displaced', 'pad-unlevel', 'home-made-support', 'support-line-failed'),
  row('settlement', 14, 'settlement'),
  row('decayed bearing', 12, 'bearing-decayed'),
  row('over-span', 8, 'over-spanned'),
  row('heave', 3, 'heave'),
  row('other', 3),
]
const DECK_WOOD = [
  row('exposure', 60, 'ordinary-exposure'),
  row('ledger above', 12, 'ledger-unflashed'),
  row('connectors', 12, 'connector-missing', 'beam-not-on-posts'),
  row('other', 16),
]

/** Boards lie in the rain over their whole width; a ledger wets their ends at the house at most. */
const DECK_BOARD = [
  row('exposure', 76, 'ordinary-exposure'),
  row('ledger beside', 2, 'ledger-unflashed'),
  row('other', 22),
]

const GUTTER = [
  row('hung wrong', 26, 'gutter-mis-hung'),
  row('too small for what reaches it', 20, 'gutter-undersized'),
  row('full of debris', 18, 'gutter-overflow'),
  row('outlet', 10, 'leader-blocked'),
  row('struck', 6, 'struck'),
  row('dirt', 10, 'dirt-streak'),
  row('other', 10),
]
const DOWNSPOUT = [
  row('empties at the wall', 46, 'leader-at-wall'),
  row('blocked', 34, 'leader-blocked'),
  row('struck', 8, 'struck'),
  row('other', 12),
]
const ROOF_COVERING = [
  row('debris', 24, 'roof-debris'),
  row('worn', 28, 'roof-worn'),
  row('deck below', 16, 'roof-deck-weak'),
  row('storm', 14, 'roof-storm-damage'),
  row('valley', 8, 'valley'),
  row('other', 10),
]
const SKIRTING = [
  row('pad, piers', 42, 'pad-unlevel', 'pier-displaced'),
  row('struck', 18, 'struck'),
  row('ground lifts', 12, 'heave'),
  row('settlement', 8, 'settlement'),
  row('other', 20),
]

/** The same boards where something stands in the wall: what stands there is likelier behind it than a table for the whole wall says. */
const WALL_BESIDE_OPENING = [
  row('head flashing', 26, 'head-flashing-absent', 'head-flashing-short'),
  row('joint at the casing', 20, 'joint-open', 'never-sealed'),
  row('unit corner, pan', 10, 'pan-or-unit-corner'),
  row('finish', 14, 'finish-overdue'),
  row('kick-out', 8, 'kick-out-missing'),
  row('barrier', 8, 'barrier-faulty'),
  row('other', 14),
]
const WALL_BELOW_SILL = [
  row('unit corner, pan', 28, 'pan-or-unit-corner'),
  row('sill drip, storm sash', 12, 'sill-slope-or-drip', 'storm-weeps-shut'),
  row('joint at the casing', 12, 'joint-open', 'never-sealed'),
  row('head flashing', 10, 'head-flashing-absent', 'head-flashing-short'),
  row('finish', 14, 'finish-overdue'),
  row('kick-out', 8, 'kick-out-missing'),
  row('barrier', 4, 'barrier-faulty'),
  row('other', 12),
]
const WALL_ON_CHASE = [
  row('roof end', 26, 'kick-out-missing'),
  row('chase cover', 24, 'chase-cover'),
  row('finish', 14, 'finish-overdue'),
  row('butt joints', 12, 'joint-open', 'never-sealed'),
  row('chimney flashing', 8, 'chimney-flashing'),
  row('other', 16),
]
const WALL_AT_HOLE = [
  row('hole not sealed', 45, 'penetration-unflashed'),
  row('finish', 14, 'finish-overdue'),
  row('butt joints', 12, 'joint-open', 'never-sealed'),
  row('kick-out', 8, 'kick-out-missing'),
  row('barrier', 6, 'barrier-faulty'),
  row('other', 15),
]

/** What a stretch of wall is at. */
export const WALL_PLACES = ['beside-opening', 'below-sill', 'chase', 'hole'] as const
export type WallPlace = (typeof WALL_PLACES)[number]

const AT_PLACE: Readonly<Record<WallPlace, readonly PriorRow[]>> = {
  'beside-opening': WALL_BESIDE_OPENING,
  'below-sill': WALL_BELOW_SILL,
  chase: WALL_ON_CHASE,
  hole: WALL_AT_HOLE,
}
/** Parts that run past openings and holes, and so have a table for each. */
export const WALL_PARTS: ReadonlySet<ComponentId> = new Set(
  PARTS.filter((part) => part.besideThings).map((part) => part.id),
)

/** The members whose table is written out: field standard names against the judgement tables. */
const WRITTEN: Readonly<Partial<Record<ComponentId, readonly PriorRow[]>>> = {
  fascia: FASCIA,
  'rake-board': FASCIA,
  'rafter-tail': RAFTER_TAIL,
  soffit: SOFFIT,
  'frieze-board': CROWN,
  'crown-moulding': CROWN,
  'lap-siding': FIELD,
  'base-course': BASE,
  'corner-board': CORNER,
  'head-casing': HEAD_CASING,
  'side-casing': SIDE_CASING,
  'window-sill': SILL,
  'sill-nose': SILL,
  'jamb-foot': JAMB_FOOT,
  threshold: THRESHOLD,
  sheathing: SHEATHING,
  stud: SHEATHING,
  ledger: LEDGER,
  'rim-joist': LEDGER,
  'deck-board': DECK_BOARD,
  'deck-joist': DECK_WOOD,
  'deck-post': DECK_POST,
  joist: CRAWL,
  subfloor: CRAWL,
  girder: CRAWL,
  mudsill: MUDSILL,
  'roof-deck': ROOF_DECK,
  rafter: ROOF_DECK,
  floor: FLOOR,
  gutter: GUTTER,
  downspout: DOWNSPOUT,
  'roof-covering': ROOF_COVERING,
  skirting: SKIRTING,
}

/** Of what a table calls *other*, this share is causes we know that reach the member; the rest stays unknown. Our judgement. */
const KNOWN_OF_OTHER = 0.85
/** Without a written table, this share stays unknown. Our judgement. */
const UNKNOWN_WITHOUT_TABLE = 5

/** Causes that damage a member and are not in its table, by how usual they are. */
function unnamed(component: ComponentId, named: ReadonlySet<CauseId>): { cause: CauseId; weight: number }[] {
  return CAUSE_IDS.flatMap((cause) => {
    const { damages, usual } = causeOf(cause)
    return !named.has(cause) && damages.includes(component) ? [{ cause, weight: USUAL[usual] }] : []
  })
}

export type Share = {
  readonly cause: CauseId | 'other'
  readonly share: number
  readonly fromOther: boolean
  /** What its share counts at a member that shows nothing of it; absent: in full. */
  readonly dry?: number
}

function sharesFor(component: ComponentId, written: readonly PriorRow[] | undefined): readonly Share[] {
  const rows = (written ?? [row('other', 100)]).map((each) => ({
    ...each,
    causes: each.causes.filter((cause) => causeOf(cause).damages.includes(component)),
  }))
  const named = new Set(rows.flatMap((each) => each.causes))
  const rest = unnamed(component, named)
  const whole = rest.reduce((sum, each) => sum + each.weight, 0)
  const other = rows.filter((each) => each.causes.length === 0).reduce((sum, each) => sum + each.share, 0)
  const unknown = written ? other * (1 - KNOWN_OF_OTHER) : UNKNOWN_WITHOUT_TABLE
  if (rest.length === 0 && named.size === 0) return []
  const spread = rest.length === 0 ? 0 : other - unknown
  return [
    ...rows.flatMap(({ share, causes }) => {
      // What a row names together is shared by how usual each is.
      const weights = causes.map((cause) => USUAL[causeOf(cause).usual])
      const all = weights.reduce((sum, weight) => sum + weight, 0)
      return causes.map((cause, index): Share => ({
        cause,
        share: (share * weights[index]!) / all,
        fromOther: false,
      }))
    }),
    ...rest.map(({ cause, weight }): Share => ({ cause, share: (spread * weight) / whole, fromOther: true })),
    { cause: 'other', share: other - spread, fromOther: true },
  ]
}

/** The tables as written, for the handbook and its tests. */
export const PRIORS: Readonly<Partial<Record<ComponentId, readonly PriorRow[]>>> = WRITTEN

/**
 * Shares of every cause that can be behind damage of a member, percent; empty where nothing is known of the member.
 * What a written table leaves to *other* is spread over the further causes that reach the member.
 */
export const SHARES: Readonly<Record<ComponentId, readonly Share[]>> = Object.fromEntries(
  PARTS.map(({ id }) => [id, sharesFor(id, WRITTEN[id])]),
)

/** Shares for parts of a wall where something stands in it. */
const SHARES_AT: ReadonlyMap<ComponentId, Readonly<Record<WallPlace, readonly Share[]>>> = new Map(
  [...WALL_PARTS].map((component) => [
    component,
    Object.fromEntries(WALL_PLACES.map((place) => [place, sharesFor(component, AT_PLACE[place])])) as Record<
      WallPlace,
      readonly Share[]
    >,
  ]),
)

/** The table of a member where it is: beside an opening, below its sill, on a chase, at a hole; null: anywhere. */
export function sharesAt(component: ComponentId, place: WallPlace | null): readonly Share[] {
  return (place === null ? undefined : SHARES_AT.get(component)?.[place]) ?? SHARES[component] ?? []
}

/** Signs that speak against *something else*, and how strongly. Our judgement. */
export const OTHER_REFUTES: readonly { readonly sign: SignId; readonly ratio: number }[] = [
  { sign: 'decay-same-on-all-alike', ratio: 0.5 },
]
