'use client'

import { useState } from 'react'
import { MATERIALS, PARTS } from '../../../core/catalogue'
import { GRADE_NAMES, type JobDocument } from '../../../core/job'
import { dayWords } from '../../../core/measure'
import { chipsOf, LearntWord, type Ask, type Chip, type SaidOfJob } from '../../../core/shorthand'
import { SIGN_IDS, SIGNS, type SignId } from '../../../core/catalogue/signs'
import { Button, SelectField, TextField } from '../../look'
import { Dialog } from '../../look/Dialog'
import type { FirmWords } from '../../state/useWalk'
import { placeSaid } from './lineWords'
import type { LineEntry } from './useLine'

const LOOK: Record<Chip['kind'], string> = {
  place: 'border-ink bg-tape',
  part: 'border-ink bg-white font-semibold',
  size: 'border-ink bg-white',
  sign: 'border-chalk bg-white text-chalk-text',
  state: 'border-crayon bg-white text-crayon-text',
  note: 'border-rule bg-paper',
  left: 'border-dashed border-crayon bg-paper text-crayon-text',
}
const SHAPE = 'rounded-(--radius) border px-1.5 font-head text-[14px]'

/**
 * What was understood of a line, to be checked at a glance. Words nothing placed stay visible and are kept as text; a tap on one
 * teaches it to the firm, once.
 */
export function Chips({
  entry: { found, ofJob, answer, meant, take },
  job,
  firm,
}: {
  entry: Pick<LineEntry, 'found' | 'ofJob' | 'answer' | 'meant' | 'take'>
  job: JobDocument
  firm: FirmWords
}) {
  const [asked, setAsked] = useState<string | null>(null)
  if (ofJob !== null) {
    return (
      <p role="status" className="text-[14px] text-chalk-text">
        {jobWords(ofJob)}
      </p>
    )
  }
  return (
    <>
      <ol aria-label="Understood" className="flex flex-col gap-1.5">
        {found.map(({ said, place, ask }, index) => (
          <li key={index} className="flex flex-wrap items-center gap-1">
            {chipsOf(said, ask ? '' : placeSaid(place, job))
              .filter(({ kind }) => kind !== 'left')
              .map((chip, at) => (
                <span key={at} className={`${SHAPE} ${LOOK[chip.kind]}`}>
                  {chip.says}
                </span>
              ))}
            <NotUnderstood words={wordsLeft(said)} onTeach={setAsked} />
            {ask ? <Asked ask={ask} onAnswer={(choice) => answer(index, choice)} /> : null}
            <Meant signs={meant[index] ?? []} onTake={(sign) => take(index, sign)} />
          </li>
        ))}
      </ol>
      {asked === null ? null : <TeachDialog word={asked} firm={firm} onClose={() => setAsked(null)} />}
    </>
  )
}

function jobWords(said: SaidOfJob): string {
  switch (said.kind) {
    case 'rain':
      return `Rain on ${dayWords(said.day)}: kept as that day’s weather, not as a finding. Scope lists what is open to it.`
    case 'asked':
      return `What was asked: ${said.words}. Kept in the job’s details, not as a finding.`
    case 'told':
      return `Told: ${said.words}. Kept under Before, as others’ word; no finding.`
    case 'must_stay':
      return `Must stay: ${said.words}. Kept under Before, told in the bid and on every sheet; no finding.`
  }
}

const ROW =
  'flex flex-wrap items-center max-sm:w-full max-sm:flex-nowrap max-sm:overflow-x-auto max-sm:whitespace-nowrap'

function wordsLeft(said: Parameters<typeof chipsOf>[0]): string[] {
  return chipsOf(said, '').flatMap(({ kind, says }) => (kind === 'left' ? [says] : []))
}

/** Words nothing placed: one row on a phone however many they are, so that *Add* stays in reach. */
function NotUnderstood({ words, onTeach }: { words: readonly string[]; onTeach: (word: string) => void }) {
  if (words.length === 0) return null
  return (
    <div role="group" aria-label="Not understood" className={`${ROW} gap-1`}>
      {words.map((word, at) => (
        <button
          key={at}
          type="button"
          title="Teach what this word means"
          className={`${SHAPE} ${LOOK.left} shrink-0 touch:min-h-11`}
          onClick={() => onTeach(word)}
        >
          ? {word}
        </button>
      ))}
    </div>
  )
}

