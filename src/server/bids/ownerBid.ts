import {
  OwnerChoice as OwnerChoiceSchema,
  Signature,
  type AcceptRequest,
  type AskRequest,
  type MessageAnswer,
  type OwnerChoice,
} from '../../core/contract'
import 'server-only'
import { randomUUID } from 'node:crypto'
import { type z } from 'zod'
import { chosenTotal, readBid, WHOLE_BID, type BidModel } from '../../core/bid'
import { formatCents, type Cents } from '../../core/measure'
import {
  acceptOwn,
  findOwnAcceptance,
  findOwnBid,
  findOwnLink,
  findOwnPdf,
  findOwnPicture,
  noteOwnView,
} from '../../db/queries/bids'
import { askOwn, listOwnMessages, type Message } from '../../db/queries/messages'
import { withOwnerLinkTx, type OwnerTx } from '../../db/tx'
import { context } from '../context'
import { Refused } from '../problem'
import { inThread } from '../threads'
import { ownersCalendar } from './calendar'
import { tokenHash, unbroken } from './seal'

/** The frozen bid as its owner sees it, and where it stands. */
export type OwnerBid = {
  readonly model: BidModel
  readonly hash: string
  readonly number: number
  readonly superseded: boolean
  readonly accepted: {
    readonly by: string
    readonly at: string
    readonly replaced: boolean
    /** What of it was accepted, and what that comes to. */
    readonly choice: OwnerChoice
    readonly total_cents: Cents
  } | null
  readonly messages: readonly MessageAnswer[]
}

const WHOLE: OwnerChoice = { left: [], taken: [], looks: [], declined: [] }

/** What pieces of work and options are called in a bid, by their ids. */
export function titlesOf(model: BidModel): ReadonlyMap<string, string> {
  return new Map(
    [...model.items, ...model.beside, ...model.looks.map(({ id, says }) => ({ id, title: says }))].map(
      ({ id, title }) => [id, title],
    ),
  )
}

/** A message as it is read, about what it is about by its heading. */
export function messageAnswer(message: Message, titles: ReadonlyMap<string, string>): MessageAnswer {
  const { id, about, from_owner, name, body, written_at } = message
  return {
    id,
    about: about === null ? null : (titles.get(about) ?? null),
    from_owner,
    name,
    words: body,
    at: written_at.toISOString(),
  }
}

/** What a link is of. */
export type OwnLink = { readonly order_id: string | null }

/**
 * Runs work for whoever holds a standing link.
 *
 * @throws Refused `wrong-link`, `link-expired`, `link-revoked`
 */
export async function openLink<T>(
  token: string,
  work: (tx: OwnerTx, link: OwnLink) => Promise<T>,
): Promise<T> {
  const { pool } = await context()
  return withOwnerLinkTx(pool, tokenHash(token), async (tx) => {
    const link = await findOwnLink(tx)
    if (!link) throw new Refused({ kind: 'wrong-link' })
    if (link.revoked_at) throw new Refused({ kind: 'link-revoked' })
    if (link.expired) throw new Refused({ kind: 'link-expired' })
    return work(tx, link)
  })
}

/** What was frozen, whichever program wrote it. */
export function modelOf(snapshot: string): BidModel {
  const bid = readBid(JSON.parse(snapshot))
  if (!bid.ok) throw new Error(`a frozen bid cannot be read: ${JSON.stringify(bid.error)}`)
  return bid.value
}

async function read(tx: OwnerTx): Promise<OwnerBid & { id: string }> {
  const bid = await findOwnBid(tx)
  if (!bid) throw new Error('A standing owner link has no bid.')
  const acceptance = await findOwnAcceptance(tx)
  const model = modelOf(unbroken(bid.snapshot, bid.snapshot_sha256))
  const titles = titlesOf(model)
  const messages = await listOwnMessages(tx)
  return {
    id: bid.id,
    model,
    messages: messages.map((each) => messageAnswer(each, titles)),
    hash: bid.snapshot_sha256,
    number: bid.number,
    superseded: bid.superseded_at !== null,
    accepted: acceptance
      ? {
          by: acceptance.name,
          at: acceptance.accepted_at.toISOString(),
          replaced: acceptance.replaced_at !== null,
          choice: OwnerChoiceSchema.safeParse(acceptance.choice).data ?? WHOLE,
          total_cents: (acceptance.total_cents ?? model.total_cents) as Cents,
        }
      : null,
  }
}

