'use client'

import type { CutPlan, GoodsPlan } from '../../core/cut'
import { formatLength } from '../../core/measure'
import { Panel } from '../look'

function packagesWords(plan: GoodsPlan): string {
  return plan.count
    .map(({ size, count }) =>
      plan.unit === plan.packageName || (size === 1 && plan.packageName !== 'box')
        ? `${count} ${plan.unit}${count === 1 ? '' : 's'}`
        : `${count} × ${size} ${plan.unit} ${plan.packageName}`,
    )
    .join(', ')
}

const KINDS = [
  { kind: 'bought', title: 'Goods, in packages' },
  { kind: 'hired', title: 'Hired' },
  { kind: 'trade', title: 'Trades that come' },
] as const

/** What a yard hears, then what is hired and who else comes. */
export function BuyLists({ cut }: { cut: CutPlan }) {
  return (
    <>
      <Panel title="Buy list" aside={`${cut.boards} board${cut.boards === 1 ? '' : 's'}`}>
        <table>
          <thead className="sr-only">
            <tr>
              <th scope="col">Section</th>
              <th scope="col">Boards</th>
              <th scope="col">Cut of bought</th>
            </tr>
          </thead>
          <tbody>
            {cut.sections.map((section) => (
              <tr key={section.section} className="border-b border-rule align-top">
                <th scope="row" className="py-1.5 pr-3 text-left">
                  {section.name}
                </th>
                <td className="py-1.5 pr-3">
                  {section.buy.map((buy) => `${buy.count} × ${formatLength(buy.stock)}`).join(', ')}
                </td>
                <td className="py-1.5 text-right text-quiet">
                  {formatLength(section.cut)} of {formatLength(section.bought)}
                </td>
              </tr>
            ))}
          </tbody>
        </table>
      </Panel>
      {KINDS.map(({ kind, title }) => {
        const goods = cut.goods.filter((plan) => plan.kind === kind)
        return goods.length === 0 ? null : (
          <Panel key={kind} title={title}>
            <table>
              <thead className="sr-only">
                <tr>
                  <th scope="col">What</th>
                  <th scope="col">Packages</th>
                  <th scope="col">Used</th>
                </tr>
              </thead>
              <tbody>
                {goods.map((plan) => (
                  <tr key={plan.good} className="border-b border-rule align-top">
                    <th scope="row" className="py-1.5 pr-3 text-left">
                      {plan.name}
                    </th>
                    <td className="py-1.5 pr-3">{packagesWords(plan)}</td>
                    <td className="py-1.5 text-right text-quiet">
                      {plan.used.toFixed(2)} {plan.unit} used
                    </td>
                  </tr>
                ))}
              </tbody>
            </table>
          </Panel>
        )
      })}
    </>
  )
}
