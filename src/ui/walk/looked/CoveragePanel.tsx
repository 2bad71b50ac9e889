'use client'

import { useState } from 'react'
import { mayOpen, NOT_LOOKED_WORDS, type LookState, type NotLookedReason } from '../../../core/coverage'
import { HOW_KNOWN, ZONES, type HowKnown, type Side } from '../../../core/job'
import { Button, TextField } from '../../look'
import { Dialog } from '../../look/Dialog'
import { useJob } from '../../state/useJob'

const LOOKS: readonly { how: HowKnown; words: string }[] = [
  { how: 'touched', words: 'touched' },
  { how: 'seen-close', words: 'seen close' },
  { how: 'from-ground', words: 'from the ground' },
  { how: 'opened', words: 'opened' },
  { how: 'instrument', words: 'metered' },
]

/** One line of what was looked at: how, or why not. What nobody recorded is never taken as looked at. */
export function LookChoices(props: { label: string; state: LookState; onChoose: (value: string) => void }) {
  const { state } = props
  const value = state.kind === 'looked' ? state.how : state.kind === 'not-looked' ? state.reason : ''
  const mark =
    state.kind === 'looked'
      ? 'bg-moss border-moss'
      : state.kind === 'not-looked'
        ? 'bg-pencil border-ink'
        : 'border-quiet'
  return (
    <label className="flex min-h-8 items-center gap-2 touch:min-h-11">
      <span aria-hidden className={`size-3 border ${mark}`} />
      <span className="grow font-head text-[15px]">{props.label}</span>
      <select
        value={value}
        onChange={(event) => props.onChoose(event.target.value)}
        className="max-w-44 rounded-(--radius) bg-transparent text-right text-[14px] text-quiet touch:min-h-11"
      >
        <option value="" disabled>
          no look recorded
        </option>
        <optgroup label="Looked at">
          {LOOKS.map((look) => (
            <option key={look.how} value={look.how}>
              {look.words}
            </option>
          ))}
        </optgroup>
        <optgroup label="Not looked at">
          {Object.entries(NOT_LOOKED_WORDS).map(([reason, words]) => (
            <option key={reason} value={reason}>
              {words}
            </option>
          ))}
        </optgroup>
      </select>
    </label>
  )
}

/** What was looked at on one side, zone by zone. Opening asks first who permitted it. */
export function CoveragePanel({ side }: { side: Side }) {
  const { derived, store, job } = useJob()
  const [asking, setAsking] = useState<(typeof zones)[number]['zone'] | null>(null)
  const zones = derived.coverage.zones.filter((each) => each.side_id === side.id)

  function record(zone: (typeof zones)[number]['zone'], value: string): void {
    const how = HOW_KNOWN.find((each) => each === value)
    if (how === 'opened' && !mayOpen(job)) return setAsking(zone)
    const looked = how
      ? ({ yes: true, how } as const)
      : ({ yes: false, reason: value as NotLookedReason } as const)
    store.addFact({ kind: 'coverage', side_id: side.id, zone, stood: null, looked })
    return undefined
  }
  /** The eight zones in one go; what was noted otherwise before stays as it was. */
  function recordRest(how: HowKnown): void {
    for (const { zone, state } of zones) {
      if (state.kind === 'not-recorded') record(zone, how)
    }
  }
  const silent = zones.filter((each) => each.state.kind === 'not-recorded').length

  return (
    <section aria-label={`Looked at on side ${side.letter}`}>
      <h3 className="border-b border-ink pb-0.5 text-[15px]">Looked at, side {side.letter}</h3>
      {zones.map(({ zone, state }) => (
        <div key={zone} className="border-b border-rule">
          <LookChoices label={ZONES[zone]} state={state} onChoose={(value) => record(zone, value)} />
        </div>
      ))}
      {silent > 1 ? (
        <div className="flex flex-wrap gap-2 pt-1.5">
          <Button onClick={() => recordRest('touched')}>Rest touched</Button>
          <Button onClick={() => recordRest('from-ground')}>Rest from the ground</Button>
        </div>
      ) : null}
      {asking ? (
        <PermissionToOpen
          onClose={() => setAsking(null)}
          onGiven={() => {
            store.addFact({
              kind: 'coverage',
              side_id: side.id,
              zone: asking,
              stood: null,
              looked: { yes: true, how: 'opened' },
            })
            setAsking(null)
          }}
        />
      ) : null}
    </section>
  )
}

/** Opening without a permission is not recorded as done: so who gave it is asked at once. */
export function PermissionToOpen({ onClose, onGiven }: { onClose: () => void; onGiven: () => void }) {
  const { store, job } = useJob()
  const [given_by, setGivenBy] = useState(
    job.people.find((person) => person.roles.includes('may-permit'))?.name ?? '',
  )
  const [wrong, setWrong] = useState<string | null>(null)
  return (
    <Dialog open onClose={onClose} title="Who permitted opening?">
      <form
        className="flex flex-col gap-3"
        onSubmit={(event) => {
          event.preventDefault()
          if (given_by.trim() === '') return setWrong('Say who gave it: the owner or their agent.')
          const said = store.addFact({ kind: 'permission', level: 'open', given_by: given_by.trim() })
          setWrong(said)
          if (!said) onGiven()
        }}
      >
        <p>
          Lifting, cutting, drilling and hosing need the owner or their agent. Without it nothing is recorded
          as opened.
        </p>
        <TextField label="Given by" value={given_by} onChange={setGivenBy} error={wrong} autoFocus />
        <div className="flex justify-end gap-2">
          <Button onClick={onClose}>Not permitted</Button>
          <Button look="main" type="submit">
            Note it
          </Button>
        </div>
      </form>
    </Dialog>
  )
}
