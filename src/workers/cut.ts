import loadHighs from 'highs'
import { bestPlan, solverOf, type BestPlan, type CutPiece, type Told } from '../core/cut'
import type { Length } from '../core/measure'

/** Pieces of one section and material, and the lengths the yard has of it. */
export type CutAsk = {
  readonly sections: readonly {
    readonly section: string
    readonly pieces: readonly CutPiece[]
    readonly stock: readonly Length[]
  }[]
  /** For each of them. */
  readonly seconds: number
}
export type CutAnswer =
  | { readonly kind: 'told'; readonly section: string; readonly told: Told }
  | { readonly kind: 'plan'; readonly section: string; readonly plan: BestPlan }
  | { readonly kind: 'done' }
  | { readonly kind: 'failed'; readonly message: string }

const answer = (message: CutAnswer): void => self.postMessage(message)

async function cut({ sections, seconds }: CutAsk): Promise<void> {
  const highs = await loadHighs({
    locateFile: () => new URL('highs/runtime', import.meta.url).href,
  })
  const solve = solverOf(highs)
  for (const { section, pieces, stock } of sections) {
    const plan = bestPlan(pieces, stock, solve, {
      seconds,
      clock: () => performance.now(),
      goesOn: (told) => {
        answer({ kind: 'told', section, told })
        return true
      },
    })
    answer({ kind: 'plan', section, plan })
  }
  answer({ kind: 'done' })
}

self.addEventListener('message', ({ data }: MessageEvent<CutAsk>) => {
  cut(data).catch((cause: unknown) =>
    answer({ kind: 'failed', message: cause instanceof Error ? cause.message : String(cause) }),
  )
})
