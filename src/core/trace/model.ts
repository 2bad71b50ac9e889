import { gapInside } from '../geometry'
import { inches } from '../measure'
import { gradeOf, SOFT_GRADE, type Finding, type JobDocument } from '../job'
import { candidatesOf, problemOf, type Draft } from './candidates'
import { evidenceFor } from './evidence'
import { houseFacts } from './houseFacts'
import { causeNamed, causeOf, isNull, type CauseId, type SeatKind } from '../catalogue/causes'
import { SEARCH, type Facts, type Model, type Overrides, type Sourceless, type Weighing } from './modelTypes'
import { closeness, faded, layOut, reachOf, shieldsOf, type Laid } from './reach'
import { ringOf, type Ring } from './ring'
import type { SignId } from '../catalogue/signs'
import { DEPTH_SIGNS } from '../catalogue/signs/fits'
import { measuredPlan } from './roofSeats'
import type { Seat } from './seat'
import { seatsOf, wholeSeat } from './seats'
import { surveyEvidenceOf } from './surveyEvidence'
import { targetOf, type Target } from './target'
import { isPartOf, oddsOf, sharesFor } from './usual'
import type { Share } from '../catalogue/causes/priors'
import {
  cappedSum,
  isAboutDetail,
  isDecisive,
  noteOnce,
  weigh,
  type Evidence,
  type WeighedReason,
} from './weigh'
import { isOwnSign, speaksFor } from './speaks'

/** Leaving a finding that somebody judged unexplained is never worth it. */
const STATED_OTHERWISE = 50

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
    inFrom: target.inside,
    inTo: target.inside,
    odds: 1,
    feature_id: target.feature_id,
  }
}

/**
 * How near a seat at one finding is to another finding, by the reach of the cause.
 *
 * Called for every cause that speaks at a finding and every other finding: what is out of the way to one side is put off first.
 */
function closenessFrom(home: Target, limits: Limits, target: Target, ring: Ring): number {
  if (home.finding.id === target.finding.id) return 1
  if (home.kind !== target.kind) return 0
  if (home.kind === 'words') return home.key === target.key ? SAME_WORDS : 0
  if (!home.stretch || !target.stretch) return 0
  if ((home.unsaid || target.unsaid) && home.side_id !== target.side_id) return 0
  const aside = gapOf(home, target, ring) / limits.side
  if (aside > 1) return 0
  const below = Math.max(0, home.bottom - target.top) / limits.down
  const above = Math.max(0, target.bottom - home.top) / limits.up
  const near = faded(Math.max(aside, below, above))
  return home.unsaid === target.unsaid ? near : near * SOMEWHERE
}

/** What is somewhere along a side is so near to a place on it that was said. Our judgement. */
const SOMEWHERE = 0.6

/** Along the walls and in from them; in plan where both lie inside and the plan is known. */
function gapOf(home: Target, target: Target, ring: Ring): number {
  const mine = home.side_id === null ? undefined : home.views.get(home.side_id)
  const other = home.side_id === null ? undefined : target.views.get(home.side_id)
  if (mine && other) return gapInside(mine, other)
  return Math.max(ring.gap(home.stretch!, target.stretch!), Math.abs(home.inside - target.inside))
}

/** Two findings whose place was written with the same words are as good as together. Our judgement. */
const SAME_WORDS = 0.9

type Limits = { readonly side: number; readonly down: number; readonly up: number }

/** A cause that stays at its joint or its end of a board reaches no further than this any way. Our judgement. */
const SHORT = inches(36)
const isShort = ({ side, down, up }: Limits): boolean => Math.max(side, down, up) <= SHORT

function limitsOf(cause: CauseId): Limits {
  const { side, down, up } = reachOf(cause)
  return { side: Math.max(1, side), down: Math.max(1, down), up: Math.max(1, up) }
}

function statedFor(finding: Finding, job: JobDocument): Weighing['stated'] {
  const judged = job.judgements.findLast((each) => each.finding_ids.includes(finding.id))
  const cause = judged ? causeNamed(judged.cause) : null
  return judged && cause ? { cause, by: judged.by, reason: judged.reason } : null
}

