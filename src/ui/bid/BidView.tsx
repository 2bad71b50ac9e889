import { MarksOnPicture } from '../house/MarksOnPicture'
import type { BidHazardLine, BidModel } from '../../core/bid'
import { dayWords, formatCents } from '../../core/measure'
import { replacesWords } from './replacesWords'
import { StripPicture } from '../house/StripPicture'

/** Sources and fixes read better as pairs than as a paragraph. */
const SOURCES_CLAUSE = 8

/** Words for a person to read: hazards first, then the house, what is done and what it costs, what was not looked at. */
export function BidView({
  model,
  pictureSrc,
  prices = true,
}: {
  model: BidModel
  pictureSrc: (sha256: string) => string
  /** False for a face without money: no figure stands there, not even a nought. */
  prices?: boolean
}) {
  const photos = model.findings.flatMap((finding) =>
    finding.photos.map((photo) => ({ ...photo, number: finding.number })),
  )
  return (
    <article className="mx-auto flex max-w-4xl flex-col gap-6 bg-paper px-6 py-6 max-sm:px-4 print:bg-white print:p-0">
      <header className="flex flex-wrap items-end justify-between gap-2 border-b border-ink pb-2">
        <div>
          <p className="font-head text-[15px]">
            {model.firm.name}, {model.firm.place}
          </p>
          <h1 className="text-[28px] leading-tight">{model.title || 'Repair bid'}</h1>
          {model.address ? <p>{model.address}</p> : null}
        </div>
        <p className="text-right text-[14px] text-quiet">
          Prepared {dayWords(model.prepared_on)}
          <br />
          stands until {dayWords(model.valid_until)}
        </p>
      </header>
      {model.replaces ? <p className="border-b border-rule pb-2">{replacesWords(model.replaces)}</p> : null}
      {model.hazards.length > 0 ? (
        <section aria-label="Read this first">
          <h2 className="text-[19px]">Read this first</h2>
          <ul>
            {model.hazards.map((hazard, index) => (
              <HazardLine key={index} hazard={hazard} />
            ))}
          </ul>
          {model.more_hazards.length > 0 ? (
            <details className="print:open">
              <summary className="font-head">{model.more_hazards.length} more cautions</summary>
              <ul>
                {model.more_hazards.map((hazard, index) => (
                  <HazardLine key={index} hazard={hazard} />
                ))}
              </ul>
            </details>
          ) : null}
        </section>
      ) : null}
      {model.drawings.length > 0 ? (
        <section aria-label="Where it is">
          <h2 className="text-[19px]">Where it is</h2>
          <div
            className="flex flex-col gap-2 overflow-x-auto"
            tabIndex={0}
            role="group"
            aria-label="Drawing of the outside walls"
          >
            {model.drawings.map(({ px, drawing }) => (
              <StripPicture key={drawing.sides.map((side) => side.id).join()} drawing={drawing} px={px} />
            ))}
          </div>
          <p className="text-[13px] text-quiet">
            The outside walls laid side by side: front, right, back, left. Numbers are the findings; slanted
            lines were not looked at.
          </p>
        </section>
      ) : null}
      <section aria-label="What we propose">
        <h2 className="text-[19px]">What we propose</h2>
        <ol>
          {model.items.map((item) => (
            <li key={item.id} className="border-b border-rule py-2.5 break-inside-avoid">
              <div className="flex items-baseline justify-between gap-4">
                <h3 className="text-[16px]">{item.title}</h3>
                {prices ? (
                  <span className="font-head text-[17px] font-semibold whitespace-nowrap">
                    {item.price_cents === 0 ? 'no charge here' : formatCents(item.price_cents)}
                  </span>
                ) : null}
              </div>
              <p className="text-[14px] text-quiet">
                {item.where}
                {item.findings.length > 0 ? ` · finding ${item.findings.join(', ')}` : ''} · {item.quantity}
              </p>
              <p className="text-[14px]">
                {item.does}
                {item.life ? `; ${item.life}` : ''}. Warranty: {item.warranty}.
              </p>
              {item.pending_engineer ? (
                <p className="text-[14px] font-semibold text-pencil-text">Pending engineer.</p>
              ) : null}
              {item.notices.map((notice) => (
                <p key={notice} className="text-[14px] text-pencil-text">
                  {notice}
                </p>
              ))}
            </li>
          ))}
        </ol>
        {prices ? (
          <table className="mt-2">
            <tbody>
              {model.adjustment ? (
                <tr>
                  <th scope="row" className="text-left font-normal">
                    Adjustment{model.adjustment.reason ? `: ${model.adjustment.reason}` : ''}
                  </th>
                  <td className="text-right">{formatCents(model.adjustment.cents)}</td>
                </tr>
              ) : null}
              {model.tax_words === 'included' ? null : (
                <tr>
                  <th scope="row" className="text-left font-normal">
                    Sales tax
                  </th>
                  <td className="text-right">{formatCents(model.tax_cents)}</td>
                </tr>
              )}
              <tr className="border-t border-ink">
                <th scope="row" className="py-2 text-left text-[18px]">
                  Total{model.tax_words === 'included' ? ', tax included' : ''}
                </th>
                <td className="text-right font-head text-[24px] font-semibold">
                  {formatCents(model.total_cents)}
                </td>
              </tr>
            </tbody>
          </table>
        ) : null}
      </section>
      {model.beside && model.beside.length > 0 ? (
        <section aria-label="Not in the price">
          <h2 className="text-[19px]">Not in the price</h2>
          <ul>
            {model.beside.map((item, index) => (
              <li key={index} className="border-b border-rule py-2 break-inside-avoid">
                <div className="flex items-baseline justify-between gap-4">
                  <h3 className="text-[16px]">{item.title}</h3>
                  {prices && item.price_cents !== null ? (
                    <span className="font-head text-[16px] whitespace-nowrap">
                      {formatCents(item.price_cents)} more
                    </span>
                  ) : null}
                </div>
                <p className="text-[14px] text-quiet">
                  {item.where}
                  {item.findings.length > 0 ? ` · finding ${item.findings.join(', ')}` : ''} · {item.why}
                </p>
                {item.does ? <p className="text-[14px]">{item.does}</p> : null}
              </li>
            ))}
          </ul>
        </section>
      ) : null}
      <section aria-label="What we found">
        <h2 className="text-[19px]">What we found</h2>
        <ul>
          {model.findings.map((finding) => (
            <li key={finding.number} className="border-b border-rule py-2 break-inside-avoid">
              <p>
                <b className="font-head font-semibold text-crayon-text">{finding.number}</b> {finding.part},{' '}
                {finding.where}
                {finding.size ? `, ${finding.size}` : ''}: {finding.suspected ? 'suspected, ' : ''}
                {finding.grade}.
              </p>
              {finding.words ? <p className="text-[14px] text-quiet">“{finding.words}”</p> : null}
              {finding.cause ? <p className="text-[14px]">{finding.cause}</p> : null}
            </li>
          ))}
        </ul>
        {photos.length > 0 ? (
          <ul className="grid grid-cols-3 gap-3 pt-3 max-sm:grid-cols-2">
            {photos.map((photo) => (
              <li key={photo.sha256}>
                <figure>
                  <span className="relative block">
                    <img
                      src={pictureSrc(photo.sha256)}
                      alt={photo.caption || `Photo of finding ${photo.number}`}
                      className="block w-full border border-ink"
                    />
                    {photo.drawn ? (
                      <svg
                        viewBox={`0 0 ${photo.drawn.width_px} ${photo.drawn.height_px}`}
                        preserveAspectRatio="none"
                        aria-hidden
                        className="absolute inset-0 h-full w-full"
                      >
                        <MarksOnPicture marks={photo.drawn.marks} canvas={null} size={photo.drawn} />
                      </svg>
                    ) : null}
                  </span>
                  <figcaption className="font-head text-[14px]">finding {photo.number}</figcaption>
                </figure>
              </li>
            ))}
          </ul>
        ) : null}
      </section>
      <section aria-label="Terms" className="flex flex-col gap-3">
        {model.clauses.map((clause) => (
          <div key={clause.number} className="break-inside-avoid">
            <h2 className="text-[16px]">{clause.heading}</h2>
            {clause.number === SOURCES_CLAUSE ? (
              <SourcePairs pairs={model.source_pairs} />
            ) : (
              <p className="text-[14px]">{clause.text}</p>
            )}
          </div>
        ))}
        <p className="border-t border-ink pt-2 text-[14px]">{model.local_code}</p>
        <p className="text-[14px] text-quiet">{model.firm.licence}</p>
      </section>
    </article>
  )
}

