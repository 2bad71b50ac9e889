import { SLOT_MIN, type Calendar } from './calendar'
import { grouped } from './grouped'
import type { PlanAround, PlanDayView, PlannedUnit } from './jobPlan'

/** Every day from the first of the work to its last, with what is done on it. */
export function daysView(
  units: readonly PlannedUnit[],
  last: string | null,
  of: { calendar: Calendar; around: PlanAround; slotsADay: number },
): PlanDayView[] {
  const { calendar, around, slotsADay } = of
  if (last === null) return []
  const first = Math.min(0, ...units.map((unit) => calendar.dayOf(unit.first)))
  const taken = grouped(around.taken, ({ day }) => day)
  return Array.from({ length: calendar.dayOf(last) - first + 1 }, (_, index): PlanDayView => {
    const day = calendar.dateOf(first + index)
    const mine = units
      .filter((unit) => unit.days.some((each) => each.day === day))
      .toSorted((a, b) => a.order - b.order)
    const people = calendar.crews.reduce((sum, _crew, crew) => sum + calendar.people(crew, first + index), 0)
    const planned = mine.flatMap((unit) => unit.days.filter((each) => each.day === day))
    return {
      day,
      off: calendar.off(first + index),
      sky: calendar.sky(first + index),
      units: mine.map(({ key }) => key),
      holds_h: Math.round(((people * slotsADay * SLOT_MIN) / 60) * 100) / 100,
      planned_h: Math.round(planned.reduce((sum, { hours }) => sum + hours, 0) * 100) / 100,
      elsewhere: [...new Set((taken.get(day) ?? []).map(({ job }) => job))],
    }
  })
}
