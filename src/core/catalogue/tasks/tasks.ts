import { rowsById, type Row } from '../row'
import { FLOOR_AND_GROUND_TASKS } from './floorAndGround'
import { REPAIR_TASKS } from './repairs'
import { STRUCTURE_TASKS } from './structure'
import { BELOW, COVERS, GROUND, INSIDE, t, type TaskRow } from './task'

export type { SetUp, TaskRow } from './task'

/** Repair rates, our judgement throughout; a firm's own closed jobs replace them. */
export const TASKS: readonly TaskRow[] = [
  t(
    'mobilise',
    'Mobilise, protect, saw set-up, clear away',
    'visit',
    [2, 2],
    [0.5, 'visit'],
    [1.0, 1.6, 2.5],
    { ...GROUND, zone: 'anywhere' },
  ),
  t('ladder-move', 'Ladder set and moved', 'move', [1, 2], [0, 'place'], [0.15, 0.25, 0.5], GROUND),
  t('pump-jack-run', 'Pump jacks up and down', 'run of 24 ft', [2, 2], [0.5, 'side'], [3, 5, 8], GROUND),
  t(
    'scaffold-face',
    'Scaffold up and down',
    '100 ft² of face',
    [2, 2],
    [0.75, 'side'],
    [1.2, 2, 3.5],
    GROUND,
  ),
  t(
    'lead-containment',
    'Lead-safe containment outside, set and clean',
    '20 ft of wall',
    [2, 2],
    [0.5, 'visit'],
    [1.75, 2.75, 5],
    GROUND,
  ),
  t('haul', 'Haul, load and dump', 'yd³ loose', [2, 2], [1, 'visit'], [0.5, 0.9, 1.7], {
    ...GROUND,
    zone: 'anywhere',
  }),
  t('fascia', 'Fascia 1x replaced', 'ft', [2, 2], [0.75, 'side'], [0.14, 0.22, 0.4]),
  t('soffit', 'Soffit boards replaced', 'ft²', [2, 2], [0.5, 'place'], [0.11, 0.18, 0.32]),
  t('crown', 'Crown or bed moulding', 'ft', [1, 2], [0.5, 'place'], [0.14, 0.25, 0.45]),
  t('frieze', 'Frieze board', 'ft', [1, 2], [0.5, 'place'], [0.14, 0.22, 0.4]),
  t('rake', 'Rake board', 'ft', [2, 2], [0.5, 'place'], [0.16, 0.26, 0.45]),
  t('lap-wood', 'Lap siding spot, wood', 'ft of board', [1, 2], [0.6, 'place'], [0.12, 0.2, 0.38]),
  t(
    'lap-fibre-cement',
    'Lap siding spot, fibre-cement',
    'ft of board',
    [2, 2],
    [0.6, 'place'],
    [0.13, 0.2, 0.36],
  ),
  t(
    'lap-hardboard',
    'Lap siding spot, hardboard or engineered',
    'ft of board',
    [1, 2],
    [0.5, 'place'],
    [0.1, 0.16, 0.3],
  ),
  t('corner-board', 'Corner board pair, up to 10 ft', 'pair', [1, 2], [0.25, 'place'], [1.25, 2.1, 3.8]),
  t('casing-leg', 'Flat casing leg', 'each', [1, 1], [0.2, 'place'], [0.6, 1.1, 2.0]),
  t(
    'head-casing-flashing',
    'Head casing and head flashing, tucked',
    'each',
    [1, 2],
    [0.3, 'place'],
    [1.5, 2.5, 4.5],
  ),
  t('sill-nose', 'Sill nose piece-in', 'each', [1, 1], [0.3, 'place'], [1.25, 2.2, 3.8]),
  t('whole-sill', 'Wood sill replaced whole', 'each', [1, 2], [0.4, 'place'], [3, 5.5, 10]),
  t('jamb-foot', 'Door jamb foot splice', 'each', [1, 1], [0.3, 'place'], [1.0, 1.8, 3.2]),
  t('door-sill', 'Door sill and pan, door out and back', 'each', [2, 2], [0.5, 'place'], [4, 6.5, 11]),
  t('water-table', 'Water table or band with cap flashing', 'ft', [1, 2], [0.4, 'place'], [0.16, 0.28, 0.45]),
  t('sealant', 'Sealant cut out and renewed', 'ft', [1, 1], [0.3, 'side'], [0.04, 0.07, 0.13], COVERS),
  t('hand-wash', 'Hand wash', '100 ft²', [1, 1], [0.5, 'visit'], [0.3, 0.5, 0.9], COVERS),
  t('scrape', 'Scrape, sand, spot prime', '100 ft²', [1, 2], [0.5, 'place'], [0.8, 2.0, 5.0]),
  t(
    'field-paint',
    'Field paint by brush or roller, a coat',
    '100 ft²',
    [1, 2],
    [0.5, 'place'],
    [0.5, 0.8, 1.4],
    COVERS,
  ),
  t('trim-paint', 'Trim paint, a coat', '100 ft', [1, 1], [0.3, 'place'], [0.9, 1.5, 2.5], COVERS),
  t('deck-board', 'Deck board', 'ft', [1, 2], [0.3, 'place'], [0.05, 0.09, 0.17]),
  // Water off the roof and away.
  t('gutter-clean', 'Gutter cleaned and flushed', 'ft', [1, 2], [0.3, 'side'], [0.02, 0.04, 0.08], COVERS),
  t(
    'gutter-re-hang',
    'Gutter down, stored, re-hung to fall',
    'ft',
    [2, 2],
    [0.5, 'side'],
    [0.1, 0.16, 0.28],
    COVERS,
  ),
  t('gutter-new', 'Gutter hung new, outlet cut', 'ft', [2, 2], [0.5, 'side'], [0.08, 0.14, 0.25], COVERS),
  t('downspout', 'Downspout piece or elbow', 'each', [1, 1], [0, 'place'], [0.3, 0.5, 1], COVERS),
  t('gutter-end', 'Gutter end cut back and flashed', 'each', [1, 2], [0.4, 'place'], [1.5, 2.5, 4.5]),
  t(
    'drip-edge',
    'Drip edge under existing shingles',
    'ft',
    [1, 2],
    [0.4, 'place'],
    [0.05, 0.09, 0.18],
    COVERS,
  ),
  t(
    'roof-clear',
    'Debris off the roof, limb cut back, shingles re-laid',
    'each',
    [2, 2],
    [0.5, 'place'],
    [1.2, 2.2, 4.5],
    { ...COVERS, zone: 'roof' },
  ),
  t('step-flashing', 'Step flashing renewed', 'ft', [2, 2], [0.5, 'place'], [0.35, 0.55, 1], {
    zone: 'roof',
  }),
  t('kick-out', 'Kick-out set, siding lifted and patched', 'each', [1, 2], [0.4, 'place'], [1.75, 3, 6]),
  t('pipe-collar', 'Pipe collar', 'each', [1, 1], [0.3, 'place'], [0.5, 0.9, 1.8], {
    ...COVERS,
    zone: 'roof',
  }),
  t('chase-cover', 'Chase cover measured and set', 'each', [1, 2], [0.5, 'place'], [1.5, 2.5, 4.5], {
    ...COVERS,
    zone: 'roof',
  }),
  // Water in the wall.
  t(
    'unit-out-and-back',
    'Window out, pan set, window back, cladding cut back',
    'each',
    [2, 2],
    [0.5, 'place'],
    [4, 6.5, 11],
  ),
  t('butt-gaps', 'Butts cut to gaps and re-nailed', 'each', [1, 2], [0.3, 'place'], [1.2, 2.2, 4.5]),
  t('penetration', 'Block and flashing at a hole', 'each', [1, 1], [0.2, 'place'], [0.5, 0.85, 1.6]),
  t('weep-screed', 'Weep screed put in', 'ft', [2, 2], [1, 'side'], [0.7, 1.3, 2.6]),
  t('strip-lap', 'Lap siding stripped', '100 ft²', [2, 2], [0.5, 'side'], [0.9, 1.5, 3]),
  t('lap-back', 'Lap siding put on a side', '100 ft²', [2, 2], [1, 'side'], [3.5, 5.3, 8.5]),
  t('barrier', 'Barrier laid, tied in', '32 ft²', [1, 2], [0, 'place'], [0.3, 0.5, 1.1]),
  t('furring', 'Furring strips set out and nailed', '100 ft²', [2, 2], [0.3, 'side'], [0.8, 1.3, 2.4]),
  t('shake-re-nail', 'Shakes re-nailed', '100 ft²', [1, 1], [0.3, 'side'], [1, 1.75, 3.2]),
  t('sprinkler', 'Sprinkler head turned or moved', 'each', [1, 1], [0, 'place'], [0.2, 0.4, 0.9], GROUND),
  // Ground.
  t(
    'regrade',
    'Ground graded away by hand, 4 ft wide, soil placed',
    '10 ft',
    [2, 2],
    [0.75, 'place'],
    [1.5, 2.6, 5.5],
    GROUND,
  ),
  t(
    'stone-strip',
    'Stone strip dug and laid, 2 ft wide',
    '10 ft',
    [2, 2],
    [0.5, 'place'],
    [0.9, 1.6, 3.2],
    GROUND,
  ),
  t(
    'clear-soil',
    'Soil cleared from below the cladding',
    'ft',
    [1, 2],
    [0.3, 'side'],
    [0.05, 0.1, 0.25],
    GROUND,
  ),
  t('clear-plants', 'Plants cut back and led away', 'ft', [1, 2], [0.2, 'side'], [0.04, 0.08, 0.2], GROUND),
  t(
    'paving-joint',
    'Joint at the paving cleaned and filled',
    'ft',
    [1, 1],
    [0.3, 'place'],
    [0.05, 0.09, 0.18],
    GROUND,
  ),
  t(
    'stand-off',
    'Post base or membrane set under the wood',
    'each',
    [1, 2],
    [0.4, 'place'],
    [0.7, 1.3, 2.6],
    GROUND,
  ),
  t('pipe-out', 'Discharge pipe led away', 'each', [1, 1], [0.2, 'place'], [0.4, 0.8, 1.8], GROUND),
  // Inside.
  t('ground-cover', 'Ground cover, laps sealed', '100 ft²', [2, 2], [0.75, 'job'], [0.5, 1, 2.2], BELOW),
  t('wrap-line', 'Cold line wrapped', 'each', [1, 1], [0.3, 'place'], [0.5, 1, 2.2], BELOW),
  t(
    'vent-out',
    'Duct led outside, taped and hung, hood set',
    'each',
    [1, 2],
    [0.4, 'place'],
    [1, 1.9, 3.6],
    INSIDE,
  ),
  t(
    'attic-seal',
    'Ceiling sealed from above, fans led outside',
    'each',
    [2, 2],
    [0.75, 'job'],
    [3, 7, 14],
    INSIDE,
  ),
  ...REPAIR_TASKS,
  ...STRUCTURE_TASKS,
  ...FLOOR_AND_GROUND_TASKS,
]
const ROWS = rowsById(TASKS)

