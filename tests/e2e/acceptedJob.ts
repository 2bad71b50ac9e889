import { expect, type Locator, type Page } from '@playwright/test'
import { randomUUID } from 'node:crypto'
import { OFFICE, officeJob } from '../../demo/theOffice'
import { printJobFile } from '../../src/core/job'
import { OWN } from './support'

export const OWNER = 'Sefa Lindqvist'

/** A job of the test's own whose bid its owner accepted: a fascia at the back. Gives back its id and the token of the bid. */
export async function acceptedJob(page: Page, title: string): Promise<{ id: string; token: string }> {
  const job = officeJob(OFFICE.find(({ id }) => id === 'brine-close-3')!)
  const id = `open-${randomUUID().slice(0, 8)}`
  const taken = await page.request.post('/api/jobs/import', {
    data: Buffer.from(printJobFile({ ...job, id, job: { ...job.job, title } })),
    headers: OWN,
  })
  expect(taken.status()).toBe(201)
  const sent = await page.request.post(`/api/jobs/${id}/bids`, {
    data: { id: randomUUID(), replaces: null },
    headers: OWN,
    timeout: 60_000,
  })
  const token = /\/o\/([\w-]+)/.exec(await sent.text())![1]!
  await page.goto(`/o/${token}`)
  await page.getByRole('button', { name: 'Say yes…' }).click()
  await page.getByLabel(/^Your full name/).fill(OWNER)
  await page.getByRole('button', { name: 'Yes, do it' }).click()
  await expect(page.getByText(/Your yes has arrived|Accepted by/).first()).toBeVisible()
  return { id, token }
}

/** What is behind the fascia: a job of one finding opens on it by itself. */
export async function openTheFascia(page: Page): Promise<Locator> {
  const behind = page.getByRole('region', { name: /^Behind 1/ })
  const row = page.getByRole('region', { name: 'Places' }).getByRole('button', { name: /fascia/i })
  await expect(behind.or(row).first()).toBeVisible()
  // The page chooses the finding as soon as it has the job.
  if (
    !(await behind.waitFor({ timeout: 3000 }).then(
      () => true,
      () => false,
    ))
  )
    await row.click()
  return behind
}
