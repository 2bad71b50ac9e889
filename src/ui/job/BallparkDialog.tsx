'use client'

import { useState } from 'react'
import { newId } from '../../client/newId'
import { ballpark, ballparkItem } from '../../core/ballpark'
import { PARTS } from '../../core/catalogue'
import type { JobDocument, WorkItem } from '../../core/job'
import { feet, formatCents, type Length } from '../../core/measure'
import { Button, LengthField, Notice, SelectField } from '../look'
import { Dialog } from '../look/Dialog'

/** Parts that have a recipe; what has none has no figure to say. */
const PRICED = PARTS.filter((part) => part.task !== null).map(({ id, name }) => ({ value: id, label: name }))

/** One thing, roughly, for the telephone: member, length, height. Not a bid; it can become a priced item. */
export function BallparkDialog(props: {
  job: JobDocument
  onKeep: (item: WorkItem) => void
  onClose: () => void
}) {
  const { job, onClose } = props
  const [component, setComponent] = useState<string>('fascia')
  const [length, setLength] = useState<Length>(feet(12))
  const [height, setHeight] = useState<Length>(feet(9))
  const made = ballpark(job, { component, length, height, count: 1 })

  function keep(): void {
    props.onKeep(ballparkItem({ component, length, height, count: 1 }, newId()))
  }

  return (
    <Dialog open onClose={onClose} title="Ballpark">
      <div className="flex flex-col gap-3">
        <div className="grid grid-cols-3 gap-3 max-sm:grid-cols-1">
          <SelectField label="Part" value={component} onChange={setComponent} choices={PRICED} />
          <LengthField
            label="Length"
            bare="feet"
            value={length}
            onChange={(value) => value !== null && setLength(value)}
          />
          <LengthField
            label="Height"
            bare="feet"
            value={height}
            onChange={(value) => value !== null && setHeight(value)}
          />
        </div>
        {made.kind === 'priced' ? (
          <>
            <table aria-label="Ballpark, not a bid">
              <tbody>
                {(
                  [
                    ['low', made.low],
                    ['typical', made.typical],
                    ['high', made.high],
                  ] as const
                ).map(([name, cents]) => (
                  <tr key={name} className="border-b border-rule">
                    <th scope="row" className="py-1.5 text-left font-normal">
                      {name}
                    </th>
                    <td
                      className={`text-right font-head ${name === 'typical' ? 'text-[24px] font-semibold' : 'text-[17px]'}`}
                    >
                      {formatCents(cents)}
                    </td>
                  </tr>
                ))}
              </tbody>
            </table>
            <p className="text-[14px] text-quiet">
              Not a bid. It holds one visit and the minimum; kept as an item it keeps its height. What would
              change it: {made.changes.join('; ')}.
            </p>
          </>
        ) : (
          <Notice>
            {made.kind === 'withheld'
              ? 'Prices are not shown to your role.'
              : made.kind === 'keep-off'
                ? made.says
                : made.why}
          </Notice>
        )}
        <div className="flex justify-end gap-2">
          <Button onClick={onClose}>Close</Button>
          <Button disabled={made.kind !== 'priced'} onClick={keep}>
            Keep as a priced item
          </Button>
        </div>
      </div>
    </Dialog>
  )
}
