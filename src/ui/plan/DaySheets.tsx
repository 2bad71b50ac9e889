'use client'

import { byId } from '../../core/job'
import { daySheets, LOCALES, type DayPieceOfWork, type DaySheet, type Locale } from '../../core/lists'
import { Picture } from '../job/Picture'
import { crewMessages } from '../messages/crew'
import { useJob } from '../state/useJob'
import { useLanguage } from '../state/useLanguage'
import { longDay } from './dayNames'

/** A sheet for each crew and day: where, what, pieces, pictures, cautions, gear, what comes. No money. */
export function DaySheets() {
  const { derived, planned } = useJob()
  const { locale, set } = useLanguage()
  const say = crewMessages(locale)
  const all = daySheets(derived, locale)
  const days = [...new Set(all.map(({ day }) => day))]
  const shown = planned.day !== null && days.includes(planned.day) ? planned.day : null
  const sheets = shown === null ? all : all.filter(({ day }) => day === shown)
  return (
    <div className="flex max-w-4xl flex-col gap-6 overflow-y-auto pt-2 pb-6 print:overflow-visible">
      <div className="no-print flex flex-wrap gap-4">
        <div role="group" aria-label="Language of the sheets" className="flex gap-1">
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
        <label className="flex items-center gap-2 font-head">
          Day
          <select
            value={shown ?? ''}
            onChange={(event) => planned.chooseDay(event.target.value === '' ? null : event.target.value)}
            className="min-h-9 rounded-(--radius) border border-quiet bg-white px-2 touch:min-h-11"
          >
            <option value="">all</option>
            {days.map((day) => (
              <option key={day} value={day}>
                {longDay(day)}
              </option>
            ))}
          </select>
        </label>
      </div>
      {sheets.length === 0 ? <p lang={locale}>{say('noWork')}</p> : null}
      {sheets.map((sheet) => (
        <Sheet key={`${sheet.day}/${sheet.crew_id}`} sheet={sheet} locale={locale} />
      ))}
    </div>
  )
}

function Sheet({ sheet, locale }: { sheet: DaySheet; locale: Locale }) {
  const { derived } = useJob()
  const say = crewMessages(locale)
  const title = longDay(sheet.day, locale === 'es' ? 'es-US' : 'en-US')
  const lines = [
    { label: say('gear'), list: sheet.gear },
    { label: say('comes'), list: sheet.comes },
    { label: say('lying'), list: sheet.lying },
  ].filter(({ list }) => list.length > 0)
  return (
    <section aria-label={`${title}, ${sheet.crew}`} lang={locale} className="break-after-page">
      <div className="flex items-end justify-between border-b-2 border-ink">
        <h2 className="text-[20px] first-letter:uppercase">
          {title} · {sheet.crew}
        </h2>
        <p className="font-head text-[14px] text-quiet">
          {derived.job.job.title} · {derived.job.job.address}
        </p>
      </div>
      {sheet.cautions.map((caution) => (
        <p key={caution} className="py-0.5 text-[14px] font-semibold text-crayon-text first-letter:uppercase">
          {caution}
        </p>
      ))}
      {lines.map(({ label, list }) => (
        <p key={label} className="py-0.5 text-[14px]">
          <span className="font-head font-semibold">{label}:</span> {list.join(' · ')}
        </p>
      ))}
      <ul>
        {sheet.work.map((piece) => (
          <Work key={piece.key} piece={piece} locale={locale} />
        ))}
      </ul>
    </section>
  )
}

function Work({ piece, locale }: { piece: DayPieceOfWork; locale: Locale }) {
  const { derived } = useJob()
  const say = crewMessages(locale)
  const photos = piece.photo_ids.flatMap((id) => byId(derived.job.photos, id) ?? [])
  const minds = [
    ...(piece.dryIn && !piece.coverAtNight ? [say('dryIn')] : []),
    ...(piece.coverAtNight ? [say('cover')] : []),
    ...(piece.dry_percent === null ? [] : [say('meter', { percent: String(piece.dry_percent) })]),
    ...piece.needs,
  ]
  return (
    <li className="grid grid-cols-[1fr_auto] gap-x-4 border-b border-rule py-2">
      <div className="min-w-0">
        <h3 className="text-[16px]">
          {piece.where}: {piece.name}
        </h3>
        <p className="text-[14px] text-quiet">
          {piece.steps.join(' → ')}
          {piece.part
            ? ` · ${say('part', { at: String(piece.part.at), of: String(piece.part.of) })}`
            : ''} · {say('hours', { hours: piece.hours, people: piece.people })}
        </p>
        {piece.does ? <p className="text-[15px]">{piece.does}</p> : null}
        {piece.cuts.length > 0 ? (
          <ul className="columns-2 pt-1 text-[15px] font-semibold max-sm:columns-1">
            {piece.cuts.map((cut) => (
              <li key={cut}>{cut}</li>
            ))}
          </ul>
        ) : null}
        {minds.map((mind) => (
          <p key={mind} className="text-[14px] text-pencil-text">
            {mind}
          </p>
        ))}
        {piece.note ? <p className="text-[14px]">{piece.note}</p> : null}
      </div>
      <div className="flex flex-wrap gap-1">
        {photos.slice(0, 2).map((photo) => (
          <Picture
            key={photo.id}
            photo={photo}
            size="thumbnail"
            alt={say('picture', { name: piece.name })}
            className="h-24 w-32 object-cover"
          />
        ))}
      </div>
    </li>
  )
}
