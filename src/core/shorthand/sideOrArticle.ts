import type { JobDocument } from '../job'
import type { Near } from './findOpening'
import { placeLine } from './placeLine'
import type { PlacedLine } from './placedLine'
import type { Shorthand } from './said'

/** `A shutters off`: a side, or the article that begins a sentence, and that a dictation writes large. */
const BEGINS_WITH_A = /^\s*A (?=[a-z])/

/**
 * A line on the house; where it begins with an A that may be the side of that letter, and the wall in view is another, it is asked which.
 * Of an A that names an opening or a station nothing is asked: that is read as such.
 */
export function sideOrArticle(said: Shorthand, job: JobDocument, near: Near): PlacedLine[] {
  const placed = placeLine(said, job, near)
  const { side: view } = near
  const named = job.sides.find(({ letter }) => letter === 'A')
  const isOnView = placed.every(
    ({ place, ask }) => ask === null && place.kind === 'side' && place.side_id === view?.id,
  )
  if (said.side !== null || !named || !view || view.id === named.id) return placed
  if (!isOnView || !BEGINS_WITH_A.test(said.words)) return placed
  const [there] = placeLine({ ...said, side: 'A' }, job, near)
  const [here] = placed
  if (!there || there.ask !== null || !here) return placed
  return [
    {
      said,
      place: { kind: 'none' },
      ask: {
        words: 'Which side?',
        choices: [
          { says: `A ${named.facing}`, said: there.said, place: there.place },
          { says: `${view.letter} ${view.facing}`, said: here.said, place: here.place },
        ],
      },
    },
  ]
}
