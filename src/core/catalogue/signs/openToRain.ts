import type { SignId } from '.'

/** Sights of a place that rain comes in at by itself: it is made dry before it rains. Our judgement. */
export const OPEN_TO_RAIN: ReadonlySet<SignId> = new Set<SignId>([
  'board-missing',
  'hole-showing-studs',
  'shakes-gone',
  'cap-missing',
  'limb-or-wind-damage-seen',
  'torn-vent',
])

/** So far gone that nothing keeps the rain out there, whatever else was seen. */
export const GONE = 4
