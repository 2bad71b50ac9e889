import {
  BELOW_ROOF_END,
  HIDDEN,
  HIDDEN_ODDS,
  TOGETHER,
  type ByGrade,
  type HiddenRow,
  type OddsRow,
} from '../catalogue/hidden/hidden'
import {
  CLIMATE_TIMES,
  DEARER_A_YEAR,
  FRAMING_TIMES,
  WAITING,
  type WaitingRow,
} from '../catalogue/hidden/waiting'
import type { EntityOf } from '../job'
import { byKey, MINE, number, type Shipped } from './value'

/** Shares of what moves places together. */
export type Together = { readonly [K in keyof typeof TOGETHER]: number }

/** What may hide and what waiting does, as the firm of a job reckons it. */
export type HiddenRows = {
  readonly rows: readonly HiddenRow[]
  readonly below_roof_end: HiddenRow
  readonly odds: readonly OddsRow[]
  readonly together: Together
  readonly waiting: readonly WaitingRow[]
  readonly climate: { readonly [K in keyof typeof CLIMATE_TIMES]: number }
  readonly framing_times: { readonly [K in keyof typeof FRAMING_TIMES]: number }
  readonly dearer: { readonly [K in keyof typeof DEARER_A_YEAR]: number }
}

const GRADES = ['sound', 'surface', 'local soft', 'deep', 'gone'] as const
const ENDS = ['low', 'typical', 'high'] as const
const SHARE = number(0, 1)

/** Every number of these rows under its key: what is shipped, and how it is told. */
function eachNumber(
  visit: (key: string, name: string, shipped: number, takes: Shipped['takes']) => void,
): void {
  for (const row of [...HIDDEN, BELOW_ROOF_END]) {
    for (const layer of ['backing', 'framing'] as const) {
      row[layer]?.forEach((chance, grade) =>
        visit(
          `hidden.${row.id}.${layer}.${grade}`,
          `${row.name}, ${GRADES[grade]}: ${layer} damaged`,
          chance,
          SHARE,
        ),
      )
    }
    row.extent.forEach((times, end) =>
      visit(
        `hidden.${row.id}.extent.${ENDS[end]}`,
        `${row.name}: reaches further, ${ENDS[end]}`,
        times,
        number(1, 20),
      ),
    )
  }
  for (const { id, name, times } of HIDDEN_ODDS)
    visit(`hidden.odds.${id}`, `odds, ${name}`, times, number(0.01, 50))
  for (const [by, share] of Object.entries(TOGETHER))
    visit(`hidden.together.${by}`, `places of one ${by} move together by`, share, number(0, 0.9))
  for (const row of WAITING) {
    row.growth.forEach((growth, end) =>
      visit(
        `waiting.${row.id}.growth.${ENDS[end]}`,
        `waiting, ${row.name}: grows in a year, ${ENDS[end]}`,
        growth,
        number(0, 5),
      ),
    )
    visit(
      `waiting.${row.id}.reaches`,
      `waiting, ${row.name}: reaches the framing in a year`,
      row.reaches,
      SHARE,
    )
  }
  const few = (of: string, name: string, values: Readonly<Record<string, number>>, most: number): void => {
    for (const [key, value] of Object.entries(values))
      visit(`waiting.${of}.${key}`, `waiting, ${name}: ${key}`, value, number(0, most))
  }
  few('climate', 'decay index and what it does', CLIMATE_TIMES, 200)
  few('framing', 'cost once the framing is reached, times', FRAMING_TIMES, 20)
  few('dearer', 'dearer in a year', DEARER_A_YEAR, 1)
}

/** All of it that a firm may change. */
export function hiddenValues(): Shipped[] {
  const all: Shipped[] = []
  eachNumber((key, name, shipped, takes) =>
    all.push(
      byKey({ key, group: 'What may hide, and waiting', name, unit: '', source: MINE, shipped, takes }),
    ),
  )
  return all
}

type Values = EntityOf['settings']['values']
const made = new WeakMap<Values, HiddenRows>()

/** The rows of one settings edition; a job pins its own. */
export function hiddenRowsOf({ values }: Pick<EntityOf['settings'], 'values'>): HiddenRows {
  const held = made.get(values)
  if (held) return held
  const own = (key: string, shipped: number): number => {
    const value = values[key]?.value
    return typeof value === 'number' ? value : shipped
  }
  const byGrade = (row: HiddenRow, layer: 'backing' | 'framing', chances: ByGrade): ByGrade =>
    chances.map((chance, grade) => own(`hidden.${row.id}.${layer}.${grade}`, chance)) as unknown as ByGrade
  const ends = <T extends readonly number[]>(key: string, values_: T): T =>
    values_.map((value, end) => own(`${key}.${ENDS[end]}`, value)) as unknown as T
  const few = <K extends string>(of: string, all: Readonly<Record<K, number>>): Record<K, number> =>
    Object.fromEntries(
      Object.entries<number>(all).map(([key, value]) => [key, own(`${of}.${key}`, value)]),
    ) as Record<K, number>
  const hidden = (row: HiddenRow): HiddenRow => ({
    ...row,
    backing: row.backing && byGrade(row, 'backing', row.backing),
    framing: byGrade(row, 'framing', row.framing),
    extent: ends(`hidden.${row.id}.extent`, row.extent),
  })
  const rows: HiddenRows = {
    rows: HIDDEN.map(hidden),
    below_roof_end: hidden(BELOW_ROOF_END),
    odds: HIDDEN_ODDS.map((row) => ({ ...row, times: own(`hidden.odds.${row.id}`, row.times) })),
    together: few('hidden.together', TOGETHER),
    waiting: WAITING.map((row) => ({
      ...row,
      growth: ends(`waiting.${row.id}.growth`, row.growth),
      reaches: own(`waiting.${row.id}.reaches`, row.reaches),
    })),
    climate: few('waiting.climate', CLIMATE_TIMES),
    framing_times: few('waiting.framing', FRAMING_TIMES),
    dearer: few('waiting.dearer', DEARER_A_YEAR),
  }
  made.set(values, rows)
  return rows
}
