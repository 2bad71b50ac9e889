'use client'

import { useState } from 'react'
import { createPortal } from 'react-dom'
import { findingNumber } from '../../core/house'
import { placesToOpen } from '../../core/open/places'
import { Panel, PANES, ViewSwitch } from '../look'
import { useIsPhone } from '../state/useIsPhone'
import { useJob } from '../state/useJob'
import { Sheet } from '../walk/phone/Sheet'
import { whenShown } from '../state/whenShown'
import { CoverChecks } from './CoverChecks'
import { FoundMore } from './FoundMore'
import { OrdersPanel } from './OrdersPanel'
import { PlaceList } from './PlaceList'
import { useOrders } from './useOrders'

const AskOwner = whenShown(() => import('./AskOwner').then((file) => file.AskOwner))

const VIEWS = { places: 'Opened places', checks: 'Before it is covered' } as const
/** On a phone the places have it to themselves, and what is asked has a view of its own. */
const PHONE_VIEWS = { places: 'Places', changes: 'Changes', checks: 'Before covering' } as const
type View = keyof typeof PHONE_VIEWS

/** What shows when the boards are off: what was found, what the owner says to it, and what is looked at before it is covered again. */
export function OpenTab() {
  const { derived, chosen, choose, slots } = useJob()
  const isPhone = useIsPhone()
  const [view, setView] = useState<View>('places')
  const [asks, setAsks] = useState(false)
  const orders = useOrders()
  const places = placesToOpen(derived)
  const place = places.find(({ finding }) => finding.id === chosen[0]) ?? null
  const form = place ? (
    <FoundMore
      key={place.finding.id}
      place={place}
      orders={orders}
      onDone={() => choose([])}
      onAsk={() => setAsks(true)}
    />
  ) : null
  return (
    <div className="flex flex-col lg:h-full">
      <div className="no-print flex shrink-0 flex-wrap items-center gap-x-6 border-b border-rule">
        {isPhone ? (
          <ViewSwitch views={PHONE_VIEWS} view={view} onChange={setView} />
        ) : (
          <ViewSwitch views={VIEWS} view={view === 'checks' ? 'checks' : 'places'} onChange={setView} />
        )}
      </div>
      {view === 'checks' ? (
        <CoverChecks />
      ) : isPhone && view === 'changes' ? (
        <OrdersPanel orders={orders} />
      ) : (
        <div
          className={`grid min-h-0 grow grid-cols-[minmax(0,1fr)_400px] gap-6 max-lg:grid-cols-1 ${PANES}`}
        >
          {places.length === 0 ? (
            <Panel title="Places to open">
              <p className="py-3 text-quiet">
                Nothing comes off yet. Once repairs are chosen in Scope, the places that they open stand here,
                the next day’s first: one touch says what was behind the board, or that nothing was.
              </p>
            </Panel>
          ) : (
            <PlaceList places={places} orders={orders} />
          )}
          {isPhone ? null : (
            <div className="flex flex-col gap-4">
              {form}
              <OrdersPanel orders={orders} />
            </div>
          )}
        </div>
      )}
      {asks && orders ? <AskOwner orders={orders} of="new" onClose={() => setAsks(false)} /> : null}
      {isPhone && form && slots.sheet && place
        ? createPortal(
            <Sheet
              label={`Behind finding ${findingNumber(place.finding, derived.job)}`}
              onClose={() => choose([])}
            >
              {form}
            </Sheet>,
            slots.sheet,
          )
        : null}
    </div>
  )
}
