'use client'

import { INVENTED_CLIMATES } from '../../../core/house'
import type { EntityOf } from '../../../core/job'
import { NumberField, TemperatureField } from '../../look/ReadField'
import { SelectField } from '../../look'

type Climate = NonNullable<EntityOf['house']['climate']>
const MONTHS = ['Jan', 'Feb', 'Mar', 'Apr', 'May', 'Jun', 'Jul', 'Aug', 'Sep', 'Oct', 'Nov', 'Dec'] as const
const EMPTY: Climate = {
  place: 'typed',
  months: MONTHS.map(() => ({ mean_temperature_c: 10, rain_days: 10 })),
}

/** Twelve months of temperature and rain days: from the small table of invented places, or typed from a record nearby. */
export function ClimateFields(props: {
  climate: Climate | null
  onChange: (climate: Climate | null) => void
}) {
  const { climate, onChange } = props
  const known = INVENTED_CLIMATES.find((each) => each.place === climate?.place)
  function set(month: number, fields: Partial<Climate['months'][number]>): void {
    const from = climate ?? EMPTY
    onChange({
      place: known ? 'typed' : from.place,
      months: from.months.map((each, at) => (at === month ? { ...each, ...fields } : each)),
    })
  }
  return (
    <fieldset className="border-t border-rule pt-2">
      <legend className="font-head text-[14px] font-medium">Climate</legend>
      <div className="max-w-sm">
        <SelectField
          label="From"
          value={climate === null ? '' : (known?.place ?? 'typed')}
          onChange={(value) =>
            onChange(
              value === '' ? null : (INVENTED_CLIMATES.find((each) => each.place === value) ?? { ...EMPTY }),
            )
          }
          choices={[
            { value: '', label: 'not given' },
            ...INVENTED_CLIMATES.map((each) => ({ value: each.place, label: each.place })),
            { value: 'typed', label: 'typed from a record nearby' },
          ]}
        />
      </div>
      {climate ? (
        <div className="mt-2 grid grid-cols-12 gap-1 max-sm:grid-cols-4">
          {climate.months.map((month, index) => (
            <div key={MONTHS[index]} className="min-w-0">
              <TemperatureField
                label={`${MONTHS[index]} °F`}
                value={month.mean_temperature_c}
                range={{ least: -60, most: 60 }}
                onChange={(mean_temperature_c) => set(index, { mean_temperature_c })}
              />
              <NumberField
                label={`${MONTHS[index]} rain`}
                value={month.rain_days}
                range={{ least: 0, most: 31 }}
                onChange={(rain_days) => set(index, { rain_days })}
              />
            </div>
          ))}
        </div>
      ) : null}
    </fieldset>
  )
}
