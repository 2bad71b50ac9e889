'use client'

import { useState } from 'react'
import type { Tally } from '../../core/close/tally'
import { hoursOfSpell, type Doubt } from '../../core/close/spent'
import type { WorkSpell } from '../../core/job'
import { dayIn } from '../../core/measure/dayIn'
import { clockAt, momentAt } from '../../core/measure/zoned'
import { now } from '../../client/clock'
import { Button, CONTROL, Field, Panel, SelectField, TextField } from '../look'
import { Dialog } from '../look/Dialog'
import { crewMessages } from '../messages/crew'
import { shortDay } from '../plan/dayNames'
import { useJob } from '../state/useJob'
import { useLanguage } from '../state/useLanguage'
import { useTimeChoices } from './ClockPanel'
import { hoursWords } from './closeWords'
import { useCloseEdits } from './useCloseEdits'
import { useSpellWords } from './useSpellWords'

const DOUBTS = {
  'runs-on': 'doubtRunsOn',
  'too-long': 'doubtTooLong',
  'two-at-once': 'doubtTwice',
  'rests-all-through': 'doubtRests',
} as const

/** Every stretch that was written down, the last day first; what is in doubt says why. */
export function TimesPanel({ tally }: { tally: Tally }) {
  const { derived } = useJob()
  const { locale } = useLanguage()
  const say = crewMessages(locale)
  const [opened, setOpened] = useState<'new' | WorkSpell | null>(null)
  const zone = derived.job.job.time_zone
  const spells = derived.job.work_spells.toSorted((a, b) => b.began_at.localeCompare(a.began_at))
  const days = [...new Set(spells.map(({ began_at }) => dayIn(zone, new Date(began_at))))]
  return (
    <Panel
      title={say('times')}
      aside={
        <Button look="quiet" onClick={() => setOpened('new')}>
          {say('written')}…
        </Button>
      }
    >
      {spells.length === 0 ? <p className="py-3 text-quiet">{say('noTimes')}</p> : null}
      {days.map((day) => (
        <div key={day}>
          <h3 className="pt-1 font-head text-[15px] font-semibold">
            {shortDay(day, locale === 'es' ? 'es-US' : 'en-US')}
          </h3>
          <ul>
            {spells
              .filter(({ began_at }) => dayIn(zone, new Date(began_at)) === day)
              .map((spell) => (
                <SpellRow
                  key={spell.id}
                  spell={spell}
                  doubts={tally.spent.doubts.filter(({ spell_id }) => spell_id === spell.id)}
                  onChange={() => setOpened(spell)}
                />
              ))}
          </ul>
        </div>
      ))}
      {opened === null ? null : (
        <Dialog
          open
          onClose={() => setOpened(null)}
          title={opened === 'new' ? say('written') : say('change')}
        >
          <SpellForm tally={tally} spell={opened === 'new' ? null : opened} onDone={() => setOpened(null)} />
        </Dialog>
      )}
    </Panel>
  )
}

function SpellRow(props: { spell: WorkSpell; doubts: readonly Doubt[]; onChange: () => void }) {
  const { spell, doubts, onChange } = props
  const { job } = useJob()
  const { locale } = useLanguage()
  const say = crewMessages(locale)
  const words = useSpellWords()
  const zone = job.job.time_zone
  const at = (moment: string): string => clockAt(moment, zone).slice(11)
  return (
    <li className="border-b border-rule text-[15px]">
      <button
        type="button"
        aria-label={`${say('change')}: ${words(spell)}, ${at(spell.began_at)}`}
        onClick={onChange}
        className="flex min-h-9 w-full items-baseline gap-3 py-0.5 text-left touch:min-h-12"
      >
        <span className="w-24 shrink-0 font-head text-[14px] tabular-nums">
          {at(spell.began_at)}–{spell.ended_at === null ? '…' : at(spell.ended_at)}
        </span>
        <span className="min-w-0 grow">
          <span className="block truncate">{words(spell)}</span>
          <span className="block text-[13px] text-quiet">
            {spell.by}
            {spell.people > 1 ? `, ${spell.people}` : ''}
            {spell.words ? `: ${spell.words}` : ''}
          </span>
          {doubts.map(({ why }) => (
            <span key={why} className="block text-[13px] font-medium text-pencil-text">
              {say(DOUBTS[why], { by: spell.by })}
            </span>
          ))}
        </span>
        <span className="shrink-0 tabular-nums">
          {spell.ended_at === null ? '' : hoursWords(hoursOfSpell(spell, new Date(now())))}
        </span>
      </button>
    </li>
  )
}

