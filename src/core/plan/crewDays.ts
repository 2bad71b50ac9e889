import type { JobPlan } from './jobPlan'

/** People of a crew that a plan takes on a day: as many as its hours fill, and as the work there wants at least. */
export function crewDays(
  plan: JobPlan,
): { readonly day: string; readonly crew_id: string; readonly people: number }[] {
  return plan.days.flatMap(({ day, units }) => {
    const mine = plan.units.filter(({ key, done }) => !done && units.includes(key))
    return plan.crews.flatMap((crew) => {
      const here = mine.filter((unit) => unit.crew === crew.id)
      if (here.length === 0) return []
      const hours = here.reduce(
        (sum, unit) =>
          sum + unit.days.filter((each) => each.day === day).reduce((all, each) => all + each.hours, 0),
        0,
      )
      const least = Math.max(...here.map(({ people }) => people[0]))
      const people = Math.min(crew.people, Math.max(least, Math.ceil(hours / plan.day_h - 1e-9)))
      return [{ day, crew_id: crew.id, people }]
    })
  })
}