/** @throws Error for a task no row has: a method that names it could never be reckoned. */
export function taskOf(id: string): TaskRow {
  const row = ROWS.get(id)
  if (!row) throw new Error(`no task is called ${id}`)
  return row
}

/** Whether the catalogue knows a task. */
export const isTask = (id: string): boolean => ROWS.has(id)

/** What a task is called; one that this program no longer knows by its id. */
export function taskName(id: string): string {
  return id === 'own' ? 'Own work' : (ROWS.get(id)?.name ?? id.replaceAll('-', ' '))
}

/** How a height is reached: what it multiplies, and the gear it takes. */
export type ReachRow = Row & {
  readonly upTo_ft: number
  readonly times: number
  readonly gear: 'none' | 'ladder' | 'lift'
}
const reach = (
  id: string,
  upTo_ft: number,
  times: number,
  gear: ReachRow['gear'],
  name: string,
): ReachRow => ({
  id,
  name,
  source: 'our judgement',
  upTo_ft,
  times,
  gear,
})
/** Ends: each height belongs to the lower row. */
export const REACH: readonly ReachRow[] = [
  reach('ground', 6, 1, 'none', 'from the ground'),
  reach('step-ladder', 10, 1.1, 'none', 'step-ladder to 10 ft'),
  reach('ladder-20', 20, 1.3, 'ladder', 'extension ladder 10 to 20 ft'),
  reach('ladder-30', 30, 1.55, 'ladder', 'extension ladder 20 to 30 ft'),
  reach('lift', Number.POSITIVE_INFINITY, 1.8, 'lift', 'over 30 ft, from a lift'),
]
/** A ladder serves so much of a run before it is moved. */
export const LADDER_SERVES_FT = 8

