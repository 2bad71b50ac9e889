import { feet, inches } from '../src/core/measure'
import { newWorkItem, type Finding, type JobDocument, type WorkItem } from '../src/core/job'
import { ownedJob, finding, side } from './build'
import { HERON_SURVEYS } from './lowHomes'

/** The middle way is what is advised; one that costs less now and one that costs more stand beside it. */
const TIERS: WorkItem[] = [
  newWorkItem({
    id: 'tier-middle',
    method: 'home-pier-new',
    component: 'home-pier',
    finding_ids: ['finding-1', 'finding-2'],
  }),
  newWorkItem({
    id: 'tier-least',
    method: 'home-pier-reset',
    component: 'home-pier',
    finding_ids: ['finding-1', 'finding-2'],
    state: 'alternate',
    instead_of: ['tier-middle'],
    note: 'Holds until the fill under it moves again.',
  }),
  newWorkItem({
    id: 'tier-most',
    method: 'pad-rebuilt',
    component: 'home-pier',
    finding_ids: ['finding-1', 'finding-2'],
    places: [
      {
        at: { kind: 'words', words: 'the whole home' },
        // Four rails of seven piers.
        size: { kind: 'count', count: 28, how: 'counted' },
        height: null,
      },
    ],
    state: 'alternate',
    instead_of: ['tier-middle'],
  }),
]

/** Heron Flats, lot 12: a double-wide low along its middle line under the bath; piers, ties and skirting, measured pier by pier. */
export function heronFlats(): JobDocument {
  const below = (n: number, words: string, of: Partial<Finding>, signs: string[]): Finding => ({
    ...finding({ n, words, component: null, grade: 2, known: 'touched', signs }),
    place: { kind: 'crawl', words: 'under the middle line' },
    ...of,
  })
  return {
    ...ownedJob('heron-flats-12', 'Heron Flats, lot 12', {
      address: 'Lot 12, Heron Flats, Skerry County',
      owner: 'Della Brandvold',
    }),
    house: {
      id: 'house',
      removed: false,
      kind: 'manufactured-home',
      year_built: { kind: 'known', year: 1994 },
      storeys: 1,
      foundation: 'piers',
      foundation_height: inches(30),
      storey_height: feet(8),
      climate: null,
      surroundings: null,
      conditions: [],
      crawl_clearance: null,
    },
    sides: [
      side('A', 0, 'front', 48, { cladding: 'hardboard-lap' }),
      side('B', 1, 'right', 26, { cladding: 'hardboard-lap' }),
      side('C', 2, 'back', 48, { cladding: 'hardboard-lap' }),
      side('D', 3, 'left', 26, { cladding: 'hardboard-lap' }),
    ],
    surveys: [...HERON_SURVEYS],
    work_items: TIERS,
    findings: [
      below(
        1,
        'Six piers of the middle line lean, blocks on bare fill',
        { component: 'home-pier', count: 6 },
        ['pier-leaning', 'pads-on-sod-or-fill', 'shims-fanned'],
      ),
      below(
        2,
        'Two piers under the bath sunk into wet fill',
        { component: 'home-pier', count: 2, stated_grade: 3 },
        ['pads-on-sod-or-fill', 'soft-probe-at-pad'],
      ),
      below(
        3,
        'Floor soft two feet wide at the tub',
        {
          component: 'subfloor',
          place: { kind: 'room', room: 'bath' },
          extent: { value: feet(4), how: 'taped', low: null, high: null },
        },
        ['wet-below-fixture', 'tub-joint-open'],
      ),
      below(4, 'Tie straps slack, eight of them', { component: 'tie-strap', count: 8 }, []),
      below(
        5,
        'Skirting bent along the right end',
        {
          component: 'skirting',
          place: {
            kind: 'side',
            side_id: 'side-b',
            station: feet(0),
            height: { value: feet(0), from: 'grade' },
            feature_id: null,
          },
          extent: { value: feet(26), how: 'taped', low: null, high: null },
        },
        [],
      ),
    ],
  }
}
