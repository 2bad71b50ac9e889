import type { ComponentId, HowKnown } from '../job'
import type { Option } from './explain/problem'
import { causeOf, USUAL, type CauseId, type SeatKind } from '../catalogue/causes'
import { sharesAt } from '../catalogue/causes/priors'
import {
  SEARCH,
  type Behind,
  type Candidate,
  type Facts,
  type Member,
  type Model,
  type Overrides,
  type Weighing,
} from './modelTypes'
import type { Seat } from './seat'
import { speaksFor } from './speaks'
import { besideTable, nearnessOf, oddsOf, withOdds } from './usual'
import { cappedSum, isAboutDetail, isDecisive, noteOnce, tells, weigh, type WeighedReason } from './weigh'

/** A cause at a seat before it is priced: which findings it reaches, how well, and what their damage says of it. */
export type Draft = {
  readonly cause: CauseId
  readonly seat: Seat
  readonly members: Map<string, { close: number; damage: number; speaks: boolean }>
}

export type Priced = { readonly candidate: Candidate; readonly open: number; readonly needs: number }

/** Places that run on: the ground along a wall is not the same everywhere. */
const LONG: ReadonlySet<SeatKind> = new Set<SeatKind>(['ground', 'face', 'eave', 'gutter-run', 'roof-plane'])

const logOdds = (chance: number): number => Math.log(chance / (1 - chance))

/** Share of a cause that wets whatever lies within its reach, percent, where it damages such a member. */
function wetShare(cause: CauseId, component: ComponentId | null): number {
  const { wetsItsReach, damages } = causeOf(cause)
  return wetsItsReach && component !== null && damages.includes(component) ? besideTable(cause) : 0
}

/** What it costs to name a source, by whether its fault was seen at its own place. */
function namingOf(detail: readonly WeighedReason[], detailLog: number): number {
  const speaks = detailLog > Math.log(SEARCH.speaks)
  const isSeen = detail.some(
    ({ present, tabled, how }) => present && tabled >= SEARCH.seenFrom && LOOKED.has(how),
  )
  if ((speaks && isSeen) || detailLog >= Math.log(SEARCH.seenFrom)) return SEARCH.naming.seen
  return SEARCH.naming.inferred
}
const LOOKED: ReadonlySet<HowKnown> = new Set<HowKnown>([
  'opened',
  'touched',
  'instrument',
  'seen-close',
  'from-ground',
])

/** Prices every draft, and adds the habits that several of them make together. */
export function candidatesOf(of: {
  drafts: readonly Draft[]
  weighings: readonly Weighing[]
  overrides: Overrides
  factsAt: (side_id: string | null) => Facts
}): Priced[] {
  const byId = new Map(of.weighings.map((each) => [each.finding.id, each]))
  /** For each finding and cause, the seat that is nearest: what it notes of the detail is about that one. */
  const nearest = new Map<CauseId, Map<string, { key: string; close: number }>>()
  for (const { cause, seat, members } of of.drafts) {
    const mine = nearest.get(cause) ?? new Map<string, { key: string; close: number }>()
    nearest.set(cause, mine)
    for (const [id, { close }] of members) {
      const { target } = byId.get(id)!
      const here = seat.feature_id !== null && seat.feature_id === target.feature_id ? close + 1 : close
      const held = mine.get(id)
      if (!held || here > held.close) mine.set(id, { key: seat.key, close: here })
    }
  }
  const single = of.drafts.flatMap(({ cause, seat, members }): (Priced & { detailLog: number })[] => {
    if (![...members.values()].some((each) => each.speaks)) return []
    const nearby = nearest.get(cause)
    // Along a long place, what speaks against a fault was noted of another stretch: it counts there, not for the whole.
    const isLong = LONG.has(causeOf(cause).seat)
    const mine = [...members].filter(
      ([id, { speaks }]) => nearby?.get(id)?.key === seat.key && (!isLong || speaks),
    )
    const evidence = noteOnce(
      mine.flatMap(([id]) => byId.get(id)!.evidence.filter((each) => isAboutDetail(each.sign))),
    )
    const shown = isDecisive(evidence, cause)
    const detail = weigh({ cause, evidence, overrides: of.overrides, fromOther: false })
    const side_id = seat.box?.side_id ?? null
    const usual = withOdds(USUAL[causeOf(cause).usual], oddsOf(cause, of.factsAt(side_id)) * seat.odds)
    const plain = -Math.log(USUAL[causeOf(cause).usual])
    const someoneSays = [...members.keys()].some((id) => byId.get(id)!.stated?.cause === cause)
    const detailLog = cappedSum(detail, shown)
    // A sign that says by itself what it is needs no such caution.
    const telling =
      tells(detail) || [...members.keys()].some((id) => tells(byId.get(id)!.reasons.get(cause) ?? []))
    // What speaks for it beyond its rarity is shared by the findings that speak for it: a source is never opened for its own sake.
    const open = someoneSays ? 0 : -Math.log(usual) - detailLog
    const surplus = Math.max(0, -open) / [...members.values()].filter((each) => each.speaks).length
    const priced = [...members].map(([id, { close, damage, speaks }]): [string, Member] => {
      const { finding, stated, target } = byId.get(id)!
      const inTable = finding.component
        ? sharesAt(finding.component, target.at).find((each) => each.cause === cause)?.share
        : undefined
      const competes = byId.get(id)!.shares.find((each) => each.cause === cause)
      const named = Math.max(inTable ?? 0, competes?.share ?? 0, wetShare(cause, finding.component))
      const share = (named || 1) * (competes?.dry ?? 1)
      const near = nearnessOf(cause, finding, target.at)
      const here = (share / 100 / near) * Math.exp(plain)
      const reached = -Math.log(Math.min(SEARCH.mostLikely, here))
      const elsewhere =
        isLong && !speaks
          ? cappedSum(
              (byId.get(id)!.reasons.get(cause) ?? []).filter((each) => isAboutDetail(each.sign)),
              false,
            )
          : 0
      return [
        id,
        {
          seat,
          speaks,
          cost: stated ? 0 : reached - damage - elsewhere - Math.log(close) - (speaks ? surplus : 0),
          alone:
            logOdds(Math.min(SEARCH.mostLikely, share / 100 / near)) +
            damage * SEARCH.shared +
            Math.log(close),
        },
      ]
    })
    return [
      {
        open: Math.max(0, open) + (someoneSays || shown || telling ? 0 : namingOf(detail, detailLog)),
        needs: 1,
        // What a habit may still share out: the rest is in the costs of the findings already.
        detailLog: someoneSays ? 0 : Math.min(detailLog, -Math.log(usual)),
        candidate: {
          cause,
          seats: [seat],
          repeated: false,
          members: new Map(priced),
          detail,
          detailLog,
          shown,
        },
      },
    ]
  })
  return [...single, ...habitsOf(single, byId)]
}

