import { damagedAs, partName } from '../catalogue'
import { type WallBox } from '../geometry'
import { byId, isDamage, type Finding, type JobDocument } from '../job'
import type { Length } from '../measure'
import { CERTAINTY_FROM, certaintyOf, type Certainty } from './certainty'
import { explain, type Explained } from './explain/explain'
import { causeOf, isNull, type CauseId } from '../catalogue/causes'
import { modelOf } from './model'
import { SEARCH, type Candidate, type Model } from './modelTypes'
import type { RankedCause } from './rankCauses'
import { shownAtSound, speaksFor } from './speaks'
import { tells, type Reason } from './weigh'

/** What is thought to be behind one finding. */
export type TracedFinding = {
  readonly finding_id: string
  /** All causes in order, as the whole house has them. */
  readonly ranked: readonly RankedCause[]
  /** The cause a person stated, with his name; it goes before the ranking. */
  readonly stated: { readonly cause: CauseId; readonly by: string; readonly reason: string } | null
  /** What stands: the stated cause, or the one of the best explanation; null: not explained yet. */
  readonly cause: CauseId | null
  readonly certainty: Certainty | 'stated' | null
  /** A second source that reaches it, and has signs here of its own. */
  readonly also: readonly CauseId[]
}

/** The second-best explanation of what one source explains. */
export type RunnerUp = {
  /** What would be behind its findings instead; null: nothing we know. */
  readonly causes: readonly (CauseId | null)[]
  /** How much likelier the first is, as odds. Our judgement. */
  readonly odds: number
}

/** One source and the findings it reaches. */
export type Source = {
  /** `a`, `b` … in strip order; null for a null cause, which has no place. */
  readonly letter: string | null
  readonly cause: CauseId
  /** The cause as it is called: who only names a source needs no causes. */
  readonly name: string
  readonly certainty: Certainty | 'stated'
  readonly probability: number
  /** Who stated it, when a person did. */
  readonly by: string | null
  readonly finding_ids: readonly string[]
  /** Findings with another source that this one reaches as well. */
  readonly also_ids: readonly string[]
  /** One habit over many places: one line on the bid. */
  readonly repeated: boolean
  /** A second source: what it reaches has another that explains it by itself, and the fault is seen at this place as well. */
  readonly second: boolean
  /** Run of wall where the source sits; null when it has none to draw. */
  readonly seat: WallBox | null
  /** All its places, when it is repeated. */
  readonly places: readonly WallBox[]
  readonly feature_ids: readonly string[]
  readonly seat_words: string
  readonly reasons: readonly (Reason & { readonly finding_id: string })[]
  readonly runnerUp: RunnerUp | null
}

export type Trace = {
  readonly findings: readonly TracedFinding[]
  readonly sources: readonly Source[]
  /** Findings that nothing explains yet. An honest result; it never holds up a price. */
  readonly unexplained: readonly string[]
  /** Whether the search was finished: no explanation is better. `gap` is how far off the best could be, in cost. */
  readonly search: {
    readonly exact: boolean
    readonly gap: number
    readonly sources: number
    readonly nodes: number
  }
}

/** Nothing traced: what stages get where there is no job, only one thing. */
export const NO_TRACE: Trace = {
  findings: [],
  sources: [],
  unexplained: [],
  search: { exact: true, gap: 0, sources: 0, nodes: 0 },
}

/** How sharply costs turn into probabilities: 1 would take our ratios at their word. Settled on simulated houses, see `docs/trace.md`. */
export const SHARPNESS = { finding: 1.2, source: 0.9 } as const

const chance = (more: number): number => 1 / (1 + Math.exp(-SHARPNESS.source * more))

/** What stood in the best explanation: which candidate is used, and by which findings. */
type Used = { readonly candidate: Candidate; readonly index: number; readonly ids: readonly string[] }

function usedIn(model: Model, explained: Explained): Used[] {
  const ids = new Map<number, string[]>()
  explained.chosen.forEach((option, at) => {
    const { candidate } = model.behind[at]![option]!
    if (candidate === null) return
    ids.set(candidate, [...(ids.get(candidate) ?? []), model.weighings[at]!.finding.id])
  })
  return [...ids].map(([index, of]) => ({ index, candidate: model.candidates[index]!, ids: of }))
}

/**
 * Second sources: what another source explains already may have one more beside it, when its own place shows the fault. The search gives
 * each finding one source; this is asked after it, and changes nothing of what it found.
 */
