import type { Fact, Feature, JobDocument } from '../src/core/job'
import { feet, inches } from '../src/core/measure'
import { AT, CREW, finding } from './build'
import { INVENTED_CLIMATES } from '../src/core/house'

/** The rest of the walk round Alder House: what repeats, the chase, the entry roof, the deck from below, the crawl space. */
export const DETAIL_HEAD_METAL = 'detail-head-metal'

const by = { by: CREW.estimator, at: AT }

export const ALDER_CLIMATE = INVENTED_CLIMATES[0]!

export const ALDER_MORE_FEATURES: readonly Feature[] = [
  {
    id: 'small-roof-a11',
    size_how: 'taped',
    removed: false,
    kind: 'small-roof',
    side_id: 'side-a',
    number: 11,
    station: feet(18.5),
    width: feet(6),
    depth: feet(3),
    top: { value: inches(112), from: 'floor-1' },
    pitch_in_12: 4,
  },
  {
    id: 'chase-d5',
    size_how: 'taped',
    removed: false,
    kind: 'chimney-chase',
    side_id: 'side-d',
    number: 5,
    station: feet(12),
    width: feet(5),
    depth: feet(2),
    top: feet(31),
  },
  {
    id: 'penetration-b5',
    size_how: 'taped',
    removed: false,
    kind: 'penetration',
    side_id: 'side-b',
    number: 5,
    station: feet(13),
    width: inches(8),
    height: inches(8),
    sill: { value: inches(14), from: 'floor-1' },
    what: 'dryer vent',
  },
]

function headCasing(n: number, window: number, ft: number): JobDocument['findings'][number] {
  return {
    ...finding({
      n,
      words: `Head casing A${window}, the same as A5: metal stops short at the right end`,
      component: 'head-casing',
      at: { side: 'a', ft, up_in: 122, feature: `window-a${window}` },
      length_in: 9,
      grade: 2,
      signs: ['metal-stops-short', 'rot-at-head-corner-only', 'no-end-dams', 'several-openings-same-fault'],
    }),
    detail_id: DETAIL_HEAD_METAL,
  }
}

