'use client'

import Papa from 'papaparse'
import { useState } from 'react'
import { planValues, VALUE_COLUMNS, valueRows, type ValuePlan, type ValueRow } from '../../core/firmValues'
import { Button } from '../look'
import { Dialog } from '../look/Dialog'
import type { FirmValuesState } from './useFirmValues'

function save(text: string, name: string): void {
  const url = URL.createObjectURL(new Blob([text], { type: 'text/csv' }))
  const link = document.createElement('a')
  link.href = url
  link.download = name
  link.click()
  URL.revokeObjectURL(url)
}

const NOT_READ: ValuePlan = {
  changes: [],
  wrong: [
    'This file is no table that can be read. Save it as CSV or XLSX with the columns of “CSV out”, and take it in again.',
  ],
}

/** The rows of a table, by their heads: a spreadsheet’s first sheet, or CSV. Null: it cannot be read. */
async function rowsIn(file: File): Promise<ValueRow[] | null> {
  if (!file.name.toLowerCase().endsWith('.xlsx'))
    return Papa.parse<ValueRow>(await file.text(), { header: true, skipEmptyLines: true }).data
  try {
    // Only who takes a spreadsheet in loads what reads one.
    const { readSheet } = await import('read-excel-file/browser')
    const sheet = await readSheet(file)
    return Papa.parse<ValueRow>(Papa.unparse(sheet), { header: true, skipEmptyLines: true }).data
  } catch {
    return null
  }
}

/** Values out as CSV, and in again after a look at what would change. */
export function ValuesFile({ state }: { state: FirmValuesState }) {
  const [plan, setPlan] = useState<ValuePlan | null>(null)
  const values = state.kept?.values ?? []

  async function take(file: File | undefined): Promise<void> {
    if (!file) return
    const rows = await rowsIn(file)
    setPlan(rows === null ? NOT_READ : planValues(values, rows))
  }
  return (
    <>
      <Button
        onClick={() =>
          save(Papa.unparse(valueRows(values), { columns: [...VALUE_COLUMNS] }), 'firm-values.csv')
        }
      >
        CSV out
      </Button>
      <label className="relative inline-flex min-h-9 cursor-pointer items-center rounded-(--radius) border border-ink bg-paper px-3 font-head text-[15px] font-semibold outline-offset-2 outline-chalk has-focus-visible:outline-3 touch:min-h-11">
        CSV or XLSX in
        <input
          type="file"
          accept=".csv,text/csv,.xlsx"
          aria-label="Table of values to take in"
          className="sr-only"
          onChange={(event) => {
            void take(event.target.files?.[0])
            event.target.value = ''
          }}
        />
      </label>
      <Dialog open={plan !== null} onClose={() => setPlan(null)} title="What this file would change">
        {plan ? (
          <div className="flex flex-col gap-3">
            {plan.wrong.length > 0 ? (
              <ul role="alert" className="text-crayon-text">
                {plan.wrong.slice(0, 20).map((words) => (
                  <li key={words}>{words}</li>
                ))}
                {plan.wrong.length > 20 ? <li>{plan.wrong.length - 20} more lines are wrong.</li> : null}
              </ul>
            ) : null}
            <p>
              {plan.changes.length === 0
                ? 'It changes nothing.'
                : `${plan.changes.length} value${plan.changes.length === 1 ? '' : 's'}, nothing kept yet:`}
            </p>
            <ul className="max-h-80 overflow-y-auto">
              {plan.changes.map((change) => (
                <li key={change.key} className="border-b border-rule py-1">
                  {change.name}: {change.was ?? 'as shipped'} → {change.value ?? 'as shipped'}{' '}
                  <span className="text-quiet">{change.reason}</span>
                </li>
              ))}
            </ul>
            <div className="flex justify-end gap-2">
              <Button onClick={() => setPlan(null)}>Leave it</Button>
              <Button
                look="main"
                disabled={plan.changes.length === 0}
                onClick={() => {
                  state.changeAll(plan.changes.map(({ key, value, reason }) => ({ key, value, reason })))
                  setPlan(null)
                }}
              >
                Put them on the page
              </Button>
            </div>
          </div>
        ) : null}
      </Dialog>
    </>
  )
}
