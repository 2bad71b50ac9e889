'use client'

import type { ReactNode } from 'react'
import { byId } from '../../core/job'
import { LOCALES, type Locale } from '../../core/lists'
import { Picture } from '../job/Picture'
import { crewMessages } from '../messages/crew'
import { useJob } from '../state/useJob'

/** The languages a crew's sheet is read in. */
export function SheetLanguage({ locale, set }: { locale: Locale; set: (locale: Locale) => void }) {
  return (
    <div role="group" aria-label="Language of the sheets" className="no-print flex gap-1">
      {(Object.keys(LOCALES) as Locale[]).map((each) => (
        <button
          key={each}
          type="button"
          lang={each}
          aria-pressed={locale === each}
          onClick={() => set(each)}
          className="min-h-9 border border-ink px-3 font-head aria-pressed:bg-tape touch:min-h-11"
        >
          {LOCALES[each]}
        </button>
      ))}
    </div>
  )
}

/** A sheet's head over its cautions: what it is for, and beside it whose house or when printed. */
export function SheetHead(props: { title: ReactNode; aside: ReactNode; cautions: readonly string[] }) {
  const { title, aside, cautions } = props
  return (
    <>
      <div className="flex items-end justify-between border-b-2 border-ink">
        <h2 className="text-[20px] first-letter:uppercase">{title}</h2>
        <p className="font-head text-[14px] text-quiet">{aside}</p>
      </div>
      {cautions.map((caution) => (
        <p key={caution} className="py-0.5 text-[14px] font-semibold text-crayon-text first-letter:uppercase">
          {caution}
        </p>
      ))}
    </>
  )
}

/** One piece of work on a sheet: what, where, what it does, cut lengths, what to mind, pictures. No money. */
export function SheetEntry(props: {
  heading: string
  name: string
  under: string
  does: string
  cuts: readonly string[]
  minds: readonly string[]
  note: string
  photo_ids: readonly string[]
  locale: Locale
}) {
  const { derived } = useJob()
  const say = crewMessages(props.locale)
  const photos = props.photo_ids.flatMap((id) => byId(derived.job.photos, id) ?? [])
  return (
    <li className="grid grid-cols-[1fr_auto] gap-x-4 border-b border-rule py-2">
      <div className="min-w-0">
        <h3 className="text-[16px]">{props.heading}</h3>
        <p className="text-[14px] text-quiet">{props.under}</p>
        {props.does ? <p className="text-[15px]">{props.does}</p> : null}
        {props.cuts.length > 0 ? (
          <ul className="columns-2 pt-1 text-[15px] font-semibold max-sm:columns-1">
            {props.cuts.map((cut) => (
              <li key={cut}>{cut}</li>
            ))}
          </ul>
        ) : null}
        {props.minds.map((mind) => (
          <p key={mind} className="text-[14px] text-pencil-text">
            {mind}
          </p>
        ))}
        {props.note ? <p className="text-[14px]">{props.note}</p> : null}
      </div>
      <div className="flex flex-wrap gap-1">
        {photos.slice(0, 2).map((photo) => (
          <Picture
            key={photo.id}
            photo={photo}
            size="thumbnail"
            alt={say('picture', { name: props.name })}
            className="h-24 w-32 object-cover"
          />
        ))}
      </div>
    </li>
  )
}
