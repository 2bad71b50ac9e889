'use client'

import { useState } from 'react'
import { mayOpen } from '../../../core/coverage'
import {
  CHECK_IDS,
  factsOf,
  WAYS_TO_LOOK,
  type Finding,
  type JobDocument,
  type WayToLook,
} from '../../../core/job'
import { CHECKS } from '../../../core/catalogue/checks/checks'
import { isSign, SIGN_IDS, SIGNS } from '../../../core/catalogue/signs'
import { Button, CheckField, SelectField, TextField } from '../../look'
import { Dialog } from '../../look/Dialog'
import { useJob } from '../../state/useJob'
import { PermissionToOpen } from './CoveragePanel'
import { MeterFields, NO_READING, type MeterReading } from './MeterFields'

type Kind = 'reading' | 'test' | 'hold'
const KINDS: readonly { value: Kind; label: string }[] = [
  { value: 'reading', label: 'moisture reading' },
  { value: 'test', label: 'test or check' },
  { value: 'hold', label: 'hold: to look at yet' },
]
/** Checks that lift, cut or wet: the owner or his agent must have permitted them. */
const OPENS: ReadonlySet<string> = new Set(CHECK_IDS.filter((id) => CHECKS[id].permit === 'open'))

function notedOn(job: JobDocument, finding: Finding) {
  return [...factsOf(job, 'reading'), ...factsOf(job, 'test'), ...factsOf(job, 'hold')].filter(
    (fact) => fact.about.kind === 'finding' && fact.about.finding_id === finding.id,
  )
}

function factWords(fact: ReturnType<typeof notedOn>[number]): string {
  switch (fact.kind) {
    case 'reading': {
      const more = [
        fact.reference_percent === null ? '' : `dry reference ${fact.reference_percent} %`,
        fact.species,
        fact.wood_temperature_c === null ? '' : `wood at ${fact.wood_temperature_c} °C`,
        fact.instrument,
      ].filter(Boolean)
      return `Reading ${fact.moisture_percent} %${more.length > 0 ? `, ${more.join(', ')}` : ''}`
    }
    case 'test':
      return `${CHECKS[fact.check].name}: ${fact.result}`
    case 'hold':
      return `Hold: ${fact.why} (${fact.way_to_look || WAYS_TO_LOOK[fact.way]})`
  }
}

/** Readings, tests and holds as facts about a finding: added, signed, never changed; taking one back is a fact too. */
export function NoteFact({ finding }: { finding: Finding }) {
  const { store, job } = useJob()
  const [open, setOpen] = useState(false)
  const [kind, setKind] = useState<Kind>('reading')
  const [reading, setReading] = useState<MeterReading>(NO_READING)
  const [text, setText] = useState('')
  const [way, setWay] = useState<WayToLook>('ladder')
  const [choice, setChoice] = useState('')
  const [sign, setSign] = useState('')
  const [present, setPresent] = useState(true)
  const [asking, setAsking] = useState(false)
  const [wrong, setWrong] = useState<string | null>(null)
  const about = { kind: 'finding', finding_id: finding.id } as const
  const noted = notedOn(job, finding)

  function percent(value: string): number | null {
    const found = Number(value)
    return value.trim() !== '' && found >= 0 && found <= 200 ? found : null
  }

  function write(): string | null {
    switch (kind) {
      case 'reading': {
        const moisture_percent = percent(reading.percent)
        if (moisture_percent === null) return 'Type the reading, a number from 0 to 200.'
        const temperature = reading.temperature_c.trim() === '' ? null : Number(reading.temperature_c)
        if (temperature !== null && !(temperature >= -40 && temperature <= 80))
          return 'Type the temperature of the wood in °C, from −40 to 80, or leave it empty.'
        return store.addFact({
          kind,
          about,
          moisture_percent,
          reference_percent: percent(reading.reference),
          at_height: null,
          species: reading.species,
          wood_temperature_c: temperature,
          instrument: reading.instrument,
        })
      }
      case 'test': {
        const check = CHECK_IDS.find((each) => each === choice) ?? 'other'
        if (text.trim() === '') return 'Say what the check showed.'
        return store.addFact({ kind, about, check, result: text, sign: isSign(sign) ? sign : null, present })
      }
      case 'hold':
        if (text.trim() === '') return 'Say what was not seen.'
        return store.addFact({ kind, about, why: text, way, way_to_look: WAYS_TO_LOOK[way] })
    }
  }
  function keep(): void {
    const said = write()
    setWrong(said)
    if (said) return
    setText('')
    setReading(NO_READING)
    setOpen(false)
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
                <li key={fact.id} className="flex items-center gap-2 border-b border-rule py-1">
                  <span className="grow">
                    {factWords(fact)} <span className="text-quiet">{fact.by}</span>
                  </span>
                  <Button
                    look="quiet"
                    aria-label={`Take back: ${factWords(fact)}`}
                    onClick={() =>
                      store.addFact({
                        kind: 'retraction',
                        fact_id: fact.id,
                        reason: 'taken back by who looks after the job',
                      })
                    }
                  >
                    take back
                  </Button>
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
          {kind === 'reading' ? <MeterFields value={reading} onChange={setReading} /> : null}
          {kind === 'test' ? (
            <>
              <SelectField
                label="Check"
                value={choice}
                onChange={setChoice}
                choices={[
                  { value: '', label: 'choose…' },
                  ...CHECK_IDS.map((value) => ({ value, label: CHECKS[value].name })),
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
              <SelectField
                label="Way to look"
                value={way}
                onChange={(value) => setWay(value as WayToLook)}
                choices={Object.entries(WAYS_TO_LOOK).map(([value, label]) => ({ value, label }))}
              />
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
              onClick={() =>
                kind === 'test' && OPENS.has(choice) && !mayOpen(job) ? setAsking(true) : keep()
              }
            >
              Write it down
            </Button>
          </div>
        </div>
      </Dialog>
      {asking ? (
        <PermissionToOpen
          onClose={() => setAsking(false)}
          onGiven={() => {
            setAsking(false)
            keep()
          }}
        />
      ) : null}
    </>
  )
}
