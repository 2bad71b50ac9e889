import Dexie from 'dexie'
import type { MemberFace } from '../core/contract'
import type { Change } from '../core/job'
import { LocalDatabase } from './localDatabase'
import { Seal } from './seal'
import type { Snapshot } from './snapshot'

/** An edit the server did not take, with its sentence; kept until somebody lets it go. */
export type RefusedEdit = {
  readonly id: string
  readonly jobId: string
  readonly change: Change
  readonly why: string
}

/** A queued edit that cannot be read: kept as it lies here, to be taken out as a file. */
export type UnreadableEdit = { readonly position: number; readonly why: string; readonly raw: string }

/** A picture or a clip kept here until the server has all of it. */
export type KeptPicture = {
  readonly sha256: string
  readonly jobId: string
  readonly bytes: Blob
  readonly what: 'photo' | 'clip'
  readonly refused: string | null
}

/** A job as this device knows it, opened at once next time. `unborn`: the server has not heard of it yet. */
export type KeptJob = {
  readonly jobId: string
  readonly snapshot: Snapshot
  readonly unborn: boolean
  readonly opened_at: number
}

export type Queued = {
  /** As written down, raised and checked by whoever sends them. */
  readonly edits: readonly { readonly position: number; readonly change: unknown }[]
  readonly unreadable: readonly UnreadableEdit[]
}

type PictureMeta = Omit<KeptPicture, 'bytes'> & { readonly type: string }

/** Bytes of a file as text, for an edit that cannot even be opened. */
function raw(sealed: Uint8Array): string {
  let text = ''
  for (const byte of sealed) text += String.fromCharCode(byte)
  return btoa(text)
}

/**
 * The copies one member keeps on this device, sealed with his key. Every call can fail where storage is full or switched off, or
 * once he signed out; callers say so.
 */
export class LocalCopies {
  private readonly database: LocalDatabase
  private readonly seal: Seal

  constructor(
    /** As the server last described him: his role may change while his key stays. */
    public member: MemberFace,
    sealKey: string,
  ) {
    this.seal = new Seal(sealKey)
    this.database = new LocalDatabase(`detrimus-${this.seal.nameOf(`${member.company_id}/${member.id}`)}`)
  }

  private waitingRows(
    jobId: string,
    changes: readonly Change[],
  ): Promise<{ job: string; change: string; sealed: Uint8Array<ArrayBuffer> }[]> {
    const job = this.seal.nameOf(jobId)
    return Promise.all(
      changes.map(async (change) => ({
        job,
        change: this.seal.nameOf(change.id),
        sealed: await this.seal.sealJson({ jobId, change }),
      })),
    )
  }

  /** Keeps edits in their order; resolves once they are on the disk, all of them or none. */
  async keepWaiting(jobId: string, changes: readonly Change[]): Promise<void> {
    const rows = await this.waitingRows(jobId, changes)
    const { waiting } = this.database
    await this.database.transaction('rw', waiting, async () => {
      await waiting.bulkAdd(rows)
    })
  }

  /** Keeps these edits instead of those of the same ids and in this order; what cannot be read stays where it is. */
  async replaceWaiting(jobId: string, changes: readonly Change[]): Promise<void> {
    const rows = await this.waitingRows(jobId, changes)
    const { waiting } = this.database
    await this.database.transaction('rw', waiting, async () => {
      await waiting
        .where('change')
        .anyOf(rows.map(({ change }) => change))
        .delete()
      await waiting.bulkAdd(rows)
    })
  }

  private async read(
    rows: readonly { position?: number; sealed: Uint8Array<ArrayBuffer> }[],
  ): Promise<Queued> {
    const edits: { position: number; change: unknown }[] = []
    const unreadable: UnreadableEdit[] = []
    for (const { position = 0, sealed } of rows) {
      try {
        edits.push({ position, change: ((await this.seal.openJson(sealed)) as { change: unknown }).change })
      } catch {
        unreadable.push({
          position,
          why: 'It cannot be opened: it was damaged on this device.',
          raw: raw(sealed),
        })
      }
    }
    return { edits, unreadable }
  }

  async listWaiting(jobId: string): Promise<Queued> {
    const rows = await this.database.waiting.where('job').equals(this.seal.nameOf(jobId)).sortBy('position')
    return this.read(rows)
  }

  async dropWaiting(changeIds: readonly string[]): Promise<void> {
    await this.database.waiting
      .where('change')
      .anyOf(changeIds.map((id) => this.seal.nameOf(id)))
      .delete()
  }

  async dropUnreadable(position: number): Promise<void> {
    await this.database.waiting.delete(position)
  }

