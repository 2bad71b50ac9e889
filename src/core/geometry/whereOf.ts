import { placeOf } from './walls'
import { byId, FEATURE_WORDS, type Finding, type JobDocument, type Place } from '../job'

/** A place in words, as one says it on the site. */
export function placeWords(place: Place, job: JobDocument): string {
  switch (place.kind) {
    case 'side': {
      const side = byId(job.sides, place.side_id)
      const feature = byId(job.features, place.feature_id)
      const name = side ? `${side.facing} ${side.letter}` : 'side'
      if (feature) return `${name}, ${FEATURE_WORDS[feature.kind]} ${side?.letter ?? ''}${feature.number}`
      return place.station_unsaid ? `${name}, where along not said` : name
    }
    case 'words':
      return place.words
    case 'room':
      return place.room
    case 'roof':
      return `roof, ${place.words}`
    case 'deck':
      return `deck${place.words ? `, ${place.words}` : ''}`
    case 'crawl':
      return `crawl space${place.words ? `, ${place.words}` : ''}`
    case 'photo':
    case 'none':
      return 'place not noted yet'
  }
}

export function whereOf(finding: Finding, job: JobDocument): string {
  return placeWords(placeOf(finding, job), job)
}
