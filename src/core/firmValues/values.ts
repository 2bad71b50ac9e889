import { err, ok, type Result } from '../result'
import { lengthsFrom, lengthsText } from './bought'
import { SHIPPED_VALUES } from './shipped'
import type { Kept, Shipped, Value } from './value'

/** One value a firm may change: what was shipped, and its own. */
export type FirmValue = Omit<Shipped, 'place'> & {
  /** Null: the shipped one holds. */
  readonly own: Value | null
  readonly reason: string
}

const BY_KEY = new Map(SHIPPED_VALUES.map((value) => [value.key, value]))

const isSame = (a: Value, b: Value): boolean =>
  typeof a === 'number' && typeof b === 'number' ? Math.abs(a - b) < 1e-6 : a === b

/** The firm's own in place of a shipped value; null where it has the shipped one. */
function ownOf({ key, shipped, place }: Shipped, kept: Kept): Value | null {
  const value = place === null ? (kept.settings.values[key]?.value ?? null) : place.read(kept)
  return value === null || isSame(value, shipped) ? null : value
}

/** Every value with what the firm has in its place. */
export function firmValues(settings: Kept['settings'], rates: Kept['rates']): FirmValue[] {
  const kept = { settings, rates }
  return SHIPPED_VALUES.map((value) => {
    const { key, group, name, unit, source, shipped, takes } = value
    const reason = settings.values[key]?.reason ?? ''
    return { key, group, name, unit, source, shipped, takes, own: ownOf(value, kept), reason }
  })
}

/** One change of a value; null takes the firm's own away again. */
export type ValueChange = {
  readonly key: string
  readonly value: Value | null
  readonly reason: string
  /** Taken from what closed jobs say: the value they were weighed against. */
  readonly from?: number | undefined
}

export type ValueError =
  | { readonly kind: 'unknown-value'; readonly key: string }
  | {
      readonly kind: 'out-of-range'
      readonly key: string
      readonly name: string
      readonly least: number
      readonly most: number
    }
  | { readonly kind: 'not-so'; readonly key: string; readonly name: string; readonly wants: string }
  | { readonly kind: 'reason-needed'; readonly key: string; readonly name: string }

/** Why a value cannot be taken; null where it can. */
function wrongValue({ key, name, takes }: Shipped, value: Value): ValueError | null {
  const notSo = (wants: string): ValueError => ({ kind: 'not-so', key, name, wants })
  switch (takes.kind) {
    case 'number': {
      const { least, most } = takes
      if (typeof value !== 'number') return notSo('a number')
      return value >= least && value <= most ? null : { kind: 'out-of-range', key, name, least, most }
    }
    case 'words': {
      const fits =
        typeof value === 'string' &&
        (takes.mayBeEmpty === true || value.trim() !== '') &&
        value.length <= takes.longest
      return fits ? null : notSo(`words, at most ${takes.longest} letters`)
    }
    case 'choice':
      return takes.of.some(({ id }) => id === value)
        ? null
        : notSo(`one of ${takes.of.map(({ id }) => id).join(', ')}`)
    case 'lengths':
      return lengthsFrom(String(value)) === null ? notSo('lengths in feet, as 8, 12, 16') : null
  }
}

/** Why a change cannot be taken; null where it can. */
export function wrongWith(change: ValueChange): ValueError | null {
  const value = BY_KEY.get(change.key)
  if (!value) return { kind: 'unknown-value', key: change.key }
  if (change.value === null) return null
  const wrong = wrongValue(value, change.value)
  if (wrong) return wrong
  return change.reason.trim() === '' ? { kind: 'reason-needed', key: value.key, name: value.name } : null
}

export function valueErrorWords(error: ValueError): string {
  switch (error.kind) {
    case 'unknown-value':
      return `No value is called ${error.key}: take it from a list this program wrote.`
    case 'out-of-range':
      return `${error.name}: from ${error.least} to ${error.most}.`
    case 'not-so':
      return `${error.name}: ${error.wants}.`
    case 'reason-needed':
      return `${error.name}: say why, so that the next person knows.`
  }
}

