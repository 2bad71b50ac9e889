'use client'

import { useState } from 'react'
import { withBoards, type CutPlan, type SectionPlan } from '../../core/cut'
import { Notice, Panel, ViewSwitch } from '../look'
import { useBestCut, type BestCut } from '../state/useBestCut'
import { useJob } from '../state/useJob'
import { BuyLists } from './BuyLists'
import { CarpenterSheets } from './CarpenterSheets'
import { CutSheets } from './CutSheets'
import { CutBoards } from './CutBoards'
import { ListsOut } from './ListsOut'
import { SearchState } from './SearchState'

const VIEWS = { boards: 'Buy and saw', carpenter: 'Carpenter’s sheets' } as const
type View = keyof typeof VIEWS

/** The cut plan with whatever was found that buys less than the one made at once. */
function improved(cut: CutPlan, best: BestCut): CutPlan {
  const sections = cut.sections.map((section): SectionPlan => {
    const plan = best.plans[section.section]
    if (!plan || plan.bought >= section.bought) return section
    return withBoards(section, plan.boards)
  })
  return { ...cut, sections, boards: sections.reduce((sum, each) => sum + each.boards.length, 0) }
}

/** What to buy, as a yard hears it, how the saw cuts it, and a sheet for whoever builds it. */
export function CutTab() {
  const { derived } = useJob()
  const { cut, takeoff } = derived
  const [view, setView] = useState<View>('boards')
  const best = useBestCut(cut.sections)
  const plan = improved(cut, best)
  if (cut.sections.length === 0 && cut.goods.length === 0) {
    return (
      <Panel title="Buy list">
        <p className="py-3 text-quiet">No boards yet: choose repairs in Scope.</p>
      </Panel>
    )
  }
  return (
    <>
      <div className="no-print flex flex-wrap items-center gap-x-6 gap-y-1 border-b border-rule py-1.5">
        <ViewSwitch views={VIEWS} view={view} onChange={setView} />
        <ListsOut cut={plan} />
        <SearchState sections={cut.sections} best={best} />
      </div>
      {view === 'carpenter' ? (
        <CarpenterSheets />
      ) : (
        <div className="grid grid-cols-[minmax(0,2fr)_minmax(0,3fr)] gap-6 pt-2 max-lg:grid-cols-1">
          <div className="flex flex-col gap-5">
            <BuyLists cut={plan} />
            <Panel title="Hours" aside={`${takeoff.hours.toFixed(1)} h in all`}>
              <p className="py-2 text-[14px]">
                {takeoff.shared.visits === 1 && takeoff.shared.visit_words === 'one'
                  ? 'One visit'
                  : `${takeoff.shared.visits} visit${takeoff.shared.visits === 1 ? '' : 's'}: ${takeoff.shared.visit_words}`}
                . Shared by all items: {takeoff.shared.hours.toFixed(1)} h.{' '}
                {takeoff.leadSafe ? 'Lead-safe work throughout.' : ''}
              </p>
            </Panel>
          </div>
          <div className="flex flex-col gap-5">
            <CutBoards sections={plan.sections} />
            <CutSheets plans={plan.sheets} />
          </div>
        </div>
      )}
      {best.state === 'failed' ? (
        <Notice tone="waiting">
          The search for a better plan could not run in this browser. The plan made at once stands.
        </Notice>
      ) : null}
    </>
  )
}
