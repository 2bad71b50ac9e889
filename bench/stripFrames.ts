import type { Page } from '@playwright/test'
import type { WalkRow } from './walkRow'

function framesRow(name: string, frames: readonly number[], idle: readonly number[]): WalkRow {
  const sorted = [...frames].sort((a, b) => a - b)
  const at = (share: number): number =>
    sorted[Math.min(sorted.length - 1, Math.floor(sorted.length * share))]!
  const base = [...idle].sort((a, b) => a - b)[Math.floor(idle.length / 2)]!
  return {
    name,
    value: `median ${at(0.5).toFixed(1)} ms, 95 % ${at(0.95).toFixed(1)} ms, worst ${at(1).toFixed(1)} ms`,
    beside: `× ${(at(0.5) / base).toFixed(2)} of an idle page’s frame (${base.toFixed(1)} ms)`,
  }
}

/** Times between animation frames while something is done to the page. */
async function framesDuring(page: Page, work: () => Promise<void>): Promise<number[]> {
  await page.evaluate(() => {
    const frames: number[] = []
    let last = performance.now()
    const step = (): void => {
      const now = performance.now()
      frames.push(now - last)
      last = now
      handle = requestAnimationFrame(step)
    }
    let handle = requestAnimationFrame(step)
    Object.assign(globalThis, {
      benchFrames: () => {
        cancelAnimationFrame(handle)
        return frames.slice(1)
      },
    })
  })
  await work()
  return page.evaluate(() => (globalThis as unknown as { benchFrames: () => number[] }).benchFrames())
}

/** Frames of the strip on a large house: panned, a window dragged, zoomed step by step. */
export async function stripFrames(page: Page, base: string, id: string): Promise<WalkRow[]> {
  await page.goto(`${base}/jobs/${id}/walk`)
  await page.getByRole('button', { name: /^Side A/ }).waitFor()
  const idle = await framesDuring(page, () => page.waitForTimeout(1500))
  const strip = page.getByRole('group', { name: 'Outside walls of the house' })
  const box = (await strip.boundingBox())!
  const middle = [box.x + box.width / 2, box.y + box.height / 2] as const
  await page.getByRole('button', { name: 'Zoom in' }).click()
  await page.getByRole('button', { name: 'Zoom in' }).click()
  const panned = await framesDuring(page, async () => {
    await page.mouse.move(...middle)
    await page.mouse.down()
    for (let step = 0; step < 60; step += 1) await page.mouse.move(middle[0] - step * 6, middle[1] - step)
    await page.mouse.up()
  })
  await page.getByRole('button', { name: 'Whole strip' }).click()
  await page.getByRole('button', { name: /^window A1,/ }).press('Enter')
  const grip = page.locator('[data-grip=whole]')
  await grip.waitFor()
  const held = (await grip.boundingBox())!
  const dragged = await framesDuring(page, async () => {
    await page.mouse.move(held.x + held.width / 2, held.y + held.height / 2)
    await page.mouse.down()
    for (let step = 0; step < 60; step += 1)
      await page.mouse.move(held.x + held.width / 2 + step, held.y + held.height / 2)
    await page.mouse.up()
  })
  const zooms: number[] = []
  for (let step = 0; step < 5; step += 1) {
    zooms.push(
      await page.evaluate(async () => {
        const button = [...document.querySelectorAll('button')].find((each) => each.ariaLabel === 'Zoom in')!
        const start = performance.now()
        button.click()
        await new Promise((resolve) => requestAnimationFrame(() => requestAnimationFrame(resolve)))
        return performance.now() - start
      }),
    )
  }
  zooms.sort((a, b) => a - b)
  return [
    framesRow('strip panned, frame to frame', panned, idle),
    framesRow('window dragged, frame to frame', dragged, idle),
    {
      name: 'a zoom step, click to drawn',
      value: `median ${zooms[2]!.toFixed(0)} ms, worst ${zooms.at(-1)!.toFixed(0)} ms`,
      beside: 'of 5; the aim is under 100 ms',
    },
  ]
}
