import type { SignId } from '../signs'
import type { Row } from '../row'

/** A chance by the grade of the surface, 0 to 4. */
export type ByGrade = readonly [number, number, number, number, number]

/** What a soft surface may hide behind it, of the parts it serves. */
export type HiddenRow = Row & {
  /** Parts at the surface. */
  readonly serves: readonly string[]
  /** Chance that sheathing or backing is damaged, by the grade of the surface; null: there is none behind it. */
  readonly backing: ByGrade | null
  /** Chance that the framing behind is damaged, by the grade of the surface. */
  readonly framing: ByGrade
  /** How many times what was seen soft is in the end repaired, at grade 2 and 3: one in ten is below, typical, one in ten is above. */
  readonly extent: readonly [low: number, typical: number, high: number]
}

const hides = (
  id: string,
  name: string,
  serves: readonly string[],
  backing: ByGrade | null,
  framing: ByGrade,
  extent: HiddenRow['extent'],
): HiddenRow => ({ id, name, source: 'our judgement', serves, backing, framing, extent })

/** With the source active for five to ten years, no stain inside, backing of plywood or boards, and nothing opened. */
export const HIDDEN: readonly HiddenRow[] = [
  hides(
    'fascia',
    'roof-edge board',
    ['fascia', 'sub-fascia'],
    [0.02, 0.08, 0.3, 0.6, 0.85],
    [0.01, 0.04, 0.18, 0.42, 0.68],
    [1.2, 1.7, 3.5],
  ),
  hides(
    'soffit',
    'under the eave',
    ['soffit', 'soffit-panel', 'porch-ceiling'],
    [0.02, 0.06, 0.22, 0.45, 0.7],
    [0.01, 0.03, 0.12, 0.25, 0.45],
    [1.2, 1.6, 3],
  ),
  hides(
    'rake',
    'rake, crown or return',
    ['rake-board', 'crown-moulding', 'eave-return', 'frieze-board'],
    [0.02, 0.06, 0.22, 0.5, 0.78],
    [0.01, 0.03, 0.12, 0.3, 0.55],
    [1.2, 1.6, 3],
  ),
  hides(
    'lap-field',
    'siding in the field',
    ['lap-siding', 'board-and-batten', 'panel-siding'],
    [0.02, 0.05, 0.25, 0.55, 0.8],
    [0.01, 0.02, 0.08, 0.22, 0.45],
    [1.2, 1.6, 3],
  ),
  hides(
    'base-course',
    'bottom boards of the siding',
    ['base-course', 'water-table'],
    [0.03, 0.12, 0.35, 0.65, 0.88],
    [0.02, 0.06, 0.2, 0.42, 0.68],
    [1.3, 1.8, 3.5],
  ),
  hides(
    'head-casing',
    'trim over an opening',
    ['head-casing'],
    [0.03, 0.1, 0.3, 0.6, 0.85],
    [0.02, 0.05, 0.15, 0.35, 0.6],
    [1.2, 1.6, 3],
  ),
  hides(
    'side-casing',
    'trim beside an opening',
    ['side-casing', 'brick-mould', 'mullion-post'],
    [0.02, 0.08, 0.3, 0.58, 0.82],
    [0.01, 0.04, 0.15, 0.35, 0.58],
    [1.2, 1.6, 3],
  ),
  hides(
    'window-sill',
    'window sill',
    ['window-sill', 'sill-nose'],
    [0.03, 0.1, 0.32, 0.62, 0.88],
    [0.02, 0.06, 0.22, 0.45, 0.7],
    [1.3, 1.8, 3.5],
  ),
  hides(
    'door-foot',
    'foot of a door',
    ['jamb-foot', 'threshold'],
    [0.05, 0.15, 0.4, 0.7, 0.92],
    [0.04, 0.1, 0.3, 0.55, 0.78],
    [1.3, 1.8, 3.5],
  ),
  hides(
    'corner',
    'corner board',
    ['corner-board'],
    [0.03, 0.1, 0.28, 0.55, 0.8],
    [0.02, 0.05, 0.15, 0.35, 0.58],
    [1.2, 1.7, 3.2],
  ),
  hides(
    'ledger',
    'deck ledger',
    ['ledger'],
    [0.2, 0.35, 0.6, 0.82, 0.95],
    [0.12, 0.22, 0.45, 0.7, 0.88],
    [1.4, 2.2, 4.5],
  ),
  hides('deck-board', 'deck boards', ['deck-board'], null, [0.05, 0.12, 0.3, 0.55, 0.78], [1.2, 1.6, 3]),
  hides('deck-post', 'foot of a deck post', ['deck-post'], null, [0.03, 0.08, 0.2, 0.4, 0.6], [1, 1.2, 2]),
  hides(
    'chase',
    'face of a chimney chase',
    ['chase-face'],
    [0.1, 0.25, 0.5, 0.78, 0.93],
    [0.06, 0.15, 0.35, 0.58, 0.8],
    [1.4, 2.2, 4.5],
  ),
  hides(
    'stucco',
    'stucco',
    ['stucco'],
    [0.15, 0.35, 0.65, 0.85, 0.95],
    [0.08, 0.2, 0.45, 0.65, 0.82],
    [1.5, 2.5, 6],
  ),
  hides(
    'shingle',
    'shingled wall',
    ['shingle'],
    [0.02, 0.08, 0.3, 0.58, 0.82],
    [0.01, 0.03, 0.1, 0.25, 0.48],
    [1.2, 1.6, 3],
  ),
  hides(
    'floor',
    'soft floor',
    ['floor', 'subfloor'],
    [0.03, 0.1, 0.45, 0.75, 0.95],
    [0.02, 0.08, 0.3, 0.6, 0.85],
    [1.3, 2, 4],
  ),
  hides('joist', 'joist', ['joist'], null, [0.03, 0.1, 0.25, 0.45, 0.65], [1.2, 1.7, 3.5]),
  hides(
    'mudsill',
    'mudsill or rim',
    ['mudsill', 'rim-joist'],
    [0.05, 0.15, 0.4, 0.68, 0.9],
    [0.03, 0.1, 0.3, 0.52, 0.75],
    [1.4, 2.2, 5],
  ),
  hides(
    'roof-deck',
    'spot of the roof deck',
    ['roof-deck'],
    [0.05, 0.15, 0.5, 0.8, 0.95],
    [0.02, 0.05, 0.15, 0.3, 0.5],
    [1.3, 1.9, 3.5],
  ),
]

