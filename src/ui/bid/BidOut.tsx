'use client'

import { handOver } from '../../client/handOver'
import type { BidModel } from '../../core/bid'
import { bidList } from '../../core/lists/bidList'
import { plainRows, sheetRows } from '../../core/lists/lists'
import { Button } from '../look'
import { fileName } from '../lists/fileName'

/** The draft as a file: comma-separated, or a workbook whose total is live. */
export function BidOut({ bid }: { bid: BidModel }) {
  async function workbook(): Promise<void> {
    const { default: write } = await import('write-excel-file/browser')
    const list = bidList(bid)
    handOver(
      await write([{ data: sheetRows(list), sheet: list.name }]).toBlob(),
      fileName(bid.title, 'bid', 'xlsx'),
    )
  }
  async function commas(): Promise<void> {
    const { default: papa } = await import('papaparse')
    handOver(
      new Blob([papa.unparse(plainRows(bidList(bid)))], { type: 'text/csv' }),
      fileName(bid.title, 'bid', 'csv'),
    )
  }
  return (
    <div role="group" aria-label="Bid as files" className="flex flex-wrap gap-2 pt-2">
      <Button onClick={() => void workbook()}>Bid, workbook</Button>
      <Button onClick={() => void commas()}>Bid, CSV</Button>
    </div>
  )
}
