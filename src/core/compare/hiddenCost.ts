import { BEHIND, FINDS, type FindRow } from '../catalogue/hidden/finds'
import { byId, newWorkItem, oneOfSize, openedAt, sizeOfFinding, type Finding, type JobDocument } from '../job'
import { toFeet, type Cents } from '../measure'
import { derive, type Derived } from '../pipeline'
import { hiddenChance, type HiddenChance, type HiddenPlace } from '../price'
import type { ItemSpot, ScopeItem } from '../scope'
import { memberAt } from '../takeoff'
import { opensSurface } from '../scope/opensSurface'
import { rowsOf } from '../firmValues/rows'
import { soMany } from './soMany'

/** What a find comes to in this job, beside what is done already: the first unit, and each further one at the same place; null: it has no price here. */
export type FindPrice = { readonly find: FindRow; readonly cents: FindCents | null }
type FindCents = { readonly first: Cents; readonly further: Cents }

/** A place that is opened, with how what it may hide was reckoned. */
export type OpenedPlace = HiddenPlace & {
  readonly finding_id: string
  readonly name: string
  readonly where: string
  readonly chance: HiddenChance
}

export type HiddenCost = {
  readonly finds: readonly FindPrice[]
  readonly places: readonly OpenedPlace[]
  /** Findings on parts of which nothing is known: they are not in the reckoning. */
  readonly unknown: readonly string[]
}

/** Seen soft where nobody measured: as it is priced. */
const UNMEASURED_FT = 2

/** Priced together, from which the price of a further one follows. */
const SEVERAL = 5
const idOf = (find: FindRow, count: number): string => `find ${find.id} ${count}`

/** Unit prices of what may be found: beside the work that is done already, with what it shares with that. */
export function priceFinds(document: JobDocument, today: string, { trace, coverage }: Derived): FindPrice[] {
  const items = FINDS.flatMap((find) =>
    [1, SEVERAL].map((count) =>
      newWorkItem({
        id: idOf(find, count),
        method: find.method,
        component: find.component,
        state: 'priced-apart',
        places: [{ at: { kind: 'none' }, size: soMany(find.unit, count), height: null }],
      }),
    ),
  )
  const { price } = derive({ ...document, work_items: [...document.work_items, ...items] }, today, {
    trace,
    coverage,
  })
  const centsOf = (find: FindRow, count: number): Cents | null => {
    const line =
      price.kind === 'priced' ? price.apart.find((each) => each.item_id === idOf(find, count)) : undefined
    return line && line.lacks.length === 0 ? line.sell_cents : null
  }
  return FINDS.map((find) => {
    const [first, several] = [centsOf(find, 1), centsOf(find, SEVERAL)]
    if (first === null || several === null) return { find, cents: null }
    const further = Math.max(0, Math.round((several - first) / (SEVERAL - 1))) as Cents
    return { find, cents: { first, further } }
  })
}

function seenFt(finding: Finding): number {
  const { times, length } = oneOfSize(sizeOfFinding(finding))
  return times * (length === null ? UNMEASURED_FT : toFeet(length.value))
}

/** Along the wall: what is behind several boards above or beside one another is the same. */
function alongFt(finding: Finding): number {
  const { length } = oneOfSize(sizeOfFinding(finding))
  return length === null ? UNMEASURED_FT : toFeet(length.value)
}

/** Of an item’s hours, the share that grows with its length: what is set up once is not set up again for a further foot. */
function growing(taken: Derived['takeoff']['items'][number] | undefined): number {
  const hours = (taken?.tasks ?? []).reduce((sum, task) => sum + task.hours, 0)
  const grown = (taken?.tasks ?? []).reduce((sum, task) => sum + task.rate_h * task.quantity * task.factor, 0)
  return hours > 0 ? Math.min(1, grown / hours) : 1
}

/** Feet of a wall that are taken off together: a ladder's reach to both sides. */
const OPENED_TOGETHER_FT = 8

