'use client'

import { useState } from 'react'
import { call, failureWords } from '../../client/api'
import { Button, TextField } from '../look'

/** Sign-in by mail address and password. The firm adds its people; nobody signs himself up. */
export function SignIn() {
  const [email, setEmail] = useState('')
  const [password, setPassword] = useState('')
  const [wrong, setWrong] = useState<string | null>(null)
  const [busy, setBusy] = useState(false)
  async function signIn(): Promise<void> {
    setBusy(true)
    setWrong(null)
    const answer = await call('/api/auth/sign-in/email', {
      method: 'POST',
      headers: { 'content-type': 'application/json' },
      body: JSON.stringify({ email, password }),
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
        void signIn()
      }}
    >
      <TextField
        label="E-mail"
        type="email"
        autoComplete="username"
        value={email}
        onChange={setEmail}
        required
      />
      <TextField
        label="Password"
        type="password"
        autoComplete="current-password"
        value={password}
        onChange={setPassword}
        error={wrong}
        required
      />
      <Button type="submit" look="main" disabled={busy}>
        {busy ? 'Signing in…' : 'Sign in'}
      </Button>
    </form>
  )
}
