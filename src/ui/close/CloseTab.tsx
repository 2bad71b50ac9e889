'use client'

import { useState } from 'react'
import { PANES, ViewSwitch } from '../look'
import { SheetLanguage } from '../lists/CrewSheet'
import { useIsPhone } from '../state/useIsPhone'
import { useJob } from '../state/useJob'
import { useLanguage } from '../state/useLanguage'
import { whenShown } from '../state/whenShown'
import { ClockPanel } from './ClockPanel'
import { DonePanel } from './DonePanel'
import { GoodsPanel } from './GoodsPanel'
import { TallyTable } from './TallyTable'
import { TimesPanel } from './TimesPanel'
import { useTally } from './useTally'

const MoneyPanel = whenShown(() => import('./MoneyPanel').then((file) => file.MoneyPanel))
const AfterPanel = whenShown(() => import('./AfterPanel').then((file) => file.AfterPanel))

const CREW_VIEWS = { hours: 'Hours', done: 'Done', goods: 'Goods' } as const
const VIEWS = { ...CREW_VIEWS, money: 'Money', after: 'Handover' } as const
type View = keyof typeof VIEWS

/** The end of a job: hours and goods beside what was reckoned, what is done, its money, and what comes after. */
export function CloseTab() {
  const { view: job } = useJob()
  const { locale, set } = useLanguage()
  const isPhone = useIsPhone()
  const [view, setView] = useState<View>('hours')
  const { tally, reckoned } = useTally()
  const views: Readonly<Record<string, string>> = job.member.seesMoney ? VIEWS : CREW_VIEWS
  const inSpanish = view === 'hours' || view === 'done' || view === 'goods'
  return (
    <div className="flex flex-col lg:h-full" lang={inSpanish ? locale : undefined}>
      <div className="no-print flex shrink-0 flex-wrap items-center justify-between gap-x-6 border-b border-rule">
        <ViewSwitch views={views} view={view} onChange={(next) => setView(next)} />
        {inSpanish && !isPhone ? <SheetLanguage locale={locale} set={set} /> : null}
      </div>
      {view === 'hours' ? (
        <div
          className={`grid min-h-0 grow grid-cols-[minmax(0,1fr)_400px] gap-6 max-lg:grid-cols-1 ${PANES}`}
        >
          <div>
            <ClockPanel tally={tally} />
            <TallyTable tally={tally} />
          </div>
          <div>
            <TimesPanel tally={tally} />
          </div>
        </div>
      ) : view === 'done' ? (
        <div className="min-h-0 grow overflow-y-auto">
          <DonePanel reckoned={reckoned} />
        </div>
      ) : view === 'goods' ? (
        <div className="min-h-0 grow overflow-y-auto">
          <GoodsPanel tally={tally} reckoned={reckoned} />
        </div>
      ) : view === 'money' ? (
        <MoneyPanel />
      ) : (
        <AfterPanel reckoned={reckoned} />
      )}
      {inSpanish && isPhone ? (
        <div className="pt-3">
          <SheetLanguage locale={locale} set={set} />
        </div>
      ) : null}
    </div>
  )
}
