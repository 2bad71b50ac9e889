import type { StepId } from './steps'

/** Hours of a task by the steps they belong to, in the order in which that task takes them; shares of one. */
export type TaskSteps = readonly (readonly [step: StepId, share: number])[]

const all = (step: StepId): TaskSteps => [[step, 1]]
/** Off, and on again at the end. */
const OFF_ON: TaskSteps = [
  ['set-up', 0.45],
  ['re-hang', 0.55],
]
/** What is put up to stand on or to keep dust in, and taken down. */
const UP_DOWN: TaskSteps = [
  ['set-up', 0.6],
  ['clear', 0.4],
]
/** A board of the wall or its edge out and a new one in: open between. */
const OUT_IN: TaskSteps = [
  ['open', 0.3],
  ['trim', 0.7],
]
const OUT_CLAD: TaskSteps = [
  ['open', 0.3],
  ['cladding', 0.7],
]
/** What carries load, by one task with its shoring: held up first, the old one out, the new one in, the props away. */
const SHORED: TaskSteps = [
  ['shore', 0.3],
  ['open', 0.2],
  ['frame', 0.5],
]

/**
 * Every task by its steps. A task that goes along with whatever it serves has none: its hours lie on the other steps of its item.
 * Our judgement; the sums of the hours are the tasks' own.
 */
