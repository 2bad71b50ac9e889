import type { JobDocument } from '../job'
import type { Near } from './findOpening'
import { parseLine } from './parseLine'
import type { PlacedLine } from './placedLine'
import { sideOrArticle } from './sideOrArticle'
import { whichTrim } from './whichTrim'
import type { LearntWord } from './word'

/** What a line means on this house; each of its findings is placed with the one before it in mind. */
export function readLine(
  line: string,
  of: { readonly words: readonly LearntWord[]; readonly job: JobDocument; readonly near: Near },
): PlacedLine[] {
  let before = of.near
  return parseLine(line, of.words).flatMap((said) => {
    const placed = sideOrArticle(said, of.job, before).map(whichTrim)
    const last = placed.at(-1)
    if (last && last.ask === null)
      before = {
        ...before,
        last: { place: last.place, component: last.said.part, stated_grade: last.said.grade },
      }
    return placed
  })
}
