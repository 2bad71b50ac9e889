import { cautionOf, KEEP_OFF_LIST } from '../catalogue'
import { deckPoint } from '../catalogue/measures/deckPoints'
import { byId, type JobDocument, type SurveyOf } from '../job'
import { standing, surveysOf } from '../survey/read'
import type { Danger, DangerPlace } from './danger'

type DeckSurvey = SurveyOf<'deck'>

/** Points of each deck that were found wrong last: only who looks at a point again, and sees it, takes it back. */
function lastAnswers(job: JobDocument): { readonly survey: DeckSurvey; readonly point: string }[] {
  const last = new Map<string, { survey: DeckSurvey; point: string; wrong: boolean }>()
  const byDay = [...job.surveys].sort((a, b) => (a.day < b.day ? -1 : 1))
  for (const survey of byDay) {
    if (survey.kind !== 'deck') continue
    for (const { point, answer } of survey.answers)
      if (answer !== 'not-seen')
        last.set(`${survey.feature_id ?? ''} ${point}`, { survey, point, wrong: answer === 'wrong' })
  }
  return [...last.values()].filter((each) => each.wrong)
}

/** Dangers that surveys show: points of a deck check that keep people off, and walls so far out that an engineer goes first. */
export function surveyDangers(job: JobDocument): Danger[] {
  const reads = standing(surveysOf(job).read)
  const about = { finding_id: null, hazard_id: null }
  const walls = reads.flatMap((read): Danger[] => {
    if (read.gate === 'none' || read.at.kind !== 'side') return []
    const row = cautionOf(read.gate === 'engineer-first' ? 'wall-bowed' : 'wall-off-plumb')
    const at: DangerPlace = { kind: 'whole-side', side_id: read.at.side_id }
    return [{ ...about, row, says: read.says, part: null, at, survey_id: read.survey_id }]
  })
  const decks = lastAnswers(job).flatMap(({ survey, point: id }): Danger[] => {
    const feature = byId(job.features, survey.feature_id)
    const at: DangerPlace = feature
      ? { kind: 'feature', feature_id: feature.id, side_id: feature.side_id }
      : { kind: 'place', place: { kind: 'deck', feature_id: null, words: '' } }
    const point = deckPoint(id)
    const listed = point?.keepsOff ? KEEP_OFF_LIST[point.keepsOff] : undefined
    if (!listed) return []
    const { says, part } = listed
    return [{ ...about, row: cautionOf('keep-off'), says, part, at, survey_id: survey.id }]
  })
  return [...decks, ...walls]
}
