import { err, ok, type Result } from '../result'
import type { Length } from './length'
import { parseLength, type LengthError } from './parseLength'

/** One stretch of a walk round the house: how far, then which way the walker turns (degrees, left positive). */
export type Leg = { readonly length: Length; readonly turn_deg: number }

export type WalkError =
  | { readonly kind: 'no-sides' }
  | { readonly kind: 'bad-length'; readonly word: string; readonly because: LengthError }
  | { readonly kind: 'turn-without-side'; readonly word: string }
  | { readonly kind: 'side-without-turn'; readonly word: string }

const TURN = /^([lr])(\d+(?:\.\d+)?)?$/i

/**
 * Reads sides in walking order: `42 L 30 L 42 L 30`, feet unless marked, `L45` for a bay's half corner.
 *
 * Sign: turns are the walker's; left is positive. The corner back to the start is implied: a closed walk turns
 * 360 degrees in all, and the last leg gets what is missing.
 * Fails: `no-sides`, `bad-length`, `turn-without-side`, `side-without-turn`.
 *
 * @example
 * parseWalk('42 L 30 L 42 L 30').value.map((leg) => leg.turn_deg) // => [90, 90, 90, 90]
 */
export function parseWalk(text: string): Result<readonly Leg[], WalkError> {
  const words = text
    .trim()
    .split(/[\s,]+/)
    .filter(Boolean)
  // Feet and inches may come apart at the blank: `18' 6"` is one length.
  const joined: string[] = []
  for (const word of words) {
    const last = joined.at(-1)
    if (last?.endsWith("'") && /^\d/.test(word)) joined[joined.length - 1] = `${last} ${word}`
    else joined.push(word)
  }
  const legs: { length: Length; turn_deg: number | null }[] = []
  for (const word of joined) {
    const turn = TURN.exec(word)
    const open = legs.at(-1)
    if (turn) {
      if (!open || open.turn_deg !== null) return err({ kind: 'turn-without-side', word })
      open.turn_deg = Number(turn[2] ?? 90) * (turn[1]!.toLowerCase() === 'l' ? 1 : -1)
      continue
    }
    if (open && open.turn_deg === null) return err({ kind: 'side-without-turn', word })
    const length = parseLength(word, { bare: 'feet' })
    if (!length.ok) return err({ kind: 'bad-length', word, because: length.error })
    legs.push({ length: length.value, turn_deg: null })
  }
  if (legs.length === 0) return err({ kind: 'no-sides' })
  const sum = legs.reduce((total, leg) => total + (leg.turn_deg ?? 0), 0)
  const whole = sum < 0 ? -360 : 360
  return ok(legs.map((leg) => ({ length: leg.length, turn_deg: leg.turn_deg ?? whole - sum })))
}
