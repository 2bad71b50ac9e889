import * as z from 'zod'
import { many, one, run, type OwnerTx, type Tx } from '../tx'

const Message = z.object({
  id: z.string(),
  bid_id: z.string(),
  about: z.string().nullable(),
  from_owner: z.boolean(),
  name: z.string(),
  body: z.string(),
  written_at: z.date(),
})
export type Message = z.infer<typeof Message>

/** What owner and firm wrote to each other about a job, in order. */
export function listMessages(tx: Tx, jobId: string): Promise<Message[]> {
  return many(
    tx,
    Message,
    `select id, bid_id, about, from_owner, name, body, written_at from app.owner_message
     where company_id = $1 and job_id = $2 order by written_at, id`,
    [tx.companyId, jobId],
  )
}

/** The firm's answer. An id that is there already changes nothing. */
export async function insertReply(
  tx: Tx,
  of: { id: string; jobId: string; bidId: string; about: string | null; name: string; words: string },
): Promise<boolean> {
  const touched = await run(
    tx,
    `insert into app.owner_message (company_id, id, job_id, bid_id, about, from_owner, name, body)
     values ($1, $2, $3, $4, $5, false, $6, $7) on conflict (company_id, id) do nothing`,
    [tx.companyId, of.id, of.jobId, of.bidId, of.about, of.name, of.words],
  )
  return touched === 1
}

/** What was written about the job of the link in this transaction. */
export function listOwnMessages(tx: OwnerTx): Promise<Message[]> {
  return many(
    tx,
    Message,
    'select id, bid_id, about, from_owner, name, body, written_at from app.owner_message order by written_at, id',
    [],
  )
}

const Asked = z.object({ outcome: z.enum(['asked', 'already', 'too-many', 'no-link']) })

/** Writes an owner's question through the database's own function: the app's role cannot speak for an owner. */
export async function askOwn(
  tx: OwnerTx,
  of: {
    token: string
    id: string
    name: string
    about: string | null
    words: string
    mail: { id: string; to: string; subject: string; body: string }
  },
): Promise<z.infer<typeof Asked>['outcome']> {
  const { mail } = of
  const row = await one(tx, Asked, 'select app.owner_asks($1, $2, $3, $4, $5, $6, $7, $8, $9) as outcome', [
    of.token,
    of.id,
    of.name,
    of.about,
    of.words,
    mail.id,
    mail.to,
    mail.subject,
    mail.body,
  ])
  return row.outcome
}
