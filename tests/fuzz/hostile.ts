import { zipSync } from 'fflate'
import { randomBytes } from 'node:crypto'
import { Worker } from 'node:worker_threads'
import { deflateSync } from 'node:zlib'
import { printJobFile } from '../../src/core/job'
import { alderHouse } from '../../demo/alderHouse'

/** What others may be held up by while a hostile file is looked at. */
const HELD_UP_MS = 200

function crc32(bytes: Buffer): number {
  let crc = ~0
  for (const byte of bytes) {
    crc ^= byte
    for (let k = 0; k < 8; k += 1) crc = crc & 1 ? (crc >>> 1) ^ 0xedb88320 : crc >>> 1
  }
  return ~crc >>> 0
}

/** A small PNG that says it is so many pixels square, and is. */
function hugePng(edge: number): Buffer {
  const chunk = (name: string, data: Buffer): Buffer => {
    const head = Buffer.alloc(4)
    head.writeUInt32BE(data.length)
    const named = Buffer.concat([Buffer.from(name, 'latin1'), data])
    const tail = Buffer.alloc(4)
    tail.writeUInt32BE(crc32(named))
    return Buffer.concat([head, named, tail])
  }
  const header = Buffer.alloc(13)
  header.writeUInt32BE(edge, 0)
  header.writeUInt32BE(edge, 4)
  header.set([1, 0, 0, 0, 0], 8)
  const rows = Buffer.alloc((Math.ceil(edge / 8) + 1) * edge)
  return Buffer.concat([
    Buffer.from([0x89, 0x50, 0x4e, 0x47, 0x0d, 0x0a, 0x1a, 0x0a]),
    chunk('IHDR', header),
    chunk('IDAT', deflateSync(rows)),
    chunk('IEND', Buffer.alloc(0)),
  ])
}

/** A zip that opens into a gigabyte. */
function bomb(): Buffer {
  const nothing = new Uint8Array(100 * 1024 * 1024)
  const files: Record<string, Uint8Array> = {
    'job.json': new TextEncoder().encode(printJobFile(alderHouse())),
  }
  for (let i = 0; i < 10; i += 1) files[`pictures/${i}.jpg`] = nothing
  return Buffer.from(zipSync(files, { level: 9 }))
}

/** A zip whose own list says its files are small. */
function liar(): Buffer {
  const bytes = bomb()
  for (let at = bytes.indexOf('PK\u0003\u0004'); at >= 0; at = bytes.indexOf('PK\u0003\u0004', at + 4))
    bytes.writeUInt32LE(10, at + 22)
  for (let at = bytes.indexOf('PK\u0001\u0002'); at >= 0; at = bytes.indexOf('PK\u0001\u0002', at + 4))
    bytes.writeUInt32LE(10, at + 24)
  return bytes
}

/** A zip of very many files. */
function crowd(): Buffer {
  const files: Record<string, Uint8Array> = {}
  for (let i = 0; i < 20_000; i += 1) files[`pictures/${i}`] = new Uint8Array(1)
  return Buffer.from(zipSync(files, { level: 0 }))
}

/** Somebody who only reads, in a thread of his own: what this process does meanwhile must not count as waiting. */
class HonestReader {
  private readonly worker: Worker

  constructor(url: string, cookie: string) {
    const code = `
      const { parentPort, workerData } = require('node:worker_threads')
      let going = false, times = []
      parentPort.on('message', async (said) => {
        if (said === 'stop') { going = false; return }
        going = true; times = []
        while (going) {
          const begun = performance.now()
          await (await fetch(workerData.url, { headers: { cookie: workerData.cookie } })).text()
          times.push(performance.now() - begun)
          await new Promise((resolve) => setTimeout(resolve, 5))
        }
        parentPort.postMessage(times)
      })`
    this.worker = new Worker(code, { eval: true, workerData: { url, cookie } })
    this.worker.unref()
  }

  /** How long each reading took, milliseconds, while something else was done. */
  async during(work: () => Promise<unknown>): Promise<number[]> {
    const told = new Promise<number[]>((resolve) => this.worker.once('message', resolve))
    this.worker.postMessage('begin')
    await work()
    this.worker.postMessage('stop')
    return told
  }
}

type Hostile = {
  readonly name: string
  readonly path: string
  readonly bytes: Buffer
  readonly refused: readonly number[]
}

/** Uploads hostile files, several at once, beside somebody who only reads; says what was not as it should be. */
export async function hostileFiles(of: { base: URL; cookie: string; picture: Buffer }): Promise<string[]> {
  const found: string[] = []
  const headers = { cookie: of.cookie, origin: of.base.origin }
  const honest = new HonestReader(new URL('/api/jobs', of.base).toString(), of.cookie)
  const rest = await honest.during(() => new Promise((resolve) => setTimeout(resolve, 1500)))
  const usual = [...rest].sort((x, y) => x - y)[Math.floor(rest.length / 2)]!
  const deep = Buffer.from(
    `{"format":"detrimus-job","version":4,"x":${'['.repeat(900_000)}${']'.repeat(900_000)}}`,
  )
  const hostile: readonly Hostile[] = [
    { name: 'a zip of a gigabyte', path: '/api/jobs/import', bytes: bomb(), refused: [413] },
    { name: 'a zip that lies of its sizes', path: '/api/jobs/import', bytes: liar(), refused: [413, 422] },
    { name: 'a zip of 20,000 files', path: '/api/jobs/import', bytes: crowd(), refused: [422] },
    {
      name: 'a zip of noise',
      path: '/api/jobs/import',
      bytes: Buffer.concat([Buffer.from('PK\u0003\u0004'), randomBytes(20_000_000)]),
      refused: [422],
    },
    {
      name: 'a picture of 400 megapixels',
      path: '/api/jobs/alder-house/photos',
      bytes: hugePng(20_000),
      refused: [415],
    },
    {
      name: 'a picture of 90 megapixels',
      path: '/api/jobs/alder-house/photos',
      bytes: hugePng(9_400),
      refused: [201, 415],
    },
    {
      name: 'a picture cut short',
      path: '/api/jobs/alder-house/photos',
      bytes: of.picture.subarray(0, of.picture.length / 2),
      refused: [415],
    },
    { name: 'JSON nested 900,000 deep', path: '/api/jobs/import', bytes: deep, refused: [422] },
  ]
  for (const file of hostile) {
    // Making the files took this process seconds: it learns first which of its old connections the server has ended meanwhile.
    await new Promise((resolve) => setTimeout(resolve, 200))
    let answers: number[] = []
    const times = await honest.during(async () => {
      answers = await Promise.all(
        Array.from({ length: 3 }, () =>
          fetch(new URL(file.path, of.base), {
            method: 'POST',
            headers,
            body: new Uint8Array(file.bytes),
          }).then(
            async (answer) => {
              await answer.text()
              return answer.status
            },
            // The connection ended while the file was still being sent.
            () => 0,
          ),
        ),
      )
    })
    const worst = Math.max(...times)
    console.log(
      `  ${file.name} (${Math.round(file.bytes.length / 1024)} kB, three at once): ${answers.join(' ')}; readers waited ${worst.toFixed(0)} ms at worst, ${usual.toFixed(0)} ms usually`,
    )
    // Busy is an honest answer to three at once.
    for (const status of answers)
      if (status !== 503 && !file.refused.includes(status)) found.push(`${file.name} was answered ${status}`)
    if (worst - usual > HELD_UP_MS)
      found.push(`${file.name} held others up by ${(worst - usual).toFixed(0)} ms`)
  }
  return found
}
