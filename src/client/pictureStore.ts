import { sha256 } from '@noble/hashes/sha2.js'
import { bytesToHex } from '@noble/hashes/utils.js'
import type { EntityOf, Place } from '../core/job'
import { UploadAnswer } from '../core/contract'
import { call, type Failure } from './api'
import type { KeptPicture, LocalCopies } from './localCopies'
import { newId } from './newId'

/** A piece of an upload: small enough that a poor connection gets one through. */
const PART_BYTES = 256 * 1024
/** A piece on a poor connection takes its time; after this it does not come. */
const PART_WITHIN_MS = 90_000
const REFUSES_PICTURE: ReadonlySet<number> = new Set([413, 415, 422])
const LIMIT_BYTES = 25 * 1024 * 1024
/** Pictures are measured as they are shown: within this edge. */
const SCREEN_EDGE_PX = 1600

const PICTURE_TYPES = ['image/jpeg', 'image/png', 'image/webp'] as const
const CLIP_TYPES = [
  'audio/webm',
  'audio/ogg',
  'audio/mp4',
  'audio/mpeg',
  'audio/wav',
  'video/webm',
  'video/mp4',
] as const

export type PictureState = 'here' | 'sent' | 'refused'
type Taken<T> = { readonly ok: true; readonly value: T } | { readonly ok: false; readonly words: string }

/** What reads a picture's own date. Loaded when a picture is taken, or ahead of it: nobody waits for it at the start. */
const loadExif = () => import('exifr').then((file) => file.default)

/** Fetches what taking a picture in needs, so that it is here without a signal. */
export function fetchAheadOfPictures(): void {
  loadExif().catch(() => undefined)
}

async function takenAt(file: Blob): Promise<string | null> {
  // A picture whose date cannot be read, its reader not being on this device, is taken in without a date.
  const tags: unknown = await loadExif()
    .then((exifr) =>
      exifr.parse(file, { pick: ['DateTimeOriginal', 'OffsetTimeOriginal'], reviveValues: false }),
    )
    .catch(() => null)
  const { DateTimeOriginal: date, OffsetTimeOriginal: offset } = (tags ?? {}) as Record<string, unknown>
  const found = typeof date === 'string' ? /^(\d{4}):(\d\d):(\d\d) (\d\d:\d\d:\d\d)/.exec(date) : null
  if (!found) return null
  const zone = typeof offset === 'string' && /^[+-]\d\d:\d\d$/.test(offset) ? offset : 'Z'
  const moment = new Date(`${found[1]}-${found[2]}-${found[3]}T${found[4]}${zone}`)
  return Number.isNaN(moment.getTime()) ? null : `${moment.toISOString().slice(0, 19)}Z`
}

async function sizeOf(file: Blob): Promise<{ width_px: number; height_px: number } | null> {
  try {
    const bitmap = await createImageBitmap(file)
    const times = Math.min(1, SCREEN_EDGE_PX / Math.max(bitmap.width, bitmap.height))
    const size = { width_px: Math.round(bitmap.width * times), height_px: Math.round(bitmap.height * times) }
    bitmap.close()
    return size
  } catch {
    return null
  }
}

/** Pictures and clips of one job on this device: kept until sent, sent piece by piece, seen from here meanwhile. */
export class PictureStore {
  private kept = new Map<string, KeptPicture>()
  /** Not in the browser's database, only in this page: storage was full. */
  private onlyHere = new Set<string>()
  /** Being written: not said to be kept before the browser's database has confirmed it. */
  private unwritten = new Set<string>()
  private urls = new Map<string, string>()
  private busy = false

  constructor(
    private readonly jobId: string,
    private readonly local: LocalCopies | null,
    private readonly tell: () => void,
  ) {}

  async load(): Promise<void> {
    const rows = (await this.local?.listPictures(this.jobId)) ?? []
    for (const row of rows) this.kept.set(row.sha256, row)
  }

  get waiting(): number {
    return [...this.kept.values()].filter((picture) => picture.refused === null).length
  }

  get notKept(): number {
    return this.onlyHere.size
  }

  get unconfirmed(): number {
    return this.unwritten.size + this.onlyHere.size
  }

  get refused(): readonly KeptPicture[] {
    return [...this.kept.values()].filter((picture) => picture.refused !== null)
  }

  stateOf(hash: string): PictureState {
    const picture = this.kept.get(hash)
    if (!picture) return 'sent'
    return picture.refused === null ? 'here' : 'refused'
  }

  /** Address to show a picture from: this device while it is not sent, the server after. */
  urlOf(hash: string, size: 'thumbnail' | 'screen'): string {
    const picture = this.kept.get(hash)
    if (!picture) return `/api/photos/${hash}?size=${size}`
    const known = this.urls.get(hash)
    if (known) return known
    const url = URL.createObjectURL(picture.bytes)
    this.urls.set(hash, url)
    return url
  }

