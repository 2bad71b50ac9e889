import { dayWords, type Cents } from '../measure'
import { basisWords } from '../price/basis'
import type { BidBlock, BidSection, Stroke } from './bidBlock'
import type { BidModel } from './bidModel'
import { chosenTotal, type Choice } from './choose'
import { paymentsOf } from './payments'
import { cents } from './workBlocks'

/** What was said yes to, by whom, and the seal of what he saw. */
export type AcceptedBid = {
  readonly by: string
  /** As what: the owner, the one who pays, an agent. */
  readonly as: string
  readonly on: string
  readonly choice: Choice
  readonly total_cents: Cents
  readonly number: number
  readonly hash: string
  /** Drawn on the glass; empty where a name was typed alone. */
  readonly strokes: readonly Stroke[]
}

/** The acceptance on paper: what is done, what is left out and stays open, what it comes to and when that is due, who said yes. */
export function acceptedSections(model: BidModel, accepted: AcceptedBid): BidSection[] {
  const { choice } = accepted
  const chosen = chosenTotal(model, choice)
  const done = new Set(chosen.ok ? chosen.value.items : model.items.map(({ id }) => id))
  const replaced = new Set(chosen.ok ? chosen.value.replaced : [])
  const each = model.shows.prices === 'each'
  const rows = [
    ...model.items
      .filter(({ id }) => done.has(id))
      .map(({ title, where, price_cents, basis }) => [
        [title, basisWords(basis)].filter(Boolean).join('. '),
        where,
        ...(each ? [cents(price_cents)] : []),
      ]),
    ...model.beside
      .filter(({ id, takeable }) => takeable && choice.taken.includes(id))
      .map(({ title, where, price_cents, basis }) => [
        [title, basisWords(basis)].filter(Boolean).join('. '),
        where,
        ...(each ? [cents(price_cents ?? 0)] : []),
      ]),
    ...model.looks
      .filter(({ id }) => choice.looks.includes(id))
      .map(({ says, price_cents }) => [says, '', ...(each ? [cents(price_cents)] : [])]),
  ]
  const left = model.items.filter(({ id }) => !done.has(id) && !replaced.has(id))
  const due = paymentsOf(accepted.total_cents, model.payments).map(({ when, cents: amount }) => [
    when,
    cents(amount),
  ])
  const section = (name: string, blocks: readonly BidBlock[], headed = true): BidSection[] =>
    blocks.length > 0 ? [{ name, headed, folds: false, blocks }] : []
  return [
    ...section(
      'Bid',
      [
        {
          kind: 'letterhead',
          firm: [model.firm.name, model.firm.place].filter(Boolean).join(', '),
          logo: model.firm.logo_sha256 ?? null,
          title: `Accepted: ${model.title || 'repairs'}`,
          address: model.address,
          days: [`Bid ${accepted.number} of ${dayWords(model.prepared_on)}`],
          total: { name: 'Accepted', amount: cents(accepted.total_cents) },
        },
        {
          kind: 'words',
          text: `${accepted.by}, ${accepted.as}, accepted this on ${dayWords(accepted.on)}. The bid it was chosen from is part of it; its seal is ${accepted.hash}.`,
          tone: 'plain',
        },
      ],
      false,
    ),
    ...section('What is done', [
      {
        kind: 'table',
        name: 'What is done',
        heads: ['Work', 'Where', ...(each ? ['Price'] : [])],
        rows,
        amounts: each,
      },
      {
        kind: 'sum',
        rows: [],
        name: 'It comes to',
        amount: cents(accepted.total_cents),
      },
      ...(each && left.length + choice.taken.length > 0
        ? [
            {
              kind: 'words',
              text: 'What is shared with work that is left out stays with the rest: the sum is less by what leaving it out saves, not by its price.',
              tone: 'quiet',
            } as const,
          ]
        : []),
    ]),
    ...section(
      'Left out, and still open',
      left.length === 0
        ? []
        : [
            {
              kind: 'table',
              name: 'Left out',
              heads: ['Work', 'What follows'],
              rows: left.map(({ title, where, left_out }) => [`${title} (${where})`, left_out]),
              amounts: false,
            },
          ],
    ),
    ...section(
      'When it is paid',
      due.length === 0
        ? []
        : [{ kind: 'table', name: 'Payments', heads: ['Due', 'How much'], rows: due, amounts: true }],
    ),
    ...section('Signed', [
      { kind: 'signed', text: `${accepted.by}, ${dayWords(accepted.on)}`, strokes: accepted.strokes },
    ]),
  ]
}
