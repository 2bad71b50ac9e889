import type { Finding, JobDocument, Place } from '../job'
import type { SidePlace } from './onHouse'
import { parseLine } from './parseLine'
import { placeLine } from './placeLine'

/**
 * Where a finding lies by its own words, once the house has what they name: a line taken before the sides were set up.
 *
 * Ends: null where somebody gave it a place, where its words name none or several, or where they would have to be asked about.
 */
export function placeByWords(
  { place, words }: Pick<Finding, 'place' | 'words'>,
  job: JobDocument,
): Place | null {
  if (place.kind !== 'words' && place.kind !== 'none') return null
  const said = parseLine(words)
  const lines = said.flatMap((each) => placeLine(each, job))
  const [line, ...more] = lines
  if (!line || lines.some(({ ask }) => ask !== null)) return null
  const first = line.place
  if (more.length === 0) return first.kind === 'words' || first.kind === 'none' ? null : first
  // `at both corners`: one finding cannot stand at two places, but it is on that side.
  const isOneSide = lines.every(
    ({ place: at }) => at.kind === 'side' && at.side_id === (first as SidePlace).side_id,
  )
  return first.kind === 'side' && isOneSide ? { ...first, feature_id: null, station_unsaid: true } : null
}
