import { err, ok, type Result } from '../result'
import { inches, type Length } from './length'

/** Why a typed length could not be read. */
export type LengthError =
  | { readonly kind: 'empty' }
  | { readonly kind: 'not-a-length'; readonly text: string }
  | { readonly kind: 'zero-denominator'; readonly text: string }
  | { readonly kind: 'too-long'; readonly text: string; readonly limit_ft: number }

/** No wall of a house is longer; a typed 4000 is a slip of the finger. */
export const LONGEST_FT = 1000

const NUMBER = String.raw`(?:\d+(?:\.\d+)?|\.\d+)`
/** A whole number, a decimal, a fraction, or a whole number and a fraction (`6-1/2`, `6 1/2`). */
const MIXED = String.raw`(?:\d+[\s-]+\d+\s*/\s*\d+|\d+\s*/\s*\d+|${NUMBER})`
const FOOT = String.raw`(?:'|feet|foot|ft\.?)`
const INCH = String.raw`(?:"|''|inches|inch|in\.?)`

const FEET_AND_INCHES = new RegExp(`^(${NUMBER})\\s*${FOOT}[\\s-]*(?:(${MIXED})\\s*(?:${INCH})?)?$`)
const FEET_DASH_INCHES = new RegExp(`^(\\d+)\\s*-\\s*(${MIXED})\\s*(?:${INCH})?$`)
const INCHES_ONLY = new RegExp(`^(${MIXED})\\s*(${INCH})$`)
const BARE = new RegExp(`^(${MIXED})$`)
const METRIC = new RegExp(`^(${NUMBER})\\s*(mm|cm|m)$`)

const MM_PER: Record<string, number> = { mm: 1, cm: 10, m: 1000 }
const MM_PER_INCH = 25.4

function mixed(text: string): number | null {
  const fraction = /^(?:(\d+)[\s-]+)?(\d+)\s*\/\s*(\d+)$/.exec(text)
  if (!fraction) return Number(text)
  const bottom = Number(fraction[3])
  if (bottom === 0) return null
  return Number(fraction[1] ?? 0) + Number(fraction[2]) / bottom
}

function inchesOf(text: string, bare: 'feet' | 'inches'): number | null | undefined {
  let found = FEET_AND_INCHES.exec(text)
  if (found) {
    const rest = found[2] === undefined ? 0 : mixed(found[2])
    return rest === null ? null : Number(found[1]) * 12 + rest
  }
  found = INCHES_ONLY.exec(text)
  if (found) return mixed(found[1]!)
  found = METRIC.exec(text)
  if (found) return (Number(found[1]) * MM_PER[found[2]!]!) / MM_PER_INCH
  // `14-0` is fourteen feet, `5-1/2` five inches and a half: a dash before a plain fraction stays a mixed number.
  found = BARE.exec(text)
  if (found) {
    const value = mixed(found[1]!)
    const isFraction = found[1]!.includes('/')
    return value === null ? null : bare === 'feet' && !isFraction ? value * 12 : value
  }
  found = FEET_DASH_INCHES.exec(text)
  if (found) {
    const rest = mixed(found[2]!)
    return rest === null ? null : Number(found[1]) * 12 + rest
  }
  return undefined
}

/**
 * Reads a length as the trade writes it: `18' 6-1/2"`, `5 7/16`, `14-0`, `5.5 ft`, `15/32`, `450 mm`.
 *
 * Units: a bare number is in `bare` units (inches unless said); a bare fraction is always inches.
 * Ends: 0 up to 1,000 ft; to the nearest 64th of an inch.
 * Fails: `empty`, `not-a-length`, `zero-denominator`, `too-long`.
 *
 * @example
 * parseLength('18\' 6-1/2"') // => ok(14240)
 * parseLength('5 7/16') // => ok(348)
 * parseLength('14-0') // => ok(10752)
 * parseLength('42', { bare: 'feet' }) // => ok(32256)
 * parseLength('a bit') // => err({ kind: 'not-a-length', text: 'a bit' })
 */
export function parseLength(
  text: string,
  options: { bare: 'feet' | 'inches' } = { bare: 'inches' },
): Result<Length, LengthError> {
  const tidy = text
    .trim()
    .toLowerCase()
    .replaceAll(/[’′‘]/g, "'")
    .replaceAll(/[”″“]/g, '"')
    .replaceAll(/\s+/g, ' ')
  if (tidy === '') return err({ kind: 'empty' })
  const value = inchesOf(tidy, options.bare)
  if (value === undefined) return err({ kind: 'not-a-length', text: text.trim() })
  if (value === null) return err({ kind: 'zero-denominator', text: text.trim() })
  if (value > LONGEST_FT * 12) return err({ kind: 'too-long', text: text.trim(), limit_ft: LONGEST_FT })
  return ok(inches(value))
}