/** A value as it is kept: lengths in order, each once. */
function tidy({ takes }: Shipped, value: Value): Value {
  const lengths = takes.kind === 'lengths' ? lengthsFrom(String(value)) : null
  return lengths ? lengthsText(lengths) : value
}

function withOne(kept: Kept, { key, value, reason, from }: ValueChange): Kept {
  const row = BY_KEY.get(key)!
  const others = Object.fromEntries(Object.entries(kept.settings.values).filter(([name]) => name !== key))
  const own = value === null ? null : tidy(row, value)
  // What jobs were weighed against is kept even where they lead back to what was shipped.
  const isOwn = own !== null && (from !== undefined || !isSame(own, row.shipped))
  const said = from === undefined ? { reason } : { reason, from }
  // One with a field of its own keeps its number there, and here why.
  const values = isOwn ? { ...others, [key]: { value: own, ...said } } : others
  const noted = { ...kept, settings: { ...kept.settings, values } }
  return row.place === null ? noted : row.place.write(noted, own ?? row.shipped)
}

/**
 * Settings and rates with changes made, all or none.
 *
 * Fails: with every change that is wrong.
 */
export function withValues(kept: Kept, changes: readonly ValueChange[]): Result<Kept, readonly ValueError[]> {
  const wrong = changes.flatMap((change) => wrongWith(change) ?? [])
  if (wrong.length > 0) return err(wrong)
  return ok(changes.reduce(withOne, kept))
}

/** A row of a file of values, as text. */
export type ValueRow = Readonly<Record<string, string | undefined>>

/** Columns of a file of values. */
export const VALUE_COLUMNS = ['key', 'name', 'unit', 'shipped', 'own', 'reason'] as const

/** Values as rows of a file. */
export function valueRows(values: readonly FirmValue[]): Record<(typeof VALUE_COLUMNS)[number], string>[] {
  return values.map(({ key, name, unit, shipped, own, reason }) => ({
    key,
    name,
    unit,
    shipped: String(shipped),
    own: own === null ? '' : String(own),
    reason,
  }))
}

/** What taking in a file would change, and what in it is wrong, by line (the first row of values is line 2). */
export type ValuePlan = {
  readonly changes: readonly (ValueChange & { readonly name: string; readonly was: Value | null })[]
  readonly wrong: readonly string[]
}

/** What somebody typed for a value: a number where one is wanted. Empty: the shipped one. Null in `ok`: no number. */
export function typedValue(takes: Shipped['takes'], text: string): Result<Value | null, 'no number'> {
  const said = text.trim()
  if (said === '') return ok(null)
  if (takes.kind !== 'number') return ok(said)
  const value = Number(said.replace(',', '.'))
  return Number.isFinite(value) ? ok(value) : err('no number')
}

/** A dry run: nothing is changed by it. Rows that say what holds already change nothing. */
export function planValues(values: readonly FirmValue[], rows: readonly ValueRow[]): ValuePlan {
  const byKey = new Map(values.map((value) => [value.key, value]))
  const changes: ValuePlan['changes'][number][] = []
  const wrong: string[] = []
  rows.forEach((row, index) => {
    const line = `Line ${index + 2}: `
    const key = row.key?.trim() ?? ''
    const value = byKey.get(key)
    if (!value) {
      wrong.push(`${line}${valueErrorWords({ kind: 'unknown-value', key: key || 'nothing' })}`)
      return
    }
    const own = typedValue(value.takes, row.own ?? '')
    if (!own.ok) {
      wrong.push(`${line}${value.name}: “${row.own?.trim()}” is no number.`)
      return
    }
    const change = { key, value: own.value, reason: row.reason?.trim() ?? '' }
    if (change.value === value.own && (change.value === null || change.reason === value.reason)) return
    const error = wrongWith(change)
    if (error) wrong.push(`${line}${valueErrorWords(error)}`)
    else changes.push({ ...change, name: value.name, was: value.own })
  })
  return { changes, wrong }
}
