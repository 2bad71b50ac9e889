import type { JobDocument } from '../../src/core/job'
import {
  isNull,
  PRIORS,
  rankCauses,
  traceJob,
  type CauseId,
  type Evidence,
  isSign,
} from '../../src/core/trace'
import type { Truth, TrueSource } from './simulate'

/** What a tracer said of a house, in the form all tracers are scored by. */
export type Said = {
  readonly sources: readonly {
    readonly cause: CauseId
    readonly probability: number
    readonly finding_ids: readonly string[]
    readonly places: readonly {
      readonly side_id: string
      readonly left_in: number
      readonly right_in: number
      readonly feature: string | null
    }[]
  }[]
  /** Top cause of each finding; null: not explained. */
  readonly causes: ReadonlyMap<string, { readonly cause: CauseId | null; readonly probability: number }>
}

export type Tracer = { readonly name: string; readonly trace: (job: JobDocument) => Said }

export const ENGINE: Tracer = {
  name: 'whole house',
  trace: (job) => {
    const { sources, findings } = traceJob(job)
    return {
      causes: new Map(
        findings.map((each) => [
          each.finding_id,
          {
            cause: each.cause,
            probability: each.ranked.find((one) => one.cause === each.cause)?.probability ?? 0,
          },
        ]),
      ),
      sources: sources
        .filter((each) => each.letter !== null)
        .map((each) => ({
          cause: each.cause,
          probability: each.probability,
          finding_ids: each.finding_ids,
          places: [
            ...each.places.map((box) => ({
              side_id: box.side_id,
              left_in: box.left / 64,
              right_in: box.right / 64,
              feature: null,
            })),
            ...each.feature_ids.map((feature) => ({ side_id: '', left_in: 0, right_in: 0, feature })),
          ],
        })),
    }
  },
}

function evidenceOf(finding: JobDocument['findings'][number]): Evidence[] {
  return finding.signs.flatMap(({ sign, how, present }) => (isSign(sign) ? [{ sign, how, present }] : []))
}

/** Each finding by itself; findings with the same cause at the same opening, or on the same side, are one source. */
export function alone(
  name: string,
  top: (finding: JobDocument['findings'][number]) => { cause: CauseId; probability: number } | null,
): Tracer {
  return {
    name,
    trace: (job) => {
      const causes = new Map<string, { cause: CauseId | null; probability: number }>()
      const groups = new Map<
        string,
        Said['sources'][number] & {
          finding_ids: string[]
          places: Said['sources'][number]['places'][number][]
        }
      >()
      for (const finding of job.findings) {
        if (finding.stated_grade === 0) continue
        const best = top(finding)
        causes.set(finding.id, best ?? { cause: null, probability: 0 })
        if (!best || isNull(best.cause)) continue
        const side_id = finding.place.kind === 'side' ? finding.place.side_id : (finding.spot?.side_id ?? '')
        const station =
          (finding.place.kind === 'side' ? finding.place.station : (finding.spot?.station ?? 0)) / 64
        const feature = finding.place.kind === 'side' ? finding.place.feature_id : null
        const key = `${best.cause} ${feature ?? side_id}`
        const place = {
          side_id,
          left_in: station,
          right_in: station + (finding.extent?.value ?? 0) / 64,
          feature,
        }
        const group = groups.get(key) ?? {
          cause: best.cause,
          probability: best.probability,
          finding_ids: [],
          places: [],
        }
        group.finding_ids.push(finding.id)
        group.places.push(place)
        groups.set(key, group)
      }
      return { causes, sources: [...groups.values()] }
    },
  }
}

/** Baseline: the most common cause of the member, whatever was seen. */
export const BY_MEMBER = alone('commonest by member', (finding) => {
  const row = finding.component
    ? [...(PRIORS[finding.component] ?? [])]
        .filter((each) => each.causes.length > 0)
        .sort((a, b) => b.share - a.share)[0]
    : undefined
  return row ? { cause: row.causes[0]!, probability: row.share / 100 } : null
})

/** Baseline: naive Bayes of each finding by itself, without the house. */
export const NAIVE = alone('naive Bayes, no house', (finding) => {
  if (!finding.component) return null
  const [top] = rankCauses({ component: finding.component, evidence: evidenceOf(finding), overrides: [] })
  return top && top.cause !== 'other' ? { cause: top.cause, probability: top.probability } : null
})

const WITHIN_IN = 36

/** Where a side begins along the walls unrolled, inches, and how long they are together. */
function unrolled(job: JobDocument): { starts: ReadonlyMap<string, number>; around_in: number } {
  const starts = new Map<string, number>()
  let around_in = 0
  for (const side of job.sides) {
    starts.set(side.id, around_in)
    around_in += (side.length ?? 0) / 64
  }
  return { starts, around_in }
}

type Run = { readonly side_id: string; readonly left_in: number; readonly right_in: number }

