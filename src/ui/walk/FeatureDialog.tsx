'use client'

import { useState } from 'react'
import { newId } from '../../client/newId'
import type { EntityOf, JobDocument } from '../../core/job'
import { feet, inches, type Length } from '../../core/measure'
import { Button, Dialog, LengthField, Notice, SelectField } from '../look'
import { useJob } from '../state/useJob'

type Kind = EntityOf['feature']['kind']

/** Numbers are given once: a removed window keeps its own. */
function nextNumber(document: JobDocument, sideId: string): number {
  return (
    Math.max(0, ...document.features.filter((each) => each.side_id === sideId).map((each) => each.number)) + 1
  )
}

/** A window, door or deck put on a side. */
export function FeatureDialog({ sideId, onClose }: { sideId: string; onClose: () => void }) {
  const { derived, store, view } = useJob()
  const [side, setSide] = useState(sideId)
  const [kind, setKind] = useState<Kind>('window')
  const [floor, setFloor] = useState<'floor-1' | 'floor-2' | 'floor-3'>('floor-1')
  const [station, setStation] = useState<Length>(feet(4))
  const [width, setWidth] = useState<Length>(inches(36))
  const [height, setHeight] = useState<Length>(inches(60))
  const [sill, setSill] = useState<Length>(inches(30))
  const [wrong, setWrong] = useState<string | null>(null)
  const letter = derived.job.sides.find((each) => each.id === side)?.letter ?? ''

  function choose(next: Kind): void {
    setKind(next)
    const size = { window: [36, 60, 30], door: [36, 80, 0], deck: [12 * 16, 12 * 10, 24] } as const
    const [w, h, s] = size[next]
    setWidth(inches(w))
    setHeight(inches(h))
    setSill(inches(s))
  }

  function add(): void {
    const base = {
      id: newId(),
      removed: false,
      side_id: side,
      number: nextNumber(view.job, side),
      station,
      width,
    }
    const opening = { height, sill: { value: sill, from: floor }, casing_width: inches(4.5) }
    const feature: EntityOf['feature'] =
      kind === 'window'
        ? { ...base, kind, ...opening, parts: ['head-casing', 'side-casing', 'window-sill', 'sill-nose'] }
        : kind === 'door'
          ? {
              ...base,
              kind,
              ...opening,
              parts: ['head-casing', 'side-casing', 'jamb-foot', 'threshold', 'slab'],
            }
          : { ...base, kind, depth: height, deck_height: sill }
    const said = store.create('feature', feature)
    setWrong(said)
    if (!said) onClose()
  }

  return (
    <Dialog open onClose={onClose} title={`New on side ${letter}`}>
      <div className="grid grid-cols-2 gap-3">
        <SelectField
          label="What"
          value={kind}
          onChange={(value) => choose(value as Kind)}
          choices={['window', 'door', 'deck'].map((value) => ({ value, label: value }))}
        />
        <SelectField
          label="Side"
          value={side}
          onChange={setSide}
          choices={derived.job.sides.map((each) => ({
            value: each.id,
            label: `${each.letter} ${each.facing}`,
          }))}
        />
        <LengthField
          label="Station of its left end"
          bare="feet"
          value={station}
          hint="from the left corner, seen from outside"
          onChange={(value) => value !== null && setStation(value)}
        />
        <LengthField label="Width" value={width} onChange={(value) => value !== null && setWidth(value)} />
        <LengthField
          label={kind === 'deck' ? 'Depth out from the wall' : 'Height'}
          value={height}
          onChange={(value) => value !== null && setHeight(value)}
        />
        <LengthField
          label={kind === 'deck' ? 'Deck above the ground' : 'Sill above its floor'}
          value={sill}
          onChange={(value) => value !== null && setSill(value)}
        />
        {kind === 'deck' ? null : (
          <SelectField
            label="Floor"
            value={floor}
            onChange={(value) => setFloor(value as typeof floor)}
            choices={[
              { value: 'floor-1', label: 'first' },
              { value: 'floor-2', label: 'second' },
              { value: 'floor-3', label: 'third' },
            ]}
          />
        )}
      </div>
      {wrong ? (
        <div className="pt-3">
          <Notice tone="wrong" alert>
            {wrong}
          </Notice>
        </div>
      ) : null}
      <div className="mt-4 flex justify-end gap-2">
        <Button onClick={onClose}>Leave it</Button>
        <Button look="main" onClick={add}>
          Add {kind}
        </Button>
      </div>
    </Dialog>
  )
}
