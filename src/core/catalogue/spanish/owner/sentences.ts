import { MATERIALS } from '../../materials/materials'
import { MATERIAL_NAMES } from '../parts'
import type { Pair } from './pair'
import { DANGER, DONE } from './said/done'
import { FOUND } from './said/found'
import { HEADS, TROUBLES } from './said/heads'
import { LOOKED } from './said/looked'
import { CHANGES, MEASURED } from './said/measured'
import { TERMS } from './said/terms'
import { WORDS } from './said/words'

/** All that is said around the rows of the catalogue. */
export const SENTENCES: readonly Pair[] = [
  ...MATERIALS.flatMap(({ id, name }): Pair[] => (MATERIAL_NAMES[id] ? [[name, MATERIAL_NAMES[id]]] : [])),
  ...WORDS,
  ...FOUND,
  ...DONE,
  ...DANGER,
  ...LOOKED,
  ...TERMS,
  ...HEADS,
  ...MEASURED,
  ...CHANGES,
  ...TROUBLES,
]
