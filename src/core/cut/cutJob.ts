import {
  goodName,
  goodOf,
  materialName,
  packagesFor,
  stockLengths_ft,
  type GoodRow,
  type Packages,
} from '../catalogue'
import type { JobDocument } from '../job'
import { feet, longest, type Length } from '../measure'
import type { ItemTakeoff, Takeoff } from '../takeoff'
import { cutSheets, type SheetPlan } from './cutSheets'
import { jointed } from './jointed'
import { packBoards, type Board, type CutPiece } from './packBoards'

/** Boards of one section and material: what to buy and how to cut it. */
export type SectionPlan = {
  /** Key of the section's rate, such as `1x8 clear-cedar`. */
  readonly section: string
  readonly name: string
  readonly boards: readonly Board[]
  /** What a yard hears: how many of which length, longest first. */
  readonly buy: readonly { readonly stock: Length; readonly count: number }[]
  readonly bought: Length
  readonly cut: Length
  /** Off-cuts long enough to keep. */
  readonly offcuts: readonly Length[]
  /** Lengths the yard has of it. */
  readonly stock: readonly Length[]
  /** In one piece and longer than any board of this material: it cannot be bought. */
  readonly tooLong: readonly CutPiece[]
}

/** Goods of one kind: what is used, and the packages that hold it. */
export type GoodsPlan = Packages & {
  readonly good: string
  readonly name: string
  readonly unit: string
  readonly packageName: string
  /** Bought, hired by the day, or a trade’s visit. */
  readonly kind: GoodRow['kind']
  readonly used: number
}

export type CutPlan = {
  readonly sections: readonly SectionPlan[]
  readonly goods: readonly GoodsPlan[]
  readonly boards: number
  readonly sheets: readonly SheetPlan[]
}

/** Off-cuts over this are worth listing. Common practice. */
const KEEP_OVER = feet(2)

export function sectionKey(piece: { section: string; material: string }): string {
  return `${piece.section} ${piece.material}`
}

/** How many boards of which length, longest first: as a yard hears it. */
export function countByStock(boards: readonly Board[]): SectionPlan['buy'] {
  const counts = new Map<Length, number>()
  for (const { stock } of boards) counts.set(stock, (counts.get(stock) ?? 0) + 1)
  return [...counts].map(([stock, count]) => ({ stock, count })).sort((a, b) => b.stock - a.stock)
}

type Bought = Pick<SectionPlan, 'boards' | 'buy' | 'bought' | 'offcuts'>

/** What boards come to: what is bought, and what is left to keep. */
function bought(boards: readonly Board[]): Bought {
  return {
    boards,
    buy: countByStock(boards),
    bought: boards.reduce((sum, board) => sum + board.stock, 0) as Length,
    offcuts: boards.map((board) => board.left).filter((left) => left > KEEP_OVER),
  }
}

/** A section cut by other boards, found later. */
export function withBoards(section: SectionPlan, boards: readonly Board[]): SectionPlan {
  return { ...section, ...bought(boards) }
}

type Gathered = {
  readonly pieces: CutPiece[]
  readonly section: string
  readonly material: string
  readonly stock: readonly Length[]
}

/** Pieces by section and material, runs longer than its stock jointed where their part allows. */
function gather(job: JobDocument, takeoff: Takeoff): Map<string, Gathered> {
  const groups = new Map<string, Gathered>()
  for (const item of takeoff.items) {
    for (const piece of item.pieces) {
      const { section, material } = piece
      if (section === '') continue
      const key = sectionKey(piece)
      const stock =
        groups.get(key)?.stock ??
        stockLengths_ft(section, material, job.settings.stock_lengths_ft).map((ft) => feet(ft))
      const group = groups.get(key) ?? { pieces: [], section, material, stock }
      const lengths = jointed(piece.length, piece, longest(...stock)) ?? [piece.length]
      for (let i = 0; i < piece.count; i += 1)
        for (const length of lengths) group.pieces.push({ length, owner: item.item_id })
      groups.set(key, group)
    }
  }
  return groups
}

/** New joints of an item: where its boards meet old wood, and where a run is longer than the yard's longest board. */
export function jointsOf(item: ItemTakeoff, job: JobDocument): number {
  const within = item.pieces.map((piece) => {
    if (piece.section === '') return 0
    const stock = stockLengths_ft(piece.section, piece.material, job.settings.stock_lengths_ft)
    const lengths = jointed(piece.length, piece, longest(...stock.map((ft) => feet(ft)))) ?? [piece.length]
    return (lengths.length - 1) * piece.count
  })
  return within.reduce((sum, each) => sum + each, item.meets)
}

function goodsOf(takeoff: Takeoff): GoodsPlan[] {
  const used = new Map<string, number>()
  for (const { id, quantity } of takeoff.items.flatMap((item) => item.consumables))
    used.set(id, (used.get(id) ?? 0) + quantity)
  return [...used].map(([good, quantity]) => {
    const row = goodOf(good)
    return {
      good,
      name: goodName(good),
      unit: row?.unit ?? '',
      packageName: row?.packageName ?? '',
      kind: row?.kind ?? 'bought',
      used: quantity,
      ...packagesFor(quantity, row?.packages ?? [1]),
    }
  })
}

/** Buy list and cut plan over the whole job: pieces gathered by section and material, cut from the yard's lengths; goods in packages. */
export function cutJob(job: JobDocument, takeoff: Takeoff): CutPlan {
  const sections = [...gather(job, takeoff)].map(
    ([key, { pieces, section, material, stock }]): SectionPlan => {
      const { boards, tooLong } = packBoards(pieces, stock)
      return {
        section: key,
        name: `${section === 'lap' ? 'Lap siding' : section} ${materialName(material)}`,
        ...bought(boards),
        cut: pieces.reduce((sum, piece) => sum + piece.length, 0) as Length,
        tooLong,
        stock,
      }
    },
  )
  sections.sort((a, b) => a.section.localeCompare(b.section))
  const goods = goodsOf(takeoff)
  return {
    sections,
    sheets: cutSheets(takeoff, (good) => goods.find((each) => each.good === good)?.bought ?? 0),
    goods: goods.sort((a, b) => a.name.localeCompare(b.name)),
    boards: sections.reduce((sum, each) => sum + each.boards.length, 0),
  }
}
