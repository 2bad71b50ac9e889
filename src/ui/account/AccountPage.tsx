'use client'

import { useCallback, useEffect, useState } from 'react'
import { call, failureWords } from '../../client/api'
import { Done, SessionsAnswer } from '../../core/contract'
import { Button, LinkButton, Notice, SelectField } from '../look'
import { useLowPower, type PowerSetting } from '../state/lowPower'
import { useMember } from '../state/useMember'
import { SecondFactor } from './SecondFactor'

function Sessions() {
  const [sessions, setSessions] = useState<SessionsAnswer | null>(null)
  const [wrong, setWrong] = useState<string | null>(null)
  const reload = useCallback(async (): Promise<void> => {
    const answer = await call('/api/me/sessions', SessionsAnswer)
    if (answer.ok) setSessions(answer.value)
    else setWrong(failureWords(answer.failure))
  }, [])
  useEffect(() => {
    void Promise.resolve().then(reload)
  }, [reload])
  async function end(id: string): Promise<void> {
    const answer = await call(`/api/me/sessions/${id}`, Done, { method: 'DELETE' })
    if (!answer.ok) setWrong(failureWords(answer.failure))
    await reload()
  }
  return (
    <section aria-label="Signed in">
      <h2 className="border-b border-ink pb-1 text-[18px]">Where you are signed in</h2>
      {wrong ? (
        <Notice tone="wrong" alert>
          {wrong}
        </Notice>
      ) : null}
      <ul>
        {sessions?.map((session) => (
          <li key={session.id} className="flex items-center gap-3 border-b border-rule py-2">
            <span className="min-w-0 grow">
              <span className="block truncate">{session.browser || 'a browser that gives no name'}</span>
              <span className="block text-[14px] text-quiet">
                since {new Date(session.began_at).toLocaleString()}
                {session.address ? `, from ${session.address}` : ''}
              </span>
            </span>
            {session.here ? (
              <span className="font-head font-semibold whitespace-nowrap text-moss">this device</span>
            ) : (
              <Button onClick={() => void end(session.id)}>Sign out there</Button>
            )}
          </li>
        ))}
      </ul>
    </section>
  )
}

/** How this device is used: kept on it alone. */
function ThisDevice() {
  const { isLow, setting, set } = useLowPower()
  return (
    <section aria-label="This device" className="flex flex-col gap-2">
      <h2 className="border-b border-ink pb-1 text-[18px]">This device</h2>
      <div className="max-w-sm">
        <SelectField
          label="Save the battery"
          hint={`Leaves out comparisons, searches for better cuts and asking round; what you do is kept and sent as ever. ${isLow ? 'On just now.' : 'Off just now.'}`}
          value={setting}
          onChange={(value) => set(value as PowerSetting)}
          choices={[
            { value: 'by-itself', label: 'when it runs low' },
            { value: 'on', label: 'always' },
            { value: 'off', label: 'never' },
          ]}
        />
      </div>
    </section>
  )
}

/** A person's own account: who he is to the firm, where he is signed in, and his second factor where the server offers one. */
export function AccountPage({ secondFactor }: { secondFactor: boolean }) {
  const who = useMember()
  return (
    <main className="mx-auto flex max-w-3xl flex-col items-stretch gap-5 px-5 py-4">
      <a href="/jobs" className="font-head text-chalk-text underline">
        To the jobs
      </a>
      <h1 className="border-b border-ink pb-1 text-[22px]">Account</h1>
      {who.kind === 'member' ? (
        <p>
          {who.member.name}, {who.member.role.replaceAll('-', ' ')}. The firm keeps this name; it stands
          beside what you note.
        </p>
      ) : null}
      {who.kind === 'nobody' ? <LinkButton href="/sign-in">Sign in</LinkButton> : null}
      <Sessions />
      <ThisDevice />
      {secondFactor ? <SecondFactor /> : null}
    </main>
  )
}
