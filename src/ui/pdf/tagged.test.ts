/** The structure of a paper as another program reads it out of the file: poppler's `pdfinfo -struct-text`. */
import { expect, test } from '@jest/globals'
import { spawnSync } from 'node:child_process'
import { mkdtempSync, writeFileSync } from 'node:fs'
import { tmpdir } from 'node:os'
import path from 'node:path'
import { DEMO_JOBS } from '../../../demo'
import { sectionsOf } from '../../core/bid'
import { readyBid } from '../../core/compare/withLeaves'
import { derive } from '../../core/pipeline'
import { INKS } from '../look/inks'
import { paintOf } from './paintOf'
import { printBidPdf } from './printBidPdf'

function structureOf(pdf: Buffer): { readonly tag: string; readonly text: string }[] {
  const file = path.join(mkdtempSync(path.join(tmpdir(), 'detrimus-tags-')), 'bid.pdf')
  writeFileSync(file, pdf)
  const { stdout } = spawnSync('pdfinfo', ['-struct-text', file], { encoding: 'utf8', maxBuffer: 1e8 })
  const found: { tag: string; text: string }[] = []
  for (const line of stdout.split('\n')) {
    const text = /^\s*"(.*)"$/.exec(line)
    const tag = /^\s*([A-Z][A-Za-z0-9]*)/.exec(line)
    if (text) found.at(-1)!.text += text[1]!
    else if (tag) found.push({ tag: tag[1]!, text: '' })
  }
  return found
}

test('a paper says what is a heading, a table and a picture, in the order it is read; page numbers are read on none', async () => {
  const job = DEMO_JOBS['kelp-row-7']()
  const bid = readyBid(job, '2026-05-04', derive(job, '2026-05-04'))
  const found = structureOf(await printBidPdf(bid, new Map()))
  const of = (tag: string): string[] => found.flatMap((each) => (each.tag === tag ? [each.text] : []))
  expect(of('H1')).toEqual(['7 Kelp Row'])
  const heads = sectionsOf(bid, { prices: true, paper: true }).flatMap(({ name, headed }) =>
    headed ? [name] : [],
  )
  expect(of('H2')).toEqual(heads)
  // Every piece of work heads itself, under the head of its place.
  expect(of('H4').slice(0, 2)).toEqual([
    'Foot of the siding: boards renewed',
    'Foot of the door post: a new piece let in',
  ])
  expect(of('H4').length).toBeGreaterThanOrEqual(bid.items.length)
  expect(of('TH')).toEqual(expect.arrayContaining(['Where', 'Work', 'Price', 'Total, tax included']))
  expect(of('Figure').length).toBe(bid.drawings.length)
  expect(found.some(({ text }) => /page \d+ of \d+/.test(text))).toBe(false)
})

test('no ink of the drawing reaches paper as one that is seen through', () => {
  for (const { fill } of Object.values(INKS)) expect(paintOf(fill).fill).toMatch(/^(?:#[0-9A-Fa-f]{6}|none)$/)
})
