'use client'

import { localDay } from '../../state/localDay'
import { useState } from 'react'
import { newId } from '../../../client/newId'
import { RESPONSE_ANSWERS, type EntityOf, type ResponseAnswer, type ResponseItem } from '../../../core/job'
import { findingNumber } from '../../../core/house'
import { ANSWER_IDS, answerLacks, itemsFromRows, itemsFromText, type ReadList } from '../../../core/walk'
import { DayField } from '../../look/ReadField'
import { Button, Notice, Panel, SavedTextField, SelectField, TextAreaField, TextField } from '../../look'
import { useJob } from '../../state/useJob'
import { rowsOfCsv } from './readTable'

const HOW_LABEL: Record<ResponseAnswer, string> = {
  'do-it': 'What is done',
  'no-defect': 'How it was looked at, by whom, when',
  'not-found': 'Where it was looked for',
  'not-reachable': 'What would make it reachable',
  'needs-opening': 'What has to be opened',
  refer: 'Which licensed trade',
  'done-by-others': 'By whom, when',
  declined: 'Why',
}

function freshItem(of: { number: string; words: string; order: number }): EntityOf['response_item'] {
  return { id: newId(), removed: false, answer: null, how: '', receipt_seen: null, finding_ids: [], ...of }
}

/** A sale's list answered item by item, under its own numbers. What is found besides stays in the findings, never mixed in. */
export function ListPanel() {
  const { derived } = useJob()
  const items = derived.job.response_items
  const open = items.filter((item) => answerLacks(item) !== null).length
  return items.length === 0 ? (
    <TakeInList />
  ) : (
    <div className="grid grid-cols-[minmax(0,1fr)_300px] gap-6 max-lg:grid-cols-1">
      <Panel
        title={
          open === 0 ? `All ${items.length} items answered` : `${open} of ${items.length} items to answer`
        }
        label="Response list"
      >
        <ul>
          {items.map((item) => (
            <Item key={item.id} item={item} />
          ))}
        </ul>
      </Panel>
      <ListHead />
    </div>
  )
}

function freshList(): EntityOf['response_list'] {
  return { id: 'response-list', removed: false, title: '', author: '', dated: null, due_on: null }
}

/** Paste the list, or bring it as a table; what will be made of it is shown before it is kept. */
function TakeInList() {
  const { store, job } = useJob()
  const [text, setText] = useState('')
  const [table, setTable] = useState<ReadList | null>(null)
  const [wrong, setWrong] = useState<string | null>(null)
  const read = table ?? itemsFromText(text)

  async function readFile(file: File): Promise<void> {
    const rows = itemsFromRows(await rowsOfCsv(await file.text()))
    const empty = rows.items.length === 0
    setWrong(empty ? 'There is no row in this file. Save the list as CSV with one item a row.' : null)
    if (!empty) setTable(rows)
  }
  function keep(): void {
    if (!job.response_list) {
      const said = store.create('response_list', { ...freshList(), title: read.heading.slice(0, 200) })
      if (said) return setWrong(said)
    }
    for (const [order, each] of read.items.entries()) {
      const said = store.create('response_item', freshItem({ ...each, order }))
      if (said) return setWrong(said)
    }
    return undefined
  }

  return (
    <div className="grid grid-cols-2 gap-6 max-lg:grid-cols-1">
      <Panel title="A list to answer">
        <div className="flex flex-col gap-3 pt-2">
          <p className="text-quiet">
            For a sale or a report: paste its numbered items, or bring them as CSV. Each is answered under its
            own number, and the bid cannot be sent while one is open.
          </p>
          <TextAreaField
            label="Paste the list"
            rows={8}
            value={text}
            onChange={(value) => {
              setText(value)
              setTable(null)
            }}
          />
          <label className="relative inline-flex min-h-9 w-fit cursor-pointer items-center rounded-(--radius) border border-ink bg-paper px-3 font-head font-semibold outline-offset-2 outline-chalk has-focus-visible:outline-3 touch:min-h-11">
            Bring a CSV file
            <input
              type="file"
              accept=".csv,text/csv,text/plain"
              aria-label="CSV file of the list"
              className="sr-only"
              onChange={(event) => {
                const file = event.target.files?.[0]
                if (file) void readFile(file)
              }}
            />
          </label>
          {wrong ? (
            <Notice tone="wrong" alert>
              {wrong}
            </Notice>
          ) : null}
        </div>
      </Panel>
      <Panel title={read.items.length === 0 ? 'Read so far' : `Read: ${read.items.length} items`}>
        {read.heading ? <p className="pt-2 text-[14px] text-quiet">Named: {read.heading}</p> : null}
        <ol className="max-h-80 overflow-y-auto pt-1" tabIndex={0} aria-label="Items read">
          {read.items.map((each, index) => (
            <li key={index} className="grid grid-cols-[3.5rem_1fr] border-b border-rule py-1">
              <span className="font-head font-semibold">{each.number}</span>
              <span>{each.words}</span>
            </li>
          ))}
        </ol>
        {read.items.length > 0 ? (
          <div className="flex justify-end pt-3">
            <Button look="main" onClick={keep}>
              Take in {read.items.length} items
            </Button>
          </div>
        ) : null}
      </Panel>
    </div>
  )
}

