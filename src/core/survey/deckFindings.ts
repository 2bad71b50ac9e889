import type { DeckPoint } from '../catalogue/measures/deckPoints'
import { byId, type Finding, type JobDocument, type SurveyOf } from '../job'

/**
 * What a wrong point of a deck check becomes: nothing more, since a finding says it already; a sign of a finding of the same part that
 * has none yet; or a finding of its own.
 */
export type WrittenAs =
  | { readonly as: 'noted' | 'sign'; readonly finding_id: string }
  | { readonly as: 'finding'; readonly finding_id: null }

/** Whether a finding is of this deck: placed at it, or on its side with no other thing named. One not placed further may be. */
function isOfDeck({ place }: Finding, deck_id: string | null, job: JobDocument): boolean {
  if (place.kind === 'deck')
    return deck_id === null || place.feature_id === null || place.feature_id === deck_id
  if (place.kind !== 'side') return place.kind === 'none'
  if (place.feature_id !== null) return deck_id === null || place.feature_id === deck_id
  return deck_id === null || byId(job.features, deck_id)?.side_id === place.side_id
}

/** What to write down of a point that is wrong, so that what was said on the walk is not written twice. */
export function writtenAs(point: DeckPoint, survey: SurveyOf<'deck'>, job: JobDocument): WrittenAs {
  const ofPart = job.findings.filter(
    (each) => each.component === point.part && isOfDeck(each, survey.feature_id, job),
  )
  const noted = ofPart.find(
    ({ signs, words }) =>
      words === point.wrong || signs.some(({ sign, present }) => present && sign === point.sign),
  )
  if (noted) return { as: 'noted', finding_id: noted.id }
  const bare =
    point.sign === null ? undefined : ofPart.find(({ signs }) => signs.every((each) => !each.present))
  return bare ? { as: 'sign', finding_id: bare.id } : { as: 'finding', finding_id: null }
}