export function alderMoreFindings(): JobDocument['findings'] {
  const inCrawl = (n: number, words: string, more: Partial<JobDocument['findings'][number]>) => ({
    ...finding({ n, words, component: 'subfloor', grade: 2, known: 'touched' }),
    place: { kind: 'crawl' as const, words: 'under the back window C3' },
    ...more,
  })
  const atDeck = (n: number, words: string, more: Partial<JobDocument['findings'][number]>) => ({
    ...finding({ n, words, component: 'deck-board', grade: 2 }),
    place: { kind: 'deck' as const, feature_id: 'deck-c7', words: 'from below' },
    ...more,
  })
  return [
    headCasing(15, 1, 6),
    headCasing(16, 2, 13),
    headCasing(17, 4, 29.5),
    finding({
      n: 18,
      words:
        'Siding beside the chase soft, roof of the chase ends on the wall with nothing to turn the water',
      component: 'lap-siding',
      at: { side: 'd', ft: 17, up_in: 150 },
      length_in: 30,
      count: 4,
      grade: 3,
      material: 'clear-cedar',
      signs: ['roof-ends-on-wall-no-diverter', 'fan-stain-below-roof-end', 'soft-below-roof-end'],
    }),
    finding({
      n: 19,
      words: 'Corner board of the chase, right, soft at its foot',
      component: 'corner-board',
      at: { side: 'd', ft: 17, up_in: 34 },
      length_in: 16,
      grade: 2,
      signs: ['roof-ends-on-wall-no-diverter', 'soft-below-roof-end'],
    }),
    finding({
      n: 20,
      words: 'Fascia of the entry roof hard and dry, metal edge there',
      component: 'fascia',
      at: { side: 'a', ft: 18.5, up_in: 136, feature: 'small-roof-a11' },
      length_in: 72,
      grade: 0,
    }),
    finding({
      n: 21,
      words: 'Rake board right, lower end, peeling and soft a thumb deep, from the ladder',
      component: 'rake-board',
      at: { side: 'b', ft: 0, up_in: 246 },
      length_in: 30,
      grade: 2,
      signs: ['back-or-edge-bare', 'cupped-paint-lost-at-edge'],
    }),
    finding({
      n: 22,
      words: 'Siding under the dryer vent, no hood, two courses',
      component: 'lap-siding',
      at: { side: 'b', ft: 12.6, up_in: 36, feature: 'penetration-b5' },
      length_in: 34,
      count: 2,
      grade: 2,
      material: 'clear-cedar',
      signs: ['soft-at-or-below-hole', 'no-block-or-hood'],
    }),
    atDeck(23, 'Deck boards soft at their ends along the house, twelve of them', {
      count: 12,
      extent: { value: inches(18), how: 'taped', low: null, high: null },
      signs: [{ sign: 'sheathing-soft-at-ledger', how: 'touched', present: true }],
    }),
    atDeck(24, 'Post base by the stair, dark but hard', { component: 'deck-post', stated_grade: 1 }),
    inCrawl(25, 'Subfloor soft two bays wide along the back wall', {
      extent: { value: inches(32), how: 'taped', low: null, high: null },
      signs: [
        { sign: 'along-one-wall', how: 'instrument', present: true },
        { sign: 'dry-elsewhere', how: 'instrument', present: true },
      ],
    }),
    inCrawl(26, 'Mudsill under the back door stained, awl will not go in', {
      component: 'mudsill',
      stated_grade: 1,
      place: { kind: 'crawl', words: 'under the back door' },
    }),
    finding({
      n: 27,
      words: 'Sill A8 upstairs, same as the others, nobody reached it',
      component: 'window-sill',
      at: { side: 'a', ft: 19.3, up_in: 170, feature: 'window-a8' },
      grade: null,
      known: 'from-ground',
      suspected: true,
    }),
    finding({
      n: 28,
      words: 'Sill nose D1 checked, paint gone, a sharp awl will not go in',
      component: 'sill-nose',
      at: { side: 'd', ft: 3.5, up_in: 60, feature: 'window-d1' },
      length_in: 40,
      grade: 1,
      signs: ['decay-same-on-all-alike', 'age-past-usual-life', 'detail-right', 'primer-gone'],
    }),
    {
      ...finding({
        n: 29,
        words: 'Filler over rot in the left leg of D1, short patch below it',
        component: 'side-casing',
        at: { side: 'd', ft: 3.5, up_in: 62, feature: 'window-d1' },
        length_in: 20,
        grade: 3,
        signs: ['fresh-filler', 'rot-around-patch', 'thickness-step'],
      }),
      earlier_repair: 'filler',
    },
    finding({
      n: 30,
      words: 'Soffit behind the soft back fascia stained, six feet guessed from below',
      component: 'soffit',
      at: { side: 'c', ft: 4, up_in: 236 },
      length_in: 72,
      how: 'guessed',
      grade: 2,
      known: 'seen-close',
      signs: ['deck-edge-soft-along-run', 'no-metal-under-first-shingle'],
    }),
    finding({
      n: 31,
      words: 'Water table left, film failed along the mulch',
      component: 'water-table',
      at: { side: 'd', ft: 6, up_in: 18 },
      length_in: 168,
      grade: 1,
      signs: ['bottom-covered-by-soil'],
    }),
  ]
}

export const ALDER_INTAKE: NonNullable<JobDocument['intake']> = {
  id: 'intake',
  removed: false,
  why_here: 'paint-first',
  told: 'The painter will not start before the soft boards are out. A patch by the front window came back after two winters. The deck is fine.',
  told_by: 'Orla Fennimore, on the telephone',
  told_on: '2026-04-27',
  first_guess: 'Two or three sills and a length of fascia, two days.',
  photo_ids: [],
  front_faces: 'SW',
  storm_side: 'SW',
  heating: 'off',
  occupants_saw:
    'Water over the gutter at the back in heavy rain only; a damp smell in the kitchen cupboard after wind from the south-west.',
  earlier_repairs:
    'Windows trimmed anew about 2011, deck built 2004 without papers; filler by the last painter.',
}

