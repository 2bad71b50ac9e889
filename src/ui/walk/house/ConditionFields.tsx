'use client'

import { CONDITIONS, type ConditionRow } from '../../../core/catalogue'
import { CheckField } from '../../look'

/** What makes work go slower at a side or all over the house: each adds its share of the hours. Ids not known here are kept. */
export function ConditionFields(props: {
  at: ConditionRow['at']
  conditions: readonly string[]
  onChange: (conditions: string[]) => void
}) {
  const { at, conditions, onChange } = props
  return (
    <fieldset>
      <legend className="font-head text-[14px] font-medium">
        {at === 'side' ? 'Work goes slower at this side' : 'Work goes slower all over'}
      </legend>
      <div className="grid grid-cols-2 gap-x-3 max-sm:grid-cols-1">
        {CONDITIONS.filter((row) => row.at === at).map((row) => (
          <CheckField
            key={row.id}
            label={row.name}
            checked={conditions.includes(row.id)}
            onChange={(checked) =>
              onChange(
                checked
                  ? [
                      ...conditions.filter(
                        (id) => CONDITIONS.find((each) => each.id === id)?.group !== row.group,
                      ),
                      row.id,
                    ]
                  : conditions.filter((id) => id !== row.id),
              )
            }
          />
        ))}
      </div>
    </fieldset>
  )
}
