'use client'

import { useState } from 'react'
import { findingBox, groundAt, onPicture } from '../../../core/geometry'
import { findingNumber } from '../../../core/house'
import { gradeOf, type Photo, type PictureCanvas, type PicturePoint, type Side } from '../../../core/job'
import { feet, formatLength, inches, type Length } from '../../../core/measure'
import { Button, LengthField, Notice, SelectField } from '../../look'
import { useJob } from '../../state/useJob'

/** A line just tapped, or the one the scale was taken from. */
export function Known({
  line,
  size,
}: {
  line: { from: PicturePoint; to: PicturePoint }
  size: { width_px: number; height_px: number }
}) {
  return (
    <line
      x1={line.from.x * size.width_px}
      y1={line.from.y * size.height_px}
      x2={line.to.x * size.width_px}
      y2={line.to.y * size.height_px}
      stroke="#1F5FAE"
      strokeWidth={size.width_px / 220}
      strokeDasharray={`${size.width_px / 60} ${size.width_px / 120}`}
    />
  )
}

/** Findings of the side where they lie in the picture: the strip's own marks, seen from here. */
export function FindingsOnPicture({ photo, side }: { photo: Photo; side: Side }) {
  const { derived, choose, chosen } = useJob()
  const { job } = derived
  const size = { width_px: photo.width_px, height_px: photo.height_px }
  return job.findings.flatMap((finding) => {
    const box = findingBox(finding, job)
    if (box?.side_id !== side.id || !photo.canvas) return []
    const a = onPicture({ station: box.left, height: box.top }, photo.canvas, size)
    const b = onPicture({ station: box.right, height: box.bottom }, photo.canvas, size)
    if (!a || !b || b.x < 0 || a.x > 1 || b.y < 0 || a.y > 1) return []
    const letters = size.width_px / 42
    const active = chosen.includes(finding.id)
    const sound = gradeOf(finding) === 0
    return [
      <g
        key={finding.id}
        className="cursor-pointer"
        onPointerDown={(event) => event.stopPropagation()}
        onPointerUp={(event) => {
          event.stopPropagation()
          choose([finding.id])
        }}
      >
        <rect
          x={a.x * size.width_px}
          y={a.y * size.height_px}
          width={Math.max(6, (b.x - a.x) * size.width_px)}
          height={Math.max(6, (b.y - a.y) * size.height_px)}
          fill={sound ? 'none' : 'rgba(201,58,28,0.28)'}
          stroke={sound ? '#2F6B4A' : '#C93A1C'}
          strokeWidth={size.width_px / (active ? 180 : 360)}
        />
        <text
          x={a.x * size.width_px}
          y={a.y * size.height_px - letters * 0.3}
          fontSize={letters}
          fontWeight={700}
          fill={sound ? '#2F6B4A' : '#9C2C13'}
          stroke="#FBFCFC"
          strokeWidth={letters / 5}
          paintOrder="stroke"
          className="font-head"
        >
          {findingNumber(finding, job)}
        </text>
      </g>,
    ]
  })
}

/** The known length, and where one of its ends lies on the wall. */
export function ScaleForm(props: {
  photo: Photo
  line: { from: PicturePoint; to: PicturePoint } | null
  onKept: (canvas: PictureCanvas) => void
}) {
  const { derived, sideId } = useJob()
  const { job } = derived
  const held = props.photo.canvas
  const [length, setLength] = useState<Length>(held?.length ?? inches(80))
  const [side_id, setSide] = useState(held?.side_id ?? sideId ?? job.sides[0]?.id ?? '')
  const [station, setStation] = useState<Length>(held?.anchor.station ?? feet(0))
  const [height, setHeight] = useState<Length>(held?.anchor.height ?? inches(0))
  const { line } = props
  if (!line) return <p className="text-[14px]">Tap both ends of a known length on the picture.</p>
  if (job.sides.length === 0)
    return (
      <Notice tone="waiting">
        Set up the side first (Find, Add a side), then come back: the scale belongs to a side.
      </Notice>
    )
  // The lower end is easier to place: the foot of a door, the corner at the ground.
  const anchorAt = held && line === held ? held.anchor.at : line.from.y > line.to.y ? line.from : line.to
  return (
    <form
      aria-label="Scale of the picture"
      className="grid grid-cols-2 gap-2 border border-ink bg-white p-2"
      onSubmit={(event) => {
        event.preventDefault()
        const side = job.sides.find((each) => each.id === side_id)
        const zero = (height + (side ? groundAt(side, station) : 0)) as Length
        props.onKept({
          side_id,
          from: line.from,
          to: line.to,
          length,
          anchor: { at: anchorAt, station, height: zero },
        })
      }}
    >
      <LengthField label="The length tapped" value={length} onChange={(value) => value && setLength(value)} />
      <SelectField
        label="On side"
        value={side_id}
        onChange={setSide}
        choices={job.sides.map((side) => ({ value: side.id, label: `${side.letter} ${side.facing}` }))}
      />
      <LengthField
        label="Its lower end: station"
        bare="feet"
        value={station}
        onChange={(value) => value !== null && setStation(value)}
      />
      <LengthField
        label="Height above the ground"
        value={height}
        onChange={(value) => value !== null && setHeight(value)}
      />
      <div className="col-span-full flex justify-end">
        <Button type="submit" look="main">
          Set the scale
        </Button>
      </div>
    </form>
  )
}

/** A length just drawn can be the length of a finding. */
export function UseLength({ length, onDone }: { length: Length; onDone: () => void }) {
  const { derived, store, chosen } = useJob()
  const { job } = derived
  return (
    <SelectField
      label={`${formatLength(length)} is the damage of`}
      value=""
      onChange={(id) => {
        if (id) store.set('finding', id, { extent: { value: length, how: 'scaled', low: null, high: null } })
        onDone()
      }}
      choices={[
        { value: '', label: 'no finding' },
        ...[...job.findings]
          .sort((a, b) => Number(chosen.includes(b.id)) - Number(chosen.includes(a.id)))
          .map((finding) => ({
            value: finding.id,
            label: `${findingNumber(finding, job)} ${finding.words || finding.component || ''}`.slice(0, 50),
          })),
      ]}
    />
  )
}
