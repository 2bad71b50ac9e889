import { damagedAs } from '../catalogue'
import { cautionsOf } from '../caution'
import { byId, factsOf, gradeOf, type CheckId, type Fact, type JobDocument } from '../job'
import {
  causeOf,
  CHECKS,
  isNull,
  isShownAt,
  signFits,
  signFitsSeen,
  signOf,
  traceJob,
  type CauseId,
  type Permit,
  type SignId,
  type Trace,
  type TracedFinding,
} from '../trace'
import { answers, expectedGain_bits, type Prospect } from './gain'
import { proposedBid, sellsFor_cents, type ProposedBid } from './proposedBid'

/** What to look at next, and why it is worth it. */
export type NextCheck = {
  readonly check: CheckId
  readonly sign: SignId
  readonly finding_id: string
  readonly minutes: number
  readonly waits_days: number
  readonly permit: Permit
  /** Whether the permission it needs is recorded. */
  readonly permitted: boolean
  readonly chance_yes: number
  readonly gain_bits: number
  /** Hours of work, and money where rates are known, by which the bid is expected to change if all that is advised were taken. */
  readonly change_hours: number
  readonly change_cents: number | null
  /** What would stand at the finding after each answer. */
  readonly ifYes: Outcome
  readonly ifNo: Outcome
}

/** What stands at a finding: its cause, and how sure it is. */
export type Outcome = Pick<TracedFinding, 'cause' | 'certainty'>

/** Causes less likely than this are not worth a check by themselves. Our judgement. */
const WORTH_ASKING = 0.03
/** From so sure on nothing more is asked. Our judgement. */
const SURE = 0.93
/** A day’s wait weighs like so many minutes of work. Our judgement. */
const MINUTES_A_DAY_WAITED = 20
/** So many are carried through the whole house; the rest are only ranked. */
const CARRIED = 6

type Draft = Omit<NextCheck, 'change_hours' | 'change_cents' | 'ifYes' | 'ifNo'> & { readonly rank: number }

/** How likely a check shows a sign when a cause is behind the finding: what the check misses and mistakes, and what the sign says. */
export function likelihoodOf(sign: SignId, cause: CauseId | 'other', check: CheckId): number {
  const { sensitivity, specificity } = CHECKS[check]
  const plain = 1 - specificity
  if (cause === 'other') return Math.min(0.5, plain * 2)
  const { supports, refutes } = causeOf(cause)
  const support = supports.find((each) => each.sign === sign)
  if (support) return Math.max(plain, sensitivity * (1 - 1 / (1 + support.ratio)))
  const refute = refutes.find((each) => each.sign === sign)
  return refute ? plain * refute.ratio : plain
}

function isOpen(traced: TracedFinding): boolean {
  return (
    traced.stated === null &&
    traced.ranked.length > 0 &&
    (traced.ranked[0]?.probability ?? 1) < SURE &&
    traced.certainty !== 'shown'
  )
}

function draftsFor(traced: TracedFinding, job: JobDocument, permitted: (permit: Permit) => boolean): Draft[] {
  const causes = traced.ranked.filter((each) => each.probability >= WORTH_ASKING)
  const finding = byId(job.findings, traced.finding_id)
  const known = new Set([
    ...(finding?.signs.map((each) => each.sign) ?? []),
    ...factsOf(job, 'test').flatMap((test) =>
      test.about.kind === 'finding' && test.about.finding_id === traced.finding_id && test.sign
        ? [test.sign]
        : [],
    ),
  ])
  const present = new Set<string>(
    (finding?.signs ?? []).filter((each) => each.present).map(({ sign }) => sign),
  )
  const grade = finding ? gradeOf(finding) : null
  const part = damagedAs(finding?.component ?? null)
  const fits = (sign: SignId): boolean =>
    signFits(sign, part) && isShownAt(sign, part) && signFitsSeen(sign, grade, present)
  return (Object.keys(CHECKS) as CheckId[]).flatMap((check) => {
    const { shows, minutes, waits, permit } = CHECKS[check]
    return shows.flatMap((sign): Draft[] => {
      const bears = causes.some(
        ({ cause }) =>
          cause !== 'other' &&
          [...causeOf(cause).supports, ...causeOf(cause).refutes].some((each) => each.sign === sign),
      )
      if (!bears || known.has(sign) || !fits(sign)) return []
      const prospects: Prospect[] = causes.map(({ cause, probability }) => ({
        chance: probability,
        yes: likelihoodOf(sign, cause, check),
      }))
      const whole = prospects.reduce((sum, each) => sum + each.chance, 0)
      const even = prospects.map((each) => ({ ...each, chance: each.chance / whole }))
      const gain = expectedGain_bits(even)
      // What would be fixed before and after: a check that cannot change that is worth little, however much it tells.
      const worth = (chances: readonly number[]): number => {
        const top = chances.indexOf(Math.max(...chances))
        const cause = causes[top]?.cause ?? 'other'
        if (cause === 'other' || isNull(cause)) return 0
        const { fix } = causeOf(cause)
        return fix ? (fix.hours[0] + fix.hours[1]) / 2 : 0
      }
      const after = answers(even)
      const now = worth(even.map((each) => each.chance))
      const change =
        after.yes * Math.abs(worth(after.ifYes) - now) + (1 - after.yes) * Math.abs(worth(after.ifNo) - now)
      const cost = minutes + waits * MINUTES_A_DAY_WAITED
      return [
        {
          check,
          sign,
          finding_id: traced.finding_id,
          minutes,
          waits_days: waits,
          permit,
          permitted: permitted(permit),
          chance_yes: after.yes,
          gain_bits: gain,
          rank: (change + gain) / cost,
        },
      ]
    })
  })
}

