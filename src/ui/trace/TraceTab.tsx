'use client'

import { useState } from 'react'
import { COMPONENTS } from '../../core/job'
import { findingNumber } from '../../core/house'
import { whereOf } from '../../core/caution'
import { causeOf, SIGNS, type Reason, type Source, type TracedFinding } from '../../core/trace'
import { Button, Certainty, Panel } from '../look'
import { useJob } from '../state/useJob'
import { KnowCauseDialog } from './KnowCauseDialog'

/** Sources behind the findings, why they are thought so, and the word of whoever knows better. */
export function TraceTab() {
  const { derived, chosen, choose } = useJob()
  const { trace, job } = derived
  const [know, setKnow] = useState(false)
  const source =
    trace.sources.find((each) => each.finding_ids.some((id) => chosen.includes(id))) ??
    (chosen.length === 0 ? trace.sources[0] : undefined)
  const finding = trace.findings.find((each) => each.finding_id === chosen[0])
  const reached = trace.sources.reduce((sum, each) => sum + (each.letter ? each.finding_ids.length : 0), 0)
  const about = chosen.length > 0 ? chosen : (source?.finding_ids ?? [])
  return (
    <div className="grid grid-cols-[minmax(0,5fr)_minmax(0,6fr)_minmax(0,4fr)] gap-6 max-lg:grid-cols-1">
      <Panel title="Sources" aside={`reach ${reached} of ${job.findings.length} findings`}>
        {trace.sources.length === 0 ? (
          <p className="py-3 text-quiet">
            No source yet. Name the part of a finding and tick the signs you saw; or say what you know of its
            cause.
          </p>
        ) : null}
        <ul>
          {trace.sources.map((each) => (
            <SourceRow
              key={`${each.letter ?? each.cause}-${each.seat_words}`}
              source={each}
              active={each === source}
              choose={() => choose(each.finding_ids)}
            />
          ))}
        </ul>
        {trace.unexplained.length > 0 ? (
          <div className="pt-3">
            <h3 className="text-[15px]">Not explained yet</h3>
            <p className="text-[13px] text-quiet">An honest result; it holds up no price.</p>
            <ul className="flex flex-wrap gap-x-2">
              {job.findings
                .filter((each) => trace.unexplained.includes(each.id))
                .map((each) => (
                  <li key={each.id}>
                    <Button look="quiet" onClick={() => choose([each.id])}>
                      {findingNumber(each, job)} {each.component ? COMPONENTS[each.component] : each.words}
                    </Button>
                  </li>
                ))}
            </ul>
          </div>
        ) : null}
      </Panel>
      {source ? (
        <SourcePanel source={source} know={() => setKnow(true)} />
      ) : (
        <Panel title={finding ? 'Not explained yet' : 'Reasons'}>
          <p className="py-3 text-quiet">
            {finding ? 'No sign so far speaks for a cause here.' : 'Choose a source or a finding.'}
          </p>
          {finding ? <Button onClick={() => setKnow(true)}>I know the cause…</Button> : null}
        </Panel>
      )}
      <RankedPanel finding={finding} />
      <KnowCauseDialog key={about.join()} open={know} onClose={() => setKnow(false)} findingIds={about} />
    </div>
  )
}

function SourceRow({ source, active, choose }: { source: Source; active: boolean; choose: () => void }) {
  const cause = causeOf(source.cause)
  const n = source.finding_ids.length
  return (
    <li className="border-b border-rule">
      <button
        type="button"
        aria-current={active ? 'true' : undefined}
        onClick={choose}
        className={`flex min-h-14 w-full items-center gap-3 px-1.5 py-2 text-left ${active ? 'bg-paper' : 'hover:bg-paper'}`}
      >
        <span className="w-5 shrink-0 text-center font-head text-[19px] font-semibold text-chalk-text">
          {source.letter ?? '–'}
        </span>
        <span className="min-w-0 grow">
          <span className="block">{cause.name}</span>
          <span className="block text-[13px] text-quiet">
            {source.letter ? source.seat_words : 'no source to fix'}
          </span>
        </span>
        <span className="w-24 shrink-0">
          <Certainty certainty={source.certainty} by={source.by} />
        </span>
        <span className="w-16 shrink-0 text-right font-head text-[14px] font-semibold">
          {n} finding{n === 1 ? '' : 's'}
        </span>
      </button>
    </li>
  )
}

function reasonWords(reason: Reason): string {
  return reason.present ? SIGNS[reason.sign].says : `looked for, not there: ${SIGNS[reason.sign].says}`
}