/** What one may stand on along a side instead of moving ladders: the firm's own gear, put up once a side. Hired, it is a line of one's own. */
export type GearRow = Row & {
  /** The task of putting it up and taking it down. */
  readonly task: string
  /** What the task counts: runs along the side, or hundreds of square feet of face. */
  readonly counts: 'run' | 'face'
  /** Longest run one piece of gear serves; the width of a bay at least. */
  readonly run_ft: number
  readonly least_ft: number
  readonly upTo_ft: number
  /** On the hours of work from its deck. */
  readonly times: number
}
export const GEAR: readonly GearRow[] = [
  {
    id: 'pump-jacks',
    name: 'from pump jacks',
    source: 'our judgement',
    task: 'pump-jack-run',
    counts: 'run',
    run_ft: 24,
    least_ft: 7,
    upTo_ft: 20,
    times: 1.1,
  },
  {
    id: 'scaffold',
    name: 'from a scaffold',
    source: 'our judgement',
    task: 'scaffold-face',
    counts: 'face',
    run_ft: 7,
    least_ft: 7,
    upTo_ft: 30,
    times: 1.1,
  },
]

export const LEAD_SAFE_TIMES = 1.2
export const LIVED_IN_TIMES = 1.05
/** Lived in, and the work is inside: ways kept clear, floors covered, rooms given back each evening. */
export const LIVED_IN_INSIDE_TIMES = 1.2

/** How a job is spread over days and visits. Our judgement. */
export const DAYS = {
  /** Hours of one person in a day. */
  day_h: 8,
  /** Up to so many crew-days the short-day share holds, from so many the full one, straight between. */
  short_crew_days: 0.5,
  full_crew_days: 1.5,
  /** A stay is set up once and cleared away after a working week. */
  days_a_visit: 5,
  /** Debris that goes along in the van: a dump fee, and no trip for it. */
  along_yd3: 0.5,
} as const
