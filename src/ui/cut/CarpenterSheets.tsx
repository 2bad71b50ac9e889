'use client'

import { carpenterSheets, type CarpenterItem, type Locale } from '../../core/lists'
import { SheetEntry, SheetHead, SheetLanguage } from '../lists/CrewSheet'
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
      <SheetLanguage locale={locale} set={set} />
      {sheets.length === 0 ? <p lang={locale}>{say('noWork')}</p> : null}
      {sheets.map((sheet) => (
        <section key={sheet.title} aria-label={sheet.title} lang={locale} className="break-after-page">
          <SheetHead
            title={sheet.title}
            aside={`${derived.job.job.title} · ${say('printed', { day: new Date(`${localDay()}T00:00:00Z`) })}`}
            cautions={sheet.cautions}
          />
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
  const say = crewMessages(locale)
  const findings =
    item.findings.length > 0
      ? ` · ${say('findings', { count: item.findings.length, numbers: item.findings.join(', ') })}`
      : ''
  return (
    <SheetEntry
      heading={item.name}
      name={item.name}
      under={`${item.where.join('; ')}${findings}`}
      does={item.does}
      cuts={item.cuts}
      minds={item.needs}
      note={item.note}
      photo_ids={item.photo_ids}
      locale={locale}
    />
  )
}
