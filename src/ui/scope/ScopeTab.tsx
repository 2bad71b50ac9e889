'use client'

import { useMemo } from 'react'
import { OrderedFindings } from '../lists/FindingGroups'
import { newId } from '../../client/newId'
import { methodName, partName } from '../../core/catalogue'
import { findingNumber } from '../../core/house'
import { gradeOf, type Finding } from '../../core/job'
import { takeAdvised } from '../../core/scope'
import { Awl, Button, Panel, PANES } from '../look'
import { useJob } from '../state/useJob'
import { ChosenPanel } from './ChosenPanel'
import { MethodsPanel } from './MethodsPanel'
import { RainAheadPanel } from './RainAheadPanel'
import { SideWorkPanel } from './SideWorkPanel'

/** Methods for each finding with the rules behind them, and what was chosen. */
export function ScopeTab() {
  const { derived, chosen } = useJob()
  const { job, scope } = derived
  const finding =
    job.findings.find((each) => each.id === chosen[0]) ??
    job.findings.find((each) => scope.open.includes(each.id)) ??
    job.findings[0]
  // Findings of the same part that were ticked with it are answered with it.
  const alike = job.findings.filter(
    (each) => each !== finding && chosen.includes(each.id) && each.component === finding?.component,
  )
  return (
    <div className={`grid grid-cols-[260px_minmax(0,1fr)_340px] gap-6 max-lg:grid-cols-1 ${PANES}`}>
      <FindingsPanel shown={finding ?? null} />
      {finding ? <MethodsPanel finding={finding} with={alike} /> : <Panel title="Methods">{null}</Panel>}
      <div className="flex flex-col gap-5">
        <RainAheadPanel />
        <ChosenPanel />
        <SideWorkPanel />
      </div>
    </div>
  )
}

/** The findings with what answers each; all that is advised is taken with one touch, and taken back with one. */
function FindingsPanel({ shown }: { shown: Finding | null }) {
  const { derived, store, chosen, choose } = useJob()
  const { job, scope } = derived
  const tick = (id: string): void =>
    choose(chosen.includes(id) ? chosen.filter((each) => each !== id) : [...chosen, id])
  const advised = useMemo(
    () => takeAdvised(derived.job, derived.trace, derived.cautions.dangers, newId),
    [derived],
  )
  return (
    <Panel title="Findings" aside={`${scope.open.length} open`}>
      {advised.length > 0 ? (
        <div className="py-2">
          <Button look="main" onClick={() => store.createAll('work_item', advised)}>
            Take all advised ({advised.length})
          </Button>
        </div>
      ) : null}
      <OrderedFindings
        stage="scope"
        row={(each) => {
          const mine = scope.items.filter((item) => item.finding_ids.includes(each.id))
          return (
            <li key={each.id} className="flex items-center border-b border-rule">
              <label className="flex min-h-10 shrink-0 items-center pr-1 touch:min-h-12 touch:px-2">
                <input
                  type="checkbox"
                  aria-label={`Together: finding ${findingNumber(each, job)}`}
                  checked={chosen.includes(each.id)}
                  onChange={() => tick(each.id)}
                  className="size-5 accent-spruce"
                />
              </label>
              <button
                type="button"
                aria-current={each === shown ? 'true' : undefined}
                onClick={() => choose([each.id])}
                className={`flex min-h-10 w-full items-center gap-2.5 px-1.5 py-0.5 text-left leading-tight touch:min-h-12 ${each === shown ? 'bg-paper' : 'hover:bg-paper'}`}
              >
                <span className="w-7 shrink-0 font-head font-semibold text-crayon-text">
                  {findingNumber(each, job)}
                </span>
                <span className="min-w-0 grow">
                  <span className="block truncate">
                    {each.component ? partName(each.component) : each.words}
                  </span>
                  <span className="block truncate text-[13px] text-quiet">
                    {mine.length > 0
                      ? mine.map((item) => methodName(item.item.method).toLowerCase()).join(' + ')
                      : 'nothing chosen'}
                  </span>
                </span>
                <span className="shrink-0">
                  <Awl grade={gradeOf(each)} word={false} />
                </span>
              </button>
            </li>
          )
        }}
      />
      {job.findings.length === 0 ? (
        <p className="py-3 text-quiet">No finding yet. Work on a whole side can be chosen all the same.</p>
      ) : null}
    </Panel>
  )
}