function supposed(
  job: JobDocument,
  draft: Pick<Draft, 'finding_id' | 'check' | 'sign'>,
  present: boolean,
): JobDocument {
  const test: Fact = {
    kind: 'test',
    id: 'supposed',
    by: '',
    at: '2000-01-01T00:00:00Z',
    about: { kind: 'finding', finding_id: draft.finding_id },
    check: draft.check,
    result: '',
    sign: draft.sign,
    present,
  }
  return { ...job, facts: [...job.facts, test] }
}

/** One look answers the same question for all findings of an opening: it is named once. */
function foremostOf(drafts: readonly Draft[], job: JobDocument): Draft[] {
  const seen = new Set<string>()
  return [...drafts]
    .sort((a, b) => b.rank - a.rank || Number(b.permitted) - Number(a.permitted))
    .filter((draft) => {
      const finding = byId(job.findings, draft.finding_id)
      const at =
        finding?.place.kind === 'side' ? (finding.place.feature_id ?? draft.finding_id) : draft.finding_id
      const key =
        signOf(draft.sign).about === 'detail' ? `${draft.sign} ${at}` : `${draft.sign} ${draft.finding_id}`
      if (seen.has(key)) return false
      seen.add(key)
      return true
    })
    .slice(0, CARRIED)
}

/**
 * Checks in the order they are worth doing: by the change of the bid they are expected to bring a minute, each of the foremost carried
 * through the whole house for both answers. What needs no permission and no trade goes before what does, all else being equal.
 *
 * Ends: nothing where everything is stated, shown or all but sure.
 * Source: expected value of information on our judgement data; the bid is priced as everywhere else.
 */
export function nextChecks(job: JobDocument, trace: Trace): NextCheck[] {
  const steps = nextChecksInSteps(job, trace)
  for (;;) {
    const step = steps.next()
    if (step.done) return step.value
  }
}

/** The same, stopping after each answer that was carried through the house, so that something newer can go first. */
export function* nextChecksInSteps(
  job: JobDocument,
  trace: Trace,
): Generator<undefined, NextCheck[], undefined> {
  const levels = factsOf(job, 'permission').map((fact) => fact.level)
  const permitted = (permit: Permit): boolean =>
    permit === 'look' ||
    (permit === 'probe' && levels.some((level) => level !== 'look-and-touch')) ||
    (permit === 'open' && levels.includes('open'))
  const drafts = trace.findings.filter(isOpen).flatMap((traced) => draftsFor(traced, job, permitted))
  const cautions = cautionsOf(job)
  const now = proposedBid(job, trace, cautions)
  const found: NextCheck[] = []
  for (const draft of foremostOf(drafts, job)) {
    const carried: { bid: ProposedBid; stands: Outcome }[] = []
    for (const present of [true, false]) {
      const after = traceJob(supposed(job, draft, present))
      const traced = after.findings.find((each) => each.finding_id === draft.finding_id)
      carried.push({
        bid: proposedBid(job, after, cautions),
        stands: { cause: traced?.cause ?? null, certainty: traced?.certainty ?? null },
      })
      yield
    }
    const [yes, no] = carried as [(typeof carried)[number], (typeof carried)[number]]
    const change = (of: (bid: ProposedBid) => number): number =>
      draft.chance_yes * Math.abs(of(yes.bid) - of(now)) +
      (1 - draft.chance_yes) * Math.abs(of(no.bid) - of(now))
    const check = {
      ...draft,
      change_hours: change((bid) => bid.hours),
      change_cents: now.cents === null ? null : Math.round(change((bid) => bid.cents ?? 0)),
      ifYes: yes.stands,
      ifNo: no.stands,
    }
    if (tells(check)) found.push(check)
  }
  const anHour_cents = job.rates ? sellsFor_cents(job.rates) : null
  return found.sort((a, b) => worthOf(b, anHour_cents) - worthOf(a, anHour_cents))
}

/** Whether its answer changes anything: the bid, what stands at the finding, or how sure that is. */
function tells({ ifYes, ifNo, change_hours, change_cents }: NextCheck): boolean {
  const isSame = ifYes.cause === ifNo.cause && ifYes.certainty === ifNo.certainty
  return !isSame || change_hours > 0 || (change_cents ?? 0) > 0
}

/** Expected change of the bid a minute, as hours; a little for what it tells besides; what needs the owner or a trade waits its turn. */
function worthOf(check: NextCheck, anHour_cents: number | null): number {
  const cost = check.minutes + check.waits_days * MINUTES_A_DAY_WAITED
  const asking = check.permitted ? 1 : check.permit === 'trade' ? 3 : 1.5
  const change =
    check.change_cents !== null && anHour_cents ? check.change_cents / anHour_cents : check.change_hours
  return (change + 0.2 * check.gain_bits) / (cost * asking)
}
