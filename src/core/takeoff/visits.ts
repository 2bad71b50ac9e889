import type { ReckonedRows } from '../firmValues/rows'
import { toFeet } from '../measure'
import { chargedYd3, type Debris } from './debris'
import type { WorkedPlace } from './workedPlace'
import { hundredths, type Pace, type TaskHours } from './hours'

/** What is paid once for the job and shared back by use. */
export type SharedTakeoff = {
  readonly visits: number
  readonly visit_words: string
  /** People sent: the most that any task needs at least. */
  readonly people: number
  readonly tasks: readonly TaskHours[]
  readonly hours: number
  /** As it is charged: its room, or that of the loads its weight fills. */
  readonly debris_yd3: number
  /** Pounds, where the weight fills more loads than the room; null: the room binds. */
  readonly heavy_lb: number | null
}

/** What the visits need to know of an item. */
export type Working = {
  readonly hours: number
  readonly tasks: readonly string[]
  readonly paints: boolean
  /** Times that somebody has to come for it at least. */
  readonly comes: number
  readonly breaksPaint: boolean
  readonly places: readonly WorkedPlace[]
}

type By = { readonly pace: Pace; readonly rows: ReckonedRows }

function sharedTask(id: string, quantity: number, setUps: number, by: By): TaskHours {
  const { pace } = by
  const task = by.rows.task(id)
  const set_up_h = hundredths(task.set_up_h * setUps)
  const shown = hundredths(quantity)
  return {
    task: id,
    name: task.name,
    quantity: shown,
    unit: task.unit,
    set_up_h,
    rate_h: task[pace],
    factor: 1,
    hours: hundredths(set_up_h + task[pace] * shown),
  }
}

/** Stretches of 20 ft to be contained: the whole length of a side that is painted, one for spots on a side. */
function containment(working: readonly Working[]): number {
  const broken = working.filter((each) => each.breaksPaint).flatMap((each) => each.places)
  const sides = new Set(broken.map((place) => place.side))
  return [...sides].reduce((sum, side) => {
    const mine = broken.filter((place) => place.side === side)
    const painted = mine.filter((place) => place.area !== null)
    const length = painted.reduce((all, place) => all + toFeet(place.length), 0)
    return sum + Math.max(1, Math.ceil(length / 20))
  }, 0)
}

/**
 * Visits and what they share. A stay is set up once and cleared away after a working week at most; paint comes after the wood on a
 * visit of its own. Little debris goes along in the van.
 */
export function shareVisits(
  items: readonly Working[],
  of: By & { debris: Debris; leadSafe: boolean },
): SharedTakeoff {
  const { leadSafe, rows } = of
  const { days: calendar } = rows
  const working = items.filter((each) => each.tasks.length > 0)
  if (working.length === 0) {
    return {
      visits: 0,
      visit_words: 'no work',
      people: 0,
      tasks: [],
      hours: 0,
      debris_yd3: 0,
      heavy_lb: null,
    }
  }
  const known = working.flatMap((each) => each.tasks.filter((task) => task !== 'own'))
  const people = Math.max(rows.task('mobilise').crew[0], ...known.map((task) => rows.task(task).crew[0]))
  const days = (hours: number): number => hours / (calendar.day_h * people)
  const sum = (list: readonly Working[]): number => list.reduce((all, each) => all + each.hours, 0)
  const painting = working.filter((each) => each.paints)
  const mending = working.filter((each) => !each.paints)
  const stays = (hours: number): number => Math.max(1, Math.ceil(days(hours) / calendar.days_a_visit - 1e-9))
  const comes = Math.max(...working.map((each) => each.comes))
  const byHours = painting.length > 0 ? stays(sum(mending)) + stays(sum(painting)) : stays(sum(mending))
  const visits = Math.max(byHours, comes)
  const whole = { ...of.debris, lb: Math.round(of.debris.lb) }
  const debris_yd3 = hundredths(chargedYd3(whole))
  const tasks = [sharedTask('mobilise', visits, visits, of)]
  if (known.includes('hand-wash')) tasks.push(sharedTask('hand-wash', 0, 1, of))
  if (leadSafe) tasks.push(sharedTask('lead-containment', containment(working), 1, of))
  if (debris_yd3 > calendar.along_yd3) tasks.push(sharedTask('haul', debris_yd3, 1, of))
  const long = visits > (painting.length > 0 ? 2 : 1)
  return {
    visits,
    visit_words:
      comes > byHours
        ? `${comes}, since something cures or dries between`
        : `${painting.length > 0 ? 'one to repair and prime, one to paint' : 'one'}${long ? `, each of at most ${calendar.days_a_visit} days` : ''}`,
    people,
    tasks,
    hours: hundredths(tasks.reduce((all, each) => all + each.hours, 0)),
    debris_yd3,
    heavy_lb: chargedYd3(whole) > whole.yd3 ? whole.lb : null,
  }
}
