'use client'

import { Facing, type EntityOf } from '../../../core/job'
import { CheckField, SelectField } from '../../look'

type Surroundings = NonNullable<EntityOf['house']['surroundings']>

const NOTHING_NOTED: Surroundings = {
  storm_side: null,
  shaded_sides: [],
  soil: 'unknown',
  windswept: false,
  irrigation: 'unknown',
}
const SOILS = [
  { value: 'unknown', label: 'not noted' },
  { value: 'clay', label: 'clay' },
  { value: 'sand-or-gravel', label: 'sand or gravel' },
  { value: 'fill', label: 'fill' },
] as const
const YES_NO = [
  { value: 'unknown', label: 'not noted' },
  { value: 'yes', label: 'yes' },
  { value: 'no', label: 'no' },
] as const

/** What stands and blows round the house: it makes some causes more usual, others less. */
export function SurroundingsFields(props: {
  surroundings: Surroundings | null
  onChange: (surroundings: Surroundings) => void
}) {
  const around = props.surroundings ?? NOTHING_NOTED
  const set = (fields: Partial<Surroundings>): void => props.onChange({ ...around, ...fields })
  return (
    <fieldset className="grid grid-cols-2 gap-3">
      <legend className="font-head text-[14px] font-medium">Round the house</legend>
      <SelectField
        label="Storms come from"
        value={around.storm_side ?? ''}
        onChange={(side) => set({ storm_side: Facing.options.find((each) => each === side) ?? null })}
        choices={[
          { value: '', label: 'not noted' },
          ...Facing.options.map((value) => ({ value, label: `the ${value}` })),
        ]}
      />
      <SelectField
        label="Soil"
        value={around.soil}
        onChange={(soil) => set({ soil: SOILS.find((each) => each.value === soil)?.value ?? 'unknown' })}
        choices={SOILS}
      />
      <SelectField
        label="Sprinklers"
        value={around.irrigation}
        onChange={(is) => set({ irrigation: YES_NO.find((each) => each.value === is)?.value ?? 'unknown' })}
        choices={YES_NO}
      />
      <CheckField
        label="Salt water or a bare ridge within a mile"
        checked={around.windswept}
        onChange={(windswept) => set({ windswept })}
      />
      <div className="col-span-full flex flex-wrap gap-x-4">
        {Facing.options.map((facing) => (
          <CheckField
            key={facing}
            label={`${facing}: trees within 10 ft, or no sun`}
            checked={around.shaded_sides.includes(facing)}
            onChange={(on) =>
              set({
                shaded_sides: on
                  ? [...around.shaded_sides, facing]
                  : around.shaded_sides.filter((each) => each !== facing),
              })
            }
          />
        ))}
      </div>
    </fieldset>
  )
}