  async keepRefused(edit: RefusedEdit): Promise<void> {
    await this.database.refused.put({
      change: this.seal.nameOf(edit.id),
      job: this.seal.nameOf(edit.jobId),
      sealed: await this.seal.sealJson(edit),
    })
  }

  private async opened<T>(rows: readonly { sealed: Uint8Array<ArrayBuffer> }[]): Promise<T[]> {
    const found: T[] = []
    for (const { sealed } of rows) {
      const value = await this.seal.openJson(sealed).catch(() => null)
      if (value !== null) found.push(value as T)
    }
    return found
  }

  async listRefused(jobId: string): Promise<RefusedEdit[]> {
    return this.opened(await this.database.refused.where('job').equals(this.seal.nameOf(jobId)).toArray())
  }

  async dropRefused(id: string): Promise<void> {
    await this.database.refused.delete(this.seal.nameOf(id))
  }

  async keepPicture({ bytes, ...meta }: KeptPicture): Promise<void> {
    const sealed = await this.seal.sealJson({ ...meta, type: bytes.type } satisfies PictureMeta)
    const content = await this.seal.sealBytes(new Uint8Array(await bytes.arrayBuffer()))
    await this.database.pictures.put({
      picture: this.seal.nameOf(meta.sha256),
      job: this.seal.nameOf(meta.jobId),
      sealed,
      bytes: content,
    })
  }

  /** Pictures that wait: of one job, or all. */
  async listPictures(jobId?: string): Promise<KeptPicture[]> {
    const { pictures } = this.database
    const rows = await (jobId === undefined
      ? pictures.toArray()
      : pictures.where('job').equals(this.seal.nameOf(jobId)).toArray())
    const found: KeptPicture[] = []
    for (const row of rows) {
      try {
        const { type, ...meta } = (await this.seal.openJson(row.sealed)) as PictureMeta
        found.push({ ...meta, bytes: new Blob([await this.seal.openBytes(row.bytes)], { type }) })
      } catch {
        // Damaged on this device: what cannot be opened cannot be sent, and its job says that the picture is missing.
      }
    }
    return found
  }

  async dropPicture(sha256: string): Promise<void> {
    await this.database.pictures.delete(this.seal.nameOf(sha256))
  }

  async keepJob(job: KeptJob): Promise<void> {
    await this.database.jobs.put({
      job: this.seal.nameOf(job.jobId),
      opened_at: job.opened_at,
      sealed: await this.seal.sealJson(job),
    })
  }

  async findJob(jobId: string): Promise<KeptJob | null> {
    const row = await this.database.jobs.get(this.seal.nameOf(jobId))
    return row ? ((await this.opened<KeptJob>([row]))[0] ?? null) : null
  }

  async hasJob(jobId: string): Promise<boolean> {
    return (await this.database.jobs.where('job').equals(this.seal.nameOf(jobId)).count()) > 0
  }

  /** Jobs on this device, the one last opened first. */
  async listJobs(): Promise<KeptJob[]> {
    return this.opened(await this.database.jobs.orderBy('opened_at').reverse().toArray())
  }

  /** Everything that waits, of all jobs, in order: for the list, and to be saved as a file. */
  async listAllWaiting(): Promise<{ jobId: string; change: unknown }[]> {
    return this.opened(await this.database.waiting.orderBy('position').toArray())
  }

  async listAllRefused(): Promise<RefusedEdit[]> {
    return this.opened(await this.database.refused.toArray())
  }

  async keepNote(key: string, value: unknown): Promise<void> {
    await this.database.notes.put({ key, sealed: await this.seal.sealJson(value) })
  }

  async findNote(key: string): Promise<unknown> {
    const row = await this.database.notes.get(key)
    return row ? this.seal.openJson(row.sealed).catch(() => undefined) : undefined
  }

  /** Edits and pictures that only this device has, refused and unreadable ones too. */
  async countUnsent(): Promise<number> {
    const { waiting, pictures, refused } = this.database
    return (await waiting.count()) + (await pictures.count()) + (await refused.count())
  }

  /**
   * Takes off what the server can tell again, as for another role: jobs as they were known, and notes. What only this device has
   * stays: edits and pictures that wait, and jobs the server has not heard of.
   */
  async forgetKnown(): Promise<void> {
    for (const { jobId, unborn } of await this.listJobs()) {
      if (!unborn) await this.database.jobs.delete(this.seal.nameOf(jobId))
    }
    await this.database.notes.clear()
  }

  /** Takes everything of this member off the device. Writes still under way fail: nothing comes back behind it. */
  async destroy(): Promise<void> {
    this.database.close({ disableAutoOpen: true })
    await Dexie.delete(this.database.name)
  }
}
