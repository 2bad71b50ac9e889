import * as z from 'zod'
import type { BidBlock, BidSection } from '../bid/bidBlock'
import type { Paper } from '../bid/paper'
import { cents } from '../bid/workBlocks'
import { ORDER_SAYS } from '../catalogue/sentences/orders'
import type { ChangeOrder, JobDocument } from '../job'
import { CentsValue, Day, Id, Sha256, ShortWords } from '../job/values'
import { ORDER_LINE_KINDS } from '../job/opened'
import { dayWords, momentWords, type Cents } from '../measure'
import type { Baseline } from './baseline'
import { withinAgreed, type OrderFace } from './orders'

/** A change order as its owner reads it. Frozen when it is put to him. It carries no cost, hours or profit. */
export const OrderModel = z.strictObject({
  format: z.literal('detrimus-change-order'),
  version: z.literal(1),
  id: Id,
  number: z.int().min(1),
  bid: z.strictObject({ id: z.string(), number: z.int(), accepted_by: z.string(), accepted_on: Day }),
  title: z.string(),
  address: z.string(),
  firm: z.strictObject({ name: z.string(), place: z.string(), licence: z.string() }),
  time_zone: z.string(),
  made_on: Day,
  made_by: ShortWords,
  /** Why, in plain words. */
  words: z.string(),
  lines: z.array(
    z.strictObject({
      kind: z.enum(ORDER_LINE_KINDS),
      item_id: Id,
      title: z.string(),
      where: z.string(),
      quantity: z.string(),
      cents: CentsValue,
      reckoned: z.string(),
    }),
  ),
  tax_cents: CentsValue,
  total_cents: CentsValue,
  /** What it does to the days of the work. */
  days: z.string(),
  tonight: z.string(),
  /** The crew goes on with it before it is answered; the sum up to which that was agreed. */
  goes_on_cents: CentsValue.nullable(),
  /** What is agreed without it, and with it. */
  agreed: z.strictObject({
    bid_cents: CentsValue,
    changes_cents: CentsValue,
    with_cents: CentsValue,
  }),
  pictures: z.array(z.strictObject({ sha256: Sha256, caption: z.string() })),
})
export type OrderModel = z.infer<typeof OrderModel>

/** What an order does to the days of the work, in words. */
export function orderDays({
  ends_before,
  ends_after,
  crew_days,
}: Pick<ChangeOrder, 'ends_before' | 'ends_after' | 'crew_days'>): string {
  const takes =
    crew_days > 0
      ? ORDER_SAYS.moreDays(crew_days)
      : crew_days < 0
        ? ORDER_SAYS.lessDays(-crew_days)
        : ORDER_SAYS.sameDays
  if (ends_before === null || ends_after === null) return takes
  const end =
    ends_before === ends_after
      ? ORDER_SAYS.keepsEnd(dayWords(ends_after))
      : ORDER_SAYS.movesEnd(dayWords(ends_before), dayWords(ends_after))
  return `${takes} ${end}`
}

/** What was said to it, and when: a moment. */
export type OrderSigned = {
  readonly says: 'yes' | 'no'
  readonly by: string
  readonly at: string
  readonly onGlass: boolean
}

/** A change order in the sections its printers print: the sum first, then why, what, the days, and what is agreed with it. */
export function orderSections(model: OrderModel, signed: OrderSigned | null = null): BidSection[] {
  const { firm, lines, agreed } = model
  const words = (text: string, tone: 'plain' | 'quiet' | 'waiting' = 'plain'): BidBlock[] =>
    text ? [{ kind: 'words', text, tone }] : []
  const rows = lines.map(({ title, where, quantity, reckoned, cents: amount }) => [
    [quantity && `${quantity} × `, title].filter(Boolean).join(''),
    [where, reckoned].filter(Boolean).join('. '),
    cents(amount),
  ])
  const section = (name: string, blocks: readonly BidBlock[], headed = true): BidSection[] =>
    blocks.length > 0 ? [{ name, headed, folds: false, blocks }] : []
  return [
    ...section(
      'Change order',
      [
        {
          kind: 'letterhead',
          firm: [firm.name, firm.place].filter(Boolean).join(', '),
          logo: null,
          title: ORDER_SAYS.title(model.number, model.bid.number),
          address: [model.title, model.address]
            .filter((each, at, all) => all.indexOf(each) === at)
            .join(', '),
          days: [dayWords(model.made_on), model.made_by],
          total: { name: 'This change', amount: cents(model.total_cents) },
        },
        ...words(model.words),
        // Once he has answered, nobody waits.
        ...words(
          signed !== null
            ? ''
            : model.goes_on_cents === null
              ? ORDER_SAYS.asks
              : ORDER_SAYS.goesOn(cents(model.goes_on_cents)),
        ),
      ],
      false,
    ),
    ...section('What changes', [
      {
        kind: 'table',
        name: 'What changes',
        heads: ['What', 'Where and how reckoned', 'Price'],
        rows,
        amounts: true,
      },
      {
        kind: 'sum',
        rows: model.tax_cents === 0 ? [] : [{ name: 'Sales tax', amount: cents(model.tax_cents) }],
        name: 'This change',
        amount: cents(model.total_cents),
      },
      ...words(lines.some(({ kind }) => kind === 'taped') ? ORDER_SAYS.taped : '', 'quiet'),
    ]),
    ...section('Days', [
      ...words(model.days),
      ...words(model.tonight ? ORDER_SAYS.tonight(model.tonight) : '', 'waiting'),
    ]),
    ...section('What is agreed with it', [
      {
        kind: 'sum',
        rows: [
          { name: `Bid ${model.bid.number}, as accepted`, amount: cents(agreed.bid_cents) },
          ...(agreed.changes_cents === 0
            ? []
            : [{ name: 'Changes agreed before', amount: cents(agreed.changes_cents) }]),
          { name: 'This change', amount: cents(model.total_cents) },
        ],
        name: 'Agreed with it',
        amount: cents(agreed.with_cents),
      },
      ...words(ORDER_SAYS.notInIt, 'quiet'),
    ]),
    ...section(
      'Pictures',
      model.pictures.length === 0
        ? []
        : [
            {
              kind: 'pictures',
              pictures: model.pictures.map(({ sha256, caption }) => ({
                sha256,
                alt: caption || 'What was found',
                under: caption,
              })),
            },
          ],
    ),
    ...section(
      'Your word',
      signed === null
        ? [{ kind: 'sign', text: ORDER_SAYS.sign }]
        : words(
            `${signed.by} said ${signed.says} on ${momentWords(signed.at, model.time_zone)}${signed.onGlass ? ', on our phone' : ''}.`,
          ),
      signed !== null,
    ),
    ...section('The firm', words(firm.licence, 'quiet'), false),
  ]
}

