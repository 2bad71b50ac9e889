'use client'

import { partName } from '../../core/catalogue'
import { causeOf, type Source } from '../../core/trace'
import { ListTools } from '../lists/ListTools'
import { useListView } from '../lists/useListView'
import { Button, Certainty, Panel } from '../look'
import { orderSources, SOURCE_ORDERS } from './orderSources'
import { useJob } from '../state/useJob'
import { numberOf } from './words'

/** The sources in strip order, what has no source to fix, and what nothing explains yet. */
export function SourceList({
  active,
  hidden,
}: {
  active: Source | undefined
  hidden: (source: Source) => boolean
}) {
  const { derived, choose, pickSource } = useJob()
  const { trace, job } = derived
  const [order, setOrder] = useListView('trace.order', SOURCE_ORDERS, 'strip')
  const reached = new Set(trace.sources.flatMap((each) => (each.letter ? each.finding_ids : []))).size
  return (
    <Panel title="Sources" aside={`reach ${reached} of ${job.findings.length} findings`}>
      {trace.sources.length === 0 ? (
        <p className="py-3 text-quiet">
          No source yet. Name the part of a finding and tick the signs you saw; or say what you know of its
          cause.
        </p>
      ) : null}
      {trace.sources.length > 1 ? (
        <ListTools of="sources" orders={SOURCE_ORDERS} order={[order, setOrder]} />
      ) : null}
      <ul>
        {orderSources(trace.sources, order).map((each) => (
          <SourceRow
            key={`${each.letter ?? each.cause}-${each.seat_words}`}
            source={each}
            active={each === active}
            hidden={hidden(each)}
            choose={() => {
              choose(each.finding_ids)
              pickSource(each.letter)
            }}
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
                    {numberOf(each.id, job)} {each.component ? partName(each.component) : each.words}
                  </Button>
                </li>
              ))}
          </ul>
        </div>
      ) : null}
    </Panel>
  )
}

function SourceRow(props: { source: Source; active: boolean; hidden: boolean; choose: () => void }) {
  const { source, active, hidden } = props
  const n = source.finding_ids.length
  const where = source.repeated ? `one habit: ${source.seat_words}` : source.seat_words
  return (
    <li className="border-b border-rule">
      <button
        type="button"
        aria-current={active ? 'true' : undefined}
        onClick={props.choose}
        className={`flex min-h-14 w-full items-center gap-3 px-1.5 py-2 text-left ${active ? 'bg-paper' : 'hover:bg-paper'}`}
      >
        <span className="w-5 shrink-0 text-center font-head text-[19px] font-semibold text-chalk-text">
          {source.letter ?? '–'}
        </span>
        <span className="min-w-0 grow">
          <span className="block">{hidden ? 'Your guess first' : causeOf(source.cause).name}</span>
          <span className="block text-[13px] text-quiet">
            {source.letter
              ? `${where}${source.second ? ', beside another source' : ''}`
              : hidden
                ? ''
                : 'no source to fix'}
          </span>
        </span>
        <span className="w-24 shrink-0">
          {hidden ? null : <Certainty certainty={source.certainty} by={source.by} />}
        </span>
        <span className="w-16 shrink-0 text-right font-head text-[14px] font-semibold">
          {n} finding{n === 1 ? '' : 's'}
        </span>
      </button>
    </li>
  )
}
