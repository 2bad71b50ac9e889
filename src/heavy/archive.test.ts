import { expect, test } from '@jest/globals'
import { strToU8, zipSync } from 'fflate'
import { openArchive } from './archive'

const LIMITS = { jobFile: 'job.json', largest_bytes: 1_000_000, most_files: 20 }
const zip = (files: Record<string, Uint8Array>): Uint8Array => zipSync(files, { level: 9 })
const open = (bytes: Uint8Array): ReturnType<typeof openArchive> => openArchive({ bytes, ...LIMITS })

test('a job and its files come out as they went in', async () => {
  const picture = Uint8Array.from({ length: 200_000 }, (_, index) => (index * 7919) % 251)
  const opened = await open(zip({ 'job.json': strToU8('{"ü":1}'), 'pictures/a.jpg': picture }))
  expect(opened).toMatchObject({ ok: true, job: '{"ü":1}' })
  expect(opened.ok && Buffer.from(opened.files.get('pictures/a.jpg')!).equals(Buffer.from(picture))).toBe(
    true,
  )
})

const small = { 'job.json': strToU8('{}') }
const large = { ...small, 'pictures/a': new Uint8Array(600_000), 'pictures/b': new Uint8Array(600_000) }

/** Writes small sizes into every header of a zip: what it claims is not what comes out. */
function lying(bytes: Uint8Array): Uint8Array {
  const copy = Buffer.from(bytes)
  for (const [mark, at] of [
    ['PK\u0003\u0004', 22],
    ['PK\u0001\u0002', 24],
  ] as const) {
    for (let found = copy.indexOf(mark); found >= 0; found = copy.indexOf(mark, found + 4))
      copy.writeUInt32LE(9, found + at)
  }
  return copy
}

test.each([
  ['it opens into too much', zip(large), 'too-large'],
  ['it opens into too much and says that it does not', lying(zip(large)), 'too-large'],
  [
    'it holds too many files',
    zip(Object.fromEntries(Array.from({ length: 30 }, (_, i) => [`f${i}`, new Uint8Array(1)]))),
    'too-many-files',
  ],
  ['a name is endless', zip({ ...small, ['x'.repeat(400)]: new Uint8Array(1) }), 'too-many-files'],
  ['it holds no job', zip({ 'other.json': strToU8('{}') }), 'no-job-file'],
  ['it is none', strToU8('PK\u0003\u0004 and then nothing'), 'not-a-zip'],
  [
    'it is cut short',
    zip({ ...small, 'pictures/a': Uint8Array.from({ length: 9000 }, (_, i) => (i * 7919) % 251) }).subarray(
      0,
      60,
    ),
    'not-a-zip',
  ],
])('refused: %s', async (_, bytes, why) => {
  const opened = await open(bytes)
  expect(opened.ok ? 'opened' : opened.why).toMatch(why === 'not-a-zip' ? /not-a-zip|no-job-file/ : why)
})
