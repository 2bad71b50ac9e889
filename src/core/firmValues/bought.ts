import { ANY_STOCK_FT, GOODS, materialName, startingSectionRates, STOCK_FT } from '../catalogue'
import { dollars } from '../measure'
import { MINE, number, type Kept, type Shipped, type Value } from './value'

/** A price in one of the tables of the rates. */
function priced(
  table: 'consumable_cents' | 'section_cents_per_ft',
  id: string,
  of: Omit<Shipped, 'place' | 'source' | 'takes'>,
): Shipped {
  return {
    ...of,
    source: MINE,
    takes: number(0, 100_000),
    place: {
      read: ({ rates }) => (rates[table][id] === undefined ? null : rates[table][id] / 100),
      write: (kept, value) => ({
        ...kept,
        rates: { ...kept.rates, [table]: { ...kept.rates[table], [id]: dollars(Number(value)) } },
      }),
    },
  }
}

/** Prices of goods. */
export function goods(): Shipped[] {
  return GOODS.map((good) =>
    priced('consumable_cents', good.id, {
      key: `good.${good.id}`,
      group: 'Goods',
      name: good.name,
      unit: `$ a ${good.unit}`,
      shipped: good.starting_usd,
    }),
  )
}

/** A section, alone or with its material, as it is said. */
function sectionWords(section: string): string {
  const at = section.indexOf(' ')
  return at < 0 ? section : `${section.slice(0, at)} ${materialName(section.slice(at + 1))}`
}

/** Prices of boards by the foot. */
export function boards(): Shipped[] {
  return Object.entries(startingSectionRates()).map(([section, cents]) =>
    priced('section_cents_per_ft', section, {
      key: `section.${section}`,
      group: 'Boards',
      name: sectionWords(section),
      unit: '$ a ft',
      shipped: cents / 100,
    }),
  )
}

/** Lengths as text, and back; null where it is no list of lengths. */
export const lengthsText = (lengths: readonly number[]): string => lengths.join(', ')
export function lengthsFrom(text: string): number[] | null {
  const parts = text.split(/[,;\s]+/).filter(Boolean)
  const lengths = parts.map(Number)
  const good = parts.length > 0 && lengths.every((each) => Number.isFinite(each) && each > 0 && each <= 60)
  return good ? [...new Set(lengths)].sort((a, b) => a - b) : null
}

/** Lengths the firm's yard has. A section nobody listed is sold in the usual ones. */
export function stock(): Shipped[] {
  const unlisted = [...new Set(Object.keys(startingSectionRates()).map((key) => key.split(' ')[0]!))].filter(
    (section) => !(section in STOCK_FT),
  )
  const all = [...Object.entries(STOCK_FT), ...unlisted.map((section) => [section, ANY_STOCK_FT] as const)]
  return all.map(([key, lengths]) => ({
    key: `stock.${key}`,
    group: 'Lengths the yard has',
    name: sectionWords(key),
    unit: 'ft',
    source: 'common practice' as const,
    shipped: lengthsText(lengths),
    takes: { kind: 'lengths' as const },
    place: {
      read: ({ settings }: Kept) => {
        const mine = settings.stock_lengths_ft[key]
        return mine === undefined ? null : lengthsText(mine)
      },
      write: (kept: Kept, value: Value) => ({
        ...kept,
        settings: {
          ...kept.settings,
          stock_lengths_ft: {
            ...kept.settings.stock_lengths_ft,
            [key]: lengthsFrom(String(value)) ?? [...lengths],
          },
        },
      }),
    },
  }))
}
