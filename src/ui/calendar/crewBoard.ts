import type { CalendarAnswer } from '../../core/contract/plan'
import { dayAfter, weekday } from '../../core/measure'

export type BoardCrew = { readonly id: string; readonly name: string; readonly people: number }
export type BoardDay = {
  readonly day: string
  /** Why nobody works; empty: it is worked. */
  readonly off: string
  /** Jobs of each crew. */
  readonly at: ReadonlyMap<
    string,
    readonly { readonly id: string; readonly title: string; readonly people: number }[]
  >
}

/** A week from Monday on. */
export type BoardWeek = { readonly from: string; readonly days: readonly BoardDay[] }

/** The weeks from the first planned day to the last, each day with where the crews are. Crews that only a job knows stand by its name of them. */
export function crewBoard({ calendar, jobs }: CalendarAnswer): { crews: BoardCrew[]; weeks: BoardWeek[] } {
  const ends = jobs.flatMap(({ days }) => days.map(({ day }) => day)).toSorted()
  const [first] = ends
  const last = ends.at(-1)
  const ids = [...new Set(jobs.flatMap(({ days }) => days.map(({ crew_id }) => crew_id)))]
  const known = new Map(calendar.crews.map(({ id, name }) => [id, name]))
  const crews = [
    ...calendar.crews,
    ...ids
      .filter((id) => !known.has(id))
      .map((id) => ({
        id,
        name: id === 'crew-1' ? 'A crew' : 'Another crew',
        people: 1,
      })),
  ]
  if (first === undefined || last === undefined) return { crews, weeks: [] }
  const off = new Map(calendar.off.map(({ day, why }) => [day, why]))
  const weeks: BoardWeek[] = []
  const monday = dayAfter(first, 1 - weekday(first))
  for (let from = monday; from <= last; from = dayAfter(from, 7)) {
    const days = Array.from({ length: 7 }, (_, index): BoardDay => {
      const day = dayAfter(from, index)
      const at = new Map<string, { id: string; title: string; people: number }[]>()
      for (const job of jobs) {
        for (const each of job.days) {
          if (each.day !== day) continue
          const here = { id: job.id, title: job.title || job.address || 'A job', people: each.people }
          at.set(each.crew_id, [...(at.get(each.crew_id) ?? []), here])
        }
      }
      return { day, off: off.get(day) ?? '', at }
    })
    weeks.push({ from, days })
  }
  return { crews, weeks }
}
