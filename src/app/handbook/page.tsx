import Link from 'next/link'
import { chapterOf, CHAPTERS, HANDBOOK_SAYS, type ChapterId } from '../../core/print/handbookChapters'
import { pageMember } from '../member'

export const dynamic = 'force-dynamic'
export const metadata = { title: 'Handbook · Detrimus' }

/** The contents: chapters, and every entry by its name. */
export default async function HandbookPage() {
  await pageMember()
  return (
    <main className="mx-auto flex max-w-4xl flex-col gap-4 px-5 py-4">
      <Link href="/jobs" className="inline-flex min-h-11 items-center font-head text-chalk-text underline">
        To the jobs
      </Link>
      <h1 className="border-b border-ink pb-1 text-[22px]">Handbook</h1>
      <p className="text-quiet">{HANDBOOK_SAYS}</p>
      {(Object.keys(CHAPTERS) as ChapterId[]).map((id) => (
        <section key={id} aria-label={CHAPTERS[id]}>
          <h2 className="text-[18px]">
            <Link
              href={`/handbook/${id}`}
              className="inline-flex min-h-11 items-center text-chalk-text underline"
            >
              {CHAPTERS[id]}
            </Link>
          </h2>
          <ul className="columns-3 gap-x-6 text-[14px] max-lg:columns-2 max-sm:columns-1">
            {chapterOf(id)
              .flatMap((section) => section.entries)
              .map((entry) => (
                <li key={entry.id} className="break-inside-avoid">
                  <a
                    href={`/handbook/${id}#${entry.id}`}
                    className="inline-flex min-h-7 items-center hover:underline touch:min-h-11"
                  >
                    {entry.name}
                  </a>
                </li>
              ))}
          </ul>
        </section>
      ))}
    </main>
  )
}
