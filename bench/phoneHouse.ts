import type { Locator, Page } from '@playwright/test'
import type { JobDocument } from '../src/core/job'
import { NOTHING_DONE, plus, secondsOf, type Done } from './klm'
import type { WalkRow } from './walkRow'
import { LINES } from './walkLines'

/** A house of so many findings is what a first visit usually brings home. */
const FINDINGS = 24
/** Minutes the whole of it should take. */
const AIM_MIN = 12

const OPENINGS: readonly (readonly [side: string, line: string, things: number])[] = [
  ['A front', 'w 3 10, d 19, w 29 36', 5],
  ['B right', 'w 5 21', 2],
  ['C back', 'w 4, d 13x72, w 30', 3],
  ['D left', 'w 4 22', 2],
]

/** The first lines that make the findings wanted, less one: that one begins the job. */
function chosenLines(): readonly { readonly line: string; readonly makes: number }[] {
  const kept: { line: string; makes: number }[] = []
  let made = 1
  for (const { line, makes } of LINES) {
    if (made + makes > FINDINGS) continue
    kept.push({ line, makes })
    made += makes
  }
  return kept
}

/**
 * A house by phone from nothing: a word that begins the job, the house in five lines, 24 findings, all that is advised, and the total
 * in view. Every tap and key is counted as it is made in the browser; what is thought of is counted as in the other rows, and five things for
 * the house, one for each opening, one for each choice among buttons.
 */
export async function phoneHouse(
  page: Page,
  base: string,
  of: {
    jobOf: (page: Page, base: string, id: string) => Promise<JobDocument>
    thoughtsOf: (line: string) => number
  },
): Promise<WalkRow[]> {
  let done: Done = NOTHING_DONE
  const tap = async (name: Locator): Promise<void> => {
    // The walls fold while the list is pushed up: a thumb waits for it, and so does this.
    await name.scrollIntoViewIfNeeded()
    await page.waitForTimeout(300)
    await name.tap()
    done = plus(done, { keys: 0, taps: 1, homings: 0, thoughts: 0 })
  }
  const type = async (text: string, thoughts: number): Promise<void> => {
    await page.keyboard.type(text)
    done = plus(done, { keys: text.length, taps: 0, homings: 0, thoughts })
  }
  const enter = async (): Promise<void> => {
    await page.keyboard.press('Enter')
    done = plus(done, { keys: 1, taps: 0, homings: 0, thoughts: 0 })
  }
  const pick = async (label: string, option: string): Promise<void> => {
    await page
      .getByRole('dialog')
      .or(page.locator('section'))
      .getByLabel(label, { exact: true })
      .first()
      .selectOption({ label: option })
    // A list is opened and a row of it touched.
    done = plus(done, { keys: 0, taps: 2, homings: 0, thoughts: 1 })
  }

  // A word begins the job.
  await page.goto(`${base}/jobs`)
  await tap(page.getByLabel('A word'))
  await type('window sill soft', 2)
  await enter()
  await page.getByRole('button', { name: /1 window sill/ }).waitFor()
  const id = new URL(page.url()).pathname.split('/')[2]!
  // A job of one finding opens on it; the house comes first.
  await tap(page.getByRole('region', { name: 'At the thumb' }).getByRole('button', { name: 'Done' }))

  // The house, side by side, and what stands on each.
  await tap(page.getByLabel('Sides as you walk, house on the left hand'))
  await type('42 L 30 L 42 L 30', 4)
  await enter()
  await page.getByRole('button', { name: 'Edit side A' }).waitFor()
  await tap(page.getByRole('button', { name: /year unknown/ }))
  await tap(page.getByLabel('Year built'))
  await type('1985', 1)
  await tap(page.getByRole('dialog').getByRole('button', { name: 'Done' }))
  for (const [side, line, things] of OPENINGS) {
    await tap(page.getByRole('row').getByRole('button', { name: side, exact: true }))
    await tap(page.getByLabel(`On ${side}, left to right`))
    await type(line, things)
    await enter()
  }
  const afterHouse = secondsOf(done)

  // The first finding is on no wall yet: it is shown with the rest, and gets its place.
  await tap(page.getByRole('button', { name: /elsewhere: show all$/ }))
  await tap(page.getByRole('button', { name: /1 window sill/ }))
  const sheet = page
    .getByRole('dialog', { name: /^Sheet: Finding 1/ })
    .or(page.getByRole('region', { name: 'Finding 1' }))
  await sheet.first().waitFor()
  await pick('Place', 'on a side')
  await pick('At', 'window A1')
  await tap(page.getByRole('region', { name: 'At the thumb' }).getByRole('button', { name: 'Done' }))

  // The rest, a line each.
  for (const { line } of chosenLines()) {
    await tap(page.getByRole('region', { name: 'At the thumb' }).getByRole('button', { name: 'Line' }))
    await type(line, of.thoughtsOf(line))
    await enter()
    await page.getByLabel('A word, or a whole line').waitFor({ state: 'detached' })
  }
  const afterFindings = secondsOf(done)

  // Methods and the total; the finding added last stands open and is put away first.
  await tap(page.getByRole('region', { name: 'At the thumb' }).getByRole('button', { name: 'Done' }))
  const stage = async (name: string): Promise<void> => {
    await tap(page.getByRole('button', { name: /^Stage: / }))
    await tap(page.getByRole('menuitemradio', { name: new RegExp(`^${name}`) }))
    done = plus(done, { ...NOTHING_DONE, thoughts: 1 })
  }
  await stage('Scope')
  await tap(page.getByRole('button', { name: /^Take all advised/ }))
  await stage('Price')
  await page.getByRole('row', { name: /^Total/ }).waitFor()
  done = plus(done, { ...NOTHING_DONE, thoughts: 1 })
  await page
    .getByRole('status')
    .filter({ hasText: /^sent$/ })
    .waitFor({ timeout: 60_000 })

  const job = await of.jobOf(page, base, id)
  if (job.findings.length !== FINDINGS || job.features.length !== 12 || job.work_items.length === 0)
    throw new Error(
      `The phone made ${job.findings.length} findings, ${job.features.length} openings and ${job.work_items.length} pieces of work.`,
    )
  const minutes = secondsOf(done) / 60
  return [
    {
      name: `a house of ${FINDINGS} findings by phone, from nothing to its price`,
      value: `${done.taps} taps, ${done.keys} keys, ${done.thoughts} thoughts: ${minutes.toFixed(1)} min modelled`,
      beside: `house ${(afterHouse / 60).toFixed(1)}, findings ${((afterFindings - afterHouse) / 60).toFixed(1)}, methods and price ${(minutes - afterFindings / 60).toFixed(1)} min; the aim is ${AIM_MIN}`,
    },
  ]
}
