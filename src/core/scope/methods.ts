import type { MaterialId, MethodId } from '../job'

/** Years to the next work of the same kind, low and high. */
export type Life = readonly [low: number, high: number]

export type MethodKnowledge = {
  readonly name: string
  readonly cures: string
  /** Our judgement, exposed on a wet coast, source cured. */
  readonly life: Life
  /** Our judgement, if the source stays. */
  readonly lifeUncured: Life
  /** Class of workmanship warranty; a declined source makes it G whatever the method. */
  readonly warranty: 'A' | 'B' | 'C' | 'D' | 'E' | 'F' | 'none'
  /** Least visits. */
  readonly visits: 1 | 2
}

export const METHOD_KNOWLEDGE: Readonly<Record<MethodId, MethodKnowledge>> = {
  'piece-in': {
    name: 'Piece in',
    cures: 'cuts out the soft part and lets in new wood, primed on all faces',
    life: [3, 8],
    lifeUncured: [1, 3],
    warranty: 'C',
    visits: 1,
  },
  'replace-member': {
    name: 'Replace the member',
    cures: 'the whole member new, primed on all faces',
    life: [5, 10],
    lifeUncured: [2, 4],
    warranty: 'B',
    visits: 1,
  },
  'replace-course': {
    name: 'Replace siding courses',
    cures: 'whole boards to the studs, cut ends primed',
    life: [20, 35],
    lifeUncured: [5, 12],
    warranty: 'B',
    visits: 1,
  },
  're-seal': {
    name: 'Re-seal',
    cures: 'old sealant cut out, joint renewed; drainage joints left open',
    life: [6, 12],
    lifeUncured: [1, 3],
    warranty: 'F',
    visits: 1,
  },
  'prime-and-paint': {
    name: 'Prime and paint',
    cures: 'scraped, spot primed, two coats to the next break',
    life: [2, 5],
    lifeUncured: [0, 2],
    warranty: 'E',
    visits: 2,
  },
  'head-flashing': {
    name: 'Head flashing (source fix)',
    cures: 'metal tucked behind the barrier, ends turned up, gap above left open',
    life: [25, 40],
    lifeUncured: [25, 40],
    warranty: 'A',
    visits: 1,
  },
  watch: {
    name: 'Watch',
    cures: 'nothing; looked at again on a date',
    life: [1, 2],
    lifeUncured: [1, 1],
    warranty: 'none',
    visits: 1,
  },
  refer: {
    name: 'Refer',
    cures: 'nothing by us; a licensed trade or an engineer goes first',
    life: [0, 0],
    lifeUncured: [0, 0],
    warranty: 'none',
    visits: 1,
  },
}

/** Life by material where the method's own depends on it. Our judgement, exposed, source cured. */
const BY_MATERIAL: Partial<Record<MethodId, Partial<Record<MaterialId, Life>>>> = {
  'piece-in': { 'clear-cedar': [8, 15], treated: [8, 15], pvc: [15, 25] },
  'replace-member': {
    'clear-cedar': [15, 25],
    'fibre-cement': [15, 25],
    'engineered-wood': [10, 20],
    treated: [8, 15],
    pvc: [15, 25],
  },
}

export function lifeOf(method: MethodId, material: MaterialId, sourceStays: boolean): Life {
  const known = METHOD_KNOWLEDGE[method]
  if (sourceStays) return known.lifeUncured
  return BY_MATERIAL[method]?.[material] ?? known.life
}

/** Workmanship warranty by class. Common practice, a firm setting; statute prevails. */
export const WARRANTY_WORDS = {
  A: '2 to 5 years on workmanship, source fixed, upkeep record kept',
  B: '2 to 3 years on workmanship, source fixed',
  C: '1 year on workmanship, dry reading recorded',
  D: 'none to 90 days, as stated',
  E: '2 to 5 years against peeling on walls, 1 year on flat faces',
  F: '1 to 2 years, movement excluded',
  G: 'workmanship only; recurrence excluded, since the source is not fixed',
  none: 'none',
} as const
