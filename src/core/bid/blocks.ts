import type { Drawing } from '../house'
import { OWNER_SAYS } from '../catalogue/sentences/owner'
import { dayWords, formatCents, formatLength, type Cents, type Length } from '../measure'
import type { BidHazardLine, BidModel } from './bidModel'

type Photo = BidModel['findings'][number]['photos'][number]

/** A picture of a finding, with what was drawn over it. */
export type BidPicture = Pick<Photo, 'sha256' | 'drawn'> & { readonly alt: string; readonly under: string }

/** What a bid is made of. A printer knows how each kind looks, and nothing of what a bid says. */
export type BidBlock =
  | {
      readonly kind: 'letterhead'
      readonly firm: string
      /** Hash of the firm's mark. */
      readonly logo: string | null
      readonly title: string
      readonly address: string
      readonly days: readonly string[]
      /** What it comes to, before anything else is read; null on a face without money. */
      readonly total: { readonly name: string; readonly amount: string } | null
    }
  | { readonly kind: 'words'; readonly text: string; readonly tone: 'plain' | 'quiet' | 'strong' | 'waiting' }
  /** A hazard: the flag stands before its heading. */
  | {
      readonly kind: 'hazard'
      readonly flag: string | null
      readonly head: string
      readonly says: string
      readonly who: string
    }
  | { readonly kind: 'drawing'; readonly px: number; readonly drawing: Drawing; readonly under: string }
  /** The head of what is done at one place of the house, with its sum. */
  | { readonly kind: 'place'; readonly name: string; readonly amount: string | null }
  /** A piece of work: what, its amount, where and how much, what was seen and is done, how long it lasts, what must be known of it. */
  | {
      readonly kind: 'work'
      readonly id: string
      readonly title: string
      /** Null on a face without money, and where there is none. */
      readonly amount: string | null
      readonly under: string
      readonly says: string
      readonly lasts: string
      readonly knows: readonly string[]
      readonly pictures: readonly BidPicture[]
    }
  /** Rows under heads; the last column is an amount where `amounts`. */
  | {
      readonly kind: 'table'
      readonly name: string
      readonly heads: readonly string[]
      readonly rows: readonly (readonly string[])[]
      readonly amounts: boolean
    }
  | {
      readonly kind: 'sum'
      readonly rows: readonly { readonly name: string; readonly amount: string }[]
      readonly name: string
      readonly amount: string
    }
  | {
      readonly kind: 'finding'
      readonly number: string
      readonly says: string
      readonly where: string
      readonly pictures: readonly BidPicture[]
    }
  | { readonly kind: 'pictures'; readonly pictures: readonly BidPicture[] }
  | { readonly kind: 'clause'; readonly heading: string; readonly text: string }
  | {
      readonly kind: 'pairs'
      readonly heading: string
      readonly rows: readonly { readonly source: string; readonly findings: string; readonly fix: string }[]
    }

/** A section with its name; one that is not headed stands without one, and one that folds may be opened. */
export type BidSection = {
  readonly name: string
  readonly headed: boolean
  readonly folds: boolean
  readonly blocks: readonly BidBlock[]
}

/** Sources and fixes read better as pairs than as a paragraph. */
const SOURCES_CLAUSE = 8

const cents = (amount: number): string => formatCents(amount as Cents)
const joined = (parts: readonly string[], between: string): string => parts.filter(Boolean).join(between)

function hazardBlock(hazard: BidHazardLine): BidBlock {
  return {
    kind: 'hazard',
    flag: hazard.keep_off ? 'KEEP OFF' : null,
    head: `${hazard.where}: ${hazard.what}.`,
    says: `What can happen: ${hazard.can_happen}. ${hazard.do_now}`,
    who: hazard.who,
  }
}

const spots = (findings: readonly string[]): string =>
  findings.length > 0 ? `${findings.length > 1 ? 'spots' : 'spot'} ${findings.join(', ')}` : ''

/** Shorter than this, two sentences may be alike. */
const SAID_ONCE = 24

/** Pictures shown beside a piece of work; the others stand together at the end. */
const BESIDE_AN_ITEM = 3

/** Sentences that stand already: none is said twice. Where it would be, it says where it stands. */
class Said {
  private readonly at = new Map<string, string>()
  private readonly shown = new Set<string>()

  /** Pictures not shown yet, at most so many. */
  pictures(all: readonly BidPicture[], most: number): BidPicture[] {
    const fresh = all.filter(({ sha256 }) => !this.shown.has(sha256)).slice(0, most)
    for (const { sha256 } of fresh) this.shown.add(sha256)
    return fresh
  }

  once(words: string, where: string): string {
    if (words.length < SAID_ONCE) return words
    const before = this.at.get(words)
    if (before === undefined) {
      this.at.set(words, where)
      return words
    }
    return before === where ? '' : OWNER_SAYS.asOn(before)
  }
}

