import { BID_SAYS } from '../catalogue/sentences/bid'
import { OWNER_SAYS } from '../catalogue/sentences/owner'
import { rowsOf } from '../firmValues/rows'
import { paintedArea } from '../geometry'
import { whereForOwner } from '../geometry/whereOf'
import { byId, isDamage, type JobDocument } from '../job'
import { formatLength, type Cents } from '../measure'
import type { Price } from '../price'
import { newWithSide, PRICED_APART, renewedWithSide, type ItemSpot, type ScopeItem } from '../scope'
import type { BidBesideLine, BidModel } from './bidModel'
import type { Stages } from './stages'
import type { Heads } from './groups'
import { overYears } from './overYears'
import { numbersOf } from './numbersOf'
import { doneWords, itemSays, leftOutWords, ownerTitle } from './ownerWords'

function lifeWords(years: readonly [number, number]): string {
  return years[1] === 0 ? '' : OWNER_SAYS.lasts(years)
}

/** How much there is at a place that is measured: the length, or the wall that is painted. */
function sizeWords(spot: ItemSpot, job: JobDocument): string {
  if (spot.at.kind === 'whole-side') {
    const { side_id } = spot.at
    const side = byId(job.sides, side_id)
    return side && spot.stretch
      ? `${paintedArea(side, job, spot.stretch).gross_ft2.toFixed(0)} ft² of wall`
      : ''
  }
  if (spot.area_ft2 !== null) return `${spot.area_ft2.toFixed(0)} ft²`
  const size = spot.seen === null ? 'length not measured' : formatLength(spot.seen)
  const many = spot.courses > 1 ? `${spot.courses} courses of ` : spot.times > 1 ? `${spot.times} × ` : ''
  return `${many}${size}${spot.guessed ? ', judged from below' : ''}`
}

/** Whether a length is what the work is reckoned by: of a post or a visit nobody asks how long. */
function asksLength({ row }: ScopeItem): boolean {
  const recipe = row?.recipe
  if (!recipe) return row === null
  const per = [...recipe.tasks, ...recipe.goods].map((each) => each.per)
  return recipe.wood !== null || recipe.byPart || per.some((each) => each === 'ft' || each === '100 ft')
}

/** Whether there are so many at a place, and nobody asks how long. */
const isByThePiece = (spot: ItemSpot, item: ScopeItem): boolean =>
  spot.at.kind !== 'whole-side' &&
  spot.area_ft2 === null &&
  spot.seen === null &&
  (spot.counted || !asksLength(item))

/** How many pieces at all places together, where any has several. */
function piecesWords(spots: readonly ItemSpot[]): string {
  const pieces = spots.reduce((sum, { times }) => sum + times, 0)
  return pieces > spots.length ? `${pieces} of them` : ''
}

function quantityOf(spots: readonly ItemSpot[], item: ScopeItem, job: JobDocument): string {
  const pieces = spots.filter((spot) => isByThePiece(spot, item))
  const measured = spots.filter((spot) => !pieces.includes(spot))
  const sizes = [piecesWords(pieces), ...measured.map((spot) => sizeWords(spot, job))].filter(Boolean)
  const counts = new Map<string, number>()
  for (const size of sizes) counts.set(size, (counts.get(size) ?? 0) + 1)
  return [...counts].map(([size, count]) => (count > 1 ? `${count} × ${size}` : size)).join('; ')
}

const whereOfSpots = (spots: readonly ItemSpot[]): string =>
  [...new Set(spots.map((spot) => whereForOwner(spot.where)))].join('; ')

function numbersAt(item: ScopeItem, spots: readonly ItemSpot[], job: JobDocument): string[] {
  const ids = new Set(spots.flatMap((spot) => spot.finding_ids))
  return numbersOf(
    item.finding_ids.filter((id) => ids.has(id)),
    job,
  )
}

/** Whether the item that does its work already tells all it would: then it is no line of its own. */
function isTold(item: ScopeItem, by: string, scope: Stages['scope']): boolean {
  const other = scope.items.find(({ id }) => id === by)
  return other !== undefined && item.finding_ids.every((id) => other.finding_ids.includes(id))
}

/** Whether it is work over a whole side, which names what comes new with it; where it may be another, what is done then stands by itself. */
const isPartOf = (id: string, job: JobDocument, scope: Stages['scope']): boolean =>
  (scope.items.find((each) => each.id === id)?.row?.takesIn.length ?? 0) > 0 &&
  !job.work_items.some(({ instead_of }) => instead_of.includes(id))

