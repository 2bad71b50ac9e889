import { methodOf } from '../catalogue'
import { cautionsOf, type Cautions } from '../caution'
import { newWorkItem, type JobDocument, type Rates, type WorkItem } from '../job'
import { derive } from '../pipeline'
import { sellBy, sellPrice } from '../price'
import { adviseMethods, decisionOn, itemForFix } from '../scope'
import { causeOf, type Trace } from '../trace'

/** What the bid would come to if everything advised were taken. */
export type ProposedBid = {
  readonly hours: number
  /** Null for whoever does not see money. */
  readonly cents: number | null
}

/** What is advised for one finding besides the source fix; nothing where it is watched, referred or spoken for already. */
function effectOf(
  finding: JobDocument['findings'][number],
  of: { job: JobDocument; trace: Trace; cautions: Cautions },
): WorkItem | null {
  const { job, trace, cautions } = of
  const cause = trace.findings.find((each) => each.finding_id === finding.id)?.cause
  const fix = cause ? causeOf(cause).fix?.method : null
  const advised = adviseMethods(finding, { job, trace, dangers: cautions.dangers }).find(
    ({ method, verdict }) =>
      verdict === 'recommended' && method !== fix && method !== 'watch' && method !== 'refer',
  )
  if (!advised || !finding.component) return null
  return newWorkItem({
    id: `proposed-${finding.id}`,
    finding_ids: [finding.id],
    method: advised.method,
    component: finding.component,
    material: finding.material,
  })
}

/** What an hour of work sells for: its cost with overhead and profit. */
export function sellsFor_cents(rates: Rates): number {
  const sold = sellPrice(rates.burdened_rate_cents, sellBy(rates))
  return sold.ok ? sold.value : rates.burdened_rate_cents
}

/**
 * Prices an explanation of the house: the repairs chosen, what is advised for the findings that have none, and the fix of every
 * source; a fix without a recipe of ours at its hours (our judgement) and what an hour sells for.
 *
 * A fix the owner declined is not in it.
 */
export function proposedBid(
  job: JobDocument,
  trace: Trace,
  cautions: Cautions = cautionsOf(job),
): ProposedBid {
  const spoken = new Set(job.work_items.flatMap((each) => each.finding_ids))
  const effects = job.findings.flatMap((finding) => {
    const repair = spoken.has(finding.id) ? null : effectOf(finding, { job, trace, cautions })
    return repair ? [repair] : []
  })
  const fixes: WorkItem[] = []
  let outside_h = 0
  for (const source of trace.sources) {
    if (source.letter === null || decisionOn(source, job)?.decision === 'declined') continue
    const { fix } = causeOf(source.cause)
    const made = itemForFix(source, job, `proposed-${source.letter}`)
    const repair = made && methodOf(made.method)?.recipe ? made : null
    const isChosen = job.work_items.some(
      (each) => each.method === fix?.method && each.finding_ids.some((id) => source.finding_ids.includes(id)),
    )
    if (isChosen) continue
    if (repair) fixes.push(repair)
    else if (fix) outside_h += (fix.hours[0] + fix.hours[1]) / 2
  }
  const whole: JobDocument = { ...job, work_items: [...job.work_items, ...effects, ...fixes] }
  const { takeoff, price } = derive(whole, '', { trace, cautions })
  const hours = takeoff.hours + outside_h
  if (price.kind !== 'priced' || job.rates === null) return { hours, cents: null }
  return { hours, cents: Math.round(price.total_cents + outside_h * sellsFor_cents(job.rates)) }
}
