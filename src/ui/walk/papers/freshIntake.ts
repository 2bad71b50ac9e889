import type { EntityOf } from '../../../core/job'

/** What was known before the walk, while nobody has said anything. */
export function freshIntake(): EntityOf['intake'] {
  return {
    id: 'intake',
    removed: false,
    why_here: null,
    told: '',
    told_by: '',
    told_on: null,
    first_guess: '',
    photo_ids: [],
    front_faces: null,
    storm_side: null,
    heating: null,
    occupants_saw: '',
    earlier_repairs: '',
  }
}
