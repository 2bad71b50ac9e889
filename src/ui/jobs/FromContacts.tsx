'use client'

import { useState } from 'react'
import { failureWords, postJson } from '../../client/api'
import { newId } from '../../client/newId'
import { CreatedAnswer, NewJobRequest } from '../../core/contract'
import { contactsErrorWords, type Contact } from '../../core/office/contacts'
import { Button, CONTROL, Notice } from '../look'
import { Dialog } from '../look/Dialog'
import { readContacts } from './readContacts'

/** More than this on one page is no choice any more. */
const MOST_SHOWN = 200

/** Jobs begun from a contacts file: whose house it is and where, chosen one by one. Nothing is made before it is asked for. */
export function FromContacts({ onMade }: { onMade: () => void }) {
  const [contacts, setContacts] = useState<readonly Contact[] | null>(null)
  const [left, setLeft] = useState(0)
  const [chosen, setChosen] = useState<ReadonlySet<Contact>>(new Set())
  const [words, setWords] = useState('')
  const [wrong, setWrong] = useState<string | null>(null)
  const [busy, setBusy] = useState(false)
  async function take(file: File): Promise<void> {
    setWrong(null)
    const read = await readContacts(await file.text())
    if (!read.ok) {
      setWrong(contactsErrorWords(read.error))
      return
    }
    setContacts(read.value.contacts)
    setLeft(read.value.skipped.length)
    setChosen(new Set())
  }
  async function begin(): Promise<void> {
    setBusy(true)
    for (const contact of chosen) {
      const { name, email, phone, address } = contact
      const made = await postJson(
        '/api/jobs',
        { asks: NewJobRequest, answers: CreatedAnswer },
        {
          id: newId(),
          title: address.split(',')[0] || name,
          time_zone: Intl.DateTimeFormat().resolvedOptions().timeZone,
          address,
          owner: { name, email, phone },
        },
      )
      if (!made.ok) {
        setWrong(failureWords(made.failure))
        break
      }
      // Those that are made are not made again when the rest is tried once more.
      setChosen((before) => new Set([...before].filter((each) => each !== contact)))
      setContacts((before) => before?.filter((each) => each !== contact) ?? null)
    }
    setBusy(false)
    onMade()
  }
  const found = contacts?.filter((each) =>
    `${each.name} ${each.address}`.toLowerCase().includes(words.trim().toLowerCase()),
  )
  return (
    <div className="flex flex-col gap-2">
      <label className="relative inline-flex min-h-9 w-fit cursor-pointer items-center rounded-(--radius) border border-ink bg-paper px-3 font-head font-semibold outline-offset-2 outline-chalk has-focus-visible:outline-3 touch:min-h-11">
        Jobs from your contacts
        <input
          type="file"
          accept=".csv,.vcf,text/csv,text/vcard"
          aria-label="Contacts file, CSV or vCard"
          className="sr-only"
          onChange={(event) => {
            const file = event.target.files?.[0]
            if (file) void take(file)
            event.target.value = ''
          }}
        />
      </label>
      {wrong && contacts === null ? (
        <Notice tone="wrong" alert>
          {wrong}
        </Notice>
      ) : null}
      {contacts && found ? (
        <Dialog open onClose={() => setContacts(null)} title="Begin jobs for whom?" wide>
          <input
            type="search"
            aria-label="Find a contact"
            placeholder="name, street"
            value={words}
            onChange={(event) => setWords(event.target.value)}
            className={CONTROL}
          />
          <ul className="my-2 max-h-[50vh] overflow-y-auto border-y border-rule">
            {found.slice(0, MOST_SHOWN).map((contact, index) => (
              <li key={index} className="border-b border-rule last:border-b-0">
                <label className="flex min-h-11 cursor-pointer items-center gap-3 py-1">
                  <input
                    type="checkbox"
                    className="size-5 shrink-0 accent-(--color-spruce)"
                    checked={chosen.has(contact)}
                    onChange={(event) => {
                      const next = new Set(chosen)
                      if (event.target.checked) next.add(contact)
                      else next.delete(contact)
                      setChosen(next)
                    }}
                  />
                  <span className="min-w-0">
                    {contact.name}
                    <span className="block truncate text-[14px] text-quiet">
                      {[contact.address, contact.phone, contact.email]
                        .filter((part) => part !== '')
                        .join(', ') || 'nothing but the name'}
                    </span>
                  </span>
                </label>
              </li>
            ))}
          </ul>
          {found.length > MOST_SHOWN ? (
            <p className="text-[14px] text-quiet">
              {found.length - MOST_SHOWN} more: type a name or a street to find them.
            </p>
          ) : null}
          {left > 0 ? (
            <p className="text-[14px] text-quiet">
              {left} left out: {left === 1 ? 'it has' : 'they have'} no name or cannot be read.
            </p>
          ) : null}
          {wrong ? (
            <Notice tone="wrong" alert>
              {wrong}
            </Notice>
          ) : null}
          <div className="mt-3 flex justify-end gap-2">
            <Button onClick={() => setContacts(null)}>Done</Button>
            <Button look="main" disabled={chosen.size === 0 || busy} onClick={() => void begin()}>
              {busy ? 'Beginning…' : `Begin ${chosen.size === 1 ? 'one job' : `${chosen.size} jobs`}`}
            </Button>
          </div>
        </Dialog>
      ) : null}
    </div>
  )
}
