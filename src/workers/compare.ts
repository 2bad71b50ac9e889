import { compareMethods, priceOfFixes, riskOf, sideAgainstSpots } from '../core/compare'
import type { Comparison, FixPrice, Risk, RiskSettings, SideChoice } from '../core/compare'
import type { JobDocument } from '../core/job'
import type { Trace } from '../core/trace'

/** What is compared, in which job. */
export type Wish =
  | { readonly kind: 'methods'; readonly finding_id: string }
  | { readonly kind: 'fixes' }
  | { readonly kind: 'side'; readonly side_id: string }
  | { readonly kind: 'risk'; readonly settings: RiskSettings }
/** What is found, by the kind of the wish. */
export type Found = {
  readonly methods: Comparison
  readonly fixes: readonly FixPrice[]
  readonly side: SideChoice | null
  readonly risk: Risk | null
}
export type CompareAsk = {
  readonly turn: number
  readonly wish: Wish
  readonly job: JobDocument
  readonly trace: Trace
  readonly today: string
}
export type CompareAnswer = { readonly turn: number } & (
  | { readonly kind: 'found'; readonly found: Found[keyof Found] }
  | { readonly kind: 'failed'; readonly message: string }
)

function foundFor({ wish, job, trace, today }: CompareAsk): Found[keyof Found] {
  switch (wish.kind) {
    case 'methods':
      return compareMethods(job, trace, wish.finding_id, today)
    case 'fixes':
      return priceOfFixes(job, trace, today)
    case 'side':
      return sideAgainstSpots(job, trace, wish.side_id, today)
    case 'risk':
      return riskOf(job, today, wish.settings)
  }
}

self.addEventListener('message', ({ data }: MessageEvent<CompareAsk>) => {
  const answer = (of: CompareAnswer): void => self.postMessage(of)
  const { turn } = data
  try {
    answer({ turn, kind: 'found', found: foundFor(data) })
  } catch (cause) {
    answer({ turn, kind: 'failed', message: cause instanceof Error ? cause.message : String(cause) })
  }
})
