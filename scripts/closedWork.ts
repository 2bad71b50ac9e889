/** Brings demo jobs from open boards to their end: hours, goods, receipts, what is done with pictures, invoices, and handed over. */
import { randomUUID } from 'node:crypto'
import { drawnPhoto } from '../demo/photos'
import { nextInvoice, tallyOf } from '../src/core/close'
import { rowsOf } from '../src/core/firmValues'
import { JOB_VERSION, type Change, type WorkSpell } from '../src/core/job'
import { dayAfter, weekday, type Cents } from '../src/core/measure'
import { momentAt } from '../src/core/measure/zoned'
import { ordersOf } from '../src/core/open'
import { derive } from '../src/core/pipeline'
import { readAround } from '../src/server/calendar'
import { sendHandover } from '../src/server/close/handover'
import type { Member } from '../src/server/http'
import { applyChanges } from '../src/server/jobs/applyChanges'
import { sayOfJob } from '../src/server/jobs/office'
import { readJobSnapshot } from '../src/server/jobs/readJobs'
import { uploadPhoto } from '../src/server/photos/pictures'
import { made, now } from './begunWork'

/** How long work of a kind took against what was reckoned, in the invented firm; what is not named took as long. */
const TOOK: Readonly<Record<string, number>> = {
  'piece-in': 1.3,
  'replace-member': 1.1,
  'prime-and-paint': 0.85,
  'paint-side': 0.95,
  'replace-course': 1.2,
  'head-flashing': 1.4,
  're-seal': 0.8,
}
const PEOPLE = 2
const DAY_H = 7.25
/** Pictures of how it looks now are drawn for so many pieces of work. */
const PICTURES = 4

/** A day and an hour of the place as a moment; hours past noon carry on. */
function clock(day: string, hours: number, zone: string): string {
  const minutes = Math.round(hours * 60)
  const text = `${String(Math.floor(minutes / 60)).padStart(2, '0')}:${String(minutes % 60).padStart(2, '0')}`
  return momentAt(`${day}T${text}`, zone)!
}

const nextWorkday = (day: string): string => {
  let next = dayAfter(day, 1)
  while (weekday(next) > 5) next = dayAfter(next, 1)
  return next
}

/** Stretches of two people, one after another, day by day from eight in the morning. */
class DayBook {
  readonly spells: WorkSpell[] = []
  private at = 8.5
  constructor(
    private day: string,
    private readonly zone: string,
  ) {
    this.drive()
  }
  /** There and back, and to the yard at noon. */
  private drive(): void {
    this.add({ kind: 'along', what: 'travel' }, 7.75, 8.5)
    this.add({ kind: 'along', what: 'supply' }, 8.5 + DAY_H, 8.5 + DAY_H + 0.75)
  }
  private add(on: WorkSpell['on'], from: number, to: number): void {
    this.spells.push({
      ...{ id: randomUUID(), removed: false, on, by: 'Dov Harrow', people: PEOPLE, pause_min: 0 },
      ...{ began_at: clock(this.day, from, this.zone), ended_at: clock(this.day, to, this.zone) },
      ...{ how: 'clock' as const, words: '' },
    })
  }
  /** So many hours of all together. */
  spend(on: WorkSpell['on'], hours: number): void {
    let left = hours / PEOPLE
    while (left > 0.01) {
      const room = 8.5 + DAY_H - this.at
      if (room < 0.05) {
        this.day = nextWorkday(this.day)
        this.at = 8.5
        this.drive()
        continue
      }
      const now = Math.min(room, left)
      this.add(on, this.at, this.at + now)
      this.at += now
      left -= now
    }
  }
  get last(): string {
    return this.day
  }
}

async function finish(
  member: Member,
  jobId: string,
  items: readonly { item_id: string; title: string; on: string }[],
): Promise<Change[]> {
  const changes: Change[] = []
  for (const [index, { item_id, title, on }] of items.entries()) {
    const photo_ids: string[] = []
    if (index < PICTURES) {
      const caption = `${title}, done`.slice(0, 60)
      const stored = await uploadPhoto(
        member,
        jobId,
        await drawnPhoto({ caption, tint: '#a9b8a5', damage: 'mended' }),
      )
      const id = randomUUID()
      const photo = { id, removed: false, caption, place: { kind: 'none' as const }, canvas: null, marks: [] }
      changes.push(made('photo', { ...photo, order: 95_000 + index, ...stored }))
      photo_ids.push(id)
    }
    const words = index === 0 ? 'The framing read 12 % before we closed it.' : ''
    changes.push(
      made('finished_item', {
        id: randomUUID(),
        removed: false,
        item_id,
        on,
        by: 'Dov Harrow',
        words,
        photo_ids,
      }),
    )
  }
  return changes
}

