import { WAITS_YEARS, type WaitingRow } from '../catalogue/hidden/waiting'
import { hiddenRowsOf } from '../firmValues/hiddenRows'
import { rowsOf } from '../firmValues/rows'
import { byId, gradeOf, type Finding, type JobDocument } from '../job'
import { toFeet, type Cents } from '../measure'
import type { Derived } from '../pipeline'
import { hiddenChance } from '../price'
import { wettest } from '../price/hidden/chances'
import { waitTimes } from '../price/hidden/waiting'
import type { ScopeItem } from '../scope'
import { memberAt } from '../takeoff'
import { causeNamed, causeOf } from '../trace'
import { decayClimate } from '../trace/decayClimate'

type Named = { readonly item_id: string; readonly name: string }

/** One piece of work and what waiting may do to it. */
export type WaitingItem = Named & {
  readonly where: string
  readonly row: WaitingRow
  readonly now_cents: Cents
}

export type Waiting = {
  /** After so many years, what the same work may come to: its price of today among it. */
  readonly years: readonly { readonly years: number; readonly low_cents: Cents; readonly high_cents: Cents }[]
  readonly now_cents: Cents
  readonly items: readonly WaitingItem[]
  /** Work that loses nothing by waiting to the next paint. */
  readonly can_wait: readonly Named[]
  /** Work of which nothing is said, and why. */
  readonly unsaid: readonly (Named & { readonly why: string })[]
}

/** How a finding is kept wet: by its cause, then by what the meter says of it, then by the family of its cause. */
function rowOf(
  finding: Finding,
  { job, trace }: Pick<Derived, 'job' | 'trace'>,
  rows: readonly WaitingRow[],
): WaitingRow | null {
  const traced = trace.findings.find(({ finding_id }) => finding_id === finding.id)?.cause ?? null
  const cause = traced === null ? null : causeNamed(traced)
  if (cause === null) return null
  const named = rows.find(({ causes }) => causes.includes(cause))
  if (named) return named
  const { family } = causeOf(cause)
  const ofFamily = rows.find(({ families }) => families.includes(family))
  if (!ofFamily) return null
  const percent = wettest(finding, job)
  const read = rows.find(
    (row) => percent !== null && row.percent && percent >= row.percent[0] && percent < row.percent[1],
  )
  return read ?? ofFamily
}

const worst = (rows: readonly WaitingRow[]): WaitingRow =>
  rows.reduce((most, row) => (row.growth[1] > most.growth[1] ? row : most))

const SAID_WHY = {
  hazard: 'somebody can get hurt: it does not wait',
  structure: 'a question for an engineer, not for the calendar',
  unexplained: 'its cause is not known',
} as const

/** Most by which it can grow: the member’s length over what is soft of it now. */
function mostTimes(item: ScopeItem, job: JobDocument): number | null {
  const times = item.spots.map((spot) => {
    const member = memberAt(rowsOf(job.settings).part(item.item.component), spot, job)
    return member === null || spot.seen === null || spot.seen <= 0
      ? null
      : toFeet(member.length) / toFeet(spot.seen)
  })
  return times.includes(null) || times.length === 0 ? null : Math.max(...times.map(Number))
}

type Waits =
  | { readonly kind: 'unsaid'; readonly why: string }
  | { readonly kind: 'can-wait' }
  | { readonly kind: 'grows'; readonly row: WaitingRow; readonly framing: number }

/** What waiting does to one piece of work. */
function waitsFor(item: ScopeItem, { job, trace, cautions }: Derived): Waits {
  const findings = item.finding_ids.flatMap((id) => byId(job.findings, id) ?? [])
  const isHazard = cautions.all.some(
    ({ kind, finding_ids }) => kind === 'keep-off' && findings.some(({ id }) => finding_ids.includes(id)),
  )
  if (isHazard) return { kind: 'unsaid', why: SAID_WHY.hazard }
  const traced = findings.map((finding) => {
    const cause = trace.findings.find(({ finding_id }) => finding_id === finding.id)?.cause ?? null
    return { finding, cause }
  })
  if (traced.some(({ cause }) => cause !== null && causeOf(cause).family === 'structure'))
    return { kind: 'unsaid', why: SAID_WHY.structure }
  const rows = findings.flatMap(
    (finding) => rowOf(finding, { job, trace }, hiddenRowsOf(job.settings).waiting) ?? [],
  )
  if (rows.length === 0) return { kind: 'unsaid', why: SAID_WHY.unexplained }
  const row = worst(rows)
  const isShallow = findings.every((finding) => (gradeOf(finding) ?? 2) <= 1)
  if (isShallow && row.keepsShallow) return { kind: 'can-wait' }
  const chances = traced.map(({ finding, cause }) => hiddenChance(finding, job, cause)?.framing ?? 0)
  return { kind: 'grows', row, framing: Math.max(0, ...chances) }
}

/**
 * What it may cost to wait: over the work of ours that mends damage, as a range with what it assumes. Nothing is said of hazards, nor
 * of what is the structure’s, nor of what has no known cause. For the firm to tell; never a headline.
 *
 * Ends: null where nothing is priced, or nothing of it grows.
 */
export function waitingOf(derived: Derived): Waiting | null {
  const { job, scope, price } = derived
  if (price.kind !== 'priced') return null
  const rows = hiddenRowsOf(job.settings)
  const climate = job.house?.climate ? decayClimate(job.house.climate.months) : null
  const items: WaitingItem[] = []
  const can_wait: Named[] = []
  const unsaid: (Named & { why: string })[] = []
  const sums = WAITS_YEARS.map(() => ({ low: 0, high: 0 }))
  for (const item of scope.items) {
    const line = price.lines.find(({ item_id }) => item_id === item.id)
    const mends = item.row?.does === 'mends' && item.row.answers === 'findings'
    if (!line || line.sell_cents === 0 || !mends) continue
    const named = { item_id: item.id, name: item.name }
    const waits = waitsFor(item, derived)
    switch (waits.kind) {
      case 'unsaid':
        unsaid.push({ ...named, why: waits.why })
        break
      case 'can-wait':
        can_wait.push(named)
        break
      case 'grows': {
        const { row, framing } = waits
        items.push({ ...named, where: item.where, row, now_cents: line.sell_cents })
        WAITS_YEARS.forEach((years, index) => {
          const times = waitTimes(row, years, { rows, framing, mostTimes: mostTimes(item, job), climate })
          sums[index]!.low += line.sell_cents * times.low
          sums[index]!.high += line.sell_cents * times.high
        })
      }
    }
  }
  if (items.length === 0) return null
  return {
    years: WAITS_YEARS.map((years, index) => {
      const { low, high } = sums[index]!
      return { years, low_cents: Math.round(low) as Cents, high_cents: Math.round(high) as Cents }
    }),
    now_cents: items.reduce((sum, { now_cents }) => sum + now_cents, 0) as Cents,
    items,
    can_wait,
    unsaid,
  }
}
