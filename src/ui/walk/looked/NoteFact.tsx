'use client'

import { toFahrenheit } from '../../../core/measure'
import { zodResolver } from '@hookform/resolvers/zod'
import { useState } from 'react'
import { useForm, useWatch, type Resolver, type UseFormReturn } from 'react-hook-form'
import { mayOpen } from '../../../core/coverage'
import { moistureOf } from '../../../core/survey/air'
import { CHECK_IDS, factsOf, WAYS_TO_LOOK, type Finding, type JobDocument } from '../../../core/job'
import { CHECKS } from '../../../core/catalogue/checks/checks'
import { SIGN_IDS, SIGNS } from '../../../core/catalogue/signs'
import { Button } from '../../look'
import { BoundCheck, BoundSelect, BoundText } from '../../look/bound'
import { Dialog } from '../../look/Dialog'
import { useJob } from '../../state/useJob'
import { PermissionToOpen } from './CoveragePanel'
import { FactForm, factFrom, NO_FACT, wantsPermission, type FactSaid, type FactValues } from './factForm'
import { MeterFields } from './MeterFields'

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
        fact.species_points === null ? '' : `meter’s table ${fact.species_points} points`,
        fact.wood_temperature_c === null ? '' : `wood at ${toFahrenheit(fact.wood_temperature_c)} °F`,
        fact.instrument,
      ].filter(Boolean)
      const { says } = moistureOf({
        percent: fact.moisture_percent,
        reference_percent: fact.reference_percent,
        wood_c: fact.wood_temperature_c,
        species: fact.species,
        species_points: fact.species_points,
      })
      return `Reading ${fact.moisture_percent} %${more.length > 0 ? `, ${more.join(', ')}` : ''}. Set right: ${says}`
    }
    case 'test':
      return `${CHECKS[fact.check].name}: ${fact.result}`
    case 'hold':
      return `Hold: ${fact.why} (${fact.way_to_look || WAYS_TO_LOOK[fact.way]})`
  }
}

const KINDS = [
  { value: 'reading', label: 'moisture reading' },
  { value: 'test', label: 'test or check' },
  { value: 'hold', label: 'hold: to look at yet' },
]
type Form = UseFormReturn<FactValues, unknown, FactSaid>

function NotedFacts({ finding }: { finding: Finding }) {
  const { store, job } = useJob()
  const noted = notedOn(job, finding)
  if (noted.length === 0) return null
  return (
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
  )
}

function TestFields({ control }: Pick<Form, 'control'>) {
  return (
    <>
      <BoundSelect
        control={control}
        name="check"
        label="Check"
        choices={[
          { value: '', label: 'choose…' },
          ...CHECK_IDS.map((value) => ({ value, label: CHECKS[value].name })),
        ]}
      />
      <BoundText control={control} name="result" label="What it showed" />
      <BoundSelect
        control={control}
        name="sign"
        label="Sign it settles"
        choices={[
          { value: '', label: 'none' },
          ...SIGN_IDS.map((id) => ({ value: id, label: SIGNS[id].says })),
        ]}
      />
      <BoundCheck control={control} name="present" label="The sign is there" />
    </>
  )
}

function HoldFields({ control }: Pick<Form, 'control'>) {
  return (
    <>
      <BoundText control={control} name="why" label="What was not seen, and why" />
      <BoundSelect
        control={control}
        name="way"
        label="Way to look"
        choices={Object.entries(WAYS_TO_LOOK).map(([value, label]) => ({ value, label }))}
      />
    </>
  )
}

/** Readings, tests and holds as facts about a finding: added, signed, never changed; taking one back is a fact too. */
export function NoteFact({ finding }: { finding: Finding }) {
  const { store, job } = useJob()
  const [open, setOpen] = useState(false)
  const [waiting, setWaiting] = useState<FactSaid | null>(null)
  // The form keeps the fields of all kinds; the schema reads those of the one that is chosen.
  const resolver = zodResolver(FactForm) as unknown as Resolver<FactValues, unknown, FactSaid>
  const form: Form = useForm({ resolver, defaultValues: NO_FACT })
  const { control, formState } = form
  const kind = useWatch({ control, name: 'kind' })
  const noted = notedOn(job, finding).length

  function write(said: FactSaid): void {
    const refused = store.addFact(factFrom(said, { kind: 'finding', finding_id: finding.id }))
    if (refused) {
      form.setError('root', { message: refused })
      return
    }
    form.reset({ ...NO_FACT, kind: said.kind })
    setOpen(false)
  }
  const keep = form.handleSubmit((said) => {
    if (wantsPermission(said) && !mayOpen(job)) setWaiting(said)
    else write(said)
  })

  return (
    <>
      <Button look="quiet" onClick={() => setOpen(true)}>
        Note a fact{noted > 0 ? ` (${noted})` : ''}
      </Button>
      <Dialog open={open} onClose={() => setOpen(false)} title="Note a fact">
        <form className="flex flex-col gap-3" noValidate onSubmit={(event) => void keep(event)}>
          <NotedFacts finding={finding} />
          <BoundSelect control={control} name="kind" label="What kind" choices={KINDS} />
          {kind === 'reading' ? <MeterFields form={form} /> : null}
          {kind === 'test' ? <TestFields control={control} /> : null}
          {kind === 'hold' ? <HoldFields control={control} /> : null}
          {formState.errors.root?.message ? (
            <p role="alert" className="text-[14px] font-medium text-crayon-text">
              {formState.errors.root.message}
            </p>
          ) : null}
          <div className="flex justify-end gap-2">
            <Button onClick={() => setOpen(false)}>Leave it</Button>
            <Button type="submit" look="main">
              Write it down
            </Button>
          </div>
        </form>
      </Dialog>
      {waiting ? (
        <PermissionToOpen
          onClose={() => setWaiting(null)}
          onGiven={() => {
            setWaiting(null)
            write(waiting)
          }}
        />
      ) : null}
    </>
  )
}
