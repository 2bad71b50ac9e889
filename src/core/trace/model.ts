import { gradeOf, type Finding, type JobDocument, type Settings, type Side } from '../job'
import { inches } from '../measure'
import { evidenceFor } from './evidence'
import type { ExplainProblem, Option } from './explain/problem'
import { houseFacts } from './houseFacts'
import {
  causeNamed,
  causeOf,
  isNull,
  USUAL,
  type CauseId,
  type HouseFact,
  type SeatKind,
} from './knowledge/causes'
import { SHARES, type Share } from './knowledge/priors'
import { closeness, shieldsOf } from './reach'
import { ringOf, type Ring } from './ring'
import { seatsOf, type Seat } from './seats'
import { targetOf, type Target } from './target'
import {
  cappedSum,
  isAboutDetail,
  isDecisive,
  noteOnce,
  weigh,
  type Evidence,
  type WeighedReason,
} from './weigh'

/** Weights of the search. Our judgement; `docs/trace.md` says what was changed after looking at simulated houses. */
export const SEARCH = {
  /** Naming a source at all costs this much: needless work is sold on an invented one. */
  naming: 0.75,
  /** A habit costs this much more than one fault of its kind: it pays from about the third place on. */
  habit: 1,
  /** Places with evidence of their own that make a habit, unless somebody noted that it repeats: then two. */
  habitFrom: 3,
  /** A finding that a person joined to others as one detail belongs with them. */
  sameDetail: 0.5,
  /** A source that reaches a finding damages it with at most this chance. */
  mostLikely: 0.95,
  /** A place not on the drawing is possible, and a little less so. */
  notDrawn: 0.6,
  /** From this ratio on a sign speaks for a cause. */
  speaks: 1.3,
} as const

/** One source that may be: a cause at a seat, or a habit at many. */
export type Candidate = {
  readonly cause: CauseId
  readonly seats: readonly Seat[]
  readonly repeated: boolean
  readonly members: ReadonlyMap<string, Member>
  readonly detail: readonly WeighedReason[]
  readonly shown: boolean
}
export type Member = { readonly seat: Seat; readonly cost: number; readonly speaks: boolean }

/** What a finding may be explained by without a source. */
export type Sourceless = {
  readonly cause: CauseId | 'other'
  readonly cost: number
  readonly reasons: readonly WeighedReason[]
}

export type Weighing = {
  readonly finding: Finding
  readonly target: Target
  readonly evidence: readonly Evidence[]
  readonly stated: { readonly cause: CauseId; readonly by: string; readonly reason: string } | null
  readonly sourceless: readonly Sourceless[]
  /** All reasons of a cause at this finding. */
  readonly reasons: ReadonlyMap<CauseId | 'other', readonly WeighedReason[]>
}

export type Model = {
  readonly weighings: readonly Weighing[]
  readonly candidates: readonly Candidate[]
  readonly problem: ExplainProblem
  /** Behind each option of the problem. */
  readonly behind: readonly (readonly Behind[])[]
}

/** A candidate by index, or, for the one option without a source, the likeliest of what needs none. */
export type Behind = { readonly candidate: number | null; readonly cause: CauseId | 'other' }

type Overrides = Settings['likelihood_overrides']
type Facts = ReadonlySet<HouseFact>

/** Odds multiplier of a cause by what is true of the house, exposure of the wall included. */
function oddsOf(cause: CauseId, facts: Facts): number {
  const { odds, family } = causeOf(cause)
  let times = odds.reduce((product, each) => (facts.has(each.when) ? product * each.times : product), 1)
  if (family === 'wall-water') {
    for (const [fact, by] of EXPOSURE) if (facts.has(fact)) times *= by
  }
  return times
}

