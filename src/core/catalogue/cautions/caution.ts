import type { Row } from '../row'

/** Kinds of caution, for the mark beside the words. */
export type CautionKind =
  'keep-off' | 'gas' | 'open-wall' | 'engineer' | 'wiring' | 'pest' | 'lead' | 'no-pressure-wash' | 'other'

/** What a caution does to work: `stops` sells nothing there, `waits` prices nothing before somebody else has spoken, `warns` says so. */
export type CautionEffect = 'stops' | 'waits' | 'warns'

/** A thing that can hurt someone, and what is said of it. Field standard; local code and licensed practice prevail. */
export type CautionRow = Row & {
  readonly kind: CautionKind
  /** Smaller is worse. */
  readonly rank: number
  readonly canHappen: string
  /** Empty: whoever noted the hazard says what to do. */
  readonly doNow: string
  readonly who: string
  /** Keep-off, shoring and lead gate the task, never the bid. */
  readonly gates: 'task' | 'nothing'
  readonly effect: CautionEffect
  /** What is said of work there, where it is stopped, waits or is warned of. */
  readonly onWork: string
  /** Answered by work that shores first and renews the part that it is about. */
  readonly endsWithRebuild: boolean
  /** Whether the whole assembly is meant, and what hangs on it, or the place alone. */
  readonly holdsFor: 'what-hangs-on-it' | 'place' | 'house'
}
