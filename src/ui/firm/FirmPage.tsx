'use client'

import { useEffect, useState } from 'react'
import { Button, LinkButton, Notice, TextAreaField, TextField } from '../look'
import { NumberField } from '../look/ReadField'
import { whenShown } from '../state/whenShown'
import { FirmFacePanel } from './FirmFacePanel'
import { PeoplePanel } from './PeoplePanel'
import { PriceSweep } from './PriceSweep'
import { useFirmValues, type FirmValuesState } from './useFirmValues'
import { ValuesFile } from './ValuesFile'
import { ValueTable } from './ValueTable'

/** It prices, so it brings the whole core: loaded when it is opened. */
const FitRates = whenShown(() => import('./FitRates').then((file) => file.FitRates))

const CLAUSES = [
  ['excluded', 'Not included'],
  ['payments', 'Payments'],
  ['start_window', 'Start window'],
  ['warranty', 'Warranty'],
  ['required_notices', 'Required notices'],
] as const

/** Words of the firm that its bids print. */
function Clauses({ state }: { state: FirmValuesState }) {
  const { clauses, setClause } = state
  if (!clauses) return null
  return (
    <section aria-label="Clauses" className="flex flex-col gap-3">
      <h2 className="border-b border-ink pb-1 text-[18px]">Words that bids print</h2>
      {CLAUSES.map(([name, label]) => (
        <TextAreaField
          key={name}
          label={label}
          value={clauses[name]}
          onChange={(text) => setClause({ [name]: text })}
        />
      ))}
      <div className="w-40">
        <NumberField
          label="A bid stands, days"
          range={{ least: 1, most: 365, whole: true }}
          value={clauses.validity_days}
          onChange={(validity_days) => setClause({ validity_days })}
        />
      </div>
    </section>
  )
}

/** What the firm reckons with and says: the shipped value beside its own, with the reason; kept as an edition of its settings. */
export function FirmPage({ mayKeepPeople }: { mayKeepPeople: boolean }) {
  const state = useFirmValues()
  const [search, setSearch] = useState('')
  const [own, setOwn] = useState(false)
  const [fits, setFits] = useState(false)
  useEffect(() => {
    // Where the first hour leads to: the page is long, and its parts come with the values.
    const wanted = window.location.hash.slice(1)
    if (!state.kept || wanted === '') return
    if (wanted === 'fit') void Promise.resolve().then(() => setFits(true))
    else document.getElementById(wanted)?.scrollIntoView()
  }, [state.kept])
  const { kept, many, told } = state
  // Who searches looks for a value: what was found stands under the field, and the rest of the page steps aside.
  const isSought = search.trim() !== ''
  return (
    <main className="mx-auto flex max-w-4xl flex-col gap-5 px-5 py-4 max-sm:px-3">
      <header className="flex items-baseline gap-4 border-b border-ink pb-1">
        <h1 className="grow text-[22px]">The firm</h1>
        {kept ? <span className="text-quiet">edition {kept.edition}</span> : null}
        <LinkButton look="quiet" href="/jobs">
          To the jobs
        </LinkButton>
      </header>
      {told ? (
        <Notice tone={told.tone} alert>
          {told.words}
        </Notice>
      ) : null}
      <div className="sticky top-0 z-10 flex flex-wrap items-end gap-3 border-b border-rule bg-ground py-2">
        <div className="min-w-48 grow">
          <TextField label="Search" value={search} onChange={setSearch} placeholder="fascia, scrape, cedar" />
        </div>
        <Button aria-pressed={own} onClick={() => setOwn(!own)}>
          {own ? 'Show all' : 'Only our own'}
        </Button>
        <Button onClick={() => setFits(true)}>Fit to jobs you remember</Button>
        <ValuesFile state={state} />
        <Button look="main" disabled={many === 0} onClick={() => void state.keep()}>
          {many === 0 ? 'Nothing changed' : `Keep ${many} change${many === 1 ? '' : 's'}`}
        </Button>
        {many > 0 ? <Button onClick={state.dropAll}>Leave them</Button> : null}
      </div>
      <div id="the-firm" className="scroll-mt-20" hidden={isSought}>
        <FirmFacePanel state={state} mayMark={mayKeepPeople} />
      </div>
      {mayKeepPeople ? (
        <div id="people" className="scroll-mt-20" hidden={isSought}>
          <PeoplePanel />
        </div>
      ) : null}
      <h2 className="border-b border-ink pb-1 text-[20px]">What the firm reckons with</h2>
      {kept ? <ValueTable state={state} search={search} onlyOwn={own} /> : <p>Looking…</p>}
      <div className="flex flex-col gap-5" hidden={isSought}>
        <Clauses state={state} />
        <PriceSweep />
      </div>
      {fits ? <FitRates state={state} onClose={() => setFits(false)} /> : null}
    </main>
  )
}
