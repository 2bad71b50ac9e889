import { FIVE_QUARTER, ONE_BY, part, pieced, section, TRIM_GOODS, whole, WOOD } from './part'

const board = { assembly: 'opening', ofOpening: true, goods: TRIM_GOODS, boughtAs: WOOD } as const

/** Boards of windows and doors. Cut-backs, least pieces and joints: common practice. */
export const OPENING_PARTS = [
  part({
    ...board,
    id: 'head-casing',
    name: 'head casing',
    face_in: 5,
    span: 'over-casings',
    piece: whole('a head casing is replaced whole, with its head flashing'),
    section: section('1x6', { choices: ONE_BY, widthFrom: 'casing' }),
    task: { task: 'head-casing-flashing', per: 'piece' },
  }),
  part({
    ...board,
    id: 'side-casing',
    name: 'side casing',
    upright: true,
    span: 'leg',
    piece: pieced(6, 12, { note: 'one bevel down and out, 6 in or more above the sill' }),
    section: section('1x4', { choices: ONE_BY, widthFrom: 'casing' }),
    task: { task: 'casing-leg', per: 'piece' },
  }),
  part({
    ...board,
    id: 'window-sill',
    name: 'window sill',
    face_in: 4,
    span: 'over-casings',
    piece: whole('soft under the sash line or a jamb: the whole sill'),
    section: section('2x6'),
    task: { task: 'whole-sill', per: 'piece' },
  }),
  part({
    ...board,
    id: 'sill-nose',
    name: 'sill nose',
    face_in: 4,
    span: 'over-casings',
    piece: pieced(3, 18, { joint: 'none', note: 'rip joint sloping outward, drip kerf, 7° fall or more' }),
    section: section('5/4x4', { choices: FIVE_QUARTER }),
    task: { task: 'sill-nose', per: 'piece' },
  }),
  part({
    ...board,
    id: 'jamb-foot',
    name: 'jamb foot',
    upright: true,
    span: 'leg',
    piece: pieced(3, 8, { note: 'half-lap, primed end, 1/8 in off masonry' }),
    section: section('5/4x6'),
    task: { task: 'jamb-foot', per: 'piece' },
  }),
  part({
    ...board,
    id: 'threshold',
    name: 'threshold',
    span: 'clear-width',
    piece: whole('door out, pan in'),
    section: section('2x6'),
    task: { task: 'door-sill', per: 'piece' },
  }),
]