function picturesOf(numbers: readonly string[], model: BidModel): BidPicture[] {
  return model.findings
    .filter(({ number }) => numbers.includes(number))
    .flatMap(({ number, photos }) =>
      photos.map(({ sha256, drawn, caption }): BidPicture => {
        const under = `spot ${number}`
        return { sha256, drawn, alt: caption || `Photo of ${under}`, under }
      }),
    )
}

/** What holds for several items is said once, after them. */
function shared(items: BidModel['items']): ReadonlyMap<string, readonly string[]> {
  const by = new Map<string, string[]>()
  for (const { notices, title, where } of items)
    for (const notice of new Set(notices)) by.set(notice, [...(by.get(notice) ?? []), `${title} (${where})`])
  return new Map([...by].filter(([, titles]) => titles.length > 1))
}

function workBlock(
  item: BidModel['items'][number],
  of: { model: BidModel; prices: boolean; said: Said; shared: ReadonlyMap<string, unknown>; here: string },
): BidBlock {
  const amount = item.price_cents === 0 ? 'no charge here' : cents(item.price_cents)
  return {
    kind: 'work',
    id: item.id,
    title: item.title,
    amount: of.prices ? amount : null,
    under: joined([item.where, item.quantity, spots(item.findings)], ' · '),
    says: joined([item.seen, of.said.once(item.done, of.here)], ' '),
    lasts: item.life,
    knows: [
      ...(item.pending_engineer ? ['Pending engineer.'] : []),
      ...item.notices.filter((notice) => !of.shared.has(notice)),
    ],
    pictures: of.said.pictures(picturesOf(item.findings, of.model), BESIDE_AN_ITEM),
  }
}

/** A place under its head: without the words the head says. */
function underHead(where: string, head: string): string {
  if (head === '') return where
  return where
    .split('; ')
    .flatMap((place) =>
      place === head ? [] : [place.startsWith(`${head}, `) ? place.slice(head.length + 2) : place],
    )
    .join('; ')
}

/** The work under the heads of the house, each with its sum, and after it what holds for several. */
function workBlocks(model: BidModel, prices: boolean, said: Said): BidBlock[] {
  const many = shared(model.items)
  const heads = model.groups.length > 0 ? model.groups : [{ id: '', name: '', where: '' }]
  const named = new Set(heads.map(({ id }) => id))
  const isHeaded = model.items.length > 3
  const blocks = heads.flatMap(({ id, name, where }, index): BidBlock[] => {
    const mine = model.items.filter(({ group }) => group === id || (index === 0 && !named.has(group)))
    if (mine.length === 0) return []
    const sum = mine.reduce((total, { price_cents }) => total + price_cents, 0)
    const here = name ? `${name.charAt(0).toLowerCase()}${name.slice(1)}` : 'the first'
    return [
      ...(isHeaded && name ? [{ kind: 'place', name, amount: prices ? cents(sum) : null } as const] : []),
      ...mine.map((item) => {
        const under = isHeaded ? { ...item, where: underHead(item.where, where) } : item
        return workBlock(under, { model, prices, said, shared: many, here })
      }),
    ]
  })
  const notes = [...many].map(([notice, titles]): BidBlock => {
    return {
      kind: 'words',
      text: `${notice} This holds for: ${[...new Set(titles)].join('; ')}.`,
      tone: 'waiting',
    }
  })
  return [...blocks, ...notes]
}

/** What the owner may choose besides, with what it adds. */
function choiceBlock(
  item: BidModel['beside'][number],
  model: BidModel,
  prices: boolean,
  said: Said,
): BidBlock {
  const instead = model.items.find(({ id }) => id === item.instead_of)
  const saved = instead?.leave?.saves_cents ?? instead?.price_cents ?? 0
  const adds = (item.price_cents ?? 0) - saved
  const amount = `${adds < 0 ? '−' : '+'} ${cents(Math.abs(adds))}`
  return {
    kind: 'work',
    id: item.id,
    title: item.title,
    amount: prices && item.price_cents !== null ? amount : null,
    under: joined(
      [item.where, item.quantity, spots(item.findings), instead ? `in place of: ${instead.title}` : ''],
      ' · ',
    ),
    says: said.once(item.done, 'an option above'),
    lasts: item.life,
    knows: item.notices.map((notice) => said.once(notice, 'an option above')).filter(Boolean),
    pictures: [],
  }
}

/** Not in the price, together by the reason why. */
function besideTable(model: BidModel): BidBlock[] {
  const rows = model.beside.filter((item) => !item.takeable).map((item) => [item.title, item.where, item.why])
  return rows.length > 0
    ? [{ kind: 'table', name: 'Not in the price', heads: ['What', 'Where', 'Why'], rows, amounts: false }]
    : []
}

