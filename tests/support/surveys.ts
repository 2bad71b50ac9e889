import type { SurveyOf } from '../../src/core/job'
import { inches } from '../../src/core/measure'
import { freshSurvey } from '../../src/ui/walk/surveys/freshSurvey'

type Deck = SurveyOf<'deck'>

/** A deck survey with nothing measured, but for the points that are answered. */
export function freshDeck(answers: readonly (readonly [string, Deck['answers'][number]['answer']])[]): Deck {
  const fresh = freshSurvey('deck', { id: 'deck-survey', day: '2026-03-04', by: 'Dov', side_id: null })
  return { ...(fresh as Deck), answers: answers.map(([point, answer]) => ({ point, answer })) }
}

/** Anchors or the like set out along a stretch of side A, with nothing said but what is given. */
export function layoutSurvey(of: Partial<SurveyOf<'layout'>> = {}): SurveyOf<'layout'> {
  const fresh = freshSurvey('layout', { id: 'l', day: '2026-03-04', by: 'Dov', side_id: 'side-a' })
  return { ...(fresh as SurveyOf<'layout'>), ...of }
}

/** A floor frame on which nothing was noted yet but what is given. */
export function frameSurvey(of: Partial<SurveyOf<'frame'>> = {}): SurveyOf<'frame'> {
  const fresh = freshSurvey('frame', { id: 'fr', day: '2026-03-04', by: 'Dov', side_id: null })
  return { ...(fresh as SurveyOf<'frame'>), ...of }
}

/** Piers of one rail of a home, by how each stands. */
export function homeSurvey(
  rail: string,
  stands: readonly SurveyOf<'home'>['piers'][number]['stands'][],
): SurveyOf<'home'> {
  const piers = stands.map((each, n) => ({
    ...{ pier: String(n + 1), height: inches(20), level: null, double: false },
    stands: each,
  }))
  const fresh = freshSurvey('home', { id: `home-${rail}`, day: '2026-03-04', by: 'Dov', side_id: null })
  return { ...(fresh as SurveyOf<'home'>), rail, piers }
}
