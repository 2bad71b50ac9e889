'use client'

import { useState } from 'react'
import { untilWords } from '../../core/close/handover'
import type { Reckoned } from '../../core/close/tally'
import { finishedOf } from '../../core/job/finishedOf'
import { claimFits, offeredLooks, upkeepOf, warrantyOf } from '../../core/close/warranty'
import { CopyJobRequest, CreatedAnswer, HandedOverAnswer } from '../../core/contract'
import { CLOSE_SAYS } from '../../core/catalogue/sentences/close'
import { call, failureWords, postJson } from '../../client/api'
import { newId } from '../../client/newId'
import { dayWords } from '../../core/measure'
import type { ScopeItem } from '../../core/scope'
import {
  Button,
  CheckField,
  LinkButton,
  Notice,
  Panel,
  PANES,
  SavedTextField,
  TextAreaField,
  TextField,
} from '../look'
import { Dialog } from '../look/Dialog'
import { DayField } from '../plan/DayField'
import { today } from '../state/today'
import { useJob } from '../state/useJob'
import { useCloseEdits } from './useCloseEdits'

/** Pictures are made small and paper is printed: longer than a question takes. */
const SEND_MS = 90_000

/** After the work: it is handed over, warranties begin, what keeps it so, looks to come, and claims. */
export function AfterPanel({ reckoned }: { reckoned: Reckoned }) {
  const { job, derived } = useJob()
  const on = derived.job.handover?.on ?? null
  const done = reckoned.agreed.filter(({ id }) => finishedOf(job, id) !== null)
  return (
    <div className={`grid min-h-0 grow grid-cols-[minmax(0,1fr)_400px] gap-6 max-lg:grid-cols-1 ${PANES}`}>
      <div>
        <HandoverPanel open={reckoned.agreed.length - done.length} />
        {on === null ? null : <Warranties items={done} from={on} />}
      </div>
      <div>
        <Looks items={done} from={on} />
        {on === null ? null : <Claims items={done} from={on} />}
      </div>
    </div>
  )
}

function HandoverPanel({ open }: { open: number }) {
  const { job, derived, view, around } = useJob()
  const edits = useCloseEdits()
  const [state, setState] = useState<'idle' | 'sending' | 'sent'>('idle')
  const [wrong, setWrong] = useState<string | null>(null)
  const { handover } = derived.job
  const isUnsent = view.waiting + view.picturesWaiting > 0

  async function send(): Promise<void> {
    setState('sending')
    const answer = await call(`/api/jobs/${job.id}/handover`, HandedOverAnswer, { method: 'POST' }, SEND_MS)
    setWrong(answer.ok ? null : failureWords(answer.failure))
    setState(answer.ok ? 'sent' : 'idle')
  }
  if (handover === null) {
    return (
      <Panel title="Hand it over">
        <p className="py-2 text-quiet">
          {open === 0
            ? 'From the day the work is handed over its warranties run, and its upkeep is reckoned.'
            : `${open} agreed ${open === 1 ? 'piece is' : 'pieces are'} not done yet. What is handed over today says so; the rest follows.`}
        </p>
        <Button look="main" onClick={() => setWrong(edits.handOver({}))}>
          Handed over today
        </Button>
        {wrong ? (
          <Notice tone="wrong" alert>
            {wrong}
          </Notice>
        ) : null}
      </Panel>
    )
  }
  return (
    <Panel title="Handed over" aside={dayWords(handover.on)}>
      <div className="flex flex-col gap-2 py-2">
        <div className="grid grid-cols-[12rem_1fr] gap-3 max-sm:grid-cols-1">
          <DayField
            label="On"
            value={handover.on}
            onChange={(on) => (on ? setWrong(edits.handOver({ on })) : undefined)}
          />
          <SavedTextField
            label="A word to the owner at the end"
            lines={2}
            value={handover.words}
            onSave={(words) => setWrong(edits.handOver({ words: words.slice(0, 2000) }))}
          />
        </div>
        <div className="flex flex-wrap items-center gap-2">
          <LinkButton href={`/api/jobs/${job.id}/handover`}>Paper as PDF</LinkButton>
          <Button
            look="main"
            disabled={state === 'sending' || isUnsent || around.accepted === null}
            onClick={() => void send()}
          >
            {state === 'sending' ? 'Sending…' : 'Send it to the owner'}
          </Button>
          {isUnsent ? <span className="text-[14px] text-quiet">once everything here is sent</span> : null}
          {around.accepted === null ? (
            <span className="text-[14px] text-quiet">once a bid is accepted</span>
          ) : null}
        </div>
        {state !== 'sent' && around.handed_at ? (
          <p className="text-[14px] text-moss">
            Sent to the owner on {dayWords(around.handed_at.slice(0, 10))}. What is sent again stands in its
            place.
          </p>
        ) : null}
        {state === 'sent' ? (
          <Notice tone="done">
            Sent: pictures before and after, warranties with their days, and the upkeep for his calendar, by a
            link.
          </Notice>
        ) : null}
        {wrong ? (
          <Notice tone="wrong" alert>
            {wrong}
          </Notice>
        ) : null}
      </div>
    </Panel>
  )
}

