import type { CheckId, HowKnown, Settings } from '../job'
import { CAUSES, causeOf, type CauseId } from '../catalogue/causes'
import { CHECKS } from '../catalogue/checks/checks'
import { OTHER_REFUTES } from '../catalogue/causes/priors'
import { signOf, type SignId } from '../catalogue/signs'

/** A sign as it bears on one finding. `waterTest`: seen to happen under a hose. `check`: the check that showed it, or showed it absent. */
export type Evidence = {
  readonly sign: SignId
  readonly how: HowKnown
  readonly present: boolean
  readonly waterTest?: boolean
  readonly check?: CheckId
  /** What the look was worth, 0 to 1: fresh paint, glare, wet surfaces and dry spells lower it. */
  readonly trust?: number
  /** Worked out from the rest of the walk, not noted by a person. */
  readonly derived?: boolean
}

/** One reason for or against a cause, with the ratio it ended up counting. */
export type Reason = {
  readonly sign: SignId
  readonly present: boolean
  readonly how: HowKnown
  /** After how it is known, and after sharing a mechanism with stronger signs. Above 1 speaks for. */
  readonly counted: number
  readonly tabled: number
  readonly derived: boolean
}

export type WeighedReason = Reason & { readonly log: number }

/** Exponent on the log of a ratio, by how the sign is known. Our judgement. */
export const KNOWN_WEIGHT: Readonly<Record<HowKnown, number>> = {
  opened: 1,
  touched: 1,
  instrument: 0.9,
  'seen-close': 0.7,
  'from-ground': 0.5,
  read: 0.4,
  told: 0.3,
}
/** A told event that only who lives there can know. Our judgement. */
const HEARD = 0.6
/** How often a look of each kind finds a sign that is there: what makes *looked for and absent* speak. Our judgement. */
export const SEES: Readonly<Record<HowKnown, number>> = {
  opened: 0.95,
  touched: 0.75,
  instrument: 0.8,
  'seen-close': 0.6,
  'from-ground': 0.35,
  read: 0.25,
  told: 0.15,
}
/** Furthest that evidence moves a cause without a decisive check. Our judgement. */
export const CAP = { up: 50, down: 1 / 30 } as const
/** A sign this strong, seen close or better, says by itself what it is: pellets, mud tubes. It lifts the cap. Our judgement. */
export const TELLING_RATIO = 20
/** What must be left of it after how it is known, and after what a check can tell. Our judgement. */
const TOLD_AT_LEAST = 8
/** A sign this strong that was opened or water-tested shows its cause. Our judgement. */
export const DECISIVE_RATIO = 4

type Entry = { readonly ratio: number; readonly mechanism: string; readonly supports: boolean }

const ENTRIES: ReadonlyMap<CauseId, ReadonlyMap<SignId, Entry>> = new Map(
  (Object.keys(CAUSES) as CauseId[]).map((id) => {
    const { supports, refutes } = causeOf(id)
    return [
      id,
      new Map<SignId, Entry>([
        ...refutes.map(
          ({ sign, ratio, mechanism }) => [sign, { ratio, mechanism, supports: false }] as const,
        ),
        ...supports.map(
          ({ sign, ratio, mechanism }) => [sign, { ratio, mechanism, supports: true }] as const,
        ),
      ]),
    ]
  }),
)
const OTHERS = new Map(OTHER_REFUTES.map((each) => [each.sign, each.ratio]))

/**
 * Log of the ratio a sign counts with.
 *
 * Looked for and absent counts by what the look could have seen: (1 − s) / (1 − s / r), where s is how often it finds the sign.
 * Source: Bayes’ rule.
 */
function logOf(tabled: number, { sign, how, present, trust, check }: Evidence): number {
  const weight = (how === 'told' && signOf(sign).heard ? HEARD : KNOWN_WEIGHT[how]) * (trust ?? 1)
  // No sign tells more than the check that showed it can: it finds so many of those that are there, and some that are not.
  const most = check ? CHECKS[check].sensitivity / (1 - CHECKS[check].specificity) : Infinity
  const ratio = Math.min(most, Math.max(1 / most, tabled))
  if (present) return Math.log(ratio) * weight
  const sees = (check ? CHECKS[check].sensitivity : SEES[how]) * (trust ?? 1)
  if (ratio >= 1) return Math.log((1 - sees) / (1 - sees / ratio))
  return Math.log((1 - sees * ratio) / (1 - sees)) / 2
}