function Item({ item }: { item: ResponseItem }) {
  const { store, derived } = useJob()
  const lacks = answerLacks(item)
  const set = (fields: Partial<EntityOf['response_item']>): void =>
    void store.set('response_item', item.id, fields)
  const { findings } = derived.job
  return (
    <li className="grid grid-cols-[2.5rem_minmax(0,1fr)_minmax(0,2fr)] gap-x-3 gap-y-1 border-b border-rule py-2 max-sm:grid-cols-[3rem_minmax(0,1fr)]">
      <span className="font-head text-[17px] font-semibold">{item.number}</span>
      <div>
        <p>{item.words}</p>
        {lacks ? <p className="text-[13px] font-medium text-pencil-text">{lacks}</p> : null}
      </div>
      <div className="grid grid-cols-[1fr_1.2fr_1fr] gap-2 max-sm:col-span-full max-sm:grid-cols-1">
        <SelectField
          label={`Answer to ${item.number}`}
          value={item.answer ?? ''}
          onChange={(value) => set({ answer: ANSWER_IDS.find((id) => id === value) ?? null })}
          choices={[
            { value: '', label: 'not answered yet' },
            ...ANSWER_IDS.map((value) => ({ value, label: RESPONSE_ANSWERS[value] })),
          ]}
        />
        {item.answer ? (
          <SavedTextField label={HOW_LABEL[item.answer]} value={item.how} onSave={(how) => set({ how })} />
        ) : null}
        {item.answer === 'done-by-others' ? (
          <SelectField
            label="Receipt"
            value={item.receipt_seen === null ? '' : String(item.receipt_seen)}
            onChange={(value) => set({ receipt_seen: value === '' ? null : value === 'true' })}
            choices={[
              { value: '', label: 'not asked yet' },
              { value: 'true', label: 'seen' },
              { value: 'false', label: 'not seen' },
            ]}
          />
        ) : null}
        {item.answer === 'do-it' || item.answer === 'needs-opening' ? (
          <SelectField
            label="Its finding"
            value={item.finding_ids[0] ?? ''}
            onChange={(id) => set({ finding_ids: id === '' ? [] : [id] })}
            choices={[
              { value: '', label: 'none yet' },
              ...findings.map((finding) => ({
                value: finding.id,
                label:
                  `${findingNumber(finding, derived.job)} ${finding.words || finding.component || ''}`.slice(
                    0,
                    60,
                  ),
              })),
            ]}
          />
        ) : null}
      </div>
    </li>
  )
}

function dueWords(days_left: number): string {
  if (days_left < 0) return `Due ${-days_left} days ago.`
  return days_left === 0 ? 'Due today.' : `Due in ${days_left} days.`
}

function ListHead() {
  const { derived, store, job } = useJob()
  const { list } = derived
  const head = job.response_list ?? freshList()
  const set = (fields: Partial<EntityOf['response_list']>): void => {
    if (job.response_list) store.set('response_list', 'response-list', fields)
    else store.create('response_list', { ...freshList(), ...fields })
  }
  const [adding, setAdding] = useState('')
  const answered = new Set(derived.job.response_items.flatMap((item) => item.finding_ids))
  const besides = derived.job.findings.filter((finding) => !answered.has(finding.id)).length
  return (
    <Panel title="The list">
      <div className="flex flex-col gap-2.5 pt-2">
        {list.days_left === null ? null : (
          <Notice tone={list.days_left < 3 && list.lacking.length > 0 ? 'wrong' : 'waiting'}>
            {dueWords(list.days_left)}
            {list.lacking.length === 0 ? ' Every item is answered.' : ''}
          </Notice>
        )}
        <SavedTextField label="Name of the list" value={head.title} onSave={(title) => set({ title })} />
        <SavedTextField label="Whose list" value={head.author} onSave={(author) => set({ author })} />
        <div className="grid grid-cols-2 gap-2">
          <DayField
            label="Dated"
            today={localDay()}
            value={head.dated}
            onChange={(dated) => set({ dated })}
            onClear={() => set({ dated: null })}
          />
          <DayField
            label="To be answered by"
            today={localDay()}
            value={head.due_on}
            onChange={(due_on) => set({ due_on })}
            onClear={() => set({ due_on: null })}
          />
        </div>
        <form
          className="flex items-end gap-2"
          onSubmit={(event) => {
            event.preventDefault()
            const [read] = itemsFromText(adding).items
            if (!read) return
            const order = Math.max(-1, ...job.response_items.map((item) => item.order)) + 1
            store.create('response_item', freshItem({ ...read, order }))
            setAdding('')
          }}
        >
          <div className="grow">
            <TextField label="One more item" value={adding} onChange={setAdding} placeholder="15. …" />
          </div>
          <Button type="submit">Add</Button>
        </form>
        <p className="text-[14px] text-quiet">
          Noticed besides: {besides} finding{besides === 1 ? '' : 's'}. They are a second list and stay out of
          this one.
        </p>
      </div>
    </Panel>
  )
}
