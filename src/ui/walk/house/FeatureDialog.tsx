'use client'

import { useState } from 'react'
import { newId } from '../../../client/newId'
import { FIXTURES, HowMeasured, ON_ROOF, type EntityOf, type Feature } from '../../../core/job'
import { feet, type Length } from '../../../core/measure'
import { Button, CheckField, LengthField, Notice, SelectField, TextField } from '../../look'
import { Dialog } from '../../look/Dialog'
import { useJob } from '../../state/useJob'
import { placeForAnother } from '../../../core/geometry'
import { freshFeature, FEATURE_NAMES, nextFeatureNumber } from './freshFeature'

type Kind = Feature['kind']
const KINDS = (Object.keys(FEATURE_NAMES) as Kind[]).filter((kind) => kind !== 'outline')

/** Length fields of a kind, in the order one measures. Those not of the kind are absent from it. */
const FIELDS: readonly { field: string; label: string; bare?: 'feet' }[] = [
  { field: 'station', label: 'Station of its left end', bare: 'feet' },
  { field: 'width', label: 'Width' },
  { field: 'height', label: 'Height' },
  { field: 'casing_width', label: 'Casing' },
  { field: 'in_from_wall', label: 'In from the wall' },
  { field: 'depth', label: 'Depth out from the wall' },
  { field: 'deck_height', label: 'Floor above the ground' },
  { field: 'eave_height', label: 'Its eave above the ground', bare: 'feet' },
  { field: 'top', label: 'Its top above the ground', bare: 'feet' },
  { field: 'above_eave', label: 'Foot above the eave' },
]

const FLOORS = [
  { value: 'floor-1', label: 'the first floor' },
  { value: 'floor-2', label: 'the second floor' },
  { value: 'floor-3', label: 'the third floor' },
  { value: 'grade', label: 'the ground' },
  { value: 'foundation-top', label: 'the foundation' },
]