/** Where it is all the same, what may be one habit is one. */
const TIE = 0.01

/** One habit of the builder over many places: counted once, with evidence from two places at least. */
function habitsOf(
  single: readonly (Priced & { readonly detailLog: number })[],
  byId: ReadonlyMap<string, Weighing>,
): Priced[] {
  const byCause = new Map<CauseId, (Priced & { readonly detailLog: number })[]>()
  for (const each of single) {
    const { cause } = each.candidate
    if (causeOf(cause).repeats) byCause.set(cause, [...(byCause.get(cause) ?? []), each])
  }
  return [...byCause].flatMap(([cause, places]): Priced[] => {
    const speaking = places.filter(({ candidate }) =>
      [...candidate.members.values()].some((each) => each.speaks),
    )
    if (speaking.length < 2) return []
    const members = new Map<string, Member>()
    for (const { candidate, detailLog } of speaking) {
      if (detailLog < Math.log(SEARCH.notInHabit)) continue
      for (const [id, member] of candidate.members) {
        const detail_id = byId.get(id)!.finding.detail_id
        const joined = detail_id === null ? TIE : SEARCH.sameDetail
        const cost = member.cost - detailLog / candidate.members.size - joined
        if (cost < (members.get(id)?.cost ?? Infinity)) members.set(id, { ...member, cost })
      }
    }
    const details = new Set([...members.keys()].map((id) => byId.get(id)!.finding.detail_id))
    const oneDetail = details.size === 1 && !details.has(null)
    const said = [...members.keys()].some((id) =>
      byId.get(id)!.evidence.some((each) => each.present && each.sign === 'several-openings-same-fault'),
    )
    return [
      {
        open: -Math.log(USUAL[causeOf(cause).usual]) + (oneDetail ? 0 : SEARCH.habit),
        needs: oneDetail || said ? 2 : SEARCH.habitFrom,
        candidate: {
          cause,
          seats: speaking.flatMap(({ candidate }) => candidate.seats),
          repeated: true,
          members,
          detail: speaking.flatMap(({ candidate }) => candidate.detail),
          detailLog: 0,
          shown: speaking.some(({ candidate }) => candidate.shown),
        },
      },
    ]
  })
}

/**
 * A finding without a sign is a place, not a witness: it follows a source that stands for others and reaches it, and lifts none. From
 * further off than this it stays unexplained. Our judgement.
 */
const FOLLOWS = 1.5
const isWitness = ({ stated, reasons }: Weighing): boolean =>
  stated !== null || [...reasons.values()].some((of) => of.some(speaksFor))

/** Cost of *one of these*: all that needs no source stands together against the sources. */
function together(costs: readonly number[]): number {
  const least = Math.min(...costs)
  return least - Math.log(costs.reduce((sum, cost) => sum + Math.exp(least - cost), 0))
}

/** The search as numbers: what each finding may take, and what is behind each option. */
export function problemOf(
  candidates: readonly Priced[],
  weighings: readonly Weighing[],
): Pick<Model, 'problem' | 'behind'> {
  const at = new Map(weighings.map((each, index) => [each.finding.id, index]))
  const options: Option[][] = weighings.map(({ sourceless }) => [
    { source: null, cost: together(sourceless.map((each) => each.cost)), anchor: null },
  ])
  const behind: Behind[][] = weighings.map(({ sourceless }) => [
    { candidate: null, cause: sourceless.reduce((a, b) => (b.cost < a.cost ? b : a)).cause },
  ])
  candidates.forEach(({ candidate }, source) => {
    for (const [id, { cost, speaks, seat }] of candidate.members) {
      const index = at.get(id)!
      options[index]!.push({ source, cost, anchor: speaks ? seat.key : null })
      behind[index]!.push({ candidate: source, cause: candidate.cause })
    }
  })
  weighings.forEach((each, index) => {
    const of = options[index]!
    if (isWitness(each) || of.length === 1) return
    const nearest = Math.min(...of.slice(1).map((option) => option.cost))
    if (nearest - of[0]!.cost > FOLLOWS) return
    of[0] = { ...of[0]!, cost: nearest + TIE }
  })
  return {
    problem: { sources: candidates.map(({ open, needs }) => ({ open, needs })), findings: options },
    behind,
  }
}