/**
 * What needs no source (weather, as built, old) is called so for a sign of its own, never because nothing else was noted: without one
 * it counts so much. Our judgement.
 */
const UNSHOWN = { beside: 0.1, else: 0.5 } as const
/** Beside signs this strong together for another cause, what merely is common counts least. Our judgement. */
const STRONG = 8
/**
 * What water, insects and earlier work count for a member that is not soft, shows nothing of them, and shows by strong signs, or by all
 * it shows, that it moves or is badly carried. Our judgement.
 */
const DRY_UNSHOWN = 0.2
/** Signs this strong together say that a member moves or is badly carried. Our judgement. */
const MOVES = 5
function withoutUnshown(
  finding: Finding,
  shares: readonly Share[],
  evidence: readonly Evidence[],
  overrides: Overrides,
): readonly Share[] {
  const strength = shares.flatMap(({ cause, fromOther }) => {
    if (cause === 'other') return []
    const seen = weigh({ cause, evidence, overrides, fromOther }).filter(isOwnSign)
    return [{ cause, log: seen.reduce((sum, each) => sum + each.log, 0) }]
  })
  const unshown = strength.some(({ log }) => log >= Math.log(STRONG)) ? UNSHOWN.beside : UNSHOWN.else
  const isOfStructure = (cause: CauseId): boolean => causeOf(cause).family === 'structure'
  const moves = strength.some(({ cause, log }) => isOfStructure(cause) && log >= Math.log(MOVES))
  // A door that drags and shows nothing else: whatever it is, it is no damp from round the corner.
  const speaking = strength.filter(({ cause, log }) => log > 0 && !isNull(cause))
  const onlyMoves = speaking.length > 0 && speaking.every(({ cause }) => isOfStructure(cause))
  const dry = (moves || onlyMoves) && (gradeOf(finding) ?? 0) < SOFT_GRADE ? DRY_UNSHOWN : 1
  return shares.map((each): Share => {
    const { cause, share, fromOther } = each
    if (cause === 'other' || (!isNull(cause) && (dry === 1 || isOfStructure(cause)))) return each
    if (weigh({ cause, evidence, overrides, fromOther }).some(speaksFor)) return each
    if (!isNull(cause)) return { ...each, dry }
    return { ...each, share: share * (causeOf(cause).onlyShown ? UNSHOWN.beside : unshown) }
  })
}

type Noted = Pick<Weighing, 'finding' | 'evidence' | 'target' | 'stated'>

/**
 * One thing seen at an opening and noted with several of its parts is one observation: it counts as one in full and the rest at half,
 * shared among the parts. Same rule as for signs of one mechanism. How deep it goes is of each part by itself.
 */