/** Which opening of the house a place is in: that of its window or door, else its stretch of the wall. */
function openingOf(at: ItemSpot['at']): string | null {
  if (at.kind !== 'side') return null
  return at.feature_id ?? `${at.side_id}/${Math.floor(toFeet(at.station) / OPENED_TOGETHER_FT)}`
}

/** Damage ends with the member it is in; null where nobody knows how long that is. */
function mostFt(item: ScopeItem, spot: ItemSpot | undefined, job: JobDocument): number | null {
  const member = spot ? memberAt(rowsOf(job.settings).part(item.item.component), spot, job) : null
  return member === null ? null : toFeet(member.length)
}

/**
 * Places that the work of ours opens, with the chance of what is behind them and what it would cost at this job’s unit prices. A finding
 * that several items are about is one place.
 */
export function hiddenCost(document: JobDocument, today: string, derived: Derived): HiddenCost {
  const { job, scope, trace, price, takeoff } = derived
  const finds = priceFinds(document, today, derived)
  const centsOf = (id: string | null): FindCents =>
    finds.find(({ find }) => find.id === id)?.cents ?? { first: 0 as Cents, further: 0 as Cents }
  const reachOf = (id: string): number => FINDS.find((find) => find.id === id)!.reach_ft
  const places: OpenedPlace[] = []
  const unknown: string[] = []
  for (const item of scope.items.filter(opensSurface)) {
    const taken = takeoff.items.find(({ item_id }) => item_id === item.id)
    const line = price.kind === 'priced' ? price.lines.find(({ item_id }) => item_id === item.id) : undefined
    const findings = item.finding_ids.flatMap((id) => byId(job.findings, id) ?? [])
    const seen = findings.reduce((sum, each) => sum + seenFt(each), 0)
    const cut_ft = (taken?.pieces ?? []).reduce((sum, { length, count }) => sum + toFeet(length) * count, 0)
    const covers_ft = Math.max(seen, cut_ft)
    for (const finding of findings) {
      if (places.some(({ finding_id }) => finding_id === finding.id)) continue
      const traced = trace.findings.find((each) => each.finding_id === finding.id)
      const source = trace.sources.find(
        ({ letter, finding_ids }) => letter !== null && finding_ids.includes(finding.id),
      )
      const chance = hiddenChance(finding, job, traced?.cause ?? null, source?.finding_ids)
      if (chance === null) {
        if (finding.how_known !== 'opened' && openedAt(job, finding.id) === null) unknown.push(finding.id)
        continue
      }
      const behind = BEHIND[chance.row.id]
      if (!behind) continue
      const mine_ft = seenFt(finding)
      const spot = item.spots.find(({ finding_ids }) => finding_ids.includes(finding.id))
      const { at } = spot ?? item.spots[0]!
      places.push({
        id: finding.id,
        finding_id: finding.id,
        name: item.name,
        where: spot?.where ?? item.where,
        chance,
        source: source?.letter ?? null,
        opening: openingOf(at),
        side: at.kind === 'side' || at.kind === 'whole-side' ? at.side_id : null,
        backing: behind.backing === null ? null : chance.backing,
        framing: chance.framing,
        extent: chance.extent,
        seen_ft: mine_ft,
        along_ft: alongFt(finding),
        covered_ft: seen > 0 ? (covers_ft * mine_ft) / seen : mine_ft,
        most_ft: mostFt(item, spot, job),
        cents: {
          surface_ft: covers_ft > 0 ? ((line?.sell_cents ?? 0) * growing(taken)) / covers_ft : 0,
          backing_first: centsOf(behind.backing).first - centsOf(behind.backing).further,
          backing_ft: behind.backing === null ? 0 : centsOf(behind.backing).further / reachOf(behind.backing),
          framing_first: centsOf(behind.framing).first,
          framing_further: centsOf(behind.framing).further,
        },
        spacing_ft: reachOf(behind.framing),
      })
    }
  }
  return { finds, places, unknown: [...new Set(unknown)] }
}
