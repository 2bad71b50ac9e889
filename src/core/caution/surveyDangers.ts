import { cautionOf, KEEP_OFF_LIST } from '../catalogue'
import { byId, type JobDocument } from '../job'
import { cautionedPoint, surveysOf } from '../survey/read'
import type { Danger, DangerPlace } from './danger'

/** Dangers that surveys show: points of a deck check that keep people off, and walls so far out that an engineer goes first. */
export function surveyDangers(job: JobDocument): Danger[] {
  const reads = surveysOf(job).read
  const about = { finding_id: null, hazard_id: null }
  const walls = reads.flatMap((read): Danger[] => {
    if (read.gate === 'none' || read.at.kind !== 'side') return []
    const row = cautionOf(read.gate === 'engineer-first' ? 'wall-bowed' : 'wall-off-plumb')
    const at: DangerPlace = { kind: 'whole-side', side_id: read.at.side_id }
    return [{ ...about, row, says: read.says, part: null, at, survey_id: read.survey_id }]
  })
  const decks = job.surveys.flatMap((survey): Danger[] => {
    if (survey.kind !== 'deck') return []
    const feature = byId(job.features, survey.feature_id)
    const at: DangerPlace = feature
      ? { kind: 'feature', feature_id: feature.id, side_id: feature.side_id }
      : { kind: 'place', place: { kind: 'deck', feature_id: null, words: '' } }
    return survey.answers.flatMap((each) => {
      const point = each.answer === 'wrong' ? cautionedPoint(each.point) : null
      const listed = point?.keepsOff ? KEEP_OFF_LIST[point.keepsOff] : undefined
      if (!point || !listed) return []
      const { says, part } = listed
      return [{ ...about, row: cautionOf('keep-off'), says, part, at, survey_id: survey.id }]
    })
  })
  return [...decks, ...walls]
}
