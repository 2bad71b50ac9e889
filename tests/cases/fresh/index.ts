import { AGAIN } from './again'
import { ONE } from './one'
import { TWO } from './two'

/**
 * Fifty-two scenes written down in plain words first, from the trade's common knowledge, and then put in the words of the sign list; both
 * before the engine was asked about any of them. `docs/trace.md` has the score of the first run.
 */
export const FRESH = [...ONE, ...TWO]

/** The same again, written after what the first ones found was mended: fewer signs each, as they are noted in a hurry, and whole houses. */
export const FRESH_AGAIN = AGAIN
