'use client'

import { useState } from 'react'
import { SelectField, TextField } from '../look/Field'
import { useOwnerWords } from './OwnerTongue'
import type { Stroke } from './ownerChoice'
import { SignaturePad } from './SignaturePad'

export type SignsAs = 'owns' | 'pays' | 'may-approve'

/** A name, as whom he signs, and what he drew. */
export type Signing = {
  /** Null: the name that was typed is no name yet. */
  readonly signed: () => { readonly name: string; readonly role: SignsAs } | null
  /** As the server takes it; empty: only the name was typed. */
  readonly signature: () => [number, number][][]
  readonly fields: {
    readonly name: string
    readonly setName: (name: string) => void
    readonly role: SignsAs
    readonly setRole: (role: SignsAs) => void
    readonly strokes: readonly Stroke[]
    readonly setStrokes: (strokes: readonly Stroke[]) => void
  }
}

/** Shorter than this nobody is called. */
const SHORTEST_NAME = 2

/** @param held a name that is kept elsewhere, since it was typed for something else before */
export function useSigning(held?: {
  readonly name: string
  readonly setName: (name: string) => void
}): Signing {
  const [typed, setTyped] = useState('')
  const { name, setName } = held ?? { name: typed, setName: setTyped }
  const [role, setRole] = useState<SignsAs>('owns')
  const [strokes, setStrokes] = useState<readonly Stroke[]>([])
  return {
    signed: () => (name.trim().length < SHORTEST_NAME ? null : { name: name.trim(), role }),
    signature: () => strokes.map((stroke) => stroke.map(([x, y]) => [x, y] as [number, number])),
    fields: { name, setName, role, setRole, strokes, setStrokes },
  }
}

/** Where somebody signs: on his own page, or on a phone that is held out to him. */
export function SignFields(props: {
  signing: Signing
  wrong: string | null
  /** On a phone of the firm’s: it speaks of him, and offers his name as it is known. */
  heldOut?: { readonly name: string }
}) {
  const { signing, wrong, heldOut } = props
  const say = useOwnerWords()
  const { name, setName, role, setRole, strokes, setStrokes } = signing.fields
  return (
    <>
      {say('beforeYes') ? <p className="text-[14px]">{say('beforeYes')}</p> : null}
      <TextField
        label={heldOut ? 'Full name, typed, is the signature' : say('signName')}
        value={name}
        onChange={(text) => setName(text.slice(0, 120))}
        error={wrong}
        autoComplete={heldOut ? 'off' : 'name'}
        {...(heldOut ? { placeholder: heldOut.name } : {})}
      />
      <SelectField
        label={heldOut ? 'Signs as' : say('signAs')}
        value={role}
        onChange={(said) => setRole(said as SignsAs)}
        choices={[
          { value: 'owns', label: say('owns') },
          { value: 'pays', label: say('pays') },
          { value: 'may-approve', label: say('mayApprove') },
        ]}
      />
      <SignaturePad strokes={strokes} onDraw={setStrokes} />
    </>
  )
}
