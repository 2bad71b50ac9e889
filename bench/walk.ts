import { materialName, partName } from '../src/core/catalogue'
import type { Browser, BrowserContext, Locator, Page } from '@playwright/test'
import { smallHouse } from '../tests/support/jobs'
import { door, emptyJob, side, window } from '../demo/build'
import { GRADE_NAMES, gradeOf, type JobDocument } from '../src/core/job'
import { formatLength } from '../src/core/measure'
import { parseLine } from '../src/core/shorthand'
import { SIGNS, isSign } from '../src/core/trace'
import { takeIn, withBenchApp } from './benchApp'
import { generatedJob } from './generatedJob'
import { phoneHouse } from './phoneHouse'
import { stripFrames } from './stripFrames'
import type { WalkRow } from './walkRow'
import { NOTHING_DONE, plus, secondsOf, type Done } from './klm'
import { LINES, type BenchLine } from './walkLines'

const FINDINGS = LINES.reduce((sum, each) => sum + each.makes, 0)

/** The house of the bench: a two-storey box with windows and doors where the lines name them. */
function benchHouse(id: string): JobDocument {
  const job = emptyJob(id, `Bench ${id}`)
  return {
    ...job,
    house: smallHouse().house,
    sides: [
      side('A', 0, 'front', 42),
      side('B', 1, 'right', 30),
      side('C', 2, 'back', 42),
      side('D', 3, 'left', 30),
    ],
    features: [
      window('A', 1, 3, 1),
      window('A', 2, 10, 1),
      door('A', 3, 19),
      window('A', 4, 29, 1),
      window('A', 5, 36, 1),
      window('B', 1, 5, 1),
      window('B', 2, 21, 1),
      window('C', 1, 4, 1),
      door('C', 2, 13, 72),
      window('C', 3, 30, 1),
      window('D', 1, 4, 1),
      window('D', 2, 22, 1),
    ],
  }
}

/** Cells of a sheet's row: the columns of a finding, in the words a reader of the sheet would need. */
function cellsOf(job: JobDocument): string[][] {
  return job.findings.map((finding) => {
    const { place } = finding
    const at = place.kind === 'side' ? place : null
    const onSide = job.sides.find((each) => each.id === at?.side_id)
    const feature = job.features.find((each) => each.id === at?.feature_id)
    const grade = gradeOf(finding)
    return [
      onSide?.letter ?? '',
      at ? formatLength(at.station) : '',
      at ? formatLength(at.height.value) : '',
      feature ? `${onSide?.letter ?? ''}${feature.number}` : '',
      finding.component ? partName(finding.component) : '',
      finding.material === 'unknown' ? '' : materialName(finding.material),
      finding.extent ? formatLength(finding.extent.value) : '',
      finding.extent ? finding.extent.how : '',
      finding.signs.map((each) => (isSign(each.sign) ? SIGNS[each.sign].says : '')).join('; '),
      finding.how_known,
      grade === null ? '' : GRADE_NAMES[grade],
    ]
  })
}

/** Typing a row of cells: every letter, a tab after each cell, Enter at the end; a thought for each filled cell. */
function sheetDone(rows: readonly (readonly string[])[]): Done {
  return rows.reduce(
    (sum, row) =>
      plus(sum, {
        keys: row.reduce((keys, cell) => keys + cell.length + 1, 0),
        taps: 0,
        homings: 0,
        thoughts: row.filter((cell) => cell !== '').length,
      }),
    { ...NOTHING_DONE, taps: 1, homings: 1 },
  )
}

/** The same list in the short words of the shorthand, a cell for each thing said: a sheet that nobody but its writer can read. */
function shortSheetDone(): Done {
  const COLUMNS = 11
  return LINES.reduce(
    (sum, { line }) => {
      const said = parseLine(line)
      return said.reduce((inner, each) => {
        const units = unitsOf(each)
        // A repeated finding has to be written out again: a sheet has no “same on”.
        const letters = line.split(', same on')[0]!.replaceAll(/\s+/g, '').length
        return plus(inner, { keys: letters + COLUMNS, taps: 0, homings: 0, thoughts: units })
      }, sum)
    },
    { ...NOTHING_DONE, taps: 1, homings: 1 },
  )
}

/** Things one line says of a finding: each is thought of once. */
function unitsOf(said: ReturnType<typeof parseLine>[number]): number {
  return [
    said.side ?? said.feature,
    said.station,
    said.part,
    said.length,
    said.grade,
    said.material,
    said.probe,
    said.reading,
    ...said.signs,
  ].filter((each) => each !== null).length
}

/** Thoughts of a line as it is typed: of the finding it says, and one for each place it is said again of. */
function lineThoughts(line: string): number {
  const said = parseLine(line)
  return unitsOf(said[0]!) + (said.length - 1)
}

