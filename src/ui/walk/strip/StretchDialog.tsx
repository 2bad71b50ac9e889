'use client'

import { useState } from 'react'
import { newId } from '../../../client/newId'
import { PARTS, partName } from '../../../core/catalogue'
import type { EntityOf } from '../../../core/job'
import { SCOPE_WORDS, type ScopeKind } from '../../../core/scope/scopeLine'
import { Button, LengthField, Notice, SelectField, TextField } from '../../look'
import { Dialog } from '../../look/Dialog'
import { useJob } from '../../state/useJob'
import type { StretchDraft } from '../../state/useWalk'

const KINDS = Object.keys(SCOPE_WORDS) as ScopeKind[]
const partChoices = PARTS.map(({ id, name }) => ({ value: id, label: name }))

/** One stretch of the scope line: whose it is, from where to where, and why. */
export function StretchDialog({ draft }: { draft: StretchDraft }) {
  const { job, store, walk } = useJob()
  const old = job.scope_stretches.find((each) => each.id === draft.id)
  const [stretch, setStretch] = useState<EntityOf['scope_stretch']>(
    () =>
      old ?? {
        id: newId(),
        removed: false,
        side_id: draft.side_id,
        from: draft.from,
        to: draft.to,
        kind: 'left-out',
        below: null,
        above: null,
        parts: [],
        reason: '',
        who: '',
        hand_over: '',
      },
  )
  const [wrong, setWrong] = useState<string | null>(null)
  const set = (fields: Partial<EntityOf['scope_stretch']>): void =>
    setStretch((before) => ({ ...before, ...fields }))
  const close = (): void => walk.setStretch(null)
  const letter = job.sides.find((each) => each.id === stretch.side_id)?.letter ?? ''
  const others = job.scope_stretches.filter((each) => each.id !== stretch.id)
  const byHand = stretch.kind === 'by-owner' || stretch.kind === 'by-others'

  function keep(): void {
    if (stretch.to <= stretch.from) return setWrong('It ends where it starts. Type an end past its start.')
    if (stretch.above !== null && stretch.below !== null && stretch.below <= stretch.above)
      return setWrong('It holds nowhere: “only below” has to lie over “only above”.')
    if (stretch.kind !== 'ours' && stretch.reason.trim() === '')
      return setWrong('Say why: this line of a bid is the one most argued about.')
    const { id, ...fields } = stretch
    const said = old ? store.set('scope_stretch', id, fields) : store.create('scope_stretch', stretch)
    if (said) return setWrong(said)
    return close()
  }

  return (
    <Dialog open onClose={close} title={`Scope line, side ${letter}`}>
      <form
        className="grid grid-cols-2 gap-3"
        onSubmit={(event) => {
          event.preventDefault()
          keep()
        }}
      >
        <div className="col-span-full">
          <SelectField
            label="This stretch is"
            hint={
              stretch.kind === 'ours' && !others.some((each) => each.kind === 'ours')
                ? 'Once a stretch is ours, all that lies on none of ours is left out.'
                : undefined
            }
            value={stretch.kind}
            onChange={(kind) => set({ kind: kind as ScopeKind })}
            choices={KINDS.map((value) => ({ value, label: SCOPE_WORDS[value] }))}
          />
        </div>
        <LengthField
          label="From"
          bare="feet"
          value={stretch.from}
          onChange={(from) => from !== null && set({ from })}
        />
        <LengthField
          label="To"
          bare="feet"
          value={stretch.to}
          onChange={(to) => to !== null && set({ to })}
        />
        <LengthField
          label="Only above"
          hint="over the ground; empty: all"
          bare="feet"
          optional
          value={stretch.above}
          onChange={(above) => set({ above })}
        />
        <LengthField
          label="Only below"
          hint="over the ground; empty: all"
          bare="feet"
          optional
          value={stretch.below}
          onChange={(below) => set({ below })}
        />
        <div className="col-span-full">
          <SelectField
            label="Only for one part more"
            value=""
            onChange={(part) =>
              part === '' ? undefined : set({ parts: [...new Set([...stretch.parts, part])] })
            }
            choices={[
              { value: '', label: stretch.parts.length === 0 ? 'whatever is there' : 'and…' },
              ...partChoices,
            ]}
          />
          {stretch.parts.length > 0 ? (
            <p className="flex flex-wrap items-center gap-2 pt-1 text-[14px]">
              Only: {stretch.parts.map((part) => partName(part)).join(', ')}
              <Button look="quiet" onClick={() => set({ parts: [] })}>
                For whatever is there
              </Button>
            </p>
          ) : null}
        </div>
        <div className="col-span-full">
          <TextField
            label={stretch.kind === 'ours' ? 'Why here (may stay empty)' : 'Why'}
            value={stretch.reason}
            onChange={(reason) => set({ reason })}
          />
        </div>
        {byHand ? (
          <>
            <TextField label="Who" value={stretch.who} onChange={(who) => set({ who })} />
            <TextField
              label="Handed over"
              value={stretch.hand_over}
              hint="such as: stripped, dry, before we start"
              onChange={(hand_over) => set({ hand_over })}
            />
          </>
        ) : null}
        {wrong ? (
          <div className="col-span-full">
            <Notice tone="wrong" alert>
              {wrong}
            </Notice>
          </div>
        ) : null}
        <div className="col-span-full flex justify-end gap-2 pt-1">
          {old ? (
            <Button
              look="quiet"
              onClick={() => {
                store.set('scope_stretch', old.id, { removed: true })
                close()
              }}
            >
              Remove this stretch
            </Button>
          ) : null}
          <span className="grow" />
          <Button onClick={close}>Leave it</Button>
          <Button look="main" type="submit">
            {old ? 'Keep' : 'Put it on the line'}
          </Button>
        </div>
      </form>
    </Dialog>
  )
}
