'use client'

import { useState } from 'react'
import { Cladding, HowMeasured, type EntityOf } from '../../../core/job'
import { NumberField, PitchField } from '../../look/ReadField'
import { Button, LengthField, Notice, SelectField } from '../../look'
import { Dialog } from '../../look/Dialog'
import { useJob } from '../../state/useJob'
import { freshHouse, freshSide, freeLetter } from '../findings/fresh'
import { CladParts } from './CladParts'
import { ConditionFields } from './ConditionFields'
import { LevelField } from './LevelField'

const BEHIND: readonly { value: EntityOf['side']['behind']; label: string }[] = [
  { value: 'unknown', label: 'not seen' },
  { value: 'sheathing', label: 'sheathing, the cladding tight on it' },
  { value: 'drained-gap', label: 'a drained gap, then sheathing' },
  { value: 'studs', label: 'the studs alone' },
]

/** One side, new or to be corrected. Its letter stays what it was given. */
export function SideDialog({ sideId, onClose }: { sideId: string | null; onClose: () => void }) {
  const { job, store, chooseSide, view } = useJob()
  const old = job.sides.find((side) => side.id === sideId)
  const facings = ['front', 'right', 'back', 'left'] as const
  const [side, setSide] = useState<EntityOf['side']>(
    () =>
      old ??
      freshSide({
        letter: freeLetter(view.job),
        order: Math.max(-1, ...job.sides.map((each) => each.order)) + 1,
        facing: facings[job.sides.length % 4]!,
      }),
  )
  const [wrong, setWrong] = useState<string | null>(null)
  const set = (fields: Partial<EntityOf['side']>): void => setSide((before) => ({ ...before, ...fields }))

  function keep(): void {
    if (!job.house) store.create('house', freshHouse())
    const { letter, id, ...fields } = side
    const said = old ? store.set('side', id, fields) : store.create('side', { ...fields, letter, id })
    setWrong(said)
    if (said) return
    chooseSide(id)
    onClose()
  }

  return (
    <Dialog open onClose={onClose} wide title={old ? `Side ${side.letter}` : `New side ${side.letter}`}>
      <div className="grid grid-cols-2 gap-3">
        <SelectField
          label="Facing"
          value={side.facing}
          onChange={(value) => set({ facing: value as EntityOf['side']['facing'] })}
          choices={facings.map((value) => ({ value, label: value }))}
        />
        <LengthField
          label="Length"
          bare="feet"
          optional
          value={side.length}
          hint="empty: not measured yet"
          onChange={(length) => set({ length })}
        />
        <SelectField
          label="Length was"
          value={side.length_how}
          onChange={(value) => set({ length_how: value as EntityOf['side']['length_how'] })}
          choices={HowMeasured.options.map((value) => ({ value, label: value }))}
        />
        {side.length_how === 'guessed' ? (
          <>
            <LengthField
              label="Length at least"
              bare="feet"
              optional
              value={side.length_low}
              onChange={(length_low) => set({ length_low })}
            />
            <LengthField
              label="Length at most"
              bare="feet"
              optional
              value={side.length_high}
              onChange={(length_high) => set({ length_high })}
            />
          </>
        ) : null}
        <SelectField
          label="Height was"
          value={side.height_how}
          onChange={(value) => set({ height_how: value as EntityOf['side']['height_how'] })}
          choices={HowMeasured.options.map((value) => ({ value, label: value }))}
        />
        <LengthField
          label="Wall height at the eave"
          bare="feet"
          optional
          value={side.wall_height}
          hint="empty: from the storeys"
          onChange={(wall_height) => set({ wall_height })}
        />
        <SelectField
          label="Roof edge"
          value={side.roof_edge}
          onChange={(value) => set({ roof_edge: value as EntityOf['side']['roof_edge'] })}
          choices={['eave', 'hip', 'gable', 'none'].map((value) => ({ value, label: value }))}
        />
        <PitchField
          label="Pitch, inches in 12"
          value={side.pitch_in_12}
          onChange={(pitch_in_12) => set({ pitch_in_12 })}
        />
        <LengthField
          label="Overhang"
          value={side.overhang}
          onChange={(value) => value !== null && set({ overhang: value })}
        />
        <SelectField
          label="Cladding"
          value={side.cladding}
          onChange={(value) => set({ cladding: value as EntityOf['side']['cladding'] })}
          choices={Cladding.options.map((value) => ({ value, label: value.replaceAll('-', ' ') }))}
        />
        <SelectField
          label="Behind the cladding"
          value={side.behind}
          onChange={(value) => set({ behind: value as EntityOf['side']['behind'] })}
          choices={BEHIND}
        />
        <NumberField
          label="Turn at its end, degrees, left positive"
          range={{ least: -180, most: 180 }}
          such="degrees, such as 90, -90 or 45"
          value={side.turn_deg}
          onChange={(turn_deg) => set({ turn_deg })}
        />
        <LevelField
          label="Ground at its left end"
          value={side.ground_left}
          onChange={(value) => set({ ground_left: value })}
        />
        <LevelField
          label="Ground at its right end"
          value={side.ground_right}
          onChange={(value) => set({ ground_right: value })}
        />
        <LevelField
          label="Floors behind it, higher by"
          value={side.floor_shift}
          onChange={(value) => set({ floor_shift: value })}
        />
        <div className="col-span-full">
          <ConditionFields
            at="side"
            conditions={side.conditions}
            onChange={(conditions) => set({ conditions })}
          />
        </div>
        <div className="col-span-full">
          <CladParts side={side} set={set} />
        </div>
      </div>
      {wrong ? (
        <div className="pt-3">
          <Notice tone="wrong" alert>
            {wrong}
          </Notice>
        </div>
      ) : null}
      <div className="mt-4 flex justify-end gap-2">
        {old ? (
          <Button
            look="quiet"
            onClick={() => {
              store.set('side', old.id, { removed: true })
              onClose()
            }}
          >
            Remove this side
          </Button>
        ) : null}
        <span className="grow" />
        <Button onClick={onClose}>Leave it</Button>
        <Button look="main" onClick={keep}>
          {old ? 'Keep' : 'Add side'}
        </Button>
      </div>
    </Dialog>
  )
}