export const TASK_STEPS: Readonly<Record<string, TaskSteps | 'along'>> = {
  mobilise: UP_DOWN,
  'ladder-move': 'along',
  'pump-jack-run': UP_DOWN,
  'scaffold-face': UP_DOWN,
  'lead-containment': UP_DOWN,
  haul: all('clear'),
  emergency: all('make-safe'),
  'stop-gap': all('make-safe'),
  'dry-in': all('barrier'),
  // Roof edge.
  'gutter-off-on': OFF_ON,
  fascia: OUT_IN,
  soffit: OUT_IN,
  'soffit-panel': OUT_IN,
  crown: all('trim'),
  frieze: all('trim'),
  rake: OUT_IN,
  'fascia-overlay': all('trim'),
  'fascia-strip': all('trim'),
  'sub-fascia': [
    ['open', 0.4],
    ['frame', 0.6],
  ],
  'rafter-tail-sister': all('frame'),
  'rafter-tail-new': [
    ['open', 0.3],
    ['frame', 0.7],
  ],
  'eave-return': OUT_IN,
  'vent-strip': all('trim'),
  'drip-edge': all('cladding'),
  'roof-deck': [
    ['open', 0.3],
    ['substrate', 0.4],
    ['cladding', 0.3],
  ],
  // Openings.
  'brick-mould-leg': all('trim'),
  'mullion-post': OUT_IN,
  'head-flashing-kept': all('barrier'),
  'casing-leg': all('trim'),
  'head-casing-flashing': [
    ['open', 0.25],
    ['barrier', 0.25],
    ['trim', 0.5],
  ],
  'sill-nose': all('trim'),
  'whole-sill': OUT_IN,
  'jamb-foot': all('trim'),
  'door-sill': [
    ['open', 0.4],
    ['barrier', 0.2],
    ['trim', 0.4],
  ],
  'epoxy-patch': all('prepare'),
  'filler-patch': all('prepare'),
  'sash-bench': all('trim'),
  pane: all('trim'),
  'storm-off-on': OFF_ON,
  'storm-new': all('re-hang'),
  'door-slab': all('trim'),
  'door-unit': [
    ['open', 0.3],
    ['barrier', 0.2],
    ['trim', 0.5],
  ],
  'door-ease': all('re-hang'),
  'shutter-off': all('set-up'),
  'shutter-off-on': OFF_ON,
  'shutter-new': all('re-hang'),
  'storm-door': all('re-hang'),
  'door-frame-support': all('frame'),
  'window-unit': [
    ['open', 0.35],
    ['barrier', 0.25],
    ['trim', 0.4],
  ],
  'unit-out-and-back': [
    ['open', 0.35],
    ['barrier', 0.25],
    ['trim', 0.4],
  ],
  'gable-vent': [
    ['open', 0.3],
    ['barrier', 0.3],
    ['trim', 0.4],
  ],
  screen: all('re-hang'),
  // Cladding.
  'lap-wood': OUT_CLAD,
  'lap-fibre-cement': OUT_CLAD,
  'lap-hardboard': OUT_CLAD,
  'corner-board': OUT_IN,
  'water-table': [
    ['open', 0.25],
    ['barrier', 0.25],
    ['trim', 0.5],
  ],
  'panel-sheet': OUT_CLAD,
  'panel-strip': [
    ['open', 0.3],
    ['barrier', 0.2],
    ['cladding', 0.5],
  ],
  'shingle-spot': all('cladding'),
  'shingle-wall': all('cladding'),
  'board-and-batten': OUT_CLAD,
  'stucco-patch': [
    ['open', 0.3],
    ['barrier', 0.2],
    ['cladding', 0.5],
  ],
  'brick-point': all('cladding'),
  'brick-replace': all('cladding'),
  'lap-fibre-cement-wall': all('cladding'),
  'lap-back': all('cladding'),
  'strip-lap': all('open'),
  'wall-sheathing-sheet': all('substrate'),
  'wall-sheathing': [
    ['open', 0.3],
    ['substrate', 0.7],
  ],
  'wall-barrier': all('barrier'),
  barrier: all('barrier'),
  furring: all('barrier'),
  'light-off-on': OFF_ON,
  'chase-face': [
    ['open', 0.2],
    ['substrate', 0.15],
    ['barrier', 0.15],
    ['cladding', 0.5],
  ],
  'butt-gaps': all('cladding'),
  'shake-re-nail': all('cladding'),
  penetration: all('barrier'),
  'weep-screed': [
    ['open', 0.4],
    ['barrier', 0.6],
  ],
  're-fasten': all('trim'),
  // Water off the roof and away.
  'gutter-clean': all('stop-water'),
  'gutter-re-hang': OFF_ON,
  'gutter-new': all('re-hang'),
  'gutter-guard': all('re-hang'),
  downspout: all('re-hang'),
  'gutter-end': all('stop-water'),
  'roof-clear': all('stop-water'),
  'step-flashing': all('stop-water'),
  'kick-out': all('stop-water'),
  'pipe-collar': all('stop-water'),
  'chase-cover': all('stop-water'),
  sprinkler: all('stop-water'),
  regrade: all('stop-water'),
  'stone-strip': all('stop-water'),
  'clear-soil': all('stop-water'),
  'clear-plants': all('stop-water'),
  'paving-joint': all('stop-water'),
  'stand-off': all('frame'),
  'pipe-out': all('stop-water'),
  'leader-buried': all('stop-water'),
  'drain-trench': all('stop-water'),
  sump: all('stop-water'),
  // Deck, stair, porch.
  'ledger-renew': [
    ['shore', 0.25],
    ['open', 0.2],
    ['frame', 0.35],
    ['barrier', 0.1],
    ['cladding', 0.1],
  ],
  'ledger-flash': [
    ['shore', 0.3],
    ['frame', 0.4],
    ['barrier', 0.3],
  ],
  'lateral-tie': all('frame'),
  'deck-joist': [
    ['shore', 0.2],
    ['frame', 0.8],
  ],
  'joist-hanger': all('frame'),
  connector: all('frame'),
  'deck-beam': SHORED,
  'deck-post': SHORED,
  footing: [
    ['shore', 0.2],
    ['pour', 0.8],
  ],
  'guard-section': all('trim'),
  'stair-flight': all('trim'),
  stringer: [
    ['shore', 0.2],
    ['frame', 0.8],
  ],
  tread: all('trim'),
  'deck-demolish': [
    ['shore', 0.1],
    ['open', 0.9],
  ],
  'deck-frame': all('frame'),
  'deck-boards': all('cladding'),
  'deck-board': all('cladding'),
  'landing-pad': all('pour'),
  nailer: all('frame'),
  'porch-column': SHORED,
  'column-base': SHORED,
  'porch-beam': SHORED,
  // Frame and floor.
  'stud-sister': all('frame'),
  'stud-replace': [
    ['shore', 0.35],
    ['frame', 0.65],
  ],
  'sole-plate': [
    ['shore', 0.3],
    ['frame', 0.7],
  ],
  header: [
    ['shore', 0.3],
    ['frame', 0.7],
  ],
  rim: [
    ['shore', 0.25],
    ['frame', 0.75],
  ],
  mudsill: [
    ['shore', 0.4],
    ['frame', 0.6],
  ],
  'crawl-clear': all('set-up'),
  'crawl-joist-sister': all('frame'),
  'crawl-joist': [
    ['shore', 0.3],
    ['frame', 0.7],
  ],
  'girder-added': [
    ['shore', 0.2],
    ['frame', 0.8],
  ],
  girder: [
    ['shore', 0.3],
    ['frame', 0.7],
  ],
  'post-and-pad': [
    ['shore', 0.15],
    ['pour', 0.5],
    ['frame', 0.35],
  ],
  'lift-session': all('frame'),
  'shore-line': all('shore'),
  'joist-tie': all('frame'),
  blocking: all('frame'),
  'floor-covering': all('open'),
  subfloor: [
    ['open', 0.3],
    ['substrate', 0.7],
  ],
  'plank-relaid': all('cladding'),
  'toilet-off-on': OFF_ON,
  drying: all('set-up'),
  'floor-insulation': all('re-hang'),
  'ground-cover': all('cladding'),
  liner: all('cladding'),
  'vent-screen': all('trim'),
  'vent-cut': all('stop-water'),
  'wrap-line': all('stop-water'),
  'vent-out': all('stop-water'),
  'attic-seal': all('stop-water'),
  // Slab, walls, supports.
  'tendon-end': all('frame'),
  'slab-edge': all('frame'),
  'crack-injection': all('frame'),
  'wall-strap': all('frame'),
  'wall-brace': all('frame'),
  'wall-anchor': all('frame'),
  'anchor-extension': all('frame'),
  'anchor-tension': all('clear'),
  'pier-driven': all('frame'),
  'survey-levels': all('set-up'),
  'home-pier-reset': [
    ['shore', 0.2],
    ['frame', 0.8],
  ],
  'home-pier-new': [
    ['shore', 0.2],
    ['frame', 0.8],
  ],
  skirting: OFF_ON,
  'tie-strap': all('frame'),
  // Wash, prime, seal, coat.
  'hand-wash': all('wash'),
  'mildew-wash': all('wash'),
  scrape: all('prepare'),
  sealant: all('seal'),
  'field-paint': all('paint'),
  'trim-paint': all('paint'),
  'deck-coat': all('paint'),
  'stain-coat': all('paint'),
  'window-coat': all('paint'),
  'door-coat': all('paint'),
}

