import type { ReactNode } from 'react'
import type { BidBlock, BidPicture } from '../../core/bid/blocks'
import { capital } from '../../core/measure/capital'
import { MarksOnPicture } from '../house/MarksOnPicture'
import { StripPicture } from '../house/StripPicture'

export type Of<K extends BidBlock['kind']> = Extract<BidBlock, { kind: K }>
export type PictureSrc = (sha256: string) => string
/** What a bid's printer says of itself. */
export type BidLabels = {
  readonly items: (count: number) => string
  readonly consistent: string
  readonly spots: string
  readonly itsFix: string
  readonly drawing: string
}
export const ENGLISH_LABELS: BidLabels = {
  items: (count) => (count === 1 ? 'one item' : `${count} items`),
  consistent: 'Consistent with',
  spots: 'Spots',
  itsFix: 'Its fix',
  drawing: 'Drawing of the outside walls',
}

/** How a bid is shown: where its pictures come from, and what stands under a piece of work. */
export type Shown = {
  readonly labels: BidLabels
  readonly pictureSrc: PictureSrc
  readonly workFoot?: ((id: string) => ReactNode) | undefined
  /** Places and what is read once fold, so that a phone shows the whole in a few screens. */
  readonly folded: boolean
  /** How deep the heading of a piece of work stands: under a section, or under a place in it. */
  readonly depth?: 3 | 4
}

/** How each kind of block looks on a screen; rows of the drawing come together. */
export function Block({ block, shown }: { block: BidBlock; shown: Shown }) {
  const { pictureSrc, workFoot } = shown
  switch (block.kind) {
    case 'letterhead':
      return <Letterhead block={block} pictureSrc={pictureSrc} />
    case 'words':
      return <p className={TONES[block.tone]}>{block.text}</p>
    case 'hazard':
      return <Hazard block={block} />
    case 'drawing':
      return <Drawings blocks={[block]} label={shown.labels.drawing} />
    case 'work':
      return (
        <Work block={block} pictureSrc={pictureSrc} depth={shown.depth ?? 3}>
          {workFoot?.(block.id)}
        </Work>
      )
    case 'place':
    case 'sign':
    case 'signed':
      return null
    case 'table':
      return <Table block={block} />
    case 'sum':
      return <Sum block={block} />
    case 'finding':
      return <Finding block={block} pictureSrc={pictureSrc} />
    case 'pictures':
      return <Pictures pictures={block.pictures} pictureSrc={pictureSrc} />
    case 'clause':
      return (
        <div className="break-inside-avoid">
          <h2 className="text-[16px]">{block.heading}</h2>
          <p className="text-[14px]">{block.text}</p>
        </div>
      )
    case 'pairs':
      return <Pairs block={block} labels={shown.labels} />
  }
}

const TONES = {
  plain: 'border-t border-rule pt-2',
  quiet: 'text-[13px] text-quiet',
  strong: 'border-t border-ink pt-2 text-[14px]',
  waiting: 'pt-2 text-[14px] text-pencil-text',
} as const

function Letterhead({ block, pictureSrc }: { block: Of<'letterhead'>; pictureSrc: PictureSrc }) {
  return (
    <div className="flex flex-wrap items-end justify-between gap-2 pb-1">
      <div>
        {block.logo ? <img src={pictureSrc(block.logo)} alt="" className="mb-1 max-h-14 max-w-48" /> : null}
        <p className="font-head text-[15px]">{block.firm}</p>
        <h1 className="text-[28px] leading-tight">{block.title}</h1>
        {block.address ? <p>{block.address}</p> : null}
      </div>
      <div className="text-right max-sm:text-left">
        {block.total ? (
          <p>
            <span className="font-head text-[28px] leading-tight font-semibold">{block.total.amount}</span>
            <span className="block text-[14px] text-quiet">{block.total.name}</span>
          </p>
        ) : null}
        <p className="text-[14px] text-quiet">{block.days.join(', ')}</p>
      </div>
    </div>
  )
}

function Hazard({ block }: { block: Of<'hazard'> }) {
  return (
    <li className="mt-2 border border-ink bg-white p-3">
      <p>
        {block.flag ? (
          <span className="mr-2 bg-pencil px-2 font-head font-semibold">{block.flag}</span>
        ) : null}
        <b className="font-head font-semibold">{capital(block.head)}</b>
      </p>
      <p className="text-[14px]">
        {block.says} <span className="text-quiet">({block.who})</span>
      </p>
    </li>
  )
}

export function Drawings({ blocks, label }: { blocks: readonly Of<'drawing'>[]; label: string }) {
  return (
    <div className="flex flex-col gap-2 overflow-x-auto" tabIndex={0} role="group" aria-label={label}>
      {blocks.map(({ px, drawing, under }) => (
        <StripPicture key={under} drawing={drawing} px={px} />
      ))}
    </div>
  )
}

