'use client'

import { areaOf_ft2, oneOfSize, type Quantity } from '../../core/job'
import { feet, type Length } from '../../core/measure'
import { NumberField } from '../look/ReadField'
import { LengthField, SelectField } from '../look'

type Kind = Quantity['kind']
const KINDS: readonly { readonly value: Kind; readonly label: string }[] = [
  { value: 'length', label: 'a length' },
  { value: 'members', label: 'pieces of a length' },
  { value: 'courses', label: 'courses of a length' },
  { value: 'count', label: 'pieces' },
  { value: 'area', label: 'an area' },
]
const FT2_64 = feet(1) * feet(1)
const taped = (value: Length) => ({ value, how: 'taped', low: null, high: null }) as const

/** A size made anew from its parts: whoever says it has taped or counted it. */
function made(kind: Kind, many: number, length: Length | null, ft2: number): Quantity | null {
  const count = Math.max(1, Math.round(many))
  switch (kind) {
    case 'length':
      return length === null ? null : { kind, length: taped(length) }
    case 'members':
      return length === null ? null : { kind, count, length: taped(length) }
    case 'courses':
      return length === null ? null : { kind, courses: count, length: taped(length) }
    case 'count':
      return { kind, count, how: 'counted' }
    case 'area':
    case 'volume':
      return ft2 > 0
        ? { kind: 'area', area: Math.round(ft2 * FT2_64), low: null, high: null, how: 'taped' }
        : null
  }
}

/** How much there is to do at one place of an item. */
export function SizeFields(props: {
  where: string
  size: Quantity | null
  courses: boolean
  onChange: (size: Quantity | null) => void
}) {
  const { size, onChange } = props
  const { times, courses, length } = oneOfSize(size)
  const kind = size?.kind ?? 'length'
  const many = kind === 'courses' ? courses : times
  const value = length?.value ?? null
  const ft2 = areaOf_ft2(size) ?? 0
  const set = (of: { kind?: Kind; many?: number; length?: Length; ft2?: number }): void => {
    const to = of.kind ?? kind
    onChange(made(to, of.many ?? many, of.length ?? value ?? feet(1), of.ft2 ?? (ft2 || 10)))
  }
  const counted = kind === 'members' || kind === 'courses' || kind === 'count'
  return (
    <div role="group" aria-label={`Size: ${props.where}`} className="grid grid-cols-3 items-end gap-2">
      <p className="col-span-3 text-[13px] text-quiet">{props.where}</p>
      <SelectField
        label="Measured as"
        value={kind}
        onChange={(to) => set({ kind: to as Kind })}
        choices={KINDS.filter((each) => props.courses || each.value !== 'courses')}
      />
      {counted ? (
        <NumberField
          key={kind}
          label={kind === 'courses' ? 'Courses' : 'How many'}
          range={{ least: 1, most: 999, whole: true }}
          value={many}
          onChange={(to) => set({ many: to })}
        />
      ) : null}
      {kind === 'area' ? (
        <NumberField
          label="Square feet"
          range={{ least: 0.1, most: 100_000 }}
          such="an area in square feet, such as 32"
          value={ft2 > 0 ? Math.round(ft2 * 10) / 10 : null}
          onChange={(to) => set({ ft2: to })}
        />
      ) : kind === 'count' ? null : (
        <LengthField
          label="Length"
          bare="feet"
          value={value}
          onChange={(to) => {
            if (to !== null) set({ length: to })
          }}
        />
      )}
    </div>
  )
}
