import 'server-only'
import { randomUUID } from 'node:crypto'
import type { MessageAnswer, ReplyRequest } from '../../core/contract'
import { findLatestBid, insertMail } from '../../db/queries/bids'
import { insertReply, listMessages } from '../../db/queries/messages'
import { findJob } from '../../db/queries/jobs'
import { withTx, type Tx } from '../../db/tx'
import { context } from '../context'
import { mustBeAllowed, type Member } from '../http'
import { Refused } from '../problem'
import { loadState } from '../jobs/store'
import { messageAnswer, modelOf, titlesOf } from './ownerBid'

const WHAT = 'Reading what owners write'

async function threadOf(tx: Tx, jobId: string): Promise<MessageAnswer[]> {
  const messages = await listMessages(tx, jobId)
  if (messages.length === 0) return []
  const bid = await findLatestBid(tx, jobId)
  const titles = bid ? titlesOf(modelOf(bid.snapshot)) : new Map<string, string>()
  return messages.map((each) => messageAnswer(each, titles))
}

/** What owner and firm wrote to each other about a job. @throws Refused `not-found`, `not-for-role`. */
export async function readThread(member: Member, jobId: string): Promise<MessageAnswer[]> {
  mustBeAllowed(member, 'send-bids', WHAT)
  const { pool } = await context()
  return withTx(pool, member.companyId, async (tx) => {
    if (!(await findJob(tx, jobId, { lock: false }))) throw new Refused({ kind: 'not-found', what: 'job' })
    return threadOf(tx, jobId)
  })
}

/**
 * The firm’s answer, in the thread and as a message to the owner: he reads it where he read the bid.
 *
 * @throws Refused `not-found` where no bid was sent, `not-for-role`.
 */
export async function replyToOwner(
  member: Member,
  jobId: string,
  said: ReplyRequest,
): Promise<MessageAnswer[]> {
  mustBeAllowed(member, 'send-bids', 'Answering owners')
  const { pool } = await context()
  return withTx(pool, member.companyId, async (tx) => {
    const bid = await findLatestBid(tx, jobId)
    if (!bid) throw new Refused({ kind: 'not-found', what: 'bid of this job' })
    const { job } = await loadState(tx, jobId, { lock: false, without: [] })
    const owner = job.people.find((person) => person.roles.includes('may-approve')) ?? job.people[0]
    const reply = { id: said.id, jobId, bidId: bid.id, about: null, name: member.name, words: said.words }
    const isNew = await insertReply(tx, reply)
    if (isNew) {
      const model = modelOf(bid.snapshot)
      await insertMail(tx, {
        id: randomUUID(),
        jobId,
        bidId: bid.id,
        to: owner?.email || 'no address noted',
        subject: `An answer about your bid from ${model.firm.name}`,
        body: `Hello${owner?.name ? ` ${owner.name}` : ''},\n\n${said.words}\n\n${member.name}\n\nIt stands on the page of your bid as well, where you can ask further.`,
      })
    }
    return threadOf(tx, jobId)
  })
}
