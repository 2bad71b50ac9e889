'use client'

import { SIGNS } from '../../../core/trace'
import type { SurveyRead } from '../../../core/survey/read'
import { Notice, Panel } from '../../look'
import { whenShown } from '../../state/whenShown'

const SurveyChart = whenShown(() => import('./SurveyChart').then((file) => file.SurveyChart))

/** What a survey comes to: in words, as a line, what it tells Trace, and its arithmetic. */
export function SurveyResult({ read }: { read: SurveyRead | null }) {
  if (!read) return null
  return (
    <Panel title="What it says">
      <p className="py-2 text-[15px]" aria-live="polite">
        {read.says}
      </p>
      {read.gate !== 'none' || read.problem ? (
        <Notice tone={read.problem ? 'waiting' : 'wrong'}>
          {read.problem ??
            (read.gate === 'engineer-first'
              ? 'Two inches or more: an engineer goes first.'
              : 'An inch or more, or the foot slid: an engineer is advised.')}
        </Notice>
      ) : null}
      {read.series.length > 0 ? <SurveyChart read={read} /> : null}
      {read.shows.length > 0 ? (
        <section aria-label="What Trace reads" className="pt-2">
          <h3 className="font-head text-[14px] font-semibold">Trace reads</h3>
          <ul className="text-[14px]">
            {read.shows.map((each) => (
              <li key={each.sign}>
                {each.present ? '' : 'not there: '}
                {SIGNS[each.sign].says}
              </li>
            ))}
          </ul>
        </section>
      ) : null}
      {read.computed.map((each, index) => (
        <details key={index} className="border-b border-rule py-1" open={read.computed.length === 1}>
          <summary className="font-head text-[14px] text-chalk-text underline touch:min-h-11 touch:py-3">
            {read.computed.length === 1 ? 'Arithmetic' : each.says}
          </summary>
          <dl className="grid grid-cols-[auto_1fr] gap-x-3 text-[13px]">
            {each.inputs.map((input, at) => (
              <div key={at} className="contents">
                <dt className="text-quiet">{input.label}</dt>
                <dd>{input.value}</dd>
              </div>
            ))}
            <dt className="text-quiet">Formula</dt>
            <dd>{each.formula}</dd>
            {each.limit ? (
              <>
                <dt className="text-quiet">Limit</dt>
                <dd>{each.limit}</dd>
              </>
            ) : null}
            <dt className="text-quiet">Source</dt>
            <dd>{each.source}</dd>
          </dl>
          <p className="pt-1 text-[13px]">{each.says}</p>
          <p className="text-[13px] text-quiet">{each.notes.join(' ')}</p>
        </details>
      ))}
    </Panel>
  )
}
