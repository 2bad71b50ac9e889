import { byId, type JobDocument } from '../job'
import { MEASURED_SAYS } from '../catalogue/sentences/measured'
import { standing, type SurveyRead } from '../survey/read'
import type { BidModel } from './bidModel'
import type { Stages } from './stages'

/** A wall as its owner knows it; a floor or a space by its own name. */
function ownerPlace(
  read: SurveyRead,
  at: Stages['surveys']['verdicts'][number]['at'] | undefined,
  job: JobDocument,
): string {
  if (read.at.kind === 'deck') {
    const on = byId(job.sides, byId(job.features, read.at.feature_id)?.side_id)
    return on ? `Deck, ${on.facing}` : 'Deck'
  }
  const side_id = at?.kind === 'side' ? at.side_id : read.at.kind === 'side' ? read.at.side_id : null
  const side = byId(job.sides, side_id)
  const name = side ? `${side.facing} wall` : read.where
  return `${name.charAt(0).toUpperCase()}${name.slice(1)}`
}

/**
 * What was measured, for the owner: place by place, each sentence once, and what it says together. A later survey of one kind stands for
 * the earlier ones it repeats.
 */
export function measuredOf(job: JobDocument, { surveys }: Pick<Stages, 'surveys'>): BidModel['measured'] {
  const places = new Map<string, { name: string; day: string; says: string[] }>()
  for (const read of standing(surveys.read)) {
    if (read.plain.length === 0) continue
    const of = surveys.verdicts.find((each) => each.survey_ids.includes(read.survey_id))
    const where = of?.where ?? read.where
    const held = places.get(where) ?? { name: ownerPlace(read, of?.at, job), day: read.day, says: [] }
    places.set(where, {
      ...held,
      day: held.day > read.day ? held.day : read.day,
      says: [...held.says, ...read.plain.filter((each) => !held.says.includes(each))],
    })
  }
  return [...places].map(([where, { name, day, says }]) => {
    const verdict = surveys.verdicts.find((each) => each.where === where)?.verdict
    return {
      where: name,
      day,
      says: [...says, ...(verdict ? [MEASURED_SAYS.does[verdict.id]] : [])].join(' '),
    }
  })
}
