import type { CautionRow } from '../catalogue'
import type { Place } from '../job'

/**
 * A danger where it is: what kind, the part it is about (null: all that stands there), and where. Findings and signed hazards
 * both make them; whoever asks does not care which.
 */
export type Danger = {
  readonly row: CautionRow
  readonly says: string
  readonly part: string | null
  readonly at: DangerPlace
  readonly finding_id: string | null
  readonly hazard_id: string | null
  /** The survey that shows it, when one does. */
  readonly survey_id?: string
}
export type DangerPlace =
  | { readonly kind: 'house' }
  | { readonly kind: 'whole-side'; readonly side_id: string }
  | { readonly kind: 'feature'; readonly feature_id: string; readonly side_id: string | null }
  | { readonly kind: 'place'; readonly place: Place }
