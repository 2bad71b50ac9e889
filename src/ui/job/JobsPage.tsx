'use client'

import { useEffect, useMemo } from 'react'
import { takeAlong } from '../../client/localJobs'
import type { JobRowAnswer } from '../../core/contract'
import { Button, CONTROL, LinkButton, Notice } from '../look'
import { useMember } from '../state/useMember'
import { BallparkNow } from './BallparkNow'
import { ImportJob } from './ImportJob'
import { NewFinding } from './NewFinding'
import { OnThisDevice } from './OnThisDevice'
import { SignOut } from './SignOut'
import { useJobList } from './useJobList'

function JobRow({ job }: { job: JobRowAnswer }) {
  return (
    <li className="border-b border-rule">
      <a href={`/jobs/${job.id}/walk`} className="flex min-h-14 items-center gap-4 px-1 py-2 hover:bg-paper">
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
          <span className="block font-head text-[18px] font-semibold">{job.title || 'Untitled job'}</span>
          <span className="block truncate text-[14px] text-quiet">{job.address || 'no address yet'}</span>
        </span>
        <span className="text-right font-head text-[15px]">
          {job.findings} finding{job.findings === 1 ? '' : 's'}
          <span className={`block text-[14px] ${job.accepted ? 'font-semibold text-moss' : 'text-quiet'}`}>
            {job.accepted
              ? 'accepted'
              : job.sent > 0
                ? `${job.sent} bid${job.sent === 1 ? '' : 's'} sent`
                : 'no bid yet'}
          </span>
        </span>
      </a>
    </li>
  )
}

/**
 * The jobs of a firm, and the quickest finding there is. The page itself holds nothing of the firm: what is shown comes from this
 * device's sealed copies and from the server, for whoever is signed in.
 */
export function JobsPage() {
  const who = useMember()
  const isOnline = who.kind === 'member' && who.online === 'yes'
  const list = useJobList(isOnline)
  const { jobs, words } = list
  const listed = useMemo(() => jobs?.map((job) => job.id) ?? [], [jobs])
  const copies = who.kind === 'member' ? who.copies : null
  useEffect(() => {
    if (copies && jobs && words === '') void takeAlong(copies, listed)
  }, [copies, jobs, listed, words])
  useEffect(() => {
    if (who.kind === 'nobody') window.location.replace('/sign-in')
  }, [who.kind])

  if (who.kind === 'unknown') {
    return (
      <main className="flex max-w-xl flex-col items-start gap-3 p-6">
        <Notice tone="waiting">{who.words}</Notice>
        <LinkButton href="/sign-in">Sign in</LinkButton>
      </main>
    )
  }
  if (who.kind !== 'member') return <p className="p-6">Opening…</p>
  const { member } = who
  return (
    <>
      <header className="flex items-center gap-4 px-5 py-1.5 max-sm:gap-2 max-sm:px-3">
        <span className="font-tight text-[19px] font-semibold tracking-wide uppercase">Detrimus</span>
        <span className="grow" />
        {member.may.includes('send-bids') ? (
          <a href="/outbox" className="font-head text-chalk-text underline">
            Outbox
          </a>
        ) : null}
        {member.may.includes('change-firm-settings') ? (
          <a href="/firm" className="font-head text-chalk-text underline">
            Firm
          </a>
        ) : null}
        {member.seesMoney ? <BallparkNow /> : null}
        <a href="/account" className="font-head text-[15px] underline">
          {member.name}
        </a>
        <SignOut />
      </header>
      <main className="mx-auto flex max-w-4xl flex-col gap-5 px-5 pb-16 max-sm:px-3">
        <NewFinding />
        {who.online === 'signed-out' ? (
          <Notice tone="waiting">
            You were signed out. What is on this device stays here;{' '}
            <a className="underline" href="/sign-in">
              sign in
            </a>{' '}
            to send it.
          </Notice>
        ) : null}
        <OnThisDevice local={who.copies} listed={listed} />
        <div>
          <div className="flex items-end justify-between gap-4 border-b border-ink pb-1">
            <h1 className="text-[22px]">Jobs</h1>
            <div className="w-64 max-sm:w-40">
              <input
                type="search"
                aria-label="Find a job"
                placeholder="Find a job"
                value={words}
                maxLength={100}
                disabled={!isOnline}
                onChange={(event) => list.find(event.target.value)}
                className={CONTROL}
              />
            </div>
          </div>
          {list.wrong ? <Notice tone="waiting">{list.wrong}</Notice> : null}
          {jobs === null && isOnline && !list.wrong ? (
            <p className="py-4 text-quiet">Reading the list…</p>
          ) : null}
          {who.online === 'no' ? (
            <p className="py-4 text-quiet">No signal: only what is on this device.</p>
          ) : null}
          {jobs?.length === 0 ? (
            <p className="py-4 text-quiet">
              {words === ''
                ? 'No job yet. Begin with a photo and a word above: the job makes itself.'
                : `No job has “${words}” in its name or address.`}
            </p>
          ) : null}
          <ul>
            {jobs?.map((job) => (
              <JobRow key={job.id} job={job} />
            ))}
          </ul>
          {list.hasMore ? (
            <div className="pt-3">
              <Button onClick={list.more}>More jobs</Button>
            </div>
          ) : null}
        </div>
        {member.may.includes('take-jobs-in') ? <ImportJob /> : null}
      </main>
    </>
  )
}