/** A change order on paper. */
export function orderPaper(model: OrderModel): Paper {
  const title = ORDER_SAYS.title(model.number, model.bid.number)
  return {
    title: `${title}: ${model.title}`,
    author: model.firm.name,
    foot: `${model.firm.name} · ${title} · ${dayWords(model.made_on)}`,
    size: 'letter',
    sections: orderSections(model),
  }
}

/** An order as its owner reads it, made anywhere: on a phone before it leaves, on the server when it is frozen. */
export function modelOfOrder(of: {
  readonly order: ChangeOrder
  readonly number: number
  readonly baseline: Baseline
  /** The other orders of its bid, in the order they were made. */
  readonly others: readonly {
    readonly order: Pick<ChangeOrder, 'id' | 'lines' | 'total_cents'>
    readonly face: Pick<OrderFace, 'standing'>
  }[]
  readonly job: Pick<JobDocument, 'job' | 'settings'>
  readonly made_on: string
  readonly pictures: OrderModel['pictures']
}): OrderModel {
  const { order, baseline, others, job } = of
  const within = withinAgreed([...others, { order, face: { standing: 'waits' } }], baseline)
  const agreed = others.reduce(
    (sum, { order: { total_cents }, face }) => sum + (face.standing === 'yes' ? total_cents : 0),
    0,
  )
  const { firm_name, firm_place, licence_line } = job.settings
  return orderModel({
    order,
    number: of.number,
    bid: { number: baseline.number, accepted_by: baseline.accepted_by, accepted_on: baseline.accepted_on },
    front: { title: job.job.title, address: job.job.address },
    firm: { name: firm_name, place: firm_place, licence: licence_line },
    made_on: of.made_on,
    time_zone: job.job.time_zone,
    bid_cents: baseline.total_cents,
    changes_cents: agreed as Cents,
    goes_on_cents: within.has(order.id) ? baseline.go_on!.most_cents : null,
    pictures: of.pictures,
  })
}

/** The frozen model of an order, of what was put to the owner and of the job’s front page. */
export function orderModel(of: {
  readonly order: ChangeOrder
  readonly number: number
  readonly bid: { readonly number: number; readonly accepted_by: string; readonly accepted_on: string }
  readonly front: { readonly title: string; readonly address: string }
  readonly firm: OrderModel['firm']
  readonly made_on: string
  readonly time_zone: string
  readonly bid_cents: Cents
  readonly changes_cents: Cents
  readonly goes_on_cents: Cents | null
  readonly pictures: OrderModel['pictures']
}): OrderModel {
  const { order } = of
  return {
    format: 'detrimus-change-order',
    version: 1,
    id: order.id,
    number: of.number,
    bid: { id: order.bid_id, ...of.bid },
    title: of.front.title,
    address: of.front.address,
    firm: of.firm,
    time_zone: of.time_zone,
    made_on: of.made_on,
    made_by: order.made_by,
    words: order.words,
    lines: order.lines,
    tax_cents: order.tax_cents,
    total_cents: order.total_cents,
    days: orderDays(order),
    tonight: order.tonight,
    goes_on_cents: of.goes_on_cents,
    agreed: {
      bid_cents: of.bid_cents,
      changes_cents: of.changes_cents,
      with_cents: (of.bid_cents + of.changes_cents + order.total_cents) as Cents,
    },
    pictures: of.pictures,
  }
}
