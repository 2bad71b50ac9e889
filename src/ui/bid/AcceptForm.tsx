'use client'

import { useRouter } from 'next/navigation'
import { useState } from 'react'
import { failureWords, postJson } from '../../client/api'
import { Button, Notice, SelectField, TextField } from '../look'

/** Accepting by typing a name: no account. */
export function AcceptForm({ token, hash, total }: { token: string; hash: string; total: string }) {
  const router = useRouter()
  const [name, setName] = useState('')
  const [role, setRole] = useState('owns')
  const [wrong, setWrong] = useState<string | null>(null)
  const [busy, setBusy] = useState(false)

  async function accept(): Promise<void> {
    if (name.trim().length < 2) {
      setWrong('Type your name to accept.')
      return
    }
    setBusy(true)
    const answer = await postJson(`/api/owner/${token}/accept`, { name: name.trim(), role, hash })
    setBusy(false)
    if (!answer.ok) {
      setWrong(failureWords(answer.failure))
      return
    }
    router.refresh()
  }

  return (
    <form
      aria-label="Accept this bid"
      className="no-print mx-auto flex max-w-4xl flex-col gap-3 border-t border-ink bg-paper px-6 py-5 max-sm:px-4"
      onSubmit={(event) => {
        event.preventDefault()
        void accept()
      }}
    >
      <h2 className="text-[19px]">Accept this bid, {total}</h2>
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
