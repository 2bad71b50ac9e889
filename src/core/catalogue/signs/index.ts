import { CONDITION_SIGNS } from './conditions'
import { GROUND_AND_INSIDE_SIGNS } from './ground'
import { LIFE_SIGNS } from './life'
import { ROOF_EDGE_SIGNS } from './roofEdge'
import { STRUCTURE_SIGNS } from './structure'
import { WALL_SIGNS } from './walls'
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
  'how well it could be seen': CONDITION_SIGNS,
} as const

export const SIGNS = {
  ...ROOF_EDGE_SIGNS,
  ...WALL_SIGNS,
  ...GROUND_AND_INSIDE_SIGNS,
  ...LIFE_SIGNS,
  ...STRUCTURE_SIGNS,
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
