import { placeOf } from './walls'
import { byId, FEATURE_WORDS, type Finding, type JobDocument, type Place } from '../job'

const ALONG_UNSAID = 'where along not said'

/** Of what nobody has said where it is. */
export const NO_PLACE = 'place not noted yet'

/** A place as an owner is told it: that nobody said where along a wall it is, is a note for the site. */
export const whereForOwner = (where: string): string => where.replaceAll(`, ${ALONG_UNSAID}`, '')

/** A place in words, as one says it on the site. */
export function placeWords(place: Place, job: JobDocument): string {
  switch (place.kind) {
    case 'side': {
      const side = byId(job.sides, place.side_id)
      const feature = byId(job.features, place.feature_id)
      const name = side ? `${side.facing} ${side.letter}` : 'side'
      if (feature) return `${name}, ${FEATURE_WORDS[feature.kind]} ${side?.letter ?? ''}${feature.number}`
      return place.station_unsaid ? `${name}, ${ALONG_UNSAID}` : name
    }
    case 'words':
      return place.words
    case 'room':
      return place.room
    case 'roof':
      return `roof, ${place.words}`
    case 'deck': {
      const deck = byId(job.features, place.feature_id)
      const side = byId(job.sides, deck?.side_id)
      const name = deck && side ? `${FEATURE_WORDS[deck.kind]} ${side.letter}${deck.number}` : 'deck'
      return `${name}${place.words ? `, ${place.words}` : ''}`
    }
    case 'crawl':
      return `crawl space${place.words ? `, ${place.words}` : ''}`
    case 'photo':
    case 'none':
      return NO_PLACE
  }
}

export function whereOf(finding: Finding, job: JobDocument): string {
  return placeWords(placeOf(finding, job), job)
}
