'use client'

import { foundationTop, wallTop } from '../../../core/geometry'
import { Cladding, type EntityOf } from '../../../core/job'
import { feet } from '../../../core/measure'
import { Button, LengthField, SelectField } from '../../look'
import { useJob } from '../../state/useJob'

type Part = EntityOf['side']['clad_parts'][number]

/** Parts of the wall clad otherwise than the rest: a brick base, shingles above the first floor. */
export function CladParts(props: {
  side: EntityOf['side']
  set: (fields: Partial<EntityOf['side']>) => void
}) {
  const { job } = useJob()
  const { side, set } = props
  const parts = side.clad_parts
  const change = (index: number, fields: Partial<Part>): void =>
    set({ clad_parts: parts.map((part, at) => (at === index ? { ...part, ...fields } : part)) })
  return (
    <fieldset className="border-t border-rule pt-2">
      <legend className="font-head text-[14px] font-medium">Clad otherwise in part</legend>
      {parts.map((part, index) => (
        <div
          key={index}
          className="grid grid-cols-[1.3fr_1fr_1fr_1fr_1fr_auto] items-end gap-2 pb-2 max-sm:grid-cols-2"
        >
          <SelectField
            label="Cladding"
            value={part.cladding}
            onChange={(value) => change(index, { cladding: value as Part['cladding'] })}
            choices={Cladding.options.map((value) => ({ value, label: value.replaceAll('-', ' ') }))}
          />
          <LengthField
            label="From"
            bare="feet"
            value={part.left}
            onChange={(left) => left !== null && change(index, { left })}
          />
          <LengthField
            label="To"
            bare="feet"
            value={part.right}
            onChange={(right) => right !== null && change(index, { right })}
          />
          <LengthField
            label="Foot"
            bare="feet"
            value={part.bottom}
            onChange={(bottom) => bottom !== null && change(index, { bottom })}
          />
          <LengthField
            label="Top"
            bare="feet"
            value={part.top}
            onChange={(top) => top !== null && change(index, { top })}
          />
          <Button
            aria-label={`Remove part ${index + 1}`}
            onClick={() => set({ clad_parts: parts.filter((_, at) => at !== index) })}
          >
            ×
          </Button>
        </div>
      ))}
      <Button
        disabled={parts.length >= 12}
        onClick={() =>
          set({
            clad_parts: [
              ...parts,
              {
                cladding: 'brick',
                left: feet(0),
                right: side.length ?? feet(8),
                bottom: foundationTop(job.house, side),
                top: wallTop(side, job.house),
              },
            ],
          })
        }
      >
        Add a part
      </Button>
    </fieldset>
  )
}
