'use client'

import { useState } from 'react'
import { drawnLength, foundationTop, gableRise, sightLine, wallTop } from '../../../core/geometry'
import { ZONES, type Side, type ZoneId } from '../../../core/job'
import { feet, inches, type Length } from '../../../core/measure'
import { Button, LengthField, SelectField } from '../../look'
import { useJob } from '../../state/useJob'

/** A coarse look from here counts as *from the ground* for the zone, with where one stood kept beside it. */
export function SightLinePanel({ side }: { side: Side }) {
  const { derived, store } = useJob()
  const { job } = derived
  const [zone, setZone] = useState<ZoneId>('roof-edge')
  const [from_wall, setFromWall] = useState<Length>(feet(12))
  const [eye, setEye] = useState<Length>(inches(64))
  const top = wallTop(side, job.house)
  const rise = side.roof_edge === 'gable' ? gableRise(drawnLength(side, job), side.pitch_in_12) : 0
  const bands: Partial<Record<ZoneId, { bottom: number; top: number }>> = {
    'roof-edge': { bottom: top - inches(18), top },
    field: { bottom: foundationTop(job.house, side), top },
    ...(rise > 0 ? { gable: { bottom: top, top: top + rise } } : {}),
  }
  const band = bands[zone] ?? bands['roof-edge']!
  const seen = sightLine(side, band, { from_wall, eye }, job)
  const share = Math.round(seen.visible * 100)
  return (
    <section aria-label="What is seen from where you stand">
      <h3 className="border-b border-ink pb-0.5 text-[15px]">
        Seen from where you stand, side {side.letter}
      </h3>
      <div className="grid grid-cols-3 gap-2 pt-1.5">
        <SelectField
          label="Zone"
          value={zone}
          onChange={(value) => setZone(value as ZoneId)}
          choices={(Object.keys(bands) as ZoneId[]).map((value) => ({ value, label: ZONES[value] }))}
        />
        <LengthField
          label="Off the wall"
          bare="feet"
          value={from_wall}
          onChange={(value) => value && setFromWall(value)}
        />
        <LengthField label="Eye" value={eye} onChange={(value) => value && setEye(value)} />
      </div>
      <p className="py-1.5 text-[14px]">
        <span className="font-semibold">{share} % of it shows.</span> {seen.words}
      </p>
      <Button
        onClick={() =>
          store.addFact({
            kind: 'coverage',
            side_id: side.id,
            zone,
            stood: { from_wall, eye },
            looked: seen.visible > 0 ? { yes: true, how: 'from-ground' } : { yes: false, reason: 'height' },
          })
        }
      >
        {seen.visible > 0 ? 'Note: seen from here' : 'Note: not seen from here'}
      </Button>
    </section>
  )
}
