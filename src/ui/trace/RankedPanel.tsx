'use client'

import { whereOf } from '../../core/caution'
import { findingNumber } from '../../core/house'
import type { TracedFinding } from '../../core/trace'
import { Button, Panel } from '../look'
import { useJob } from '../state/useJob'
import { useStateCause } from './useStateCause'
import { causeName } from './words'

const SHOWN = 5

/** All causes of one finding in order; figures only when asked for, marked as judgement. */
export function RankedPanel({ finding }: { finding: TracedFinding }) {
  const { job } = useJob().derived
  const state = useStateCause()
  const shown = job.findings.find((each) => each.id === finding.finding_id)
  if (!shown) return null
  return (
    <Panel title={`Finding ${findingNumber(shown, job)}`} aside={whereOf(shown, job)}>
      {finding.ranked.length === 0 ? (
        <p className="py-3 text-quiet">
          {shown.component ? 'Nothing is known of this part yet.' : 'Name its part in Walk to weigh causes.'}
        </p>
      ) : null}
      {shown.place.kind === 'none' || shown.place.kind === 'words' ? (
        <p className="py-2 text-quiet">
          Place it in Walk: most causes reach only what lies below or beside them.
        </p>
      ) : null}
      <ol>
        {finding.ranked.slice(0, SHOWN).map((each) => (
          <li
            key={each.cause}
            className="flex items-center justify-between gap-3 border-b border-rule py-1.5"
          >
            <span className="grow">{causeName(each.cause)}</span>
            <span className="font-head text-[14px]">{each.certainty}</span>
            {each.cause !== 'other' && finding.stated?.cause !== each.cause ? (
              <Button
                look="quiet"
                aria-label={`State it: ${causeName(each.cause)}`}
                onClick={() => each.cause !== 'other' && state(each.cause, [finding.finding_id])}
              >
                state it
              </Button>
            ) : null}
          </li>
        ))}
      </ol>
      {finding.also.length > 0 ? (
        <p className="py-1">Reached as well by: {finding.also.map(causeName).join(', ')}.</p>
      ) : null}
      <details className="pt-2">
        <summary className="font-head text-[14px] text-chalk-text underline touch:min-h-11">
          Figures (our judgement)
        </summary>
        <table>
          <tbody>
            {finding.ranked.slice(0, 12).map((each) => (
              <tr key={each.cause} className="border-b border-rule text-[14px]">
                <td>{causeName(each.cause)}</td>
                <td className="text-right">{(each.probability * 100).toFixed(1)} %</td>
              </tr>
            ))}
          </tbody>
        </table>
      </details>
    </Panel>
  )
}