const look = (
  id: string,
  area: Extract<Fact, { kind: 'area-look' }>['area'],
  more: Partial<Extract<Fact, { kind: 'area-look' }>>,
): Fact => ({
  ...by,
  kind: 'area-look',
  id: `area-${id}`,
  area,
  name: '',
  looked: { yes: true, how: 'touched' },
  from_below_first: null,
  ...more,
})

export const ALDER_MORE_FACTS: readonly Fact[] = [
  look('deck', 'deck', { name: 'deck C7', from_below_first: true }),
  look('crawl', 'crawl', {}),
  look('rooms', 'rooms', { looked: { yes: true, how: 'seen-close' } }),
  look('attic', 'attic', { looked: { yes: false, reason: 'occupied' } }),
  look('roof', 'roof', { looked: { yes: true, how: 'from-ground' } }),
  {
    ...by,
    kind: 'reading',
    id: 'reading-1',
    about: { kind: 'finding', finding_id: 'finding-25' },
    moisture_percent: 24.6,
    reference_percent: 12.1,
    at_height: null,
    species: 'fir',
    species_points: null,
    wood_temperature_c: 11,
    instrument: 'pin meter',
  },
  {
    ...by,
    kind: 'reading',
    id: 'reading-2',
    about: { kind: 'finding', finding_id: 'finding-26' },
    moisture_percent: 16.2,
    reference_percent: 12.1,
    at_height: null,
    species: '',
    species_points: null,
    wood_temperature_c: 11,
    instrument: 'pin meter',
  },
  {
    ...by,
    kind: 'test',
    id: 'test-1',
    about: { kind: 'finding', finding_id: 'finding-11' },
    check: 'probe',
    result: 'soft 5/8 in deep over 7 in, hard above',
    sign: 'fades-upward',
    present: true,
  },
]

type Piece = JobDocument['framing_pieces'][number]
const piece = (n: number, more: Partial<Piece>): Piece => ({
  id: `piece-${n}`,
  removed: false,
  area: 'crawl',
  kind: 'member',
  label: '',
  component: 'joist',
  size: '2x8',
  state: 'sound',
  contact: 'full',
  fastened: true,
  plumb: null,
  base: null,
  grade: 0,
  how_known: 'touched',
  note: '',
  finding_id: null,
  ...more,
})

export const ALDER_FRAMING: readonly Piece[] = [
  piece(1, { label: 'joist 1, back wall' }),
  piece(2, { label: 'joist 2', grade: 1, state: 'some-years', note: 'stained at its end, hard' }),
  piece(3, { label: 'joist 3', grade: 1, state: 'some-years', note: 'under the soft subfloor' }),
  piece(4, {
    kind: 'support',
    label: 'post 1, middle row',
    component: 'girder',
    plumb: true,
    base: 'pad',
    grade: null,
  }),
  piece(5, {
    kind: 'support',
    label: 'post 2, middle row',
    component: 'girder',
    plumb: false,
    base: 'shims',
    contact: 'part',
    fastened: false,
    state: 'some-years',
    grade: null,
    note: 'stands on loose shims',
  }),
  piece(6, { area: 'deck', label: 'joist 1', component: 'deck-joist', state: 'some-years', grade: 1 }),
  piece(7, {
    area: 'deck',
    kind: 'support',
    label: 'post 1, by the stair',
    component: 'deck-post',
    size: '4x4',
    plumb: true,
    base: 'footing',
    grade: 1,
    state: 'some-years',
    finding_id: 'finding-24',
  }),
]