function Work({
  block,
  pictureSrc,
  depth,
  children,
}: {
  block: Of<'work'>
  pictureSrc: PictureSrc
  depth: 3 | 4
  children: ReactNode
}) {
  const Heading = `h${depth}` as const
  return (
    <li id={`item-${block.id}`} className="border-b border-rule py-3 break-inside-avoid">
      <div className="flex items-baseline justify-between gap-4">
        <Heading className="font-head text-[16px] font-semibold">{block.title}</Heading>
        {block.amount === null ? null : (
          <span className="font-head text-[17px] font-semibold whitespace-nowrap">{block.amount}</span>
        )}
      </div>
      {block.says ? <p className="max-w-[68ch] text-[16px]">{block.says}</p> : null}
      <p className="text-[14px] text-quiet">{[block.under, block.lasts].filter(Boolean).join(' · ')}</p>
      {block.knows.map((words) => (
        <p key={words} className="text-[14px] text-pencil-text">
          {words}
        </p>
      ))}
      {block.pictures.length > 0 ? <Pictures pictures={block.pictures} pictureSrc={pictureSrc} /> : null}
      {children}
    </li>
  )
}

function Table({ block }: { block: Of<'table'> }) {
  const last = block.heads.length - 1
  const amount = (column: number): string =>
    block.amounts && column === last ? 'text-right whitespace-nowrap' : 'text-left'
  return (
    <div className="overflow-x-auto" tabIndex={0} role="group" aria-label={block.name}>
      <table className="w-full text-[14px]">
        <thead>
          <tr className="border-b border-ink">
            {block.heads.map((head, column) => (
              <th key={head} scope="col" className={`py-1 pr-3 ${amount(column)}`}>
                {head}
              </th>
            ))}
          </tr>
        </thead>
        <tbody>
          {block.rows.map((row, index) => (
            <tr key={index} className="border-b border-rule align-top">
              {row.map((cell, column) => (
                <td key={column} className={`py-1 pr-3 ${amount(column)}`}>
                  {cell}
                </td>
              ))}
            </tr>
          ))}
        </tbody>
      </table>
    </div>
  )
}

function Sum({ block }: { block: Of<'sum'> }) {
  return (
    <table className="mt-2">
      <tbody>
        {block.rows.map((row) => (
          <tr key={row.name}>
            <th scope="row" className="text-left font-normal">
              {row.name}
            </th>
            <td className="text-right">{row.amount}</td>
          </tr>
        ))}
        <tr className="border-t border-ink">
          <th scope="row" className="py-2 text-left text-[18px]">
            {block.name}
          </th>
          <td className="text-right font-head text-[24px] font-semibold">{block.amount}</td>
        </tr>
      </tbody>
    </table>
  )
}

function Finding({ block, pictureSrc }: { block: Of<'finding'>; pictureSrc: PictureSrc }) {
  return (
    <li className="border-b border-rule py-2 break-inside-avoid">
      <p>
        <b className="font-head font-semibold text-crayon-text">{block.number}</b> {block.says}
      </p>
      <p className="text-[14px] text-quiet">{block.where}</p>
      {block.pictures.length > 0 ? <Pictures pictures={block.pictures} pictureSrc={pictureSrc} /> : null}
    </li>
  )
}

function Pictures({ pictures, pictureSrc }: { pictures: readonly BidPicture[]; pictureSrc: PictureSrc }) {
  return (
    <ul className="grid grid-cols-3 gap-3 pt-3 max-sm:grid-cols-2">
      {pictures.map(({ sha256, drawn, alt, under }) => (
        <li key={`${under}/${sha256}`}>
          <figure>
            <span className="relative block">
              <img
                src={pictureSrc(sha256)}
                alt={alt}
                loading="lazy"
                className="block max-h-64 w-full border border-ink object-cover"
              />
              {drawn ? (
                <svg
                  viewBox={`0 0 ${drawn.width_px} ${drawn.height_px}`}
                  preserveAspectRatio="xMidYMid slice"
                  aria-hidden
                  className="absolute inset-0 h-full w-full"
                >
                  <MarksOnPicture marks={drawn.marks} canvas={null} size={drawn} />
                </svg>
              ) : null}
            </span>
            <figcaption className="font-head text-[14px]">{under}</figcaption>
          </figure>
        </li>
      ))}
    </ul>
  )
}

function Pairs({ block, labels }: { block: Of<'pairs'>; labels: BidLabels }) {
  return (
    <div className="break-inside-avoid">
      <h2 className="text-[16px]">{block.heading}</h2>
      <table className="text-[14px]">
        <thead>
          <tr className="border-b border-ink">
            <th scope="col" className="py-1 pr-3 text-left">
              {labels.consistent}
            </th>
            <th scope="col" className="py-1 pr-3 text-left">
              {labels.spots}
            </th>
            <th scope="col" className="py-1 text-left">
              {labels.itsFix}
            </th>
          </tr>
        </thead>
        <tbody>
          {block.rows.map((row) => (
            <tr key={row.source} className="border-b border-rule align-top">
              <td className="py-1 pr-3">
                {row.source}
                {row.sure ? <span className="text-quiet">, {row.sure}</span> : null}
              </td>
              <td className="py-1 pr-3 whitespace-nowrap">{row.findings}</td>
              <td className="py-1">{row.fix}</td>
            </tr>
          ))}
        </tbody>
      </table>
    </div>
  )
}