/** Within three feet along the walls, round a corner too: a corner board belongs to both its sides. */
function isNear(a: Run, b: Run, job: JobDocument): boolean {
  const { starts, around_in } = unrolled(job)
  const [from, other] = [starts.get(a.side_id), starts.get(b.side_id)]
  if (from === undefined || other === undefined) return false
  return [-around_in, 0, around_in].some(
    (turn) =>
      from + a.left_in + turn - WITHIN_IN <= other + b.right_in &&
      from + a.right_in + turn + WITHIN_IN >= other + b.left_in,
  )
}

/** The right cause at the right place: the same opening or fixture, or within three feet along the walls; a house-wide one anywhere. */
export function isSame(said: Said['sources'][number], truth: TrueSource, job: JobDocument): boolean {
  if (said.cause !== truth.cause) return false
  if (truth.places.length === 0 || said.places.length === 0) return true
  return truth.places.some((real) =>
    said.places.some(
      (place) => (place.feature !== null && place.feature === real.feature) || isNear(place, real, job),
    ),
  )
}

export type Score = {
  readonly houses: number
  readonly precision: number
  readonly recall: number
  readonly topOne: number
  readonly brier: number
  /** Mean gap between what was said and how often it was right, weighed by how often it was said. */
  readonly calibration: number
  readonly reliability: readonly { readonly said: number; readonly right: number; readonly many: number }[]
  /** False sources on a house without a fault. */
  readonly falsePerFaultless: number
  /** Sources by how sure, and how often they were right. */
  readonly sources: readonly { readonly said: number; readonly right: number; readonly many: number }[]
  readonly misses: ReadonlyMap<string, number>
  readonly inventions: ReadonlyMap<string, number>
}

const BINS = 10

type Bin = { said: number; right: number; many: number }
function shares(bins: readonly Bin[]): Bin[] {
  return bins.map(({ said, right, many }) => ({
    said: said / Math.max(1, many),
    right: right / Math.max(1, many),
    many,
  }))
}

/** Scores a tracer over houses whose truth is known. */
export function score(tracer: Tracer, houses: readonly { job: JobDocument; truth: Truth }[]): Score {
  let said = 0
  let right = 0
  let real = 0
  let found = 0
  let findings = 0
  let topRight = 0
  let brier = 0
  let faultless = 0
  let invented = 0
  const bins = Array.from({ length: BINS }, () => ({ said: 0, right: 0, many: 0 }))
  const sourceBins = Array.from({ length: BINS }, () => ({ said: 0, right: 0, many: 0 }))
  const misses = new Map<string, number>()
  const inventions = new Map<string, number>()
  const count = (of: Map<string, number>, key: string): void => void of.set(key, (of.get(key) ?? 0) + 1)
  for (const { job, truth } of houses) {
    const answer = tracer.trace(job)
    said += answer.sources.length
    real += truth.sources.length
    for (const each of answer.sources) {
      const isRight = truth.sources.some((one) => isSame(each, one, job))
      const bin = sourceBins[Math.min(BINS - 1, Math.floor(each.probability * BINS))]!
      bin.said += each.probability
      bin.right += isRight ? 1 : 0
      bin.many += 1
      if (isRight) right += 1
      else
        count(
          inventions,
          `${each.cause} for ${[...new Set(each.finding_ids.map((id) => truth.causes.get(id)?.[0] ?? '?'))].join('+')}`,
        )
    }
    for (const one of truth.sources) {
      if (answer.sources.some((each) => isSame(each, one, job))) found += 1
      else
        count(
          misses,
          `${one.cause} as ${[...new Set(one.finding_ids.map((id) => answer.causes.get(id)?.cause ?? 'nothing'))].join('+')}`,
        )
    }
    if (truth.sources.length === 0) {
      faultless += 1
      invented += answer.sources.length
    }
    for (const [id, causes] of truth.causes) {
      const top = answer.causes.get(id)
      if (!top) continue
      findings += 1
      const isRight = top.cause !== null && causes.includes(top.cause)
      if (isRight) topRight += 1
      if (top.cause === null) continue
      brier += (top.probability - (isRight ? 1 : 0)) ** 2
      const bin = bins[Math.min(BINS - 1, Math.floor(top.probability * BINS))]!
      bin.said += top.probability
      bin.right += isRight ? 1 : 0
      bin.many += 1
    }
  }
  const named = bins.reduce((sum, each) => sum + each.many, 0)
  return {
    houses: houses.length,
    precision: right / Math.max(1, said),
    recall: found / Math.max(1, real),
    topOne: topRight / Math.max(1, findings),
    brier: brier / Math.max(1, named),
    calibration: bins.reduce((sum, each) => sum + Math.abs(each.said - each.right), 0) / Math.max(1, named),
    reliability: shares(bins),
    falsePerFaultless: invented / Math.max(1, faultless),
    sources: shares(sourceBins),
    misses,
    inventions,
  }
}
