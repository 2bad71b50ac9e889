'use client'

import { CodeRequest, SignInRequest } from '../../core/contract'
import { useState } from 'react'
import * as z from 'zod'
import { failureWords, postJson, type Failure } from '../../client/api'
import { askWho, endLeftSession } from '../../client/member'
import { Button, CONTROL, Field } from '../look'
import { useAlive } from '../state/useAlive'

const SignedIn = z.looseObject({ twoFactorRedirect: z.boolean().optional() })
const said = (data: FormData, name: string): string => {
  const value = data.get(name)
  return typeof value === 'string' ? value : ''
}

/** Sign-in by mail address and password, and a code where the account has one. The firm adds its people; nobody signs himself up. */
export function SignIn() {
  const alive = useAlive()
  const [wrong, setWrong] = useState<string | null>(null)
  const [busy, setBusy] = useState(false)
  const [wantsCode, setWantsCode] = useState(false)

  async function enter(): Promise<void> {
    // Whose copies this device opens is settled before any page of his is shown.
    const who = await askWho()
    if (who.kind === 'member') window.location.assign('/jobs')
    else if (who.kind === 'nobody') window.location.assign('/sign-in?no-firm')
    else stop(who.failure)
  }
  function stop(failure: Failure): void {
    setBusy(false)
    setWrong(failureWords(failure))
  }
  async function signIn(form: HTMLFormElement): Promise<void> {
    const data = new FormData(form)
    setBusy(true)
    setWrong(null)
    await endLeftSession()
    const answer = wantsCode
      ? await postJson(
          '/api/auth/two-factor/verify-totp',
          { asks: CodeRequest, answers: SignedIn },
          {
            code: said(data, 'code').replaceAll(' ', ''),
          },
        )
      : await postJson(
          '/api/auth/sign-in/email',
          { asks: SignInRequest, answers: SignedIn },
          {
            email: said(data, 'email'),
            password: said(data, 'password'),
          },
        )
    if (!answer.ok) stop(answer.failure)
    else if (answer.value.twoFactorRedirect) {
      setBusy(false)
      setWantsCode(true)
    } else await enter()
  }
  return (
    <form
      className="flex flex-col gap-3"
      onSubmit={(event) => {
        event.preventDefault()
        void signIn(event.currentTarget)
      }}
    >
      {wantsCode ? (
        <Field label="Code from your authenticator">
          {(tied) => (
            <input
              {...tied}
              name="code"
              inputMode="numeric"
              autoComplete="one-time-code"
              required
              autoFocus
              className={CONTROL}
            />
          )}
        </Field>
      ) : null}
      <Field label="E-mail">
        {(tied) => (
          <input
            {...tied}
            name="email"
            readOnly={wantsCode}
            type="email"
            autoComplete="username"
            required
            className={CONTROL}
          />
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