/**
 * Tasks that take a support away, with the step in which it goes. Whatever they are, a temporary one stands before: where the task
 * has no step of shoring of its own, the plan refuses until the item has one.
 */
export const TAKES_SUPPORT: Readonly<Record<string, StepId>> = {
  'ledger-renew': 'open',
  'deck-beam': 'open',
  'deck-post': 'open',
  'deck-joist': 'frame',
  'deck-demolish': 'open',
  'porch-column': 'open',
  'column-base': 'open',
  'porch-beam': 'open',
  'stud-replace': 'frame',
  'sole-plate': 'frame',
  header: 'frame',
  rim: 'frame',
  mudsill: 'frame',
  'crawl-joist': 'frame',
  girder: 'frame',
  'post-and-pad': 'frame',
  footing: 'pour',
  'home-pier-reset': 'frame',
  'home-pier-new': 'frame',
}

/** Tasks after whose opening the wall or the edge of the roof stands open to the weather: dried in before the evening, whatever they are. */
export const OPENS_WALL: ReadonlySet<string> = new Set([
  'fascia',
  'soffit',
  'soffit-panel',
  'rake',
  'sub-fascia',
  'rafter-tail-new',
  'eave-return',
  'roof-deck',
  'mullion-post',
  'head-casing-flashing',
  'whole-sill',
  'door-sill',
  'door-unit',
  'window-unit',
  'unit-out-and-back',
  'gable-vent',
  'lap-wood',
  'lap-fibre-cement',
  'lap-hardboard',
  'corner-board',
  'water-table',
  'panel-sheet',
  'panel-strip',
  'board-and-batten',
  'stucco-patch',
  'strip-lap',
  'wall-sheathing',
  'chase-face',
  'weep-screed',
  'ledger-renew',
])