const choiceOf = (spell: WorkSpell | null): string | null =>
  spell === null
    ? null
    : spell.on.kind === 'item'
      ? spell.on.item_id
      : spell.on.kind === 'job'
        ? 'job'
        : spell.on.what

/** A stretch of time as somebody remembers it: what is typed stays until it can be read. */
function SpellForm(props: { tally: Tally; spell: WorkSpell | null; onDone: () => void }) {
  const { tally, spell, onDone } = props
  const { job, view } = useJob()
  const { locale } = useLanguage()
  const say = crewMessages(locale)
  const edits = useCloseEdits()
  const { choices, tasksOf, onOf } = useTimeChoices(tally)
  const zone = job.job.time_zone
  const today = clockAt(now(), zone).slice(0, 10)
  const [on, setOn] = useState(() => {
    const held = choiceOf(spell)
    return choices.some(({ value }) => value === held) ? held! : choices[0]!.value
  })
  const [task, setTask] = useState(spell?.on.kind === 'item' ? (spell.on.task ?? '') : '')
  const [by, setBy] = useState(spell?.by ?? view.member.name)
  const [people, setPeople] = useState(String(spell?.people ?? 1))
  const [began, setBegan] = useState(spell ? clockAt(spell.began_at, zone) : `${today}T08:00`)
  const [ended, setEnded] = useState(
    spell?.ended_at ? clockAt(spell.ended_at, zone) : spell ? '' : `${today}T12:00`,
  )
  const [rest, setRest] = useState(String(spell?.pause_min ?? 0))
  const [words, setWords] = useState(spell?.words ?? '')
  const [wrong, setWrong] = useState<string | null>(null)
  const tasks = tasksOf(on)
  const from = momentAt(began, zone)
  const to = ended === '' ? null : momentAt(ended, zone)
  const many = /^\d+$/.test(people) && Number(people) >= 1 && Number(people) <= 20 ? Number(people) : null
  const pause = /^\d+$/.test(rest) && Number(rest) <= 600 ? Number(rest) : null
  const mayRun = spell !== null && spell.ended_at === null

  function keep(): void {
    if (from === null || (to === null && !(mayRun && ended === ''))) return setWrong(say('cannotRead'))
    if (to !== null && to < from) return setWrong(say('endFirst'))
    if (many === null || pause === null) return
    const of = {
      ...{
        on: onOf(on, task),
        by: by.trim() || view.member.name,
        people: many,
        began_at: from,
        ended_at: to,
      },
      ...{ pause_min: pause, words: words.trim() },
    }
    const said = spell ? edits.change(spell.id, of) : edits.write({ ...of, how: 'written' })
    setWrong(said)
    if (said === null) onDone()
  }
  return (
    <form
      className="flex flex-col gap-2"
      onSubmit={(event) => {
        event.preventDefault()
        keep()
      }}
    >
      <SelectField
        label={say('onWhat')}
        value={on}
        choices={choices}
        onChange={(next) => {
          setOn(next)
          setTask('')
        }}
      />
      {tasks.length > 0 ? (
        <SelectField label={say('whatOfIt')} value={task} choices={tasks} onChange={setTask} />
      ) : null}
      <div className="grid grid-cols-2 gap-2">
        <ClockField label={say('began')} value={began} onChange={setBegan} />
        <ClockField label={say('ended')} value={ended} onChange={setEnded} />
        <TextField label={say('who')} value={by} onChange={(text) => setBy(text.slice(0, 200))} />
        <TextField
          label={say('people')}
          inputMode="numeric"
          value={people}
          error={many === null ? '1–20' : null}
          onChange={setPeople}
        />
        <TextField
          label={say('rest')}
          inputMode="numeric"
          value={rest}
          error={pause === null ? '0–600' : null}
          onChange={setRest}
        />
        <TextField label={say('inAWord')} value={words} onChange={(text) => setWords(text.slice(0, 200))} />
      </div>
      {wrong ? (
        <p role="alert" className="text-[14px] font-medium text-crayon-text">
          {wrong}
        </p>
      ) : null}
      <div className="flex gap-2 pt-1">
        <Button type="submit" look="main" className="grow">
          {say('keep')}
        </Button>
        {spell ? (
          <Button
            onClick={() => {
              setWrong(edits.change(spell.id, { removed: true }))
              onDone()
            }}
          >
            {say('takeBack')}
          </Button>
        ) : null}
      </div>
    </form>
  )
}

function ClockField(props: { label: string; value: string; onChange: (value: string) => void }) {
  const { label, value, onChange } = props
  return (
    <Field label={label}>
      {(tied) => (
        <input
          {...tied}
          type="datetime-local"
          className={CONTROL}
          value={value}
          onChange={(event) => onChange(event.target.value)}
        />
      )}
    </Field>
  )
}
