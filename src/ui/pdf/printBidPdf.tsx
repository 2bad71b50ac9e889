import { Document, Image, Page, Path, Svg, Text, View } from '@react-pdf/renderer'
import { acceptedSections, type AcceptedBid } from '../../core/bid/acceptedPaper'
import { sectionsOf, type BidBlock, type BidModel, type BidPicture } from '../../core/bid'
import type { Paper } from '../../core/bid/paper'
import { dayWords } from '../../core/measure'
import { capital } from '../../core/measure/capital'
import { MarksPdf } from './MarksPdf'
import { INK, Part, registerFonts, RULE, styles, Words } from './paper'
import { StripPdf } from './StripPdf'
import { renderTagged } from './tagged'

const PAGE_WIDTH = 532

type Of<K extends BidBlock['kind']> = Extract<BidBlock, { kind: K }>
type Pictures = ReadonlyMap<string, Buffer>

function Letterhead({ block, pictures }: { block: Of<'letterhead'>; pictures: Pictures }) {
  const logo = block.logo === null ? undefined : pictures.get(block.logo)
  return (
    <View style={styles.row}>
      <View style={{ flexShrink: 1 }}>
        {logo ? <Image src={logo} style={styles.logo} /> : null}
        <Words style={styles.firm}>{block.firm}</Words>
        <Words style={styles.title} tag="H1">
          {block.title}
        </Words>
        <Words>{block.address}</Words>
      </View>
      <View style={{ flexShrink: 0, width: 190 }}>
        {block.total ? (
          <>
            <Words style={[styles.total, { textAlign: 'right' }]}>{block.total.amount}</Words>
            <Words style={[styles.quiet, { textAlign: 'right' }]}>{block.total.name}</Words>
          </>
        ) : null}
        {block.days.map((day) => (
          <Words key={day} style={[styles.quiet, { textAlign: 'right' }]}>
            {day}
          </Words>
        ))}
      </View>
    </View>
  )
}

function Hazard({ block }: { block: Of<'hazard'> }) {
  return (
    <View style={styles.hazard} wrap={false}>
      <Words>
        {block.flag ? <Words style={styles.keepOff}> {block.flag} </Words> : null}
        <Words style={styles.strong}>
          {block.flag ? '  ' : ''}
          {capital(block.head)}
        </Words>
      </Words>
      <Words>
        {block.says} ({block.who})
      </Words>
    </View>
  )
}

function DrawingRow({ block, width = PAGE_WIDTH }: { block: Of<'drawing'>; width?: number }) {
  return (
    <View wrap={false} style={{ width }}>
      <StripPdf
        drawing={block.drawing}
        px={block.px}
        width={width}
        alt={`Drawing of the outside walls: ${block.under.split(/ {5}/).join('; ')}`}
      />
      <Words style={[styles.strong, { fontSize: 8.5, marginBottom: 4 }]}>{block.under}</Words>
    </View>
  )
}

function PlaceHead({ block }: { block: Of<'place'> }) {
  return (
    <View
      style={[styles.row, { marginTop: 10, borderBottomWidth: 1, borderBottomColor: INK }]}
      wrap={false}
      minPresenceAhead={70}
    >
      <Words style={[styles.strong, { fontSize: 12 }]} tag="H3">
        {block.name}
      </Words>
      {block.amount === null ? null : <Words style={styles.price}>{block.amount}</Words>}
    </View>
  )
}

function Work({ block, pictures }: { block: Of<'work'>; pictures: Pictures }) {
  return (
    <View style={styles.item} wrap={false}>
      <View style={styles.row}>
        <Words style={[styles.strong, { fontSize: 10.5, flexGrow: 1, flexShrink: 1 }]} tag="H4">
          {block.title}
        </Words>
        {block.amount === null ? null : <Words style={styles.price}>{block.amount}</Words>}
      </View>
      {block.says ? <Words>{block.says}</Words> : null}
      <Words style={styles.quiet}>{[block.under, block.lasts].filter(Boolean).join(' · ')}</Words>
      {block.knows.map((words) => (
        <Words key={words} style={styles.waiting}>
          {words}
        </Words>
      ))}
      {block.pictures.length > 0 ? <PictureRows shown={block.pictures} pictures={pictures} /> : null}
    </View>
  )
}

