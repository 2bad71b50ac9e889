import type { ComponentId } from '../../job'
import type { CauseId } from './causes'
import type { SignId } from './signs'

/**
 * What usually is the source of a finding, by the member where it is. Shares in percent; our judgement.
 * `other` stands for everything without a cause of its own; some signs speak against that too.
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
  row('sealant', 16, 'joint-open'),
  row('exposure', 10, 'ordinary-exposure'),
  row('barrier', 8, 'barrier-faulty'),
  row('other', 20),
]
const SIDE_CASING = [
  row('foot: wicking/unsealed end', 24, 'end-grain-joint'),
  row('head fault from above', 26, 'head-flashing-absent', 'head-flashing-short'),
  row('sealant', 18, 'joint-open'),
  row('back unprimed', 12, 'back-never-primed'),
  row('earlier patch', 8, 'earlier-patch'),
  row('other', 12),
]
const JAMB_FOOT = [
  row('wicking', 34, 'end-grain-joint'),
  row('splash', 22, 'splash-back'),
  row('pan/threshold', 22, 'door-threshold'),
  row('grade/landing', 10, 'soil-on-wood'),
  row('other', 12),
]
const CORNER = [
  row('end grain/ground', 24, 'end-grain-joint'),
  row('sealant at siding', 18, 'joint-open'),
  row('kick-out/gutter end', 12, 'kick-out-missing'),
  row('back unprimed', 16, 'back-never-primed'),
  row('splash', 14, 'splash-back'),
  row('other', 16),
]
const BASE = [
  row('splash', 30, 'splash-back'),
  row('grade/mulch/clearance', 28, 'soil-on-wood', 'grade-slopes-in'),
  row('unprimed edge', 16, 'back-never-primed'),
  row('gutter/downspout', 12, 'gutter-overflow'),
  row('other', 14),
]
const FIELD = [
  row('finish', 22, 'finish-overdue'),
  row('butt joints', 20, 'joint-open'),
  row('penetration', 14, 'penetration-unflashed'),
  row('kick-out', 12, 'kick-out-missing'),
  row('barrier', 10, 'barrier-faulty'),
  row('other', 22),
]
const SHEATHING = [
  row('kick-out', 16, 'kick-out-missing'),
  row('window head/sill', 26, 'head-flashing-absent', 'head-flashing-short', 'pan-or-unit-corner'),
  row('ledger', 12, 'ledger-unflashed'),
  row('base/grade', 14, 'soil-on-wood'),
  row('barrier', 10, 'barrier-faulty'),
  row('other', 22),
]
const LEDGER = [
  row('no flashing', 56, 'ledger-unflashed'),
  row('door threshold', 12, 'door-threshold'),
  row('attachment gap', 10, 'ledger-attachment'),
  row('other', 22),
]
const DECK_POST = [
  row('end grain in soil/concrete', 78, 'end-grain-joint'),
  row('splash', 14, 'splash-back'),
  row('other', 8),
]
const CRAWL = [
  row('vapour', 28, 'crawl-vapour'),
  row('plumbing/pan', 26, 'plumbing-leak', 'pan-or-tub-joint'),
  row('exterior leak', 16, 'exterior-leak-in'),
  row('grade/flood', 10, 'grade-slopes-in'),
  row('door/threshold', 6, 'door-threshold'),
  row('insects', 4, 'insects'),
  row('old/inactive', 4, 'old-inactive'),
  row('other', 6),
]
const MUDSILL = [
  row('grade/soil', 28, 'soil-on-wood', 'grade-slopes-in'),
  row('splash', 16, 'splash-back'),
  row('window/door/ledger above', 24, 'pan-or-unit-corner', 'door-threshold', 'ledger-unflashed'),
  row('termites', 8, 'insects'),
  row('plumbing', 6, 'plumbing-leak'),
  row('other', 18),
]

/** Null where no table was written: such a finding is *not explained yet*. */
export const PRIORS: Readonly<Record<ComponentId, readonly PriorRow[] | null>> = {
  fascia: FASCIA,
  'rake-board': FASCIA,
  soffit: null,
  'frieze-board': null,
  'crown-moulding': null,
  'lap-siding': FIELD,
  'base-course': BASE,
  'corner-board': CORNER,
  'water-table': null,
  'head-casing': HEAD_CASING,
  'side-casing': SIDE_CASING,
  'window-sill': SILL,
  'sill-nose': SILL,
  'jamb-foot': JAMB_FOOT,
  threshold: JAMB_FOOT,
  sheathing: SHEATHING,
  ledger: LEDGER,
  'deck-board': null,
  'deck-joist': null,
  'deck-post': DECK_POST,
  guard: null,
  stair: null,
  joist: CRAWL,
  subfloor: CRAWL,
  girder: CRAWL,
  mudsill: MUDSILL,
  other: null,
}

/** Signs that speak against *something else*, and how strongly. Our judgement. */
export const OTHER_REFUTES: readonly { readonly sign: SignId; readonly ratio: number }[] = [
  { sign: 'decay-same-on-all-alike', ratio: 0.5 },
]