function Warranties({ items, from }: { items: readonly ScopeItem[]; from: string }) {
  const { job } = useJob()
  const now = today(job.job.time_zone)
  const upkeep = upkeepOf(items, from)
  return (
    <>
      <Panel title="Warranty by item" aside={`from ${dayWords(from)}`}>
        <ul className="text-[15px]">
          {items.map((item) => {
            const warranty = warrantyOf(item, job.settings, from)
            const fits = claimFits(warranty, now)
            return (
              <li key={item.id} className="border-b border-rule py-1">
                <span className="font-semibold">{item.name}</span>{' '}
                <span className="text-[14px] text-quiet">{item.where}</span>
                <span className="block text-[14px]">
                  {warranty.words === 'none' ? CLOSE_SAYS.noWarranty : warranty.words}
                  {warranty.until ? `: ${untilWords(warranty.until, from)}` : ''}
                  {fits === 'outside' ? <span className="text-quiet"> (over)</span> : null}
                </span>
              </li>
            )
          })}
        </ul>
        <p className="py-1 text-[13px] text-quiet">
          The firm’s own months stand on its page, under Warranty. The law of the place prevails.
        </p>
      </Panel>
      <Panel title={CLOSE_SAYS.upkeep} aside={upkeep.length > 0 ? 'in the owner’s calendar' : ''}>
        <ul className="text-[15px]">
          {upkeep.map(({ id, name, plain, first, every_months }) => (
            <li key={id} className="border-b border-rule py-1">
              <span className="font-semibold">{name}</span>{' '}
              <span className="text-[14px] text-quiet">
                {CLOSE_SAYS.every(every_months)}, first {dayWords(first)}
              </span>
              <span className="block text-[14px]">{plain}</span>
            </li>
          ))}
        </ul>
      </Panel>
    </>
  )
}

function Looks({ items, from }: { items: readonly ScopeItem[]; from: string | null }) {
  const { job, derived, store } = useJob()
  const edits = useCloseEdits()
  const now = today(job.job.time_zone)
  const [what, setWhat] = useState('')
  const [due, setDue] = useState<string | null>(null)
  const [wrong, setWrong] = useState<string | null>(null)
  const looks = derived.job.follow_ups.toSorted((a, b) => a.due.localeCompare(b.due))
  const offered = offeredLooks(items, from ?? now).filter(
    (each) => !looks.some((look) => look.what === each.what && look.item_id === each.item_id),
  )
  function add(): void {
    if (what.trim() === '' || due === null) return setWrong('Say what is looked at, and on which day.')
    const said = edits.follow({ what: what.trim(), due, item_id: null })
    setWrong(said)
    if (said === null) setWhat('')
  }
  return (
    <Panel title="Looks to come">
      <ul className="text-[15px]">
        {looks.map((look) => (
          <li key={look.id} className="border-b border-rule py-1">
            <div className="flex items-baseline gap-3">
              <span className="min-w-0 grow">
                {look.what}{' '}
                <span
                  className={`text-[14px] ${look.done_on === null && look.due < now ? 'text-crayon-text' : 'text-quiet'}`}
                >
                  {look.done_on ? `looked at ${dayWords(look.done_on)}` : dayWords(look.due)}
                </span>
              </span>
              <Button
                look="quiet"
                onClick={() => store.set('follow_up', look.id, { done_on: look.done_on ? null : now })}
              >
                {look.done_on ? 'Not looked at' : 'Looked at today'}
              </Button>
            </div>
            {look.done_on ? (
              <SavedTextField
                label="What was seen"
                value={look.saw}
                onSave={(saw) => setWrong(store.set('follow_up', look.id, { saw: saw.slice(0, 2000) }))}
              />
            ) : (
              <Button look="quiet" onClick={() => store.set('follow_up', look.id, { removed: true })}>
                Take back
              </Button>
            )}
          </li>
        ))}
      </ul>
      {offered.length > 0 ? (
        <ul aria-label="Offered looks">
          {offered.map((each) => (
            <li
              key={`${each.what}/${each.item_id}`}
              className="flex items-baseline gap-3 border-b border-rule py-1 text-[15px]"
            >
              <span className="min-w-0 grow text-quiet">
                {each.what}, {dayWords(each.due)}
              </span>
              <Button look="quiet" onClick={() => setWrong(edits.follow(each))}>
                Take it
              </Button>
            </li>
          ))}
        </ul>
      ) : null}
      <form
        className="grid grid-cols-[1fr_10rem] items-end gap-2 py-2"
        onSubmit={(event) => {
          event.preventDefault()
          add()
        }}
      >
        <TextField label="Another look" value={what} onChange={(text) => setWhat(text.slice(0, 200))} />
        <DayField label="On" value={due} onChange={setDue} />
        <Button type="submit" className="col-span-2">
          Add
        </Button>
      </form>
      {wrong ? (
        <p role="alert" className="text-[14px] font-medium text-crayon-text">
          {wrong}
        </p>
      ) : null}
    </Panel>
  )
}

