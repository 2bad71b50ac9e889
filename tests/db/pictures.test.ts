/** Pictures: checked by content, upright, and without a place in what leaves. */
import { afterAll, beforeAll, expect, test } from '@jest/globals'
import exifr from 'exifr'
import { unzipSync, zipSync } from 'fflate'
import { createHash } from 'node:crypto'
import sharp from 'sharp'
import type { Member } from '../../src/server/http'
import { readPhoto, uploadPhoto } from '../../src/server/photos/pictures'
import { applyChanges } from '../../src/server/jobs/applyChanges'
import { exportZip, importJob } from '../../src/server/jobs/files'
import { readJobSnapshot } from '../../src/server/jobs/readJobs'
import { takePart } from '../../src/server/photos/uploads'
import { asRole, closePools, createEntity, newFirm, refusalOf, takeAlderHouse, whole } from './support'

let member: Member
let jobId: string
beforeAll(async () => {
  member = await newFirm()
  jobId = await takeAlderHouse(member)
})
afterAll(closePools)

/** A picture lying on its side as a phone stores it, with a place and a time in it. */
function phonePicture(): Promise<Buffer> {
  return sharp({ create: { width: 400, height: 200, channels: 3, background: '#888' } })
    .withExif({
      IFD0: { Orientation: '6' },
      IFD2: { DateTimeOriginal: '2026:05:04 09:30:00' },
      IFD3: {
        GPSLatitudeRef: 'N',
        GPSLatitude: '47/1 30/1 0/1',
        GPSLongitudeRef: 'W',
        GPSLongitude: '122/1 15/1 0/1',
      },
    })
    .jpeg()
    .withMetadata({ orientation: 6 })
    .toBuffer()
}

test('a picture is turned upright, its time kept, its place not in any rendition', async () => {
  const bytes = await phonePicture()
  const stored = await uploadPhoto(member, jobId, bytes)
  expect(stored).toMatchObject({ media_type: 'image/jpeg', width_px: 200, height_px: 400 })
  const original = await readPhoto(member, stored.sha256, 'original')
  expect(original.bytes.equals(bytes)).toBe(true)
  for (const size of ['screen', 'thumbnail'] as const) {
    const shown = await readPhoto(member, stored.sha256, size)
    expect(await exifr.gps(shown.bytes).catch(() => undefined)).toBeUndefined()
    expect((await sharp(shown.bytes).metadata()).exif).toBeUndefined()
  }
})

test.each([
  ['text', () => Promise.resolve(Buffer.from('this is no picture'))],
  ['nothing', () => Promise.resolve(Buffer.alloc(0))],
  [
    'an SVG',
    () => Promise.resolve(Buffer.from('<svg xmlns="http://www.w3.org/2000/svg" width="9" height="9"/>')),
  ],
  [
    'a GIF',
    () =>
      sharp({ create: { width: 9, height: 9, channels: 3, background: '#888' } })
        .gif()
        .toBuffer(),
  ],
  ['half a JPEG', async () => (await phonePicture()).subarray(0, 400)],
])('%s is refused as no picture', async (_, make) => {
  expect(await refusalOf(uploadPhoto(member, jobId, await make()))).toBe('not-a-picture')
})

test('another firm’s picture is not found', async () => {
  const stored = await uploadPhoto(member, jobId, await phonePicture())
  expect(await refusalOf(readPhoto(await newFirm(), stored.sha256, 'screen'))).toBe('not-found')
})

test('a picture for a job that is not there is refused', async () => {
  expect(await refusalOf(uploadPhoto(member, 'nowhere', await phonePicture()))).toBe('not-found')
})

/** A film whose header says where it was taken, in both ways films do. */
const filmWithPlace = (): Buffer => {
  const place = Buffer.from('\u00a9xyz\u0000\u0012\u0015\u00c7+47.5000-122.2500/', 'latin1')
  const box = Buffer.alloc(8)
  box.writeUInt32BE(8 + place.length)
  box.write('udta', 4, 'latin1')
  const head = Buffer.from('\u0000\u0000\u0000\u0018ftypisom\u0000\u0000\u0000\u0000isommp42', 'latin1')
  return Buffer.concat([head, box, place, Buffer.from('vide soun film')])
}

test('what leaves in a zip names no place; originals, asked for by the office, are as they came', async () => {
  const firm = await newFirm()
  const job = await takeAlderHouse(firm)
  const original = await phonePicture()
  const plain = await sharp({ create: { width: 60, height: 40, channels: 3, background: '#345' } })
    .png()
    .toBuffer()
  const [placed, unplaced] = [await uploadPhoto(firm, job, original), await uploadPhoto(firm, job, plain)]
  const film = filmWithPlace()
  const hash = createHash('sha256').update(film).digest('hex')
  await takePart(firm, job, { sha256: hash, at: 0, total: film.length, what: 'clip', bytes: film })
  const common = { removed: false, caption: '', place: { kind: 'none' }, order: 0, canvas: null, marks: [] }
  await applyChanges(firm, job, {
    known: 0,
    changes: [
      createEntity('photo', { id: 'p1', ...common, ...placed }),
      createEntity('photo', { id: 'p2', ...common, ...unplaced }),
      createEntity('clip', {
        id: 'c1',
        removed: false,
        sha256: hash,
        media_type: 'video/mp4',
        bytes: film.length,
        recorded_at: null,
        caption: '',
      }),
    ],
  })
  const files = unzipSync(await whole(await exportZip(firm, job, { originals: false })))
  const names = Object.keys(files).sort()
  expect(names).toHaveLength(4)
  // What names no place leaves untouched, under its own hash.
  expect(names).toContain(`pictures/${unplaced.sha256}.png`)
  for (const [name, bytes] of Object.entries(files)) {
    expect(Buffer.from(bytes).toString('latin1')).not.toContain('47.5000')
    if (name.endsWith('.jpg')) {
      expect(await exifr.gps(Buffer.from(bytes)).catch(() => undefined)).toBeUndefined()
      expect((await sharp(bytes).metadata()).width).toBe(200)
    }
  }
  // It comes back whole into another firm: the file names what is in the zip.
  const elsewhere = await newFirm()
  await importJob(elsewhere, await whole(await exportZip(firm, job, { originals: false })))
  const back = (await readJobSnapshot(elsewhere, job)).job
  expect((await readPhoto(elsewhere, back.photos[0]!.sha256, 'original')).bytes.length).toBe(
    back.photos[0]!.bytes,
  )
  expect((await readPhoto(elsewhere, back.clips[0]!.sha256, 'clip')).media_type).toBe('video/mp4')

  const originals = unzipSync(await whole(await exportZip(firm, job, { originals: true })))
  expect(Buffer.from(originals[`pictures/${placed.sha256}.jpg`]!).equals(original)).toBe(true)
  expect(Buffer.from(originals[`recordings/${hash}.mp4`]!).equals(film)).toBe(true)
  expect(await refusalOf(exportZip(asRole(firm, 'crew'), job, { originals: true }))).toBe('not-for-role')
  expect(await refusalOf(readPhoto(asRole(firm, 'crew'), placed.sha256, 'original'))).toBe('not-for-role')
})

test('a zip of too many files is refused through the whole door, and leaves nothing', async () => {
  const firm = await newFirm()
  const crowd = Object.fromEntries(Array.from({ length: 1500 }, (_, i) => [`f${i}`, new Uint8Array(1)]))
  expect(await refusalOf(importJob(firm, Buffer.from(zipSync(crowd))))).toBe('bad-archive')
})
