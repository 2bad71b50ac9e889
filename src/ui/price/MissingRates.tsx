'use client'

import { useState } from 'react'
import { parseMoney } from '../../core/measure'
import type { NoRate } from '../../core/price'
import { moneyWords } from '../../core/words'
import { Button, Notice, TextField } from '../look'
import { useJob } from '../state/useJob'

/** One rate that is wanted: typed here, it stands in the rates of this job. */
function MissingRate({ row }: { row: NoRate }) {
  const { view, store } = useJob()
  const [text, setText] = useState('')
  const [wrong, setWrong] = useState<string | null>(null)
  return (
    <form
      className="flex items-end gap-2 py-1"
      onSubmit={(event) => {
        event.preventDefault()
        const rate = parseMoney(text)
        if (!rate.ok) {
          setWrong(moneyWords(rate.error))
          return
        }
        if (rate.value <= 0) {
          setWrong('A rate is more than $0.')
          return
        }
        const had = view.job.rates?.[row.table] ?? {}
        store.set('rates', 'rates', { [row.table]: { ...had, [row.id]: rate.value } })
      }}
    >
      <div className="grow">
        <TextField
          label={`${row.name}, $ a ${row.unit}`}
          value={text}
          onChange={(next) => {
            setText(next)
            setWrong(null)
          }}
          error={wrong}
          inputMode="decimal"
        />
      </div>
      <Button type="submit">Keep</Button>
    </form>
  )
}

/** What has no rate is priced at nothing and must be seen; each is mended here. */
export function MissingRates({ rows }: { rows: readonly NoRate[] }) {
  return (
    <Notice tone="wrong">
      <p>
        No rate yet, so priced at nothing. Say what it costs you, for this job; or type a price on the item.
      </p>
      {rows.map((row) => (
        <MissingRate key={`${row.table} ${row.id}`} row={row} />
      ))}
    </Notice>
  )
}
