import { casingOf, featureBox, findingBox, type WallBox } from '../geometry'
import { COMPONENTS, factsOf, isDamage, type Finding, type JobDocument } from '../job'
import { inches, type Length } from '../measure'
import { CERTAINTY_FROM, certaintyOf, type Certainty } from './certainty'
import { causeOf, isCause, type CauseId } from './knowledge/causes'
import { isSign } from './knowledge/signs'
import { rankCauses, type RankedCause } from './rankCauses'
import type { Evidence, Reason } from './weigh'

/** What is thought to be behind one finding. */
export type TracedFinding = {
  readonly finding_id: string
  readonly ranked: readonly RankedCause[]
  /** The cause a person stated, with his name; it goes before the ranking. */
  readonly stated: { readonly cause: CauseId; readonly by: string; readonly reason: string } | null
  /** What stands: the stated cause, or the likeliest one that is at least possible; null: not explained yet. */
  readonly cause: CauseId | null
  readonly certainty: Certainty | 'stated' | null
}

/** One source and the findings it reaches. */
export type Source = {
  /** `a`, `b` … in strip order; null for a null cause, which has no place. */
  readonly letter: string | null
  readonly cause: CauseId
  readonly certainty: Certainty | 'stated'
  /** Who stated it, when a person did. */
  readonly by: string | null
  readonly finding_ids: readonly string[]
  /** Run of wall where the source sits; null when it has none to draw. */
  readonly seat: WallBox | null
  readonly seat_words: string
  readonly reasons: readonly (Reason & { readonly finding_id: string })[]
}

export type Trace = {
  readonly findings: readonly TracedFinding[]
  readonly sources: readonly Source[]
  /** Findings that nothing explains yet. An honest result; it never holds up a price. */
  readonly unexplained: readonly string[]
}

function evidenceFor(finding: Finding, job: JobDocument): Evidence[] {
  const seen = finding.signs.flatMap(({ sign, how, present }) =>
    isSign(sign) ? [{ sign, how, present }] : [],
  )
  const tested = factsOf(job, 'test').flatMap((test) => {
    const about = test.about.kind === 'finding' && test.about.finding_id === finding.id
    if (!about || test.sign === null || !isSign(test.sign)) return []
    const how = test.check === 'lift-a-course' ? ('opened' as const) : ('touched' as const)
    return [{ sign: test.sign, how, present: test.present, waterTest: test.check === 'hose' }]
  })
  // A test replaces the same sign seen from further off: one thing is weighed once.
  return [...seen.filter(({ sign }) => !tested.some((test) => test.sign === sign)), ...tested]
}

function traceFinding(finding: Finding, job: JobDocument): TracedFinding {
  const ranked = finding.component
    ? rankCauses({
        component: finding.component,
        evidence: evidenceFor(finding, job),
        overrides: job.settings.likelihood_overrides,
      })
    : []
  const judged = job.judgements.findLast((each) => each.finding_ids.includes(finding.id))
  if (judged && isCause(judged.cause)) {
    const stated = { cause: judged.cause, by: judged.by, reason: judged.reason }
    return { finding_id: finding.id, ranked, stated, cause: stated.cause, certainty: 'stated' }
  }
  const top = ranked.find((each) => each.cause !== 'other')
  // Without a single sign the member's prior is only a guess about houses in general, not a word about this one.
  const heard = top !== undefined && top.reasons.some((reason) => reason.counted > 1)
  const stands = heard && top.probability >= CERTAINTY_FROM.possible
  return {
    finding_id: finding.id,
    ranked,
    stated: null,
    cause: stands && top.cause !== 'other' ? top.cause : null,
    certainty: stands ? top.certainty : null,
  }
}

type Seat = { readonly key: string; readonly box: WallBox | null; readonly words: string }