function besidesIn(
  model: Model,
  explained: Explained,
  used: readonly Used[],
  rowOf: ReadonlyMap<string, number>,
): Beside[] {
  const taken = new Set(used.map((each) => each.index))
  const byCause = new Map<string, Beside>()
  model.candidates.forEach((candidate, index) => {
    if (taken.has(index) || candidate.repeated || candidate.detailLog < Math.log(SEARCH.speaks)) return
    const beside: { id: string; more: number }[] = []
    for (const [id, member] of candidate.members) {
      const at = rowOf.get(id)!
      const mine = model.behind[at]![explained.chosen[at]!]!
      if (!member.speaks || model.weighings[at]!.stated) continue
      if (mine.candidate === null || mine.cause === candidate.cause) continue
      beside.push({ id, more: member.alone + candidate.detailLog })
    }
    if (beside.length === 0) return
    const more = Math.max(...beside.map((each) => each.more))
    if (chance(more) < SEARCH.secondFrom) return
    // The same fault may be tried at several places: the likeliest is kept for each finding.
    const key = `${candidate.cause} ${beside[0]!.id}`
    const held = byCause.get(key)
    if (!held || more > held.more)
      byCause.set(key, { candidate, index, ids: beside.map((each) => each.id), more })
  })
  return [...byCause.values()]
}
type Beside = Used & { readonly more: number }

/** Causes of one finding in order: each by its likeliest source, given what else the house shows. */
function rankedFor(
  at: number,
  model: Model,
  explained: Explained,
  users: ReadonlyMap<number, number>,
): RankedCause[] {
  const weighing = model.weighings[at]!
  const mine = explained.chosen[at]!
  const weights = new Map<CauseId | 'other', { weight: number; shown: boolean }>()
  for (const { cause, cost } of weighing.sourceless) {
    weights.set(cause, { weight: Math.exp(-SHARPNESS.finding * cost), shown: false })
  }
  model.problem.findings[at]!.forEach((option, index) => {
    const { cause, candidate } = model.behind[at]![index]!
    if (candidate === null) return
    // A source that stands for the sake of other findings costs this one nothing to join.
    const others = (users.get(candidate) ?? 0) - (index === mine ? 1 : 0)
    const open = others > 0 ? 0 : model.problem.sources[candidate]!.open
    const weight = Math.exp(-SHARPNESS.finding * (option.cost + open))
    const { shown } = model.candidates[candidate]!
    const held = weights.get(cause)
    weights.set(cause, {
      weight: Math.max(held?.weight ?? 0, weight),
      shown: shown || (held?.shown ?? false),
    })
  })
  const total = [...weights.values()].reduce((sum, each) => sum + each.weight, 0)
  return [...weights]
    .map(([cause, { weight, shown }]): RankedCause => ({
      cause,
      probability: weight / total,
      certainty: certaintyOf(weight / total, { shown }),
      reasons: weighing.reasons.get(cause) ?? [],
    }))
    .sort((a, b) => b.probability - a.probability)
}

function isSpokenFor(reasons: readonly Reason[]): boolean {
  return reasons.some(speaksFor)
}

function tracedOf(
  at: number,
  model: Model,
  explained: Explained,
  used: readonly Used[],
  users: ReadonlyMap<number, number>,
): TracedFinding {
  const { finding, stated, reasons } = model.weighings[at]!
  const ranked = rankedFor(at, model, explained, users)
  if (stated) {
    return { finding_id: finding.id, ranked, stated, cause: stated.cause, certainty: 'stated', also: [] }
  }
  const { cause, candidate } = model.behind[at]![explained.chosen[at]!]!
  const own = ranked.find((each) => each.cause === cause)
  // Without a source and without a single sign for it, a cause is only a guess about houses in general.
  const stands =
    cause !== 'other' &&
    (candidate !== null || isSpokenFor(own?.reasons ?? [])) &&
    (own?.probability ?? 0) >= CERTAINTY_FROM.possible
  const also = used.flatMap((each) =>
    each.index !== candidate &&
    each.candidate.cause !== cause &&
    each.candidate.members.get(finding.id)?.speaks === true &&
    isSpokenFor(reasons.get(each.candidate.cause) ?? [])
      ? [each.candidate.cause]
      : [],
  )
  return {
    finding_id: finding.id,
    ranked,
    stated: null,
    cause: stands ? cause : null,
    certainty: stands && own ? own.certainty : null,
    also: stands ? [...new Set(also)] : [],
  }
}

