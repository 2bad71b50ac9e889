'use client'

import { useState } from 'react'
import { Panel, PANES, ViewSwitch } from '../look'
import { useIsPhone } from '../state/useIsPhone'
import { useJob } from '../state/useJob'
import { BoughtWhen } from './BoughtWhen'
import { DayBook } from './DayBook'
import { DaySheets } from './DaySheets'
import { PiecePanel } from './PiecePanel'
import { PlanOut } from './PlanOut'
import { PlanSide } from './PlanSide'

const VIEWS = { days: 'Days', sheets: 'Day sheets', bought: 'Needed when' } as const
type View = keyof typeof VIEWS

/** Which part of the work on which day, with whom, and what has to come before it. */
export function PlanTab() {
  const { derived } = useJob()
  const isPhone = useIsPhone()
  const [view, setView] = useState<View>('days')
  if (derived.plan.empty) {
    return (
      <Panel title="Days">
        <p className="py-3 text-quiet">
          Nothing to plan yet: choose repairs in Scope. Their hours fall into days here, in the order of the
          trade.
        </p>
      </Panel>
    )
  }
  return (
    <div className="flex flex-col lg:h-full">
      <div className="no-print flex shrink-0 flex-wrap items-center gap-x-6 border-b border-rule">
        <ViewSwitch views={VIEWS} view={view} onChange={setView} />
        <PlanOut />
      </div>
      {view === 'days' ? (
        <div
          className={`grid min-h-0 grow grid-cols-[minmax(0,1fr)_330px] gap-6 max-lg:grid-cols-1 ${PANES}`}
        >
          <DayBook />
          <div className="flex flex-col gap-4">
            {isPhone ? null : <PiecePanel />}
            <PlanSide />
          </div>
        </div>
      ) : view === 'sheets' ? (
        <DaySheets />
      ) : (
        <BoughtWhen />
      )}
    </div>
  )
}
