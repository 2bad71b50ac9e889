import { OWNER_PAIRS } from '../catalogue/spanish/owner'
import { readerOf, type Reader } from './reader'
import { spanishDay } from './spanishDay'

let made: Reader | null = null

/** Reads what a bid or a change order says into Spanish. Made once, when it is first asked for. */
export const inSpanish: Reader = (text) => (made ??= readerOf(OWNER_PAIRS, spanishDay))(text)