/** A sign noted twice is one sign: the better known of the two counts, the later one where both are known alike. */
export function noteOnce(evidence: readonly Evidence[]): Evidence[] {
  const best = new Map<SignId, Evidence>()
  for (const each of evidence) {
    const held = best.get(each.sign)
    if (!held || KNOWN_WEIGHT[each.how] >= KNOWN_WEIGHT[held.how]) best.set(each.sign, each)
  }
  return [...best.values()]
}

type Overrides = Settings['likelihood_overrides']

/**
 * What each piece of evidence says of a cause. Signs of one mechanism are weighed once: the strongest in full, each further one at
 * half its logarithm.
 *
 * @param of.fromOther the cause is one of those that a table calls *other*; what speaks against *something else* speaks against it
 */
export function weigh(of: {
  cause: CauseId | 'other'
  evidence: readonly Evidence[]
  overrides: Overrides
  fromOther: boolean
}): WeighedReason[] {
  const { cause } = of
  const entries = cause === 'other' ? null : ENTRIES.get(cause)!
  const reasons: WeighedReason[] = []
  const mechanisms: string[] = []
  for (const each of of.evidence) {
    const { sign } = each
    const entry = entries?.get(sign)
    const other = of.fromOther ? OTHERS.get(sign) : undefined
    if (!entry && other === undefined) continue
    const override =
      of.overrides.length === 0
        ? undefined
        : of.overrides.find((known) => known.cause === cause && known.sign === sign)
    const tabled = override?.ratio ?? entry?.ratio ?? other!
    const log = logOf(tabled, each)
    const { present, how } = each
    reasons.push({ sign, present, how, tabled, counted: Math.exp(log), log, derived: each.derived ?? false })
    mechanisms.push(entry?.mechanism ?? `refutes ${sign}`)
  }
  // Most causes have one sign or none at a finding: nothing to share then.
  return reasons.length < 2 ? reasons : shared(reasons, mechanisms)
}

function shared(reasons: readonly WeighedReason[], mechanisms: readonly string[]): WeighedReason[] {
  const groups = new Map<string, WeighedReason[]>()
  reasons.forEach((reason, index) => {
    const held = groups.get(mechanisms[index]!)
    if (held) held.push(reason)
    else groups.set(mechanisms[index]!, [reason])
  })
  return [...groups.values()].flatMap((group) =>
    group
      // Ties: what speaks for goes first, so that the order of noting decides nothing.
      .sort((a, b) => Math.abs(b.log) - Math.abs(a.log) || b.log - a.log)
      .map((each, index) => {
        if (index === 0) return each
        const log = each.log / 2
        return { ...each, log, counted: Math.exp(log) }
      }),
  )
}

/** Whether a check showed the cause: opened or water-tested, and a sign strong enough. */
export function isDecisive(evidence: readonly Evidence[], cause: CauseId): boolean {
  const entries = ENTRIES.get(cause)!
  return evidence.some((each) => {
    const entry = entries.get(each.sign)
    return (
      each.present &&
      (each.how === 'opened' || each.waterTest === true) &&
      entry?.supports === true &&
      entry.ratio >= DECISIVE_RATIO
    )
  })
}

const CLOSE: ReadonlySet<HowKnown> = new Set<HowKnown>(['opened', 'touched', 'instrument', 'seen-close'])

/** Whether a sign among the reasons says by itself what it is. */
export function tells(reasons: readonly WeighedReason[]): boolean {
  return reasons.some(
    (each) =>
      each.present &&
      each.tabled >= TELLING_RATIO &&
      each.counted >= TOLD_AT_LEAST &&
      (CLOSE.has(each.how) || signOf(each.sign).heard === true),
  )
}

/** Sum of logs, capped until a check was decisive or a sign says by itself what it is. */
export function cappedSum(reasons: readonly WeighedReason[], decisive: boolean): number {
  const sum = reasons.reduce((total, each) => total + each.log, 0)
  return decisive || tells(reasons) ? sum : Math.min(Math.log(CAP.up), Math.max(Math.log(CAP.down), sum))
}

/** Whether a sign says something of the place a source would sit, as against the shape of the damage. */
export function isAboutDetail(sign: SignId): boolean {
  return signOf(sign).about === 'detail'
}
