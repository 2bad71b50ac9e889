import { BELOW } from './below'
import { DECKS } from './decks'
import { FACES } from './faces'
import { ROOF } from './roof'
import type { Scene } from './scene'
import { TRIM } from './trim'

export type { Letter, Scene } from './scene'

/** The 96 scenes, by where they are seen. */
export const SCENES: readonly Scene[] = [...BELOW, ...FACES, ...ROOF, ...TRIM, ...DECKS]
