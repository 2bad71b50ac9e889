import { isSign, type CauseId, type SignId } from '../../src/core/trace'
import type { JobDocument } from '../../src/core/job'
import { isSame, type Tracer } from './score'
import type { TrueSource, Truth } from './simulate'
import type { World } from './world'

type House = { readonly job: JobDocument; readonly truth: Truth }

/** A sign is a cause’s own from so many times as often noted with it as without, and from so many findings on. */
const OWN_FROM = 3
const NOTED_FROM = 10
/** What no finding without the cause showed is taken for. */
const UNSEEN = { noted: 0.3, many: 2 }

const presentAt = (job: JobDocument, finding_id: string): SignId[] =>
  (job.findings.find(({ id }) => id === finding_id)?.signs ?? []).flatMap(({ sign, present }) =>
    present && isSign(sign) ? [sign] : [],
  )

/** The signs each cause shows by in the simulator, counted on houses with their truth; no weight of the engine is read. */
export function ownSigns(houses: Iterable<House>): ReadonlyMap<CauseId, ReadonlySet<SignId>> {
  const all = new Map<SignId, number>()
  const by = new Map<CauseId, { many: number; signs: Map<SignId, number> }>()
  let findings = 0
  for (const { job, truth } of houses) {
    for (const [finding_id, causes] of truth.causes) {
      findings += 1
      const signs = presentAt(job, finding_id)
      for (const sign of signs) all.set(sign, (all.get(sign) ?? 0) + 1)
      for (const cause of causes) {
        const mine = by.get(cause) ?? { many: 0, signs: new Map<SignId, number>() }
        by.set(cause, mine)
        mine.many += 1
        for (const sign of signs) mine.signs.set(sign, (mine.signs.get(sign) ?? 0) + 1)
      }
    }
  }
  return new Map(
    [...by].map(([cause, { many, signs }]) => {
      const own = [...signs].filter(([sign, noted]) => {
        const without = (all.get(sign)! - noted + UNSEEN.noted) / (findings - many + UNSEEN.many)
        return noted >= NOTED_FROM && noted / many >= OWN_FROM * without
      })
      return [cause, new Set(own.map(([sign]) => sign))]
    }),
  )
}

/** Recall among the true sources of which a sign of their own was noted, and what share of all those are. */
export function recallOfShown(
  tracer: Tracer,
  houses: readonly House[],
  own: ReadonlyMap<CauseId, ReadonlySet<SignId>>,
): { readonly share: number; readonly recall: number } {
  let many = 0
  let shown = 0
  let found = 0
  for (const { job, truth } of houses) {
    const said = tracer.trace(job).sources
    for (const source of truth.sources) {
      many += 1
      const shows = source.finding_ids.some((id) =>
        presentAt(job, id).some((sign) => own.get(source.cause)?.has(sign)),
      )
      if (!shows) continue
      shown += 1
      if (said.some((each) => isSame(each, source, job))) found += 1
    }
  }
  return { share: shown / many, recall: found / shown }
}

const faultsAsSources = (world: World): TrueSource[] =>
  world.faults.map(({ cause, side, left, right, feature }) => ({
    cause,
    places:
      side === null ? [] : [{ side_id: `side-${'abcd'[side]!}`, left_in: left, right_in: right, feature }],
    finding_ids: [],
  }))

/**
 * Share of the named sources that are a fault of the house at that place, whether or not it is the chief cause of a finding. What is no
 * fault at all was invented; what is one and did little was at least worth its look.
 */
export function shareThere(tracer: Tracer, houses: readonly (House & { readonly world: World })[]): number {
  let said = 0
  let there = 0
  for (const { job, truth, world } of houses) {
    const real = [...truth.sources, ...faultsAsSources(world)]
    for (const each of tracer.trace(job).sources) {
      said += 1
      if (real.some((one) => isSame(each, one, job))) there += 1
    }
  }
  return there / said
}
