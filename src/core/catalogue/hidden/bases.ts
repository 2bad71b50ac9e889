import type { PriceBasis, WorkState } from '../../job'
import type { Row } from '../row'

/** How the price of an item is best meant, by what is not known of it; the first that holds is said. */
export type BasisAdviceRow = Row & {
  readonly when: 'unmeasured' | 'suspected' | 'likely-framing' | 'guessed' | 'wide' | 'known'
  readonly basis: PriceBasis
  /** It is better listed as available than priced. */
  readonly stands: Extract<WorkState, 'on-request'> | null
  readonly why: string
}

const advise = (
  when: BasisAdviceRow['when'],
  basis: PriceBasis,
  why: string,
  stands: BasisAdviceRow['stands'] = null,
): BasisAdviceRow => ({ id: when, name: when, source: 'our judgement', when, basis, stands, why })

/** What the spread of an item asks for. */
export const BASIS_ADVICE: readonly BasisAdviceRow[] = [
  advise(
    'suspected',
    'fixed',
    'Nobody has seen it yet: list it as available, and price it once it was looked at.',
    'on-request',
  ),
  advise(
    'likely-framing',
    'ceiling',
    'More likely than not the framing behind is damaged: a fixed price would be a bet. By the hour with a ceiling, or fixed with unit prices for what is found.',
  ),
  advise(
    'unmeasured',
    'ceiling',
    'How much of it there is was not measured: measure it, or work by the hour with a ceiling.',
  ),
  advise(
    'guessed',
    'allowance',
    'Its size was judged from below: allow for what is said, and settle what it is by the unit.',
  ),
  advise(
    'wide',
    'allowance',
    'It usually reaches well beyond what is seen: allow for what is said, and settle what it is by the unit.',
  ),
  advise(
    'known',
    'fixed',
    'It was measured, and what hides behind it is rarely damaged: a fixed price carries it.',
  ),
]

/** From this chance on framing is more likely damaged than not; from this factor on it reaches well beyond what is seen, one time of ten. */
export const BASIS_LIMITS = { framing: 0.5, high_over_typical: 2 } as const
