import { dayWords } from '../measure'
import type { Entry } from '../print/calendarFile'
import { nameOfUnit, stepsOfUnit, whereOfUnit, type PlanTold } from './say'

/** The plan as days of a calendar: what each crew does, what has to come, the day it has to be finished by. No money. */
export function planEntries(of: PlanTold): Entry[] {
  const { job, scope, plan } = of
  const title = job.job.title || 'A job'
  const at = [title, job.job.address].filter(Boolean).join(', ')
  const days = plan.days.flatMap(({ day, units }) =>
    plan.crews.flatMap((crew): Entry[] => {
      const mine = units
        .map((key) => plan.units.find((unit) => unit.key === key)!)
        .filter((unit) => unit.crew === crew.id)
      if (mine.length === 0) return []
      const sides = [...new Set(mine.map((unit) => whereOfUnit(unit, job)))].filter(
        (each) => each !== 'whole job',
      )
      return [
        {
          id: `plan-${job.id}-${day}-${crew.id}`,
          on: day,
          title: `${title}: ${sides.join(', ') || 'set up'}${plan.crews.length > 1 ? `, ${crew.name}` : ''}`,
          notes: [
            at,
            ...mine.map(
              (unit) => `${nameOfUnit(unit, scope)}, ${whereOfUnit(unit, job)}: ${stepsOfUnit(unit)}`,
            ),
          ].join('\n'),
        },
      ]
    }),
  )
  const comings = plan.comings.flatMap(({ what, item_id, name, who, on, state }): Entry[] =>
    on === null || state === 'there'
      ? []
      : [
          {
            id: `comes-${job.id}-${what}-${item_id ?? 'job'}`,
            on,
            title: `${title}: ${name}${state === 'promised' ? '' : ', reckoned'}`,
            notes: [at, who].filter(Boolean).join('\n'),
          },
        ],
  )
  const by = job.plan?.finish_by
  return [
    ...days,
    ...comings,
    ...(by
      ? [
          {
            id: `by-${job.id}`,
            on: by,
            title: `${title}: finished by today`,
            notes: `${at}. Set for ${dayWords(by)}.`,
          },
        ]
      : []),
  ]
}
