import { ONE_BY, part, pieced, section, TRIM_GOODS, WOOD } from './part'

const edge = {
  assembly: 'roof-edge',
  usualHeight: 'roof-edge',
  awayFromOpenings: true,
  boughtAs: WOOD,
} as const

/** Boards of the roof's edge. Cut-backs, least pieces and joints: common practice. */
export const ROOF_EDGE = [
  part({
    ...edge,
    id: 'fascia',
    name: 'fascia',
    face_in: 8,
    span: 'eave-run',
    piece: pieced(12, 48, { note: 'cut to rafter tails, 45° scarf over a tail' }),
    section: section('1x8', { choices: ONE_BY }),
    task: { task: 'fascia', per: 'ft' },
    goods: TRIM_GOODS,
  }),
  part({
    ...edge,
    id: 'rake-board',
    name: 'rake board',
    span: 'rake',
    piece: pieced(12, 48, { note: 'upper piece laps lower; no joint in the lowest 2 ft' }),
    section: section('1x6', { choices: ONE_BY }),
    task: { task: 'rake', per: 'ft' },
    goods: TRIM_GOODS,
  }),
  part({
    ...edge,
    id: 'soffit',
    name: 'soffit',
    span: 'eave-run',
    across: 'overhang',
    piece: pieced(0, 36, { joint: 'butt', note: 'to a nailer' }),
    section: section('1x6', { choices: ONE_BY }),
    task: { task: 'soffit', per: 'ft2' },
    goods: TRIM_GOODS,
  }),
  part({
    ...edge,
    id: 'frieze-board',
    name: 'frieze board',
    span: 'wall-run',
    piece: pieced(12, 48, { note: 'to a stud' }),
    section: section('1x6', { choices: ONE_BY }),
    task: { task: 'frieze', per: 'ft' },
    goods: TRIM_GOODS,
  }),
  part({
    ...edge,
    id: 'crown-moulding',
    name: 'crown moulding',
    span: 'wall-run',
    piece: pieced(6, 36, { note: 'scarf on a backer' }),
    section: section('1x4', { choices: ONE_BY }),
    task: { task: 'crown', per: 'ft' },
    goods: TRIM_GOODS,
  }),
  part({ ...edge, id: 'rafter-tail', name: 'rafter tail', usualHeight: 'breast' }),
]

export const ROOF = [
  part({ id: 'roof-deck', name: 'roof deck', assembly: 'roof', awayFromOpenings: true }),
  part({ id: 'rafter', name: 'rafter', assembly: 'roof', awayFromOpenings: true, bears: true }),
]
