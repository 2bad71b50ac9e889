import Link from 'next/link'
import { notFound } from 'next/navigation'
import {
  chapterOf,
  CHAPTERS,
  isChapter,
  type ChapterId,
  type Section,
} from '../../../core/print/handbookChapters'
import { pageMember } from '../../member'

export const dynamic = 'force-dynamic'
export const metadata = { title: 'Handbook · Detrimus' }

const LINK = 'inline-flex min-h-11 items-center font-head text-chalk-text underline'

/** @param alone the only one of its chapter: it goes by the chapter's name */
function Entries({ section, alone }: { section: Section; alone: boolean }) {
  return (
    <section aria-label={section.name}>
      <h2 className={alone ? 'sr-only' : 'border-b border-ink text-[18px]'}>{section.name}</h2>
      {section.entries.map((entry) => (
        <article key={entry.id} id={entry.id} className="border-b border-rule py-2 target:bg-tape">
          <h3 className="text-[16px]">{entry.name}</h3>
          {entry.says ? <p>{entry.says}</p> : null}
          {entry.rows.length > 0 ? (
            <dl className="grid grid-cols-[9rem_1fr] gap-x-3 text-[14px] max-sm:grid-cols-1">
              {entry.rows.map((row) => (
                <div key={row.name} className="contents">
                  <dt className="font-head text-quiet">{row.name}</dt>
                  <dd>{row.words}</dd>
                </div>
              ))}
            </dl>
          ) : null}
        </article>
      ))}
    </section>
  )
}

/** One chapter in full, from the rows that the stages read. */
export default async function ChapterPage({ params }: { params: Promise<{ chapter: string }> }) {
  await pageMember()
  const { chapter } = await params
  if (!isChapter(chapter)) notFound()
  const sections = chapterOf(chapter)
  return (
    <main className="mx-auto flex max-w-4xl flex-col gap-4 px-5 py-4">
      <nav aria-label="Handbook" className="flex flex-wrap gap-x-4">
        <Link href="/handbook" className={LINK}>
          Handbook
        </Link>
        {(Object.keys(CHAPTERS) as ChapterId[]).map((id) => (
          <Link
            key={id}
            href={`/handbook/${id}`}
            aria-current={id === chapter ? 'page' : undefined}
            className={`${LINK} aria-[current]:text-ink aria-[current]:no-underline`}
          >
            {CHAPTERS[id]}
          </Link>
        ))}
      </nav>
      <h1 className="border-b border-ink pb-1 text-[22px]">{CHAPTERS[chapter]}</h1>
      {sections.map((section) => (
        <Entries key={section.name} section={section} alone={sections.length === 1} />
      ))}
    </main>
  )
}