/** @throws Refused `wrong-link`, `link-expired`, `link-revoked`, `bid-tampered`. */
export function readOwnerBid(token: string): Promise<OwnerBid> {
  return openLink(token, async (tx) => {
    const bid = await read(tx)
    // The firm sees that it was opened, and when first.
    await noteOwnView(tx, token)
    return bid
  })
}

const SIGNS_AS = {
  owns: 'owner of the house',
  pays: 'the one who pays',
  'may-approve': 'agent who may approve',
}

/** The bid on one page, made from what was frozen; or, once it is accepted, what of it was. @throws Refused `not-found`: not accepted. */
export async function readOwnerPage(token: string, form: 'short' | 'accepted'): Promise<Uint8Array> {
  const { bid, signed } = await openLink(token, async (tx) => ({
    bid: await read(tx),
    signed: form === 'accepted' ? await findOwnAcceptance(tx) : null,
  }))
  const model = { ...bid.model, firm: { ...bid.model.firm, logo_sha256: undefined } }
  if (form === 'short') return inThread('printBid', { model, pictures: new Map(), short: true })
  if (!signed || !bid.accepted) throw new Refused({ kind: 'not-found', what: 'acceptance' })
  const { by, at, choice, total_cents } = bid.accepted
  return inThread('printBid', {
    model,
    pictures: new Map(),
    accepted: {
      by,
      as: SIGNS_AS[signed.role as keyof typeof SIGNS_AS],
      on: at.slice(0, 10),
      choice,
      total_cents,
      number: bid.number,
      hash: bid.hash,
      strokes: Signature.safeParse(signed.signature).data ?? [],
    },
  })
}

/** The last day on which it stands, as a calendar file. */
export async function readOwnerCalendar(token: string): Promise<string> {
  const { model, number, hash } = await openLink(token, read)
  return ownersCalendar(model, { number, hash, made: new Date() })
}

/** The bid on paper: the very bytes that were sealed with it. */
export function readOwnerPdf(token: string): Promise<Buffer> {
  return openLink(token, async (tx) => {
    const found = await findOwnPdf(tx)
    if (!found) throw new Error('A standing owner link has no bid.')
    return unbroken(found.pdf, found.pdf_sha256)
  })
}

export function readOwnerPicture(
  token: string,
  sha256: string,
): Promise<{ media_type: string; bytes: Buffer }> {
  return openLink(token, async (tx) => {
    const found = await findOwnPicture(tx, sha256)
    if (!found) throw new Refused({ kind: 'not-found', what: 'picture' })
    return { media_type: found.media_type, bytes: unbroken(found.bytes, found.bytes_sha256) }
  })
}

/** What a choice comes to, or why it is none of this bid. */
function reckoned(
  model: BidModel,
  { left, taken, looks, declined }: OwnerChoice,
  said_cents: number,
): { total: Cents; ids: string[] } {
  const hazards = model.items.filter(({ id, leave }) => leave?.hazard === true && left.includes(id))
  // What keeps people from being hurt is left out by name, and nothing else is.
  const isSaid = hazards.length === declined.length && hazards.every(({ id }) => declined.includes(id))
  const chosen = chosenTotal(model, { ...WHOLE_BID, left, taken, looks })
  if (!chosen.ok || !isSaid) throw new Refused({ kind: 'choice-differs' })
  if (chosen.value.total_cents !== said_cents) throw new Refused({ kind: 'choice-differs' })
  return { total: chosen.value.total_cents, ids: [...chosen.value.items, ...taken, ...looks] }
}

