import { CONDITION_SIGNS } from './conditions'
import { GROUND_AND_INSIDE_SIGNS } from './ground'
import { LIFE_SIGNS } from './life'
import { ROOF_EDGE_SIGNS } from './roofEdge'
import { STRUCTURE_SIGNS } from './structure'
import { WALL_SIGNS } from './walls'
import { WOOD_SIGNS } from './wood'
import { SURFACE_SIGNS } from './surfaces'
import { FLOOR_SIGNS } from './floors'
import { CRACK_SIGNS } from './cracks'
import { ROOF_SIGNS } from './roof'
import { THING_SIGNS } from './things'
import type { Sign } from './sign'

export type { Sign } from './sign'
export { CONDITION_SIGNS } from './conditions'

/** Every sign, by the group it is looked for in. */
export const SIGN_GROUPS = {
  'roof and gutter': ROOF_EDGE_SIGNS,
  'walls and openings': WALL_SIGNS,
  'ground, damp and inside': GROUND_AND_INSIDE_SIGNS,
  'what lives there': LIFE_SIGNS,
  'decks, framing and movement': STRUCTURE_SIGNS,
  'the wood itself': WOOD_SIGNS,
  'faces, boards and paint': SURFACE_SIGNS,
  'floors and below them': FLOOR_SIGNS,
  'cracks and walls': CRACK_SIGNS,
  'on the roof': ROOF_SIGNS,
  'decks, doors, wires, homes': THING_SIGNS,
  'how well it could be seen': CONDITION_SIGNS,
} as const

export const SIGNS = {
  ...ROOF_EDGE_SIGNS,
  ...WALL_SIGNS,
  ...GROUND_AND_INSIDE_SIGNS,
  ...LIFE_SIGNS,
  ...STRUCTURE_SIGNS,
  ...WOOD_SIGNS,
  ...SURFACE_SIGNS,
  ...FLOOR_SIGNS,
  ...CRACK_SIGNS,
  ...ROOF_SIGNS,
  ...THING_SIGNS,
  ...CONDITION_SIGNS,
} as const satisfies Record<string, Sign>

export type SignId = keyof typeof SIGNS
export const SIGN_IDS = Object.keys(SIGNS) as SignId[]

export function isSign(id: string): id is SignId {
  return Object.hasOwn(SIGNS, id)
}

export function signOf(id: SignId): Sign {
  return SIGNS[id]
}
