'use client'

import { newId } from '../../client/newId'
import { methodName, methodOf, partName } from '../../core/catalogue'
import { whereOf } from '../../core/caution'
import { findingNumber } from '../../core/house'
import { gradeOf, newWorkItem, type Finding } from '../../core/job'
import type { MethodAdvice } from '../../core/scope'
import { Awl, Button, Panel } from '../look'
import { useJob } from '../state/useJob'
import { ChosenPanel } from './ChosenPanel'
import { SideWorkPanel } from './SideWorkPanel'

/** Methods for each finding with the rules behind them, and what was chosen. */
export function ScopeTab() {
  const { derived, chosen, choose } = useJob()
  const { job, scope } = derived
  const finding =
    job.findings.find((each) => each.id === chosen[0]) ??
    job.findings.find((each) => scope.open.includes(each.id)) ??
    job.findings[0]
  return (
    <div className="grid grid-cols-[300px_minmax(0,1fr)_360px] gap-6 max-lg:grid-cols-1">
      <Panel title="Findings" aside={`${scope.open.length} open`}>
        <ul>
          {job.findings.map((each) => {
            const mine = scope.items.filter((item) => item.finding_ids.includes(each.id))
            return (
              <li key={each.id} className="border-b border-rule">
                <button
                  type="button"
                  aria-current={each === finding ? 'true' : undefined}
                  onClick={() => choose([each.id])}
                  className={`flex min-h-10 w-full items-center gap-2.5 px-1.5 py-0.5 text-left leading-tight touch:min-h-12 ${each === finding ? 'bg-paper' : 'hover:bg-paper'}`}
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
                  <Awl grade={gradeOf(each)} word={false} />
                </button>
              </li>
            )
          })}
        </ul>
        {job.findings.length === 0 ? (
          <p className="py-3 text-quiet">No finding yet. Work on a whole side can be chosen all the same.</p>
        ) : null}
      </Panel>
      {finding ? <MethodsPanel finding={finding} /> : <Panel title="Methods">{null}</Panel>}
      <div className="flex flex-col gap-5">
        <ChosenPanel />
        <SideWorkPanel />
      </div>
    </div>
  )
}

const VERDICT = {
  recommended: 'text-moss font-semibold',
  allowed: 'text-quiet',
  blocked: 'text-crayon-text',
} as const

function MethodsPanel({ finding }: { finding: Finding }) {
  const { derived, store } = useJob()
  const { job, scope } = derived
  const advice = scope.advice.find((each) => each.finding_id === finding.id)?.methods ?? []
  const chosen = scope.items.filter((item) => item.finding_ids.includes(finding.id))
  function choose(method: string): void {
    store.create(
      'work_item',
      newWorkItem({
        id: newId(),
        finding_ids: [finding.id],
        method,
        component: finding.component ?? 'other',
        material: finding.material,
      }),
    )
  }
  return (
    <Panel
      title={`${findingNumber(finding, job)}  ${finding.component ? partName(finding.component) : finding.words}`}
      aside={whereOf(finding, job)}
    >
      <table>
        <caption className="sr-only">Methods for this finding</caption>
        <tbody>
          {advice.map((each) => (
            <MethodRow
              key={each.method}
              advice={each}
              taken={chosen.find((item) => item.item.method === each.method)?.id ?? null}
              choose={() => choose(each.method)}
              drop={(id) => store.set('work_item', id, { removed: true })}
            />
          ))}
        </tbody>
      </table>
    </Panel>
  )
}

function MethodRow(props: {
  advice: MethodAdvice
  taken: string | null
  choose: () => void
  drop: (id: string) => void
}) {
  const { advice, taken } = props
  const known = methodOf(advice.method)
  if (known === null) return null
  const [low, high] = known.life
  return (
    <tr className="border-b border-rule align-top">
      <th scope="row" className="py-2 pr-3 text-left">
        {known.name}
        <span className={`block text-[13px] ${VERDICT[advice.verdict]}`}>{advice.verdict}</span>
      </th>
      <td className="py-2 text-[14px]">
        {known.cures}
        {high > 0 ? `; ${low} to ${high} years exposed` : ''}
        {advice.reasons.map((reason) => (
          <span key={reason} className={`block ${VERDICT[advice.verdict]}`}>
            {reason}
          </span>
        ))}
      </td>
      <td className="w-28 py-2 text-right">
        {taken ? (
          <Button onClick={() => props.drop(taken)} aria-label={`Drop ${known.name}`}>
            Drop
          </Button>
        ) : advice.verdict === 'blocked' ? (
          <span className="font-head text-[14px] text-crayon-text">blocked</span>
        ) : (
          <Button
            look={advice.verdict === 'recommended' ? 'main' : 'plain'}
            onClick={props.choose}
            aria-label={`Choose ${known.name}`}
          >
            Choose
          </Button>
        )}
      </td>
    </tr>
  )
}
