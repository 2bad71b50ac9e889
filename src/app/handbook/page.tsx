import Link from 'next/link'
import { handbook } from '../../core/trace/handbook'
import { pageMember } from '../member'

export const dynamic = 'force-dynamic'
export const metadata = { title: 'Handbook of causes · Detrimus' }

/** Every cause that Trace reasons with, in words, from the same data. */
export default async function HandbookPage() {
  await pageMember()
  const { families, pairs, checks } = handbook()
  return (
    <main className="mx-auto flex max-w-4xl flex-col gap-4 px-5 py-4">
      <Link href="/jobs" className="inline-flex min-h-11 items-center font-head text-chalk-text underline">
        To the jobs
      </Link>
      <h1 className="border-b border-ink pb-1 text-[22px]">Handbook of causes</h1>
      <p className="text-quiet">
        What Trace reasons with. Ratios, reach and lives are our judgement unless an entry says otherwise; a
        firm may change the ratios in its settings. Local code and licensed practice prevail.
      </p>
      {families.map((family) => (
        <section key={family.name} aria-label={family.name}>
          <h2 className="border-b border-ink text-[18px]">{family.name}</h2>
          {family.causes.map((cause) => (
            <article key={cause.id} id={cause.id} className="border-b border-rule py-2">
              <h3 className="text-[16px]">{cause.name}</h3>
              <p>{cause.mechanism}</p>
              <dl className="grid grid-cols-[9rem_1fr] gap-x-3 text-[14px] max-sm:grid-cols-1">
                {cause.rows.map((row) => (
                  <div key={row.name} className="contents">
                    <dt className="font-head text-quiet">{row.name}</dt>
                    <dd>{row.words}</dd>
                  </div>
                ))}
              </dl>
            </article>
          ))}
        </section>
      ))}
      <section aria-label="Look-alikes">
        <h2 className="border-b border-ink text-[18px]">Look-alikes, and the one check</h2>
        <ul>
          {pairs.map((pair) => (
            <li key={pair.number} className="border-b border-rule py-1">
              <b>
                {pair.number}. {pair.looks}:
              </b>{' '}
              {pair.between}. <i>{pair.check}.</i>
            </li>
          ))}
        </ul>
      </section>
      <section aria-label="Checks">
        <h2 className="border-b border-ink text-[18px]">Checks</h2>
        <ul>
          {checks.map((check) => (
            <li key={check.name} className="border-b border-rule py-1">
              <b>{check.name}</b>: {check.words}
            </li>
          ))}
        </ul>
      </section>
    </main>
  )
}
