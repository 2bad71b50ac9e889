import { GEAR, methodOf, type Life, type MethodRow } from '../catalogue'
import { WORK_SAYS } from '../catalogue/sentences/work'
import { cautionsOf } from '../caution'
import type { JobDocument, WorkItem } from '../job'
import { formatCents, type Cents } from '../measure'
import { jointsOf } from '../cut'
import { derive, type Derived } from '../pipeline'
import { adviseMethods, itemForFindings, openDangers, type MethodAdvice } from '../scope'
import { causeOf, type Trace } from '../trace'
import { onBid } from './onBid'

/** One way to answer a finding, priced in this job as it stands. */
export type Alternative = {
  readonly method: string
  readonly name: string
  readonly cures: string
  readonly does: MethodRow['does']
  readonly verdict: MethodAdvice['verdict']
  readonly reasons: readonly string[]
  /** Chosen already. */
  readonly taken: boolean
  /** What it would be on the bid; null where it has no price, and why not. */
  readonly cents: Cents | null
  readonly lacks: readonly string[]
  readonly hours: number
  /** Joints that were not there before, each a place for water; null: it takes no boards. */
  readonly joints: number | null
  /** What is stood on instead of ladders where it is chosen: it changes what everything on that side costs. Empty: ladders, or the ground. */
  readonly gear: readonly string[]
  readonly life_years: Life
  readonly warranty: string
  /** Over the middle of its life; null where it has none, or no price. */
  readonly per_year_cents: Cents | null
  /** What the recommended way costs if it is done later instead, on a visit of its own; null of the recommended one itself. */
  readonly later_cents: Cents | null
}

export type Comparison = {
  readonly finding_id: string
  readonly alternatives: readonly Alternative[]
  /** Why one is recommended, in a sentence for the owner. */
  readonly says: string
}

const ID = 'compared'

/** The job with what was chosen for a finding taken out of it. */
function without(job: JobDocument, finding_id: string): JobDocument {
  const work_items = job.work_items.flatMap((item): WorkItem[] => {
    if (!item.finding_ids.includes(finding_id) || item.cures.length > 0) return [item]
    const rest = item.finding_ids.filter((id) => id !== finding_id)
    return rest.length === 0 ? [] : [{ ...item, finding_ids: rest }]
  })
  return { ...job, work_items }
}

function totalOf({ price }: Derived): Cents | null {
  return price.kind === 'priced' ? price.total_cents : null
}

const middle = ([low, high]: Life): number => (low + high) / 2
const perYear = (cents: Cents | null, life: Life): Cents | null =>
  cents === null || middle(life) <= 0 ? null : (Math.round(cents / middle(life)) as Cents)

/** Whether a finding's source would be mended by it, and nothing of the finding itself: a pair, no alternative. */
function isOnlyFix(method: string, fix: string | null, component: string | null): boolean {
  const row = methodOf(method)
  return (
    method === fix &&
    (row?.answers === 'source' || (row?.recipe?.wood === 'head-casing' && component !== 'head-casing'))
  )
}

function newJoints({ takeoff, job }: Derived, item_id: string): number | null {
  const taken = takeoff.items.find((each) => each.item_id === item_id)
  return taken === undefined || taken.pieces.length === 0 ? null : jointsOf(taken, job)
}

/** What an item is worked from, and whether it is put up for it or serves other work of the job too. */
function gearOf({ takeoff }: Derived, item_id: string): string[] {
  return GEAR.flatMap(({ task, name }) => {
    const users = takeoff.items.filter((item) => item.tasks.some((each) => each.task === task))
    if (!users.some((item) => item.item_id === item_id)) return []
    return [users.length > 1 ? WORK_SAYS.gearShared(name) : WORK_SAYS.gearOwn(name)]
  })
}

function sentence(alternatives: readonly Alternative[]): string {
  const best = alternatives.find((each) => each.verdict === 'recommended' && each.cents !== null)
  if (!best || best.cents === null) return WORK_SAYS.compareNone
  const others = alternatives.filter(
    (each) => each !== best && each.does === 'mends' && each.cents !== null && each.life_years[1] > 0,
  )
  const cheapest = others.reduce<Alternative | null>(
    (least, each) => (least === null || each.cents! < least.cents! ? each : least),
    null,
  )
  if (cheapest === null || cheapest.cents! >= best.cents) {
    return WORK_SAYS.compareLeast(best.name, best.life_years)
  }
  const says = {
    name: best.name,
    more: formatCents((best.cents - cheapest.cents!) as Cents),
    than: cheapest.name,
    a_year: formatCents(best.per_year_cents!),
    against: formatCents(cheapest.per_year_cents!),
  }
  return best.per_year_cents! <= cheapest.per_year_cents!
    ? WORK_SAYS.comparePays(says)
    : WORK_SAYS.compareReason(says, best.reasons[0] ?? best.cures)
}

/**
 * The ways to answer a finding, each priced in this job in place of what was chosen for it: what it costs, how long it lasts, what
 * that is a year, and what it costs to change one's mind later.
 *
 * Ends: what is blocked is left out; a method without a price is listed with the reason. Cost: one reckoning of price a method.
 */
export function compareMethods(
  job: JobDocument,
  trace: Trace,
  finding_id: string,
  today: string,
): Comparison {
  const finding = job.findings.find((each) => each.id === finding_id)
  if (!finding) return { finding_id, alternatives: [], says: '' }
  const base = without(job, finding_id)
  const cause = trace.findings.find((each) => each.finding_id === finding_id)?.cause
  const fix = cause ? (causeOf(cause).fix?.method ?? null) : null
  const dangers = openDangers(cautionsOf(base).dangers, base)
  const advice = adviseMethods(finding, { job: base, trace, dangers }).filter(
    ({ method, verdict }) =>
      verdict !== 'blocked' &&
      methodOf(method)?.sells &&
      !isOnlyFix(method, fix, finding.component) &&
      method !== 'own-work',
  )
  const itemOf = (method: string): WorkItem => itemForFindings([finding], method, base, ID)
  const reckon = (work_items: readonly WorkItem[]): Derived =>
    derive({ ...base, work_items: [...work_items] }, today, { trace })
  const best = advice.find((each) => each.verdict === 'recommended')
  const alone = best ? totalOf(reckon([itemOf(best.method)])) : null
  const alternatives = advice.map((each): Alternative => {
    const derived = reckon([...base.work_items, itemOf(each.method)])
    const item = derived.scope.items.find(({ id }) => id === ID)!
    const { cents, lacks, hours } = onBid(derived, ID)
    return {
      method: each.method,
      name: item.row!.name,
      cures: item.row!.cures,
      does: item.row!.does,
      verdict: each.verdict,
      reasons: each.reasons,
      taken: job.work_items.some((one) => one.method === each.method && one.finding_ids.includes(finding_id)),
      cents,
      lacks,
      hours,
      joints: newJoints(derived, ID),
      gear: gearOf(derived, ID),
      life_years: item.life_years,
      warranty: item.warranty,
      per_year_cents: perYear(cents, item.life_years),
      later_cents: each === best ? null : alone,
    }
  })
  const says = finding.component === null ? WORK_SAYS.compareNoPart : sentence(alternatives)
  return { finding_id, alternatives, says }
}
