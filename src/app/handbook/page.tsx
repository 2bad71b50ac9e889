import Link from 'next/link'
import {
  cautionEntries,
  clauseEntries,
  guardEntries,
  methodEntries,
  partEntries,
  type Entry,
} from '../../core/print/rowsInWords'
import { handbook } from '../../core/trace/handbook'
import { pageMember } from '../member'

export const dynamic = 'force-dynamic'
export const metadata = { title: 'Handbook · Detrimus' }

/** Rows of one kind in words. A part and a cause may share an id, so each kind but causes marks its own. */
function Entries({
  name,
  entries,
  kind = '',
}: {
  name: string
  entries: readonly Entry[]
  kind?: `${string}-` | ''
}) {
  return (
    <section aria-label={name}>
      <h2 className="border-b border-ink text-[18px]">{name}</h2>
      {entries.map((entry) => (
        <article key={entry.id} id={`${kind}${entry.id}`} className="border-b border-rule py-2">
          <h3 className="text-[16px]">{entry.name}</h3>
          {entry.says ? <p>{entry.says}</p> : null}
          <dl className="grid grid-cols-[9rem_1fr] gap-x-3 text-[14px] max-sm:grid-cols-1">
            {entry.rows.map((row) => (
              <div key={row.name} className="contents">
                <dt className="font-head text-quiet">{row.name}</dt>
                <dd>{row.words}</dd>
              </div>
            ))}
          </dl>
        </article>
      ))}
    </section>
  )
}

/** Causes, methods, parts, cautions and clauses in words, from the rows that the stages read. */
export default async function HandbookPage() {
  await pageMember()
  const { families, pairs, checks } = handbook()
  return (
    <main className="mx-auto flex max-w-4xl flex-col gap-4 px-5 py-4">
      <Link href="/jobs" className="inline-flex min-h-11 items-center font-head text-chalk-text underline">
        To the jobs
      </Link>
      <h1 className="border-b border-ink pb-1 text-[22px]">Handbook</h1>
      <p className="text-quiet">
        What the stages read: causes, methods, parts, cautions, clauses, guards. Ratios, reach, hours and
        lives are our judgement unless an entry says otherwise; a firm may change ratios and hours. Local code
        and licensed practice prevail.
      </p>
      {families.map((family) => (
        <Entries
          key={family.name}
          name={family.name}
          entries={family.causes.map((cause) => ({ ...cause, says: cause.mechanism }))}
        />
      ))}
      <Entries name="Methods" kind="method-" entries={methodEntries()} />
      <Entries name="Parts" kind="part-" entries={partEntries()} />
      <Entries name="Cautions" kind="caution-" entries={cautionEntries()} />
      <Entries name="Clauses of a bid" kind="clause-" entries={clauseEntries()} />
      <Entries name="Mistakes easily made" kind="guard-" entries={guardEntries()} />
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
