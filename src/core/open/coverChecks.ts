import { HOLD_POINTS, type HoldPointRow } from '../catalogue/holdPoints/holdPoints'
import { rowsOf } from '../firmValues/rows'
import { factsOf, type JobDocument } from '../job'
import type { PlannedUnit } from '../plan'
import type { Scope } from '../scope'

/** Something to look at before a piece of work covers it, and how it stands. */
export type CoverCheck = {
  readonly point: HoldPointRow
  readonly item_id: string
  readonly side: string
  /** The piece of work that covers it, and its first day. */
  readonly unit: string
  readonly day: string
  readonly state: 'open' | 'passed' | 'wrong'
  /** Who saw it, and when; null: nobody yet. */
  readonly by: string | null
  readonly at: string | null
  /** What was said of it: of what is wrong, what. */
  readonly words: string
  /** The last reading, where it wants one. */
  readonly last_percent: number | null
}

type Given = { readonly job: JobDocument; readonly scope: Scope; readonly units: readonly PlannedUnit[] }

type Place = { readonly item_id: string; readonly side: string }

/** First day on which the place is open: when somebody said that he opened it, else as it is planned. */
function openSince({ item_id, side }: Place, findings: ReadonlySet<string>, { job, units }: Given): string {
  const opened = job.opened_places
    .filter(({ finding_id }) => findings.has(finding_id))
    .map(({ opened_on }) => opened_on)
  const planned = units
    .filter((unit) => unit.item_id === item_id && unit.side === side)
    .map(({ first }) => first)
  return (opened.length > 0 ? opened : planned).toSorted()[0]!
}

/** The last meter reading at the findings of an item since its place is open; one from before says nothing of what is closed in. */
function lastReading(place: Place, given: Given): { percent: number; by: string; at: string } | null {
  const findings = new Set(given.scope.items.find(({ id }) => id === place.item_id)?.finding_ids ?? [])
  const since = openSince(place, findings, given)
  const read = factsOf(given.job, 'reading')
    .filter(
      ({ about, at }) =>
        about.kind === 'finding' && findings.has(about.finding_id) && at.slice(0, 10) >= since,
    )
    .toSorted((one, other) => one.at.localeCompare(other.at))
    .at(-1)
  return read ? { percent: read.moisture_percent, by: read.by, at: read.at } : null
}

const UNSEEN = { state: 'open', by: null, at: null, words: '', last_percent: null } as const

function standing(
  point: HoldPointRow,
  of: Place,
  given: Given,
): Pick<CoverCheck, 'state' | 'by' | 'at' | 'words' | 'last_percent'> {
  if (point.wants === 'reading') {
    const read = lastReading(of, given)
    if (!read) return UNSEEN
    const { percent, by, at } = read
    return {
      state: percent <= point.most_percent! ? 'passed' : 'wrong',
      by,
      at,
      words: '',
      last_percent: percent,
    }
  }
  const seen = factsOf(given.job, 'hold-point').findLast(
    (fact) => fact.item_id === of.item_id && fact.side === of.side && fact.point === point.id,
  )
  if (!seen) return UNSEEN
  return {
    state: seen.passed ? 'passed' : 'wrong',
    by: seen.by,
    at: seen.at,
    words: seen.words,
    last_percent: null,
  }
}

/**
 * What has to be seen before each piece of work covers it, in the order of the days. A place is an item at a side: its hold points are those
 * of the steps it has there, whichever piece they fall into.
 */
export function checksOf(given: Given): CoverCheck[] {
  const checks: CoverCheck[] = []
  const seen = new Set<string>()
  const rows = rowsOf(given.job.settings)
  const points = HOLD_POINTS.map((point) => ({
    ...point,
    most_percent: rows.hold_percent(point.id, point.most_percent),
  }))
  for (const unit of given.units.toSorted((a, b) => a.first.localeCompare(b.first) || a.order - b.order)) {
    if (unit.item_id === null) continue
    const { item_id, side } = unit
    const steps = new Set(
      given.units
        .filter((each) => each.item_id === item_id && each.side === side)
        .flatMap(({ segments }) => segments.map(({ step }) => step)),
    )
    const method = given.scope.items.find(({ id }) => id === item_id)?.method ?? ''
    const covers = new Set(unit.segments.map(({ step }) => step))
    for (const point of points) {
      const name = `${item_id}/${side}/${point.id}`
      const fits =
        covers.has(point.before) &&
        point.after.some((step) => steps.has(step)) &&
        (point.methods === null || point.methods.includes(method))
      if (!fits || seen.has(name)) continue
      seen.add(name)
      checks.push({
        point,
        item_id,
        side,
        unit: unit.key,
        day: unit.first,
        ...standing(point, { item_id, side }, given),
      })
    }
  }
  return checks
}
