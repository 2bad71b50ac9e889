import type { BidModel } from '../../core/bid'
import { dayWords, formatCents } from '../../core/measure'

/** What a bid says of the accepted one whose place it takes, on the screen and on paper. */
export function replacesWords(replaces: NonNullable<BidModel['replaces']>): string {
  return `This bid takes the place of bid ${replaces.number} for ${formatCents(replaces.total_cents)}, accepted by ${replaces.accepted_by} on ${dayWords(replaces.accepted_on)}, once it is accepted itself. Until then that one stands.`
}