/** Siding below the end of a roof without a kick-out hides more than any other siding. */
export const BELOW_ROOF_END: HiddenRow = hides(
  'below-roof-end',
  'siding below a roof end',
  [],
  [0.15, 0.35, 0.65, 0.85, 0.95],
  [0.06, 0.15, 0.35, 0.6, 0.8],
  [1.5, 2.5, 5],
)

/** Of wood that nobody touched: what it would be found to be, by grade; one in so many. */
export const UNTOUCHED: ByGrade = [0.6, 0.22, 0.12, 0.05, 0.01]
/** The share of sound wood among the untouched where its neighbour on the same member is soft. */
export const UNTOUCHED_BESIDE_SOFT = 0.5

/** What moves the odds of damage behind a place. Odds are multiplied, never chances. */
export type OddsRow = Row & {
  readonly times: number
  /** Seen at the place, one of these. */
  readonly signs: readonly SignId[]
  /** Known of the house or the place; null: by signs alone. */
  readonly fact:
    | 'storm-side'
    | 'deep-overhang'
    | 'drained-gap'
    | 'wet'
    | 'damp'
    | 'dry'
    | 'soft-neighbours'
    | 'opened-worse'
    | 'opened-clean'
    | null
}

const odds = (
  id: string,
  name: string,
  times: number,
  of: { readonly signs?: readonly SignId[]; readonly fact?: OddsRow['fact'] },
): OddsRow => ({ id, name, source: 'our judgement', times, signs: of.signs ?? [], fact: of.fact ?? null })

export const HIDDEN_ODDS: readonly OddsRow[] = [
  odds('storm-side', 'on the side the storms come from', 1.4, { fact: 'storm-side' }),
  odds('deep-overhang', 'overhang of more than 24 in', 0.5, { fact: 'deep-overhang' }),
  odds('drained-gap', 'a drained gap behind the cladding', 0.4, { fact: 'drained-gap' }),
  odds('wet', 'meter at 25 % or more', 4, { fact: 'wet' }),
  odds('damp', 'meter between 20 and 25 %', 2, { fact: 'damp' }),
  odds('dry', 'meter at 16 % or less', 0.35, { fact: 'dry' }),
  odds('soft-neighbours', 'two or more neighbours soft deep in', 1.8, { fact: 'soft-neighbours' }),
  odds('opened-worse', 'opened elsewhere at its source: gone deep', 3, { fact: 'opened-worse' }),
  odds('opened-clean', 'opened elsewhere at its source: sound', 0.5, { fact: 'opened-clean' }),
  odds('patched', 'mended here before', 1.8, {
    signs: ['fresh-filler', 'rot-around-patch', 'cracks-around-patch', 'odd-texture-at-patch'],
  }),
  odds('hollow-filler', 'filler sounds hollow', 2.5, { signs: ['filler-hollow-awl-passes'] }),
  odds('insects', 'wood-eating insects seen', 2.5, {
    signs: [
      'mud-lined-galleries',
      'frass-or-holes',
      'galleries-clean',
      'clean-smooth-galleries',
      'fresh-frass',
    ],
  }),
  odds('stain-inside', 'stained inside in line with it', 3, {
    signs: ['stain-at-head-corners-inside', 'stain-at-wall-top'],
  }),
  odds('barrier-faulty', 'barrier seen missing or lapped wrong', 1.5, { signs: ['barrier-seen-faulty'] }),
  odds('barrier-right', 'barrier seen, lapped right', 0.5, { signs: ['barrier-seen-right'] }),
  odds('patch-sound', 'patch hard, dry and backed', 0.5, { signs: ['patch-hard-and-backed'] }),
]

/** Until it is opened nothing is certain. */
export const LEAST_CHANCE = 0.01
export const MOST_CHANCE = 0.97

/** How much places move together: by their source, their side, the house (era, builder, upkeep); the rest is each its own. Our judgement. */
export const TOGETHER = { source: 0.5, side: 0.2, house: 0.1 } as const
