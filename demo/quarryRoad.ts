import { feet, inches } from '../src/core/measure'
import { newWorkItem, type JobDocument, type WorkItem } from '../src/core/job'
import { ownedJob, finding, side, window } from './build'
import { QUARRY_SURVEYS } from './quarrySurveys'

/** What the engineer and the maker of the system may ask for, with its price a piece: offered apart, in no sum. */
const UNIT_PRICES: WorkItem[] = [
  ['wall-anchor', 'foundation-wall', 'finding-1', 4, 'lateral-pressure'],
  ['drain-trench', 'foundation-wall', 'finding-1', 0, ''],
  ['driven-pier', 'foundation-wall', 'finding-2', 3, 'settlement'],
].map(([method, component, finding_id, count, cause]) =>
  newWorkItem({
    id: `unit-${String(method)}`,
    finding_ids: [String(finding_id)],
    method: String(method),
    component: String(component),
    cures: cause === '' ? [] : [String(cause)],
    state: 'priced-apart',
    places: [
      {
        at: { kind: 'words', words: count === 3 ? 'back right corner' : 'left basement wall' },
        size:
          Number(count) > 0
            ? { kind: 'count', count: Number(count), how: 'counted' }
            : { kind: 'length', length: { value: feet(32), how: 'taped', low: null, high: null } },
        height: null,
      },
    ],
  }),
)

/** Who says which of them, how many and how deep. */
const ENGINEER: WorkItem[] = [
  newWorkItem({
    id: 'engineer',
    method: 'refer',
    component: 'foundation-wall',
    finding_ids: ['finding-1', 'finding-2'],
    cures: ['lateral-pressure', 'settlement'],
    name: 'An engineer says what it needs',
  }),
]

/** 1190 Quarry Road: 1958 walk-out, block on two sides; one wall pushed in, one corner going down, the porch lifted by frost; all of it measured. */
export function quarryRoad(): JobDocument {
  const seen = (n: number, words: string, of: Partial<JobDocument['findings'][number]>, signs: string[]) => ({
    ...finding({ n, words, component: null, grade: null, known: 'seen-close', signs }),
    ...of,
  })
  return {
    ...ownedJob('quarry-road-1190', '1190 Quarry Road', {
      address: '1190 Quarry Road, Port Alder',
      owner: 'Ruth Ekdahl',
    }),
    house: {
      id: 'house',
      removed: false,
      kind: 'house',
      year_built: { kind: 'known', year: 1958 },
      storeys: 1,
      foundation: 'basement',
      foundation_height: inches(20),
      storey_height: feet(9),
      climate: null,
      conditions: [],
      crawl_clearance: null,
      surroundings: { storm_side: null, shaded_sides: [], soil: 'clay', windswept: false, irrigation: 'no' },
    },
    sides: [
      side('A', 0, 'front', 44, { cladding: 'brick' }),
      side('B', 1, 'right', 28),
      side('C', 2, 'back', 44),
      side('D', 3, 'left', 28, { cladding: 'brick' }),
    ],
    features: [window('A', 1, 8, 1), window('C', 1, 30, 1)],
    findings: [
      seen(
        1,
        'Left basement wall: horizontal crack at mid-height; floor drain and oil tank stand before it',
        {
          component: 'foundation-wall',
          place: { kind: 'room', room: 'basement, left wall' },
          spot: { side_id: 'side-d', station: feet(14), in_from_wall: feet(0) },
        },
        ['horizontal-crack-inside', 'wet-or-frozen-backfill'],
      ),
      seen(
        2,
        'Back right corner of the foundation: stepped crack, filled once',
        {
          component: 'foundation-wall',
          place: {
            kind: 'side',
            side_id: 'side-c',
            station: feet(1),
            height: { value: feet(0), from: 'grade' },
            feature_id: null,
          },
        },
        ['downspout-or-fill-at-corner', 'soil-soaked-at-corner'],
      ),
      seen(
        3,
        'Hairlines over the bedroom doors',
        { component: 'interior-wall', place: { kind: 'room', room: 'bedroom' } },
        ['hairline-only'],
      ),
      seen(
        4,
        'Porch slab higher than the sill in March',
        { component: 'slab', place: { kind: 'words', words: 'front porch' } },
        ['middle-or-porch-highest'],
      ),
    ],
    surveys: [...QUARRY_SURVEYS],
    work_items: [...ENGINEER, ...UNIT_PRICES],
  }
}
