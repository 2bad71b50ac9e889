import {
  Document,
  Font,
  Image,
  Page,
  Path,
  renderToBuffer,
  StyleSheet,
  Svg,
  Text,
  View,
  type TextProps,
} from '@react-pdf/renderer'
import path from 'node:path'
import type { ReactNode } from 'react'
import { sectionsOf, type BidBlock, type BidModel, type BidPicture } from '../../core/bid'
import type { Drawing, Shape } from '../../core/house'
import { isMark, pathOf, toPixels, type Frame } from '../house/frame'
import { INKS, LABEL_INKS } from '../look/inks'
import { MarksPdf } from './MarksPdf'

/** Full TTFs: subsets of the web fonts lose ≥, → and fractions without a word. */
let fontsReady = false
function registerFonts(): void {
  if (fontsReady) return
  const home = path.join(process.cwd(), 'node_modules', '@expo-google-fonts')
  Font.register({
    family: 'Public Sans',
    fonts: [
      { src: path.join(home, 'public-sans/400Regular/PublicSans_400Regular.ttf') },
      { src: path.join(home, 'public-sans/600SemiBold/PublicSans_600SemiBold.ttf'), fontWeight: 600 },
    ],
  })
  Font.register({
    family: 'Barlow',
    fonts: [
      { src: path.join(home, 'barlow-semi-condensed/500Medium/BarlowSemiCondensed_500Medium.ttf') },
      {
        src: path.join(home, 'barlow-semi-condensed/600SemiBold/BarlowSemiCondensed_600SemiBold.ttf'),
        fontWeight: 600,
      },
    ],
  })
  // Words of the trade are not to be broken at a guess.
  Font.registerHyphenationCallback((word) => [word])
  fontsReady = true
}

const INK = '#17232B'
const QUIET = '#4A5A61'
const RULE = '#C2CCCC'

const styles = StyleSheet.create({
  page: {
    padding: 40,
    paddingBottom: 54,
    fontFamily: 'Public Sans',
    fontSize: 9.5,
    color: INK,
    // No line height here: a text that is laid out anew on every page (the page numbers) would take it again each time, and from
    // about the eleventh page on nothing prints. Texts that want one have it themselves.
  },
  // The size stands beside the line height: taken from the page, the library reckons lines for a text of 18 pt.
  text: { fontSize: 9.5, lineHeight: 1.35 },
  logo: { maxHeight: 44, maxWidth: 150, marginBottom: 4, objectFit: 'contain', objectPosition: 'left' },
  firm: { fontFamily: 'Barlow', fontSize: 10, color: QUIET },
  title: { fontFamily: 'Barlow', fontWeight: 600, fontSize: 22, lineHeight: 1.15 },
  heading: {
    fontFamily: 'Barlow',
    fontWeight: 600,
    fontSize: 13,
    borderBottomWidth: 1,
    borderBottomColor: INK,
    marginTop: 14,
    marginBottom: 5,
    paddingBottom: 1,
  },
  small: { fontFamily: 'Barlow', fontWeight: 600, fontSize: 11, marginTop: 7 },
  hazard: { borderWidth: 1, borderColor: INK, padding: 6, marginBottom: 4 },
  keepOff: { fontFamily: 'Barlow', fontWeight: 600, backgroundColor: '#F1B50E', paddingHorizontal: 4 },
  strong: { fontFamily: 'Barlow', fontWeight: 600 },
  quiet: { color: QUIET },
  waiting: { color: '#6E5000' },
  row: { flexDirection: 'row', justifyContent: 'space-between', gap: 12 },
  item: { borderBottomWidth: 0.5, borderBottomColor: RULE, paddingVertical: 4 },
  price: { fontFamily: 'Barlow', fontWeight: 600, fontSize: 11.5, textAlign: 'right' },
  total: { fontFamily: 'Barlow', fontWeight: 600, fontSize: 17 },
  foot: {
    position: 'absolute',
    bottom: 24,
    left: 40,
    right: 40,
    fontSize: 8,
    color: QUIET,
    flexDirection: 'row',
    justifyContent: 'space-between',
  },
  photos: { flexDirection: 'row', flexWrap: 'wrap', gap: 8, marginTop: 6 },
})

type Style = ReturnType<typeof StyleSheet.create>[string]

/** A text with the lines of this page. Everything but the page numbers is one. */
function Words({
  style = [],
  ...more
}: Omit<TextProps, 'style'> & { style?: Style | Style[]; children?: ReactNode }) {
  return <Text style={[styles.text, ...[style].flat()]} {...more} />
}

/** Prints the same shapes as the screen; labels become text laid over the drawing. */
function StripPdf({ drawing, px: drawnAt, width }: { drawing: Drawing; px: number; width: number }) {
  // Rows share one scale: the widest fills the page, and labels shrink as the row does.
  const px = (drawnAt * ROW_PX) / width
  const frame: Frame = { left: drawing.left, top: drawing.top, px }
  const height = (drawing.top - drawing.bottom) / px
  const scale = width / ROW_PX
  const shapes = drawing.items.flatMap((item): readonly Shape[] => (isMark(item) ? item.shapes : [item]))
  return (
    <View style={{ width, height, position: 'relative', marginBottom: 4 }}>
      <Svg width={width} height={height} viewBox={`0 0 ${width} ${height}`}>
        {shapes.map((shape, index) => {
          if (shape.kind === 'label') return null
          const ink = INKS[shape.ink]
          const d = pathOf(
            shape.kind === 'polygon' ? [shape.points] : shape.lines,
            frame,
            shape.kind === 'polygon',
          )
          if (d === '') return null
          return (
            <Path
              key={index}
              d={d}
              fill={shape.kind === 'polygon' ? ink.fill : 'none'}
              stroke={ink.stroke}
              strokeWidth={ink.width_px * scale}
              {...(ink.dash ? { strokeDasharray: ink.dash } : {})}
            />
          )
        })}
      </Svg>
      {shapes.map((shape, index) => {
        if (shape.kind !== 'label') return null
        const at = toPixels(frame, shape.at)
        const size = shape.size_px * scale
        const wide = shape.text.length * size * 0.55
        return (
          <Words
            key={index}
            style={{
              position: 'absolute',
              left: shape.anchor === 'end' ? at.x - wide : at.x - 1,
              top: at.y - size,
              fontFamily: 'Barlow',
              fontWeight: 600,
              fontSize: size,
              lineHeight: 1,
              color: LABEL_INKS[shape.ink].colour,
              backgroundColor: '#FBFAF6',
            }}
          >
            {shape.text}
          </Words>
        )
      })}
    </View>
  )
}

