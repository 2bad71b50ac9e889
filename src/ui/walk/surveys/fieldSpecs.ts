import { feet, type Length } from '../../../core/measure'
import type { CellSpec, CellValue } from './cells'

/** A field of a survey, or a column of its readings. */
export type FieldSpec = CellSpec & { readonly key: string }
export type Row = Readonly<Record<string, CellValue>>

/** Readings of one kind, row by row. */
export type TableForm = {
  readonly key: string
  /** One of them, and what the button says. */
  readonly one: string
  readonly columns: readonly FieldSpec[]
  /** The next row begins as the last one went on. */
  readonly next: (rows: readonly Row[]) => Row
}

/** How a kind of survey is entered: its fields, and its readings. */
export type SurveyForm = {
  readonly fields: readonly FieldSpec[]
  readonly tables: readonly TableForm[]
  /** How it is done, for whoever does it for the first time. */
  readonly how: string
}

export const length = (
  key: string,
  label: string,
  of: Partial<Extract<FieldSpec, { kind: 'length' }>> = {},
): FieldSpec => ({
  kind: 'length',
  bare: 'inches',
  key,
  label,
  ...of,
})
export const signed = (
  key: string,
  label: string,
  of: Partial<Extract<FieldSpec, { kind: 'signed' }>> = {},
): FieldSpec => ({
  kind: 'signed',
  key,
  label,
  ...of,
})
export const number = (
  key: string,
  label: string,
  most: number,
  of: Partial<Extract<FieldSpec, { kind: 'number' }>> = {},
): FieldSpec => ({ kind: 'number', least: 0, most, key, label, ...of })
export const choice = (
  key: string,
  label: string,
  values: readonly string[],
  optional = false,
): FieldSpec => ({
  kind: 'choice',
  key,
  label,
  optional,
  choices: values.map((value) => ({ value, label: value.replaceAll('-', ' ') })),
})
export const text = (key: string, label: string, hint?: string): FieldSpec => ({
  kind: 'text',
  key,
  label,
  hint,
})
export const yesNo = (key: string, label: string): FieldSpec => ({ kind: 'yes-no', key, label })
export const station = length('station', 'Station', { bare: 'feet' })

export const last = (rows: readonly Row[], key: string, otherwise: CellValue): CellValue =>
  rows.at(-1)?.[key] ?? otherwise
export const further = (rows: readonly Row[], by: Length): Length =>
  (rows.length === 0 ? feet(0) : (rows.at(-1)!.station as number) + by) as Length
/** a → b, 3 → 4, corner → corner 2. */
export function nextName(name: string): string {
  const number = /^(.*?)(\d+)$/.exec(name)
  if (number) return `${number[1]}${Number(number[2]) + 1}`
  if (/^[a-y]$/i.test(name)) return String.fromCharCode(name.charCodeAt(0) + 1)
  return name === '' ? 'a' : `${name} 2`
}
export const SIZES = ['2x6', '2x8', '2x10', '2x12']
