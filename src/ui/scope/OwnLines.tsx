'use client'

import { useState } from 'react'
import { GOODS, goodName, materialName, MATERIALS, SECTION_USD } from '../../core/catalogue'
import type { WorkItem } from '../../core/job'
import { formatLength, parseNumber, type Length } from '../../core/measure'
import { saidWords } from '../../core/words'
import { Button, LengthField, SelectField, TextField } from '../look'

/** Materials that new wood can be bought in. */
export const BOUGHT = MATERIALS.filter((row) => row.price_times !== null).map(({ id, name }) => ({
  value: id,
  label: name,
}))

type Line = WorkItem['lines'][number]

function lineWords(line: Line): string {
  switch (line.kind) {
    case 'hours':
      return `${line.what || 'Own work'}: ${line.hours} h`
    case 'piece':
      return `${line.count} × ${line.section} ${materialName(line.material)}, ${formatLength(line.length)}`
    case 'good':
      return `${line.quantity} ${goodName(line.good)}`
  }
}

/** Hours, boards, goods or a trade’s visit of the item’s own, beside what is reckoned. */
export function OwnLines({ item, set }: { item: WorkItem; set: (fields: Partial<WorkItem>) => void }) {
  const [adding, setAdding] = useState<Line['kind'] | null>(null)
  return (
    <div className="col-span-2">
      <ul>
        {item.lines.map((line, index) => (
          <li key={index} className="flex items-center justify-between gap-2 border-b border-rule">
            <span className="min-w-0">{lineWords(line)}</span>
            <Button
              look="quiet"
              aria-label={`Drop line ${lineWords(line)}`}
              onClick={() => set({ lines: item.lines.filter((_, at) => at !== index) })}
            >
              Drop
            </Button>
          </li>
        ))}
      </ul>
      {adding === null ? (
        <div className="flex flex-wrap gap-2 pt-1">
          <Button look="quiet" onClick={() => setAdding('hours')}>
            Add hours
          </Button>
          <Button look="quiet" onClick={() => setAdding('piece')}>
            Add boards
          </Button>
          <Button look="quiet" onClick={() => setAdding('good')}>
            Add goods or a trade
          </Button>
        </div>
      ) : (
        <NewLine
          kind={adding}
          add={(line) => {
            set({ lines: [...item.lines, line] })
            setAdding(null)
          }}
          leave={() => setAdding(null)}
        />
      )}
    </div>
  )
}

const SECTIONS = Object.keys(SECTION_USD).map((value) => ({ value, label: value }))
const GOOD_CHOICES = [...GOODS]
  .sort((a, b) => a.name.localeCompare(b.name))
  .map(({ id, name, unit }) => ({ value: id, label: `${name}, ${unit}` }))

function NewLine({ kind, add, leave }: { kind: Line['kind']; add: (line: Line) => void; leave: () => void }) {
  const [what, setWhat] = useState('')
  const [many, setMany] = useState('')
  const [section, setSection] = useState('1x4')
  const [material, setMaterial] = useState('finger-jointed-pine')
  const [good, setGood] = useState('sealant')
  const [length, setLength] = useState<Length | null>(null)
  const [said, setSaid] = useState<string | null>(null)
  function keep(): void {
    const read = parseNumber(
      many,
      kind === 'piece' ? { least: 1, most: 999, whole: true } : { least: 0.01, most: 10_000 },
    )
    if (!read.ok)
      return setSaid(saidWords(read.error, kind === 'piece' ? 'a count, such as 3' : 'a number, such as 2.5'))
    const { value } = read
    if (kind === 'hours') return add({ kind, what, hours: value })
    if (kind === 'good') return add({ kind, good, quantity: value })
    if (length === null) return setSaid('Say how long, such as 6 or 4 ft 2.')
    add({ kind, section, material, length, count: value })
  }
  return (
    <div className="grid grid-cols-2 gap-2 border-l-2 border-rule py-1 pl-2">
      {kind === 'hours' ? <TextField label="Work" value={what} onChange={setWhat} /> : null}
      {kind === 'piece' ? (
        <>
          <SelectField label="Section" value={section} onChange={setSection} choices={SECTIONS} />
          <SelectField label="Material" value={material} onChange={setMaterial} choices={BOUGHT} />
          <LengthField label="Each as long as" bare="feet" value={length} onChange={setLength} />
        </>
      ) : null}
      {kind === 'good' ? (
        <SelectField label="What" value={good} onChange={setGood} choices={GOOD_CHOICES} />
      ) : null}
      <TextField
        label={kind === 'hours' ? 'Hours' : 'How many'}
        inputMode="decimal"
        value={many}
        onChange={(text) => {
          setMany(text)
          setSaid(null)
        }}
        error={said}
      />
      <div className="col-span-2 flex gap-2">
        <Button look="main" onClick={keep}>
          Add the line
        </Button>
        <Button look="quiet" onClick={leave}>
          Leave
        </Button>
      </div>
    </div>
  )
}