  /** Address to hear or see a clip from. */
  clipUrlOf(hash: string): string {
    return this.kept.has(hash) ? this.urlOf(hash, 'screen') : `/api/clips/${hash}`
  }

  private async keep(picture: KeptPicture): Promise<void> {
    const { sha256: hash } = picture
    this.kept.set(hash, picture)
    this.unwritten.add(hash)
    try {
      if (!this.local) throw new Error('this browser keeps nothing')
      await this.local.keepPicture(picture)
      this.onlyHere.delete(hash)
    } catch {
      this.onlyHere.add(hash)
    }
    this.unwritten.delete(hash)
    this.tell()
  }

  /** Takes a picture in and gives back the photo to put in the job, or what to do instead. */
  async takePhoto(file: Blob, of: { place: Place; order: number }): Promise<Taken<EntityOf['photo']>> {
    const media_type = PICTURE_TYPES.find((type) => type === file.type)
    if (file.size > LIMIT_BYTES) return { ok: false, words: 'That picture is over 25 MB. Take it smaller.' }
    const size = media_type ? await sizeOf(file) : null
    if (!media_type || !size) {
      return {
        ok: false,
        words:
          'This is no JPEG, PNG or WebP picture. On a phone, set the camera to “most compatible”, or take a screenshot of it.',
      }
    }
    const hash = bytesToHex(sha256(new Uint8Array(await file.arrayBuffer())))
    await this.keep({ sha256: hash, jobId: this.jobId, bytes: file, what: 'photo', refused: null })
    return {
      ok: true,
      value: {
        id: newId(),
        removed: false,
        sha256: hash,
        media_type,
        bytes: file.size,
        ...size,
        taken_at: await takenAt(file),
        caption: '',
        place: of.place,
        order: of.order,
        canvas: null,
        marks: [],
      },
    }
  }

  async takeClip(file: Blob, recorded_at: string | null): Promise<Taken<EntityOf['clip']>> {
    // A recorder names its codec behind the type: `audio/webm;codecs=opus`.
    const media_type = CLIP_TYPES.find((type) => file.type === type || file.type.startsWith(`${type};`))
    if (!media_type)
      return { ok: false, words: 'This is no sound or film we can keep. Take WebM, MP4, MP3, Ogg or WAV.' }
    if (file.size > LIMIT_BYTES)
      return { ok: false, words: 'That recording is over 25 MB. Keep it under two minutes.' }
    const hash = bytesToHex(sha256(new Uint8Array(await file.arrayBuffer())))
    await this.keep({ sha256: hash, jobId: this.jobId, bytes: file, what: 'clip', refused: null })
    return {
      ok: true,
      value: {
        id: newId(),
        removed: false,
        sha256: hash,
        media_type,
        bytes: file.size,
        recorded_at,
        caption: '',
      },
    }
  }

  async letGo(hash: string): Promise<void> {
    this.kept.delete(hash)
    this.onlyHere.delete(hash)
    await this.local?.dropPicture(hash).catch(() => undefined)
    this.tell()
  }

  /** Sends what waits, each from where its last try stopped. Gives back why it stopped, or null when all are there. */
  async send(): Promise<Failure | null> {
    if (this.busy) return null
    this.busy = true
    try {
      for (const picture of [...this.kept.values()].filter((each) => each.refused === null)) {
        const failure = await this.sendOne(picture)
        if (failure !== null) return failure
      }
      return null
    } finally {
      this.busy = false
    }
  }

  private async sendOne(picture: KeptPicture): Promise<Failure | null> {
    const path = `/api/jobs/${this.jobId}/uploads/${picture.sha256}`
    const begun = await call(path, UploadAnswer)
    if (!begun.ok) return begun.failure
    let { have, done } = begun.value
    while (!done) {
      const part = picture.bytes.slice(have, have + PART_BYTES)
      const answer = await call(
        `${path}?at=${have}&total=${picture.bytes.size}&what=${picture.what}`,
        UploadAnswer,
        { method: 'PUT', headers: { 'content-type': 'application/octet-stream' }, body: part },
        PART_WITHIN_MS,
      )
      if (answer.ok) {
        const further = answer.value
        // An answer that goes neither on nor back would have us send the same piece for ever.
        if (!further.done && further.have <= have) return { kind: 'foreign', status: 200 }
        ;({ have, done } = further)
        continue
      }
      const { failure } = answer
      if (failure.kind === 'refused' && REFUSES_PICTURE.has(failure.status)) {
        await this.keep({ ...picture, refused: failure.detail })
        return null
      }
      return failure
    }
    // The address changes with the state: whoever shows it is told before the picture goes.
    await this.letGo(picture.sha256)
    return null
  }
}
