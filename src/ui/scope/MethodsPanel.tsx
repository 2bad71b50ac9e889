'use client'

import { newId } from '../../client/newId'
import { methodOf, needOf, partName } from '../../core/catalogue'
import { WORK_SAYS } from '../../core/catalogue/sentences/work'
import { whereOf } from '../../core/caution'
import type { Alternative } from '../../core/compare'
import { findingNumber } from '../../core/house'
import type { Finding } from '../../core/job'
import { formatCents } from '../../core/measure'
import type { MethodAdvice } from '../../core/scope'
import { itemForFindings } from '../../core/scope/sourceFix'
import { Button, Panel } from '../look'
import { LowPowerNote } from '../state/LowPowerNote'
import { useCompare } from '../state/useCompare'
import { useJob } from '../state/useJob'

const VERDICT = {
  recommended: 'text-moss font-semibold',
  allowed: 'text-quiet',
  blocked: 'text-crayon-text',
} as const

/** Ways in the order they are weighed: what mends it, what holds it for a while, what only goes beside a repair. */
const GROUPS = [
  { does: 'mends', title: 'Ways to mend it' },
  { does: 'holds', title: 'To hold it for a while' },
  { does: 'helps', title: 'Beside a repair' },
  { does: 'leaves', title: 'Otherwise' },
] as const

/** The ways to answer a finding side by side: what each costs on this bid, how long it lasts, what it costs to change one's mind. */
export function MethodsPanel(props: { finding: Finding; with: readonly Finding[] }) {
  const { finding, with: others } = props
  const { derived, store } = useJob()
  const { job, scope } = derived
  const compared = useCompare(derived, { kind: 'methods', finding_id: finding.id })
  const advice = scope.advice.find((each) => each.finding_id === finding.id)?.methods ?? []
  const chosen = scope.items.filter((item) => item.finding_ids.includes(finding.id))
  const open = advice.filter((each) => each.verdict !== 'blocked')
  const blocked = advice.filter((each) => each.verdict === 'blocked')
  const later = compared?.alternatives.find((each) => each.later_cents !== null)?.later_cents ?? null
  function choose(method: string): void {
    store.create('work_item', itemForFindings([finding, ...others], method, job, newId()))
  }
  return (
    <Panel
      title={`${[finding, ...others].map((each) => findingNumber(each, job)).join(', ')}  ${finding.component ? partName(finding.component) : finding.words}`}
      aside={whereOf(finding, job)}
    >
      <LowPowerNote what="prices of the ways to mend it are not compared." />
      {others.length > 0 ? (
        <p className="pt-2 text-[14px] text-chalk-text">
          What is chosen here is for {others.length + 1} findings, one item with a place each. Prices are for
          the first alone.
        </p>
      ) : null}
      {compared?.says ? (
        <p className="py-2">
          {compared.says}
          {later ? ` Put off, it is ${formatCents(later)} on a visit of its own.` : ''}
        </p>
      ) : null}
      <table>
        <caption className="sr-only">Methods for this finding</caption>
        {GROUPS.map(({ does, title }) => {
          const rows = open.filter((each) => (methodOf(each.method)?.does ?? 'mends') === does)
          return rows.length === 0 ? null : (
            <tbody key={does}>
              <tr className="border-b border-ink max-sm:block">
                <th scope="rowgroup" className="pt-3 pb-1 text-left font-head text-[14px] text-quiet">
                  {title}
                </th>
                <th
                  scope="col"
                  className="pt-3 pb-1 pl-2 text-right font-head text-[13px] text-quiet max-sm:hidden"
                >
                  on this bid
                </th>
                <th
                  scope="col"
                  className="pt-3 pb-1 pl-3 text-right font-head text-[13px] text-quiet max-sm:hidden"
                >
                  years
                </th>
                <th
                  scope="col"
                  className="pt-3 pb-1 pl-3 text-right font-head text-[13px] text-quiet max-sm:hidden"
                >
                  a year
                </th>
                <td className="w-24 max-sm:hidden" />
              </tr>
              {rows.map((each) => (
                <MethodRow
                  key={each.method}
                  advice={each}
                  priced={compared?.alternatives.find((one) => one.method === each.method) ?? null}
                  taken={chosen.find((item) => item.item.method === each.method)?.id ?? null}
                  choose={() => choose(each.method)}
                  drop={(id) => store.set('work_item', id, { removed: true })}
                />
              ))}
            </tbody>
          )
        })}
      </table>
      {blocked.length > 0 ? (
        <details className="mt-3">
          <summary className="font-head text-[14px] text-chalk-text underline touch:min-h-11">
            Not here ({blocked.length}), and why
          </summary>
          <dl>
            {blocked.map((each) => (
              <div key={each.method} className="border-b border-rule py-1.5">
                <dt className="font-semibold">{methodOf(each.method)?.name}</dt>
                {each.reasons.map((reason) => (
                  <dd key={reason} className="text-[14px] text-crayon-text">
                    {reason}
                  </dd>
                ))}
              </div>
            ))}
          </dl>
        </details>
      ) : null}
    </Panel>
  )
}

