'use client'

import { useState } from 'react'
import { factsOf, type Finding } from '../../core/job'
import { isSign, SIGN_IDS, SIGNS } from '../../core/trace'
import { Button, CheckField, Dialog, SelectField, TextField } from '../look'
import { useJob } from '../state/useJob'

type Kind = 'reading' | 'test' | 'hold' | 'permission'
const KINDS: readonly { value: Kind; label: string }[] = [
  { value: 'reading', label: 'moisture reading' },
  { value: 'test', label: 'test or check' },
  { value: 'hold', label: 'hold: to look at yet' },
  { value: 'permission', label: 'permission given' },
]
const CHECKS = ['hose', 'lift-a-course', 'ladder-look', 'probe', 'plumb-line', 'other'] as const
const LEVELS = ['look-and-touch', 'probe-and-pin', 'open'] as const
const words = (value: string): string => value.replaceAll('-', ' ')

/** Readings, tests, holds and permissions as facts about a finding: added, signed, never changed. */
export function NoteFact({ finding }: { finding: Finding }) {
  const { store, job } = useJob()
  const [open, setOpen] = useState(false)
  const [kind, setKind] = useState<Kind>('reading')
  const [number, setNumber] = useState('')
  const [reference, setReference] = useState('')
  const [text, setText] = useState('')
  const [way, setWay] = useState('')
  const [choice, setChoice] = useState('')
  const [sign, setSign] = useState('')
  const [present, setPresent] = useState(true)
  const [wrong, setWrong] = useState<string | null>(null)
  const about = { kind: 'finding', finding_id: finding.id } as const
  const noted = [...factsOf(job, 'reading'), ...factsOf(job, 'test'), ...factsOf(job, 'hold')].filter(
    (fact) => fact.about.kind === 'finding' && fact.about.finding_id === finding.id,
  )

  function percent(value: string): number | null {
    const found = Number(value)
    return value.trim() !== '' && found >= 0 && found <= 200 ? found : null
  }

  function write(): string | null {
    switch (kind) {
      case 'reading': {
        const moisture_percent = percent(number)
        if (moisture_percent === null) return 'Type the reading, a number from 0 to 200.'
        const reference_percent = percent(reference)
        return store.addFact({
          kind,
          about,
          moisture_percent,
          reference_percent,
          at_height: null,
          species: '',
          wood_temperature_c: null,
          instrument: '',
        })
      }
      case 'test': {
        const check = CHECKS.find((each) => each === choice) ?? 'other'
        return store.addFact({ kind, about, check, result: text, sign: isSign(sign) ? sign : null, present })
      }
      case 'hold':
        if (text.trim() === '') return 'Say what was not seen.'
        return store.addFact({ kind, about, why: text, way: 'other', way_to_look: way })
      case 'permission':
        if (text.trim() === '') return 'Say who gave it.'
        return store.addFact({
          kind,
          level: LEVELS.find((each) => each === choice) ?? 'look-and-touch',
          given_by: text,
        })
    }
  }

  return (
    <>
      <Button look="quiet" onClick={() => setOpen(true)}>
        Note a fact{noted.length > 0 ? ` (${noted.length})` : ''}
      </Button>
      <Dialog open={open} onClose={() => setOpen(false)} title="Note a fact">
        <div className="flex flex-col gap-3">
          {noted.length > 0 ? (
            <ul className="text-[14px]">
              {noted.map((fact) => (
                <li key={fact.id} className="border-b border-rule py-1">
                  {fact.kind === 'reading'
                    ? `Reading ${fact.moisture_percent} %${fact.reference_percent === null ? '' : `, dry reference ${fact.reference_percent} %`}`
                    : fact.kind === 'test'
                      ? `${words(fact.check)}: ${fact.result}`
                      : `Hold: ${fact.why}`}{' '}
                  <span className="text-quiet">{fact.by}</span>
                </li>
              ))}
            </ul>
          ) : null}
          <SelectField
            label="What kind"
            value={kind}
            onChange={(value) => setKind(KINDS.find((each) => each.value === value)?.value ?? 'reading')}
            choices={KINDS}
          />
          {kind === 'reading' ? (
            <div className="grid grid-cols-2 gap-3">
              <TextField label="Reading, %" inputMode="decimal" value={number} onChange={setNumber} />
              <TextField
                label="Dry reference spot, %"
                inputMode="decimal"
                value={reference}
                onChange={setReference}
                hint="on the same member; may stay empty"
              />
            </div>
          ) : null}
          {kind === 'test' ? (
            <>
              <SelectField
                label="Check"
                value={choice}
                onChange={setChoice}
                choices={[
                  { value: '', label: 'choose…' },
                  ...CHECKS.map((value) => ({ value, label: words(value) })),
                ]}
              />
              <TextField label="What it showed" value={text} onChange={setText} />
              <SelectField
                label="Sign it settles"
                value={sign}
                onChange={setSign}
                choices={[
                  { value: '', label: 'none' },
                  ...SIGN_IDS.map((id) => ({ value: id, label: SIGNS[id].says })),
                ]}
              />
              <CheckField label="The sign is there" checked={present} onChange={setPresent} />
            </>
          ) : null}
          {kind === 'hold' ? (
            <>
              <TextField label="What was not seen, and why" value={text} onChange={setText} />
              <TextField label="Way to look" value={way} onChange={setWay} />
            </>
          ) : null}
          {kind === 'permission' ? (
            <>
              <SelectField
                label="For"
                value={choice}
                onChange={setChoice}
                choices={LEVELS.map((value) => ({ value, label: words(value) }))}
              />
              <TextField label="Given by" value={text} onChange={setText} />
            </>
          ) : null}
          {wrong ? (
            <p role="alert" className="text-[14px] font-medium text-crayon-text">
              {wrong}
            </p>
          ) : null}
          <div className="flex justify-end gap-2">
            <Button onClick={() => setOpen(false)}>Leave it</Button>
            <Button
              look="main"
              onClick={() => {
                const said = write()
                setWrong(said)
                if (said) return
                setText('')
                setNumber('')
                setOpen(false)
              }}
            >
              Write it down
            </Button>
          </div>
        </div>
      </Dialog>
    </>
  )
}
