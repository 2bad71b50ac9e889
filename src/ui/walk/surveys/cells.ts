import {
  formatLength,
  parseDay,
  parseLength,
  parseNumber,
  parseTemperature_c,
  toFahrenheit,
  type Length,
} from '../../../core/measure'
import { lengthWords, saidWords } from '../../../core/words'

/** How one value of a survey is typed and shown. Empty is taken only where `optional` says so, and means not measured. */
export type CellSpec = { readonly label: string; readonly optional?: boolean; readonly hint?: string } & (
  | { readonly kind: 'length'; readonly bare: 'feet' | 'inches' }
  /** A length that may lie below what it is measured from; the laser receiver can say it. */
  | { readonly kind: 'signed'; readonly laser?: boolean }
  | { readonly kind: 'number'; readonly least: number; readonly most: number; readonly whole?: boolean }
  | { readonly kind: 'temperature' }
  | { readonly kind: 'day' }
  | { readonly kind: 'text' }
  | {
      readonly kind: 'choice'
      readonly choices: readonly { readonly value: string; readonly label: string }[]
    }
  | { readonly kind: 'number-choice'; readonly choices: readonly number[]; readonly unit?: string }
  | { readonly kind: 'yes-no' }
)
export type CellValue = string | number | boolean | null

/** A value as it stands in its field. */
export function showCell(spec: CellSpec, value: CellValue): string {
  if (value === null) return ''
  switch (spec.kind) {
    // As it was read: a gauge tells a sixty-fourth.
    case 'length':
    case 'signed':
      return formatLength(value as Length, 'exact')
    case 'temperature':
      return String(toFahrenheit(value as number))
    default:
      return String(value)
  }
}

export type CellRead =
  { readonly ok: true; readonly value: CellValue } | { readonly ok: false; readonly words: string }

const read = (value: CellValue): CellRead => ({ ok: true, value })
const wrong = (words: string): CellRead => ({ ok: false, words })

/** What was typed, or what to do about it. */
export function readCell(spec: CellSpec, text: string, today: string): CellRead {
  const typed = text.trim()
  if (typed === '' && spec.kind !== 'text')
    return spec.optional ? read(null) : wrong('Say how much, or remove the row.')
  switch (spec.kind) {
    case 'length': {
      const parsed = parseLength(typed, { bare: spec.bare })
      return parsed.ok ? read(parsed.value) : wrong(lengthWords(parsed.error))
    }
    case 'signed': {
      const below = /^[-−]/.test(typed)
      const parsed = parseLength(typed.replace(/^[-−+]\s*/, ''), { bare: 'inches' })
      return parsed.ok ? read((below ? -1 : 1) * parsed.value + 0) : wrong(lengthWords(parsed.error))
    }
    case 'number': {
      const { least, most, whole = false } = spec
      const parsed = parseNumber(typed, { least, most, whole })
      return parsed.ok
        ? read(parsed.value)
        : wrong(
            saidWords(parsed.error, `a number from ${least} to ${most}, such as ${whole ? 3 : '3 or 3.5'}`),
          )
    }
    case 'temperature': {
      const parsed = parseTemperature_c(typed, { least: -40, most: 70 })
      return parsed.ok
        ? read(parsed.value)
        : wrong(saidWords(parsed.error, 'a temperature, such as 52 or 11 C'))
    }
    case 'day': {
      const parsed = parseDay(typed, today)
      return parsed.ok
        ? read(parsed.value)
        : wrong(saidWords(parsed.error, 'a day, such as yesterday, May 4 or 2026-05-04'))
    }
    case 'text':
      return read(text)
    case 'choice':
      return read(typed)
    case 'number-choice':
      return read(Number(typed))
    case 'yes-no':
      return read(typed === 'yes')
  }
}
