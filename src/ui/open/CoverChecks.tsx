'use client'

import { useState } from 'react'
import { findingNumber } from '../../core/house'
import { momentWords } from '../../core/measure'
import { checksOf, type CoverCheck } from '../../core/open/coverChecks'
import { CREW_WORDS } from '../../core/lists/crewWords'
import { Button, Panel, PhotoButton, TextField } from '../look'
import { SheetLanguage } from '../lists/CrewSheet'
import { crewMessages } from '../messages/crew'
import { shortDay } from '../plan/dayNames'
import { useJob } from '../state/useJob'
import { useLanguage } from '../state/useLanguage'

const STATES = { open: 'seenOpen', passed: 'seenPassed', wrong: 'seenWrong' } as const
const TONES = { open: 'text-pencil-text', passed: 'text-moss', wrong: 'text-crayon-text' } as const

/** What is looked at before the next step covers it: by day, by piece of work, and by whom it was seen. */
export function CoverChecks() {
  const { derived } = useJob()
  const { locale, set } = useLanguage()
  const say = crewMessages(locale)
  const checks = checksOf({ job: derived.job, scope: derived.scope, units: derived.plan.units })
  const byUnit = new Map<string, CoverCheck[]>()
  for (const check of checks) byUnit.set(check.unit, [...(byUnit.get(check.unit) ?? []), check])
  const open = checks.filter(({ state }) => state !== 'passed').length
  return (
    <div className="min-h-0 overflow-y-auto" lang={locale}>
      <div className="pt-2">
        <SheetLanguage locale={locale} set={set} />
      </div>
      <Panel
        title={say('beforeCover')}
        aside={
          checks.length === 0
            ? ''
            : open === 0
              ? say('allSeen')
              : say('stillOpen', { open, all: checks.length })
        }
      >
        {checks.length === 0 ? <p className="py-3 text-quiet">{say('nothingCovered')}</p> : null}
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
  const { locale } = useLanguage()
  const unit = derived.plan.units.find(({ key }) => key === unitKey)!
  const item = derived.scope.items.find(({ id }) => id === unit.item_id)
  const words = CREW_WORDS[locale]
  const side = derived.job.sides.find(({ id }) => id === unit.side)
  const where = side ? words.side(side.facing, side.letter) : words.area(unit.side)
  return (
    <li className="grid grid-cols-[9rem_minmax(0,1fr)] gap-x-4 border-b border-ink py-1.5 max-sm:grid-cols-1">
      <p className="font-head text-[15px]">
        <span className="font-semibold">{shortDay(unit.first, locale === 'es' ? 'es-US' : 'en-US')}</span>
        <span className="block text-quiet">{where}</span>
      </p>
      <div className="min-w-0">
        <p className="font-semibold">{item ? words.item(item) : ''}</p>
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
  const { locale } = useLanguage()
  const say = crewMessages(locale)
  const [words, setWords] = useState<string | null>(null)
  const [wrong, setWrong] = useState<string | null>(null)
  const { point, item_id, side, state, by, at, last_percent, words: said } = check
  const numbers = (derived.scope.items.find(({ id }) => id === item_id)?.finding_ids ?? []).flatMap((id) => {
    const finding = job.findings.find((each) => each.id === id)
    return finding ? [findingNumber(finding, derived.job)] : []
  })
  const note = (passed: boolean, saying: string, photo_ids: string[] = []): void => {
    setWrong(
      store.addFact({ kind: 'hold-point', item_id, side, point: point.id, passed, words: saying, photo_ids }),
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
          {CREW_WORDS[locale].holdPoint(point)}{' '}
          <span className={`font-head text-[14px] ${TONES[state]}`}>
            {say(STATES[state])}
            {last_percent === null ? '' : `, ${last_percent} %`}
            {by ? `, ${by}` : ''}
            {at ? ` ${momentWords(at, job.job.time_zone)}` : ''}
            {said ? `: ${said}` : ''}
          </span>
        </span>
        {point.wants === 'reading' ? (
          <span className="text-[14px] text-quiet">
            {numbers.length > 0 ? say('readMeter', { numbers: numbers.join(', ') }) : say('noFinding')}
          </span>
        ) : point.wants === 'picture' ? (
          <PhotoButton
            taken={state === 'passed'}
            label={say('sameSpot')}
            onTake={(file) => void take(file)}
          />
        ) : (
          <span className="flex gap-2">
            <Button aria-pressed={state === 'passed'} onClick={() => note(true, '')}>
              {say('seen')}
            </Button>
            <Button aria-pressed={state === 'wrong'} onClick={() => setWords('')}>
              {say('wrong')}
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
              label={say('whatWrong')}
              value={words}
              onChange={(text) => setWords(text.slice(0, 200))}
              autoFocus
            />
          </div>
          <Button type="submit">{say('noteIt')}</Button>
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
