import 'server-only'
import canonicalize from 'canonicalize'
import { randomBytes, randomUUID } from 'node:crypto'
import { HandoverModel, handoverDays, handoverPaper } from '../../core/close'
import type { JobDocument } from '../../core/job'
import { dayWords } from '../../core/measure'
import { calendarFile } from '../../core/print/calendarFile'
import { insertLink, insertMail } from '../../db/queries/bids'
import { findOwnHandover, findOwnHandoverPdf, insertHandover } from '../../db/queries/close'
import { findJob } from '../../db/queries/jobs'
import { withTx } from '../../db/tx'
import { openLink } from '../bids/ownerBid'
import { sha256, tokenHash, unbroken } from '../bids/seal'
import { agreedIn, type Agreed } from '../calendar'
import { context } from '../context'
import { todayIn } from '../days'
import { mustBeAllowed, type Member } from '../http'
import { loadState } from '../jobs/store'
import { approver } from '../orders/settle'
import { printedPictures } from '../photos/printed'
import { Refused } from '../problem'
import { inThread } from '../threads'

/** The link in the letter stands as long as the longest warranty that a firm usually gives. */
const LINK_DAYS = 5 * 366
const DAY_MS = 86_400_000

type Read = {
  readonly job: JobDocument
  readonly agreed: Agreed
  readonly model: HandoverModel
  readonly pictures: ReadonlyMap<string, Uint8Array>
}

/** The end of a job as it would be handed over now, with the pictures that have arrived. @throws Refused `not-found`. */
async function read(member: Member, jobId: string): Promise<Read> {
  const { pool } = await context()
  const { job, agreed } = await withTx(pool, member.companyId, async (tx) => {
    if (!(await findJob(tx, jobId, { lock: false }))) throw new Refused({ kind: 'not-found', what: 'job' })
    const state = await loadState(tx, jobId, { lock: false, without: [] })
    return { job: state.job, agreed: await agreedIn(tx, jobId) }
  })
  const today = todayIn(job.job.time_zone, new Date())
  const whole = await inThread('handoverOf', { job, today, accepted: agreed.accepted })
  if (whole === null) throw new Refused({ kind: 'not-handed-over' })
  const wanted = whole.items.flatMap(({ before, after }) => [...before, ...after])
  const pictures = await printedPictures(
    member,
    wanted.map(({ sha256: hash }) => hash),
  )
  const arrived = (list: HandoverModel['items'][number]['before']): typeof list =>
    list.filter(({ sha256: hash }) => pictures.has(hash))
  const items = whole.items.map((item) => ({
    ...item,
    before: arrived(item.before),
    after: arrived(item.after),
  }))
  return { job, agreed, model: { ...whole, items }, pictures }
}

/** The end of a job on paper, as it would be handed over now. @throws Refused `not-found`, `not-handed-over`. */
export async function printHandover(member: Member, jobId: string): Promise<Uint8Array> {
  mustBeAllowed(member, 'send-bids', 'Handing the work over')
  const { model, pictures } = await read(member, jobId)
  return inThread('printPaper', { paper: handoverPaper(model), pictures })
}

/**
 * Hands the work over: what was done, the warranties and the upkeep are frozen, printed and sent with a link.
 *
 * @throws Refused `not-handed-over`: nobody said the day; `nothing-accepted`: there is no bid that it is the end of.
 */
export async function sendHandover(member: Member, jobId: string): Promise<{ sent_at: string }> {
  mustBeAllowed(member, 'send-bids', 'Handing the work over')
  const { pool, baseUrl } = await context()
  const { job, agreed, model, pictures } = await read(member, jobId)
  const { baseline } = agreed
  if (baseline === null) throw new Refused({ kind: 'nothing-accepted' })
  const snapshot = canonicalize(model)
  if (snapshot === undefined) throw new Error('What is handed over could not be written as canonical JSON.')
  const pdf = Buffer.from(await inThread('printPaper', { paper: handoverPaper(model), pictures }))
  const token = randomBytes(32).toString('base64url')
  const to = approver(job)
  await withTx(pool, member.companyId, async (tx) => {
    await insertHandover(tx, {
      id: randomUUID(),
      jobId,
      bidId: baseline.bid_id,
      snapshot,
      snapshotSha256: sha256(snapshot),
      pdf,
      pdfSha256: sha256(pdf),
      sentBy: member.userId,
    })
    await insertLink(tx, {
      id: randomUUID(),
      bidId: baseline.bid_id,
      tokenHash: tokenHash(token),
      expiresAt: new Date(Date.now() + LINK_DAYS * DAY_MS),
    })
    await insertMail(tx, {
      id: randomUUID(),
      jobId,
      bidId: baseline.bid_id,
      to: to?.email || 'no address noted',
      subject: `The work at ${model.title}, handed over ${dayWords(model.on)}`,
      body: [
        `Hello${to?.name ? ` ${to.name}` : ''},`,
        model.words,
        `Here is what was done with pictures, what we stand for and until when, and what keeps it so, with the days for your calendar:\n\n${baseUrl}/o/${token}`,
        model.firm.name,
      ]
        .filter(Boolean)
        .join('\n\n'),
    })
  })
  return { sent_at: new Date().toISOString() }
}

/** What was handed over, as its owner sees it; null: not yet. */
export type OwnerHandover = { readonly model: HandoverModel; readonly at: string }

/** @throws Refused as `readOwnerBid`. */
export function readOwnerHandover(token: string): Promise<OwnerHandover | null> {
  return openLink(token, async (tx) => {
    const row = await findOwnHandover(tx)
    if (!row) return null
    const model = HandoverModel.parse(JSON.parse(unbroken(row.snapshot, row.snapshot_sha256)))
    return { model, at: row.sent_at.toISOString() }
  })
}

/** The very bytes that were sealed with it. */
export function readOwnerHandoverPdf(token: string): Promise<Buffer> {
  return openLink(token, async (tx) => {
    const found = await findOwnHandoverPdf(tx)
    if (!found) throw new Refused({ kind: 'not-found', what: 'handover' })
    return unbroken(found.pdf, found.pdf_sha256)
  })
}

/** Upkeep and looks for the owner's calendar. */
export async function readOwnerUpkeep(token: string): Promise<string> {
  const handed = await readOwnerHandover(token)
  if (handed === null) throw new Refused({ kind: 'not-found', what: 'handover' })
  return calendarFile(handoverDays(handed.model), { made: new Date(handed.at), what: 'upkeep' })
}
