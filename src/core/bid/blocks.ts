import type { Drawing } from '../house'
import { OWNER_SAYS } from '../catalogue/sentences/owner'
import { dayWords, formatLength, wholeDollars, type Cents, type Length } from '../measure'
import type { BidBlock, BidSection } from './bidBlock'
import type { BidHazardLine, BidModel } from './bidModel'
import { paymentsOf } from './payments'
import {
  alsoSeen,
  besideTable,
  cents,
  choiceBlock,
  joined,
  morePictures,
  placeSums,
  Said,
  shownPrices,
  workBlocks,
  type ShownPrices,
} from './workBlocks'
import { waysOf } from './ways'

export type { BidBlock, BidPicture, BidSection } from './bidBlock'

/** Sources and fixes read better as pairs than as a paragraph. */
const SOURCES_CLAUSE = 8

function hazardBlock(hazard: BidHazardLine): BidBlock {
  return {
    kind: 'hazard',
    flag: hazard.keep_off ? 'KEEP OFF' : null,
    head: `${hazard.where}: ${hazard.what}.`,
    says: `What can happen: ${hazard.can_happen}. ${hazard.do_now}`,
    who: hazard.who,
  }
}

const totalName = ({ tax_words }: BidModel): string =>
  `Total${tax_words === 'included' ? ', tax included' : ''}`

function sumBlock(model: BidModel): BidBlock {
  const included = model.tax_words === 'included'
  const { adjustment, discount } = model
  return {
    kind: 'sum',
    rows: [
      ...(adjustment
        ? [{ name: joined(['Adjustment', adjustment.reason], ': '), amount: cents(adjustment.cents) }]
        : []),
      ...(discount
        ? [{ name: joined(['Discount', discount.reason], ': '), amount: `− ${cents(discount.cents)}` }]
        : []),
      ...(included ? [] : [{ name: 'Sales tax', amount: cents(model.tax_cents) }]),
    ],
    name: totalName(model),
    amount: cents(model.total_cents),
  }
}

/** What is promised of which work, each promise once. */
function warrantyTable(model: BidModel): BidBlock[] {
  const by = new Map<string, Set<string>>()
  for (const { warranty, title } of model.items)
    by.set(warranty, (by.get(warranty) ?? new Set<string>()).add(title))
  const rows = [...by].map(([promise, titles]) => [
    by.size === 1 ? 'All the work' : [...titles].join('; '),
    promise,
  ])
  return rows.length > 0
    ? [{ kind: 'table', name: 'Warranty by item', heads: ['Work', 'We stand for'], rows, amounts: false }]
    : []
}

function responseTable({ response }: BidModel, prices: boolean): BidBlock[] {
  if (!response) return []
  const rows = response.rows.map(({ number, asks, answer, price_cents }) => [
    number,
    asks,
    answer,
    ...(prices ? [price_cents === null ? '' : cents(price_cents)] : []),
  ])
  const heads = ['No.', 'Asked for', 'Our answer', ...(prices ? ['Price'] : [])]
  return [{ kind: 'table', name: response.heading, heads, rows, amounts: prices }]
}

const sideWords = (side: Drawing['sides'][number]): string =>
  `${side.letter} ${side.facing}${side.open ? '' : ` ${formatLength(side.length as Length)}`}`

function clauseBlock(clause: BidModel['clauses'][number], model: BidModel): BidBlock {
  if (clause.number !== SOURCES_CLAUSE) return { kind: 'clause', heading: clause.heading, text: clause.text }
  return {
    kind: 'pairs',
    heading: clause.heading,
    rows: model.source_pairs.map(({ source, sure, findings, standing }) => {
      return { source, sure, findings, fix: standing }
    }),
  }
}

/** What a bid says of the accepted one whose place it takes. */
function replacesWords({ number, total_cents, accepted_by, accepted_on }: NonNullable<BidModel['replaces']>) {
  return `This bid takes the place of bid ${number} for ${cents(total_cents)}, accepted by ${accepted_by} on ${dayWords(accepted_on)}, once it is accepted itself. Until then that one stands.`
}

