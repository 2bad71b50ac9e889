import { newId } from '../../client/newId'
import type { EntityOf, JobDocument, Place } from '../../core/job'
import { feet, inches } from '../../core/measure'

/** First values of new things. Nothing here is a fact: what was not looked at stays unset. */
export function freshFinding(of: {
  place: Place
  by: string
  words?: string
  photoIds?: readonly string[]
}): EntityOf['finding'] {
  return {
    id: newId(),
    removed: false,
    number: null,
    words: of.words ?? '',
    place: of.place,
    component: null,
    material: 'unknown',
    extent: null,
    count: null,
    signs: [],
    how_known: 'touched',
    suspected: false,
    stated_grade: null,
    observations: null,
    photo_ids: [...(of.photoIds ?? [])],
    seen_by: of.by,
  }
}

export function freshHouse(): EntityOf['house'] {
  return {
    id: 'house',
    removed: false,
    year_built: { kind: 'unknown' },
    storeys: 1,
    foundation: 'unknown',
    foundation_height: inches(18),
    storey_height: feet(9),
  }
}

/** Next free letter: A to Z, then AA, AB … A letter is never given twice. */
export function nextLetter(job: JobDocument): string {
  const taken = new Set(job.sides.map((side) => side.letter))
  for (let n = 0; ; n += 1) {
    const last = String.fromCharCode(65 + (n % 26))
    const letter = n < 26 ? last : String.fromCharCode(64 + Math.floor(n / 26)) + last
    if (!taken.has(letter)) return letter
  }
}

export function freshSide(of: Pick<EntityOf['side'], 'letter' | 'order' | 'facing'>): EntityOf['side'] {
  return {
    id: newId(),
    removed: false,
    length: null,
    turn_deg: 90,
    wall_height: null,
    roof_edge: 'eave',
    pitch_in_12: 6,
    overhang: inches(12),
    cladding: 'unknown',
    ...of,
  }
}