/** What was left out and taken, for whoever hears of the yes. */
function choiceWords(model: BidModel, { left, taken, looks, declined }: OwnerChoice): string {
  const titles = titlesOf(model)
  const named = (ids: readonly string[]): string => ids.map((id) => titles.get(id) ?? id).join('; ')
  return [
    left.length > 0 ? `Left out: ${named(left)}.` : '',
    declined.length > 0 ? `Declined by name, though people may be hurt: ${named(declined)}.` : '',
    taken.length + looks.length > 0 ? `Taken besides: ${named([...taken, ...looks])}.` : '',
  ]
    .filter(Boolean)
    .join(' ')
}

/**
 * Accepts the bid of a link, or a part of it, and tells the firm. Accepting twice is one acceptance: the first name stays. A bid that
 * replaces an accepted one becomes the accepted one with it. What the choice comes to is reckoned here again, from what was frozen.
 *
 * @throws Refused `bid-superseded`, `bid-differs`, `choice-differs`, and those of `readOwnerBid`.
 */
export function acceptBid(token: string, request: z.infer<typeof AcceptRequest>): Promise<OwnerBid> {
  return openLink(token, async (tx) => {
    const bid = await read(tx)
    if (bid.accepted) return bid
    const { model } = bid
    const { choice = WHOLE, total_cents = model.total_cents, signature = null } = request
    const { total, ids } = reckoned(model, choice, total_cents)
    const part = choiceWords(model, choice)
    const outcome = await acceptOwn(tx, {
      token,
      id: randomUUID(),
      name: request.name,
      role: request.role,
      seenSha256: request.hash,
      choice,
      ids,
      totalCents: total,
      signature,
      message: {
        id: randomUUID(),
        to: `${model.firm.name}, office`,
        subject: `Accepted${part ? ' in part' : ''}: bid ${bid.number} for ${model.title}, ${formatCents(total)}`,
        body: `${request.name} (${SIGNS_AS[request.role]}) accepted bid ${bid.number} for ${model.title}${
          model.address ? `, ${model.address}` : ''
        }, ${formatCents(total)}.${part ? `\n\n${part}` : ''}${
          model.replaces ? `\n\nIt takes the place of bid ${model.replaces.number}.` : ''
        }`,
      },
    })
    switch (outcome) {
      case 'accepted':
      case 'already':
        return read(tx)
      case 'superseded':
        throw new Refused({ kind: 'bid-superseded' })
      case 'differs':
        throw new Refused({ kind: 'bid-differs' })
      case 'no-link':
        throw new Refused({ kind: 'wrong-link' })
    }
  })
}

/**
 * A question of the owner, kept in the job's thread; the firm gets a message. The same one twice is one.
 *
 * @throws Refused `choice-differs` about what is not of this bid, `too-many-questions`, and those of `readOwnerBid`.
 */
export function askFirm(token: string, asked: z.infer<typeof AskRequest>): Promise<readonly MessageAnswer[]> {
  return openLink(token, async (tx) => {
    const bid = await read(tx)
    const titles = titlesOf(bid.model)
    if (asked.about !== null && !titles.has(asked.about)) throw new Refused({ kind: 'choice-differs' })
    const about = asked.about === null ? '' : (titles.get(asked.about) ?? '')
    const outcome = await askOwn(tx, {
      token,
      id: asked.id,
      name: asked.name,
      about: asked.about,
      words: asked.words,
      mail: {
        id: randomUUID(),
        to: `${bid.model.firm.name}, office`,
        subject: `A question about bid ${bid.number} for ${bid.model.title}`,
        body: `${asked.name} asks${about ? ` about “${about}”` : ''}:\n\n${asked.words}`,
      },
    })
    switch (outcome) {
      case 'asked':
      case 'already':
        return (await read(tx)).messages
      case 'too-many':
        throw new Refused({ kind: 'too-many-questions' })
      case 'no-link':
        throw new Refused({ kind: 'wrong-link' })
    }
  })
}