/** Exposure of a wall multiplies the odds of everything that wets it. Published in part (survey of wet-coast walls), from memory; our judgement. */
const EXPOSURE: readonly (readonly [HouseFact, number])[] = [
  ['no-overhang', 1.6],
  ['wide-overhang', 0.5],
  ['storm-side', 1.3],
  ['sheltered-side', 0.75],
  ['shaded-side', 1.2],
  ['windswept', 1.2],
]

function withOdds(probability: number, times: number): number {
  const odds = (probability / (1 - probability)) * times
  return Math.min(0.95, Math.max(0.002, odds / (1 + odds)))
}

type Draft = {
  readonly cause: CauseId
  readonly seat: Seat
  readonly members: Map<string, { close: number; damage: number; speaks: boolean }>
}

/** Kinds of seat that a person may not have drawn: where none is, one may still be near the finding. */
const MAY_BE_UNDRAWN: ReadonlySet<SeatKind> = new Set<SeatKind>([
  'gutter-end',
  'leader',
  'roof-end',
  'roof-wall-line',
  'metal-edge',
  'chase-top',
  'chimney',
  'penetration',
  'ledger',
  'fixture',
  'opening-head',
  'opening-foot',
  'opening',
])

function ownSeat(kind: SeatKind, target: Target): Seat {
  const { stretch, side_id } = target
  const known = target.kind !== 'words' && stretch !== null && side_id !== null
  return {
    key: `${kind}:at:${target.kind === 'words' ? target.key : target.finding.id}`,
    words:
      target.kind === 'words' && !target.key.startsWith('finding:')
        ? target.key.slice(target.key.indexOf(':') + 1)
        : '',
    box: known
      ? {
          side_id,
          left: Math.round(target.left) as never,
          right: Math.round(target.right) as never,
          bottom: Math.round(target.bottom) as never,
          top: Math.round(target.top) as never,
        }
      : null,
    inside: target.inside,
    feature_id: target.feature_id,
  }
}

/** How near a seat at one finding is to another finding, by the reach of the cause. */
function closenessFrom(cause: CauseId, home: Target, target: Target, ring: Ring): number {
  if (home.finding.id === target.finding.id) return 1
  if (home.kind !== target.kind) return 0
  if (home.kind === 'words') return home.key === target.key ? 0.9 : 0
  if (!home.stretch || !target.stretch) return 0
  const { reach } = causeOf(cause)
  const aside = ring.gap(home.stretch, target.stretch) / Math.max(1, inches(reach.side))
  const below = Math.max(0, home.bottom - target.top) / Math.max(1, inches(reach.down))
  const above = Math.max(0, target.bottom - home.top) / Math.max(1, inches(reach.up))
  const across = Math.abs(home.inside - target.inside) / Math.max(1, inches(reach.side))
  const far = Math.max(aside, below, above, across)
  return far > 1 ? 0 : 1 - 0.65 * far
}

function statedFor(finding: Finding, job: JobDocument): Weighing['stated'] {
  const judged = job.judgements.findLast((each) => each.finding_ids.includes(finding.id))
  const cause = judged ? causeNamed(judged.cause) : null
  return judged && cause ? { cause, by: judged.by, reason: judged.reason } : null
}

/**
 * Turns a job into the search for its explanation: every source that could be behind a finding, by place, and what each costs.
 *
 * Costs are negative logarithms: of how usual a cause is (more or less so in this house), of how well it reaches the finding, and
 * of the ratios of the signs. What is seen of the place of a source is weighed once for the source; the shape of the damage at each finding.
 * Source: Bayes’ rule on our judgement data.
 */
