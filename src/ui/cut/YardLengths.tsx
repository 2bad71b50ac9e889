'use client'

import { useState } from 'react'
import { stockLengths_ft } from '../../core/catalogue'
import { buyMyWay, type SectionPlan } from '../../core/cut'
import { lengthsFrom, lengthsText } from '../../core/firmValues/bought'
import { feet, formatCents, formatLength, type Cents, type Length } from '../../core/measure'
import { SavedTextField } from '../look'
import { useJob } from '../state/useJob'

/** What buying only these lengths costs over any the yard has usually, in feet and money. */
function costWords(section: SectionPlan, usual: readonly number[], rate: number | undefined): string {
  const pieces = section.boards.flatMap((board) => board.cuts)
  const way = buyMyWay(
    pieces,
    section.stock,
    usual.map((ft) => feet(ft)),
  )
  const more = way.mine - way.any
  if (more === 0) return 'As cheap as any length the yard has usually.'
  const cents = rate === undefined ? null : (Math.round((Math.abs(more) / feet(1)) * rate) as Cents)
  const by = `${formatLength(Math.abs(more) as Length)}${cents === null ? '' : `, ${formatCents(cents)}`}`
  return more > 0
    ? `Buys ${by} more than with the usual lengths.`
    : `Buys ${by} less than with the usual lengths.`
}

/** The lengths that boards of this section are bought in on this job, and what it costs to have it so. */
export function YardLengths({ section }: { section: SectionPlan }) {
  const { derived, store, view } = useJob()
  const { settings, rates } = derived.job
  const [kind, ...material] = section.section.split(' ')
  const usual = stockLengths_ft(kind!, material.join(' '), {})
  const [wrong, setWrong] = useState<string | null>(null)
  const said = section.stock.map((length) => length / feet(1))
  const own = settings.stock_lengths_ft[section.section] !== undefined
  if (!view.member.may.includes('change-settings')) return null
  return (
    <details className="no-print pt-1 open:basis-full">
      <summary className="font-head text-[13px] text-chalk-text underline touch:min-h-11">
        Bought in {lengthsText(said)} ft{own ? ', my way' : ''}
      </summary>
      <div className="flex flex-wrap items-end gap-3 py-1">
        <SavedTextField
          label={`Lengths of ${section.name}, ft`}
          value={lengthsText(said)}
          error={wrong}
          hint="Such as 8, 12, 16; empty: the usual ones."
          onSave={(text) => {
            const lengths = text.trim() === '' ? [...usual] : lengthsFrom(text)
            setWrong(lengths === null ? 'Lengths in feet, such as 8, 12, 16.' : null)
            if (lengths === null) return
            store.set('settings', 'settings', {
              stock_lengths_ft: { ...settings.stock_lengths_ft, [section.section]: lengths },
            })
          }}
        />
        <p className="pb-1.5 text-[14px]">
          {costWords(section, usual, rates?.section_cents_per_ft[section.section])}
        </p>
      </div>
    </details>
  )
}
