import type { JobDocument } from '../core/job'
import { derive } from '../core/pipeline'
import { draftPlan, improve, type PlanAround } from '../core/plan'

/** A job whose plan may end sooner, and how long it is looked for. */
export type PlanAsk = {
  readonly job: JobDocument
  readonly today: string
  readonly around: PlanAround
  readonly tries: number
  readonly seconds: number
}

/** How far the search is; an order that ends sooner or leaves less lying begun; or that none was found. */
export type PlanAnswer =
  | { readonly kind: 'told'; readonly share: number }
  | {
      readonly kind: 'better'
      readonly order: readonly string[]
      readonly last: string
      readonly sooner_days: number
    }
  | { readonly kind: 'none'; readonly proven: boolean }
  | { readonly kind: 'failed'; readonly message: string }

const answer = (message: PlanAnswer): void => self.postMessage(message)

function search({ job, today, around, tries, seconds }: PlanAsk): void {
  const { scope, takeoff, job: live } = derive(job, today, {}, around)
  const draft = draftPlan({ job: live, scope, takeoff }, today, around)
  if (draft.first === null) return answer({ kind: 'none', proven: false })
  const before = draft.planOf(draft.first)
  const until = performance.now() + seconds * 1000
  const steps = improve(draft.project, draft.first, { tries, every: 50 })
  let best = draft.first
  for (let step = steps.next(); ; step = steps.next()) {
    if (step.done) {
      best = step.value
      break
    }
    best = step.value.best
    answer({ kind: 'told', share: Math.min(0.99, step.value.tried / tries) })
    if (performance.now() > until) break
  }
  const after = draft.planOf(best)
  const { dayOf } = draft
  const sooner = before.last && after.last ? dayOf(before.last) - dayOf(after.last) : 0
  if (sooner <= 0) return answer({ kind: 'none', proven: best.proven })
  return answer({
    kind: 'better',
    order: best.list.map(({ id }) => id).filter((id) => !id.startsWith('handed-over/')),
    last: after.last!,
    sooner_days: sooner,
  })
}

self.addEventListener('message', ({ data }: MessageEvent<PlanAsk>) => {
  try {
    search(data)
  } catch (cause) {
    answer({ kind: 'failed', message: cause instanceof Error ? cause.message : String(cause) })
  }
})
