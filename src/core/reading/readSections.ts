import type { BidBlock, BidPicture, BidSection } from '../bid/bidBlock'
import type { Reader } from './reader'

/** Sections as they read in another language, and what of them no row knows: that stands as it was written. */
export type ReadSections = { readonly sections: readonly BidSection[]; readonly unknown: readonly string[] }

type Say = (text: string) => string

const pictures = (all: readonly BidPicture[], say: Say): BidPicture[] =>
  // What was typed under a picture stays; what the program says under it is read.
  all.map((each) => ({ ...each, alt: say(each.alt), under: say(each.under) }))

function readBlock(block: BidBlock, say: Say): BidBlock {
  switch (block.kind) {
    case 'letterhead':
      return {
        ...block,
        title: block.title === 'Repair bid' ? say(block.title) : block.title,
        days: block.days.map(say),
        total: block.total && { ...block.total, name: say(block.total.name) },
      }
    case 'words':
    case 'sign':
    case 'signed':
      return { ...block, text: say(block.text) }
    case 'hazard':
      return {
        ...block,
        flag: block.flag && say(block.flag),
        head: say(block.head),
        says: say(block.says),
        who: say(block.who),
      }
    case 'drawing':
      return { ...block, under: say(block.under) }
    case 'place':
      return { ...block, name: say(block.name) }
    case 'work':
      return {
        ...block,
        title: say(block.title),
        amount: block.amount && say(block.amount),
        under: say(block.under),
        says: say(block.says),
        lasts: say(block.lasts),
        knows: block.knows.map(say),
        pictures: pictures(block.pictures, say),
      }
    case 'table':
      return {
        ...block,
        name: say(block.name),
        heads: block.heads.map(say),
        rows: block.rows.map((row) => row.map(say)),
      }
    case 'sum':
      return {
        ...block,
        rows: block.rows.map((row) => ({ ...row, name: say(row.name) })),
        name: say(block.name),
      }
    case 'finding':
      return {
        ...block,
        says: say(block.says),
        where: say(block.where),
        pictures: pictures(block.pictures, say),
      }
    case 'pictures':
      return { ...block, pictures: pictures(block.pictures, say) }
    case 'clause':
      return { ...block, heading: say(block.heading), text: say(block.text) }
    case 'pairs':
      return {
        ...block,
        heading: say(block.heading),
        rows: block.rows.map((row) => ({
          source: say(row.source),
          sure: say(row.sure),
          findings: row.findings,
          fix: say(row.fix),
        })),
      }
  }
}

/** Sections of a bid or a change order, read: every figure, mark and picture is as it was. */
export function readSections(sections: readonly BidSection[], reader: Reader): ReadSections {
  const unknown: string[] = []
  const say: Say = (text) => {
    const reading = reader(text)
    unknown.push(...reading.unknown)
    return reading.text
  }
  return {
    sections: sections.map((section) => ({
      ...section,
      heading: say(section.heading ?? section.name),
      blocks: section.blocks.map((block) => readBlock(block, say)),
    })),
    unknown,
  }
}