function head(model: BidModel, prices: boolean): BidBlock[] {
  return [
    {
      kind: 'letterhead',
      firm: joined([model.firm.name, model.firm.place], ', '),
      logo: model.firm.logo_sha256 ?? null,
      title: model.title || 'Repair bid',
      address: model.address,
      days: [`Prepared ${dayWords(model.prepared_on)}`, `stands until ${dayWords(model.valid_until)}`],
      total: prices ? { name: totalName(model), amount: cents(model.total_cents) } : null,
    },
    ...(model.lead ? [{ kind: 'words', text: model.lead, tone: 'plain' } as const] : []),
    ...(model.opening ? [{ kind: 'words', text: model.opening, tone: 'plain' } as const] : []),
    ...(model.replaces
      ? [{ kind: 'words', text: replacesWords(model.replaces), tone: 'plain' } as const]
      : []),
  ]
}

function drawings(model: BidModel): BidBlock[] {
  if (model.drawings.length === 0) return []
  return [
    ...model.drawings.map(({ px, drawing }): BidBlock => {
      return { kind: 'drawing', px, drawing, under: drawing.sides.map(sideWords).join('     ') }
    }),
    {
      kind: 'words',
      text: 'The outside walls laid side by side: front, right, back, left. Numbers are the spots; slanted lines were not looked at.',
      tone: 'quiet',
    },
  ]
}

/** What it comes to by place, what may be chosen besides, and where to sign. */
function glance(model: BidModel, shown: ShownPrices): BidBlock[] {
  const options = model.beside.filter(({ takeable }) => takeable)
  const besides = [...new Set([...options.map(({ title }) => title), ...model.looks.map(({ says }) => says)])]
  const rows = placeSums(model).map(({ name, count, amount }) => [
    name,
    count === 1 ? 'one item' : `${count} items`,
    amount,
  ])
  return [
    ...(shown.places
      ? [
          {
            kind: 'table',
            name: 'Price by place',
            heads: ['Where', 'Work', 'Price'],
            rows,
            amounts: true,
          } as const,
        ]
      : []),
    sumBlock(model),
    ...dueWords(model),
    ...waysTable(model),
    ...(besides.length > 0
      ? [
          {
            kind: 'words',
            text: `May be chosen besides, priced under “Your choices”: ${besides.join('; ')}.`,
            tone: 'quiet',
          } as const,
        ]
      : []),
    { kind: 'sign', text: 'Accepted as it stands here, all of it (name, date):' },
  ]
}

/** Ways to have the whole of it, each with its sum. */
function waysTable(model: BidModel): BidBlock[] {
  const rows = waysOf(model).map(({ says, total_cents }) => [says, cents(total_cents)])
  return rows.length > 0
    ? [{ kind: 'table', name: 'Ways to have it', heads: ['Way', totalName(model)], rows, amounts: true }]
    : []
}

/** What is to be expected behind the boards, what finds cost, and who decides. */
function findsBlocks({ finds, expects, go_on }: BidModel): BidBlock[] {
  const range: BidBlock[] = expects
    ? [
        {
          kind: 'words',
          text: OWNER_SAYS.expects(
            round(expects.low_cents),
            round(expects.high_cents),
            go_on === null || go_on.most_cents === 0,
          ),
          tone: 'plain',
        },
      ]
    : []
  if (finds.length === 0) return range
  const rows = finds.map(({ what, first_cents, further_cents }) => [
    what,
    cents(first_cents),
    cents(further_cents),
  ])
  return [
    ...range,
    { kind: 'words', text: go_on === null ? OWNER_SAYS.finds : findsRule(go_on), tone: 'plain' },
    {
      kind: 'table',
      name: 'Prices of what may be found',
      heads: ['What', 'The first', 'Each further one there'],
      rows,
      amounts: true,
    },
  ]
}

/** Who decides about a find, how fast, and what happens where nobody answers. */
function findsRule({ most_cents, answer_hours, hour_cents }: NonNullable<BidModel['go_on']>): string {
  return [
    OWNER_SAYS.findsAgreed,
    most_cents > 0 ? OWNER_SAYS.goOn(cents(most_cents)) : OWNER_SAYS.waitForYes,
    OWNER_SAYS.noAnswer(answer_hours, cents(hour_cents)),
  ].join(' ')
}

