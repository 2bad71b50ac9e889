import type { ComponentId } from '../../../src/core/job'
import type { Case } from '../build'

/**
 * How sure the answer is: S practitioners say it outright · L they lean to it · G a guess, must be among the candidates · T what the
 * trade or arithmetic requires there.
 */
export type Letter = 'S' | 'L' | 'G' | 'T'

/**
 * One scene of the trade with the answers practitioners give, written by another hand than the engine's and encoded as its user would
 * enter it. `found` is as in `Case`; signs, parts and causes are called what they would be called, whether the catalogue has the word
 * yet or not: what it does not know is counted as *no word*.
 */
export type Scene = {
  readonly id: string
  readonly title: string
  readonly house?: Case['house']
  readonly found: readonly string[]
  /** Of which finding (counted from 1), which cause, how sure. */
  readonly cause?: readonly (readonly [number, string, Letter])[]
  /** Causes that must not be concluded of any finding. */
  readonly not?: readonly (readonly [string, Letter])[]
  /** Words that some caution must say. */
  readonly caution?: readonly (readonly [RegExp, Letter])[]
  /** Of which finding, which method must be offered and may be taken. */
  readonly method?: readonly (readonly [number, string, Letter])[]
  /** Of which finding, which method must be held back. */
  readonly blocked?: readonly (readonly [number, string, Letter])[]
  /** Of which finding, what the next look is, by words of the check or of its sign. */
  readonly look?: readonly (readonly [number, RegExp, Letter])[]
  /** Notes of the house: a hazard somebody noted, in the order `kind | place | words`. */
  readonly hazards?: readonly string[]
  /** Whether opening, drilling or probing is allowed there. */
  readonly permit?: 'look-and-touch'
}
export type PartWord = ComponentId | (string & {})
