import { part, section, TWO_BY } from './part'

const FRAMING = { usual: 'framing', byCladding: {} } as const
const stud = { assembly: 'wall-frame', bears: true } as const
const joists = { section: section('2x10', { choices: TWO_BY }), boughtAs: FRAMING } as const
const studs = { section: section('2x4', { choices: ['2x4', '2x6'] }), boughtAs: FRAMING } as const

/** What holds walls and floors up. Its repair is by kits that shore first; a wall is seldom drawn with its studs. */
export const FRAME = [
  part({
    id: 'sheathing',
    patch: { cut_back_in: 6, bearing_in: 16, least_in: [32, 16], grain: 'either' },
    countedIn: 'sheets',
    name: 'sheathing',
    assembly: 'wall-frame',
    besideThings: true,
  }),
  part({
    ...stud,
    ...studs,
    id: 'stud',
    together: true,
    name: 'wall stud',
    countedIn: 'pieces',
    besideThings: true,
  }),
  part({
    ...stud,
    ...studs,
    id: 'jack-stud',
    together: true,
    damagedAs: 'stud',
    name: 'jack stud',
    countedIn: 'pieces',
  }),
  part({ ...stud, ...studs, id: 'sole-plate', damagedAs: 'stud', name: 'sole plate', usualHeight: 'foot' }),
  part({ ...stud, ...joists, id: 'header', damagedAs: 'stud', name: 'header' }),
  part({
    ...joists,
    id: 'rim-joist',
    name: 'rim joist',
    assembly: 'floor-frame',
    bears: true,
    ageProvesNothing: true,
  }),
  part({
    ...joists,
    id: 'joist',
    together: true,
    countedIn: 'pieces',
    name: 'joist',
    assembly: 'floor-frame',
    bears: true,
    heldBy: ['girder', 'mudsill'],
    disturbsPaint: false,
    inSurvey: true,
  }),
  part({
    id: 'subfloor',
    patch: { cut_back_in: 3, bearing_in: 16, least_in: [32, 24], grain: 'either' },
    countedIn: 'sheets',
    name: 'subfloor',
    assembly: 'floor-frame',
    heldBy: ['joist'],
    disturbsPaint: false,
    inSurvey: true,
  }),
  part({
    ...joists,
    id: 'girder',
    name: 'girder',
    assembly: 'floor-frame',
    bears: true,
    heldBy: ['pier'],
    ageProvesNothing: true,
    awayFromOpenings: true,
    disturbsPaint: false,
    inSurvey: true,
  }),
  part({
    id: 'mudsill',
    section: section('2x6', { choices: ['2x4', '2x6', '2x8'] }),
    boughtAs: { usual: 'treated', byCladding: {} },
    name: 'mudsill',
    assembly: 'floor-frame',
    bears: true,
    heldBy: ['foundation-wall'],
    usualHeight: 'foot',
    disturbsPaint: false,
    inSurvey: true,
  }),
  part({
    id: 'floor-insulation',
    underAll: true,
    damagedAs: 'subfloor',
    name: 'floor insulation',
    assembly: 'floor-frame',
    awayFromOpenings: true,
    disturbsPaint: false,
  }),
]

const base = {
  assembly: 'foundation',
  usualHeight: 'foot',
  awayFromOpenings: true,
  disturbsPaint: false,
} as const

export const GROUND = [
  part({
    id: 'pier',
    name: 'pier or support',
    assembly: 'foundation',
    bears: true,
    ageProvesNothing: true,
    awayFromOpenings: true,
  }),
  part({
    id: 'foundation-wall',
    together: true,
    name: 'foundation wall',
    assembly: 'foundation',
    bears: true,
    ageProvesNothing: true,
    awayFromOpenings: true,
  }),
  part({ id: 'slab', name: 'slab', assembly: 'foundation', awayFromOpenings: true }),
  part({ ...base, id: 'slab-edge', damagedAs: 'slab', name: 'slab edge' }),
  part({ ...base, id: 'tendon-end', damagedAs: 'slab', name: 'tendon end', countedIn: 'pieces' }),
  part({ ...base, id: 'crawl-vent', name: 'crawl space vent', countedIn: 'pieces' }),
  part({
    ...base,
    id: 'crawl-floor',
    underAll: true,
    damagedAs: 'subfloor',
    name: 'crawl space floor',
    usualHeight: 'breast',
  }),
  part({
    ...base,
    id: 'home-pier',
    together: true,
    damagedAs: 'pier',
    name: 'pier of a manufactured home',
    countedIn: 'pieces',
    bears: true,
  }),
  part({ ...base, id: 'skirting', name: 'skirting', disturbsPaint: true }),
  part({ ...base, id: 'tie-strap', together: true, name: 'tie strap', countedIn: 'pieces' }),
]

export const INSIDE = [
  part({ id: 'ceiling', name: 'ceiling', assembly: 'inside' }),
  part({ id: 'interior-wall', name: 'inside wall', assembly: 'inside' }),
  part({ id: 'floor', name: 'floor level', assembly: 'inside' }),
]

export const OTHER = [
  part({
    id: 'other',
    countedIn: 'pieces',
    name: 'other part',
    assembly: 'none',
    source: 'our judgement',
    inSurvey: true,
  }),
]
