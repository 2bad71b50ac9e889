import { method, NO_RECIPE, SWOLLEN } from './method'

/** Boards of windows and doors over which metal is let in. */
const OF_OPENINGS = ['head-casing', 'side-casing', 'brick-mould', 'door', 'window-unit'] as const

const CALM = { keepOff: false, engineer: false, untouched: false } as const

/** Joints across a vertical board that take water in. */
const DRINKING_JOINTS = ['square-butt-joint', 'three-joints-within-4-ft', 'square-patch']

/** Soft wood out, new wood in. */
export const NEW_WOOD = [
  method({
    id: 'piece-in',
    name: 'Piece in',
    cures: 'cuts out the soft part and lets in new wood, primed on all faces',
    we: 'We cut the soft part of the {part} back to sound wood and let in a new piece, primed on every face.',
    brief: 'a new piece let in',
    life: [3, 8],
    lifeByMaterial: { 'clear-cedar': [8, 15], treated: [8, 15], pvc: [15, 25] },
    lifeUncured: [1, 3],
    warranty: 'C',
    advice: [
      {
        verdict: 'blocked',
        when: { courses: true },
        says: 'Siding is replaced in whole boards to the studs.',
      },
      { verdict: 'blocked', when: { whole: true }, says: 'Whole only: {rule}.' },
      { verdict: 'blocked', when: { pieced: false }, says: 'No piecing rule for this part.' },
      {
        verdict: 'warned',
        when: { part: ['corner-board'], sign: DRINKING_JOINTS },
        says: 'One more joint drinks like the others: a whole board with one joint at most.',
      },
      { verdict: 'warned', when: { grade: [0, 0] }, says: 'Sound wood is not replaced.' },
      {
        verdict: 'warned',
        when: { sign: ['back-or-edge-bare'] },
        says: 'The rest of the board was never primed behind: it goes next. Take it whole where that costs little more.',
      },
      {
        verdict: 'recommended',
        when: { ...CALM, grade: [2, 3], courses: false, whole: false },
        says: 'Soft in part: cut back to sound wood and let in a piece.',
      },
      {
        verdict: 'recommended',
        when: { ...CALM, grade: [4, 4], part: ['sill-nose'] },
        says: 'Soft in part: cut back to sound wood and let in a piece.',
      },
    ],
    recipe: { ...NO_RECIPE, wood: 'cut-out', byPart: true },
  }),
  method({
    id: 'replace-member',
    name: 'Replace the member',
    cures: 'the whole member new, primed on all faces',
    we: 'We take the whole {part} off and fit a new one, primed on every face before it goes up.',
    brief: 'renewed whole',
    life: [5, 10],
    lifeByMaterial: {
      'clear-cedar': [15, 25],
      'fibre-cement': [15, 25],
      'engineered-wood': [10, 20],
      treated: [8, 15],
      pvc: [15, 25],
    },
    lifeUncured: [2, 4],
    warranty: 'B',
    advice: [
      { verdict: 'blocked', when: { courses: true }, says: 'Siding is replaced by the course.' },
      { verdict: 'blocked', when: { pieced: false }, says: 'No recipe for this part yet.' },
      { verdict: 'warned', when: { grade: [0, 0] }, says: 'Sound wood is not replaced.' },
      {
        verdict: 'recommended',
        when: { ...CALM, grade: [2, 4], part: ['corner-board'], sign: DRINKING_JOINTS },
        says: 'Joints that drink: a whole board with one joint at most.',
      },
      { verdict: 'recommended', when: { ...CALM, grade: [2, 4], whole: true }, says: 'Whole: {rule}.' },
      {
        verdict: 'recommended',
        when: { ...CALM, grade: [4, 4], courses: false, whole: false, notPart: ['sill-nose'] },
        says: 'Gone: a piece would have nothing to hold to.',
      },
    ],
    recipe: { ...NO_RECIPE, wood: 'member', byPart: true },
  }),
  method({
    id: 'replace-course',
    name: 'Replace siding courses',
    cures: 'whole boards to the studs, cut ends primed',
    we: 'We take the soft boards out back to the studs, look at the wall behind, and weave in new ones with sealed ends.',
    brief: 'boards renewed',
    life: [20, 35],
    lifeUncured: [5, 12],
    warranty: 'B',
    advice: [
      { verdict: 'blocked', when: { courses: false }, says: 'Only siding is replaced by the course.' },
      {
        verdict: 'recommended',
        when: { ...CALM, grade: [1, 1], courses: true, sign: SWOLLEN },
        says: 'Swollen boards are renewed butt to butt; no coat mends them.',
      },
      {
        verdict: 'recommended',
        when: { ...CALM, grade: [2, 4], courses: true },
        says: 'Soft siding comes off in whole boards.',
      },
    ],
    recipe: { ...NO_RECIPE, wood: 'cut-out', byPart: true },
  }),
  method({
    id: 'head-flashing',
    serves: OF_OPENINGS,
    name: 'Head flashing (source fix)',
    cures: 'metal tucked behind the barrier, ends turned up, gap above left open',
    we: 'We fit metal over the {part}, tucked in behind the wall’s paper with its ends turned up, so that rain runs off in front.',
    brief: 'metal fitted over it',
    life: [25, 40],
    lifeUncured: [25, 40],
    warranty: 'A',
    advice: [
      { verdict: 'blocked', when: { ofOpening: false }, says: 'Head flashing belongs over an opening.' },
    ],
    recipe: {
      ...NO_RECIPE,
      wood: 'head-casing',
      tasks: [{ task: 'head-casing-flashing', per: 'place', times: 1 }],
      goods: [
        {
          good: 'head-cap',
          per: 'head-metal-ft',
          times: 1,
          why: 'over the casings, past each end, two dams',
        },
        { good: 'membrane', per: 'head-metal-ft', times: 1, why: 'as long as the metal' },
        { good: 'fasteners', per: 'head-metal-ft', times: 0.05, why: 'two a bearing' },
      ],
      paint_ft2: { per: 'head-metal-ft', times: 1.5 },
    },
  }),
]
