import {
  CLEARANCES,
  CURRENCY_BY_ID,
  DAYS,
  GEAR,
  LADDER_SERVES_FT,
  LEAD_SAFE_TIMES,
  LIVED_IN_INSIDE_TIMES,
  LIVED_IN_TIMES,
  methodOf,
  partOf,
  REACH,
  SLOPES,
  taskOf,
  WARRANTIES,
  WARRANTY_MONTHS,
  type BandRow,
  type GearRow,
  type MethodRow,
  type PartRow,
  type ReachRow,
  type TaskRow,
} from '../catalogue'
import { DRY_TO, type StepId } from '../catalogue/steps'
import type { EntityOf } from '../job'

/** The rows that a job is reckoned with: the shipped ones, with what the firm put in their place. */
export type ReckonedRows = {
  readonly part: (id: string | null) => PartRow | null
  readonly method: (id: string) => MethodRow | null
  readonly task: (id: string) => TaskRow
  readonly warranty: (of: keyof typeof WARRANTIES) => string
  /** Months it stands for, at least and at most; null: the firm words it itself and has not said how long it is. */
  readonly warranty_months: (of: keyof typeof WARRANTIES) => readonly [least: number, most: number] | null
  readonly reach: readonly ReachRow[]
  readonly gear: readonly GearRow[]
  readonly lead_safe_times: number
  readonly lived_in_times: number
  readonly lived_in_inside_times: number
  /** Factor of a working condition, by its id. */
  readonly condition: (id: string, shipped: number) => number
  readonly slopes: readonly BandRow[]
  readonly clearances: readonly BandRow[]
  readonly ladder_serves_ft: number
  /** Of work paid by the hour, what its ceiling lies above what is reckoned, as a share. */
  readonly ceiling_more: number
  /** Openings larger than this are taken off the surface that paint is bought for. */
  readonly deduct_above_ft2: number
  readonly days: { readonly [K in keyof typeof DAYS]: number }
  /** Nights that pass after something is done, by the row’s id. */
  readonly wait_nights: (id: string, shipped: number) => number
  /** Working days until something is there, by the row’s id. */
  readonly lead_days: (id: string, shipped: readonly [number, number]) => readonly [low: number, high: number]
  /** What a meter may read at most before a step, percent; undefined: it wants no reading. */
  readonly dry_to: (step: StepId) => number | undefined
  /** What a meter may read at most at a hold point, percent. */
  readonly hold_percent: (id: string, shipped: number | null) => number | null
  /** Days in which an invoice is to be paid. */
  readonly invoice_days: number
  /** How an invoice is paid, as its owner reads it; empty: nobody said. */
  readonly pay_to: string
  /** In which currency prices are, as their owner reads it; empty where it need not be said. */
  readonly currency_says: string
}

/** Numbers of a task that a firm may change. */
export const TASK_FIELDS = ['set_up_h', 'low', 'typical', 'high'] as const
/** Numbers of how a part is pieced that a firm may change. */
export const PIECE_FIELDS = ['cut_back_in', 'least_in'] as const
/** Lives of a method, and which end of each. */
export const LIVES = ['life', 'lifeUncured'] as const
/** Openings over this size are taken off the surface that paint is bought for, never off labour. Our judgement: a large window. */
export const DEDUCT_ABOVE_FT2 = 12
/** What the ceiling of work by the hour lies above what is reckoned. Our judgement: about what a hard day adds. */
export const CEILING_MORE = 0.25

/** Days in which an invoice is to be paid. Common practice: on receipt to thirty days. */
export const INVOICE_DAYS = 14

type Values = EntityOf['settings']['values']
type Own = (key: string, shipped: number) => number

/** A row made once, however often a stage asks for it. */
function kept<K, T>(make: (id: K) => T): (id: K) => T {
  const held = new Map<K, T>()
  return (id) => {
    const had = held.get(id)
    if (had !== undefined) return had
    const row = make(id)
    held.set(id, row)
    return row
  }
}

function withOwnTask(row: TaskRow, own: Own): TaskRow {
  const changed = TASK_FIELDS.map((field) => [field, own(`task.${row.id}.${field}`, row[field])] as const)
  return { ...row, ...Object.fromEntries(changed) }
}

function withOwnPart(row: PartRow, own: Own): PartRow {
  const { id, piece, goods } = row
  return {
    ...row,
    piece: piece && {
      ...piece,
      ...Object.fromEntries(PIECE_FIELDS.map((field) => [field, own(`piece.${id}.${field}`, piece[field])])),
    },
    goods: goods.map((use) => ({ ...use, per_ft: own(`use.${id}.${use.good}`, use.per_ft) })),
  }
}

