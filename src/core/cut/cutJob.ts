import { MATERIALS, type JobDocument, type MaterialId } from '../job'
import { feet, toInches, type Length } from '../measure'
import type { Takeoff } from '../takeoff'
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
  readonly tooLong: readonly CutPiece[]
}

export type CutPlan = { readonly sections: readonly SectionPlan[]; readonly boards: number }

/** Off-cuts over this are worth listing. Common practice. */
const KEEP_OVER = feet(2)

/** Length in which a section is cut when the yard's profile does not name it. */
const ANY_STOCK_FT = [8, 10, 12, 14, 16]

export function sectionKey(piece: { section: string; material: MaterialId }): string {
  return `${piece.section} ${piece.material}`
}

function countByStock(boards: readonly Board[]): SectionPlan['buy'] {
  const counts = new Map<Length, number>()
  for (const { stock } of boards) counts.set(stock, (counts.get(stock) ?? 0) + 1)
  return [...counts].map(([stock, count]) => ({ stock, count })).sort((a, b) => b.stock - a.stock)
}

/** Buy list and cut plan over the whole job: pieces gathered by section and material, cut from the yard's lengths. */
export function cutJob(job: JobDocument, takeoff: Takeoff): CutPlan {
  const gathered = new Map<string, { pieces: CutPiece[]; section: string; material: MaterialId }>()
  for (const item of takeoff.items) {
    for (const piece of item.pieces) {
      const key = sectionKey(piece)
      const group = gathered.get(key) ?? { pieces: [], section: piece.section, material: piece.material }
      for (let i = 0; i < piece.count; i += 1)
        group.pieces.push({ length: piece.length, owner: item.item_id })
      gathered.set(key, group)
    }
  }
  const yard = job.settings.stock_lengths_ft
  const sections = [...gathered].map(([key, { pieces, section, material }]): SectionPlan => {
    const lengths = yard[key] ?? yard[section] ?? ANY_STOCK_FT
    const { boards, tooLong } = packBoards(
      pieces,
      lengths.map((ft) => feet(ft)),
    )
    return {
      section: key,
      name: `${section === 'lap' ? 'Lap siding' : section} ${MATERIALS[material]}`,
      boards,
      buy: countByStock(boards),
      bought: boards.reduce((sum, board) => sum + board.stock, 0) as Length,
      cut: pieces.reduce((sum, piece) => sum + piece.length, 0) as Length,
      offcuts: boards.map((board) => board.left).filter((left) => toInches(left) > toInches(KEEP_OVER)),
      tooLong,
    }
  })
  sections.sort((a, b) => a.section.localeCompare(b.section))
  return { sections, boards: sections.reduce((sum, each) => sum + each.boards.length, 0) }
}
