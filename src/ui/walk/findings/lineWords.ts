import { placeWords } from '../../../core/caution'
import type { JobDocument, Place } from '../../../core/job'
import { formatLength } from '../../../core/measure'
import type { PlacedLine } from '../../../core/shorthand'

/** What a finding of a line becomes once the person has answered what was asked; as it is while he has not. */
export function answered(line: PlacedLine, choice: number | undefined): PlacedLine {
  const chosen = choice === undefined ? undefined : line.ask?.choices[choice]
  return chosen ? { said: chosen.said, place: chosen.place, ask: null } : line
}

/** The place a line was given, in words to check at a glance. */
export function placeSaid(place: Place, job: JobDocument): string {
  if (place.kind === 'none') return ''
  const words = placeWords(place, job)
  return place.kind === 'side' && place.feature_id === null && !place.station_unsaid
    ? `${words}, at ${formatLength(place.station)}`
    : words
}
