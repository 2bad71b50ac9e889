import { CERTAINTY_FROM } from '../src/core/trace'
import type { JobDocument } from '../src/core/job'
import { ENGINE, score, type Said, type Score, type Tracer } from '../tests/simulator/score'
import { ownSigns, recallOfShown, shareThere } from '../tests/simulator/shows'
import { simulateHouse, type Looks } from '../tests/simulator/simulate'
import { NO_SLIPS, WALKERS } from '../tests/simulator/walker'

/** The engine on the same houses, walked by somebody else. */
export type WalkerRow = {
  readonly walker: string
  readonly looks: Looks
  readonly score: Score
  /** Only what a bid would tell: sources that are likely. */
  readonly told: Score
  /** Share of the named sources that are a fault of the house there. */
  readonly there: number
  /** Of the sources of which a sign of their own was noted: what share they are, and how many of them were named. */
  readonly shown: { readonly share: number; readonly recall: number }
}

const HOUSES = 1000
/** Where the signs of each cause are counted: houses that are neither scored nor had a weight settled on them. */
const COUNTED = { from: 20_000, many: 1500 }

/** The engine, each house traced once however often it is asked for. */
function once(): Tracer {
  const held = new Map<JobDocument, Said>()
  return {
    name: ENGINE.name,
    trace: (job) => {
      const said = held.get(job) ?? ENGINE.trace(job)
      held.set(job, said)
      return said
    },
  }
}

const toldBy = (tracer: Tracer): Tracer => ({
  name: `${tracer.name}, told`,
  trace: (job) => {
    const said = tracer.trace(job)
    return { ...said, sources: said.sources.filter((each) => each.probability >= CERTAINTY_FROM.likely) }
  },
})

/** What of an invented source is the walker’s invented sign, and what it helps to be told what is not there. */
export function benchWalkers(): WalkerRow[] {
  const own = ownSigns(
    Array.from({ length: COUNTED.many }, (_, at) => simulateHouse(COUNTED.from + at, 'full', NO_SLIPS)),
  )
  return WALKERS.flatMap((walker) =>
    (['full', 'two-thirds'] as const).map((looks) => {
      const houses = Array.from({ length: HOUSES }, (_, start) => simulateHouse(start, looks, walker))
      const engine = once()
      return {
        ...{ walker: walker.name, looks },
        score: score(engine, houses),
        told: score(toldBy(engine), houses),
        there: shareThere(engine, houses),
        shown: recallOfShown(engine, houses, own),
      }
    }),
  )
}
