import {
  DAYS,
  GOODS,
  LADDER_SERVES_FT,
  LEAD_SAFE_TIMES,
  LIVED_IN_TIMES,
  materialName,
  REACH,
  startingSectionRates,
  TASKS,
  type Source,
} from '../catalogue'
import type { EntityOf } from '../job'
import { dollars } from '../measure'
import { err, ok, type Result } from '../result'
import { TASK_FIELDS } from './rows'

type Settings = EntityOf['settings']
type Rates = EntityOf['rates']

/** One number that the stages reckon with and a firm may change: what was shipped, and its own. */
export type FirmValue = {
  /** Its name in settings, in files and in the history; never used for anything else. */
  readonly key: string
  readonly group: string
  readonly name: string
  readonly unit: string
  readonly source: Source
  readonly shipped: number
  /** Null: the shipped one holds. */
  readonly own: number | null
  readonly reason: string
  readonly least: number
  readonly most: number
}

type Shipped = Omit<FirmValue, 'own' | 'reason'>

const MINE = 'our judgement'
const FIELD_WORDS = { set_up_h: 'set-up', low: 'low', typical: 'typical', high: 'high' } as const

function hours(): Shipped[] {
  return TASKS.flatMap((task) =>
    TASK_FIELDS.map((field) => ({
      key: `task.${task.id}.${field}`,
      group: 'Hours',
      name: `${task.name}: ${FIELD_WORDS[field]}`,
      unit: field === 'set_up_h' ? `h a ${task.set_up_per}` : `h a ${task.unit}`,
      source: task.source,
      shipped: task[field],
      least: 0,
      most: 1000,
    })),
  )
}

function factors(): Shipped[] {
  const times = (key: string, name: string, shipped: number): Shipped => ({
    key,
    group: 'Factors on hours',
    name,
    unit: 'times',
    source: MINE,
    shipped,
    least: 1,
    most: 5,
  })
  return [
    ...REACH.map((row) => times(`reach.${row.id}`, row.name, row.times)),
    times('factor.lead-safe', 'lead-safe, on what breaks paint', LEAD_SAFE_TIMES),
    times('factor.lived-in', 'lived in, outside work', LIVED_IN_TIMES),
    {
      ...times(
        'reach.ladder-serves',
        'length of a run that a ladder serves before it is moved',
        LADDER_SERVES_FT,
      ),
      unit: 'ft',
      most: 100,
    },
  ]
}

function days(): Shipped[] {
  const day = (key: keyof typeof DAYS, name: string, unit: string, least: number, most: number): Shipped => ({
    key: `days.${key}`,
    group: 'Days and visits',
    name,
    unit,
    source: MINE,
    shipped: DAYS[key],
    least,
    most,
  })
  return [
    day('day_h', 'hours of one person in a day', 'h', 1, 24),
    day('short_crew_days', 'up to so many crew-days the short day’s share holds', 'crew-days', 0, 10),
    day('full_crew_days', 'from so many crew-days the full day’s share holds', 'crew-days', 0.1, 20),
    day('days_a_visit', 'days of a stay before it is set up anew', 'days', 1, 60),
    day('along_yd3', 'loose debris that goes along in the van', 'yd³', 0, 20),
  ]
}

const usd = (key: string, group: string, name: string, unit: string, shipped: number): Shipped => ({
  key,
  group,
  name,
  unit,
  source: MINE,
  shipped,
  least: 0,
  most: 100_000,
})

function goods(): Shipped[] {
  return GOODS.map((good) =>
    usd(`good.${good.id}`, 'Goods', good.name, `$ a ${good.unit}`, good.starting_usd),
  )
}

function boards(): Shipped[] {
  return Object.entries(startingSectionRates()).map(([section, cents]) => {
    const at = section.indexOf(' ')
    const name = `${section.slice(0, at)} ${materialName(section.slice(at + 1))}`
    return usd(`section.${section}`, 'Boards', name, '$ a ft', cents / 100)
  })
}

