import { damage, detail, type Sign } from './sign'

/** How the wood itself looks and breaks, and where in the part it is soft. */
export const WOOD_SIGNS = {
  'comes-off-in-thin-sheets': damage('T', 'flakes off in thin sheets under the awl'),
  'brown-cubes': damage('T', 'breaks into brown cubes'),
  'white-strings': damage('T', 'pale and stringy'),
  'galleries-kind-unknown': damage('T', 'galleries, of what kind nobody could tell'),
  'broken-through': damage('E', 'broken through'),
  'dished-in': damage('T', 'dished or sunk in'),
  warped: damage('E', 'warped or cupped'),
  'end-frayed': damage('E', 'end frayed'),
  'differs-from-beside': detail('E', 'another thickness or kind than what is beside it'),
  'made-of-two-pieces': detail('E', 'made up of two or more pieces'),
  'too-thin-for-part': detail('E', 'thinner than such a part should be'),
  'from-top-down': damage('T', 'soft from the top down'),
  'from-bottom-up': damage('T', 'soft from the bottom up'),
  'from-middle-down': damage('T', 'soft from the middle down'),
  'only-at-one-end': damage('T', 'only at one end'),
  'worst-at-one-spot': damage('T', 'bad all over, worst at one spot'),
} as const satisfies Record<string, Sign>
