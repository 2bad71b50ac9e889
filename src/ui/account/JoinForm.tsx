'use client'

import { useState } from 'react'
import { failureWords, postJson } from '../../client/api'
import { endLeftSession } from '../../client/member'
import { Done, JoinRequest, SignInRequest } from '../../core/contract'
import { Button, CONTROL, Field, Notice, TextField } from '../look'
import { useAlive } from '../state/useAlive'

/** A name, an address and a password; then the person is in the firm and signed in. */
export function JoinForm({ token, name: called }: { token: string; name: string }) {
  const alive = useAlive()
  const [name, setName] = useState(called)
  const [email, setEmail] = useState('')
  const [password, setPassword] = useState('')
  const [wrong, setWrong] = useState<string | null>(null)
  const [busy, setBusy] = useState(false)
  async function join(): Promise<void> {
    setBusy(true)
    setWrong(null)
    await endLeftSession()
    const joined = await postJson(
      `/api/join/${token}`,
      { asks: JoinRequest, answers: Done },
      { name, email, password },
    )
    if (!joined.ok) {
      setBusy(false)
      setWrong(failureWords(joined.failure))
      return
    }
    const entered = await postJson(
      '/api/auth/sign-in/email',
      { asks: SignInRequest, answers: null },
      { email, password },
    )
    window.location.assign(entered.ok ? '/jobs' : '/sign-in')
  }
  return (
    <form
      className="flex flex-col gap-3"
      onSubmit={(event) => {
        event.preventDefault()
        void join()
      }}
    >
      <TextField label="Your name" value={name} onChange={setName} autoComplete="name" required />
      <TextField
        label="E-mail"
        type="email"
        value={email}
        onChange={setEmail}
        autoComplete="username"
        required
        hint="You sign in with it."
      />
      <Field label="Password" hint="Ten characters or more; three or four words make a good one.">
        {(tied) => (
          <input
            {...tied}
            type="password"
            autoComplete="new-password"
            required
            value={password}
            onChange={(event) => setPassword(event.target.value)}
            className={CONTROL}
          />
        )}
      </Field>
      {wrong ? (
        <Notice tone="wrong" alert>
          {wrong}
        </Notice>
      ) : null}
      <Button type="submit" look="main" disabled={busy || !alive}>
        {busy ? 'Joining…' : 'Join'}
      </Button>
    </form>
  )
}
