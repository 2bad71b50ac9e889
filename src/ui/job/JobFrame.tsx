import Link from 'next/link'

/** The product’s name, and the way back to all jobs. */
export function HomeLink() {
  return (
    <Link
      href="/jobs"
      className="font-tight text-[19px] font-semibold tracking-wide uppercase"
      aria-label="Detrimus, all jobs"
    >
      Detrimus
    </Link>
  )
}

/** What stands of a job's page before the job is there: the way back in its place, and what is going on. */
export function JobFrame({ says = 'Opening the job…' }: { says?: string }) {
  return (
    <div className="flex h-dvh flex-col">
      <header className="flex h-10 shrink-0 items-center px-5 touch:h-12 max-sm:h-11 max-sm:px-3">
        <HomeLink />
      </header>
      <p role="status" className="p-6 max-sm:px-3">
        {says}
      </p>
    </div>
  )
}