/** Every number a firm may change, as shipped, in the order a page shows them. */
export const SHIPPED_VALUES: readonly Shipped[] = [
  ...hours(),
  ...factors(),
  ...days(),
  ...goods(),
  ...boards(),
]
const BY_KEY = new Map(SHIPPED_VALUES.map((value) => [value.key, value]))

/** Where a value's own number is kept: goods and boards in the rates, since they are money; all else in the settings. */
function inRates(key: string, rates: Rates): number | undefined {
  const dot = key.indexOf('.')
  const name = key.slice(dot + 1)
  if (key.startsWith('good.')) return rates.consumable_cents[name]
  if (key.startsWith('section.')) return rates.section_cents_per_ft[name]
  return undefined
}

const isMoney = (key: string): boolean => key.startsWith('good.') || key.startsWith('section.')

/** Every value with what the firm has in its place. */
export function firmValues(settings: Settings, rates: Rates): FirmValue[] {
  return SHIPPED_VALUES.map((value): FirmValue => {
    const said = settings.values[value.key]
    const reason = said?.reason ?? ''
    if (!isMoney(value.key)) return { ...value, own: said?.value ?? null, reason }
    const cents = inRates(value.key, rates)
    const own = cents === undefined ? null : cents / 100
    return { ...value, own: own === null || Math.abs(own - value.shipped) < 0.005 ? null : own, reason }
  })
}

/** One change of a value; null takes the firm's own away again. */
export type ValueChange = { readonly key: string; readonly value: number | null; readonly reason: string }

export type ValueError =
  | { readonly kind: 'unknown-value'; readonly key: string }
  | {
      readonly kind: 'out-of-range'
      readonly key: string
      readonly name: string
      readonly least: number
      readonly most: number
    }
  | { readonly kind: 'reason-needed'; readonly key: string; readonly name: string }

/** Why a change cannot be taken; null where it can. */
export function wrongWith(change: ValueChange): ValueError | null {
  const value = BY_KEY.get(change.key)
  if (!value) return { kind: 'unknown-value', key: change.key }
  const { key, name, least, most } = value
  if (change.value !== null && !(change.value >= least && change.value <= most))
    return { kind: 'out-of-range', key, name, least, most }
  if (change.value !== null && change.reason.trim() === '') return { kind: 'reason-needed', key, name }
  return null
}

export function valueErrorWords(error: ValueError): string {
  switch (error.kind) {
    case 'unknown-value':
      return `No value is called ${error.key}: take it from a list this program wrote.`
    case 'out-of-range':
      return `${error.name}: from ${error.least} to ${error.most}.`
    case 'reason-needed':
      return `${error.name}: say why, so that the next person knows.`
  }
}

type Kept = { readonly settings: Settings; readonly rates: Rates }

function withOne({ settings, rates }: Kept, change: ValueChange): Kept {
  const { key, value, reason } = change
  const values = Object.fromEntries(Object.entries(settings.values).filter(([name]) => name !== key))
  if (value !== null) values[key] = { value, reason }
  const kept = { ...settings, values }
  if (!isMoney(key)) return { settings: kept, rates }
  const table = key.startsWith('good.') ? 'consumable_cents' : 'section_cents_per_ft'
  const cents = dollars(value ?? BY_KEY.get(key)!.shipped)
  return {
    settings: kept,
    rates: { ...rates, [table]: { ...rates[table], [key.slice(key.indexOf('.') + 1)]: cents } },
  }
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
  readonly changes: readonly (ValueChange & { readonly name: string; readonly was: number | null })[]
  readonly wrong: readonly string[]
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
    const text = row.own?.trim() ?? ''
    const own = text === '' ? null : Number(text)
    if (own !== null && !Number.isFinite(own)) {
      wrong.push(`${line}${value.name}: “${text}” is no number.`)
      return
    }
    const change = { key, value: own, reason: row.reason?.trim() ?? '' }
    if (change.value === value.own && (change.value === null || change.reason === value.reason)) return
    const error = wrongWith(change)
    if (error) wrong.push(`${line}${valueErrorWords(error)}`)
    else changes.push({ ...change, name: value.name, was: value.own })
  })
  return { changes, wrong }
}
