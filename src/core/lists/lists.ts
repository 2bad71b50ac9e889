import type { CutPlan, SectionPlan } from '../cut'
import { formatLength, toFeet } from '../measure'

/** A cell of a list: words, a number, or a sum over a column that a spreadsheet reckons itself. */
export type Cell = string | number | { readonly sumOf: number }

/** A list as it is read aloud, printed, or opened in a spreadsheet. */
export type List = {
  readonly id: string
  readonly name: string
  readonly columns: readonly string[]
  readonly rows: readonly (readonly Cell[])[]
}

const KIND_WORDS = { bought: 'goods', hired: 'hired', trade: 'trade that comes' } as const

/** What to buy, hire and call, as a yard reads it aloud: how many of what, how long; feet in all, which a spreadsheet sums. */
export function buyList(cut: CutPlan): List {
  const boards = cut.sections.flatMap((section) =>
    section.buy.map(({ stock, count }): Cell[] => [
      'boards',
      section.name,
      count,
      formatLength(stock),
      Math.round(toFeet(stock) * count * 100) / 100,
      'ft',
    ]),
  )
  const goods = cut.goods.flatMap((plan) =>
    plan.count.map(({ size, count }): Cell[] => [
      KIND_WORDS[plan.kind],
      plan.name,
      count,
      size === 1 ? plan.unit : `${plan.packageName} of ${size} ${plan.unit}`,
      Math.round(size * count * 100) / 100,
      plan.unit,
    ]),
  )
  const order: readonly Cell[] = Object.values(KIND_WORDS)
  const sorted = goods.toSorted((a, b) => order.indexOf(a[0]!) - order.indexOf(b[0]!))
  const feet: Cell[][] =
    boards.length > 0 ? [['boards', 'in all', '', '', { sumOf: boards.length }, 'ft']] : []
  return {
    id: 'buy-list',
    name: 'Buy list',
    columns: ['kind', 'what', 'count', 'length or package', 'in all', 'unit'],
    rows: [...boards, ...feet, ...sorted],
  }
}

/** Every board with its cuts in order, and whose each is. */
export function sawSheet(sections: readonly SectionPlan[], nameOf: (owner: string) => string): List {
  let board = 0
  const rows = sections.flatMap((section) =>
    section.boards.flatMap(({ stock, cuts, left }) => {
      board += 1
      return cuts.map((cut, index): Cell[] => [
        board,
        section.name,
        formatLength(stock),
        index + 1,
        formatLength(cut.length),
        nameOf(cut.owner),
        index === cuts.length - 1 ? formatLength(left) : '',
      ])
    }),
  )
  return {
    id: 'saw-sheet',
    name: 'Saw sheet',
    columns: ['board', 'section', 'stock', 'cut', 'length', 'for', 'left over'],
    rows,
  }
}

/** A list as comma-separated rows would have it: sums reckoned. A cell that a spreadsheet would take for a formula is kept as words. */
export function plainRows({ columns, rows }: List): (string | number)[][] {
  return [
    [...columns],
    ...rows.map((row, at) =>
      row.map((cell, column): string | number => {
        if (typeof cell === 'number') return cell
        if (typeof cell === 'string') return /^[=+\-@]/.test(cell) ? `'${cell}` : cell
        return rows
          .slice(at - cell.sumOf, at)
          .reduce((sum, above) => sum + (typeof above[column] === 'number' ? above[column] : 0), 0)
      }),
    ),
  ]
}

/** The name of a column of a spreadsheet by its number from nought: A, B … */
const letterOf = (column: number): string => String.fromCharCode(65 + column)

/** A cell as a spreadsheet has it: words, a number, or a formula that sums the rows above. */
export type SheetCell =
  | { readonly value: string; readonly type?: 'Formula'; readonly fontWeight?: 'bold' }
  | { readonly value: number }

/** A list as rows of a spreadsheet, its sums live. */
export function sheetRows({ columns, rows }: List): SheetCell[][] {
  return [
    columns.map((value): SheetCell => ({ value, fontWeight: 'bold' })),
    ...rows.map((row, at) =>
      row.map((cell, column): SheetCell => {
        if (typeof cell === 'number') return { value: cell }
        if (typeof cell === 'string') return { value: cell }
        // Rows of a sheet count from one, and its heading is the first.
        const last = at + 1
        const letter = letterOf(column)
        return { value: `=SUM(${letter}${last - cell.sumOf + 1}:${letter}${last})`, type: 'Formula' }
      }),
    ),
  ]
}
