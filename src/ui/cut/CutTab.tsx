'use client'

import { formatLength } from '../../core/measure'
import { KERF, type Board, type SectionPlan } from '../../core/cut'
import { Notice, Panel } from '../look'
import { useJob } from '../state/useJob'

/** What to buy, as a yard hears it, and how the saw cuts it. */
export function CutTab() {
  const { derived } = useJob()
  const { cut, takeoff } = derived
  if (cut.sections.length === 0 && cut.goods.length === 0) {
    return (
      <Panel title="Buy list">
        <p className="py-3 text-quiet">No boards yet: choose repairs in Scope.</p>
      </Panel>
    )
  }
  return (
    <div className="grid grid-cols-[minmax(0,2fr)_minmax(0,3fr)] gap-6 max-lg:grid-cols-1">
      <div className="flex flex-col gap-5">
        <Panel title="Buy list" aside={`${cut.boards} boards`}>
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
        <Panel title="Goods, in packages">
          <table>
            <thead className="sr-only">
              <tr>
                <th scope="col">Goods</th>
                <th scope="col">Packages</th>
                <th scope="col">Used</th>
              </tr>
            </thead>
            <tbody>
              {cut.goods.map((plan) => (
                <tr key={plan.good} className="border-b border-rule align-top">
                  <th scope="row" className="py-1.5 pr-3 text-left">
                    {plan.name}
                  </th>
                  <td className="py-1.5 pr-3">
                    {plan.count
                      .map(({ size, count }) =>
                        plan.unit === plan.packageName
                          ? `${count} ${plan.unit}${count === 1 ? '' : 's'}`
                          : `${count} × ${size} ${plan.unit} ${plan.packageName}`,
                      )
                      .join(', ')}
                  </td>
                  <td className="py-1.5 text-right text-quiet">
                    {plan.used.toFixed(2)} {plan.unit} used
                  </td>
                </tr>
              ))}
            </tbody>
          </table>
        </Panel>
        <Panel title="Hours" aside={`${takeoff.hours.toFixed(1)} h in all`}>
          <p className="py-2 text-[14px]">
            {takeoff.shared.visits} visit{takeoff.shared.visits === 1 ? '' : 's'}:{' '}
            {takeoff.shared.visit_words}. Shared by all items: {takeoff.shared.hours.toFixed(1)} h.{' '}
            {takeoff.leadSafe ? 'Lead-safe work throughout.' : ''}
          </p>
        </Panel>
      </div>
      <Panel title="Cut plan" aside={`kerf ${formatLength(KERF)}`}>
        {cut.sections.map((section) => (
          <SectionCuts key={section.section} section={section} />
        ))}
      </Panel>
    </div>
  )
}

function SectionCuts({ section }: { section: SectionPlan }) {
  return (
    <section aria-label={section.name} className="border-b border-rule py-2">
      <h3 className="text-[15px]">{section.name}</h3>
      <ul className="flex flex-col gap-1 pt-1">
        {section.boards.map((board, index) => (
          <li key={index}>
            <BoardBar board={board} />
          </li>
        ))}
      </ul>
      {section.offcuts.length > 0 ? (
        <p className="pt-1 text-[13px] text-quiet">
          Off-cuts to keep: {section.offcuts.map((left) => formatLength(left)).join(', ')}
        </p>
      ) : null}
      {section.tooLong.length > 0 ? (
        <Notice tone="wrong">
          Cannot be bought in one piece:{' '}
          {section.tooLong.map((piece) => formatLength(piece.length)).join(', ')}. Nothing the yard has in
          this material is as long.
        </Notice>
      ) : null}
    </section>
  )
}

/** One board to scale, its cuts in ink. Widths are shares of the board. */
function BoardBar({ board }: { board: Board }) {
  return (
    <div
      className="flex h-7 items-stretch border border-ink bg-paper text-[13px]"
      title={`${formatLength(board.stock)} board`}
    >
      {board.cuts.map((piece, index) => (
        <span
          key={index}
          className="flex items-center justify-center overflow-hidden border-r border-ink bg-[#EACFA6] whitespace-nowrap"
          style={{ width: `${(100 * piece.length) / board.stock}%` }}
        >
          {formatLength(piece.length)}
        </span>
      ))}
      <span className="flex grow items-center justify-end overflow-hidden pr-1 whitespace-nowrap text-quiet">
        {formatLength(board.left)} left of {formatLength(board.stock)}
      </span>
    </div>
  )
}
