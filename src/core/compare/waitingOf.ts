import { WAITS_YEARS, type WaitingRow } from '../catalogue/hidden/waiting'
import { hiddenRowsOf } from '../firmValues/hiddenRows'
import { rowsOf } from '../firmValues/rows'
import { byId, gradeOf, type Finding, type JobDocument } from '../job'
import { toFeet, type Cents } from '../measure'
import type { Derived } from '../pipeline'
import { hiddenChance } from '../price'
import { waitTimes } from '../price/hidden/waiting'
import type { ScopeItem } from '../scope'
import { memberAt } from '../takeoff'
import { causeNamed, causeOf } from '../trace'
import { decayClimate } from '../trace/decayClimate'

/** One piece of work and what waiting may do to it. */
export type WaitingItem = {
  readonly item_id: string
  readonly name: string
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
  readonly can_wait: readonly string[]
  /** Work of which nothing is said, and why. */
  readonly unsaid: readonly { readonly item_id: string; readonly name: string; readonly why: string }[]
}

function wettest(finding: Finding, job: JobDocument): number | null {
  const percents = job.facts.flatMap((fact) =>
    fact.kind === 'reading' && fact.about.kind === 'finding' && fact.about.finding_id === finding.id
      ? [fact.moisture_percent]
      : [],
  )
  return percents.length > 0 ? Math.max(...percents) : null
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

/**
 * What it may cost to wait: over the work of ours that mends damage, as a range with what it assumes. Nothing is said of hazards, nor
 * of what is the structure’s, nor of what has no known cause. For the firm to tell; never a headline.
 *
 * Ends: null where nothing is priced, or nothing of it grows.
 */
export function waitingOf({ job, trace, scope, price, cautions }: Derived): Waiting | null {
  if (price.kind !== 'priced') return null
  const rows = hiddenRowsOf(job.settings)
  const climate = job.house?.climate ? decayClimate(job.house.climate.months) : null
  const onHazard = new Set(cautions.all.flatMap((each) => (each.kind === 'keep-off' ? each.finding_ids : [])))
  const items: WaitingItem[] = []
  const can_wait: string[] = []
  const unsaid: { item_id: string; name: string; why: string }[] = []
  const sums = WAITS_YEARS.map(() => ({ low: 0, high: 0 }))
  for (const item of scope.items) {
    const line = price.lines.find(({ item_id }) => item_id === item.id)
    if (!line || line.sell_cents === 0 || item.row?.does !== 'mends' || item.row.answers !== 'findings')
      continue
    const findings = item.finding_ids.flatMap((id) => byId(job.findings, id) ?? [])
    const told = { item_id: item.id, name: item.name }
    if (findings.some(({ id }) => onHazard.has(id))) {
      unsaid.push({ ...told, why: SAID_WHY.hazard })
      continue
    }
    const causes = findings.map(
      ({ id }) => trace.findings.find(({ finding_id }) => finding_id === id)?.cause ?? null,
    )
    if (causes.some((cause) => cause !== null && causeOf(cause).family === 'structure')) {
      unsaid.push({ ...told, why: SAID_WHY.structure })
      continue
    }
    const found = findings.flatMap((finding) => rowOf(finding, { job, trace }, rows.waiting) ?? [])
    if (found.length === 0 || findings.length === 0) {
      unsaid.push({ ...told, why: SAID_WHY.unexplained })
      continue
    }
    const row = worst(found)
    const isShallow = findings.every((finding) => (gradeOf(finding) ?? 2) <= 1)
    if (isShallow && (row.id === 'dry' || row.id === 'exposed')) {
      can_wait.push(item.name)
      continue
    }
    const framing = Math.max(
      0,
      ...findings.map((finding, index) => hiddenChance(finding, job, causes[index] ?? null)?.framing ?? 0),
    )
    items.push({ ...told, where: item.where, row, now_cents: line.sell_cents })
    WAITS_YEARS.forEach((years, index) => {
      const times = waitTimes(row, years, { rows, framing, mostTimes: mostTimes(item, job), climate })
      sums[index]!.low += line.sell_cents * times.low
      sums[index]!.high += line.sell_cents * times.high
    })
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
