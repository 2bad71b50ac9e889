import { type PaperForm, type SendRequest } from '../../core/contract'
import 'server-only'
import canonicalize from 'canonicalize'
import { randomBytes, randomUUID } from 'node:crypto'
import pLimit from 'p-limit'
import { BidModel } from '../../core/bid'
import type { SendAnswer, SendProgress } from '../../core/contract'
import type { JobDocument } from '../../core/job'
import { dayWords, formatCents, type Cents } from '../../core/measure'
import { findBlob } from '../../db/queries/blobs'
import {
  findAccepted,
  findBidJob,
  freezePictures,
  insertBid,
  insertLink,
  insertMail,
  nextBidNumber,
  supersedeBids,
  type AcceptedBid,
} from '../../db/queries/bids'
import { findLogo } from '../../db/queries/company'
import { findJob } from '../../db/queries/jobs'
import { withTx, type Tx } from '../../db/tx'
import type { DerivedBid } from '../../heavy/tasks'
import { aroundOf } from '../calendar'
import { context } from '../context'
import { todayIn } from '../days'
import { mustBeAllowed, type Member } from '../http'
import { loadState } from '../jobs/store'
import { printSize } from '../photos/pictures'
import { Refused } from '../problem'
import { inThread } from '../threads'
import { sha256, tokenHash } from './seal'

/** Pictures made smaller at once; the next are read while they are. */
const AT_ONCE = 2
const DAY_MS = 86_400_000

/** Prints a bid as PDF; in a thread, unless a test gives its own. */
export type PrintPdf = (model: BidModel, pictures: ReadonlyMap<string, Uint8Array>) => Promise<Uint8Array>
const printInThread: PrintPdf = (model, pictures) => inThread('printBid', { model, pictures })

/** The bid that is replaced, if the wish names the one that stands. */
async function standing(tx: Tx, job: JobDocument, wish: SendRequest): Promise<AcceptedBid | null> {
  const accepted = await findAccepted(tx, job.id)
  if (accepted && accepted.id !== wish.replaces) {
    throw new Refused({
      kind: 'accepted-stands',
      bid: {
        id: accepted.id,
        number: accepted.number,
        total: formatCents(accepted.total_cents as Cents),
      },
      by: accepted.accepted_by,
      on: todayIn(job.job.time_zone, accepted.accepted_at),
    })
  }
  if (!accepted && wish.replaces !== null)
    throw new Refused({ kind: 'not-found', what: 'accepted bid to replace' })
  return accepted
}

/** Whether this very wish was carried out before. @throws Refused when its id belongs to another job's bid. */
async function isSent(tx: Tx, jobId: string, wish: SendRequest): Promise<boolean> {
  const sent = await findBidJob(tx, wish.id)
  if (sent && sent.job_id !== jobId) throw new Refused({ kind: 'bid-id-used' })
  return sent !== null
}

function withReplaced(model: BidModel, replaced: AcceptedBid | null, timeZone: string): BidModel {
  if (!replaced) return model
  return {
    ...model,
    replaces: {
      number: replaced.number,
      total_cents: replaced.total_cents as Cents,
      accepted_by: replaced.accepted_by,
      accepted_on: todayIn(timeZone, replaced.accepted_at),
    },
  }
}

/** The bid under the firm's mark, as that is on the day it leaves. */
const withLogo = (model: BidModel, logo: string | null): BidModel =>
  logo === null ? model : { ...model, firm: { ...model.firm, logo_sha256: logo } }

/** The pictures of a bid at the size they have on paper, a few at a time. */
async function printPictures(
  member: Member,
  model: BidModel,
  tell: (progress: SendProgress) => void,
): Promise<Map<string, Uint8Array>> {
  const { pool } = await context()
  const hashes = [
    ...new Set([
      ...(model.firm.logo_sha256 ? [model.firm.logo_sha256] : []),
      ...model.findings.flatMap((finding) => finding.photos.map((photo) => photo.sha256)),
    ]),
  ]
  const printed = new Map<string, Uint8Array>()
  let done = 0
  const limit = pLimit(AT_ONCE)
  await Promise.all(
    hashes.map((hash) =>
      limit(async () => {
        const blob = await withTx(pool, member.companyId, (tx) => findBlob(tx, hash, 'screen'))
        if (blob) printed.set(hash, await printSize(blob.bytes))
        done += 1
        tell({ step: 'pictures', done, of: hashes.length })
      }),
    ),
  )
  return printed
}

type Frozen = { model: BidModel; snapshot: string; pdf: Buffer; hashes: readonly string[] }