function Claims({ items, from }: { items: readonly ScopeItem[]; from: string }) {
  const { derived } = useJob()
  const [opens, setOpens] = useState(false)
  return (
    <Panel
      title="Claims"
      aside={derived.job.claims.length === 0 ? 'none' : String(derived.job.claims.length)}
    >
      <ul className="text-[15px]">
        {derived.job.claims.map((claim) => (
          <li key={claim.id} className="border-b border-rule py-1">
            {dayWords(claim.said_on)}, {claim.said_by}: “{claim.words}”{' '}
            <a className="underline" href={`/jobs/${claim.job_id}`}>
              its job
            </a>
          </li>
        ))}
      </ul>
      <div className="py-2">
        <Button onClick={() => setOpens(true)}>Something failed…</Button>
      </div>
      {opens ? <ClaimDialog items={items} from={from} onClose={() => setOpens(false)} /> : null}
    </Panel>
  )
}

const FITS = {
  inside: 'inside its warranty',
  perhaps: 'inside, if the longer term of its words is meant',
  outside: 'its warranty is over',
  'not-said': 'no warranty, or none with a term',
} as const

function ClaimDialog(props: { items: readonly ScopeItem[]; from: string; onClose: () => void }) {
  const { items, from, onClose } = props
  const { job, derived } = useJob()
  const edits = useCloseEdits()
  const owner = derived.job.people.find(({ roles }) => roles.includes('owns')) ?? derived.job.people[0]
  const [ids, setIds] = useState<readonly string[]>([])
  const [by, setBy] = useState(owner?.name ?? '')
  const [on, setOn] = useState<string | null>(() => today(job.job.time_zone))
  const [words, setWords] = useState('')
  const [busy, setBusy] = useState(false)
  const [wrong, setWrong] = useState<string | null>(null)

  async function open(): Promise<void> {
    if (ids.length === 0 || words.trim() === '' || on === null) {
      setWrong('Say which work failed, what is wrong, and since when it is known.')
      return
    }
    setBusy(true)
    const claim_id = newId()
    const job_id = newId()
    const said = { claim_id, words: words.trim() }
    const made = await postJson(
      `/api/jobs/${job.id}/copy`,
      { asks: CopyJobRequest, answers: CreatedAnswer },
      { id: job_id, what: 'house', claim: said },
    )
    setBusy(false)
    if (!made.ok) {
      setWrong(failureWords(made.failure))
      return
    }
    const noted = edits.claim({
      id: claim_id,
      ...{ item_ids: [...ids], said_by: by.trim(), said_on: on, words: words.trim(), job_id },
    })
    setWrong(noted)
    if (noted === null) onClose()
  }
  return (
    <Dialog open onClose={onClose} title="Something failed">
      <form
        className="flex flex-col gap-2"
        onSubmit={(event) => {
          event.preventDefault()
          void open()
        }}
      >
        <fieldset className="max-h-60 overflow-y-auto">
          <legend className="font-head text-[14px] font-medium">Which work</legend>
          {items.map((item) => (
            <CheckField
              key={item.id}
              label={`${item.name}, ${item.where}: ${FITS[claimFits(warrantyOf(item, job.settings, from), on ?? from)]}`}
              checked={ids.includes(item.id)}
              onChange={(checked) =>
                setIds(checked ? [...ids, item.id] : ids.filter((each) => each !== item.id))
              }
            />
          ))}
        </fieldset>
        <TextAreaField
          label="What is wrong, as it was said"
          value={words}
          rows={2}
          onChange={(text) => setWords(text.slice(0, 2000))}
        />
        <div className="grid grid-cols-2 gap-2">
          <TextField label="Said by" value={by} onChange={(text) => setBy(text.slice(0, 200))} />
          <DayField label="On" value={on} onChange={setOn} />
        </div>
        {wrong ? (
          <Notice tone="wrong" alert>
            {wrong}
          </Notice>
        ) : null}
        <Button type="submit" look="main" disabled={busy}>
          {busy ? 'Opening…' : 'Open a job for it'}
        </Button>
        <p className="text-[14px] text-quiet">
          It gets the same house, and says which job it is a claim on. Whether it is covered is your word, and
          the law’s.
        </p>
      </form>
    </Dialog>
  )
}
