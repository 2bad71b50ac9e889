'use client'

import { useRouter } from 'next/navigation'
import { useState } from 'react'
import { Button } from '../look/Button'
import { SelectField, TextField } from '../look/Field'
import { Notice } from '../look/Notice'

/** What sends the yes, fetched when somebody begins to give it: reading the bid needs none of it. */
const sending = () => Promise.all([import('../../client/api'), import('../../core/contract/owner')])

/** Accepting by typing a name: no account. That the yes arrived is said at once, where it was given. */
export function AcceptForm({
  token,
  hash,
  total,
  replaces,
}: {
  token: string
  hash: string
  total: string
  /** Number of the accepted bid that this one takes the place of. */
  replaces: number | null
}) {
  const router = useRouter()
  const [name, setName] = useState('')
  const [role, setRole] = useState('owns')
  const [wrong, setWrong] = useState<string | null>(null)
  const [busy, setBusy] = useState(false)
  const [done, setDone] = useState<{ by: string; at: string } | null>(null)

  async function accept(): Promise<void> {
    if (name.trim().length < 2) {
      setWrong('Type your name to accept.')
      return
    }
    setBusy(true)
    const tools = await sending().catch(() => null)
    if (tools === null) {
      setBusy(false)
      setWrong('No signal. Nothing is lost; try again.')
      return
    }
    const [{ failureWords, postJson }, { AcceptAnswer, AcceptRequest }] = tools
    const answer = await postJson(
      `/api/owner/${token}/accept`,
      { asks: AcceptRequest, answers: AcceptAnswer },
      { name: name.trim(), role, hash },
    )
    setBusy(false)
    if (!answer.ok) {
      setWrong(failureWords(answer.failure))
      return
    }
    setDone(answer.value.accepted)
    router.refresh()
  }

  if (done) {
    return (
      <div className="no-print mx-auto max-w-4xl border-t border-ink bg-paper px-6 py-5 max-sm:px-4">
        <Notice tone="done" alert>
          Your yes has arrived: accepted by {done.by} on {done.at.slice(0, 10)}. The firm has been told. Thank
          you.
        </Notice>
      </div>
    )
  }
  return (
    <form
      aria-label="Accept this bid"
      className="no-print mx-auto flex max-w-4xl flex-col gap-3 border-t border-ink bg-paper px-6 py-5 max-sm:px-4"
      onFocus={() => void sending().catch(() => null)}
      onSubmit={(event) => {
        event.preventDefault()
        void accept()
      }}
    >
      <h2 className="text-[19px]">Accept this bid, {total}</h2>
      {replaces === null ? null : (
        <p>
          It takes the place of bid {replaces}, which you accepted. Until you accept this one, that one
          stands.
        </p>
      )}
      <div className="grid grid-cols-2 gap-3 max-sm:grid-cols-1">
        <TextField
          label="Your full name, typed, is your signature"
          value={name}
          onChange={setName}
          error={wrong}
          autoComplete="name"
        />
        <SelectField
          label="You sign as"
          value={role}
          onChange={setRole}
          choices={[
            { value: 'owns', label: 'owner of the house' },
            { value: 'pays', label: 'the one who pays' },
            { value: 'may-approve', label: 'agent who may approve' },
          ]}
        />
      </div>
      <div>
        <Button type="submit" look="main" disabled={busy}>
          {busy ? 'Accepting…' : 'Accept'}
        </Button>
      </div>
      {busy ? <Notice>One moment.</Notice> : null}
    </form>
  )
}
