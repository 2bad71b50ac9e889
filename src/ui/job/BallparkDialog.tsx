'use client'

import { useState } from 'react'
import { newId } from '../../client/newId'
import { ballpark, usualMethod } from '../../core/ballpark'
import { COMPONENTS, type ComponentId, type EntityOf, type JobDocument } from '../../core/job'
import { feet, formatCents, formatLength, type Length } from '../../core/measure'
import { MEMBERS } from '../../core/scope'
import { Button, Dialog, LengthField, Notice, SelectField } from '../look'

const PARTS = (Object.keys(MEMBERS) as ComponentId[]).map((value) => ({ value, label: COMPONENTS[value] }))

/** One thing, roughly, for the telephone: member, length, height. Not a bid; it can become a priced item. */
export function BallparkDialog(props: {
  job: JobDocument
  onKeep: (repair: EntityOf['repair']) => void
  onClose: () => void
}) {
  const { job, onClose } = props
  const [component, setComponent] = useState<ComponentId>('fascia')
  const [length, setLength] = useState<Length>(feet(12))
  const [height, setHeight] = useState<Length>(feet(9))
  const made = ballpark(job, { component, length, height, count: 1 })

  function keep(): void {
    props.onKeep({
      id: newId(),
      removed: false,
      finding_ids: [],
      method: usualMethod(component),
      component,
      material: 'unknown',
      place: null,
      extent: { value: length, how: 'guessed', low: length, high: length },
      count: 1,
      note: `from a ballpark, ${formatLength(height)} up`,
    })
  }

  return (
    <Dialog open onClose={onClose} title="Ballpark">
      <div className="flex flex-col gap-3">
        <div className="grid grid-cols-3 gap-3 max-sm:grid-cols-1">
          <SelectField
            label="Part"
            value={component}
            onChange={(value) => setComponent(PARTS.find((part) => part.value === value)?.value ?? 'fascia')}
            choices={PARTS}
          />
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
              Not a bid. It holds one visit and the minimum; kept as an item it has no place, so it is priced
              from the ground. What would change it: {made.changes.join('; ')}.
            </p>
          </>
        ) : (
          <Notice>
            {made.kind === 'withheld'
              ? 'Prices are not shown to your role.'
              : 'No recipe for this part yet: it needs a look.'}
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
