/** A bid of 300 findings, 60 items and 300 pictures is printed and sent, in a thread that holds nobody up. */
import { afterAll, expect, test } from '@jest/globals'
import { spawnSync } from 'node:child_process'
import { randomUUID } from 'node:crypto'
import { mkdtempSync, rmSync, writeFileSync } from 'node:fs'
import { tmpdir } from 'node:os'
import path from 'node:path'
import sharp from 'sharp'
import { generatedJob } from '../../bench/generatedJob'
import { alderHouse } from '../../demo/alderHouse'
import type { SendProgress } from '../../src/core/contract'
import { isDamage, printJobFile, type JobDocument } from '../../src/core/job'
import { readOwnerBid, readOwnerPdf, readOwnerPicture } from '../../src/server/bids/ownerBid'
import { sendBid } from '../../src/server/bids/sendBid'
import { importJob } from '../../src/server/jobs/files'
import { uploadPhoto, type StoredPicture } from '../../src/server/photos/pictures'
import type { Member } from '../../src/server/http'
import { applyChanges } from '../../src/server/jobs/applyChanges'
import { closePools, createEntity, newFirm, setField } from './support'

afterAll(closePools)

/** Pages and text of a PDF, by a reader that is not ours (poppler). */
function readPdf(pdf: Buffer): { pages: number; text: string; pictures: number } {
  const home = mkdtempSync(path.join(tmpdir(), 'detrimus-pdf-'))
  const file = path.join(home, 'bid.pdf')
  writeFileSync(file, pdf)
  const info = spawnSync('pdfinfo', [file], { encoding: 'utf8' })
  const text = spawnSync('pdftotext', [file, '-'], { encoding: 'utf8', maxBuffer: 1e8 })
  const images = spawnSync('pdfimages', ['-list', file], { encoding: 'utf8' })
  rmSync(home, { recursive: true })
  return {
    pages: Number(/Pages:\s+(\d+)/.exec(info.stdout)?.[1]),
    text: text.stdout,
    pictures: [...images.stdout.matchAll(/ jpeg /g)].length,
  }
}

/** A picture of noise on wood: as hard to make small as one from a camera. */
async function grain(edge_px: number): Promise<Buffer> {
  return sharp({
    create: {
      width: edge_px,
      height: Math.round(edge_px * 0.75),
      channels: 3,
      background: '#a98f6b',
      noise: { type: 'gaussian', mean: 120, sigma: 40 },
    },
  })
    .blur(1.2)
    .jpeg({ quality: 88 })
    .toBuffer()
}

/** The same picture in other light: the same bytes twice would be printed once. */
const inOtherLight = (picture: Buffer, index: number): Promise<Buffer> =>
  sharp(picture)
    .modulate({ hue: (index * 11) % 360, brightness: 0.8 + (index % 40) / 100 })
    .jpeg({ quality: 88 })
    .toBuffer()

/** Every finding a damage that is told, so that all 300 are in the bid. */
function largeJob(): JobDocument {
  const job = generatedJob(300)
  return {
    ...job,
    findings: job.findings.map((finding) => ({ ...finding, stated_grade: 3 as const })),
    work_items: job.work_items.slice(0, 60),
  }
}

async function withPictures(
  member: Member,
  of: { job: JobDocument; many: number; edge_px: number },
): Promise<string> {
  const { job, many, edge_px } = of
  const jobId = await importJob(member, Buffer.from(printJobFile(job)))
  const stored: StoredPicture[] = []
  const picture = await grain(edge_px)
  for (let index = 0; index < many; index += 1)
    stored.push(await uploadPhoto(member, jobId, await inOtherLight(picture, index)))
  const photos = stored.map((picture, index) =>
    createEntity('photo', {
      id: `photo-${index}`,
      removed: false,
      caption: '',
      place: { kind: 'none' },
      order: index,
      canvas: null,
      marks: [],
      ...picture,
    }),
  )
  const shown = job.findings
    .filter(isDamage)
    .slice(0, many)
    .map((finding, index) =>
      setField({ kind: 'finding', id: finding.id, fields: { photo_ids: [`photo-${index}`] } }),
    )
  for (const changes of [photos, shown]) {
    for (let at = 0; at < changes.length; at += 100) {
      await applyChanges(member, jobId, { known: 0, changes: changes.slice(at, at + 100) })
    }
  }
  return jobId
}

test('300 findings, 60 items and 300 pictures', async () => {
  const member = await newFirm()
  const jobId = await withPictures(member, { job: largeJob(), many: 300, edge_px: 640 })
  const steps: SendProgress[] = []
  let late_ms = 0
  let last = performance.now()
  // The longest this process could answer nobody else while the bid was made.
  const beat = setInterval(() => {
    const now = performance.now()
    late_ms = Math.max(late_ms, now - last - 10)
    last = now
  }, 10)
  const { url } = await sendBid(
    member,
    jobId,
    { id: randomUUID(), replaces: null },
    { tell: (step) => void steps.push(step) },
  )
  clearInterval(beat)
  const token = url!.split('/').at(-1)!
  const { model } = await readOwnerBid(token)
  expect([model.findings.length, model.items.length]).toEqual([300, 60])
  expect(model.findings.flatMap((finding) => finding.photos)).toHaveLength(300)
  const pdf = await readOwnerPdf(token)
  const { pages, text, pictures } = readPdf(pdf)
  expect(pages).toBeGreaterThan(40)
  expect(pictures).toBe(300)
  expect(text).toContain(`page ${pages} of ${pages}`)
  expect(text).toContain('spot 300')
  expect(pdf.length).toBeLessThan(40_000_000)
  expect(steps.filter(({ step }) => step === 'pictures')).toHaveLength(300)
  const last_photo = model.findings.at(-1)!.photos[0]!
  expect((await readOwnerPicture(token, last_photo.sha256)).bytes.length).toBeGreaterThan(1000)
  // Loose, since it is no bench: printing alone takes many times as long.
  expect(late_ms).toBeLessThan(1500)
}, 180_000)

test('24 pictures of a phone make a file that can be mailed', async () => {
  const member = await newFirm()
  const jobId = await withPictures(member, { job: alderHouse(), many: 24, edge_px: 2400 })
  const { url } = await sendBid(member, jobId, { id: randomUUID(), replaces: null })
  const pdf = await readOwnerPdf(url!.split('/').at(-1)!)
  expect(readPdf(pdf).pictures).toBe(24)
  expect(pdf.length).toBeLessThan(5_000_000)
}, 120_000)
