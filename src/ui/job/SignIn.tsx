'use client'

import { useState } from 'react'
import { call, failureWords } from '../../client/api'
import { Button, CONTROL, Field } from '../look'
import { useAlive } from '../state/useAlive'

/** Sign-in by mail address and password. The firm adds its people; nobody signs himself up. */
export function SignIn() {
  const alive = useAlive()
  const [wrong, setWrong] = useState<string | null>(null)
  const [busy, setBusy] = useState(false)
  async function signIn(form: HTMLFormElement): Promise<void> {
    const data = new FormData(form)
    setBusy(true)
    setWrong(null)
    const answer = await call('/api/auth/sign-in/email', {
      method: 'POST',
      headers: { 'content-type': 'application/json' },
      body: JSON.stringify({ email: data.get('email'), password: data.get('password') }),
    })
    if (answer.ok) {
      window.location.assign('/jobs')
      return
    }
    setBusy(false)
    const { failure } = answer
    if (failure.kind === 'refused' && failure.status === 429)
      setWrong('Too many tries. Wait a minute, then try again.')
    else if (failure.kind === 'refused') setWrong('That address and password do not go together. Check both.')
    else setWrong(failureWords(failure))
  }
  return (
    <form
      className="flex flex-col gap-3"
      onSubmit={(event) => {
        event.preventDefault()
        void signIn(event.currentTarget)
      }}
    >
      <Field label="E-mail">
        {(tied) => (
          <input {...tied} name="email" type="email" autoComplete="username" required className={CONTROL} />
        )}
      </Field>
      <Field label="Password" error={wrong}>
        {(tied) => (
          <input
            {...tied}
            name="password"
            type="password"
            autoComplete="current-password"
            required
            className={CONTROL}
          />
        )}
      </Field>
      <Button type="submit" look="main" disabled={busy || !alive}>
        {busy ? 'Signing in…' : 'Sign in'}
      </Button>
    </form>
  )
}
