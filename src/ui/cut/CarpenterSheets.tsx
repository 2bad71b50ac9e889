'use client'

import { carpenterSheets, type CarpenterItem } from '../../core/lists'
import { byId } from '../../core/job'
import { Picture } from '../job/Picture'
import { useJob } from '../state/useJob'

/** A sheet a side for whoever builds it: where, what, cut lengths, what is needed first, pictures. No money. */
export function CarpenterSheets() {
  const { derived } = useJob()
  const { job, scope, takeoff, cautions } = derived
  const sheets = carpenterSheets(job, scope, takeoff)
  return (
    <div className="flex max-w-4xl flex-col gap-6 pt-3">
      {sheets.map((sheet) => (
        <section key={sheet.title} aria-label={sheet.title} className="break-after-page">
          <div className="flex items-end justify-between border-b-2 border-ink">
            <h2 className="text-[20px]">{sheet.title}</h2>
            <p className="font-head text-[14px] text-quiet">{job.job.title}</p>
          </div>
          {cautions.shown.map((caution) => (
            <p key={caution.id} className="py-0.5 text-[14px] font-semibold text-crayon-text">
              {caution.what}. {caution.doNow}
            </p>
          ))}
          <ul>
            {sheet.items.map((item) => (
              <SheetItem key={item.id} item={item} />
            ))}
          </ul>
        </section>
      ))}
    </div>
  )
}

function SheetItem({ item }: { item: CarpenterItem }) {
  const { derived } = useJob()
  const photos = item.photo_ids.flatMap((id) => byId(derived.job.photos, id) ?? [])
  return (
    <li className="grid grid-cols-[1fr_auto] gap-x-4 border-b border-rule py-2">
      <div className="min-w-0">
        <h3 className="text-[16px]">{item.name}</h3>
        <p className="text-[14px] text-quiet">
          {item.where.join('; ')}
          {item.findings.length > 0 ? ` · finding ${item.findings.join(', ')}` : ''}
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
            alt={`Picture of ${item.name}`}
            className="h-24 w-32 object-cover"
          />
        ))}
      </div>
    </li>
  )
}
