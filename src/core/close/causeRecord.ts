import { CAUSES, isCause, type CauseId } from '../catalogue/causes'
import type { OpenedPlace, Settings } from '../job'

/** One opened place: what had been said of its cause, and what had done it. */
export type OpenedCause = Pick<OpenedPlace, 'told' | 'caused_by'>

/** How often a cause was said, and how often it was that. */
export type CauseHits = {
  readonly cause: string
  /** Places of which it had been said first. */
  readonly said: number
  readonly right: number
  /** Places where it was that, whatever had been said. */
  readonly was: number
  /** What it was where it had been said and was not, commonest first. */
  readonly otherwise: readonly { readonly cause: string; readonly places: number }[]
}

/** What opened places say of how well causes are named. */
export type CauseRecord = {
  /** Places of which it was seen what had done it. */
  readonly places: number
  /** Of those: not explained before, said first and right, and beside the first with 15 of a hundred or more. */
  readonly unexplained: number
  readonly right: number
  readonly named: number
  /** By cause, most places first. */
  readonly causes: readonly CauseHits[]
}

/** From so many of a hundred on a cause stands beside the first. */
const NAMED_PERCENT = 15

type Seen = { readonly told: NonNullable<OpenedPlace['told']>; readonly was: string }

const seenOf = (opened: readonly OpenedCause[]): Seen[] =>
  opened.flatMap(({ told, caused_by }) => (told && caused_by !== null ? [{ told, was: caused_by }] : []))

const counted = (values: readonly string[]): Map<string, number> => {
  const counts = new Map<string, number>()
  for (const value of values) counts.set(value, (counts.get(value) ?? 0) + 1)
  return counts
}

/** Of places that were opened and whose cause was seen: what had been said, and what it was. */
export function causeRecord(opened: readonly OpenedCause[]): CauseRecord {
  const seen = seenOf(opened)
  const ids = new Set(seen.flatMap(({ told, was }) => (told.cause === null ? [was] : [told.cause, was])))
  const causes = [...ids].map((cause): CauseHits => {
    const said = seen.filter(({ told }) => told.cause === cause)
    const wrong = counted(said.filter(({ was }) => was !== cause).map(({ was }) => was))
    return {
      cause,
      said: said.length,
      right: said.filter(({ was }) => was === cause).length,
      was: seen.filter(({ was }) => was === cause).length,
      otherwise: [...wrong]
        .map(([other, places]) => ({ cause: other, places }))
        .toSorted((a, b) => b.places - a.places || a.cause.localeCompare(b.cause)),
    }
  })
  const isNamed = ({ told, was }: Seen): boolean =>
    told.cause !== was && told.shares.some(({ cause, percent }) => cause === was && percent >= NAMED_PERCENT)
  return {
    places: seen.length,
    unexplained: seen.filter(({ told }) => told.cause === null).length,
    right: seen.filter(({ told, was }) => told.cause === was).length,
    named: seen.filter(isNamed).length,
    causes: causes.toSorted((a, b) => b.said + b.was - a.said - a.was || a.cause.localeCompare(b.cause)),
  }
}

/** What opened places say of one weight: how much likelier a sign is where a cause had done it. */
export type WeightOffer = {
  readonly cause: CauseId
  readonly sign: string
  /** Places where it was that cause, and how many of them had the sign; the same where it was another. */
  readonly was: { readonly places: number; readonly withSign: number }
  readonly was_not: { readonly places: number; readonly withSign: number }
  /** The shipped ratio, the one new jobs of the firm start from, and what is offered. */
  readonly shipped: number
  readonly now: number
  readonly offered: number
}

/** Under so many places on either side a weight is not touched. Our judgement. */
const LEAST_PLACES = 5
/** The shipped ratio counts as much as so many places where it was the cause. Our judgement. */
export const SHIPPED_PLACES = 6
/** No sign is there every time. Our judgement. */
const AT_MOST = 0.95
/** What moves less than this is no change. Our judgement. */
const SMALL = Math.log(1.2)
const MOST = 50

const digits = (value: number): number => Number(value.toPrecision(2))

/**
 * Weights that the firm's own opened places would move, those that move most first. Nothing is changed by it: it is offered.
 *
 * The share of places with the sign where it was another cause is q = (with + 1) / (places + 2). The shipped ratio r is `SHIPPED_PLACES`
 * further places of the cause, of which r × q have the sign; the offer is the share among all of them over q. A sign that nobody noted
 * counts as not there. Taken or not, the same places offer the same: they are always set against the shipped ratio.
 *
 * Source: rule of succession and prior counts of a share, any book of Bayesian statistics; how many of them, our judgement.
 */
export function weightOffers(
  opened: readonly OpenedCause[],
  overrides: Settings['likelihood_overrides'],
): WeightOffer[] {
  const seen = seenOf(opened)
  const offers = [...new Set(seen.map(({ was }) => was))].filter(isCause).flatMap((cause) => {
    const was = seen.filter((each) => each.was === cause)
    const was_not = seen.filter((each) => each.was !== cause)
    if (was.length < LEAST_PLACES || was_not.length < LEAST_PLACES) return []
    const { supports, refutes } = CAUSES[cause]
    return [...supports, ...refutes].map(({ sign, ratio: shipped }): WeightOffer => {
      const count = (list: readonly Seen[]): WeightOffer['was'] => ({
        places: list.length,
        withSign: list.filter(({ told }) => told.signs.includes(sign)).length,
      })
      const counts = { was: count(was), was_not: count(was_not) }
      return {
        ...{ cause, sign, ...counts, shipped },
        now: overrides.find((each) => each.cause === cause && each.sign === sign)?.ratio ?? shipped,
        offered: digits(offeredRatio(counts, shipped)),
      }
    })
  })
  return offers
    .filter(({ was, was_not }) => was.withSign + was_not.withSign > 0)
    .filter(({ offered, now }) => Math.abs(Math.log(offered / now)) > SMALL)
    .toSorted((a, b) => Math.abs(Math.log(b.offered / b.now)) - Math.abs(Math.log(a.offered / a.now)))
}

/**
 * What is offered for a shipped ratio.
 *
 * @example
 * offeredRatio({ was: { places: 14, withSign: 14 }, was_not: { places: 18, withSign: 1 } }, 2) // => 7.6
 */
export function offeredRatio(
  { was, was_not }: Pick<WeightOffer, 'was' | 'was_not'>,
  shipped: number,
): number {
  const elsewhere = (was_not.withSign + 1) / (was_not.places + 2)
  const before = SHIPPED_PLACES * Math.min(AT_MOST, shipped * elsewhere)
  const share = (was.withSign + before) / (was.places + SHIPPED_PLACES)
  return Math.min(MOST, Math.max(1 / MOST, share / elsewhere))
}
