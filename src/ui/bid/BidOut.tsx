'use client'

import type { BidModel } from '../../core/bid'
import { bidList } from '../../core/lists/bidList'
import { plainRows, sheetRows } from '../../core/lists/lists'
import { Button } from '../look'
import { fileName, save } from '../lists/saveFile'

/** The draft as a file: comma-separated, or a workbook whose total is live. */
export function BidOut({ bid }: { bid: BidModel }) {
  async function workbook(): Promise<void> {
    const { default: write } = await import('write-excel-file/browser')
    const list = bidList(bid)
    save(
      fileName(bid.title, 'bid', 'xlsx'),
      await write([{ data: sheetRows(list), sheet: list.name }]).toBlob(),
    )
  }
  async function commas(): Promise<void> {
    const { default: papa } = await import('papaparse')
    save(
      fileName(bid.title, 'bid', 'csv'),
      new Blob([papa.unparse(plainRows(bidList(bid)))], { type: 'text/csv' }),
    )
  }
  return (
    <div role="group" aria-label="Bid as files" className="flex flex-wrap gap-2 pt-2">
      <Button onClick={() => void workbook()}>Bid, workbook</Button>
      <Button onClick={() => void commas()}>Bid, CSV</Button>
    </div>
  )
}
