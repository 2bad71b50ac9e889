'use client'

import { useMemo, useState } from 'react'
import {
  causeRecord,
  SHIPPED_PLACES,
  weightOffers,
  type CauseHits,
  type WeightOffer,
} from '../../core/close/causeRecord'
import type { LookBackAnswer } from '../../core/contract'
import { causeName } from '../../core/catalogue/causes'
import { SIGNS, type SignId } from '../../core/catalogue/signs'
import { Button, Panel } from '../look'
import type { LookBack } from './useLookBack'

const times = (ratio: number): string => `× ${String(ratio)}`
const COLUMNS = ['Cause', 'Said first', 'Was that', 'What it was instead'] as const

/** Why the firm’s weight of a sign was changed, for whoever reads it in Trace. */
const reasonOfWeight = ({ was, was_not }: WeightOffer): string =>
  `Our own opened places: noted at ${was.withSign} of ${was.places} where it was that, at ${was_not.withSign} of ${was_not.places} others`

/** Places that were opened: what had been said of the cause and what had done it, and which weights that would move. */
export function CausesSaid(props: {
  answer: LookBackAnswer
  mayChange: boolean
  takeWeight: LookBack['takeWeight']
}) {
  const { answer, mayChange, takeWeight } = props
  const opened = useMemo(() => answer.records.flatMap((record) => record.opened), [answer.records])
  const record = useMemo(() => causeRecord(opened), [opened])
  const offers = useMemo(
    () => weightOffers(opened, answer.likelihood_overrides),
    [opened, answer.likelihood_overrides],
  )
  const { places, right, named, unexplained } = record
  return (
    <Panel
      title="Causes: what was said, and what it was"
      aside={places === 0 ? '' : places === 1 ? '1 place opened' : `${places} places opened`}
    >
      {places === 0 ? (
        <p className="py-3 text-quiet">
          No closed job says yet what had done the damage. It is said under Open up, when a place is opened.
        </p>
      ) : (
        <>
          <p className="py-1 text-[15px]">
            Said first and right at {right} of {places}; {named} more stood beside the first, {unexplained}{' '}
            had not been explained.
          </p>
          <table className="w-full border-collapse text-[15px] tabular-nums">
            <thead className="font-head text-[14px] text-quiet">
              <tr>
                {COLUMNS.map((name, index) => (
                  <th
                    key={name}
                    scope="col"
                    className={`font-medium ${index === 1 || index === 2 ? 'w-20 text-right' : 'text-left'} ${index === 3 ? 'pl-4' : ''}`}
                  >
                    {name}
                  </th>
                ))}
              </tr>
            </thead>
            <tbody>
              {record.causes.map((each) => (
                <Hits key={each.cause} of={each} />
              ))}
            </tbody>
          </table>
          <Offers {...{ offers, mayChange, takeWeight }} />
        </>
      )}
      <p className="py-1 text-[13px] text-quiet">
        Places that are opened are the doubtful ones: of the others this says nothing. A weight is offered
        from five places of a cause on; the shipped one counts as {SHIPPED_PLACES} places. Nothing is changed
        until you take it.
      </p>
    </Panel>
  )
}

function Hits({ of }: { of: CauseHits }) {
  return (
    <tr className="border-b border-rule align-baseline">
      <th scope="row" className="py-1 text-left font-normal">
        {causeName(of.cause)}
      </th>
      <td className="text-right">{of.said}</td>
      <td className="text-right">{of.said === 0 ? '' : `${of.right} of ${of.said}`}</td>
      <td className="pl-4 text-quiet">
        {of.said === 0
          ? `it was that ${of.was === 1 ? 'once' : `${of.was} times`}, never said first`
          : of.otherwise.map(({ cause, places }) => `${causeName(cause)}, ${places}`).join('; ')}
      </td>
    </tr>
  )
}

function Offers(props: {
  offers: readonly WeightOffer[]
  mayChange: boolean
  takeWeight: LookBack['takeWeight']
}) {
  const { offers, mayChange, takeWeight } = props
  const [busy, setBusy] = useState(false)
  if (offers.length === 0) return <p className="py-1 text-[15px]">No weight would move by it.</p>
  return (
    <ul aria-label="Weights that would move" className="text-[15px]">
      {offers.map((offer) => {
        const name = `${SIGNS[offer.sign as SignId].says} for ${causeName(offer.cause)}`
        return (
          <li
            key={`${offer.cause} ${offer.sign}`}
            className="flex flex-wrap items-baseline gap-x-3 border-b border-rule py-1"
          >
            <span className="min-w-0 grow">
              {name}
              <span className="block text-[13px] text-quiet">
                noted at {offer.was.withSign} of {offer.was.places} where it was that, at{' '}
                {offer.was_not.withSign} of {offer.was_not.places} others
              </span>
            </span>
            <span className="whitespace-nowrap tabular-nums">
              {times(offer.now)} → {times(offer.offered)}
            </span>
            {mayChange ? (
              <Button
                look="quiet"
                disabled={busy}
                aria-label={`Take the weight of ${name}`}
                onClick={() => {
                  setBusy(true)
                  void takeWeight(offer, reasonOfWeight(offer), name).finally(() => setBusy(false))
                }}
              >
                Take it
              </Button>
            ) : null}
          </li>
        )
      })}
    </ul>
  )
}