/** A row is never split; the head of a table stands with its first rows. */
function Table({ block }: { block: Of<'table'> }) {
  const last = block.heads.length - 1
  const wide = (column: number) =>
    block.amounts && column === last
      ? { width: 70, textAlign: 'right' as const }
      : block.heads.length === 4 && column === 0
        ? { width: 34 }
        : { flexGrow: 1, flexBasis: 0 }
  return (
    <Part tag="Table">
      <Part
        tag="TR"
        style={[styles.row, { borderBottomWidth: 1, borderBottomColor: INK }]}
        minPresenceAhead={30}
      >
        {block.heads.map((head, column) => (
          <Words key={head} style={[styles.strong, wide(column)]} tag="TH">
            {head}
          </Words>
        ))}
      </Part>
      {block.rows.map((row, index) => (
        <Part
          key={index}
          tag="TR"
          style={[styles.row, { borderBottomWidth: 0.5, borderBottomColor: RULE, paddingVertical: 2 }]}
          wrap={false}
        >
          {row.map((cell, column) => (
            <Words key={column} style={wide(column)} tag="TD">
              {cell}
            </Words>
          ))}
        </Part>
      ))}
    </Part>
  )
}

function Sum({ block }: { block: Of<'sum'> }) {
  return (
    <Part tag="Table" wrap={false} style={{ marginTop: 6 }}>
      {block.rows.map((row) => (
        <Part tag="TR" key={row.name} style={styles.row}>
          <Words tag="TH">{row.name}</Words>
          <Words tag="TD">{row.amount}</Words>
        </Part>
      ))}
      <Part tag="TR" style={[styles.row, { borderTopWidth: 1, borderTopColor: INK, paddingTop: 3 }]}>
        <Words style={styles.total} tag="TH">
          {block.name}
        </Words>
        <Words style={styles.total} tag="TD">
          {block.amount}
        </Words>
      </Part>
    </Part>
  )
}

function Finding({ block, pictures }: { block: Of<'finding'>; pictures: Pictures }) {
  return (
    <View style={styles.item} wrap={false}>
      <Words>
        <Words style={[styles.strong, { color: '#9C2C13' }]}>{block.number} </Words>
        {block.says} <Words style={styles.quiet}>{block.where}</Words>
      </Words>
      {block.pictures.length > 0 ? <PictureRows shown={block.pictures} pictures={pictures} /> : null}
    </View>
  )
}

function PictureRows({ shown, pictures }: { shown: readonly BidPicture[]; pictures: Pictures }) {
  return (
    <View style={styles.photos}>
      {shown.map((picture) => {
        const data = pictures.get(picture.sha256)
        return data ? (
          <View key={`${picture.under}/${picture.sha256}`} wrap={false} style={{ width: 171 }}>
            <View style={{ position: 'relative' }}>
              <Image src={{ data, format: 'jpg' }} style={{ width: 171 }} {...{ alt: picture.alt }} />
              {picture.drawn ? <MarksPdf drawn={picture.drawn} width={171} /> : null}
            </View>
            <Words style={styles.quiet}>{picture.under}</Words>
          </View>
        ) : null
      })}
    </View>
  )
}

/** A clause that names many findings is longer than a page: it runs on, its heading with its first lines. */
function Clause({ block }: { block: Of<'clause'> | Of<'pairs'> }) {
  return (
    <View>
      <Words style={styles.small} minPresenceAhead={40} tag="H3">
        {block.heading}
      </Words>
      {block.kind === 'clause' ? (
        <Words>{block.text}</Words>
      ) : (
        block.rows.map((row, index) => (
          <Words key={index} style={{ marginTop: 2 }}>
            {row.source}
            {row.sure ? `, ${row.sure}` : ''}, {row.findings.includes(',') ? 'spots' : 'spot'} {row.findings}.{' '}
            <Words style={styles.quiet}>{row.fix}</Words>
          </Words>
        ))
      )}
    </View>
  )
}

/** Points of a signature are ten-thousandths of its field. */
const FULL = 10_000
const FIELD = { width: 240, height: 80 } as const

function Signed({ block }: { block: Of<'signed'> }) {
  return (
    <View wrap={false} style={{ width: FIELD.width }}>
      {block.strokes.length > 0 ? (
        <Svg width={FIELD.width} height={FIELD.height} viewBox={`0 0 ${FIELD.width} ${FIELD.height}`}>
          {block.strokes.map((stroke, index) => (
            <Path
              key={index}
              d={stroke
                .map(
                  ([across, down], at) =>
                    `${at === 0 ? 'M' : 'L'}${(across / FULL) * FIELD.width} ${(down / FULL) * FIELD.height}`,
                )
                .join('')}
              stroke={INK}
              strokeWidth={1.2}
              fill="none"
            />
          ))}
        </Svg>
      ) : null}
      <Words style={{ borderTopWidth: 0.5, borderTopColor: RULE, paddingTop: 2 }}>{block.text}</Words>
    </View>
  )
}

const TONES = {
  plain: styles.text,
  quiet: styles.quiet,
  strong: styles.strong,
  waiting: styles.waiting,
} as const