/** Findings of what comes new with work over a whole side. */
function newWithIt({ id, row }: ScopeItem, job: JobDocument): string[] {
  if (!row?.takesIn.length) return []
  const found = job.findings.filter((each) => isDamage(each) && renewedWithSide(each, job)?.id === id)
  return numbersOf(
    found.map((each) => each.id),
    job,
  )
}

/** An item as the owner pays for it: only its places that are ours. */
export function itemLine(
  item: ScopeItem,
  job: JobDocument,
  { price, trace, scope }: Pick<Stages, 'price' | 'trace' | 'scope'>,
  heads: Heads,
): BidModel['items'][number] | null {
  const spots = item.spots.filter((spot) => spot.standing === 'ours')
  const sells = item.row === null || item.row.sells
  if (!sells || spots.length === 0) return null
  const line = price.kind === 'priced' ? price.lines.find((each) => each.item_id === item.id) : undefined
  // A price typed for it is charged, and so it is told.
  const by = line?.sell_cents === 0 ? line.includedIn : null
  if (by != null && (isTold(item, by, scope) || isPartOf(by, job, scope))) return null
  return {
    id: item.id,
    title: ownerTitle(item),
    where: whereOfSpots(spots),
    quantity: quantityOf(spots, item, job),
    findings: [...new Set([...numbersAt(item, spots, job), ...newWithIt(item, job)])],
    group: heads.ofItem(item),
    ...itemSays(item, spots, job, trace),
    price_cents: line?.sell_cents ?? (0 as Cents),
    leave: null,
    left_out: leftOutWords(item, trace),
    requires: [...item.item.requires],
    basis: line?.basis ?? { kind: 'fixed' },
    // Only where another may stand in its place is there anything to compare.
    over_years: job.work_items.some(({ instead_of }) => instead_of.includes(item.id))
      ? overYears(line?.sell_cents ?? null, item.life_years)
      : null,
    life: item.row?.forNow ? '' : lifeWords(item.life_years),
    warranty: rowsOf(job.settings).warranty(item.warranty),
    notices: [...item.notices, ...(line?.includedIn ? [BID_SAYS.paidElsewhere] : [])],
    pending_engineer: false,
  }
}

/** Places of an item that are not in the price, one line for each reason. */
export function besideLines(item: ScopeItem, job: JobDocument, price: Price, heads: Heads): BidBesideLine[] {
  const apart = price.kind === 'priced' ? price.apart.find((each) => each.item_id === item.id) : undefined
  const sells = item.row === null || item.row.sells
  // What comes new with its side is not left and looked at again.
  const isNew = (spot: ItemSpot): boolean =>
    item.row?.standsAs === 'watched' && newWithSide({ component: item.component, at: spot.at }, job) !== null
  const out = item.spots.filter((spot) => (spot.standing !== 'ours' || !sells) && !isNew(spot))
  const whys = [...new Set(out.map((spot) => spot.why))]
  return whys.map((why) => {
    const spots = out.filter((spot) => spot.why === why)
    const hasPrice = spots.some((spot) => PRICED_APART.has(spot.standing))
    return {
      id: item.id,
      title: ownerTitle(item),
      where: whereOfSpots(spots),
      quantity: quantityOf(spots, item, job),
      findings: numbersAt(item, spots, job),
      done: sells ? doneWords(item) : item.item.note,
      why,
      group: heads.ofItem(item),
      takeable: hasPrice && apart !== undefined && apart.lacks.length === 0,
      instead_of: hasPrice ? [...item.item.instead_of] : [],
      saves_cents: null,
      requires: hasPrice ? [...item.item.requires] : [],
      basis: (hasPrice ? apart?.basis : undefined) ?? { kind: 'fixed' },
      over_years:
        hasPrice && item.item.instead_of.length > 0
          ? overYears(apart?.sell_cents ?? null, item.life_years)
          : null,
      life: hasPrice && !item.row?.forNow ? lifeWords(item.life_years) : '',
      warranty: hasPrice ? rowsOf(job.settings).warranty(item.warranty) : '',
      price_cents: hasPrice ? (apart?.sell_cents ?? null) : null,
      notices: [...item.notices],
    }
  })
}
