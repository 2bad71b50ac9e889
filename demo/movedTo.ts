import type { JobDocument } from '../src/core/job'

/** The day the demo's own calendar stands at: the morning after its last walk. */
const DEMO_DAY = '2026-05-08'
const DAY_MS = 86_400_000
const at = (day: string): number => Date.parse(`${day}T00:00:00Z`)

const DAY = /^\d{4}-\d\d-\d\d$/
const MOMENT = /^\d{4}-\d\d-\d\dT\d\d:\d\d:\d\d(\.\d+)?Z$/

/**
 * A demo job with its days moved so that its last walk was yesterday, whenever the demo is loaded. A value that is a day or a moment
 * moves; a sentence does not, so no sentence of the demo names one.
 */
export function movedTo(job: JobDocument, today: string): JobDocument {
  const days = Math.round((at(today) - at(DEMO_DAY)) / DAY_MS)
  const moved = (moment: number): string => new Date(moment + days * DAY_MS).toISOString()
  const walk = (value: unknown): unknown => {
    if (typeof value === 'string') {
      if (DAY.test(value)) return moved(at(value)).slice(0, 10)
      return MOMENT.test(value) ? moved(Date.parse(value)).replace('.000Z', 'Z') : value
    }
    if (Array.isArray(value)) return value.map(walk)
    if (typeof value !== 'object' || value === null) return value
    return Object.fromEntries(Object.entries(value).map(([key, each]) => [key, walk(each)]))
  }
  return walk(job) as JobDocument
}