export function modelOf(job: JobDocument, damaged: readonly Finding[]): Model {
  const overrides: Overrides = job.settings.likelihood_overrides
  const ring = ringOf(job)
  const sides = new Map(job.sides.map((side) => [side.id, side]))
  const factsBySide = new Map<string | null, Facts>()
  const factsAt = (side_id: string | null): Facts => {
    const known = factsBySide.get(side_id)
    if (known) return known
    const facts = houseFacts(
      job,
      side_id === null ? null : ((sides.get(side_id) as Side | undefined) ?? null),
    )
    factsBySide.set(side_id, facts)
    return facts
  }
  const seats = new Map<SeatKind, readonly Seat[]>()
  const seatsFor = (kind: SeatKind): readonly Seat[] => {
    const known = seats.get(kind) ?? seatsOf(kind, job)
    seats.set(kind, known)
    return known
  }
  const weighed = damaged.map((finding) => {
    const evidence = noteOnce(evidenceFor(finding, job))
    return { finding, evidence, target: targetOf(finding, job, ring), stated: statedFor(finding, job) }
  })
  const flashed = new Set(
    weighed.flatMap(({ evidence, target }) =>
      target.feature_id !== null &&
      evidence.some(
        (each) =>
          each.present &&
          (each.sign === 'metal-tucked-at-head' || each.sign === 'metal-past-casing-with-dams'),
      )
        ? [target.feature_id]
        : [],
    ),
  )
  const shields = shieldsOf(job, flashed)
  const drafts = new Map<string, Draft>()
  const join = (
    cause: CauseId,
    seat: Seat,
    id: string,
    of: { close: number; damage: number; speaks: boolean },
  ): void => {
    const key = `${cause}@${seat.key}`
    const draft = drafts.get(key) ?? { cause, seat, members: new Map() }
    draft.members.set(id, of)
    drafts.set(key, draft)
  }
  const own: { cause: CauseId; seat: Seat; home: Target }[] = []
  const logs = new Map<string, { damage: number; speaks: boolean }>()
  const weighings = weighed.map(({ finding, evidence, target, stated }): Weighing => {
    const reasons = new Map<CauseId | 'other', readonly WeighedReason[]>()
    const sourceless: Sourceless[] = []
    const shares = sharesFor(finding)
    for (const { cause, share, fromOther } of shares) {
      if (stated && cause !== stated.cause) {
        if (cause === 'other') sourceless.push({ cause, cost: STATED_OTHERWISE, reasons: [] })
        continue
      }
      const all = weigh({ cause, evidence, overrides, fromOther })
      reasons.set(cause, all)
      if (cause === 'other' || isNull(cause)) {
        const shown = cause !== 'other' && isDecisive(evidence, cause)
        const times = cause === 'other' ? 1 : oddsOf(cause, factsAt(target.side_id))
        sourceless.push({
          cause,
          cost: stated ? 0 : -Math.log((share / 100) * times) - cappedSum(all, shown),
          reasons: all,
        })
        continue
      }
      const damage = cappedSum(
        all.filter((each) => !isAboutDetail(each.sign)),
        isDecisive(evidence, cause),
      )
      const speaks = stated !== null || all.some((each) => each.counted > SEARCH.speaks)
      logs.set(`${finding.id} ${cause}`, { damage, speaks })
      const { seat: kind } = causeOf(cause)
      let reached = false
      if (kind !== 'in-place' && target.kind !== 'words') {
        for (const seat of seatsFor(kind)) {
          const close = closeness({ cause, seat, target, ring, shields })
          if (close === 0) continue
          reached = true
          join(cause, seat, finding.id, { close, damage, speaks })
        }
      }
      if (kind === 'crawl' || kind === 'attic' || kind === 'roof') {
        if (target.kind === 'words')
          for (const seat of seatsFor(kind)) join(cause, seat, finding.id, { close: 0.9, damage, speaks })
      } else if (
        speaks &&
        !reached &&
        (kind === 'in-place' || target.kind === 'words' || MAY_BE_UNDRAWN.has(kind) || stated)
      ) {
        own.push({ cause, seat: ownSeat(kind, target), home: target })
      }
    }
    if (stated && !shares.some((each) => each.cause === stated.cause)) {
      // A person knows better than the table of the member: his cause is taken as it is.
      reasons.set(stated.cause, [])
      if (isNull(stated.cause)) sourceless.push({ cause: stated.cause, cost: 0, reasons: [] })
      else {
        logs.set(`${finding.id} ${stated.cause}`, { damage: 0, speaks: true })
        own.push({ cause: stated.cause, seat: ownSeat(causeOf(stated.cause).seat, target), home: target })
      }
    }
    if (!sourceless.some((each) => each.cause === 'other')) {
      sourceless.push({ cause: 'other', cost: stated ? STATED_OTHERWISE : 0, reasons: [] })
    }
    return { finding, target, evidence, stated, sourceless, reasons }
  })
  for (const { cause, seat, home } of own) {
    for (const { finding, target } of weighings) {
      const mine = logs.get(`${finding.id} ${cause}`)
      if (!mine) continue
      const near = closenessFrom(cause, home, target, ring)
      const close = causeOf(cause).seat === 'in-place' ? near : near * SEARCH.notDrawn
      if (close > 0) join(cause, seat, finding.id, { close, ...mine })
    }
  }
  const candidates = candidatesOf({ drafts: [...drafts.values()], weighings, overrides, factsAt })
  return {
    weighings,
    candidates: candidates.map((each) => each.candidate),
    ...problemOf(candidates, weighings),
  }
}

