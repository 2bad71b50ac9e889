'use client'

import { useState } from 'react'
import { CAUSE_IDS, causeOf, isCause, type Source } from '../../core/trace'
import { Button, Panel, SelectField } from '../look'
import type { Guess } from './useGuess'

/** The answer is hidden until a guess is made. */
export function GuessPanel({ ids, guess }: { ids: readonly string[]; guess: Guess }) {
  const [cause, setCause] = useState('')
  return (
    <Panel title="Your guess first">
      <div className="flex max-w-sm flex-col gap-3 py-3">
        <SelectField
          label="What is behind it?"
          value={cause}
          onChange={setCause}
          choices={[
            { value: '', label: 'choose…' },
            ...CAUSE_IDS.map((id) => ({ value: id, label: causeOf(id).name })),
          ]}
        />
        <Button
          disabled={!isCause(cause)}
          onClick={() => {
            if (isCause(cause)) for (const id of ids) guess.guess(id, cause)
          }}
        >
          That is my guess
        </Button>
      </div>
    </Panel>
  )
}

/** What was guessed beside what was reckoned. */
export function GuessedWords({ source, guess }: { source: Source; guess: Guess }) {
  const said = source.finding_ids.map((id) => guess.guesses[id]).find((each) => each !== undefined)
  if (!guess.on || !said) return null
  return (
    <p role="status" className="py-1">
      You said: {causeOf(said).name}.{' '}
      {said === source.cause ? 'So does the reckoning.' : 'The reckoning says otherwise: see why.'}
    </p>
  )
}
