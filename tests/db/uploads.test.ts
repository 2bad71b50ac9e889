/** Pictures and clips that arrive in pieces: from where the last try stopped, once, and only whole and true ones are kept. */
import { afterAll, beforeAll, expect, test } from '@jest/globals'
import { createHash } from 'node:crypto'
import sharp from 'sharp'
import type { Member } from '../../src/server/http'
import { clipTypeOf } from '../../src/server/photos/clips'
import { readPhoto } from '../../src/server/photos/pictures'
import { readUpload, takePart } from '../../src/server/photos/uploads'
import { closePools, newFirm, refusalOf, takeAlderHouse } from './support'

let member: Member
let jobId: string
beforeAll(async () => {
  member = await newFirm()
  jobId = await takeAlderHouse(member)
})
afterAll(closePools)

const hashOf = (bytes: Buffer): string => createHash('sha256').update(bytes).digest('hex')
let shade = 0
const picture = (): Promise<Buffer> =>
  sharp({ create: { width: 320, height: 240, channels: 3, background: { r: (shade += 7), g: 90, b: 90 } } })
    .png()
    .toBuffer()

const part = (bytes: Buffer, at: number, to: number, more: object = {}) =>
  takePart(member, jobId, {
    sha256: hashOf(bytes),
    at,
    total: bytes.length,
    what: 'photo',
    bytes: bytes.subarray(at, to),
    ...more,
  })

/** One second of silence as 8-bit mono: header and samples, by the RIFF layout. */
function silence(): Buffer {
  const samples = Buffer.alloc(8000, 0x80)
  const head = Buffer.alloc(44)
  head.write('RIFF', 0)
  head.writeUInt32LE(36 + samples.length, 4)
  head.write('WAVEfmt ', 8)
  head.writeUInt32LE(16, 16)
  head.writeUInt16LE(1, 20)
  head.writeUInt16LE(1, 22)
  head.writeUInt32LE(8000, 24)
  head.writeUInt32LE(8000, 28)
  head.writeUInt16LE(1, 32)
  head.writeUInt16LE(8, 34)
  head.write('data', 36)
  head.writeUInt32LE(samples.length, 40)
  return Buffer.concat([head, samples])
}

test('a cut connection goes on where it stopped, and the whole is kept as it was', async () => {
  const bytes = await picture()
  const half = Math.floor(bytes.length / 2)
  expect(await readUpload(member, jobId, hashOf(bytes))).toEqual({ have: 0, done: false })
  expect(await part(bytes, 0, half)).toEqual({ have: half, done: false })
  expect(await readUpload(member, jobId, hashOf(bytes))).toEqual({ have: half, done: false })
  expect(await part(bytes, half, bytes.length)).toEqual({ have: bytes.length, done: true })
  const kept = await readPhoto(member, hashOf(bytes), 'original')
  expect(kept.bytes.equals(bytes)).toBe(true)
  expect((await readUpload(member, jobId, hashOf(bytes))).done).toBe(true)
  // Sent again from the start by a browser that never heard the answer: it is there, and nothing is taken.
  expect((await part(bytes, 0, half)).done).toBe(true)
})

test('a piece that does not follow is refused with where to go on', async () => {
  const bytes = await picture()
  await part(bytes, 0, 100)
  expect(await refusalOf(part(bytes, 0, 100))).toBe('wrong-part')
  expect(await refusalOf(part(bytes, 200, 300))).toBe('wrong-part')
  expect(await refusalOf(part(bytes, 100, 100))).toBe('wrong-part')
  expect(await readUpload(member, jobId, hashOf(bytes))).toEqual({ have: 100, done: false })
})

test('the same picture from two devices at once is one', async () => {
  const bytes = await picture()
  const both = await Promise.allSettled([part(bytes, 0, bytes.length), part(bytes, 0, bytes.length)])
  const done = both.filter((each) => each.status === 'fulfilled' && each.value.done)
  expect(done.length).toBeGreaterThanOrEqual(1)
  expect((await readUpload(member, jobId, hashOf(bytes))).done).toBe(true)
})

test('what is not what its hash says, and what is no picture, is forgotten and said', async () => {
  const bytes = await picture()
  const false_hash = 'a'.repeat(64)
  expect(await refusalOf(part(bytes, 0, bytes.length, { sha256: false_hash }))).toBe('wrong-hash')
  expect(await readUpload(member, jobId, false_hash)).toEqual({ have: 0, done: false })
  const words = Buffer.from('this is no picture at all, only words')
  expect(await refusalOf(part(words, 0, words.length))).toBe('not-a-picture')
  expect(await readUpload(member, jobId, hashOf(words))).toEqual({ have: 0, done: false })
  expect(await refusalOf(part(bytes, 0, 10, { total: 26 * 1024 * 1024 }))).toBe('too-large')
})

test('a recording is known by its content and comes back as it was', async () => {
  const sound = silence()
  expect(await part(sound, 0, sound.length, { what: 'clip' })).toEqual({ have: sound.length, done: true })
  const kept = await readPhoto(member, hashOf(sound), 'clip')
  expect(kept.media_type).toBe('audio/wav')
  expect(kept.bytes.equals(sound)).toBe(true)
  const words = Buffer.from('RIFFled with words, but no sound in them')
  expect(await refusalOf(part(words, 0, words.length, { what: 'clip' }))).toBe('not-a-clip')
})

test('another firm sees none of it', async () => {
  const stranger = await newFirm()
  const bytes = await picture()
  await part(bytes, 0, bytes.length)
  expect(await refusalOf(readUpload(stranger, jobId, hashOf(bytes)))).toBe('not-found')
  const theirs = await takeAlderHouse(stranger)
  expect(await readUpload(stranger, theirs, hashOf(bytes))).toEqual({ have: 0, done: false })
  expect(await refusalOf(readPhoto(stranger, hashOf(bytes), 'original'))).toBe('not-found')
})

test.each([
  ['audio/ogg', Buffer.from('OggS\0\x02\0\0\0\0\0\0\0\0')],
  ['audio/mpeg', Buffer.from('ID3\x04\0\0\0\0\0\0\0\0')],
  ['audio/mpeg', Buffer.from([0xff, 0xfb, 0x90, 0x64, 0, 0, 0, 0, 0, 0, 0, 0])],
  [
    'video/webm',
    Buffer.concat([Buffer.from([0x1a, 0x45, 0xdf, 0xa3]), Buffer.from('....webm....V_VP9....')]),
  ],
  [
    'audio/webm',
    Buffer.concat([Buffer.from([0x1a, 0x45, 0xdf, 0xa3]), Buffer.from('....webm....A_OPUS...')]),
  ],
  ['video/mp4', Buffer.from('\0\0\0\x18ftypisom....vide....soun')],
  ['audio/mp4', Buffer.from('\0\0\0\x18ftypM4A ............')],
  [null, Buffer.from('<html>no sound</html>')],
  [null, Buffer.alloc(3)],
])('first bytes of %s', (type, bytes) => {
  expect(clipTypeOf(bytes)).toBe(type)
})
