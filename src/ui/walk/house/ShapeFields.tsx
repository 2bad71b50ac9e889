'use client'

import { useState } from 'react'
import { feet, walkOfShape, type HouseShape, type ShapeSizes } from '../../../core/measure'
import { Button, LengthField, SelectField } from '../../look'

const SHAPES: readonly { value: HouseShape; label: string }[] = [
  { value: 'rectangle', label: 'rectangle' },
  { value: 'L', label: 'L, wing at the right' },
  { value: 'T', label: 'T, wing in the middle' },
  { value: 'U', label: 'U, two wings behind' },
]

/** Writes the walking order of a common shape, to be corrected as one likes. */
export function ShapeFields({ onShape }: { onShape: (walk: string) => void }) {
  const [shape, setShape] = useState<HouseShape>('rectangle')
  const [sizes, setSizes] = useState<ShapeSizes>({
    width: feet(40),
    depth: feet(28),
    wing_width: feet(16),
    wing_depth: feet(12),
  })
  const walk = walkOfShape(shape, sizes)
  const field = (name: keyof ShapeSizes, label: string) => (
    <LengthField
      label={label}
      bare="feet"
      value={sizes[name]}
      onChange={(value) => value !== null && setSizes({ ...sizes, [name]: value })}
    />
  )
  return (
    <details>
      <summary className="font-head text-[14px] text-chalk-text underline touch:py-3">
        From a common shape
      </summary>
      <div className="grid grid-cols-2 gap-2 pt-2">
        <SelectField
          label="Shape"
          value={shape}
          onChange={(value) => setShape(SHAPES.find((each) => each.value === value)?.value ?? 'rectangle')}
          choices={SHAPES}
        />
        <span />
        {field('width', 'Front')}
        {field('depth', 'Depth')}
        {shape === 'rectangle' ? null : field('wing_width', shape === 'U' ? 'Court, width' : 'Wing, width')}
        {shape === 'rectangle' ? null : field('wing_depth', shape === 'U' ? 'Court, depth' : 'Wing, depth')}
        <div className="col-span-2">
          <Button disabled={walk === null} onClick={() => walk !== null && onShape(walk)}>
            {walk === null ? 'The wing is too wide' : 'Write it down'}
          </Button>
        </div>
      </div>
    </details>
  )
}
