import { ENGINE, score, type Score } from '../tests/simulator/score'
import { simulateHouse, type Looks } from '../tests/simulator/simulate'
import { WALKERS } from '../tests/simulator/walker'

/** The engine on the same houses, walked by somebody else. */
export type WalkerRow = { readonly walker: string; readonly looks: Looks; readonly score: Score }

const HOUSES = 1000

/** What of an invented source is the walker’s invented sign, and what it helps to be told what is not there. */
export function benchWalkers(): WalkerRow[] {
  return WALKERS.flatMap((walker) =>
    (['full', 'two-thirds'] as const).map((looks) => ({
      ...{ walker: walker.name, looks },
      score: score(
        ENGINE,
        Array.from({ length: HOUSES }, (_, start) => simulateHouse(start, looks, walker)),
      ),
    })),
  )
}
