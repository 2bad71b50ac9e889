'use client'

import { useState } from 'react'
import type { Tally } from '../../core/close/tally'
import { hoursOfSpell } from '../../core/close/spent'
import { CREW_WORDS } from '../../core/lists/crewWords'
import type { WorkSpell } from '../../core/job'
import { momentWords } from '../../core/measure'
import { now } from '../../client/clock'
import { Button, Panel, SelectField } from '../look'
import { crewMessages } from '../messages/crew'
import { useJob } from '../state/useJob'
import { useLanguage } from '../state/useLanguage'
import { ALONG, hoursWords } from './closeWords'
import { useCloseEdits } from './useCloseEdits'
import { useSpellWords } from './useSpellWords'

/** What a choice of the list stands for, as text, since a list knows only text. */
function onOf(value: string, task: string): WorkSpell['on'] {
  if (value === 'job') return { kind: 'job', task: null }
  if (value in ALONG) return { kind: 'along', what: value as keyof typeof ALONG }
  return { kind: 'item', item_id: value, task: task || null }
}

/** Choices of what time is spent on: agreed work, what is not done first; what serves the job; the time along the way. */
export function useTimeChoices(tally: Tally): {
  readonly choices: readonly { value: string; label: string }[]
  readonly tasksOf: (value: string) => readonly { value: string; label: string }[]
  readonly onOf: typeof onOf
} {
  const { derived } = useJob()
  const { locale } = useLanguage()
  const say = crewMessages(locale)
  const words = CREW_WORDS[locale]
  const open = tally.items.filter(({ finished_on }) => finished_on === null)
  const done = tally.items.filter(({ finished_on }) => finished_on !== null)
  const named = [...open, ...done].map(({ item_id, title, where }) => {
    const item = derived.scope.items.find(({ id }) => id === item_id)
    return { value: item_id, label: `${item ? words.item(item) : title} · ${where}` }
  })
  return {
    choices: [
      ...named,
      { value: 'job', label: say('setUp') },
      ...Object.entries(ALONG).map(([value, word]) => ({ value, label: say(word) })),
    ],
    tasksOf: (value) => {
      const tasks = tally.items.find(({ item_id }) => item_id === value)?.tasks ?? []
      return tasks.length === 0
        ? []
        : [
            { value: '', label: say('allOfIt') },
            ...tasks.map(({ task }) => ({ value: task, label: words.task(task) })),
          ]
    },
    onOf,
  }
}

/** The clock: what runs, and one touch to start or stop. It works without a signal; a crew sees no money. */
export function ClockPanel({ tally }: { tally: Tally }) {
  const { job, view } = useJob()
  const { locale } = useLanguage()
  const say = crewMessages(locale)
  const edits = useCloseEdits()
  const words = useSpellWords()
  const { choices, tasksOf } = useTimeChoices(tally)
  const mine = job.work_spells.findLast((each) => !each.removed && each.by === view.member.name)
  const [on, setOn] = useState<string | null>(null)
  const [task, setTask] = useState('')
  const [people, setPeople] = useState(mine?.people ?? 1)
  const [wrong, setWrong] = useState<string | null>(null)
  const { running } = tally.spent
  const value = on ?? choices[0]!.value
  const tasks = tasksOf(value)
  const step =
    'grid size-9 shrink-0 place-items-center border border-ink bg-paper font-head text-[20px] font-semibold disabled:opacity-40 touch:size-12'
  return (
    <Panel title={say('clock')} aside={running.length === 0 ? say('nothingRuns') : ''}>
      <ul>
        {running.map((spell) => (
          <li key={spell.id} className="flex items-center gap-3 border-b border-rule bg-tape px-2 py-1.5">
            <span className="min-w-0 grow">
              <span className="block truncate font-semibold">{words(spell)}</span>
              <span className="block text-[14px]">
                {spell.by}.{' '}
                {say('running', { at: momentWords(spell.began_at, job.job.time_zone), people: spell.people })}
              </span>
            </span>
            <span className="font-head text-[19px] font-semibold tabular-nums" role="timer">
              {hoursWords(hoursOfSpell(spell, new Date(now())))}
            </span>
            <Button look="main" onClick={() => setWrong(edits.stop(spell.id))}>
              {say('stop')}
            </Button>
          </li>
        ))}
      </ul>
      <form
        className="flex flex-wrap items-end gap-2 py-2"
        onSubmit={(event) => {
          event.preventDefault()
          setWrong(edits.start({ on: onOf(value, task), people }))
        }}
      >
        <div className="min-w-0 grow basis-64">
          <SelectField
            label={say('onWhat')}
            value={value}
            choices={choices}
            onChange={(next) => {
              setOn(next)
              setTask('')
            }}
          />
        </div>
        {tasks.length > 0 ? (
          <div className="min-w-0 grow basis-40">
            <SelectField label={say('whatOfIt')} value={task} choices={tasks} onChange={setTask} />
          </div>
        ) : null}
        <fieldset className="flex items-center gap-1">
          <legend className="font-head text-[14px] font-medium">{say('people')}</legend>
          <button
            type="button"
            className={step}
            aria-label={`${say('people')} −`}
            disabled={people <= 1}
            onClick={() => setPeople(people - 1)}
          >
            −
          </button>
          <span
            className="w-7 text-center font-head text-[20px] font-semibold"
            role="status"
            aria-label={`${say('people')}: ${people}`}
          >
            {people}
          </span>
          <button
            type="button"
            className={step}
            aria-label={`${say('people')} +`}
            disabled={people >= 20}
            onClick={() => setPeople(people + 1)}
          >
            +
          </button>
        </fieldset>
        <Button type="submit" look={running.length === 0 ? 'main' : 'plain'} className="max-sm:grow">
          {say('start')}
        </Button>
      </form>
      {wrong ? (
        <p role="alert" className="text-[14px] font-medium text-crayon-text">
          {wrong}
        </p>
      ) : null}
    </Panel>
  )
}
