import type { Fact, HowKnown, ZoneId } from '../job'

export type NotLookedReason = Extract<Extract<Fact, { kind: 'coverage' }>['looked'], { yes: false }>['reason']

/** Why something was not looked at, in words for the owner. */
export const NOT_LOOKED_WORDS: Readonly<Record<NotLookedReason, string>> = {
  height: 'too high from the ground',
  locked: 'locked',
  occupied: 'occupied, needs an appointment',
  'too-wet': 'too wet that day',
  sun: 'glare of the sun',
  'paint-too-fresh': 'paint too fresh to judge',
  covered: 'covered',
  'not-asked': 'not asked for',
}

/** What is known of a look. `not-recorded` is never taken as looked at. */
export type LookState =
  | { readonly kind: 'looked'; readonly how: HowKnown }
  | { readonly kind: 'not-looked'; readonly reason: NotLookedReason }
  | { readonly kind: 'not-recorded' }

/** What is known of one zone of one side. */
export type ZoneCoverage = {
  readonly side_id: string
  readonly zone: ZoneId
  readonly state: LookState
}
