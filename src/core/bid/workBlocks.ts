import { OWNER_SAYS } from '../catalogue/sentences/owner'
import { formatCents, wholeDollars, type Cents } from '../measure'
import { basisWords } from '../price/basis'
import type { BidBlock, BidPicture } from './bidBlock'
import type { BidModel } from './bidModel'

export const cents = (amount: number): string => formatCents(amount as Cents)
export const joined = (parts: readonly string[], between: string): string =>
  parts.filter(Boolean).join(between)

const spots = (findings: readonly string[]): string =>
  findings.length > 0 ? `${findings.length > 1 ? 'spots' : 'spot'} ${findings.join(', ')}` : ''

/** Shorter than this, two sentences may be alike. */
const SAID_ONCE = 24

/** Pictures shown beside a piece of work; the others stand together at the end. */
const BESIDE_AN_ITEM = 3

/** Sentences that stand already: none is said twice. Where it would be, it says where it stands. */
export class Said {
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

/** Which prices stand in what is read: of each piece of work, of each place, of the whole. */
export type ShownPrices = { readonly each: boolean; readonly places: boolean; readonly whole: boolean }

export function shownPrices({ shows }: BidModel, prices: boolean): ShownPrices {
  return {
    each: prices && shows.prices === 'each',
    places: prices && shows.prices !== 'total',
    whole: prices,
  }
}

/** What holds for several items is said once, after them. */
function shared(items: BidModel['items']): ReadonlyMap<string, readonly string[]> {
  const by = new Map<string, string[]>()
  for (const { notices, title, where } of items)
    for (const notice of new Set(notices)) by.set(notice, [...(by.get(notice) ?? []), `${title} (${where})`])
  return new Map([...by].filter(([, titles]) => titles.length > 1))
}

/** What it costs a year, for whoever compares. */
const overWords = (of: BidModel['items'][number]['over_years']): string =>
  of === null ? '' : OWNER_SAYS.overYears(of.years, of.renewals, wholeDollars(of.per_year_cents))

/** What it makes no sense without, by its title; what this bid does not hold is not named. */
function needsWords(requires: readonly string[], model: BidModel): string[] {
  const titles = [...model.items, ...model.beside]
    .filter(({ id }) => requires.includes(id))
    .map(({ title, where }) => `${title} (${where})`)
  return titles.length > 0 ? [`Only together with: ${[...new Set(titles)].join('; ')}.`] : []
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
      ...(of.prices ? [basisWords(item.basis), overWords(item.over_years)].filter(Boolean) : []),
      ...needsWords(item.requires, of.model),
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

/** What each place comes to, in the order the house is walked. */
export function placeSums(
  model: BidModel,
): readonly { readonly name: string; readonly count: number; readonly amount: string }[] {
  const named = new Set(model.groups.map(({ id }) => id))
  const heads = [...model.groups, { id: '', name: 'The work' }]
  return heads.flatMap(({ id, name }) => {
    const mine = model.items.filter(({ group }) => (id === '' ? !named.has(group) : group === id))
    const sum = mine.reduce((total, { price_cents }) => total + price_cents, 0)
    return mine.length > 0 ? [{ name, count: mine.length, amount: cents(sum) }] : []
  })
}

/** The work under the heads of the house, each with its sum, and after it what holds for several. */
export function workBlocks(model: BidModel, shown: ShownPrices, said: Said): BidBlock[] {
  const { places, each: prices } = shown
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
      ...(isHeaded && name ? [{ kind: 'place', name, amount: places ? cents(sum) : null } as const] : []),
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
export function choiceBlock(
  item: BidModel['beside'][number],
  model: BidModel,
  prices: boolean,
  said: Said,
): BidBlock {
  const instead = model.items.filter(({ id }) => item.instead_of.includes(id))
  const saved = item.saves_cents ?? instead.reduce((sum, { price_cents }) => sum + price_cents, 0)
  const adds = (item.price_cents ?? 0) - saved
  const amount = `${adds < 0 ? '−' : '+'} ${cents(Math.abs(adds))}`
  return {
    kind: 'work',
    id: item.id,
    title: item.title,
    amount: prices && item.price_cents !== null ? amount : null,
    under: joined(
      [
        item.where,
        item.quantity,
        spots(item.findings),
        instead.length > 0
          ? `in place of: ${[...new Set(instead.map(({ title }) => title))].join('; ')}`
          : '',
      ],
      ' · ',
    ),
    says: said.once(item.done, 'an option above'),
    lasts: item.life,
    knows: [
      ...(prices ? [basisWords(item.basis), overWords(item.over_years)].filter(Boolean) : []),
      ...needsWords(item.requires, model),
      ...item.notices.map((notice) => said.once(notice, 'an option above')).filter(Boolean),
    ],
    pictures: [],
  }
}

/** Not in the price: under each reason what stands so, and where. */
export function besideTable(model: BidModel): BidBlock[] {
  const byWhy = new Map<string, Map<string, string[]>>()
  for (const { title, where, why } of model.beside.filter(({ takeable }) => !takeable)) {
    const titles = byWhy.get(why) ?? new Map<string, string[]>()
    byWhy.set(why, titles.set(title, [...(titles.get(title) ?? []), where]))
  }
  const rows = [...byWhy].map(([why, titles]) => [
    [...titles].map(([title, places]) => `${title} (${places.join('; ')})`).join('; '),
    why,
  ])
  return rows.length > 0
    ? [{ kind: 'table', name: 'Not in the price', heads: ['What and where', 'Why'], rows, amounts: false }]
    : []
}

/** Findings that no work of this bid answers: seen, and told; those that are alike once, with all their places. */
export function alsoSeen(model: BidModel, said: Said): BidBlock[] {
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
      where: [...new Set(findings.map(({ where, size }) => joined([where, size], ', ')))].join('; '),
      pictures: said.pictures(picturesOf(numbers, model), BESIDE_AN_ITEM),
    }
  })
}

export function morePictures(model: BidModel, said: Said): BidBlock[] {
  const all = picturesOf(
    model.findings.map(({ number }) => number),
    model,
  )
  const rest = said.pictures(all, all.length)
  return rest.length > 0 ? [{ kind: 'pictures', pictures: rest }] : []
}