function MethodRow(props: {
  advice: MethodAdvice
  priced: Alternative | null
  taken: string | null
  choose: () => void
  drop: (id: string) => void
}) {
  const { advice, priced, taken } = props
  const known = methodOf(advice.method)
  if (known === null) return null
  const [low, high] = priced?.life_years ?? known.life
  return (
    <tr className="border-b border-rule align-top max-sm:grid max-sm:grid-cols-[1fr_auto_auto] max-sm:items-center">
      <th scope="row" className="py-2 pr-3 text-left font-normal max-sm:col-span-3 max-sm:pb-0">
        <span className="font-semibold">{known.name}</span>
        {advice.verdict === 'recommended' ? (
          <span className={`ml-2 text-[13px] ${VERDICT.recommended}`}>recommended</span>
        ) : null}
        <span className="block text-[14px]">{known.cures}</span>
        {advice.reasons.map((reason) => (
          <span
            key={reason}
            className={`block text-[13px] ${advice.warned ? 'text-pencil-text' : VERDICT[advice.verdict]}`}
          >
            {reason}
          </span>
        ))}
        {known.needs.length > 0 ? (
          <span className="block text-[13px] text-quiet">
            Needs: {known.needs.map((need) => needOf(need).name).join(', ')}
          </span>
        ) : null}
        {priced && priced.joints !== null ? (
          <span className="block text-[13px] text-quiet">{WORK_SAYS.newJoints(priced.joints)}</span>
        ) : null}
        {priced?.gear.map((says) => (
          <span key={says} className="block text-[13px] text-quiet">
            {says}
          </span>
        ))}
        {priced && priced.cents === null && priced.lacks.length > 0 ? (
          <span className="block text-[13px] text-pencil-text">{priced.lacks[0]}</span>
        ) : null}
      </th>
      <td className="py-2 pl-2 text-right whitespace-nowrap tabular-nums">
        {priced?.cents === undefined || priced.cents === null ? '' : formatCents(priced.cents)}
      </td>
      <td className="py-2 pl-3 text-right whitespace-nowrap tabular-nums">
        {high > 0 ? (low === high ? low : `${low}–${high}`) : ''}
        {high > 0 ? <span className="sm:hidden"> years</span> : null}
      </td>
      <td className="py-2 pl-3 text-right whitespace-nowrap tabular-nums max-sm:hidden">
        {priced?.per_year_cents ? formatCents(priced.per_year_cents) : ''}
      </td>
      <td className="py-2 pl-2 text-right">
        {taken ? (
          <Button onClick={() => props.drop(taken)} aria-label={`Drop ${known.name}`}>
            Drop
          </Button>
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
