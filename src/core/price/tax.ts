import type { Figure } from '../explain/figure'
import type { EntityOf } from '../job'
import { addCents, dollars, formatCents, type Cents } from '../measure'
import { centsOf, shown, usd, type Costed } from './cost'

/** Sales tax on what is sold, by the firm’s rule, and as a share of the price before it. */
export function taxOf(
  rates: EntityOf['rates'],
  before: Cents,
  costed: readonly Costed[],
): { readonly figure: Figure; readonly rate: number } {
  const { rule, rate } = rates.tax
  const percent = `${shown(rate * 100, 4)} %`
  if (rule === 'on-total') {
    const how = `${formatCents(before)} × ${percent}`
    return {
      figure: usd('Tax', dollars((before / 100) * rate), how, { source: 'firm setting' }),
      rate,
    }
  }
  if (rule === 'on-sale') {
    const cost = addCents(...costed.map((each) => centsOf(each.direct)))
    const material = addCents(...costed.map((each) => each.material))
    const share = cost > 0 ? Math.round((material / cost) * 1e6) / 1e6 : 0
    const onAll = share * rate
    return {
      figure: usd(
        'Tax',
        dollars((before / 100) * onAll),
        `${formatCents(before)} × ${shown(share * 100, 4)} % material × ${percent}`,
        { source: `firm setting; material ${formatCents(material)} of ${formatCents(cost)} direct cost` },
      ),
      rate: onAll,
    }
  }
  const how = rule === 'on-cost' ? 'already inside each item, on material' : 'no sales tax'
  return { figure: usd('Tax', 0 as Cents, how, { source: 'firm setting' }), rate: 0 }
}
