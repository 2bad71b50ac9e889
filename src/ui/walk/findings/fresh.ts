import { newId } from '../../../client/newId'
import { nextLetter, type EntityOf, type JobDocument, type Place } from '../../../core/job'
import { feet, inches } from '../../../core/measure'

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
    spot: null,
    component: null,
    material: 'unknown',
    extent: null,
    count: null,
    face_width: null,
    signs: [],
    how_known: 'touched',
    suspected: false,
    stated_grade: null,
    observations: null,
    photo_ids: [...(of.photoIds ?? [])],
    clip_ids: [],
    earlier_repair: 'not-noted',
    detail_id: null,
    behind: null,
    seen_by: of.by,
    first_seen: null,
  }
}

export function freshHouse(): EntityOf['house'] {
  return {
    id: 'house',
    removed: false,
    kind: 'house',
    year_built: { kind: 'unknown' },
    storeys: 1,
    foundation: 'unknown',
    foundation_height: inches(18),
    storey_height: feet(9),
    climate: null,
    surroundings: null,
    conditions: [],
    crawl_clearance: null,
  }
}

/** Next free letter of a job; a letter is never given twice. */
export function freeLetter(job: JobDocument): string {
  return nextLetter(new Set(job.sides.map((side) => side.letter)))
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
    clad_parts: [],
    behind: 'unknown',
    ground_left: inches(0),
    ground_right: inches(0),
    floor_shift: inches(0),
    conditions: [],
    length_how: 'taped',
    length_low: null,
    length_high: null,
    height_how: 'taped',
    ...of,
  }
}
