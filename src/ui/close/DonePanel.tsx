'use client'

import { useMemo, useState } from 'react'
import { beforePictures } from '../../core/close/handover'
import type { Reckoned } from '../../core/close/tally'
import { finishedOf } from '../../core/job/finishedOf'
import { CREW_WORDS } from '../../core/lists/crewWords'
import { checksOf, type CoverCheck } from '../../core/open/coverChecks'
import type { Photo } from '../../core/job'
import type { ScopeItem } from '../../core/scope'
import { Picture } from '../job/Picture'
import { Button, Panel, PhotoButton, SavedTextField } from '../look'
import { crewMessages } from '../messages/crew'
import { shortDay } from '../plan/dayNames'
import { useJob } from '../state/useJob'
import { useLanguage } from '../state/useLanguage'
import { useCloseEdits } from './useCloseEdits'

/** The completion list: each agreed piece of work with how it was and how it is, and what nobody has seen before it was covered. */
export function DonePanel({ reckoned }: { reckoned: Reckoned }) {
  const { job, derived } = useJob()
  const { locale } = useLanguage()
  const say = crewMessages(locale)
  const items = reckoned.agreed
  const done = items.filter(({ id }) => finishedOf(job, id) !== null).length
  const { scope, plan, job: seen } = derived
  const checks = useMemo(() => checksOf({ job: seen, scope, units: plan.units }), [seen, scope, plan.units])
  return (
    <Panel
      title={say('completion')}
      aside={items.length > 0 ? say('doneOf', { done, all: items.length }) : ''}
    >
      {items.length === 0 ? <p className="py-3 text-quiet">{say('nothingAgreed')}</p> : null}
      <ul>
        {items.map((item) => (
          <DoneRow
            key={item.id}
            item={item}
            unseen={checks.filter(({ item_id, state }) => item_id === item.id && state !== 'passed')}
          />
        ))}
      </ul>
    </Panel>
  )
}

function DoneRow({ item, unseen }: { item: ScopeItem; unseen: readonly CoverCheck[] }) {
  const { job, store } = useJob()
  const { locale } = useLanguage()
  const say = crewMessages(locale)
  const edits = useCloseEdits()
  const [wrong, setWrong] = useState<string | null>(null)
  const finished = finishedOf(job, item.id)
  const photoOf = (id: string): Photo[] => job.photos.filter((each) => each.id === id && !each.removed)
  const before = beforePictures(item, job).slice(0, 2).flatMap(photoOf)
  const after = (finished?.photo_ids ?? []).flatMap(photoOf)

  async function take(file: File | null): Promise<void> {
    if (!file) return
    const photo = await store.addPhoto(file)
    setWrong('words' in photo ? photo.words : edits.finish(item.id, [photo.id]))
  }
  return (
    <li className="border-b border-rule py-2">
      <div className="flex flex-wrap items-start gap-x-4 gap-y-2">
        <div className="flex w-72 shrink-0 gap-2 max-lg:w-full max-lg:[&:empty]:hidden">
          <Pictures label={say('before')} photos={before} />
          <Pictures label={say('after')} photos={after} />
        </div>
        <div className="min-w-0 grow basis-64">
          <p>
            <span className="font-semibold">{CREW_WORDS[locale].item(item)}</span>{' '}
            <span className="text-[14px] text-quiet">{item.where}</span>
          </p>
          {finished ? (
            <p className="font-head text-[14px] text-moss">
              {say('doneOn', {
                day: shortDay(finished.on, locale === 'es' ? 'es-US' : 'en-US'),
                by: finished.by,
              })}
              {finished.words ? `: “${finished.words}”` : ''}
            </p>
          ) : null}
          {finished && after.length === 0 ? (
            <p className="text-[14px] text-pencil-text">{say('noAfter')}</p>
          ) : null}
          {unseen.length > 0 ? (
            <details className="text-[14px] text-pencil-text">
              <summary className="cursor-pointer touch:min-h-9">
                {say('unseen', { many: unseen.length })}
              </summary>
              <ul className="list-disc pl-5">
                {unseen.map(({ point, side }) => (
                  <li key={`${point.id}/${side}`}>{CREW_WORDS[locale].holdPoint(point)}</li>
                ))}
              </ul>
            </details>
          ) : null}
          {finished ? (
            <details className="text-[14px]">
              <summary className="cursor-pointer font-head text-chalk-text underline touch:min-h-9">
                {say('wordForOwner')}
              </summary>
              <SavedTextField
                label={say('wordForOwner')}
                value={finished.words}
                onSave={(words) =>
                  setWrong(store.set('finished_item', finished.id, { words: words.slice(0, 200) }))
                }
              />
            </details>
          ) : null}
          {wrong ? (
            <p role="alert" className="text-[14px] font-medium text-crayon-text">
              {wrong}
            </p>
          ) : null}
        </div>
        <span className="flex flex-wrap gap-2">
          <PhotoButton taken={false} label={say('pictureAfter')} onTake={(file) => void take(file)} />
          {finished ? (
            <Button onClick={() => setWrong(edits.unfinish(finished))}>{say('notDone')}</Button>
          ) : (
            <Button onClick={() => setWrong(edits.finish(item.id, []))}>{say('done')}</Button>
          )}
        </span>
      </div>
    </li>
  )
}

function Pictures({ label, photos }: { label: string; photos: readonly Photo[] }) {
  if (photos.length === 0) return null
  return (
    <figure>
      <figcaption className="font-head text-[13px] text-quiet">{label}</figcaption>
      <span className="flex gap-1">
        {photos.map((photo) => (
          <Picture
            key={photo.id}
            photo={photo}
            size="thumbnail"
            alt={photo.caption || label}
            className="h-16"
          />
        ))}
      </span>
    </figure>
  )
}
