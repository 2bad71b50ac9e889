'use client'

import { partName } from '../../core/catalogue'
import { findingNumber } from '../../core/house'
import type { OrderFace } from '../../core/open/orders'
import type { PlaceToOpen } from '../../core/open/places'
import { Panel } from '../look'
import { shortDay } from '../plan/dayNames'
import { useJob } from '../state/useJob'
import { foundWords, orderFor, standingTone, standingWords } from './openWords'
import type { JobOrders } from './useOrders'

/** Places that come off, the next first, and those that were opened with what was behind them. */
export function PlaceList({ places, orders }: { places: readonly PlaceToOpen[]; orders: JobOrders | null }) {
  const shut = places.filter(({ opened, done }) => opened === null && !done)
  const covered = places.filter(({ opened, done }) => opened === null && done)
  const open = places.filter(({ opened }) => opened !== null)
  return (
    <section aria-label="Places" className="min-w-0">
      {open.length > 0 ? (
        <Panel title="Opened" aside={`${open.length} of ${places.length}`}>
          <ul>
            {open.map((place) => (
              <PlaceRow key={place.finding.id} place={place} orders={orders} />
            ))}
          </ul>
        </Panel>
      ) : null}
      <Panel title="Comes off" aside={shut.length === 0 ? 'none left' : `${shut.length}, the next first`}>
        <ul>
          {shut.map((place) => (
            <PlaceRow key={place.finding.id} place={place} orders={orders} />
          ))}
        </ul>
        {covered.length > 0 ? (
          <details className="py-1">
            <summary className="cursor-pointer font-head text-[14px] text-chalk-text underline touch:min-h-11">
              {covered.length} done without a word of what was behind
            </summary>
            <ul>
              {covered.map((place) => (
                <PlaceRow key={place.finding.id} place={place} orders={orders} />
              ))}
            </ul>
          </details>
        ) : null}
      </Panel>
    </section>
  )
}

function PlaceRow({ place, orders }: { place: PlaceToOpen; orders: JobOrders | null }) {
  const { derived, chosen, choose, around } = useJob()
  const { finding, opened, where, day } = place
  const isChosen = chosen[0] === finding.id
  const faces = orders ? orders.orders.map(({ face }) => face) : around.orders
  return (
    <li className="border-b border-rule">
      <button
        type="button"
        aria-current={isChosen ? 'true' : undefined}
        onClick={() => choose(isChosen ? [] : [finding.id])}
        className={`flex min-h-10 w-full items-center gap-3 py-1 text-left touch:min-h-14 ${isChosen ? 'bg-tape' : ''}`}
      >
        <span className="w-8 shrink-0 pl-1 font-head text-[17px] font-semibold text-crayon-text">
          {findingNumber(finding, derived.job)}
        </span>
        <span className="flex min-w-0 grow flex-col">
          <span className="truncate">
            {finding.component ? partName(finding.component) : finding.words}{' '}
            <span className="text-[14px] text-quiet">{where}</span>
          </span>
          {opened ? (
            <span className="flex flex-wrap items-baseline gap-x-2 font-head text-[15px]">
              <span>{foundWords(opened)}</span>
              <Standing ids={opened.found.map(({ item_id }) => item_id)} faces={faces} />
            </span>
          ) : null}
        </span>
        {opened ? null : (
          <span className="shrink-0 font-head text-[14px] whitespace-nowrap text-quiet">
            {day ? shortDay(day) : ''}
          </span>
        )}
      </button>
    </li>
  )
}

/** How what was found there stands with the owner: what waits before what is settled. */
function Standing({ ids, faces }: { ids: readonly string[]; faces: readonly OrderFace[] }) {
  if (ids.length === 0) return null
  const asked = ids.map((id) => orderFor(id, faces))
  if (asked.includes(null)) return <span className="text-pencil-text">not asked yet: wait</span>
  const face = asked.find((each) => each?.standing === 'waits') ?? asked[0]!
  return <span className={standingTone(face)}>{standingWords(face)}</span>
}
