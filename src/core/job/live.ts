import type { JobDocument } from './document'
import type { Fact, FactKind } from './facts'

/** Facts that nobody took back. Retractions themselves are left out. */
export function liveFacts(job: JobDocument): Exclude<Fact, { kind: 'retraction' }>[] {
  const taken = new Set(job.facts.flatMap((fact) => (fact.kind === 'retraction' ? [fact.fact_id] : [])))
  return job.facts.filter(
    (fact): fact is Exclude<Fact, { kind: 'retraction' }> =>
      fact.kind !== 'retraction' && !taken.has(fact.id),
  )
}

/** Live facts of one kind, oldest first. */
export function factsOf<K extends Exclude<FactKind, 'retraction'>>(
  job: JobDocument,
  kind: K,
): Extract<Fact, { kind: K }>[] {
  return liveFacts(job).filter((fact): fact is Extract<Fact, { kind: K }> => fact.kind === kind)
}

/** The job without what was removed: what every stage computes from. Sides come in walking order. */
export function live(job: JobDocument): JobDocument {
  const keep = <T extends { removed: boolean }>(list: readonly T[]): T[] =>
    list.filter((each) => !each.removed)
  const sides = keep(job.sides).sort((a, b) => a.order - b.order)
  const sideIds = new Set(sides.map((side) => side.id))
  const features = keep(job.features).filter((feature) => sideIds.has(feature.side_id))
  return {
    ...job,
    house: job.house?.removed ? null : job.house,
    intake: job.intake?.removed ? null : job.intake,
    response_list: job.response_list?.removed ? null : job.response_list,
    plan: job.plan?.removed ? null : job.plan,
    people: keep(job.people),
    sides,
    features,
    photos: keep(job.photos).sort((a, b) => a.order - b.order),
    clips: keep(job.clips),
    scope_stretches: keep(job.scope_stretches).filter((stretch) => sideIds.has(stretch.side_id)),
    response_items: keep(job.response_items).sort((a, b) => a.order - b.order),
    framing_pieces: keep(job.framing_pieces),
    surveys: keep(job.surveys).filter((survey) => !('side_id' in survey) || sideIds.has(survey.side_id)),
    findings: keep(job.findings),
    judgements: keep(job.judgements),
    source_decisions: keep(job.source_decisions),
    work_items: keep(job.work_items).map((item) =>
      item.places.every((place) => place.at.kind !== 'whole-side' || sideIds.has(place.at.side_id))
        ? item
        : {
            ...item,
            places: item.places.filter(({ at }) => at.kind !== 'whole-side' || sideIds.has(at.side_id)),
          },
    ),
    plan_days: keep(job.plan_days),
    plan_marks: keep(job.plan_marks),
    bookings: keep(job.bookings),
    opened_places: keep(job.opened_places),
    change_orders: keep(job.change_orders),
    order_answers: keep(job.order_answers),
    house_events: keep(job.house_events),
    work_spells: keep(job.work_spells),
    bought_goods: keep(job.bought_goods),
    finished_items: keep(job.finished_items),
    handover: job.handover?.removed ? null : job.handover,
    follow_ups: keep(job.follow_ups),
    claims: keep(job.claims),
    receipts: keep(job.receipts),
    invoices: keep(job.invoices),
    payments: keep(job.payments),
    typed_prices: keep(job.typed_prices),
  }
}