function sharedAtOpenings(noted: readonly Noted[]): Noted[] {
  const times = new Map<string, number>()
  const keyOf = (target: Target, sign: SignId): string | null =>
    target.feature_id === null || isAboutDetail(sign) || DEPTH_SIGNS.has(sign)
      ? null
      : `${target.feature_id} ${sign}`
  for (const { evidence, target } of noted) {
    for (const { sign } of evidence) {
      const key = keyOf(target, sign)
      if (key !== null) times.set(key, (times.get(key) ?? 0) + 1)
    }
  }
  return noted.map((each) => ({
    ...each,
    evidence: each.evidence.map((one) => {
      const key = keyOf(each.target, one.sign)
      const many = key === null ? 1 : times.get(key)!
      return many === 1 ? one : { ...one, trust: ((one.trust ?? 1) * (1 + (many - 1) * AGAIN)) / many }
    }),
  }))
}
/** What the same observation counts again. */
const AGAIN = 0.5

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
  const plan = measuredPlan(job)
  const sides = new Map(job.sides.map((side) => [side.id, side]))
  const factsBySide = new Map<string | null, Facts>()
  const factsAt = (side_id: string | null): Facts => {
    const known = factsBySide.get(side_id)
    if (known) return known
    const facts = houseFacts(job, side_id === null ? null : (sides.get(side_id) ?? null))
    factsBySide.set(side_id, facts)
    return facts
  }
  const seats = new Map<SeatKind, readonly Laid[]>()
  const seatsFor = (kind: SeatKind): readonly Laid[] => {
    const known = seats.get(kind) ?? layOut(seatsOf(kind, job), ring)
    seats.set(kind, known)
    return known
  }
  const measuredAt = surveyEvidenceOf(job)
  const weighed = sharedAtOpenings(
    damaged.map((finding) => ({
      finding,
      evidence: noteOnce(evidenceFor(finding, job, measuredAt)),
      target: targetOf(finding, job, ring, plan),
      stated: statedFor(finding, job),
    })),
  )
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
  /** By cause and finding: what the damage there says of it. */
  const logs = new Map<CauseId, Map<number, { damage: number; speaks: boolean }>>()
  const keep = (cause: CauseId, at: number, of: { damage: number; speaks: boolean }): void => {
    const held = logs.get(cause)
    if (held) held.set(at, of)
    else logs.set(cause, new Map([[at, of]]))
  }
  /** A drawn opening has its head and its foot: what the one does not reach of its parts has no second one beside it. */
  const isDrawn = (kind: SeatKind, { kind: where, feature_id }: Target): boolean =>
    where === 'wall' &&
    feature_id !== null &&
    kind.startsWith('opening') &&
    seatsFor(kind).some(({ seat }) => seat.feature_id === feature_id)
  const weighings = weighed.map(({ finding, evidence, target, stated }, at): Weighing => {
    const reasons = new Map<CauseId | 'other', readonly WeighedReason[]>()
    const sourceless: Sourceless[] = []
    const shares = withoutUnshown(finding, sharesFor(finding, target.at, evidence), evidence, overrides)
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
      const speaks = stated !== null || all.some(speaksFor)
      const ownSign = stated !== null || all.some(isOwnSign)
      keep(cause, at, { damage, speaks })
      const { seat: kind } = causeOf(cause)
      let reached = false
      if (kind !== 'in-place' && target.kind !== 'words') {
        const reach = reachOf(cause)
        for (const at of seatsFor(kind)) {
          const close = closeness({ reach, at, target, ring, shields })
          if (close === 0) continue
          reached = true
          join(cause, at.seat, finding.id, { close, damage, speaks })
        }
      }
      if (kind === 'crawl' || kind === 'attic' || kind === 'roof-plane') {
        if (target.kind === 'words')
          join(cause, wholeSeat(kind), finding.id, { close: SAME_WORDS, damage, speaks })
      } else if (ownSign && !reached && !isDrawn(kind, target)) {
        own.push({ cause, seat: ownSeat(kind, target), home: target })
      }
    }
    if (stated && !shares.some((each) => each.cause === stated.cause)) {
      // A person knows better than the table of the member: his cause is taken as it is.
      reasons.set(stated.cause, [])
      if (isNull(stated.cause)) sourceless.push({ cause: stated.cause, cost: 0, reasons: [] })
      else {
        keep(stated.cause, at, { damage: 0, speaks: true })
        own.push({ cause: stated.cause, seat: ownSeat(causeOf(stated.cause).seat, target), home: target })
      }
    }
    if (!sourceless.some((each) => each.cause === 'other')) {
      sourceless.push({ cause: 'other', cost: stated ? STATED_OTHERWISE : 0, reasons: [] })
    }
    return { finding, target, evidence, stated, sourceless, reasons, shares }
  })
  for (const { cause, seat, home } of own) {
    const { seat: kind } = causeOf(cause)
    const inPlace = kind === 'in-place'
    const undrawn =
      home.finding.component !== null && isPartOf(kind, home.finding.component)
        ? SEARCH.notDrawn.shownByPart
        : home.kind === 'words' || seatsFor(kind).length === 0
          ? SEARCH.notDrawn.noneDrawn
          : SEARCH.notDrawn.othersDrawn
    const limits = limitsOf(cause)
    for (const [at, mine] of logs.get(cause) ?? []) {
      const { finding, target } = weighings[at]!
      const near = closenessFrom(home, limits, target, ring)
      // One deck, or the same words for a place, is near: not within reach of what reaches no further than its own joint.
      const isWide = home.kind === 'words' || finding.place.kind === 'deck'
      if (inPlace && isWide && home.finding.id !== finding.id && !mine.speaks && isShort(limits)) continue
      const close = inPlace ? near : near * undrawn
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
