/** A bid as a table: its sum is a formula over the rows above it, and comes to the total. */
import { expect, test } from '@jest/globals'
import { DEMO_JOBS } from '../../../demo'
import { derive } from '../pipeline'
import { bidList } from './bidList'
import { plainRows, sheetRows } from './lists'

test.each(Object.keys(DEMO_JOBS))('%s: the sum over the priced rows is the total', (name) => {
  const { bid } = derive(DEMO_JOBS[name as keyof typeof DEMO_JOBS](), '2026-05-04')
  const list = bidList(bid)
  const at = list.rows.findIndex((row) => row[1] === 'Total')
  if (bid.items.length === 0) {
    expect(at).toBe(-1)
    return
  }
  expect(sheetRows(list)[at + 1]?.[5]).toEqual({ value: `=SUM(F2:F${at + 1})`, type: 'Formula' })
  expect(Math.round(Number(plainRows(list)[at + 1]?.[5]) * 100)).toBe(bid.total_cents)
  // What is not in the price stands after the sum, where no formula reaches it.
  expect(list.rows.length - at - 1).toBe(bid.beside.length + bid.looks.length)
})

test('a text that a spreadsheet would take for a formula stays a text', () => {
  const { bid } = derive(DEMO_JOBS['alder-house'](), '2026-05-04')
  const evil = { ...bid, items: [{ ...bid.items[0]!, title: '=HYPERLINK("x")', where: '@SUM(A1)' }] }
  expect(plainRows(bidList(evil))[1]?.slice(1, 3)).toEqual(['\'=HYPERLINK("x")', "'@SUM(A1)"])
})
