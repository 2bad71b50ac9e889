import type { Finding, JobDocument, Place } from '../job'
import { parseLine } from './parseLine'
import { placeLine } from './placeLine'

/**
 * Where a finding lies by its own words, once the house has what they name: a line taken before the sides were set up.
 *
 * Ends: null where somebody gave it a place, where its words name none, or where they would have to be asked about.
 */
export function placeByWords(
  { place, words }: Pick<Finding, 'place' | 'words'>,
  job: JobDocument,
): Place | null {
  if (place.kind !== 'words' && place.kind !== 'none') return null
  const said = parseLine(words)
  const [line, ...more] = said.flatMap((each) => placeLine(each, job))
  if (!line || more.length > 0 || line.ask !== null) return null
  return line.place.kind === 'words' || line.place.kind === 'none' ? null : line.place
}
