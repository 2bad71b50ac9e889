import type { Drawing } from '../house'
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
  | { readonly kind: 'words'; readonly text: string; readonly tone: 'plain' | 'quiet' | 'strong' }
  /** A hazard: the flag stands before its heading. */
  | {
      readonly kind: 'hazard'
      readonly flag: string | null
      readonly head: string
      readonly says: string
      readonly who: string
    }
  | { readonly kind: 'drawing'; readonly px: number; readonly drawing: Drawing; readonly under: string }
  /** A piece of work: what, its amount, where and how much, what it does, what must be known of it. */
  | {
      readonly kind: 'work'
      readonly title: string
      /** Null on a face without money, and where there is none. */
      readonly amount: string | null
      readonly under: string
      readonly says: string
      readonly knows: readonly string[]
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
      readonly quote: string
      readonly cause: string
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

const numbers = (findings: readonly string[]): string =>
  findings.length > 0 ? `finding ${findings.join(', ')}` : ''

function workBlock(item: BidModel['items'][number], prices: boolean): BidBlock {
  const amount = item.price_cents === 0 ? 'no charge here' : cents(item.price_cents)
  return {
    kind: 'work',
    title: item.title,
    amount: prices ? amount : null,
    under: joined([item.where, numbers(item.findings), item.quantity], ' · '),
    says: `${joined([item.does, item.life], '; ')}. Warranty: ${item.warranty}.`,
    knows: [...(item.pending_engineer ? ['Pending engineer.'] : []), ...item.notices],
  }
}

function besideBlock(item: BidModel['beside'][number], prices: boolean): BidBlock {
  return {
    kind: 'work',
    title: item.title,
    amount: prices && item.price_cents !== null ? `${cents(item.price_cents)} more` : null,
    under: joined([item.where, numbers(item.findings), item.why], ' · '),
    says: item.does,
    knows: [],
  }
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

function findingBlock(finding: BidModel['findings'][number]): BidBlock {
  const where = joined([finding.part, finding.where, finding.size], ', ')
  return {
    kind: 'finding',
    number: finding.number,
    says: `${where}: ${finding.suspected ? 'suspected, ' : ''}${finding.grade}.`,
    quote: finding.words,
    cause: finding.cause ?? '',
  }
}

function pictures(model: BidModel): BidBlock[] {
  const all = model.findings.flatMap(({ number, photos }) =>
    photos.map(({ sha256, drawn, caption }): BidPicture => {
      const under = `finding ${number}`
      return { sha256, drawn, alt: caption || `Photo of ${under}`, under }
    }),
  )
  return all.length > 0 ? [{ kind: 'pictures', pictures: all }] : []
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
      text: 'The outside walls laid side by side: front, right, back, left. Numbers are the findings; slanted lines were not looked at.',
      tone: 'quiet',
    },
  ]
}

/**
 * A bid in sections of blocks, in the order it is read: hazards first, then where it is, what is done and what it costs, what is not
 * in it, what was found, terms. Screen and paper print the same ones.
 *
 * @param prices false for a face without money: no figure stands there, not even a nought
 */
export function sectionsOf(model: BidModel, { prices }: { readonly prices: boolean }): BidSection[] {
  const section = (
    name: string,
    blocks: readonly BidBlock[],
    more: Partial<BidSection> = {},
  ): BidSection[] => (blocks.length > 0 ? [{ name, headed: true, folds: false, blocks, ...more }] : [])
  const money = prices ? [sumBlock(model)] : []
  return [
    ...section('Bid', head(model, prices), { headed: false }),
    ...section('Read this first', model.hazards.map(hazardBlock)),
    ...section('More cautions', model.more_hazards.map(hazardBlock), { folds: true }),
    ...section('Where it is', drawings(model)),
    ...section('What we propose', [...model.items.map((item) => workBlock(item, prices)), ...money]),
    ...section(
      'Not in the price',
      model.beside.map((item) => besideBlock(item, prices)),
    ),
    ...section('What we found', [...model.findings.map(findingBlock), ...pictures(model)]),
    ...section(
      'Terms',
      [
        ...model.clauses.map((clause) => clauseBlock(clause, model)),
        { kind: 'words', text: model.local_code, tone: 'strong' },
        ...(model.firm.licence ? [{ kind: 'words', text: model.firm.licence, tone: 'quiet' } as const] : []),
      ],
      { headed: false },
    ),
  ]
}
