import {
  compareMethods,
  movesOf,
  optionsOf,
  priceOfFixes,
  riskInSteps,
  sideAgainstSpots,
} from '../core/compare'
import type { Comparison, FixPrice, Moves, Risk, SideChoice } from '../core/compare'
import type { JobDocument } from '../core/job'
import { derive } from '../core/pipeline'
import type { Trace } from '../core/trace'

/** What is compared, in which job. */
export type Wish =
  | { readonly kind: 'methods'; readonly finding_id: string }
  | { readonly kind: 'fixes' }
  | { readonly kind: 'side'; readonly side_id: string }
  | { readonly kind: 'risk' }
  | { readonly kind: 'moves' }
  | { readonly kind: 'options' }
/** What is found, by the kind of the wish. */
export type Found = {
  readonly methods: Comparison
  readonly fixes: readonly FixPrice[]
  readonly side: SideChoice | null
  readonly risk: Risk | null
  readonly moves: Moves | null
  readonly options: ReturnType<typeof optionsOf>
}
export type CompareAsk = {
  readonly turn: number
  readonly wish: Wish
  readonly job: JobDocument
  readonly trace: Trace
  readonly today: string
}
export type CompareAnswer = { readonly turn: number } &
  /** How far it is, from 0 to 1: of what takes its time and knows. */
  (
    | { readonly kind: 'progress'; readonly share: number }
    | { readonly kind: 'found'; readonly found: Found[keyof Found] }
    | { readonly kind: 'failed'; readonly message: string }
  )

function foundFor(
  { wish, job, trace, today }: CompareAsk,
  progress: (share: number) => void,
): Found[keyof Found] {
  switch (wish.kind) {
    case 'methods':
      return compareMethods(job, trace, wish.finding_id, today)
    case 'fixes':
      return priceOfFixes(job, trace, today)
    case 'side':
      return sideAgainstSpots(job, trace, wish.side_id, today)
    case 'risk':
      return stepped(riskInSteps(job, today), progress)
    case 'moves':
      return movesOf(job, trace, today)
    case 'options':
      return optionsOf(job, today, derive(job, today, { trace }))
  }
}

function stepped<T>(steps: Generator<number, T>, progress: (share: number) => void): T {
  for (;;) {
    const step = steps.next()
    if (step.done) return step.value
    progress(step.value)
  }
}

self.addEventListener('message', ({ data }: MessageEvent<CompareAsk>) => {
  const answer = (of: CompareAnswer): void => self.postMessage(of)
  const { turn } = data
  const progress = (share: number): void => answer({ turn, kind: 'progress', share })
  try {
    answer({ turn, kind: 'found', found: foundFor(data, progress) })
  } catch (cause) {
    answer({ turn, kind: 'failed', message: cause instanceof Error ? cause.message : String(cause) })
  }
})