/** @param of.from first day of the work; `owes`: the last invoice is not paid yet */
export async function closedWork(
  member: Member,
  jobId: string,
  of: { readonly from: string; readonly owes: boolean },
): Promise<void> {
  const { job } = await readJobSnapshot(member, jobId)
  const around = await readAround(member, jobId)
  const baseline = around.baseline!
  const derived = derive(job, of.from)
  const tally = tallyOf(derived, around.accepted, new Date(`${of.from}T00:00:00Z`))
  const zone = job.job.time_zone
  const book = new DayBook(of.from, zone)
  const finished: { item_id: string; title: string; on: string }[] = []
  book.spend({ kind: 'job', task: null }, tally.shared.estimate.typical * 1.05)
  for (const [index, item] of tally.items.entries()) {
    const took = TOOK[item.method] ?? 1
    // Of every third piece of work nobody said the task.
    if (index % 3 === 2)
      book.spend({ kind: 'item', item_id: item.item_id, task: null }, item.estimate.typical * took)
    else
      for (const { task, estimate } of item.tasks)
        book.spend({ kind: 'item', item_id: item.item_id, task }, estimate.typical * took)
    finished.push({ item_id: item.item_id, title: item.title, on: book.last })
  }
  const on = book.last
  const signed = { removed: false, by: 'Dov Harrow' }
  const goods = derived.cut.goods.filter(({ kind, used }) => kind === 'bought' && used > 0).slice(0, 3)
  const bought =
    derived.price.kind === 'priced'
      ? derived.price.lines.reduce((sum, { bought_cents }) => sum + bought_cents, 0)
      : 0
  const receipt = (share: number, from: string, kind: 'material' | 'disposal' = 'material') =>
    made('receipt', {
      ...{
        id: randomUUID(),
        removed: false,
        kind,
        on: of.from,
        from,
        item_id: null,
        words: '',
        photo_ids: [],
      },
      cents: Math.round(bought * share) as Cents,
    })
  await applyChanges(member, jobId, {
    known: 0,
    changes: [
      ...(job.plan
        ? [
            {
              ...{
                id: randomUUID(),
                schema: JOB_VERSION,
                made_at: now(),
                device: 'demo',
                op: 'set' as const,
              },
              entity: { kind: 'plan' as const, id: job.plan.id },
              base: 0,
              fields: { start: of.from, finish_by: null },
            },
          ]
        : [
            made('plan', {
              ...{ id: 'plan', removed: false, start: of.from, finish_by: null },
              ...{ crews: around.crews.slice(0, 1), week: [1, 2, 3, 4, 5], order: [] },
            }),
          ]),
      ...book.spells.map((spell) => made('work_spell', spell)),
      ...goods.map(({ good, name, unit, bought: quantity, used }) =>
        made('bought_good', {
          ...{ ...signed, id: randomUUID(), good, what: name, unit, on: of.from, photo_ids: [] },
          quantity: Math.ceil(quantity),
          left: Math.max(0, Math.floor(Math.ceil(quantity) - used)),
        }),
      ),
      receipt(0.7, 'the lumber yard'),
      receipt(0.39, 'the paint shop'),
      receipt(0.03, 'the transfer station', 'disposal'),
      ...(await finish(member, jobId, finished)),
      made('follow_up', {
        ...{ id: randomUUID(), removed: false, item_id: null, done_on: null, saw: '', photo_ids: [] },
        ...{ what: 'Look at all of it before the first year is over', due: dayAfter(on, 330) },
      }),
      made('handover', {
        ...{ ...signed, id: 'handover', on, by: member.name },
        words: 'Thank you for the patience in the week of rain. Call us when anything looks odd.',
      }),
    ],
  })
  await pay(member, jobId, { ...of, on, days: rowsOf(job.settings).invoice_days, bid_id: baseline.bid_id })
  await sendHandover(member, jobId)
  await sayOfJob(member, jobId, { standing: { state: 'closed', on } })
}

/** Stage by stage to the end; each is paid, but for the last where it is still owed. */
async function pay(
  member: Member,
  jobId: string,
  of: { from: string; on: string; days: number; bid_id: string; owes: boolean },
): Promise<void> {
  for (let number = 1; ; number += 1) {
    const { job } = await readJobSnapshot(member, jobId)
    const { baseline, orders } = await readAround(member, jobId)
    const draft = nextInvoice(job, { baseline: baseline!, orders: ordersOf(job, orders, baseline!) })
    if (!draft) return
    const isFirst = number === 1
    const on = isFirst ? dayAfter(of.from, -7) : of.on
    const id = randomUUID()
    const invoice = made('invoice', {
      ...{
        id,
        removed: false,
        number,
        bid_id: of.bid_id,
        made_at: `${on}T17:00:00Z`,
        made_by: member.name,
        on,
      },
      ...{ ...draft, due_on: dayAfter(on, of.days) },
    })
    const isLast = draft.through_stage >= baseline!.payments.stages.length
    const payment = made('payment', {
      ...{ id: randomUUID(), removed: false, invoice_id: id, on: dayAfter(on, 3), cents: draft.total_cents },
      ...{ by: 'check' as const, words: '' },
    })
    await applyChanges(member, jobId, {
      known: 0,
      changes: isLast && of.owes ? [invoice] : [invoice, payment],
    })
  }
}