/** The key of one end of a life: of a method, or of a method in one material. */
export const lifeKey = (of: string, life: string, end: 'low' | 'high'): string => `${life}.${of}.${end}`

function withOwnMethod(row: MethodRow, own: Own): MethodRow {
  const life = (of: string, which: string, [low, high]: readonly [number, number]) =>
    [own(lifeKey(of, which, 'low'), low), own(lifeKey(of, which, 'high'), high)] as const
  return {
    ...row,
    ...Object.fromEntries(LIVES.map((which) => [which, life(row.id, which, row[which])])),
    lifeByMaterial: Object.fromEntries(
      Object.entries(row.lifeByMaterial).map(([material, years]) => [
        material,
        life(`${row.id} ${material}`, 'life', years),
      ]),
    ),
  }
}

function withOwnBand(row: BandRow, own: Own): BandRow {
  return row.times === null ? row : { ...row, times: own(`condition.${row.id}`, row.times) }
}

const made = new WeakMap<Values, ReckonedRows>()

/** The rows of one settings edition. */
export function rowsOf({ values }: Pick<EntityOf['settings'], 'values'>): ReckonedRows {
  const held = made.get(values)
  if (held) return held
  const own: Own = (key, shipped) => {
    const value = values[key]?.value
    return typeof value === 'number' ? value : shipped
  }
  const rows: ReckonedRows = {
    part: kept((id) => {
      const row = partOf(id)
      return row && withOwnPart(row, own)
    }),
    method: kept((id) => {
      const row = methodOf(id)
      return row && withOwnMethod(row, own)
    }),
    task: kept((id) => withOwnTask(taskOf(id), own)),
    warranty: (of) => {
      const words = values[`warranty.${of}`]?.value
      return typeof words === 'string' ? words : WARRANTIES[of]
    },
    warranty_months: (of) => {
      const months = values[`warranty_months.${of}`]?.value
      if (typeof months === 'number') return [months, months]
      return typeof values[`warranty.${of}`]?.value === 'string' ? null : WARRANTY_MONTHS[of]
    },
    reach: REACH.map((row) => ({ ...row, times: own(`reach.${row.id}`, row.times) })),
    gear: GEAR.map((row) => ({ ...row, times: own(`reach.${row.id}`, row.times) })),
    lead_safe_times: own('factor.lead-safe', LEAD_SAFE_TIMES),
    lived_in_times: own('factor.lived-in', LIVED_IN_TIMES),
    lived_in_inside_times: own('factor.lived-in-inside', LIVED_IN_INSIDE_TIMES),
    condition: (id, shipped) => own(`condition.${id}`, shipped),
    slopes: SLOPES.map((row) => withOwnBand(row, own)),
    clearances: CLEARANCES.map((row) => withOwnBand(row, own)),
    ladder_serves_ft: own('reach.ladder-serves', LADDER_SERVES_FT),
    ceiling_more: own('price.ceiling_more', CEILING_MORE),
    wait_nights: (id, shipped) => own(`wait.${id}`, shipped),
    lead_days: (id, [low, high]) => {
      const least = own(`lead.${id}.low`, low)
      return [least, Math.max(least, own(`lead.${id}.high`, high))]
    },
    dry_to: (step) => {
      const shipped = DRY_TO[step]
      return shipped === undefined ? undefined : own(`dry.${step}`, shipped)
    },
    hold_percent: (id, shipped) => (shipped === null ? null : own(`hold.${id}`, shipped)),
    invoice_days: own('price.invoice_days', INVOICE_DAYS),
    pay_to: String(values['price.pay_to']?.value ?? ''),
    currency_says: CURRENCY_BY_ID.get(String(values['price.currency']?.value))?.says ?? '',
    deduct_above_ft2: own('paint.deduct_above_ft2', DEDUCT_ABOVE_FT2),
    days: {
      day_h: own('days.day_h', DAYS.day_h),
      short_crew_days: own('days.short_crew_days', DAYS.short_crew_days),
      full_crew_days: own('days.full_crew_days', DAYS.full_crew_days),
      days_a_visit: own('days.days_a_visit', DAYS.days_a_visit),
      along_yd3: own('days.along_yd3', DAYS.along_yd3),
    },
  }
  made.set(values, rows)
  return rows
}
