import { BID_SAYS } from '../catalogue/sentences/bid'
import { rowsOf } from '../firmValues/rows'
import { paintedArea } from '../geometry'
import { findingNumber } from '../house'
import { byId, type JobDocument } from '../job'
import { formatLength, type Cents } from '../measure'
import type { Price } from '../price'
import { PRICED_APART, type ItemSpot, type ScopeItem } from '../scope'
import type { BidBesideLine, BidModel } from './bidModel'

/** Numbers of findings, as they stand on the drawing. */
export function numbersOf(ids: readonly string[], job: JobDocument): string[] {
  return job.findings
    .filter((finding) => ids.includes(finding.id))
    .map((finding) => findingNumber(finding, job))
}

function lifeWords([low, high]: readonly [number, number]): string {
  return high === 0
    ? ''
    : `expected to last ${low === high ? low : `${low} to ${high}`} years before the same work is due (our judgement)`
}

/** How much there is at a place: by the piece, the length, or the wall that is painted. */
function sizeWords(spot: ItemSpot, job: JobDocument, asksLength: boolean): string {
  if (spot.at.kind === 'whole-side') {
    const { side_id } = spot.at
    const side = byId(job.sides, side_id)
    return side && spot.stretch
      ? `${paintedArea(side, job, spot.stretch).gross_ft2.toFixed(0)} ft² of wall`
      : ''
  }
  if (spot.area_ft2 !== null) return `${spot.area_ft2.toFixed(0)} ft²`
  if (spot.counted && spot.seen === null) return spot.times > 1 ? `${spot.times} of them` : ''
  if (spot.seen === null && !asksLength) return spot.times > 1 ? `${spot.times} of them` : ''
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

function quantityOf(spots: readonly ItemSpot[], item: ScopeItem, job: JobDocument): string {
  const sizes = spots.map((spot) => sizeWords(spot, job, asksLength(item))).filter(Boolean)
  const counts = new Map<string, number>()
  for (const size of sizes) counts.set(size, (counts.get(size) ?? 0) + 1)
  return [...counts].map(([size, count]) => (count > 1 ? `${count} × ${size}` : size)).join('; ')
}

const whereOfSpots = (spots: readonly ItemSpot[]): string =>
  [...new Set(spots.map((spot) => spot.where))].join('; ')

function numbersAt(item: ScopeItem, spots: readonly ItemSpot[], job: JobDocument): string[] {
  const ids = new Set(spots.flatMap((spot) => spot.finding_ids))
  return numbersOf(
    item.finding_ids.filter((id) => ids.has(id)),
    job,
  )
}

/** An item as the owner pays for it: only its places that are ours. */
export function itemLine(item: ScopeItem, job: JobDocument, price: Price): BidModel['items'][number] | null {
  const spots = item.spots.filter((spot) => spot.standing === 'ours')
  const sells = item.row === null || item.row.sells
  if (!sells || spots.length === 0) return null
  const line = price.kind === 'priced' ? price.lines.find((each) => each.item_id === item.id) : undefined
  return {
    id: item.id,
    title: item.name,
    where: whereOfSpots(spots),
    quantity: quantityOf(spots, item, job),
    findings: numbersAt(item, spots, job),
    does: item.row?.cures ?? item.item.note,
    price_cents: line?.sell_cents ?? (0 as Cents),
    life: lifeWords(item.life_years),
    warranty: rowsOf(job.settings).warranty(item.warranty),
    notices: [...item.notices, ...(line?.includedIn ? [BID_SAYS.paidElsewhere] : [])],
    pending_engineer: false,
  }
}

/** Places of an item that are not in the price, one line for each reason. */
export function besideLines(item: ScopeItem, job: JobDocument, price: Price): BidBesideLine[] {
  const apart = price.kind === 'priced' ? price.apart.find((each) => each.item_id === item.id) : undefined
  const sells = item.row === null || item.row.sells
  const out = item.spots.filter((spot) => spot.standing !== 'ours' || !sells)
  const whys = [...new Set(out.map((spot) => spot.why))]
  return whys.map((why) => {
    const spots = out.filter((spot) => spot.why === why)
    const hasPrice = spots.some((spot) => PRICED_APART.has(spot.standing))
    return {
      id: item.id,
      title: item.name,
      where: whereOfSpots(spots),
      quantity: quantityOf(spots, item, job),
      findings: numbersAt(item, spots, job),
      does: sells ? (item.row?.cures ?? '') : item.item.note,
      why,
      price_cents: hasPrice ? (apart?.sell_cents ?? null) : null,
      notices: [...item.notices],
    }
  })
}