const totalName = ({ tax_words }: BidModel): string =>
  `Total${tax_words === 'included' ? ', tax included' : ''}`

function sumBlock(model: BidModel): BidBlock {
  const included = model.tax_words === 'included'
  const { adjustment } = model
  return {
    kind: 'sum',
    rows: [
      ...(adjustment
        ? [{ name: joined(['Adjustment', adjustment.reason], ': '), amount: cents(adjustment.cents) }]
        : []),
      ...(included ? [] : [{ name: 'Sales tax', amount: cents(model.tax_cents) }]),
    ],
    name: totalName(model),
    amount: cents(model.total_cents),
  }
}

/** Findings that no work of this bid answers: seen, and told; those that are alike once, with all their places. */
function alsoSeen(model: BidModel, said: Said): BidBlock[] {
  const answered = new Set(model.items.flatMap(({ findings }) => findings))
  const alike = new Map<string, BidModel['findings'][number][]>()
  for (const finding of model.findings.filter(({ number }) => !answered.has(number)))
    alike.set(finding.says, [...(alike.get(finding.says) ?? []), finding])
  return [...alike].map(([says, findings]): BidBlock => {
    const numbers = findings.map(({ number }) => number)
    return {
      kind: 'finding',
      number: numbers.join(', '),
      says,
      where: findings.map(({ where, size }) => joined([where, size], ', ')).join('; '),
      pictures: said.pictures(picturesOf(numbers, model), BESIDE_AN_ITEM),
    }
  })
}

function morePictures(model: BidModel, said: Said): BidBlock[] {
  const all = picturesOf(
    model.findings.map(({ number }) => number),
    model,
  )
  const rest = said.pictures(all, all.length)
  return rest.length > 0 ? [{ kind: 'pictures', pictures: rest }] : []
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
    rows: model.source_pairs.map(({ source, findings, standing }) => ({ source, findings, fix: standing })),
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

/** A clause that stands under a head of its own. */
const bare = (block: BidBlock): BidBlock =>
  block.kind === 'clause' ? { kind: 'words', text: block.text, tone: 'plain' } : block

/** Clauses that stand elsewhere in a bid: sources as pairs, a list as its table, what is not looked at where it is drawn. */
const WARRANTY_CLAUSE = 26
const STANDS_ELSEWHERE: ReadonlySet<number> = new Set([SOURCES_CLAUSE, WARRANTY_CLAUSE, 32, 4])

/**
 * A bid in sections of blocks, in the order it is read: what was found and hazards first, then where it is, what is done and what it
 * costs, what may be chosen, why it is wet, what is not in it, terms. Screen and paper print the same ones.
 *
 * @param prices false for a face without money: no figure stands there, not even a nought
 */
export function sectionsOf(model: BidModel, { prices }: { readonly prices: boolean }): BidSection[] {
  const section = (
    name: string,
    blocks: readonly BidBlock[],
    more: Partial<BidSection> = {},
  ): BidSection[] => (blocks.length > 0 ? [{ name, headed: true, folds: false, blocks, ...more }] : [])
  const said = new Said()
  const clauseOf = (number: number): BidBlock[] =>
    model.clauses.filter((each) => each.number === number).map((each) => clauseBlock(each, model))
  const looked = model.clauses.find(({ number }) => number === 4)
  return [
    ...section('Bid', head(model, prices), { headed: false }),
    ...section('Read this first', model.hazards.map(hazardBlock)),
    ...section('More cautions', model.more_hazards.map(hazardBlock), { folds: true }),
    ...section('Where it is', [
      ...drawings(model),
      ...(looked ? [{ kind: 'words', text: looked.text, tone: 'plain' } as const] : []),
    ]),
    ...section('What we propose', [...workBlocks(model, prices, said), ...(prices ? [sumBlock(model)] : [])]),
    ...section('Your choices', [
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
    ...section('Why it is damaged', clauseOf(SOURCES_CLAUSE)),
    ...section('Your list', responseTable(model, prices)),
    ...section('Not in the price', besideTable(model)),
    ...section('Also seen', alsoSeen(model, said)),
    ...section('Warranty', [...warrantyTable(model), ...clauseOf(WARRANTY_CLAUSE).map(bare)]),
    ...section('More pictures', morePictures(model, said)),
    ...section(
      'Terms',
      [
        ...model.clauses
          .filter(({ number }) => !STANDS_ELSEWHERE.has(number))
          .map((clause) => clauseBlock(clause, model)),
        { kind: 'words', text: model.local_code, tone: 'strong' },
        ...(model.firm.licence ? [{ kind: 'words', text: model.firm.licence, tone: 'quiet' } as const] : []),
      ],
      { headed: false },
    ),
  ]
}
