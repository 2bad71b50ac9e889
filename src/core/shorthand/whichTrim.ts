import { partName } from '../catalogue'
import type { ComponentId } from '../job'
import type { PlacedLine } from './placedLine'

/** Boards that people call *trim*, where it stands free on a wall. */
const ON_A_WALL: readonly ComponentId[] = [
  'corner-board',
  'water-table',
  'side-casing',
  'head-casing',
  'frieze-board',
  'fascia',
]
const AT_AN_OPENING: readonly ComponentId[] = ['side-casing', 'head-casing']
const AT_A_CORNER: readonly ComponentId[] = ['corner-board']

function meant({ said, place }: PlacedLine): readonly ComponentId[] {
  if (place.kind === 'side' && place.feature_id !== null) return AT_AN_OPENING
  return /\bcorners?\b/i.test(said.words) ? AT_A_CORNER : ON_A_WALL
}

/** *Trim* is said of half a dozen boards, and each is mended in its own way: which is asked, unless only one can be. */
export function whichTrim(line: PlacedLine): PlacedLine {
  const { said, place, ask } = line
  if (said.part !== null || ask !== null || !said.left.some((word) => /^trims?$/i.test(word))) return line
  const left = said.left.filter((word) => !/^trims?$/i.test(word))
  const choices = meant(line).map((part) => ({
    says: partName(part),
    said: { ...said, part, left },
    place,
  }))
  const [only, ...others] = choices
  return only && others.length === 0
    ? { said: only.said, place, ask: null }
    : { ...line, ask: { words: 'Which trim?', choices } }
}
