import { feet, inches } from '../src/core/measure'
import type { Feature, JobDocument } from '../src/core/job'
import { ownedJob, finding, side, window } from './build'
import { SALTMARSH_SURVEYS } from './lowHomes'

/** The landing at the back door that the outside stair leads to. */
const LANDING: Feature = {
  id: 'deck-c3',
  removed: false,
  kind: 'deck',
  side_id: 'side-c',
  number: 3,
  station: feet(18),
  width: feet(5),
  size_how: 'taped',
  depth: feet(7),
  deck_height: inches(34),
}

/** Saltmarsh Cabin: on posts, soft kitchen floor from one leaking drain and ground vapour besides; an outside stair not to be used. */
export function saltmarsh(): JobDocument {
  const sink: Feature = {
    id: 'fixture-c2',
    removed: false,
    kind: 'fixture',
    side_id: 'side-c',
    number: 2,
    station: feet(6),
    width: feet(3),
    size_how: 'taped',
    what: 'kitchen-sink',
    in_from_wall: inches(0),
    floor: 1,
  }
  const below = (
    n: number,
    words: string,
    side_id: string,
    at_ft: number,
    in_ft: number,
    grade: 1 | 2 | 3,
    signs: string[],
  ) => ({
    ...finding({ n, words, component: 'joist' as const, grade, known: 'touched' as const, signs }),
    place: { kind: 'crawl' as const, words: '' },
    spot: { side_id, station: feet(at_ft), in_from_wall: feet(in_ft) },
  })
  return {
    ...ownedJob('saltmarsh-cabin', 'Saltmarsh Cabin', {
      address: 'Marsh Track, Skerry County',
      owner: 'Jonas Winterbourne',
    }),
    house: {
      id: 'house',
      removed: false,
      kind: 'house',
      year_built: { kind: 'unknown' },
      storeys: 1,
      foundation: 'piers',
      foundation_height: inches(30),
      storey_height: feet(8),
      climate: null,
      conditions: [],
      crawl_clearance: null,
      surroundings: {
        storm_side: 'back',
        shaded_sides: ['left'],
        soil: 'sand-or-gravel',
        windswept: true,
        irrigation: 'no',
      },
    },
    sides: [
      side('A', 0, 'front', 24, { cladding: 'shingle' }),
      side('B', 1, 'right', 18, { cladding: 'shingle' }),
      side('C', 2, 'back', 24, { cladding: 'shingle' }),
      side('D', 3, 'left', 18, { cladding: 'shingle' }),
    ],
    features: [window('A', 1, 6, 1), window('C', 1, 14, 1), sink, LANDING],
    surveys: [...SALTMARSH_SURVEYS],
    findings: [
      below(1, 'Joists damp, every bay alike, front', 'side-a', 6, 3, 2, [
        'every-bay-alike',
        'ground-bare',
        'subfloor-over-18-in-summer',
      ]),
      below(2, 'Joists damp, every bay alike, left', 'side-d', 6, 3, 2, [
        'every-bay-alike',
        'subfloor-over-18-in-summer',
      ]),
      {
        ...below(3, 'Kitchen floor soft under the sink', 'side-c', 6, 1, 3, [
          'wet-below-fixture',
          'independent-of-rain',
          'meter-dial-moves',
        ]),
        component: 'subfloor' as const,
      },
      {
        ...finding({
          n: 4,
          words: 'Outside stair stands on bare soil, foot soft',
          component: 'stair',
          grade: 3,
          known: 'touched',
          signs: ['age-past-usual-life', 'horizontal-in-rain', 'decay-same-on-all-alike'],
        }),
        place: { kind: 'deck' as const, feature_id: 'deck-c3', words: 'stair at the back door' },
      },
      {
        ...finding({
          n: 5,
          words: 'Front door frame freshly painted',
          component: 'jamb-foot',
          grade: null,
          known: 'seen-close',
          signs: ['freshly-painted'],
        }),
        place: { kind: 'words' as const, words: 'front door' },
      },
    ],
  }
}