function seatOf(cause: CauseId, finding: Finding, job: JobDocument): Seat {
  const { seat } = causeOf(cause)
  const box = findingBox(finding, job)
  const side = box ? job.sides.find((each) => each.id === box.side_id) : undefined
  if (seat === 'none') return { key: `null:${cause}`, box: null, words: 'no place' }
  if (!box || !side) return { key: `finding:${finding.id}`, box: null, words: 'place not known yet' }
  const place = finding.place.kind === 'side' ? finding.place : null
  const feature = place?.feature_id ? job.features.find((each) => each.id === place.feature_id) : undefined
  const hits = (kinds: readonly string[]): typeof feature =>
    feature ??
    job.features.find((each) => {
      const at = featureBox(each, job)
      return (
        each.side_id === side.id &&
        kinds.includes(each.kind) &&
        at.left - inches(12) <= box.right &&
        at.right + inches(12) >= box.left &&
        at.top >= box.bottom
      )
    })
  const line = (left: number, right: number, height: number): WallBox => ({
    side_id: side.id,
    left: left as Length,
    right: right as Length,
    bottom: height as Length,
    top: height as Length,
  })
  if (seat === 'opening-head' || seat === 'opening-foot') {
    const opening = hits(['window', 'door'])
    if (opening) {
      const at = featureBox(opening, job)
      const casing = casingOf(opening)
      const height = seat === 'opening-head' ? at.top + casing : at.bottom
      return {
        key: `${cause}:${opening.id}`,
        box: line(at.left - casing, at.right + casing, height),
        words: `${opening.kind} ${side.letter}${opening.number}`,
      }
    }
  }
  if (seat === 'ledger') {
    const deck = hits(['deck'])
    if (deck) {
      const at = featureBox(deck, job)
      return {
        key: `${cause}:${deck.id}`,
        box: line(at.left, at.right, at.top),
        words: `deck ${side.letter}${deck.number}`,
      }
    }
  }
  if (seat === 'gutter-run' || seat === 'eave') {
    return {
      key: `${cause}:${side.id}`,
      box: line(box.left, box.right, box.top),
      words: `${side.facing}, roof edge`,
    }
  }
  return {
    key: `${cause}:${finding.id}`,
    box: line(box.left, box.right, box.top),
    words: `${side.facing}, at ${finding.component ? COMPONENTS[finding.component] : 'the finding'}`,
  }
}

/** Whether water from a seat can come to a place: same side, within the cause's reach below, beside and above. */
export function isWithinReach(cause: CauseId, seat: WallBox, place: WallBox): boolean {
  const { down, side, up } = causeOf(cause).reach
  return (
    seat.side_id === place.side_id &&
    place.right >= seat.left - inches(side) &&
    place.left <= seat.right + inches(side) &&
    place.top >= seat.bottom - inches(down) &&
    place.bottom <= seat.top + inches(up)
  )
}

type Draft = Seat & { readonly cause: CauseId; readonly members: TracedFinding[] }

/**
 * One bad habit repeated is one source: what has the same cause and a finding of the same repeated detail is joined, wherever it
 * sits. On one side the run reaches over all its places; over several it is drawn on the first.
 */
function joinDetails(drafts: readonly Draft[], job: JobDocument): Draft[] {
  const detailsOf = (draft: Draft): ReadonlySet<string> =>
    new Set(
      draft.members.flatMap(({ finding_id }) => {
        const detail = job.findings.find((each) => each.id === finding_id)?.detail_id ?? null
        return detail === null ? [] : [detail]
      }),
    )
  return drafts.reduce<Draft[]>((joined, draft) => {
    const mine = detailsOf(draft)
    const host = joined.find(
      (other) => other.cause === draft.cause && [...detailsOf(other)].some((detail) => mine.has(detail)),
    )
    if (!host) return [...joined, draft]
    const box =
      host.box && draft.box && host.box.side_id === draft.box.side_id
        ? {
            ...host.box,
            left: Math.min(host.box.left, draft.box.left) as Length,
            right: Math.max(host.box.right, draft.box.right) as Length,
          }
        : host.box
    const whole: Draft = {
      ...host,
      box,
      words: `${host.words}, ${draft.words}`,
      members: [...host.members, ...draft.members],
    }
    return joined.map((other) => (other === host ? whole : other))
  }, [])
}