/** Something on a side, new or to be corrected: window, door, bay, porch, deck, chase, small roof, dormer, pipe. */
export function FeatureDialog(props: { sideId: string; featureId?: string | null; onClose: () => void }) {
  const { derived, store, view } = useJob()
  const old = derived.job.features.find((each) => each.id === props.featureId)
  const [feature, setFeature] = useState<EntityOf['feature']>(
    () => old ?? freshFeature('window', { id: newId(), side_id: props.sideId, number: 1, station: feet(4) }),
  )
  const [wrong, setWrong] = useState<string | null>(null)
  const letter = derived.job.sides.find((each) => each.id === feature.side_id)?.letter ?? ''
  // Each field goes to a kind that has it; the job's schema checks the whole on keeping.
  const set = (fields: Record<string, unknown>): void => setFeature((before) => ({ ...before, ...fields }))
  const values: Readonly<Record<string, unknown>> = feature
  const height =
    'sill' in feature ? ('sill' as const) : feature.kind === 'small-roof' ? ('top' as const) : null

  function keep(): void {
    // Its kind and number were given at creation: they stay what they are and are not sent.
    const fields = Object.fromEntries(
      Object.entries(feature).filter(([name]) => name !== 'id' && name !== 'number' && name !== 'kind'),
    )
    const said = old
      ? store.set('feature', old.id, fields)
      : store.create('feature', { ...feature, number: nextFeatureNumber(view.job, feature.side_id) })
    setWrong(said)
    if (!said) props.onClose()
  }

  return (
    <Dialog
      open
      onClose={props.onClose}
      title={old ? `${FEATURE_NAMES[old.kind]} ${letter}${old.number}` : `New on side ${letter}`}
    >
      <div className="grid grid-cols-2 gap-3">
        {old ? null : (
          <SelectField
            label="What"
            value={feature.kind}
            onChange={(value) => {
              const { id, side_id, number, station } = feature
              setFeature(freshFeature(value as Kind, { id, side_id, number, station }))
            }}
            choices={KINDS.map((value) => ({ value, label: FEATURE_NAMES[value] }))}
          />
        )}
        <SelectField
          label="Side"
          value={feature.side_id}
          onChange={(side_id) => set({ side_id })}
          choices={derived.job.sides.map((each) => ({
            value: each.id,
            label: `${each.letter} ${each.facing}`,
          }))}
        />
        {FIELDS.filter(({ field }) => typeof values[field] === 'number').map(({ field, label, bare }) => (
          <LengthField
            key={`${feature.kind}-${field}`}
            label={label}
            bare={bare}
            value={values[field] as Length}
            hint={field === 'station' ? 'from the left corner, seen from outside' : undefined}
            onChange={(value) => value !== null && set({ [field]: value })}
          />
        ))}
        <SelectField
          label="Place and size were"
          value={feature.size_how}
          onChange={(size_how) => set({ size_how })}
          choices={HowMeasured.options.map((value) => ({ value, label: value }))}
        />
        {height ? (
          <>
            <LengthField
              key={`${feature.kind}-${height}`}
              label={height === 'sill' ? 'Its foot' : 'Where it meets the wall'}
              value={(values[height] as { value: Length }).value}
              onChange={(value) =>
                value !== null && set({ [height]: { ...(values[height] as object), value } })
              }
            />
            <SelectField
              label="Above"
              value={(values[height] as { from: string }).from}
              onChange={(from) => set({ [height]: { ...(values[height] as object), from } })}
              choices={FLOORS}
            />
          </>
        ) : null}
        {'pitch_in_12' in feature ? (
          <TextField
            label="Pitch, inches in 12"
            inputMode="decimal"
            value={String(feature.pitch_in_12)}
            onChange={(text) => {
              const pitch = Number(text)
              if (Number.isFinite(pitch) && pitch >= 0 && pitch <= 36) set({ pitch_in_12: pitch })
            }}
          />
        ) : null}
        {feature.kind === 'fixture' ? (
          <>
            <SelectField
              label="What it is"
              value={feature.what}
              onChange={(what) => set({ what })}
              choices={FIXTURES.map((value) => ({ value, label: value.replace('-', ' ') }))}
            />
            <SelectField
              label="Floor"
              value={String(feature.floor)}
              onChange={(floor) => set({ floor: Number(floor) })}
              choices={['1', '2', '3'].map((value) => ({ value, label: value }))}
            />
          </>
        ) : feature.kind === 'on-roof' ? (
          <SelectField
            label="What it is"
            value={feature.what}
            onChange={(what) => set({ what })}
            choices={ON_ROOF.map((value) => ({ value, label: value }))}
          />
        ) : 'what' in feature ? (
          <TextField label="What it is" value={feature.what} onChange={(what) => set({ what })} />
        ) : null}
        {feature.kind === 'gutter' ? (
          <SelectField
            label="It empties at"
            value={feature.outlets}
            onChange={(outlets) => set({ outlets })}
            choices={[
              { value: 'unknown', label: 'not looked' },
              { value: 'left', label: 'its left end' },
              { value: 'right', label: 'its right end' },
              { value: 'both', label: 'both ends' },
              { value: 'middle', label: 'the middle' },
            ]}
          />
        ) : null}
        {feature.kind === 'leader' ? (
          <SelectField
            label="Its water goes"
            value={feature.discharge}
            onChange={(discharge) => set({ discharge })}
            choices={[
              { value: 'unknown', label: 'not looked' },
              { value: 'at-wall', label: 'out at the wall' },
              { value: 'carried-off', label: '4 ft or more away' },
              { value: 'underground', label: 'into the ground' },
            ]}
          />
        ) : null}
        {feature.kind === 'porch' ? (
          <CheckField
            label="Screened"
            checked={feature.screened}
            onChange={(screened) => set({ screened })}
          />
        ) : null}
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
          <>
            <Button
              look="quiet"
              onClick={() => {
                store.set('feature', old.id, { removed: true })
                props.onClose()
              }}
            >
              Remove
            </Button>
            <Button
              look="quiet"
              onClick={() => {
                const copy = {
                  ...feature,
                  id: newId(),
                  number: nextFeatureNumber(view.job, feature.side_id),
                  station: placeForAnother(feature, derived.job),
                }
                setWrong(store.create('feature', copy))
                props.onClose()
              }}
            >
              Another like it
            </Button>
          </>
        ) : null}
        <span className="grow" />
        <Button onClick={props.onClose}>Leave it</Button>
        <Button look="main" onClick={keep}>
          {old ? 'Keep' : `Add ${FEATURE_NAMES[feature.kind]}`}
        </Button>
      </div>
    </Dialog>
  )
}
