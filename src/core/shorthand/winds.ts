import { COMPASS, type JobDocument, type Side } from '../job'
import type { CompassPoint } from './where'

/** The side that looks that way, where it is known which way the front looks and only one side does. */
export function lookingTo(point: CompassPoint, job: JobDocument): Side | null {
  const front = job.intake?.front_faces ?? null
  if (front === null) return null
  // Seen from the street: what is on the right looks a quarter turn to the left of the way the front looks.
  const quarters = { front: 0, left: 2, back: 4, right: 6 } as const
  const looking = job.sides.filter(
    (each) => COMPASS[(COMPASS.indexOf(front) + quarters[each.facing]) % COMPASS.length] === point,
  )
  return looking.length === 1 ? looking[0]! : null
}

export const WINDS: Readonly<Record<CompassPoint, string>> = { N: 'north', E: 'east', S: 'south', W: 'west' }
