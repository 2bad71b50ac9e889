import { JobSnapshotAnswer, TemplateAnswer } from '../core/contract'
import { Change } from '../core/job'
import { call } from './api'
import type { LocalCopies } from './localCopies'
import { isStill } from './member'

/** A job on this device, for the list of jobs. */
export type LocalJob = {
  readonly id: string
  readonly title: string
  readonly address: string
  readonly findings: number
  readonly unborn: boolean
  readonly waiting: number
}

/** Jobs on this device, the one last opened first. Empty where the browser keeps nothing. */
export async function listLocalJobs(local: LocalCopies): Promise<LocalJob[]> {
  try {
    const [jobs, waiting] = await Promise.all([local.listJobs(), local.listAllWaiting()])
    return jobs.map(({ jobId, snapshot, unborn }) => {
      const mine = waiting.filter((row) => row.jobId === jobId)
      const made = mine.filter(({ change }) => {
        const read = Change.safeParse(change)
        return read.success && read.data.op === 'create' && read.data.entity.kind === 'finding'
      }).length
      return {
        id: jobId,
        title: snapshot.job.job.title,
        address: snapshot.job.job.address,
        findings: snapshot.job.findings.filter((finding) => !finding.removed).length + made,
        unborn,
        waiting: mine.length,
      }
    })
  } catch {
    return []
  }
}

/** Jobs taken along when the list is looked at with a signal. */
const TAKEN_ALONG = 10

/**
 * Takes the jobs at the top of the list along, so that they open without a signal, and what a new job starts from.
 * Jobs already here keep their own store's snapshot, which may be ahead. Ends as soon as whoever looked at the list signed out.
 */
export async function takeAlong(local: LocalCopies, jobIds: readonly string[]): Promise<void> {
  const template = await call('/api/jobs/template', TemplateAnswer)
  if (!template.ok || template.value.member.id !== local.member.id || !isStill(local)) return
  try {
    await local.keepNote('template', template.value)
    for (const jobId of jobIds.slice(0, TAKEN_ALONG)) {
      if (await local.hasJob(jobId)) continue
      const answer = await call(`/api/jobs/${jobId}`, JobSnapshotAnswer)
      if (!answer.ok || answer.value.member.id !== local.member.id || !isStill(local)) return
      await local.keepJob({ jobId, snapshot: answer.value, unborn: false, opened_at: 0 })
    }
  } catch {
    // Storage full, switched off, or gone with its member: jobs then open with a signal only, as their page says.
  }
}
