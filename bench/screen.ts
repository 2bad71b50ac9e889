import { build } from 'esbuild'
import type { Page } from '@playwright/test'
import type { JobDocument } from '../src/core/job'
import { takeIn, withBenchApp, type BenchApp } from './benchApp'
import { generatedJob } from './generatedJob'
import { bigJob } from './trace'
import type { WalkRow } from './walkRow'

const RUNS = 25
const WARM = 5

/** 200 findings traced in a web worker of a real browser. */
async function inWorker({ browser }: BenchApp): Promise<WalkRow> {
  const bundle = await build({
    entryPoints: ['bench/traceInWorker.ts'],
    bundle: true,
    write: false,
    format: 'iife',
    platform: 'browser',
  })
  const job = bigJob()
  const page = await browser.newPage()
  await page.addInitScript('globalThis.__name = (named) => named')
  await page.goto('about:blank')
  const times = await page.evaluate(
    async (of: { code: string; job: JobDocument; runs: number }) => {
      const worker = new Worker(URL.createObjectURL(new Blob([of.code], { type: 'text/javascript' })))
      const answer = new Promise<number[]>((resolve, reject) => {
        worker.onmessage = ({ data }: MessageEvent<number[]>) => resolve(data)
        worker.onerror = (event) => reject(new Error(event.message))
      })
      worker.postMessage({ job: of.job, runs: of.runs })
      return answer
    },
    { code: bundle.outputFiles[0]!.text, job, runs: RUNS + WARM },
  )
  await page.close()
  const sorted = times.slice(WARM).sort((a, b) => a - b)
  return {
    name: `${job.findings.length} findings traced in a web worker`,
    value: `${sorted[Math.floor(RUNS / 2)]!.toFixed(1)} ms median (${sorted[0]!.toFixed(1)}–${sorted.at(-1)!.toFixed(1)}) of ${RUNS} runs`,
    beside: 'aim: under 100 ms',
  }
}

/** Tasks of over 50 ms that the browser reports, by what was being done. */
async function longTasks(page: Page, work: () => Promise<unknown>): Promise<number[]> {
  await page.evaluate('globalThis.longTasks.length = 0')
  await work()
  await page.waitForTimeout(1500)
  return page.evaluate('globalThis.longTasks')
}

/** Reading and answering in Trace with 200 findings: how long the main thread was held at most. */
async function onThePage({ base, desk }: BenchApp, findings: number): Promise<WalkRow[]> {
  const page = await desk.newPage()
  await page.addInitScript(`
    globalThis.longTasks = []
    new PerformanceObserver((list) => globalThis.longTasks.push(...list.getEntries().map((each) => each.duration)))
      .observe({ type: 'longtask', buffered: true })
  `)
  const id = await takeIn(page, base, { ...generatedJob(findings, 30), id: `screen-${findings}` })
  await page.goto(`${base}/jobs/${id}/walk`)
  await page.getByRole('tab', { name: /^Walk/ }).waitFor()
  await page.waitForTimeout(3000)
  const sources = page.getByRole('region', { name: 'Sources' }).getByRole('button')
  const did: [string, () => Promise<unknown>][] = [
    [
      'Trace is opened',
      async () => {
        await page.getByRole('tab', { name: /^Trace/ }).click()
        await sources.first().waitFor()
      },
    ],
    ['a source is chosen', () => sources.nth(2).click()],
    [
      'a check is answered',
      () =>
        page
          .getByRole('region', { name: 'Check next' })
          .getByRole('button', { name: /^No:/ })
          .first()
          .click(),
    ],
    ['back to Walk', () => page.getByRole('tab', { name: /^Walk/ }).click()],
    [
      'a line is typed and kept',
      async () => {
        await page.getByLabel('A word, or a whole line').pressSequentially('a 12 sill 2 ft soft')
        await page.keyboard.press('Enter')
      },
    ],
  ]
  const rows: WalkRow[] = []
  for (const [name, work] of did) {
    const tasks = await longTasks(page, work)
    rows.push({
      name: `${findings} findings: ${name}`,
      value:
        tasks.length === 0
          ? 'no task over 50 ms on the main thread'
          : `${tasks.length} over 50 ms, the longest ${Math.max(...tasks).toFixed(0)} ms`,
      beside: 'aim: none over 50 ms',
    })
  }
  return rows
}

/** What the screen feels like with 200 findings, on the production build. */
export function benchScreen(): Promise<WalkRow[]> {
  return withBenchApp(async (app) => [
    await inWorker(app),
    ...(await onThePage(app, 200)),
    ...(await onThePage(app, 300)),
  ])
}
