import Link from 'next/link'
import { pageMember } from '../member'
import { listFirmJobs } from '../../server/jobs/readJobs'
import { seesMoney, sendsBids } from '../../server/roles'
import { BallparkNow } from '../../ui/job/BallparkNow'
import { ImportJob } from '../../ui/job/ImportJob'
import { OnThisDevice } from '../../ui/job/OnThisDevice'
import { NewFinding } from '../../ui/job/NewFinding'
import { SignOut } from '../../ui/job/SignOut'

export const dynamic = 'force-dynamic'
export const metadata = { title: 'Jobs · Detrimus' }

export default async function JobsPage() {
  const member = await pageMember()
  const jobs = await listFirmJobs(member)
  return (
    <>
      <header className="flex items-center gap-4 px-5 py-1.5">
        <span className="font-tight text-[19px] font-semibold tracking-wide uppercase">Detrimus</span>
        <span className="grow" />
        {sendsBids(member.role) ? (
          <Link href="/outbox" className="font-head text-chalk-text underline">
            Outbox
          </Link>
        ) : null}
        {seesMoney(member.role) ? <BallparkNow /> : null}
        <span className="font-head text-[15px]">{member.name}</span>
        <SignOut />
      </header>
      <main className="mx-auto flex max-w-4xl flex-col gap-5 px-5 pb-16 max-sm:px-3">
        <NewFinding />
        <OnThisDevice listed={jobs.map((job) => job.id)} />
        <div>
          <h1 className="border-b border-ink pb-1 text-[22px]">Jobs</h1>
          {jobs.length === 0 ? (
            <p className="py-4 text-quiet">
              No job yet. Begin with a photo and a word above: the job makes itself.
            </p>
          ) : null}
          <ul>
            {jobs.map((job) => (
              <li key={job.id} className="border-b border-rule">
                <Link
                  href={`/jobs/${job.id}/walk`}
                  className="flex min-h-14 items-center gap-4 px-1 py-2 hover:bg-paper"
                >
                  {job.photo ? (
                    <img
                      src={`/api/photos/${job.photo}?size=thumbnail`}
                      alt=""
                      className="h-11 w-14 border border-ink object-cover"
                    />
                  ) : (
                    <span aria-hidden className="h-11 w-14 border border-rule" />
                  )}
                  <span className="min-w-0 grow">
                    <span className="block font-head text-[18px] font-semibold">
                      {job.title || 'Untitled job'}
                    </span>
                    <span className="block truncate text-[14px] text-quiet">
                      {job.address || 'no address yet'}
                    </span>
                  </span>
                  <span className="text-right font-head text-[15px]">
                    {job.findings} finding{job.findings === 1 ? '' : 's'}
                    <span
                      className={`block text-[14px] ${job.accepted ? 'font-semibold text-moss' : 'text-quiet'}`}
                    >
                      {job.accepted
                        ? 'accepted'
                        : job.sent > 0
                          ? `${job.sent} bid${job.sent === 1 ? '' : 's'} sent`
                          : 'no bid yet'}
                    </span>
                  </span>
                </Link>
              </li>
            ))}
          </ul>
        </div>
        {sendsBids(member.role) ? <ImportJob /> : null}
      </main>
    </>
  )
}