/**
 * How often a finding lies in reach of a seat of a kind at all. The tables by member are means over all places: beside a chimney chase
 * the chase is a likelier source than a table for siding says. Our judgement.
 */
const NEAR: Readonly<Partial<Record<SeatKind, number>>> = {
  'roof-end': 0.2,
  'gutter-end': 0.25,
  leader: 0.3,
  'roof-wall-line': 0.2,
  'metal-edge': 0.25,
  'chase-top': 0.02,
  chimney: 0.1,
  penetration: 0.25,
  fixture: 0.4,
  ledger: 0.3,
}
/** Of siding, sheathing and framing, so much lies in reach of an opening. Our judgement. */
const NEAR_AN_OPENING = 0.4
const PARTS_OF_OPENINGS: ReadonlySet<string> = new Set([
  'head-casing',
  'side-casing',
  'window-sill',
  'sill-nose',
  'jamb-foot',
  'threshold',
])
const AT_THE_LEDGER: ReadonlySet<string> = new Set(['ledger', 'rim-joist'])

function nearnessOf(cause: CauseId, finding: Finding): number {
  const { seat } = causeOf(cause)
  if (seat === 'ledger' && AT_THE_LEDGER.has(finding.component ?? '')) return 1
  if (seat.startsWith('opening') && !PARTS_OF_OPENINGS.has(finding.component ?? '')) return NEAR_AN_OPENING
  return NEAR[seat] ?? 1
}

/**
 * The tables by member are about decay. The shallower the damage, the more of it is weather and overdue paint, whatever the member:
 * so much of each grade. Our judgement.
 */
const WEATHER: readonly number[] = [0, 0.5, 0.15, 0.05, 0.05]
const UNTOUCHED = 0.2

function sharesFor(finding: Finding): readonly Share[] {
  if (!finding.component) return []
  const grade = gradeOf(finding)
  const weather = grade === null ? UNTOUCHED : WEATHER[grade]!
  const here = WEATHER_IS.filter(({ cause }) => causeOf(cause).damages.includes(finding.component!))
  const table = SHARES[finding.component]
  const whole = here.reduce((sum, each) => sum + each.part, 0)
  if (whole === 0 || weather === 0) return table
  return table.map((each) => {
    const part = here.find(({ cause }) => cause === each.cause)?.part ?? 0
    return { ...each, share: each.share * (1 - weather) + (100 * weather * part) / whole }
  })
}
/** What weather and the coat do by themselves, by how often. Our judgement. */
const WEATHER_IS = [
  { cause: 'finish-overdue', part: 0.45 },
  { cause: 'ordinary-exposure', part: 0.35 },
  { cause: 'coating-fault', part: 0.2 },
] as const

