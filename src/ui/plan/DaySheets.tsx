'use client'

import { daySheets, type DayPieceOfWork, type DaySheet, type Locale } from '../../core/lists'
import { SheetEntry, SheetHead, SheetLanguage } from '../lists/CrewSheet'
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
        <SheetLanguage locale={locale} set={set} />
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
      {sheets.length === 0 ? (
        <p lang={locale}>{say(derived.plan.units.length > 0 ? 'allDone' : 'noWork')}</p>
      ) : null}
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
      <SheetHead
        title={`${title} · ${sheet.crew}`}
        aside={`${derived.job.job.title} · ${derived.job.job.address}`}
        cautions={sheet.cautions}
      />
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
  const say = crewMessages(locale)
  const part = piece.part ? ` · ${say('part', { at: String(piece.part.at), of: String(piece.part.of) })}` : ''
  return (
    <SheetEntry
      heading={`${piece.where}: ${piece.name}`}
      name={piece.name}
      under={`${piece.steps.join(' → ')}${part} · ${say('hours', { hours: piece.hours, people: piece.people })}`}
      does={piece.does}
      cuts={piece.cuts}
      minds={[
        ...(piece.dryIn && !piece.coverAtNight ? [say('dryIn')] : []),
        ...(piece.coverAtNight ? [say('cover')] : []),
        ...(piece.dry_percent === null ? [] : [say('meter', { percent: String(piece.dry_percent) })]),
        ...piece.seenBefore.map((what) => say('seenBefore', { what })),
        ...piece.needs,
      ]}
      note={piece.note}
      photo_ids={piece.photo_ids}
      locale={locale}
    />
  )
}
