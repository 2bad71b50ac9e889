import type { z } from 'zod'
import type { Payments } from '../job'
import { shareCents, type Cents } from '../measure'

export type Due = { readonly when: string; readonly cents: Cents }

/**
 * What is due when, to the cent: it comes to the total. The first is never more than the law of the place lets be asked before work
 * begins, as far as the firm noted it; what is over goes to the last.
 *
 * @example
 * paymentsOf(90_000, { stages: [{ when: 'first', share: 0.5 }, { when: 'last', share: 0.5 }], deposit_limit_share: 0.1, deposit_limit_cents: null }) // => [{ when: 'first', cents: 9000 }, { when: 'last', cents: 81000 }]
 */
export function paymentsOf(total_cents: Cents, payments: z.infer<typeof Payments>): readonly Due[] {
  const { stages, deposit_limit_share, deposit_limit_cents } = payments
  if (stages.length === 0) return []
  const shares = shareCents(
    total_cents,
    stages.map(({ share }) => share),
  )
  const most = Math.min(
    deposit_limit_share === null ? Infinity : Math.floor(total_cents * deposit_limit_share + 1e-6),
    deposit_limit_cents ?? Infinity,
  )
  // One stage alone is paid when the work is done, whatever may be asked before it.
  const over = stages.length > 1 ? Math.max(0, shares[0]! - most) : 0
  return stages.flatMap(({ when }, index): Due[] => {
    const moved = (index === 0 ? -over : 0) + (index === stages.length - 1 ? over : 0)
    const cents = (shares[index]! + moved) as Cents
    return cents > 0 ? [{ when, cents }] : []
  })
}
