import type { EntityOf } from '../job'
import { formatCents, toFeet, type Cents } from '../measure'
import type { ItemSpot, ScopeItem } from '../scope'
import type { ItemTakeoff } from '../takeoff'
import { shown } from './cost'
import { sellBy, sellPrice } from './sellPrice'

/** What an allowance is for, and by what it is settled, both ways. */
export type Allowance = {
  readonly quantity: number
  readonly unit: 'ft' | 'ft²' | 'each'
  readonly unit_cents: Cents
}

/** How a price is meant. */
export type LineBasis =
  | { readonly kind: 'fixed' }
  | ({ readonly kind: 'allowance' } & Allowance)
  /** By the hour, and never more than the price; the hour as it is charged. */
  | { readonly kind: 'ceiling'; readonly hour_cents: Cents }

type Quantity = Pick<Allowance, 'quantity' | 'unit'>

function quantityAt(spot: ItemSpot): Quantity {
  if (spot.area_ft2 !== null) return { quantity: spot.area_ft2 * spot.times, unit: 'ft²' }
  if (spot.counted || spot.seen === null) return { quantity: spot.times, unit: 'each' }
  return { quantity: toFeet(spot.seen) * spot.times * spot.courses, unit: 'ft' }
}

/**
 * How much of it is ours, in one unit: feet, square feet or pieces, to a hundredth. Of new wood it is what is fitted, cut-backs with it,
 * since that is what is taped in the end. Null: its places are said in different units, or there is nothing to count.
 */
export function quantityOfItem(
  item: ScopeItem,
  pieces: ItemTakeoff['pieces'] = [],
  counts: (spot: ItemSpot) => boolean = ({ standing }) => standing === 'ours',
): Quantity | null {
  const all = item.spots.filter(counts).map(quantityAt)
  const unit = all[0]?.unit
  if (unit === undefined || all.some((each) => each.unit !== unit)) return null
  const fitted = pieces.reduce((sum, { length, count }) => sum + toFeet(length) * count, 0)
  const said = all.reduce((sum, each) => sum + each.quantity, 0)
  const quantity = Math.round((unit === 'ft' && fitted > 0 ? fitted : said) * 100) / 100
  return quantity > 0 ? { quantity, unit } : null
}

/** What an hour is charged at, beside material: an hour of a carpenter with what stands on top of it. */
export function chargedHour(rates: EntityOf['rates']): Cents {
  const sold = sellPrice(rates.burdened_rate_cents * (1 + rates.supervision_share), sellBy(rates))
  return (sold.ok ? Math.round(sold.value) : 0) as Cents
}

/**
 * How the price of an item is meant. An allowance is settled by its price for a unit, to the cent; where nothing can be counted it is
 * null, and the item says so.
 */
export function basisOf(
  item: ScopeItem,
  sell_cents: Cents,
  of: {
    readonly rates: EntityOf['rates']
    readonly pieces: ItemTakeoff['pieces']
    /** Which of its places the price is for; left out: those that are ours. */
    readonly counts?: (spot: ItemSpot) => boolean
  },
): LineBasis | null {
  switch (item.item.basis) {
    case 'fixed':
      return { kind: 'fixed' }
    case 'ceiling':
      return { kind: 'ceiling', hour_cents: chargedHour(of.rates) }
    case 'allowance': {
      const much = quantityOfItem(item, of.pieces, of.counts)
      if (much === null) return null
      return { kind: 'allowance', ...much, unit_cents: Math.round(sell_cents / much.quantity) as Cents }
    }
  }
}

const UNITS = { ft: 'foot', 'ft²': 'square foot', each: 'piece' } as const
const UNITS_MANY = { ft: 'feet', 'ft²': 'square feet', each: 'pieces' } as const

/** How a price is meant, as its owner reads it; empty where it stands as it is. */
export function basisWords(basis: LineBasis): string {
  switch (basis.kind) {
    case 'fixed':
      return ''
    case 'allowance': {
      const { quantity, unit, unit_cents } = basis
      const much = `${shown(quantity, 2)} ${quantity === 1 ? UNITS[unit] : UNITS_MANY[unit]}`
      return `The price allows for ${much}. What is more or less in the end is settled at ${formatCents(unit_cents)} a ${UNITS[unit]}, both ways.`
    }
    case 'ceiling':
      return `You pay for the hours it takes, at ${formatCents(basis.hour_cents)} an hour, and for its material; never more than this price.`
  }
}