async function jobOf(page: Page, base: string, id: string): Promise<JobDocument> {
  const answer = await page.request.get(`${base}/api/jobs/${id}`)
  return ((await answer.json()) as { job: JobDocument }).job
}

async function allSent(page: Page): Promise<void> {
  await page
    .getByRole('status')
    .filter({ hasText: /^sent$/ })
    .waitFor({ timeout: 120_000 })
}

async function byShorthand(page: Page, base: string, id: string): Promise<{ done: Done; ms: number }> {
  await page.goto(`${base}/jobs/${id}/walk`)
  const field = page.getByLabel('A word, or a whole line')
  await field.click()
  let done: Done = { ...NOTHING_DONE, taps: 1, homings: 1 }
  const start = performance.now()
  for (const { line } of LINES) {
    await field.pressSequentially(line)
    await page.keyboard.press('Enter')
    await page.waitForFunction(
      () => document.querySelector<HTMLInputElement>('form[aria-label="Photo and word"] input')?.value === '',
    )
    done = plus(done, { keys: line.length + 1, taps: 0, homings: 0, thoughts: lineThoughts(line) })
  }
  const ms = performance.now() - start
  await allSent(page)
  return { done, ms }
}

/** A person sees where the wall is free of marks and taps there once; the bench tries along the wall until it has such a spot. */
async function tapFreeWall(
  page: Page,
  wall: Locator,
  at: { readonly share: number; readonly up: number },
  opens: Locator,
): Promise<void> {
  for (let tries = 0; tries < 12; tries += 1) {
    const box = (await wall.boundingBox())!
    const share = (at.share + tries * 0.07) % 1
    await page.touchscreen.tap(box.x + box.width * share, box.y + box.height * (1 - at.up))
    const there = await opens.waitFor({ timeout: 700 }).then(
      () => true,
      () => false,
    )
    if (there) return
    await wall.scrollIntoViewIfNeeded()
  }
  throw new Error('No free spot of the wall was found.')
}

async function byTouch(page: Page, base: string, id: string): Promise<Done> {
  await page.goto(`${base}/jobs/${id}/walk`)
  let done = NOTHING_DONE
  const tap = async (work: Promise<void>): Promise<void> => {
    await work
    done = plus(done, { keys: 0, taps: 1, homings: 0, thoughts: 0 })
  }
  const onSide = async (letter: string): Promise<void> => {
    for (let tries = 0; tries < 4; tries += 1) {
      if ((await page.getByRole('button', { name: new RegExp(`^Side ${letter},`) }).count()) > 0) return
      await tap(page.getByRole('button', { name: 'Next side' }).tap())
    }
  }
  let open = ''
  for (const each of LINES.flatMap((one: BenchLine) => one.touch)) {
    if ('feature' in each) {
      await onSide(each.feature.split(' ')[1]![0]!)
      if (open !== each.feature) {
        await tap(page.getByRole('button', { name: new RegExp(`^${each.feature},`) }).press('Enter'))
        open = each.feature
      }
      await tap(
        page
          .getByRole('list', { name: 'Parts' })
          .getByRole('button', { name: new RegExp(`^${each.part}(?! nose)`) })
          .tap(),
      )
      await tap(
        page
          .getByRole('group', { name: /thumb or awl says/ })
          .getByRole('button', { name: each.grade })
          .tap(),
      )
      // Which opening, which part, how bad.
      done = plus(done, { ...NOTHING_DONE, thoughts: 3 })
      continue
    }
    open = ''
    await onSide(each.wall.side)
    const wall = page.getByRole('button', { name: new RegExp(`^Side ${each.wall.side},`) })
    // A thumb swipes back up to the wall first: that counts as a tap.
    await tap(wall.scrollIntoViewIfNeeded())
    const form = page.getByRole('region', { name: 'New finding' })
    await tap(tapFreeWall(page, wall, each.wall, form))
    await form.getByLabel('Part', { exact: true }).selectOption(each.component)
    done = plus(done, { keys: 0, taps: 2, homings: 0, thoughts: 0 })
    await tap(form.getByLabel('Length of the damage').tap())
    await form.getByLabel('Length of the damage').pressSequentially(each.length)
    done = plus(done, { keys: each.length.length, taps: 0, homings: 0, thoughts: 4 })
    await tap(
      form
        .getByRole('group', { name: 'Grade of the damage' })
        .getByRole('button', { name: each.grade })
        .tap(),
    )
    await tap(form.getByRole('button', { name: 'Add finding' }).tap())
  }
  await allSent(page)
  return done
}

