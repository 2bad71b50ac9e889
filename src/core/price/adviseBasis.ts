import { BASIS_ADVICE, BASIS_LIMITS, type BasisAdviceRow } from '../catalogue/hidden/bases'
import { byId, type JobDocument } from '../job'
import type { ScopeItem } from '../scope'
import { hiddenChance } from './hidden'

/** 1.2816: the point of a normal that one in ten lies above. */
const ONE_IN_TEN = 1.2816

/**
 * How the price of an item is best meant, from what is not known of it: whether anybody saw it, whether it was measured, what its surface
 * may hide, how far it may reach. Advice: the person decides.
 *
 * @param causeOf what the damage of a finding is traced to
 */
export function adviseBasis(
  item: ScopeItem,
  job: JobDocument,
  causeOf: (finding_id: string) => string | null,
): BasisAdviceRow {
  const ours = item.spots.filter(({ standing }) => standing === 'ours' || standing === 'on-request')
  const findings = item.finding_ids.flatMap((id) => byId(job.findings, id) ?? [])
  const mends = item.row?.does === 'mends' && item.row.answers === 'findings'
  const chances = mends ? findings.flatMap((each) => hiddenChance(each, job, causeOf(each.id)) ?? []) : []
  const holds: Readonly<Record<BasisAdviceRow['when'], boolean>> = {
    suspected: findings.length > 0 && findings.every(({ suspected }) => suspected),
    'likely-framing': chances.some(({ framing }) => framing >= BASIS_LIMITS.framing),
    unmeasured:
      mends && ours.some(({ seen, counted, area_ft2 }) => seen === null && !counted && area_ft2 === null),
    guessed: ours.some(({ guessed }) => guessed),
    wide: chances.some(({ extent }) => Math.exp(ONE_IN_TEN * extent.sigma) >= BASIS_LIMITS.high_over_typical),
    known: true,
  }
  return BASIS_ADVICE.find(({ when }) => holds[when])!
}
