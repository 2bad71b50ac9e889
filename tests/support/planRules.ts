import { stepOf, TAKES_SUPPORT, WAITS } from '../../src/core/catalogue/steps'
import { daysBetween, weekday } from '../../src/core/measure'
import type { JobDocument } from '../../src/core/job'
import type { JobPlan, PlannedUnit } from '../../src/core/plan'

/**
 * What is broken in a plan, found from its days alone: none of the program that made it is asked. Rules of the trade, as in the field:
 * a support is taken only after the temporary one stands; what is opened is dried in on the same day; nothing outside on a wet day.
 */
export function brokenRules(plan: JobPlan, job: JobDocument): string[] {
  const broken: string[] = []
  const say = (unit: PlannedUnit, what: string): number => broken.push(`${unit.key}: ${what}`)
  const skies = new Map(job.plan_days.map(({ day, sky }) => [day, sky]))
  const off = new Map(job.plan_days.map((each) => [each.day, each.off]))
  const week = new Set(job.plan?.week ?? [1, 2, 3, 4, 5])
  const open = plan.units.filter(({ done }) => !done)
  for (const unit of open) {
    const hours = unit.days.reduce((sum, each) => sum + each.hours, 0)
    if (Math.abs(hours - unit.hours) > 0.02 * unit.days.length + 0.01)
      say(unit, `${hours} h of ${unit.hours}`)
    const opens = unit.segments.some(({ step }) => step === 'open') && unit.inOneDay
    const closes = unit.segments.some(
      ({ step }) => stepOf(step).dries === 'closes' || step === 'substrate' || step === 'frame',
    )
    if (opens && unit.days.length !== 1) say(unit, 'open over night')
    if (opens && !closes) say(unit, 'opened and not dried in')
    for (const { day } of unit.days) {
      if (!week.has(weekday(day))) say(unit, `worked on ${day}, no day of the week worked`)
      if (off.get(day)) say(unit, `worked on a day off, ${day}`)
      const isMadeSafe = unit.segments.every(({ step }) => step === 'make-safe')
      if (unit.outside && !isMadeSafe && skies.get(day) === 'wet') say(unit, `outside in the rain, ${day}`)
    }
  }
  // Within one item at one place: shored before a support goes, the order of the trade, nights between.
  for (const unit of open) {
    const mine = open.filter(
      ({ item_id, side }) => item_id === unit.item_id && side === unit.side && item_id !== null,
    )
    const taking = unit.segments.findIndex(({ step, tasks }) =>
      tasks.some((task) => TAKES_SUPPORT[task] === step),
    )
    if (taking >= 0) {
      const within = unit.segments.slice(0, taking).some(({ step }) => step === 'shore')
      const before = mine.some(
        (each) =>
          each.segments.some(({ step }) => step === 'shore') &&
          (each.last < unit.first || (each.last === unit.first && each.order < unit.order)),
      )
      if (!within && !before) say(unit, 'a support taken before the temporary one stands')
    }
    for (const other of mine) {
      const last = Math.max(...unit.segments.map(({ step }) => stepOf(step).rank ?? 0))
      const first = Math.min(...other.segments.map(({ step }) => stepOf(step).rank ?? 99))
      if (
        last < first &&
        (unit.last > other.first || (unit.last === other.first && unit.order > other.order))
      ) {
        say(unit, `after ${other.key}, which it comes before`)
      }
      for (const wait of WAITS) {
        const waits =
          unit.segments.some(({ step }) => step === wait.after.step) &&
          other.segments.every(({ step }) => (stepOf(step).rank ?? 0) >= stepOf(wait.before).rank!)
        if (waits && wait.after.task === undefined && daysBetween(unit.last, other.first) < wait.nights) {
          say(unit, `${wait.name} less than ${wait.nights} nights before ${other.key}`)
        }
      }
    }
  }
  // No crew does more than its people can on a day.
  for (const { day } of plan.days) {
    for (const crew of plan.crews) {
      const hours = open
        .filter((unit) => unit.crew === crew.id)
        .reduce(
          (sum, unit) =>
            sum + unit.days.filter((each) => each.day === day).reduce((all, each) => all + each.hours, 0),
          0,
        )
      if (hours > crew.people * plan.day_h + 0.05) broken.push(`${crew.name} has ${hours} h on ${day}`)
    }
  }
  return broken
}
