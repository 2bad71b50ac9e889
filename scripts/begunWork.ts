/** Brings demo jobs from their yes to open boards: finds that were agreed or wait, and a place with nothing behind it. */
import { randomUUID } from 'node:crypto'
import { drawnPhoto } from '../demo/photos'
import { FINDS } from '../src/core/catalogue/hidden/finds'
import { JOB_VERSION, type Change, type ChangeOrder, type EntityKind, type EntityOf } from '../src/core/job'
import { draftOrder, findsBehind, foundWork, guessOf, ordersOf, toldOf } from '../src/core/open'
import { derive } from '../src/core/pipeline'
import type { CauseId } from '../src/core/trace'
import { readOutbox } from '../src/server/bids/sentBids'
import { readAround } from '../src/server/calendar'
import type { Member } from '../src/server/http'
import { applyChanges } from '../src/server/jobs/applyChanges'
import { readJobSnapshot } from '../src/server/jobs/readJobs'
import { answerOrder, readOwnerOrders } from '../src/server/orders/ownerOrder'
import { settleOrders } from '../src/server/orders/settle'
import { uploadPhoto } from '../src/server/photos/pictures'

export const now = (): string => `${new Date().toISOString().slice(0, 19)}Z`
const today = (): string => now().slice(0, 10)

export function made<K extends EntityKind>(kind: K, body: EntityOf[K] & { id: string }): Change {
  const signed = { id: randomUUID(), schema: JOB_VERSION, made_at: now(), device: 'demo' }
  return { ...signed, op: 'create', entity: { kind, id: body.id }, body }
}

type Found = {
  readonly finding: number
  readonly finds: Readonly<Record<string, number>>
  readonly words: string
  /** What had done it, as it was seen; left out: nobody saw. */
  readonly caused_by?: CauseId
}

async function open(member: Member, jobId: string, of: Found): Promise<void> {
  const { job } = await readJobSnapshot(member, jobId)
  const derived = derive(job, today())
  const behind = derived.job.findings.find(({ number }) => number === of.finding)!
  const caption = `behind finding ${of.finding}`
  const stored = await uploadPhoto(
    member,
    jobId,
    await drawnPhoto({ caption, tint: '#cdb48a', damage: 'sill' }),
  )
  const photo = { id: randomUUID(), removed: false, caption, place: behind.place, canvas: null, marks: [] }
  const has = Object.keys(of.finds).length > 0
  const works = Object.entries(of.finds).map(([id, count]) => {
    const ids = { finding: randomUUID(), item: randomUUID() }
    const find = FINDS.find((each) => each.id === id)!
    return { id, count, ...foundWork(find, count, { behind, ids, by: 'Dov Harrow', photo_ids: [photo.id] }) }
  })
  await applyChanges(member, jobId, {
    known: 0,
    changes: [
      ...(has ? [made('photo', { ...photo, order: 90_000 + of.finding, ...stored })] : []),
      ...works.flatMap(({ finding, item }) => [made('finding', finding), made('work_item', item)]),
      made('opened_place', {
        id: randomUUID(),
        removed: false,
        finding_id: behind.id,
        opened_on: today(),
        opened_by: 'Dov Harrow',
        guess: guessOf(behind, derived),
        told: toldOf(behind, derived),
        caused_by: of.caused_by ?? null,
        found: works.map(({ id, count, item }) => ({ find: id, count, item_id: item.id })),
        taped: null,
        said: behind.extent,
        words: of.words,
        tonight: '',
        photo_ids: has ? [photo.id] : [],
      }),
    ],
  })
}

/** Asks for all that is not asked yet, as the estimator would from his phone. */
async function ask(member: Member, jobId: string, words: string): Promise<string> {
  const { job } = await readJobSnapshot(member, jobId)
  const around = await readAround(member, jobId)
  const baseline = around.baseline!
  const draft = draftOrder({
    derived: derive(job, today(), {}, around),
    baseline,
    orders: ordersOf(job, around.orders, baseline),
    today: today(),
    around,
  })
  const { lines, tax_cents, total_cents, crew_days, ends_before, ends_after } = draft
  const items = new Set(lines.map(({ item_id }) => item_id))
  const photo_ids = job.opened_places
    .filter(({ found }) => found.some(({ item_id }) => items.has(item_id)))
    .flatMap((each) => each.photo_ids)
  const order: ChangeOrder = {
    ...{ id: randomUUID(), removed: false, bid_id: baseline.bid_id, made_at: now(), made_by: member.name },
    ...{ lines, tax_cents, total_cents, crew_days, ends_before, ends_after, words, tonight: '', photo_ids },
  }
  await applyChanges(member, jobId, { known: 0, changes: [made('change_order', order)] })
  await settleOrders(member, jobId)
  return order.id
}

export async function begunWork(member: Member, jobId: string, owner: string): Promise<void> {
  await open(member, jobId, {
    finding: 4,
    finds: { sheathing: 1, stud: 2 },
    caused_by: 'joint-open',
    words: 'Behind the sill the sheathing is black and two studs are soft at the foot.',
  })
  await open(member, jobId, { finding: 2, finds: {}, words: '' })
  const order_id = await ask(
    member,
    jobId,
    'Behind the sill of the right front window the sheathing is black and two studs are soft at the foot.',
  )
  const letter = (await readOutbox(member)).find(({ subject }) => subject.startsWith('Change order 1'))!
  const token = /\/o\/([\w-]+)/.exec(letter.body)![1]!
  const { hash } = (await readOwnerOrders(token)).order!
  await answerOrder(token, { order_id, says: 'yes', name: owner, role: 'owns', hash })
  await open(member, jobId, {
    finding: 9,
    finds: { 'rafter-tail': 1 },
    caused_by: 'gutter-overflow',
    words: 'One rafter end is soft at its tip.',
  })
  const second = await ask(
    member,
    jobId,
    'Behind the board under the back gutter one rafter end is soft at its tip.',
  )
  // This one he said on the estimator's phone.
  const answer = { id: randomUUID(), removed: false, order_id: second, says: 'yes' as const, name: owner }
  await applyChanges(member, jobId, {
    known: 0,
    changes: [made('order_answer', { ...answer, role: 'owns', signature: [], said_at: now() })],
  })
  await settleOrders(member, jobId)
}

/** A small job with one board off and a find that waits for its owner's word. */
export async function waitingWork(member: Member, jobId: string): Promise<void> {
  const { job } = await readJobSnapshot(member, jobId)
  const derived = derive(job, today())
  const finding = derived.job.findings.find((each) => findsBehind(each, derived).length > 0)
  const [find] = finding ? findsBehind(finding, derived) : []
  if (!finding || !find) return
  const words = 'It is soft behind the board as well.'
  await open(member, jobId, { finding: finding.number!, finds: { [find.id]: 1 }, words })
  await ask(member, jobId, words)
}