/** How each kind of block looks on paper. */
function Block({ block, pictures }: { block: BidBlock; pictures: Pictures }) {
  switch (block.kind) {
    case 'letterhead':
      return <Letterhead block={block} pictures={pictures} />
    case 'words':
      return <Words style={[TONES[block.tone], { marginTop: 6 }]}>{block.text}</Words>
    case 'hazard':
      return <Hazard block={block} />
    case 'drawing':
      return <DrawingRow block={block} />
    case 'work':
      return <Work block={block} pictures={pictures} />
    case 'sign':
      return (
        <Words style={{ marginTop: 16 }} minPresenceAhead={20}>
          {block.text} ______________________________________________
        </Words>
      )
    case 'signed':
      return <Signed block={block} />
    case 'place':
      return <PlaceHead block={block} />
    case 'table':
      return <Table block={block} />
    case 'sum':
      return <Sum block={block} />
    case 'finding':
      return <Finding block={block} pictures={pictures} />
    case 'pictures':
      return <PictureRows shown={block.pictures} pictures={pictures} />
    case 'clause':
    case 'pairs':
      return <Clause block={block} />
  }
}

const ABREAST = 2
const GAP = 10

/** Rows of the strip beside one another, for one page. */
function DrawingsAbreast({ blocks }: { blocks: readonly BidBlock[] }) {
  const drawings = blocks.filter((block) => block.kind === 'drawing')
  const many = Math.min(ABREAST, drawings.length)
  return (
    <View style={{ flexDirection: 'row', flexWrap: 'wrap', gap: GAP }} wrap={false}>
      {drawings.map((block, index) => (
        <DrawingRow key={index} block={block} width={(PAGE_WIDTH - GAP * (many - 1)) / many} />
      ))}
    </View>
  )
}

function headOf(name: string, headed: boolean, blocks: readonly BidBlock[]) {
  if (!headed) return []
  return [
    <Words
      key={name}
      style={styles.heading}
      minPresenceAhead={blocks[0]?.kind === 'drawing' ? 260 : 60}
      tag="H2"
    >
      {name}
    </Words>,
  ]
}

function Foot({ says }: { says: string }) {
  return (
    <View style={styles.foot} fixed>
      <Text>{says}</Text>
      <Text render={({ pageNumber, totalPages }) => `page ${pageNumber} of ${totalPages}`} />
    </View>
  )
}

const SIZES = { letter: 'LETTER', a4: 'A4' } as const

/** A short paper as PDF, on the server: a change order, an invoice, the end of a job. */
export function printPaperPdf(paper: Paper, pictures: ReadonlyMap<string, Buffer>): Promise<Buffer> {
  registerFonts()
  return renderTagged(
    <Document title={paper.title} author={paper.author} language="en">
      <Page size={SIZES[paper.size]} style={styles.page}>
        {paper.sections.flatMap(({ name, headed, blocks }) => [
          ...headOf(name, headed, blocks),
          ...blocks.map((block, index) => (
            <Block key={`${name} ${index}`} block={block} pictures={pictures} />
          )),
        ])}
        <Foot says={paper.foot} />
      </Page>
    </Document>,
  )
}

type Form = { readonly short?: boolean; readonly accepted?: AcceptedBid }

function BidDocument({ model, pictures, form }: { model: BidModel; pictures: Pictures; form: Form }) {
  const { short = false, accepted } = form
  const sections = accepted
    ? acceptedSections(model, accepted)
    : sectionsOf(model, { prices: true, paper: true, short })
  return (
    <Document title={`Bid: ${model.title}`} author={model.firm.name} language="en">
      <Page size={SIZES[model.shows.paper]} style={styles.page}>
        {sections.flatMap(({ name, headed, blocks }) => [
          ...headOf(name, headed, blocks),
          ...(short && name === 'Where it is'
            ? [<DrawingsAbreast key={`${name} abreast`} blocks={blocks} />]
            : blocks.map((block, index) => (
                <Block key={`${name} ${index}`} block={block} pictures={pictures} />
              ))),
        ])}
        {short || accepted ? null : (
          <View style={{ marginTop: 26 }} wrap={false}>
            <Words style={styles.quiet}>
              Accepted by (name, date): ______________________________________________
            </Words>
          </View>
        )}
        <Foot says={`${model.firm.name} · ${model.title} · ${dayWords(model.prepared_on)}`} />
      </Page>
    </Document>
  )
}

/** A bid as PDF, on the server: whole, on one page, or what of it was accepted. */
export function printBidPdf(
  model: BidModel,
  pictures: ReadonlyMap<string, Buffer>,
  form: Form = {},
): Promise<Buffer> {
  registerFonts()
  return renderTagged(<BidDocument model={model} pictures={pictures} form={form} />)
}
