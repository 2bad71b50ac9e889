'use client'

import { useState } from 'react'
import { findingNumber } from '../../core/house'
import { momentWords } from '../../core/measure'
import { checksOf, type CoverCheck } from '../../core/open/coverChecks'
import { nameOfUnit, whereOfUnit } from '../../core/plan'
import { Button, Panel, PhotoButton, TextField } from '../look'
import { shortDay } from '../plan/dayNames'
import { useJob } from '../state/useJob'

const STATES = { open: 'not seen yet', passed: 'seen', wrong: 'wrong: put right first' } as const
const TONES = { open: 'text-pencil-text', passed: 'text-moss', wrong: 'text-crayon-text' } as const

/** What is looked at before the next step covers it: by day, by piece of work, and by whom it was seen. */
export function CoverChecks() {
  const { derived } = useJob()
  const checks = checksOf({ job: derived.job, scope: derived.scope, units: derived.plan.units })
  const byUnit = new Map<string, CoverCheck[]>()
  for (const check of checks) byUnit.set(check.unit, [...(byUnit.get(check.unit) ?? []), check])
  const open = checks.filter(({ state }) => state !== 'passed').length
  return (
    <div className="min-h-0 overflow-y-auto">
      <Panel
        title="Before it is covered"
        aside={checks.length === 0 ? '' : open === 0 ? 'all seen' : `${open} of ${checks.length} open`}
      >
        {checks.length === 0 ? (
          <p className="py-3 text-quiet">
            Nothing is opened and closed again in what is planned. Plan says which work has which day.
          </p>
        ) : null}
        <ol>
          {[...byUnit].map(([key, mine]) => (
            <UnitChecks key={key} unitKey={key} checks={mine} />
          ))}
        </ol>
      </Panel>
    </div>
  )
}

function UnitChecks({ unitKey, checks }: { unitKey: string; checks: readonly CoverCheck[] }) {
  const { derived } = useJob()
  const unit = derived.plan.units.find(({ key }) => key === unitKey)!
  return (
    <li className="grid grid-cols-[9rem_minmax(0,1fr)] gap-x-4 border-b border-ink py-1.5 max-sm:grid-cols-1">
      <p className="font-head text-[15px]">
        <span className="font-semibold">{shortDay(unit.first)}</span>
        <span className="block text-quiet">{whereOfUnit(unit, derived.job)}</span>
      </p>
      <div className="min-w-0">
        <p className="font-semibold">{nameOfUnit(unit, derived.scope)}</p>
        <ul>
          {checks.map((check) => (
            <CheckRow key={`${check.side}/${check.point.id}`} check={check} />
          ))}
        </ul>
      </div>
    </li>
  )
}

function CheckRow({ check }: { check: CoverCheck }) {
  const { job, store, derived } = useJob()
  const [words, setWords] = useState<string | null>(null)
  const [wrong, setWrong] = useState<string | null>(null)
  const { point, item_id, side, state, by, at, last_percent } = check
  const numbers = (derived.scope.items.find(({ id }) => id === item_id)?.finding_ids ?? []).flatMap((id) => {
    const finding = job.findings.find((each) => each.id === id)
    return finding ? [findingNumber(finding, derived.job)] : []
  })
  const note = (passed: boolean, said: string, photo_ids: string[] = []): void => {
    setWrong(
      store.addFact({ kind: 'hold-point', item_id, side, point: point.id, passed, words: said, photo_ids }),
    )
    setWords(null)
  }
  async function take(file: File | null): Promise<void> {
    if (!file) return
    const photo = await store.addPhoto(file)
    if ('words' in photo) setWrong(photo.words)
    else note(true, '', [photo.id])
  }
  return (
    <li className="border-t border-rule py-1">
      <div className="flex flex-wrap items-center gap-x-3 gap-y-1">
        <span className="min-w-0 grow basis-72">
          {point.name}
          {point.most_percent === null ? '' : `: ${point.most_percent} % or less`}{' '}
          <span className={`font-head text-[14px] ${TONES[state]}`}>
            {STATES[state]}
            {last_percent === null ? '' : `, ${last_percent} %`}
            {by ? `, ${by}` : ''}
            {at ? ` ${momentWords(at, job.job.time_zone)}` : ''}
          </span>
        </span>
        {point.wants === 'reading' ? (
          <span className="text-[14px] text-quiet">
            {numbers.length > 0
              ? `Read the meter at finding ${numbers.join(', ')} in Walk: its reading counts here.`
              : 'No finding to read a meter at: note one in Walk.'}
          </span>
        ) : point.wants === 'picture' ? (
          <PhotoButton
            taken={state === 'passed'}
            label="From the same spot"
            onTake={(file) => void take(file)}
          />
        ) : (
          <span className="flex gap-2">
            <Button aria-pressed={state === 'passed'} onClick={() => note(true, '')}>
              Seen
            </Button>
            <Button aria-pressed={state === 'wrong'} onClick={() => setWords('')}>
              Wrong
            </Button>
          </span>
        )}
      </div>
      {words === null ? null : (
        <form
          className="flex items-end gap-2 pt-1"
          onSubmit={(event) => {
            event.preventDefault()
            note(false, words)
          }}
        >
          <div className="grow">
            <TextField
              label="What is wrong"
              value={words}
              onChange={(text) => setWords(text.slice(0, 200))}
              autoFocus
            />
          </div>
          <Button type="submit">Note it</Button>
        </form>
      )}
      {wrong ? (
        <p role="alert" className="text-[14px] font-medium text-crayon-text">
          {wrong}
        </p>
      ) : null}
    </li>
  )
}
