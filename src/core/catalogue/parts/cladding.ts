import { FIVE_QUARTER, ONE_BY, part, pieced, section, SIDING_GOODS, TRIM_GOODS, WOOD } from './part'

const LAP_TASK = {
  task: 'lap-wood',
  per: 'ft',
  byMaterial: {
    'fibre-cement': 'lap-fibre-cement',
    'engineered-wood': 'lap-hardboard',
    hardboard: 'lap-hardboard',
  },
} as const
/** What a new board of siding is bought as, by the wall it goes on. */
const LAP_BOUGHT = {
  usual: 'clear-cedar',
  byCladding: {
    'fibre-cement-lap': 'fibre-cement',
    'hardboard-lap': 'engineered-wood',
    'engineered-lap': 'engineered-wood',
  },
} as const
const lap = {
  assembly: 'cladding',
  span: 'wall-run',
  piece: pieced(6, 32, {
    courses: true,
    joint: 'butt',
    note: 'whole boards, butt on a stud, flashing tab behind',
  }),
  section: section('lap'),
  task: LAP_TASK,
  goods: SIDING_GOODS,
  boughtAs: LAP_BOUGHT,
} as const

/** What covers the wall between the openings. Cut-backs, least pieces and joints: common practice. */
export const CLADDING = [
  part({ ...lap, id: 'lap-siding', countedIn: 'courses', name: 'lap siding', besideThings: true }),
  part({
    ...lap,
    id: 'base-course',
    countedIn: 'courses',
    name: 'bottom courses of siding',
    usualHeight: 'foot',
  }),
  part({
    id: 'corner-board',
    name: 'corner board',
    assembly: 'cladding',
    upright: true,
    usualHeight: 'foot',
    awayFromOpenings: true,
    span: 'corner',
    piece: pieced(6, 24, { legs: 2, stagger_in: 12, note: 'one bevel, staggered on the two legs' }),
    section: section('5/4x4', { choices: FIVE_QUARTER }),
    task: { task: 'corner-board', per: 'pair-10ft' },
    goods: TRIM_GOODS,
    boughtAs: WOOD,
  }),
  part({
    id: 'water-table',
    name: 'water table',
    assembly: 'cladding',
    usualHeight: 'foot',
    span: 'wall-run',
    piece: pieced(6, 48, { note: 'bevel over a stud, flashing whole over the joint' }),
    section: section('1x6', { choices: ONE_BY }),
    task: { task: 'water-table', per: 'ft' },
    goods: TRIM_GOODS,
    boughtAs: WOOD,
  }),
  part({
    id: 'board-and-batten',
    damagedAs: 'lap-siding',
    name: 'board and batten',
    assembly: 'cladding',
    countedIn: 'pieces',
    upright: true,
    usualHeight: 'foot',
    piece: pieced(6, 24, { note: 'one bevel down and out, the batten over it whole' }),
    section: section('1x10', { choices: ONE_BY }),
    task: { task: 'board-and-batten', per: 'ft' },
    goods: TRIM_GOODS,
    boughtAs: { usual: 'clear-cedar', byCladding: {} },
  }),
  part({
    id: 'panel-siding',
    patch: { cut_back_in: 0, bearing_in: 48, least_in: [48, 96], grain: 'up' },
    damagedAs: 'lap-siding',
    name: 'panel siding',
    assembly: 'cladding',
    countedIn: 'sheets',
    usualHeight: 'foot',
  }),
  part({
    id: 'shingle',
    together: true,
    damagedAs: 'lap-siding',
    name: 'shingles or shakes',
    assembly: 'cladding',
    countedIn: 'pieces',
    painted_ft2_per_ft: 0,
    disturbsPaint: false,
  }),
  part({ id: 'brick-veneer', together: true, name: 'brick', assembly: 'cladding' }),
  part({ id: 'stucco', name: 'stucco', assembly: 'cladding' }),
  part({
    id: 'chase-face',
    damagedAs: 'lap-siding',
    name: 'face of a chimney chase',
    assembly: 'cladding',
    awayFromOpenings: true,
  }),
]
