/** Pictures: checked by content, upright, and without a place in what leaves. */
import { afterAll, beforeAll, expect, test } from '@jest/globals'
import exifr from 'exifr'
import sharp from 'sharp'
import type { Member } from '../../src/server/http'
import { readPhoto, uploadPhoto } from '../../src/server/photos/pictures'
import { closePools, newFirm, refusalOf, takeAlderHouse } from './support'

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