function HazardLine({ hazard }: { hazard: BidHazardLine }) {
  return (
    <li className="mt-2 border border-ink bg-white p-3">
      <p>
        {hazard.keep_off ? (
          <span className="mr-2 bg-pencil px-2 font-head font-semibold">KEEP OFF</span>
        ) : null}
        <b className="font-head font-semibold">
          {hazard.where}: {hazard.what}.
        </b>
      </p>
      <p className="text-[14px]">
        What can happen: {hazard.can_happen}. {hazard.do_now}{' '}
        <span className="text-quiet">({hazard.who})</span>
      </p>
    </li>
  )
}

function SourcePairs({ pairs }: { pairs: BidModel['source_pairs'] }) {
  return (
    <table className="text-[14px]">
      <thead>
        <tr className="border-b border-ink">
          <th scope="col" className="py-1 pr-3 text-left">
            Source
          </th>
          <th scope="col" className="py-1 pr-3 text-left">
            Finding
          </th>
          <th scope="col" className="py-1 text-left">
            Its fix
          </th>
        </tr>
      </thead>
      <tbody>
        {pairs.map((pair) => (
          <tr key={pair.source} className="border-b border-rule align-top">
            <td className="py-1 pr-3">{pair.source}</td>
            <td className="py-1 pr-3 whitespace-nowrap">{pair.findings}</td>
            <td className="py-1">
              {pair.standing ??
                (pair.fixed
                  ? `In this bid: ${pair.fix}.`
                  : `Not in this bid: ${pair.fix}. Recurrence there is excluded from the warranty.`)}
            </td>
          </tr>
        ))}
      </tbody>
    </table>
  )
}
