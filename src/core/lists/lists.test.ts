import { expect, test } from '@jest/globals'
import { alderHouse } from '../../../demo/alderHouse'
import { at, DAY, house, mend } from '../../../tests/support/priced'
import { derive } from '../pipeline'
import { buyList, carpenterSheets, plainRows, sawSheet, sheetRows, type List } from '.'

const made = derive(alderHouse(), DAY)
const list = buyList(made.cut)

test('the buy list has every board and package, and its feet add up', () => {
  const boards = list.rows.filter((row) => row[0] === 'boards' && row[1] !== 'in all')
  const feet = boards.reduce((sum, row) => sum + Number(row[4]), 0)
  expect(feet).toBeCloseTo(made.cut.sections.reduce((sum, each) => sum + each.bought, 0) / 768, 1)
  expect(boards.reduce((sum, row) => sum + Number(row[2]), 0)).toBe(made.cut.boards)
  const all = plainRows(list).find((row) => row[1] === 'in all')
  expect(all?.[4]).toBeCloseTo(feet, 2)
  expect(list.rows.filter((row) => row[0] === 'goods').length).toBeGreaterThan(3)
})

test('what is hired and who comes are no goods', () => {
  const side = { at: { kind: 'whole-side', side_id: 'side-a' } as const, size: null, height: null }
  const item = mend('r', [at(1, 'fascia')], 're-clad-side', {
    component: null,
    finding_ids: [],
    places: [side],
  })
  const kinds = buyList(house({ work_items: [item] }).cut).rows.map(([kind, what]) => [kind, what])
  expect(kinds).toContainEqual(['trade that comes', 'Electrician’s visit'])
  expect(kinds).not.toContainEqual(['goods', 'Electrician’s visit'])
})

test('in a workbook the sum is a formula over the rows above it', () => {
  const rows = sheetRows(list)
  const at = list.rows.findIndex((row) => row[1] === 'in all')
  expect(rows[at + 1]?.[4]).toEqual({ value: `=SUM(E2:E${at + 1})`, type: 'Formula' })
})

test('words that a spreadsheet would take for a formula stay words', () => {
  const evil: List = { id: 'x', name: 'x', columns: ['a'], rows: [['=1+1'], ['-2'], ['plain']] }
  expect(plainRows(evil)).toEqual([['a'], ["'=1+1"], ["'-2"], ['plain']])
})

test('the saw sheet has every cut once, with whose it is', () => {
  const names = new Map(made.scope.items.map((item) => [item.id, item.name]))
  const sheet = sawSheet(made.cut.sections, (owner) => names.get(owner) ?? '')
  const cuts = made.cut.sections.flatMap(({ boards }) => boards.flatMap((board) => board.cuts))
  expect(sheet.rows).toHaveLength(cuts.length)
  expect(sheet.rows.every((row) => row[5] !== '')).toBe(true)
})

test('a carpenter’s sheet a side: what is ours there, with its cuts and pictures, and no money', () => {
  const sheets = carpenterSheets(made)
  expect(sheets.map(({ title }) => title).slice(0, 2)).toEqual(['front A', 'right B'])
  const ours = made.scope.items.filter((item) => item.standing === 'ours' && item.row?.sells)
  const shown = new Set(sheets.flatMap(({ items }) => items.map((item) => item.id)))
  expect(ours.filter((item) => !shown.has(item.id))).toEqual([])
  const cuts = sheets.flatMap(({ items }) => items.flatMap((item) => item.cuts))
  const count = cuts.reduce((sum, cut) => sum + Number(cut.split(' × ')[0]), 0)
  expect(count).toBe(
    made.takeoff.items.flatMap((item) => item.pieces).reduce((sum, piece) => sum + piece.count, 0),
  )
  expect(JSON.stringify(sheets)).not.toMatch(/\$|cents|price/)
})

test('what must stay, and whom one may talk to, stands on every sheet of the crew; the first on the bid too', () => {
  const front = { must_stay: 'the rose bed', may_talk_to: 'the owner' }
  const job = alderHouse()
  const agreed = derive({ ...job, job: { ...job.job, ...front } }, DAY)
  for (const { cautions } of carpenterSheets(agreed, 'en'))
    expect(cautions.slice(-2)).toEqual(['Must stay: the rose bed', 'On site talk to: the owner'])
  expect(carpenterSheets(agreed, 'es')[0]?.cautions.at(-1)).toBe('En la obra se habla con: the owner')
  const clause = agreed.bid.clauses.find(({ heading }) => heading === 'What stays as it is')
  expect(clause?.text).toBe('the rose bed')
  expect(JSON.stringify(agreed.bid)).not.toContain('talk to')
  const none = derive({ ...job, job: { ...job.job, must_stay: '', may_talk_to: '' } }, DAY)
  expect(none.bid.clauses.map(({ heading }) => heading)).not.toContain('What stays as it is')
})
