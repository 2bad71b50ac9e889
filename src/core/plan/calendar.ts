import { skyOf, stepOf, type SkyId, type StepId } from '../catalogue/steps'
import type { Crew, JobDocument } from '../job'
import { dayAfter, daysBetween, weekday } from '../measure'

/** Minutes of a slot: the grain in which work is placed. */
export const SLOT_MIN = 5

/** A day that another job has taken a crew for. */
export type Taken = {
  readonly day: string
  readonly crew_id: string
  readonly people: number
  readonly job: string
}

/** What stands round a job's plan and is not the job's own. */
export type Around = {
  readonly taken: readonly Taken[]
  readonly off: readonly { readonly day: string; readonly why: string }[]
  /** The firm’s crews; the first does a job that has named none. */
  readonly crews: readonly Crew[]
}
export const NOTHING_AROUND: Around = { taken: [], off: [], crews: [] }

/** What work is like, as far as the weather goes. */
export type Exposed = {
  readonly outside: boolean
  readonly atHeight: boolean
  readonly steps: readonly StepId[]
}

export type Calendar = {
  /** Day 0. */
  readonly first: string
  readonly dateOf: (day: number) => string
  readonly dayOf: (date: string) => number
  readonly crews: readonly Crew[]
  /** People of a crew who are there. */
  readonly people: (crew: number, day: number) => number
  /** Why nobody works; empty: it is worked. */
  readonly off: (day: number) => string
  /** Null: nobody said. */
  readonly sky: (day: number) => SkyId | null
  readonly works: (exposed: Exposed, day: number) => boolean
}

/** Crews where nobody named one: so many people as the work asks for. */
export const USUAL_WEEK: readonly number[] = [1, 2, 3, 4, 5]
export function crewsOf(
  job: JobDocument,
  of: { readonly people: number; readonly around: Around },
): readonly Crew[] {
  const named = job.plan?.crews ?? []
  if (named.length > 0) return named
  return of.around.crews.length > 0
    ? of.around.crews.slice(0, 1)
    : [{ id: 'crew-1', name: 'Crew', people: Math.max(2, of.people) }]
}

/** The days of a job: who is there, what the sky does. Day 0 is its first day, or today where none is set. */
export function calendarOf(
  job: JobDocument,
  of: { readonly today: string; readonly people: number; readonly around: Around },
): Calendar {
  const first = job.plan?.start ?? of.today
  const crews = crewsOf(job, of)
  const week = new Set(job.plan?.week.length ? job.plan.week : USUAL_WEEK)
  const said = new Map(job.plan_days.map((each) => [each.day, each]))
  const offByFirm = new Map(of.around.off.map(({ day, why }) => [day, why]))
  const taken = new Map<string, number>()
  for (const each of of.around.taken) {
    const key = `${each.crew_id}/${each.day}`
    taken.set(key, (taken.get(key) ?? 0) + each.people)
  }
  const dates: string[] = []
  const dateOf = (day: number): string => (dates[day] ??= dayAfter(first, day))
  const off = (day: number): string => {
    const date = dateOf(day)
    const own = said.get(date)?.off ?? ''
    if (own !== '') return own
    const firms = offByFirm.get(date)
    if (firms !== undefined) return firms
    return week.has(weekday(date)) ? '' : 'not a working day'
  }
  const offs: string[] = []
  const isOff = (day: number): string => (offs[day] ??= off(day))
  const sky = (day: number): SkyId | null => said.get(dateOf(day))?.sky ?? null
  const there: number[][] = crews.map(() => [])
  const peopleOn = (crew: number, day: number): number => {
    if (isOff(day) !== '') return 0
    const { id, people } = crews[crew]!
    return Math.max(0, people - (taken.get(`${id}/${dateOf(day)}`) ?? 0))
  }
  return {
    first,
    dateOf,
    dayOf: (date) => daysBetween(first, date),
    crews,
    people: (crew, day) => (there[crew]![day] ??= peopleOn(crew, day)),
    off: isOff,
    sky,
    works: (exposed, day) => {
      const id = sky(day)
      if (id === null || !exposed.outside || exposed.steps.every((step) => stepOf(step).anyWeather))
        return true
      const row = skyOf(id)
      if (row.outside || (row.atHeight && exposed.atHeight)) return false
      return !exposed.steps.some((step) => row.steps.includes(step))
    },
  }
}
