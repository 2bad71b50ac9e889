'use client'

import { CodeRequest, PasswordRequest } from '../../core/contract'
import { useState } from 'react'
import * as z from 'zod'
import { failureWords, postJson } from '../../client/api'
import { Button, Notice, TextField } from '../look'

const Begun = z.looseObject({ totpURI: z.string(), backupCodes: z.array(z.string()) })
const Any = z.looseObject({})

/** Adds a code from an authenticator to the sign-in, or takes it away again. */
export function SecondFactor() {
  const [password, setPassword] = useState('')
  const [code, setCode] = useState('')
  const [begun, setBegun] = useState<z.infer<typeof Begun> | null>(null)
  const [told, setTold] = useState<{ tone: 'wrong' | 'done'; words: string } | null>(null)

  async function begin(): Promise<void> {
    const answer = await postJson(
      '/api/auth/two-factor/enable',
      { asks: PasswordRequest, answers: Begun },
      { password },
    )
    if (answer.ok) setBegun(answer.value)
    setTold(answer.ok ? null : { tone: 'wrong', words: failureWords(answer.failure) })
  }
  async function confirm(): Promise<void> {
    const answer = await postJson(
      '/api/auth/two-factor/verify-totp',
      { asks: CodeRequest, answers: Any },
      { code: code.replaceAll(' ', '') },
    )
    if (answer.ok) setBegun(null)
    setTold(
      answer.ok
        ? { tone: 'done', words: 'From now on signing in asks for a code as well.' }
        : { tone: 'wrong', words: failureWords(answer.failure) },
    )
  }
  async function end(): Promise<void> {
    const answer = await postJson(
      '/api/auth/two-factor/disable',
      { asks: PasswordRequest, answers: Any },
      { password },
    )
    setTold(
      answer.ok
        ? { tone: 'done', words: 'Signing in asks for the password alone again.' }
        : { tone: 'wrong', words: failureWords(answer.failure) },
    )
  }

  return (
    <section aria-label="Second factor" className="flex flex-col gap-3">
      <h2 className="border-b border-ink pb-1 text-[18px]">A code beside the password</h2>
      {told ? (
        <Notice tone={told.tone} alert={told.tone === 'wrong'}>
          {told.words}
        </Notice>
      ) : null}
      {begun ? (
        <>
          <p>Put this into your authenticator, and type the code it shows:</p>
          <p className="font-mono break-all">{new URL(begun.totpURI).searchParams.get('secret')}</p>
          <p className="text-[14px] text-quiet">
            Keep these apart from the phone; each signs you in once without it: {begun.backupCodes.join(', ')}
          </p>
          <TextField label="Code" value={code} onChange={setCode} inputMode="numeric" />
          <div>
            <Button look="main" onClick={() => void confirm()}>
              Turn it on
            </Button>
          </div>
        </>
      ) : (
        <>
          <TextField label="Your password" value={password} onChange={setPassword} type="password" />
          <div className="flex gap-2">
            <Button disabled={password === ''} onClick={() => void begin()}>
              Set it up
            </Button>
            <Button look="quiet" disabled={password === ''} onClick={() => void end()}>
              Turn it off
            </Button>
          </div>
        </>
      )}
    </section>
  )
}
