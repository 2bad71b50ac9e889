'use client'

import { useState } from 'react'
import { formatCents } from '../../core/measure'
import { OWNER_SAYS } from '../../core/catalogue/sentences/owner'
import { Button } from '../look/Button'
import { TextField } from '../look/Field'
import { useChoosing } from './Choosing'
import { leave, look, take } from './ownerChoice'

/** What an owner may do with a piece of work, an option or a look: choose, leave, ask. */
export function WorkChoice({ id }: { id: string }) {
  const { bid, named, choice, choose, ask } = useChoosing()
  const item = bid.items.find((each) => each.id === id)
  const option = bid.beside.find((each) => each.id === id && each.takeable)
  const isLook = bid.looks.some((each) => each.id === id)
  const title = named.find((each) => each.id === id)?.title ?? ''
  const askAbout = (
    <Button aria-label={`Ask about ${title}`} onClick={() => ask({ about: id })}>
      Ask
    </Button>
  )
  const instead = bid.beside.find((each) => each.instead_of.includes(id) && choice.taken.includes(each.id))
  return (
    <div className="no-print flex flex-wrap items-center gap-2 pt-2">
      {item && instead ? (
        <p className="text-[14px]">Not done: an option you took stands in its place.</p>
      ) : null}
      {item && !instead ? <InOrOut id={id} title={title} /> : null}
      {option || isLook ? (
        <Button
          aria-pressed={choice.taken.includes(id) || choice.looks.includes(id)}
          aria-label={`Take ${title}`}
          onClick={() => choose(isLook ? look(choice, id) : take(choice, id, bid))}
        >
          {choice.taken.includes(id) || choice.looks.includes(id) ? 'Taken' : 'Take it'}
        </Button>
      ) : null}
      {askAbout}
      {item && choice.left.includes(id) ? <LeftOut id={id} /> : null}
    </div>
  )
}

function InOrOut({ id, title }: { id: string; title: string }) {
  const { bid, choice, choose, name, setName } = useChoosing()
  const [asksName, setAsksName] = useState(false)
  const item = bid.items.find((each) => each.id === id)!
  if (item.leave === null) return null
  const { hazard } = item.leave
  const isOut = choice.left.includes(id)
  const out = (): void => {
    setAsksName(false)
    choose(leave(choice, id, bid))
  }
  return (
    <>
      <Button aria-pressed={!isOut} aria-label={`Have ${title} done`} onClick={isOut ? out : undefined}>
        {isOut ? 'Take it in again' : 'In'}
      </Button>
      {isOut ? null : (
        <Button aria-label={`Leave out ${title}`} onClick={() => (hazard ? setAsksName(true) : out())}>
          Leave out
        </Button>
      )}
      {asksName ? (
        <form
          className="flex w-full flex-col gap-2 border border-ink bg-white p-3"
          onSubmit={(event) => {
            event.preventDefault()
            if (name.trim().length >= 2) out()
          }}
        >
          <p>{OWNER_SAYS.leaveHazard}</p>
          <TextField label="Your full name" value={name} onChange={setName} autoComplete="name" />
          <div className="flex gap-2">
            <Button type="submit" disabled={name.trim().length < 2}>
              I leave it out
            </Button>
            <Button onClick={() => setAsksName(false)}>Keep it in</Button>
          </div>
        </form>
      ) : null}
    </>
  )
}

/** What is saved, and what follows. */
function LeftOut({ id }: { id: string }) {
  const { bid, named } = useChoosing()
  const saves = bid.items.find((each) => each.id === id)?.leave?.saves_cents
  const follows = named.find((each) => each.id === id)?.left_out ?? ''
  if (saves === undefined) return null
  return (
    <p role="status" className="w-full text-[15px] text-pencil-text">
      Left out: {formatCents(saves)} less. {follows}
    </p>
  )
}