/** A range is no figure to the cent. */
const round = (amount: number): string => wholeDollars(amount as Cents)

/** What the same work may come to later: a range with what it assumes, and what loses nothing. */
function waitingBlocks({ waiting }: BidModel): BidBlock[] {
  if (!waiting) return []
  const rows = waiting.rows.map(({ years, low_cents, high_cents }) => [
    OWNER_SAYS.inYears(years),
    OWNER_SAYS.between(round(low_cents), round(high_cents)),
  ])
  return [
    { kind: 'words', text: OWNER_SAYS.waits(cents(waiting.now_cents)), tone: 'plain' },
    { kind: 'table', name: 'If it waits', heads: ['When', 'What it may come to'], rows, amounts: false },
    { kind: 'words', text: `It is: ${waiting.works.join('; ')}. ${OWNER_SAYS.waitsAssume}`, tone: 'quiet' },
    ...(waiting.can_wait.length > 0
      ? [{ kind: 'words', text: OWNER_SAYS.canWait(waiting.can_wait), tone: 'plain' } as const]
      : []),
  ]
}

/** What was measured, place by place. */
function measuredTable({ measured }: BidModel): BidBlock[] {
  if (measured.length === 0) return []
  const rows = measured.map(({ where, day, says }) => [where, says, dayWords(day)])
  return [
    { kind: 'table', name: 'Measured', heads: ['Where', 'What it came to', 'Read on'], rows, amounts: false },
    { kind: 'words', text: OWNER_SAYS.measured, tone: 'quiet' },
  ]
}

/** The same in a line, for a page that has no room for a table. */
function dueWords(model: BidModel): BidBlock[] {
  const due = paymentsOf(model.total_cents, model.payments).map(
    ({ when, cents: amount }) => `${cents(amount)} ${when}`,
  )
  return due.length > 0 ? [{ kind: 'words', text: `Due: ${due.join('; ')}.`, tone: 'quiet' }] : []
}

/** What is due when. */
function paymentsTable(model: BidModel): BidBlock[] {
  const rows = paymentsOf(model.total_cents, model.payments).map(({ when, cents: due }) => [when, cents(due)])
  return rows.length > 0
    ? [{ kind: 'table', name: 'Payments', heads: ['Due', 'How much'], rows, amounts: true }]
    : []
}

/** A clause that stands under a head of its own. */
const bare = (block: BidBlock): BidBlock =>
  block.kind === 'clause' ? { kind: 'words', text: block.text, tone: 'plain' } : block

/** Clauses that stand elsewhere in a bid: sources as pairs, a list as its table, what is not looked at where it is drawn. */
const WARRANTY_CLAUSE = 26
const PAYMENTS_CLAUSE = 23
const LIST_CLAUSE = 32
const LOOKED_CLAUSE = 4
const STANDS_ELSEWHERE: ReadonlySet<number> = new Set([
  SOURCES_CLAUSE,
  WARRANTY_CLAUSE,
  PAYMENTS_CLAUSE,
  LIST_CLAUSE,
  LOOKED_CLAUSE,
])

/** The work by name, each with its place and price, under no head: for one page. */
function workTable(model: BidModel, shown: ShownPrices): BidBlock[] {
  const rows = model.items.map(({ title, where, price_cents }) => [
    title,
    where,
    ...(shown.each ? [cents(price_cents)] : []),
  ])
  const heads = ['Work', 'Where', ...(shown.each ? ['Price'] : [])]
  return rows.length > 0 ? [{ kind: 'table', name: 'The work', heads, rows, amounts: shown.each }] : []
}

/** Above so many pieces of work, one page tells what each place comes to. */
const SHORT_ROWS = 14

/** The bid on one page. What holds besides stands in the long one, and it says so. */
function shortSections(model: BidModel, prices: boolean): BidSection[] {
  const shown = shownPrices(model, prices)
  const rows = model.items.length <= SHORT_ROWS ? workTable(model, { ...shown, places: false }) : []
  const summed = rows.length > 0 ? glance(model, { ...shown, places: false }) : glance(model, shown)
  const section = (name: string, blocks: readonly BidBlock[], headed = true): BidSection[] =>
    blocks.length > 0 ? [{ name, headed, folds: false, blocks }] : []
  return [
    ...section('Bid', head(model, prices), false),
    ...section('Read this first', model.hazards.map(hazardBlock)),
    ...section('Where it is', drawings(model).slice(0, -1)),
    ...section('What it comes to', [...rows, ...(prices ? summed : [])]),
    ...section('Terms', [{ kind: 'words', text: OWNER_SAYS.shortOf, tone: 'quiet' }], false),
  ]
}