/** The run a source is drawn along: as far as the findings it explains reach, within its seat. */
function runOf(box: WallBox, ids: readonly string[], model: Model): WallBox {
  if (box.right - box.left < LONG_SEAT) return box
  const stretches = model.weighings.flatMap(({ finding, target }) =>
    target.side_id === box.side_id && target.kind === 'wall' && ids.includes(finding.id) ? [target] : [],
  )
  if (stretches.length === 0) return box
  const left = Math.max(box.left, Math.min(...stretches.map((each) => each.left)))
  const right = Math.min(box.right, Math.max(...stretches.map((each) => each.right)))
  return right > left ? { ...box, left: Math.round(left) as Length, right: Math.round(right) as Length } : box
}
/** Seats longer than a door are drawn only where they show: 64ths of an inch. */
const LONG_SEAT = 64 * 12 * 8

function listWords(words: readonly string[]): string {
  return [...new Set(words.filter((each) => each !== ''))].join(', ')
}

/**
 * What the place of a source shows by itself, where a sign there says what it is: that something else would explain the damage as well
 * takes nothing from a fault that is seen.
 */
function ownEvidence({ members, detail, detailLog }: Candidate): number {
  if (!tells(detail)) return -Infinity
  return Math.max(...[...members.values()].map((each) => (each.speaks ? each.alone + detailLog : -Infinity)))
}

function runnerUpOf(
  used: Used,
  { model, explained, rowOf }: Whole,
): Pick<Source, 'probability' | 'runnerUp'> {
  const { more: instead, chosen } = explained.without(used.index)
  const more = Math.max(instead, ownEvidence(used.candidate))
  const causes = used.ids.flatMap((id) => {
    const index = rowOf.get(id)!
    const option = chosen.get(index)
    if (option === undefined) return []
    const { cause } = model.behind[index]![option]!
    return [cause === 'other' ? null : cause]
  })
  const distinct = [...new Set(causes)]
  const probability = chance(more)
  if (distinct.length === 0) return { probability, runnerUp: null }
  return { probability, runnerUp: { causes: distinct, odds: Math.exp(SHARPNESS.source * more) } }
}

type Unlettered = Omit<Source, 'letter'>

function placeWords(used: Used, model: Model, job: JobDocument): string {
  const words = listWords(used.candidate.seats.map((seat) => seat.words))
  if (words !== '') return words
  const first = model.weighings.find((each) => each.finding.id === used.ids[0])
  const side = byId(job.sides, first?.target.side_id)
  const named = byId(job.findings, first?.finding.id)?.component ?? null
  const part = named === null ? 'the finding' : partName(named)
  return side ? `${side.facing}, at ${part}` : 'place not known yet'
}

type Whole = {
  readonly model: Model
  readonly explained: Explained
  /** In the order of the weighings, and where each finding is among them. */
  readonly traced: readonly TracedFinding[]
  readonly rowOf: ReadonlyMap<string, number>
  readonly job: JobDocument
}

function sourceOf(
  used: Used,
  { probability, runnerUp }: Pick<Source, 'probability' | 'runnerUp'>,
  whole: Whole,
): Unlettered {
  const { model, traced, rowOf, job } = whole
  const { candidate, ids } = used
  const stated = ids.flatMap((id) => {
    const said = traced[rowOf.get(id)!]?.stated
    return said && said.cause === candidate.cause ? [said] : []
  })
  const seats = candidate.repeated
    ? candidate.seats.filter((seat) =>
        [...candidate.members].some(([id, each]) => ids.includes(id) && each.seat.key === seat.key),
      )
    : candidate.seats
  const boxes = seats.flatMap((seat) => (seat.box ? [runOf(seat.box, ids, model)] : []))
  const reasons = ids.flatMap((id) =>
    (model.weighings[rowOf.get(id)!]!.reasons.get(candidate.cause) ?? []).map((reason) => ({
      ...reason,
      finding_id: id,
    })),
  )
  return {
    cause: candidate.cause,
    name: causeOf(candidate.cause).name,
    certainty: stated.length > 0 ? 'stated' : certaintyOf(probability, { shown: candidate.shown }),
    probability,
    by: stated[0]?.by ?? null,
    finding_ids: ids,
    also_ids: [...candidate.members.keys()].filter(
      (id) => !ids.includes(id) && traced[rowOf.get(id)!]!.also.includes(candidate.cause),
    ),
    repeated: candidate.repeated,
    second: traced.every((each) => each.cause !== candidate.cause || !ids.includes(each.finding_id)),
    seat: boxes[0] ?? null,
    places: boxes,
    feature_ids: seats.flatMap((seat) => (seat.feature_id === null ? [] : [seat.feature_id])),
    seat_words: placeWords({ ...used, candidate: { ...candidate, seats } }, model, job),
    reasons: reasons.sort((a, b) => Math.abs(Math.log(b.counted)) - Math.abs(Math.log(a.counted))),
    runnerUp,
  }
}

