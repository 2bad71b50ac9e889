'use client'

import { handOver } from '../../client/handOver'
import type { CutPlan } from '../../core/cut'
import { buyList, carpenterSheets, plainRows, sawSheet, sheetRows, type List } from '../../core/lists'
import { Button } from '../look'
import { fileName } from '../lists/fileName'
import { useJob } from '../state/useJob'
import { drawingSvg } from './drawingSvg'

/** Every list as a file: comma-separated, a workbook whose sums are live, or plain data; and on paper. */
export function ListsOut({ cut }: { cut: CutPlan }) {
  const { derived } = useJob()
  const { job, scope } = derived
  const { title } = job.job
  const names = new Map(scope.items.map((item) => [item.id, item.name]))
  const lists = (): readonly List[] => [
    buyList(cut),
    sawSheet(cut.sections, (owner) => names.get(owner) ?? ''),
  ]
  async function workbook(): Promise<void> {
    const { default: write } = await import('write-excel-file/browser')
    const sheets = lists().map((list) => ({ data: sheetRows(list), sheet: list.name }))
    handOver(await write(sheets).toBlob(), fileName(title, 'lists', 'xlsx'))
  }
  async function commas(list: List): Promise<void> {
    const { default: papa } = await import('papaparse')
    handOver(new Blob([papa.unparse(plainRows(list))], { type: 'text/csv' }), fileName(title, list.id, 'csv'))
  }
  function data(): void {
    const all = {
      format: 'detrimus-lists',
      version: 1,
      job: title,
      lists: lists().map((list) => ({ ...list, rows: plainRows(list).slice(1) })),
      carpenter: carpenterSheets(derived),
    }
    handOver(
      new Blob([JSON.stringify(all, null, 2)], { type: 'application/json' }),
      fileName(title, 'lists', 'json'),
    )
  }
  function drawing(): void {
    const drawn = document.querySelector<SVGSVGElement>(
      'section[aria-label="Walls"] svg, section[aria-label="Plan"] svg',
    )
    if (drawn)
      handOver(new Blob([drawingSvg(drawn)], { type: 'image/svg+xml' }), fileName(title, 'walls', 'svg'))
  }
  return (
    <div role="group" aria-label="Lists as files" className="flex flex-wrap gap-x-3">
      <Button look="quiet" onClick={() => window.print()}>
        Print
      </Button>
      <Button look="quiet" onClick={() => void workbook()}>
        Workbook
      </Button>
      {lists().map((list) => (
        <Button key={list.id} look="quiet" onClick={() => void commas(list)}>
          {list.name}, CSV
        </Button>
      ))}
      <Button look="quiet" onClick={data}>
        JSON
      </Button>
      <Button look="quiet" onClick={drawing}>
        Walls, SVG
      </Button>
    </div>
  )
}
