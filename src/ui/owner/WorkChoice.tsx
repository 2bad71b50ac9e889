'use client'

import { useState } from 'react'
import { formatCents } from '../../core/measure'
import { Button } from '../look/Button'
import { TextField } from '../look/Field'
import { useChoosing } from './Choosing'
import { useOwnerWords } from './OwnerTongue'
import { leave, look, take } from './ownerChoice'

/** What an owner may do with a piece of work, an option or a look: choose, leave, ask. */
export function WorkChoice({ id }: { id: string }) {
  const say = useOwnerWords()
  const { bid, named, choice, choose, ask } = useChoosing()
  const item = bid.items.find((each) => each.id === id)
  const option = bid.beside.find((each) => each.id === id && each.takeable)
  const isLook = bid.looks.some((each) => each.id === id)
  const title = named.find((each) => each.id === id)?.title ?? ''
  const askAbout = (
    <Button aria-label={say('askAbout', { title })} onClick={() => ask({ about: id })}>
      {say('ask')}
    </Button>
  )
  const instead = bid.beside.find((each) => each.instead_of.includes(id) && choice.taken.includes(each.id))
  return (
    <div className="no-print flex flex-wrap items-center gap-2 pt-2">
      {item && instead ? <p className="text-[14px]">{say('replaced')}</p> : null}
      {item && !instead ? <InOrOut id={id} title={title} /> : null}
      {option || isLook ? (
        <Button
          aria-pressed={choice.taken.includes(id) || choice.looks.includes(id)}
          aria-label={say('take', { title })}
          onClick={() => choose(isLook ? look(choice, id) : take(choice, id, bid))}
        >
          {choice.taken.includes(id) || choice.looks.includes(id) ? say('taken') : say('takeIt')}
        </Button>
      ) : null}
      {askAbout}
      {item && choice.left.includes(id) ? <LeftOut id={id} /> : null}
    </div>
  )
}

function InOrOut({ id, title }: { id: string; title: string }) {
  const say = useOwnerWords()
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
      <Button aria-pressed={!isOut} aria-label={say('have', { title })} onClick={isOut ? out : undefined}>
        {isOut ? say('inAgain') : say('in')}
      </Button>
      {isOut ? null : (
        <Button aria-label={say('leave', { title })} onClick={() => (hazard ? setAsksName(true) : out())}>
          {say('leaveOut')}
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
          <p>{say('hazard')}</p>
          <TextField label={say('fullName')} value={name} onChange={setName} autoComplete="name" />
          <div className="flex gap-2">
            <Button type="submit" disabled={name.trim().length < 2}>
              {say('iLeave')}
            </Button>
            <Button onClick={() => setAsksName(false)}>{say('keepIn')}</Button>
          </div>
        </form>
      ) : null}
    </>
  )
}

/** What is saved, and what follows. */
function LeftOut({ id }: { id: string }) {
  const say = useOwnerWords()
  const { bid, named } = useChoosing()
  const saves = bid.items.find((each) => each.id === id)?.leave?.saves_cents
  const follows = named.find((each) => each.id === id)?.left_out ?? ''
  if (saves === undefined) return null
  return (
    <p role="status" className="w-full text-[15px] text-pencil-text">
      {say('saves', { sum: formatCents(saves), follows })}
    </p>
  )
}