/** What has no source to fix, gathered by its null cause. */
function sourcelessOf(traced: readonly TracedFinding[]): Unlettered[] {
  const groups = new Map<CauseId, TracedFinding[]>()
  for (const each of traced) {
    if (each.cause !== null && isNull(each.cause))
      groups.set(each.cause, [...(groups.get(each.cause) ?? []), each])
  }
  return [...groups].map(([cause, members]) => {
    const best = members
      .map((each) => each.ranked.find((one) => one.cause === cause))
      .reduce((a, b) => ((b?.probability ?? 0) > (a?.probability ?? 0) ? b : a), undefined)
    const said = members.find((each) => each.stated)?.stated ?? null
    return {
      cause,
      name: causeOf(cause).name,
      certainty: said ? 'stated' : (best?.certainty ?? 'possible'),
      probability: best?.probability ?? 1,
      by: said?.by ?? null,
      finding_ids: members.map((each) => each.finding_id),
      also_ids: [],
      repeated: false,
      second: false,
      seat: null,
      places: [],
      feature_ids: [],
      seat_words: 'no place',
      reasons: members.flatMap((each) =>
        (each.ranked.find((one) => one.cause === cause)?.reasons ?? []).map((reason) => ({
          ...reason,
          finding_id: each.finding_id,
        })),
      ),
      runnerUp: null,
    }
  })
}

function letterOf(index: number): string {
  return String.fromCharCode(97 + (index % 26)) + (index >= 26 ? String(Math.floor(index / 26)) : '')
}

/**
 * Traces every finding of a job: the fewest and likeliest sources, each credible on its own evidence and within its reach, that
 * explain them all; what has no source; and what nothing explains yet.
 *
 * The search is exact (`explain/explain.ts`); every weight in it is our judgement.
 */
export function traceJob(job: JobDocument): Trace {
  const damaged: readonly Finding[] = job.findings
    .filter((finding) => isDamage(finding) || shownAtSound(finding))
    .map((finding) => ({ ...finding, component: damagedAs(finding.component) }))
  const model = modelOf(job, damaged)
  const explained = explain(model.problem)
  const used = usedIn(model, explained)
  const rowOf = new Map(model.weighings.map((each, at) => [each.finding.id, at]))
  const besides = besidesIn(model, explained, used, rowOf)
  const users = new Map(used.map((each) => [each.index, each.ids.length]))
  const findings = model.weighings.map((_, at) =>
    tracedOf(at, model, explained, [...used, ...besides], users),
  )
  const order = new Map(job.sides.map((side, index) => [side.id, index]))
  const at = (source: Unlettered): number =>
    source.seat ? (order.get(source.seat.side_id) ?? 99) * 1e9 + source.seat.left : 1e12
  const whole: Whole = { model, explained, traced: findings, rowOf, job }
  const placed = [
    ...used.map((each) => sourceOf(each, runnerUpOf(each, whole), whole)),
    ...besides.map((each) => sourceOf(each, { probability: chance(each.more), runnerUp: null }, whole)),
  ].sort((a, b) => at(a) - at(b) || (a.cause < b.cause ? -1 : 1))
  const sources = [
    ...placed.map((source, index): Source => ({ ...source, letter: letterOf(index) })),
    ...sourcelessOf(findings).map((source): Source => ({ ...source, letter: null })),
  ]
  const gap = explained.cost - explained.bound
  return {
    findings,
    sources,
    unexplained: findings.filter((each) => each.cause === null).map((each) => each.finding_id),
    search: { exact: gap < 1e-6, gap, sources: model.candidates.length, nodes: explained.nodes },
  }
}
