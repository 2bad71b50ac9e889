'use client'

import { useState } from 'react'
import { HOUSE_KINDS, type EntityOf } from '../../../core/job'
import { Button, LengthField, SelectField, TextField } from '../../look'
import { Dialog } from '../../look/Dialog'
import { useJob } from '../../state/useJob'
import { ConditionFields } from './ConditionFields'
import { ClimateFields } from './ClimateFields'
import { SurroundingsFields } from './SurroundingsFields'
import { freshHouse } from '../findings/fresh'

const FOUNDATIONS = [
  { value: 'unknown', label: 'not known' },
  { value: 'crawl', label: 'crawl space' },
  { value: 'basement', label: 'basement' },
  { value: 'slab', label: 'slab' },
  { value: 'slab-tendons', label: 'slab with tendons (a stamp, or pockets at its edge)' },
  { value: 'piers', label: 'piers, open' },
  { value: 'piers-with-skirt', label: 'piers with a skirt' },
]

/** What one can be below of. */
const BELOW: ReadonlySet<string> = new Set(['crawl', 'piers', 'piers-with-skirt', 'unknown'])

const HOUSE_KIND_WORDS: Readonly<Record<EntityOf['house']['kind'], string>> = {
  house: 'a house by itself',
  attached: 'attached to a dwelling not in the job',
  'manufactured-home': 'a manufactured home',
  outbuilding: 'an outbuilding',
}

/** Year, storeys, foundation. An unknown year is an answer, and counts as old paint. */
export function HouseDialog({ open, onClose }: { open: boolean; onClose: () => void }) {
  const { job, store } = useJob()
  const house = job.house ?? freshHouse()
  const [year, setYear] = useState<string | null>(null)
  const [wrong, setWrong] = useState<string | null>(null)
  const set = (fields: Partial<EntityOf['house']>): void => {
    setWrong(job.house ? store.set('house', 'house', fields) : store.create('house', { ...house, ...fields }))
  }
  const known = house.year_built.kind === 'known' ? String(house.year_built.year) : ''
  return (
    <Dialog open={open} onClose={onClose} title="House" wide>
      <div className="grid grid-cols-2 gap-3">
        <TextField
          label="Year built"
          inputMode="numeric"
          value={year ?? known}
          hint="Leave empty when unknown: paint then counts as lead paint."
          error={wrong}
          onChange={(text) => {
            setYear(text)
            setWrong(null)
          }}
          onBlur={() => {
            if (year === null) return
            const number = Number(year)
            if (year.trim() === '') set({ year_built: { kind: 'unknown' } })
            else if (Number.isInteger(number) && number >= 1600 && number <= 2100)
              set({ year_built: { kind: 'known', year: number } })
            else setWrong('Type a year such as 1928, or leave it empty.')
          }}
        />
        <SelectField
          label="It is"
          value={house.kind}
          onChange={(value) => set({ kind: value as EntityOf['house']['kind'] })}
          choices={HOUSE_KINDS.map((value) => ({ value, label: HOUSE_KIND_WORDS[value] }))}
        />
        <SelectField
          label="Storeys"
          value={String(house.storeys)}
          onChange={(value) => set({ storeys: Number(value) })}
          choices={['1', '2', '3', '4'].map((value) => ({ value, label: value }))}
        />
        <SelectField
          label="Foundation"
          value={house.foundation}
          onChange={(value) => set({ foundation: value as EntityOf['house']['foundation'] })}
          choices={FOUNDATIONS}
        />
        <LengthField
          label="Foundation above the ground"
          value={house.foundation_height}
          onChange={(value) => value !== null && set({ foundation_height: value })}
        />
        <LengthField
          label="Floor to floor"
          bare="feet"
          value={house.storey_height}
          onChange={(value) => value !== null && set({ storey_height: value })}
        />
        {BELOW.has(house.foundation) ? (
          <LengthField
            label="Crawl space, ground to joists"
            optional
            value={house.crawl_clearance}
            hint="where it is lowest on the way"
            onChange={(crawl_clearance) => set({ crawl_clearance })}
          />
        ) : null}
        <div className="col-span-full">
          <ConditionFields
            at="house"
            conditions={house.conditions}
            onChange={(conditions) => set({ conditions })}
          />
        </div>
        <div className="col-span-full">
          <ClimateFields climate={house.climate} onChange={(climate) => set({ climate })} />
        </div>
        <div className="col-span-full">
          <SurroundingsFields
            surroundings={house.surroundings}
            onChange={(surroundings) => set({ surroundings })}
          />
        </div>
      </div>
      <div className="mt-4 flex justify-end">
        <Button onClick={onClose}>Done</Button>
      </div>
    </Dialog>
  )
}
