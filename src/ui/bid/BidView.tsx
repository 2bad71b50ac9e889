import { Fragment, type ReactNode } from 'react'
import type { BidModel } from '../../core/bid'
import { sectionsOf, type BidBlock, type BidSection } from '../../core/bid/blocks'
import {
  Block,
  Drawings,
  ENGLISH_LABELS,
  type BidLabels,
  type Of,
  type PictureSrc,
  type Shown,
} from './BidBlocks'

/** Sections an owner reads at once; the others open at a touch. */
const READ_AT_ONCE: ReadonlySet<string> = new Set([
  'Bid',
  'Read this first',
  'Where it is',
  'What we propose',
  'Your choices',
])

/** A bid on the screen: the sections and blocks that paper prints too. */
export function BidView({
  model,
  pictureSrc,
  workFoot,
  folded = false,
  prices = true,
  read,
}: {
  model: BidModel
  pictureSrc: PictureSrc
  /** What its owner may do with a piece of work. */
  workFoot?: (id: string) => ReactNode
  /** Places, and sections that are read once, fold. */
  folded?: boolean
  /** False for a face without money: no figure stands there, not even a nought. */
  prices?: boolean
  /** Another language: its sections read, and what the printer says of itself. */
  read?: {
    readonly sections: (all: readonly BidSection[]) => readonly BidSection[]
    readonly labels: BidLabels
  }
}) {
  const shown = { pictureSrc, workFoot, folded, labels: read?.labels ?? ENGLISH_LABELS }
  const sections = sectionsOf(model, { prices })
  return (
    <article className="mx-auto flex max-w-4xl flex-col gap-6 bg-paper px-6 py-6 max-sm:px-4 print:bg-white print:p-0">
      {(read ? read.sections(sections) : sections).map((section) => (
        <Section key={section.name} section={section} shown={shown} />
      ))}
    </article>
  )
}

/** Any paper in sections, on the screen: none of them fold. */
export function SectionsView({
  sections,
  pictureSrc,
  labels = ENGLISH_LABELS,
}: {
  sections: readonly BidSection[]
  pictureSrc: PictureSrc
  labels?: BidLabels
}) {
  const shown = { pictureSrc, workFoot: undefined, folded: false, labels }
  return (
    <article className="mx-auto flex max-w-4xl flex-col gap-5 bg-paper px-6 py-6 max-sm:px-4 print:bg-white print:p-0">
      {sections.map((section) => (
        <Section key={section.name} section={section} shown={shown} />
      ))}
    </article>
  )
}

/** Blocks of one kind that follow one another are one list. */
function runsOf(blocks: readonly BidBlock[]): BidBlock[][] {
  return blocks.reduce<BidBlock[][]>((runs, block) => {
    const last = runs.at(-1)
    if (last && last[0]!.kind === block.kind) return [...runs.slice(0, -1), [...last, block]]
    return [...runs, [block]]
  }, [])
}

const LISTED: ReadonlySet<BidBlock['kind']> = new Set<BidBlock['kind']>(['hazard', 'work', 'finding'])

/** Blocks under the head of their place; blocks before the first head, and what follows the last place, stand alone. */
function byPlace(
  blocks: readonly BidBlock[],
): { readonly head: Of<'place'> | null; readonly blocks: BidBlock[] }[] {
  const groups: { head: Of<'place'> | null; blocks: BidBlock[] }[] = []
  for (const block of blocks) {
    const last = groups.at(-1)
    if (block.kind === 'place') groups.push({ head: block, blocks: [] })
    else if (last && (last.head === null || block.kind === 'work')) last.blocks.push(block)
    else groups.push({ head: null, blocks: [block] })
  }
  return groups
}

/** Shows that a head opens what is under it. */
const Fold = () => (
  <span aria-hidden className="no-print mr-2 inline-block group-open:rotate-90">
    ›
  </span>
)

const SUMMARY =
  'flex list-none min-h-11 cursor-pointer items-baseline justify-between gap-4 border-b border-ink py-2'

function Section({ section, shown }: { section: BidSection; shown: Shown }) {
  const { name, headed, blocks } = section
  const heading = section.heading ?? name
  const runs = (of: readonly BidBlock[], depth: 3 | 4 = 3): ReactNode =>
    runsOf(of).map((run, index) => <Run key={index} run={run} shown={{ ...shown, depth }} />)
  if (name === 'Bid') return <header className="border-b border-ink pb-2">{runs(blocks)}</header>
  if (section.folds || (shown.folded && !READ_AT_ONCE.has(name))) {
    return (
      <section aria-label={heading}>
        <details className="group">
          <summary className={`${SUMMARY} font-head text-[17px] font-semibold`}>
            <h2 className="text-[17px]">
              <Fold />
              {heading}
              {section.folds ? `: ${blocks.length}` : ''}
            </h2>
          </summary>
          <div className="flex flex-col gap-3 pt-2">{runs(blocks)}</div>
        </details>
      </section>
    )
  }
  const inside = byPlace(blocks).map(({ head, blocks: mine }, index) =>
    head ? (
      <Place key={index} head={head} items={shown.labels.items(mine.length)} folded={shown.folded}>
        {runs(mine, 4)}
      </Place>
    ) : (
      <Fragment key={index}>{runs(mine)}</Fragment>
    ),
  )
  return (
    <section aria-label={heading} className={headed ? '' : 'flex flex-col gap-3'}>
      {headed ? <h2 className="text-[19px]">{heading}</h2> : null}
      {inside}
    </section>
  )
}

/** What is done at one place of the house, with its sum. */
function Place({
  head,
  items,
  folded,
  children,
}: {
  head: Of<'place'>
  /** How many pieces of work there are under it, in words. */
  items: string
  folded: boolean
  children: ReactNode
}) {
  const amount = head.amount === null ? null : <span className="whitespace-nowrap">{head.amount}</span>
  if (!folded) {
    return (
      <>
        <h3 className="mt-5 flex items-baseline justify-between gap-4 border-b border-ink text-[17px]">
          <span>{head.name}</span>
          {amount}
        </h3>
        {children}
      </>
    )
  }
  return (
    <details className="group">
      <summary className={`${SUMMARY} font-head text-[17px] font-semibold`}>
        <h3 className="text-[17px]">
          <Fold />
          {head.name} <span className="text-[14px] font-normal text-quiet">{items}</span>
        </h3>
        {amount}
      </summary>
      {children}
    </details>
  )
}

function Run({ run, shown }: { run: readonly BidBlock[]; shown: Shown }) {
  const first = run[0]!
  if (first.kind === 'drawing')
    return <Drawings blocks={run as readonly Of<'drawing'>[]} label={shown.labels.drawing} />
  const inside = run.map((block, index) => <Block key={index} block={block} shown={shown} />)
  return LISTED.has(first.kind) ? <ol>{inside}</ol> : <>{inside}</>
}