async function freeze(
  tx: Tx,
  by: { member: Member; job: JobDocument; wish: SendRequest },
  frozen: Frozen,
  to: { owner: DerivedBid['owner']; url: string; tokenHash: string; expiresAt: Date },
): Promise<boolean> {
  const { wish, job } = by
  const jobId = job.id
  const { model, snapshot, pdf } = frozen
  await findJob(tx, jobId, { lock: true })
  // Whoever sent or accepted while this one was being printed came first.
  if (await isSent(tx, jobId, wish)) return false
  await standing(tx, job, wish)
  const number = await nextBidNumber(tx, jobId)
  await supersedeBids(tx, jobId)
  await insertBid(tx, {
    id: wish.id,
    jobId,
    number,
    snapshot,
    snapshotSha256: sha256(snapshot),
    pdf,
    pdfSha256: sha256(pdf),
    totalCents: model.total_cents,
    sentBy: by.member.userId,
    replaces: wish.replaces,
  })
  await freezePictures(tx, wish.id, frozen.hashes)
  await insertLink(tx, {
    id: randomUUID(),
    bidId: wish.id,
    tokenHash: to.tokenHash,
    expiresAt: to.expiresAt,
  })
  const { owner } = to
  await insertMail(tx, {
    id: randomUUID(),
    jobId,
    bidId: wish.id,
    to: owner?.email || 'no address noted',
    subject: `Bid ${number} for ${model.title}`,
    body: `Hello${owner?.name ? ` ${owner.name}` : ''},\n\nyour bid from ${model.firm.name} is ready. Read it, and accept it if you wish, here:\n\n${to.url}\n\nIt stands until ${dayWords(model.valid_until)}.${
      model.replaces
        ? `\n\nIt takes the place of bid ${model.replaces.number}, which you accepted, only once you accept this one.`
        : ''
    }`,
  })
  return true
}

/** The bid as it would leave now, under the firm’s mark, for whoever looks it over. Nothing is kept. */
export async function draftBid(member: Member, jobId: string): Promise<BidModel> {
  mustBeAllowed(member, 'send-bids', 'Looking over a bid')
  const { pool } = await context()
  const { job, logo } = await withTx(pool, member.companyId, async (tx) => ({
    job: (await loadState(tx, jobId, { lock: false, without: [] })).job,
    logo: await findLogo(tx),
  }))
  const derived = await inThread('deriveBid', {
    job,
    today: todayIn(job.job.time_zone, new Date()),
    around: await aroundOf(member, job),
  })
  return withLogo(derived.model, logo)
}

/** The same on paper: whole, or on one page, which has no pictures but the firm's mark. */
export async function draftPdf(member: Member, jobId: string, form: PaperForm): Promise<Uint8Array> {
  const model = await draftBid(member, jobId)
  if (form === 'short') {
    const marked = { ...model, findings: [] }
    return inThread('printBid', {
      model,
      pictures: await printPictures(member, marked, () => undefined),
      short: true,
    })
  }
  return printInThread(model, await printPictures(member, model, () => undefined))
}

/**
 * Freezes the bid as derived now, makes its PDF and the owner's link, and puts the message in the outbox.
 *
 * Open bids of the job are superseded: readable, no longer acceptable. An accepted one stays the accepted one until its owner
 * accepts the new one, and is replaced only by name. The same wish twice is one bid; the link is told to the first alone.
 *
 * @throws Refused `not-ready` with what is missing, `accepted-stands`, `bid-id-used`, `not-for-role`, `busy`
 */
export async function sendBid(
  member: Member,
  jobId: string,
  wish: SendRequest,
  more: { tell?: (progress: SendProgress) => void; printPdf?: PrintPdf; now?: Date } = {},
): Promise<SendAnswer> {
  const { tell = () => undefined, printPdf = printInThread, now = new Date() } = more
  mustBeAllowed(member, 'send-bids', 'Sending bids')
  const { pool, baseUrl } = await context()
  const found = await withTx(pool, member.companyId, async (tx) => {
    const { job } = await loadState(tx, jobId, { lock: false, without: [] })
    if (await isSent(tx, jobId, wish)) return null
    return { job, replaced: await standing(tx, job, wish), logo: await findLogo(tx) }
  })
  if (!found) return { bid_id: wish.id, url: null }
  const { job, replaced, logo } = found
  const derived = await inThread('deriveBid', {
    job,
    today: todayIn(job.job.time_zone, now),
    around: await aroundOf(member, job),
  })
  if (derived.missing.length > 0) throw new Refused({ kind: 'not-ready', reasons: derived.missing })
  const model = withLogo(withReplaced(derived.model, replaced, job.job.time_zone), logo)
  const snapshot = canonicalize(BidModel.parse(model))
  if (snapshot === undefined) throw new Error('The bid could not be written as canonical JSON.')
  tell({ step: 'reckoning' })
  const pictures = await printPictures(member, model, tell)
  tell({ step: 'pages' })
  const pdf = Buffer.from(await printPdf(model, pictures))
  tell({ step: 'sealing' })
  const token = randomBytes(32).toString('base64url')
  const url = `${baseUrl}/o/${token}`
  const isNew = await withTx(pool, member.companyId, (tx) =>
    freeze(
      tx,
      { member, job, wish },
      { model, snapshot, pdf, hashes: [...pictures.keys()] },
      {
        owner: derived.owner,
        url,
        tokenHash: tokenHash(token),
        expiresAt: new Date(now.getTime() + job.settings.clauses.validity_days * DAY_MS),
      },
    ),
  )
  return { bid_id: wish.id, url: isNew ? url : null }
}
