'use client'

import { byId } from '../../core/job'
import { carpenterSheets, LOCALES, type CarpenterItem, type Locale } from '../../core/lists'
import { Picture } from '../job/Picture'
import { crewMessages } from '../messages/crew'
import { useJob } from '../state/useJob'
import { useLanguage } from '../state/useLanguage'
import { localDay } from '../state/localDay'

/** A sheet a side for whoever builds it: where, what, cut lengths, what is needed first, pictures. No money. */
export function CarpenterSheets() {
  const { derived } = useJob()
  const { locale, set } = useLanguage()
  const say = crewMessages(locale)
  const sheets = carpenterSheets(derived, locale)
  return (
    <div className="flex max-w-4xl flex-col gap-6 pt-2">
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
      {sheets.length === 0 ? <p lang={locale}>{say('noWork')}</p> : null}
      {sheets.map((sheet) => (
        <section key={sheet.title} aria-label={sheet.title} lang={locale} className="break-after-page">
          <div className="flex items-end justify-between border-b-2 border-ink">
            <h2 className="text-[20px]">{sheet.title}</h2>
            <p className="font-head text-[14px] text-quiet">
              {derived.job.job.title} · {say('printed', { day: new Date(`${localDay()}T00:00:00Z`) })}
            </p>
          </div>
          {sheet.cautions.map((caution) => (
            <p key={caution} className="py-0.5 text-[14px] font-semibold text-crayon-text">
              {caution}
            </p>
          ))}
          <ul>
            {sheet.items.map((item) => (
              <SheetItem key={item.id} item={item} locale={locale} />
            ))}
          </ul>
        </section>
      ))}
    </div>
  )
}

function SheetItem({ item, locale }: { item: CarpenterItem; locale: Locale }) {
  const { derived } = useJob()
  const say = crewMessages(locale)
  const photos = item.photo_ids.flatMap((id) => byId(derived.job.photos, id) ?? [])
  return (
    <li className="grid grid-cols-[1fr_auto] gap-x-4 border-b border-rule py-2">
      <div className="min-w-0">
        <h3 className="text-[16px]">{item.name}</h3>
        <p className="text-[14px] text-quiet">
          {item.where.join('; ')}
          {item.findings.length > 0
            ? ` · ${say('findings', { count: item.findings.length, numbers: item.findings.join(', ') })}`
            : ''}
        </p>
        <p className="text-[15px]">{item.does}</p>
        {item.cuts.length > 0 ? (
          <ul className="columns-2 pt-1 text-[15px] font-semibold max-sm:columns-1">
            {item.cuts.map((cut) => (
              <li key={cut}>{cut}</li>
            ))}
          </ul>
        ) : null}
        {item.needs.map((need) => (
          <p key={need} className="text-[14px] text-pencil-text">
            {need}
          </p>
        ))}
        {item.note ? <p className="text-[14px]">{item.note}</p> : null}
      </div>
      <div className="flex flex-wrap gap-1">
        {photos.slice(0, 2).map((photo) => (
          <Picture
            key={photo.id}
            photo={photo}
            size="thumbnail"
            alt={say('picture', { name: item.name })}
            className="h-24 w-32 object-cover"
          />
        ))}
      </div>
    </li>
  )
}