/** Signs the words may mean: nothing is taken for seen that nobody took. */
function Meant({ signs, onTake }: { signs: readonly SignId[]; onTake: (sign: SignId) => void }) {
  if (signs.length === 0) return null
  return (
    <div role="group" aria-label="Seen?" className={`${ROW} w-full gap-1.5`}>
      <span className="font-head text-[14px] text-quiet">Seen?</span>
      {signs.map((sign) => (
        <button
          key={sign}
          type="button"
          onClick={() => onTake(sign)}
          className={`${SHAPE} border-dashed border-chalk bg-paper text-chalk-text touch:min-h-11`}
        >
          + {SIGNS[sign].says}
        </button>
      ))}
    </div>
  )
}

/** What nobody could know, answered in one tap. Left unanswered, the words are kept and the place stays open. */
function Asked({ ask, onAnswer }: { ask: Ask; onAnswer: (choice: number) => void }) {
  return (
    <div role="group" aria-label={ask.words} className="flex w-full flex-wrap items-center gap-1.5">
      <span className="font-head text-[15px] font-semibold text-pencil-text">{ask.words}</span>
      {ask.choices.map((choice, at) => (
        <Button key={choice.says} onClick={() => onAnswer(at)}>
          {choice.says}
        </Button>
      ))}
    </div>
  )
}

type Kind = LearntWord['means']['kind']
const KINDS: readonly { value: Kind; label: string }[] = [
  { value: 'part', label: 'a part of the house' },
  { value: 'sign', label: 'a sign one sees' },
  { value: 'grade', label: 'how bad it is' },
  { value: 'material', label: 'a material' },
  { value: 'nothing', label: 'nothing: pass over it' },
]

function choicesOf(kind: Kind): readonly { value: string; label: string }[] {
  switch (kind) {
    case 'part':
      return PARTS.map(({ id, name }) => ({ value: id, label: name }))
    case 'sign':
      return SIGN_IDS.map((value) => ({ value, label: SIGNS[value].says }))
    case 'grade':
      return GRADE_NAMES.map((label, index) => ({ value: String(index), label: `${index} ${label}` }))
    case 'material':
      return MATERIALS.map(({ id, name }) => ({ value: id, label: name }))
    case 'nothing':
      return []
  }
}

function meaning(kind: Kind, value: string): unknown {
  switch (kind) {
    case 'part':
      return { kind, part: value }
    case 'sign':
      return { kind, sign: value }
    case 'grade':
      return { kind, grade: Number(value) }
    case 'material':
      return { kind, material: value }
    case 'nothing':
      return { kind }
  }
}

/** What the firm's people mean by a word. It is understood from the next line on, on every device of the firm. */
function TeachDialog({ word, firm, onClose }: { word: string; firm: FirmWords; onClose: () => void }) {
  const [phrase, setPhrase] = useState(word.toLowerCase())
  const [kind, setKind] = useState<Kind>('part')
  const [value, setValue] = useState(choicesOf('part')[0]!.value)
  const [wrong, setWrong] = useState<string | null>(null)
  return (
    <Dialog open onClose={onClose} title={`What does “${word}” mean?`}>
      <div className="flex flex-col gap-3">
        <TextField label="The word, or a few" value={phrase} onChange={setPhrase} />
        <SelectField
          label="It is"
          value={kind}
          onChange={(next) => {
            setKind(next as Kind)
            setValue(choicesOf(next as Kind)[0]?.value ?? '')
          }}
          choices={KINDS}
        />
        {kind === 'nothing' ? null : (
          <SelectField label="Namely" value={value} onChange={setValue} choices={choicesOf(kind)} />
        )}
        {wrong ? (
          <p role="alert" className="text-[14px] font-medium text-crayon-text">
            {wrong}
          </p>
        ) : null}
        <div className="flex justify-end gap-2">
          <Button onClick={onClose}>Leave it as text</Button>
          <Button
            look="main"
            onClick={() => {
              const learnt = LearntWord.safeParse({
                phrase: phrase.trim().toLowerCase(),
                means: meaning(kind, value),
              })
              if (!learnt.success) return setWrong('Type one word or a few, without blanks around them.')
              void firm.teach(learnt.data)
              return onClose()
            }}
          >
            Remember it
          </Button>
        </div>
      </div>
    </Dialog>
  )
}