/**
 * A bid in sections of blocks, in the order it is read: what was found and hazards first, then where it is, what is done and what it
 * costs, what may be chosen, why it is wet, what is not in it, terms. Screen and paper print the same ones.
 *
 * @param of.prices false for a face without money: no figure stands there, not even a nought
 * @param of.short one page: what was found, hazards, where it is, the work by name with its price, the sum, where to sign
 * @param of.paper its first page alone is enough to sign: the price by place, the choices, where to sign
 */
export function sectionsOf(
  model: BidModel,
  {
    prices,
    paper = false,
    short = false,
  }: { readonly prices: boolean; readonly paper?: boolean; readonly short?: boolean },
): BidSection[] {
  if (short) return shortSections(model, prices)
  const section = (
    name: string,
    blocks: readonly BidBlock[],
    more: Partial<BidSection> = {},
  ): BidSection[] => (blocks.length > 0 ? [{ name, headed: true, folds: false, blocks, ...more }] : [])
  const said = new Said()
  const shown = shownPrices(model, prices)
  const clauseOf = (number: number): BidBlock[] =>
    model.clauses.filter((each) => each.number === number).map((each) => clauseBlock(each, model))
  const looked = model.clauses.find(({ number }) => number === LOOKED_CLAUSE)
  return [
    ...section('Bid', head(model, prices), { headed: false }),
    ...section('Read this first', model.hazards.map(hazardBlock)),
    ...section('More cautions', model.more_hazards.map(hazardBlock), { folds: true }),
    ...(paper ? section('What it comes to', glance(model, shown)) : []),
    ...section('Where it is', [
      ...drawings(model),
      ...(looked ? [{ kind: 'words', text: looked.text, tone: 'plain' } as const] : []),
    ]),
    ...section('What we propose', [...workBlocks(model, shown, said), ...(prices ? [sumBlock(model)] : [])]),
    ...section('Your choices', [
      ...(prices ? waysTable(model) : []),
      ...model.beside
        .filter(({ takeable }) => takeable)
        .map((item) => choiceBlock(item, model, prices, said)),
      ...(prices
        ? model.looks.map((look): BidBlock => {
            return {
              kind: 'work',
              id: look.id,
              title: look.says,
              amount: `+ ${cents(look.price_cents)}`,
              under: '',
              says: '',
              lasts: '',
              knows: [],
              pictures: [],
            }
          })
        : []),
    ]),
    ...(prices ? section('If we find more', findsBlocks(model)) : []),
    ...section('What we measured', measuredTable(model)),
    ...section('Why it is damaged', clauseOf(SOURCES_CLAUSE)),
    ...section('Your list', responseTable(model, shown.each)),
    ...section('Not in the price', besideTable(model)),
    ...section('Also seen', alsoSeen(model, said)),
    ...(prices ? section('If it waits', waitingBlocks(model)) : []),
    ...(prices
      ? section('When it is paid', [...paymentsTable(model), ...clauseOf(PAYMENTS_CLAUSE).map(bare)])
      : []),
    ...section('Warranty', [...warrantyTable(model), ...clauseOf(WARRANTY_CLAUSE).map(bare)]),
    ...section('More pictures', morePictures(model, said)),
    ...section(
      'Terms',
      [
        ...model.clauses
          .filter(({ number }) => !STANDS_ELSEWHERE.has(number))
          .map((clause) => clauseBlock(clause, model)),
        { kind: 'words', text: model.local_code, tone: 'strong' },
        ...(model.closing ? [{ kind: 'words', text: model.closing, tone: 'plain' } as const] : []),
        ...(model.firm.licence ? [{ kind: 'words', text: model.firm.licence, tone: 'quiet' } as const] : []),
      ],
      { headed: false },
    ),
  ]
}
