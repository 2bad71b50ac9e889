'use client'

import { useState } from 'react'
import { ROLE_WORDS, ROLES, type Role } from '../../core/firm'
import { Button, CONTROL, Field, Notice, TextField } from '../look'
import { Dialog } from '../look/Dialog'
import { usePeople } from './usePeople'

function RoleField(props: { label: string; value: Role; onChange: (role: Role) => void }) {
  return (
    <select
      aria-label={props.label}
      value={props.value}
      onChange={(event) => props.onChange(event.target.value as Role)}
      className={`${CONTROL} max-w-56`}
    >
      {ROLES.map((role) => (
        <option key={role} value={role}>
          {ROLE_WORDS[role].name}
        </option>
      ))}
    </select>
  )
}

type Invite = ReturnType<typeof usePeople>['invite']

function InviteForm({ onInvite }: { onInvite: Invite }) {
  const [name, setName] = useState('')
  const [email, setEmail] = useState('')
  const [role, setRole] = useState<Role>('crew')
  return (
    <form
      aria-label="Invite somebody"
      className="flex flex-wrap items-end gap-3"
      onSubmit={(event) => {
        event.preventDefault()
        void onInvite({ name, email, role }).then((isMade) => {
          if (!isMade) return
          setName('')
          setEmail('')
        })
      }}
    >
      <div className="min-w-40 grow">
        <TextField label="Who" value={name} onChange={setName} required />
      </div>
      <div className="min-w-48 grow">
        <TextField
          label="E-mail, if the link should be mailed"
          type="email"
          value={email}
          onChange={setEmail}
        />
      </div>
      <Field label="As">
        {(tied) => (
          <select
            {...tied}
            value={role}
            onChange={(event) => setRole(event.target.value as Role)}
            className={CONTROL}
          >
            {ROLES.map((each) => (
              <option key={each} value={each}>
                {ROLE_WORDS[each].name}
              </option>
            ))}
          </select>
        )}
      </Field>
      <Button type="submit" look="main">
        Make a link
      </Button>
    </form>
  )
}

/** Who is in the firm and as what, and how somebody new comes in. */
export function PeoplePanel() {
  const { people, wrong, link, invite, giveRole, letGo, takeBack } = usePeople()
  const [leaving, setLeaving] = useState<{ id: string; name: string } | null>(null)
  return (
    <section aria-label="People" className="flex flex-col gap-3">
      <h2 className="border-b border-ink pb-1 text-[18px]">People</h2>
      {wrong ? (
        <Notice tone="wrong" alert>
          {wrong}
        </Notice>
      ) : null}
      <ul>
        {people?.members.map((each) => (
          <li key={each.id} className="flex flex-wrap items-center gap-3 border-b border-rule py-1.5">
            <span className="min-w-36 grow">
              {each.name}
              {each.you ? <span className="text-quiet"> (you)</span> : null}
              <span className="block text-[14px] text-quiet">{ROLE_WORDS[each.role].line}</span>
            </span>
            <RoleField
              label={`Role of ${each.name}`}
              value={each.role}
              onChange={(role) => void giveRole(each.id, role)}
            />
            <Button onClick={() => setLeaving(each)} aria-label={`Let ${each.name} go`}>
              Let go…
            </Button>
          </li>
        ))}
        {people?.invitations.map((each) => (
          <li key={each.id} className="flex flex-wrap items-center gap-3 border-b border-rule py-1.5">
            <span className="min-w-36 grow">
              {each.name}
              <span className="block text-[14px] text-quiet">
                invited as {ROLE_WORDS[each.role].name}, opens until{' '}
                {new Date(each.expires_at).toLocaleDateString('en-US', { month: 'long', day: 'numeric' })}
              </span>
            </span>
            <Button
              onClick={() => void takeBack(each.id)}
              aria-label={`Take the invitation of ${each.name} back`}
            >
              Take back
            </Button>
          </li>
        ))}
      </ul>
      {link ? (
        <Notice tone="done">
          Give this link to {link.name}. It works once, for a week, and is not shown again:
          <input
            readOnly
            aria-label={`Link for ${link.name}`}
            value={link.url}
            onFocus={(event) => event.target.select()}
            className={`${CONTROL} mt-1 font-mono text-[13px]`}
          />
        </Notice>
      ) : null}
      <InviteForm onInvite={invite} />
      {leaving ? (
        <Dialog open onClose={() => setLeaving(null)} title={`Let ${leaving.name} go?`}>
          <p>
            {leaving.name} is signed out everywhere and sees nothing of the firm any more. What was noted
            under that name stays. Edits still waiting on a device of theirs are not taken.
          </p>
          <div className="mt-4 flex justify-end gap-2">
            <Button onClick={() => setLeaving(null)}>Keep</Button>
            <Button
              look="main"
              onClick={() => {
                void letGo(leaving.id)
                setLeaving(null)
              }}
            >
              Let go
            </Button>
          </div>
        </Dialog>
      ) : null}
    </section>
  )
}