function SourcePanel({ source, know }: { source: Source; know: () => void }) {
  const { derived, store } = useJob()
  const { job, scope } = derived
  const cause = causeOf(source.cause)
  const number = (id: string): string => {
    const finding = job.findings.find((each) => each.id === id)
    return finding ? findingNumber(finding, job) : ''
  }
  const opposing = source.finding_ids
    .flatMap((id) => derived.trace.findings.find((each) => each.finding_id === id)?.ranked ?? [])
    .filter((each) => each.cause === source.cause)
    .flatMap((each) => each.reasons)
    .filter((reason) => reason.counted < 1)
  const stated = derived.job.judgements.filter((each) =>
    each.finding_ids.some((id) => source.finding_ids.includes(id)),
  )
  const fixed = scope.items.some((item) => source.letter !== null && item.fixes.includes(source.letter))
  return (
    <Panel title={`${source.letter ? `${source.letter}  ` : ''}${cause.name}`} aside={source.seat_words}>
      <dl className="grid grid-cols-[64px_1fr] gap-y-1.5 py-2.5">
        {source.reasons
          .filter((reason) => reason.counted > 1)
          .map((reason) => (
            <Why
              key={`${reason.sign}-${reason.finding_id}`}
              side="for"
              words={`${reasonWords(reason)} (${number(reason.finding_id)})`}
            />
          ))}
        {opposing.map((reason, index) => (
          <Why key={`${reason.sign}-${index}`} side="against" words={reasonWords(reason)} />
        ))}
        {stated.map((judgement) => (
          <div key={judgement.id} className="contents">
            <Why side="said" words={`${judgement.by}: ${judgement.reason || 'no reason given'}`} />
            <dd className="col-start-2">
              <Button look="quiet" onClick={() => store.set('judgement', judgement.id, { removed: true })}>
                Take this word back
              </Button>
            </dd>
          </div>
        ))}
      </dl>
      <h3 className="text-[15px]">If only the rot is repaired</h3>
      <p>{cause.ifOnlyEffect} Our judgement.</p>
      {cause.fix ? (
        <>
          <h3 className="mt-2 text-[15px]">Source fix</h3>
          <p>
            {cause.fix.words}.{' '}
            {fixed
              ? 'It is in the scope.'
              : cause.fix.method
                ? 'Choose it in Scope.'
                : 'No recipe of ours yet: note it on the repair.'}
          </p>
        </>
      ) : null}
      <div className="mt-3 flex gap-2">
        <Button onClick={know}>I know the cause…</Button>
      </div>
    </Panel>
  )
}

function Why({ side, words }: { side: 'for' | 'against' | 'said'; words: string }) {
  return (
    <>
      <dt className="font-head text-[14px] text-quiet">{side}</dt>
      <dd>{words}</dd>
    </>
  )
}

/** All causes of one finding in order; figures only when asked for, marked as judgement. */
function RankedPanel({ finding }: { finding: TracedFinding | undefined }) {
  const { derived } = useJob()
  const { job } = derived
  const shown = job.findings.find((each) => each.id === finding?.finding_id)
  if (!finding || !shown) {
    return (
      <Panel title="One finding">
        <p className="py-3 text-quiet">
          Choose a finding on the strip to see every cause that was weighed for it.
        </p>
      </Panel>
    )
  }
  return (
    <Panel title={`Finding ${findingNumber(shown, job)}`} aside={whereOf(shown, job)}>
      {finding.ranked.length === 0 ? (
        <p className="py-3 text-quiet">
          {shown.component
            ? 'No table of causes for this part yet.'
            : 'Name its part in Walk to weigh causes.'}
        </p>
      ) : null}
      <details className="pt-2">
        <summary className="font-head text-[14px] text-chalk-text underline">Figures (our judgement)</summary>
        <table>
          <tbody>
            {finding.ranked.map((each) => (
              <tr key={each.cause} className="border-b border-rule text-[14px]">
                <td>{each.cause === 'other' ? 'something else' : causeOf(each.cause).name}</td>
                <td className="text-right">{(each.probability * 100).toFixed(1)} %</td>
              </tr>
            ))}
          </tbody>
        </table>
      </details>
      <ol>
        {finding.ranked.slice(0, 5).map((each) => (
          <li
            key={each.cause}
            className="flex items-center justify-between gap-3 border-b border-rule py-1.5"
          >
            <span>{each.cause === 'other' ? 'Something else' : causeOf(each.cause).name}</span>
            <span className="font-head text-[14px]">{each.certainty}</span>
          </li>
        ))}
      </ol>
    </Panel>
  )
}
