import { expect, type Page } from '@playwright/test'
import { printJobFile, type JobDocument } from '../../src/core/job'
import { smallHouse, window } from '../support/jobs'
import { stageDoor } from './support'

let made = 0

/** A job of the test's own, taken in through the app's door, and opened. */
export async function openOwn(page: Page, more: Partial<JobDocument> = {}): Promise<string> {
  made += 1
  const id = `walk-${Date.now().toString(36)}-${made}`
  const job = smallHouse({
    features: [window('A', 1, 10, 1), window('A', 2, 20, 1), window('A', 3, 30, 1)],
    ...more,
  })
  const answer = await page.request.post('/api/jobs/import', {
    data: Buffer.from(printJobFile({ ...job, id })),
    headers: { 'content-type': 'application/json', origin: new URL(page.url()).origin },
  })
  expect(answer.ok()).toBe(true)
  await page.goto(`/jobs/${id}/walk`)
  await expect(stageDoor(page)).toBeVisible()
  return id
}

export async function jobOf(page: Page, id: string): Promise<JobDocument> {
  const answer = await page.request.get(`/api/jobs/${id}`)
  return ((await answer.json()) as { job: JobDocument }).job
}

/** Opens a part of the walk by its name. */
export const part = (page: Page, name: string): Promise<void> =>
  page.getByRole('tab', { name, exact: true }).click()
