'use client'

import type { Finding } from '../../../core/job'
import { feet, inches } from '../../../core/measure'
import { LengthField, SelectField } from '../../look'
import { useJob } from '../../state/useJob'

/** Inside, below or on the roof: the wall a finding is nearest to, and how far in. Water is then traced to it through the house. */
export function SpotFields({ spot, set }: { spot: Finding['spot']; set: (spot: Finding['spot']) => void }) {
  const { job } = useJob()
  if (job.sides.length === 0) return null
  return (
    <fieldset className="grid grid-cols-3 gap-2 max-sm:grid-cols-2">
      <legend className="sr-only">Where inside</legend>
      <SelectField
        label="Nearest wall"
        value={spot?.side_id ?? ''}
        onChange={(side_id) =>
          set(
            side_id === ''
              ? null
              : { side_id, station: spot?.station ?? feet(0), in_from_wall: spot?.in_from_wall ?? inches(0) },
          )
        }
        choices={[
          { value: '', label: 'not noted' },
          ...job.sides.map((side) => ({ value: side.id, label: `${side.letter} ${side.facing}` })),
        ]}
      />
      {spot ? (
        <>
          <LengthField
            label="Station"
            bare="feet"
            value={spot.station}
            onChange={(station) => station !== null && set({ ...spot, station })}
          />
          <LengthField
            label="In from the wall"
            value={spot.in_from_wall}
            onChange={(in_from_wall) => in_from_wall !== null && set({ ...spot, in_from_wall })}
          />
        </>
      ) : null}
    </fieldset>
  )
}