/** Leaving a finding that somebody judged unexplained is never worth it. */
const STATED_OTHERWISE = 50

type Priced = { readonly candidate: Candidate; readonly open: number; readonly needs: number }

function candidatesOf(of: {
  drafts: readonly Draft[]
  weighings: readonly Weighing[]
  overrides: Overrides
  factsAt: (side_id: string | null) => Facts
}): Priced[] {
  const byId = new Map(of.weighings.map((each) => [each.finding.id, each]))
  /** For each finding and cause, the seat that is nearest: what it notes of the detail is about that one. */
  const nearest = new Map<string, { key: string; close: number }>()
  for (const { cause, seat, members } of of.drafts) {
    for (const [id, { close }] of members) {
      const { target } = byId.get(id)!
      const here = seat.feature_id !== null && seat.feature_id === target.feature_id ? close + 1 : close
      const held = nearest.get(`${id} ${cause}`)
      if (!held || here > held.close) nearest.set(`${id} ${cause}`, { key: seat.key, close: here })
    }
  }
  const single = of.drafts.flatMap(({ cause, seat, members }): (Priced & { detailLog: number })[] => {
    const mine = [...members].filter(([id]) => nearest.get(`${id} ${cause}`)?.key === seat.key)
    if (![...members.values()].some((each) => each.speaks)) return []
    const evidence = noteOnce(
      mine.flatMap(([id]) => byId.get(id)!.evidence.filter((each) => isAboutDetail(each.sign))),
    )
    const shown = isDecisive(evidence, cause)
    const detail = weigh({ cause, evidence, overrides: of.overrides, fromOther: false })
    const side_id = seat.box?.side_id ?? null
    const usual = withOdds(USUAL[causeOf(cause).usual], oddsOf(cause, of.factsAt(side_id)))
    const plain = -Math.log(USUAL[causeOf(cause).usual])
    const someoneSays = [...members.keys()].some((id) => byId.get(id)!.stated?.cause === cause)
    const detailLog = cappedSum(detail, shown)
    // What speaks for it beyond its rarity is shared by the findings that speak for it: a source is never opened for its own sake.
    const open = someoneSays ? 0 : -Math.log(usual) - detailLog
    const surplus = Math.max(0, -open) / [...members.values()].filter((each) => each.speaks).length
    const priced = [...members].map(([id, { close, damage, speaks }]): [string, Member] => {
      const { finding, stated } = byId.get(id)!
      const share = finding.component
        ? (SHARES[finding.component].find((each) => each.cause === cause)?.share ?? 1)
        : 1
      const here = (share / 100 / nearnessOf(cause, finding)) * Math.exp(plain)
      const reached = -Math.log(Math.min(SEARCH.mostLikely, here))
      return [
        id,
        { seat, speaks, cost: stated ? 0 : reached - damage - Math.log(close) - (speaks ? surplus : 0) },
      ]
    })
    return [
      {
        open: Math.max(0, open) + (someoneSays ? 0 : SEARCH.naming),
        needs: 1,
        // What a habit may still share out: the rest is in the costs of the findings already.
        detailLog: someoneSays ? 0 : Math.min(detailLog, -Math.log(usual)),
        candidate: { cause, seats: [seat], repeated: false, members: new Map(priced), detail, shown },
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
          shown: speaking.some(({ candidate }) => candidate.shown),
        },
      },
    ]
  })
}

/** Cost of *one of these*: all that needs no source stands together against the sources. */
function together(costs: readonly number[]): number {
  const least = Math.min(...costs)
  return least - Math.log(costs.reduce((sum, cost) => sum + Math.exp(least - cost), 0))
}

function problemOf(
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
  return {
    problem: { sources: candidates.map(({ open, needs }) => ({ open, needs })), findings: options },
    behind,
  }
}
