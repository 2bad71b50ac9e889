import { call } from './api'
import { local } from './localDatabase'
import type { Snapshot, Template } from './snapshot'

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
export async function listLocalJobs(): Promise<LocalJob[]> {
  try {
    const [jobs, waiting] = await Promise.all([
      local().jobs.orderBy('opened_at').reverse().toArray(),
      local().waiting.toArray(),
    ])
    return jobs.map(({ jobId, snapshot, unborn }) => {
      const mine = waiting.filter((row) => row.jobId === jobId)
      const made = mine.filter(
        ({ change }) => change.op === 'create' && change.entity.kind === 'finding',
      ).length
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
 * Jobs already here keep their own store's snapshot, which may be ahead.
 */
export async function takeAlong(jobIds: readonly string[]): Promise<void> {
  const template = await call<Template>('/api/jobs/template')
  if (!template.ok) return
  try {
    await local().notes.put({ key: 'template', value: template.value })
    for (const jobId of jobIds.slice(0, TAKEN_ALONG)) {
      if (await local().jobs.get(jobId)) continue
      const answer = await call<Snapshot>(`/api/jobs/${jobId}`)
      if (!answer.ok) return
      await local().jobs.put({ jobId, snapshot: answer.value, unborn: false, opened_at: 0 })
    }
  } catch {
    // Storage full or switched off: jobs then open with a signal only, as their page says.
  }
}
