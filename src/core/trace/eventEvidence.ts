import { causeOf, CAUSE_IDS } from '../catalogue/causes'
import { damagedAs } from '../catalogue'
import { eventOf } from '../catalogue/events/events'
import { isSign, type SignId } from '../catalogue/signs'
import type { Finding, JobDocument } from '../job'
import { monthsBetween } from '../measure'
import type { Evidence } from './weigh'

/** Parts that a cause damages of which the sign speaks. */
function serves(sign: SignId, finding: Finding): boolean {
  const part = damagedAs(finding.component)
  return (
    part === null ||
    CAUSE_IDS.some((id) => {
      const { supports, damages } = causeOf(id)
      return damages.some((each) => each === part) && supports.some((each) => each.sign === sign)
    })
  )
}

/**
 * What the dates say of a finding: damage that surely began within the months of an event's row is a sign for what it did, damage that
 * was surely there before it is one against. Between the two, nothing: a year without its month is no date. What is told is told: it
 * weighs as hearsay.
 */
export function eventEvidenceOf(job: JobDocument): (finding: Finding) => readonly Evidence[] {
  const events = job.house_events.flatMap(({ what, when }) => {
    const row = eventOf(what)
    return row?.sign && isSign(row.sign) ? [{ sign: row.sign, within: row.within_months, when }] : []
  })
  if (events.length === 0) return () => []
  return (finding) => {
    const { first_seen } = finding
    if (first_seen === null) return []
    const verdicts = new Map<SignId, ('after' | 'before' | 'unknown')[]>()
    for (const { sign, within, when } of events) {
      if (!serves(sign, finding)) continue
      const [least, most] = monthsBetween(when, first_seen)
      const verdict = least >= 0 && most <= within ? 'after' : most < 0 ? 'before' : 'unknown'
      verdicts.set(sign, [...(verdicts.get(sign) ?? []), verdict])
    }
    return [...verdicts].flatMap(([sign, all]): Evidence[] => {
      // One storm that fits is enough; only what was there before every one of them came of none.
      if (all.includes('after')) return [{ sign, how: 'told', present: true, derived: true }]
      return all.every((each) => each === 'before')
        ? [{ sign, how: 'told', present: false, derived: true }]
        : []
    })
  }
}