async function coldOpen(browser: Browser, base: string, state: string): Promise<WalkRow> {
  const times: number[] = []
  for (let run = 0; run < 3; run += 1) {
    const context = await browser.newContext({ storageState: state, viewport: { width: 390, height: 844 } })
    const page = await context.newPage()
    const start = performance.now()
    await page.goto(`${base}/jobs`)
    await page.getByLabel('A word').fill('soft')
    await page.getByRole('button', { name: 'New finding' }).click()
    await page.getByRole('button', { name: /1 soft/ }).waitFor()
    times.push(performance.now() - start)
    await context.close()
  }
  times.sort((a, b) => a - b)
  return {
    name: 'cold open to the first finding on the screen',
    value: `median ${(times[1]! / 1000).toFixed(2)} s (${times.map((each) => (each / 1000).toFixed(2)).join(', ')})`,
    beside: 'machine time alone, nothing cached; a person types one word besides',
  }
}

async function syncMany(context: BrowserContext, base: string): Promise<WalkRow[]> {
  const page = await context.newPage()
  const id = await takeIn(page, base, benchHouse('sync'))
  await page.goto(`${base}/jobs/${id}/walk`)
  await page.getByLabel('A word, or a whole line').waitFor()
  await context.setOffline(true)
  const line = `A1 sill nose soft, same on A2, A4, A5, B1, B2, C1, C3, D1, D2`
  for (let times = 0; times < 50; times += 1) {
    await page.getByLabel('A word, or a whole line').fill(line)
    await page.keyboard.press('Enter')
    await page.waitForFunction(
      () => document.querySelector<HTMLInputElement>('form[aria-label="Photo and word"] input')?.value === '',
    )
  }
  await page
    .getByRole('status')
    .filter({ hasText: /no signal, 500 kept here/ })
    .waitFor({ timeout: 60_000 })
  const start = performance.now()
  await context.setOffline(false)
  await allSent(page)
  const synced = performance.now() - start
  const there = (await jobOf(page, base, id)).findings.length
  if (there !== 500) throw new Error(`The server has ${there} of 500 findings.`)
  // The baseline: the same 500 findings as one job file, read, checked and written by the server in one go.
  const whole = { ...(await jobOf(page, base, id)), id: 'sync-again' }
  const begun = performance.now()
  await takeIn(page, base, whole)
  const imported = performance.now() - begun
  await page.close()
  return [
    {
      name: '500 queued changes, signal back to all sent',
      value: `${(synced / 1000).toFixed(2)} s`,
      beside: `× ${(synced / imported).toFixed(1)} of taking the same job in as one file (${(imported / 1000).toFixed(2)} s)`,
    },
  ]
}

function effort(name: string, done: Done, sheet: number): WalkRow {
  const seconds = secondsOf(done)
  return {
    name,
    value: `${done.keys} keys, ${done.taps} taps, ${done.thoughts} thoughts: ${seconds.toFixed(0)} s modelled, ${(seconds / FINDINGS).toFixed(1)} s a finding`,
    beside: `× ${(seconds / sheet).toFixed(2)} of the sheet`,
  }
}

/**
 * The walk in a real browser against the production build: effort of writing thirty findings down by shorthand and by touch beside a
 * plain sheet, frames of the strip with 300 findings and 120 features, the cold open, and sending 500 queued changes.
 */
export function benchWalk(): Promise<WalkRow[]> {
  return withBenchApp(async ({ base, browser, desk, page, state }) => {
    const line = await byShorthand(page, base, await takeIn(page, base, benchHouse('line')))
    const recorded = await jobOf(page, base, 'line')
    if (recorded.findings.length !== FINDINGS)
      throw new Error(`Shorthand made ${recorded.findings.length} findings, not ${FINDINGS}.`)
    const phone = await browser.newContext({
      storageState: state,
      viewport: { width: 390, height: 844 },
      isMobile: true,
      hasTouch: true,
    })
    const thumb = await phone.newPage()
    const touch = await byTouch(thumb, base, await takeIn(thumb, base, benchHouse('touch')))
    const touched = await jobOf(thumb, base, 'touch')
    if (touched.findings.length !== FINDINGS)
      throw new Error(`Touch made ${touched.findings.length} findings, not ${FINDINGS}.`)
    const fromNothing = await phoneHouse(thumb, base, { jobOf, thoughtsOf: lineThoughts })
    const sheet = secondsOf(sheetDone(cellsOf(recorded)))
    const short = shortSheetDone()
    const strip = await stripFrames(
      page,
      base,
      await takeIn(page, base, { ...generatedJob(300, 30), id: 'strip' }),
    )
    return [
      effort(`baseline: ${FINDINGS} findings into a plain sheet`, sheetDone(cellsOf(recorded)), sheet),
      effort('the sheet in shorthand’s own short words', short, sheet),
      effort('shorthand', line.done, sheet),
      effort('touch', touch, sheet),
      {
        name: 'shorthand, machine time of all lines',
        value: `${(line.ms / 1000).toFixed(1)} s`,
        beside: 'typed by a program, key by key',
      },
      ...fromNothing,
      ...strip,
      await coldOpen(browser, base, state),
      ...(await syncMany(desk, base)),
    ]
  })
}