type Of<K extends BidBlock['kind']> = Extract<BidBlock, { kind: K }>
type Pictures = ReadonlyMap<string, Buffer>

function Letterhead({ block, pictures }: { block: Of<'letterhead'>; pictures: Pictures }) {
  const logo = block.logo === null ? undefined : pictures.get(block.logo)
  return (
    <View style={styles.row}>
      <View style={{ flexShrink: 1 }}>
        {logo ? <Image src={logo} style={styles.logo} /> : null}
        <Words style={styles.firm}>{block.firm}</Words>
        <Words style={styles.title}>{block.title}</Words>
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
          {block.head}
        </Words>
      </Words>
      <Words>
        {block.says} ({block.who})
      </Words>
    </View>
  )
}

function DrawingRow({ block }: { block: Of<'drawing'> }) {
  return (
    <View wrap={false}>
      <StripPdf drawing={block.drawing} px={block.px} width={PAGE_WIDTH} />
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
      <Words style={[styles.strong, { fontSize: 12 }]}>{block.name}</Words>
      {block.amount === null ? null : <Words style={styles.price}>{block.amount}</Words>}
    </View>
  )
}

function Work({ block, pictures }: { block: Of<'work'>; pictures: Pictures }) {
  return (
    <View style={styles.item} wrap={false}>
      <View style={styles.row}>
        <Words style={[styles.strong, { fontSize: 10.5, flexGrow: 1, flexShrink: 1 }]}>{block.title}</Words>
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
    <View>
      <View style={[styles.row, { borderBottomWidth: 1, borderBottomColor: INK }]} minPresenceAhead={30}>
        {block.heads.map((head, column) => (
          <Words key={head} style={[styles.strong, wide(column)]}>
            {head}
          </Words>
        ))}
      </View>
      {block.rows.map((row, index) => (
        <View
          key={index}
          style={[styles.row, { borderBottomWidth: 0.5, borderBottomColor: RULE, paddingVertical: 2 }]}
          wrap={false}
        >
          {row.map((cell, column) => (
            <Words key={column} style={wide(column)}>
              {cell}
            </Words>
          ))}
        </View>
      ))}
    </View>
  )
}

function Sum({ block }: { block: Of<'sum'> }) {
  return (
    <View wrap={false} style={{ marginTop: 6 }}>
      {block.rows.map((row) => (
        <View key={row.name} style={styles.row}>
          <Words>{row.name}</Words>
          <Words>{row.amount}</Words>
        </View>
      ))}
      <View style={[styles.row, { borderTopWidth: 1, borderTopColor: INK, paddingTop: 3 }]}>
        <Words style={styles.total}>{block.name}</Words>
        <Words style={styles.total}>{block.amount}</Words>
      </View>
    </View>
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
              <Image src={{ data, format: 'jpg' }} style={{ width: 171 }} />
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
      <Words style={styles.small} minPresenceAhead={40}>
        {block.heading}
      </Words>
      {block.kind === 'clause' ? (
        <Words>{block.text}</Words>
      ) : (
        block.rows.map((row, index) => (
          <Words key={index} style={{ marginTop: 2 }}>
            {row.source}, {row.findings.includes(',') ? 'spots' : 'spot'} {row.findings}.{' '}
            <Words style={styles.quiet}>{row.fix}</Words>
          </Words>
        ))
      )}
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

const PAGE_WIDTH = 532
/** Pixels the core draws a row for. */
const ROW_PX = 760

function BidDocument({ model, pictures }: { model: BidModel; pictures: Pictures }) {
  return (
    <Document title={`Bid: ${model.title}`} author={model.firm.name} language="en">
      <Page size="LETTER" style={styles.page}>
        {sectionsOf(model, { prices: true }).flatMap(({ name, headed, blocks }) => [
          ...(headed
            ? [
                <Words
                  key={name}
                  style={styles.heading}
                  minPresenceAhead={blocks[0]?.kind === 'drawing' ? 160 : 60}
                >
                  {name}
                </Words>,
              ]
            : []),
          ...blocks.map((block, index) => (
            <Block key={`${name} ${index}`} block={block} pictures={pictures} />
          )),
        ])}
        <View style={{ marginTop: 26 }} wrap={false}>
          <Words style={styles.quiet}>
            Accepted by (name, date): ______________________________________________
          </Words>
        </View>
        <View style={styles.foot} fixed>
          <Text>
            {model.firm.name} · {model.title}
          </Text>
          <Text render={({ pageNumber, totalPages }) => `${pageNumber} / ${totalPages}`} />
        </View>
      </Page>
    </Document>
  )
}

/** A bid as PDF, on the server. */
export function printBidPdf(model: BidModel, pictures: ReadonlyMap<string, Buffer>): Promise<Buffer> {
  registerFonts()
  return renderToBuffer(<BidDocument model={model} pictures={pictures} />)
}