/** A weak lone source gives way to a neighbour that can reach its finding and is possible for it. */
function absorbLoners(drafts: readonly Draft[], job: JobDocument): Draft[] {
  const kept = [...drafts].sort((a, b) => b.members.length - a.members.length)
  for (const loner of [...kept].reverse()) {
    const only = loner.members[0]
    if (loner.members.length !== 1 || !only || only.stated) continue
    const own = only.ranked.find((each) => each.cause === loner.cause)
    if ((own?.probability ?? 0) >= CERTAINTY_FROM.likely) continue
    const finding = job.findings.find((each) => each.id === only.finding_id)
    const place = finding ? findingBox(finding, job) : null
    const host = kept.find(
      (other) =>
        other !== loner &&
        other.box !== null &&
        place !== null &&
        isWithinReach(other.cause, other.box, place) &&
        (only.ranked.find((each) => each.cause === other.cause)?.probability ?? 0) >= CERTAINTY_FROM.possible,
    )
    if (!host) continue
    host.members.push(only)
    kept.splice(kept.indexOf(loner), 1)
  }
  return kept
}

function certaintyOfSource(draft: Draft): Certainty | 'stated' {
  if (draft.members.some((member) => member.stated?.cause === draft.cause)) return 'stated'
  const best = draft.members
    .map((member) => member.ranked.find((each) => each.cause === draft.cause))
    .reduce((a, b) => ((b?.probability ?? 0) > (a?.probability ?? 0) ? b : a), undefined)
  return best?.certainty ?? certaintyOf(0, { shown: false })
}

/**
 * Traces every finding, and joins them into the sources that explain them.
 *
 * Thin on purpose: a finding joins a source on its own side, above or beside it, within the reach of the cause; it is not yet
 * a search for the smallest set of sources.
 */
export function traceJob(job: JobDocument): Trace {
  const findings = job.findings.filter(isDamage).map((finding) => traceFinding(finding, job))
  const drafts = new Map<string, Draft>()
  for (const traced of findings) {
    const finding = job.findings.find((each) => each.id === traced.finding_id)
    if (traced.cause === null || !finding) continue
    const seat = seatOf(traced.cause, finding, job)
    const draft = drafts.get(seat.key)
    if (!draft) {
      drafts.set(seat.key, { ...seat, cause: traced.cause, members: [traced] })
      continue
    }
    draft.members.push(traced)
    if (draft.box && seat.box) {
      const box = {
        ...draft.box,
        left: Math.min(draft.box.left, seat.box.left) as Length,
        right: Math.max(draft.box.right, seat.box.right) as Length,
      }
      drafts.set(seat.key, { ...draft, box })
    }
  }
  const order = new Map(job.sides.map((side, index) => [side.id, index]))
  const kept = absorbLoners(joinDetails([...drafts.values()], job), job).sort((a, b) => {
    const at = (draft: Draft): number =>
      causeOf(draft.cause).family === 'null'
        ? 1e12
        : (order.get(draft.box?.side_id ?? '') ?? 99) * 1e9 + (draft.box?.left ?? 0)
    return at(a) - at(b)
  })
  let next = 0
  const sources = kept.map((draft): Source => {
    const isNull = causeOf(draft.cause).seat === 'none'
    const letter = isNull
      ? null
      : String.fromCharCode(97 + (next % 26)) + (next >= 26 ? String(Math.floor(next / 26)) : '')
    if (!isNull) next += 1
    return {
      letter,
      cause: draft.cause,
      certainty: certaintyOfSource(draft),
      by: draft.members.find((member) => member.stated)?.stated?.by ?? null,
      finding_ids: draft.members.map((member) => member.finding_id),
      seat: draft.box,
      seat_words: draft.words,
      reasons: draft.members
        .flatMap((member) =>
          (member.ranked.find((each) => each.cause === draft.cause)?.reasons ?? []).map((reason) => ({
            ...reason,
            finding_id: member.finding_id,
          })),
        )
        .sort((a, b) => Math.abs(Math.log(b.counted)) - Math.abs(Math.log(a.counted))),
    }
  })
  return {
    findings,
    sources,
    unexplained: findings.filter((each) => each.cause === null).map((each) => each.finding_id),
  }
}
