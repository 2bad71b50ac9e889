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
import type { BidHazardLine, BidModel } from '../../core/bid'
import type { Drawing, Shape } from '../../core/house'
import { dayWords, formatCents, formatLength, type Length } from '../../core/measure'
import { replacesWords } from '../bid/replacesWords'
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
  text: { lineHeight: 1.35 },
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

function Hazard({ hazard }: { hazard: BidHazardLine }) {
  return (
    <View style={styles.hazard} wrap={false}>
      <Words>
        {hazard.keep_off ? <Words style={styles.keepOff}> KEEP OFF </Words> : null}
        <Words style={styles.strong}>
          {hazard.keep_off ? '  ' : ''}
          {hazard.where}: {hazard.what}.
        </Words>
      </Words>
      <Words>
        What can happen: {hazard.can_happen}. {hazard.do_now} ({hazard.who})
      </Words>
    </View>
  )
}

function Item({ item }: { item: BidModel['items'][number] }) {
  return (
    <View style={styles.item} wrap={false}>
      <View style={styles.row}>
        <Words style={[styles.strong, { fontSize: 10.5, flexGrow: 1, flexShrink: 1 }]}>{item.title}</Words>
        <Words style={styles.price}>
          {item.price_cents === 0 ? 'no charge here' : formatCents(item.price_cents)}
        </Words>
      </View>
      <Words style={styles.quiet}>
        {item.where}
        {item.findings.length > 0 ? ` · finding ${item.findings.join(', ')}` : ''} · {item.quantity}
      </Words>
      <Words>
        {item.does}
        {item.life ? `; ${item.life}` : ''}. Warranty: {item.warranty}.
      </Words>
      {item.pending_engineer ? (
        <Words style={[styles.waiting, styles.strong]}>Pending engineer.</Words>
      ) : null}
      {item.notices.map((notice) => (
        <Words key={notice} style={styles.waiting}>
          {notice}
        </Words>
      ))}
    </View>
  )
}

const PAGE_WIDTH = 532
/** Pixels the core draws a row for. */
const ROW_PX = 760

function BidDocument({ model, pictures }: { model: BidModel; pictures: ReadonlyMap<string, Buffer> }) {
  const photos = model.findings.flatMap((finding) =>
    finding.photos.flatMap((photo) => {
      const data = pictures.get(photo.sha256)
      return data ? [{ ...photo, number: finding.number, data }] : []
    }),
  )
  return (
    <Document title={`Bid: ${model.title}`} author={model.firm.name} language="en">
      <Page size="LETTER" style={styles.page}>
        <View style={styles.row}>
          <View style={{ flexShrink: 1 }}>
            <Words style={styles.firm}>
              {model.firm.name}, {model.firm.place}
            </Words>
            <Words style={styles.title}>{model.title || 'Repair bid'}</Words>
            <Words>{model.address}</Words>
          </View>
          <Words style={[styles.quiet, { textAlign: 'right' }]}>
            Prepared {dayWords(model.prepared_on)}
            {'\n'}stands until {dayWords(model.valid_until)}
          </Words>
        </View>
        {model.replaces ? <Words style={{ marginTop: 6 }}>{replacesWords(model.replaces)}</Words> : null}
        {model.hazards.length > 0 ? <Words style={styles.heading}>Read this first</Words> : null}
        {model.hazards.map((hazard, index) => (
          <Hazard key={index} hazard={hazard} />
        ))}
        {model.drawings.length > 0 ? (
          <Words style={styles.heading} minPresenceAhead={160}>
            Where it is
          </Words>
        ) : null}
        {model.drawings.map(({ px, drawing }) => (
          <View key={drawing.sides.map((side) => side.id).join()} wrap={false}>
            <StripPdf drawing={drawing} px={px} width={PAGE_WIDTH} />
            <Words style={[styles.strong, { fontSize: 8.5, marginBottom: 4 }]}>
              {drawing.sides
                .map(
                  (side) =>
                    `${side.letter} ${side.facing}${side.open ? '' : ` ${formatLength(side.length as Length)}`}`,
                )
                .join('     ')}
            </Words>
          </View>
        ))}
        {model.drawings.length > 0 ? (
          <Words style={styles.quiet}>
            The outside walls laid side by side: front, right, back, left. Numbers are the findings; slanted
            lines were not looked at.
          </Words>
        ) : null}
        <Words style={styles.heading}>What we propose</Words>
        {model.items.map((item) => (
          <Item key={item.id} item={item} />
        ))}
        <View wrap={false} style={{ marginTop: 6 }}>
          {model.adjustment ? (
            <View style={styles.row}>
              <Words>Adjustment{model.adjustment.reason ? `: ${model.adjustment.reason}` : ''}</Words>
              <Words>{formatCents(model.adjustment.cents)}</Words>
            </View>
          ) : null}
          {model.tax_words === 'included' ? null : (
            <View style={styles.row}>
              <Words>Sales tax</Words>
              <Words>{formatCents(model.tax_cents)}</Words>
            </View>
          )}
          <View style={[styles.row, { borderTopWidth: 1, borderTopColor: INK, paddingTop: 3 }]}>
            <Words style={styles.total}>Total{model.tax_words === 'included' ? ', tax included' : ''}</Words>
            <Words style={styles.total}>{formatCents(model.total_cents)}</Words>
          </View>
        </View>
        {model.beside && model.beside.length > 0 ? (
          <Words style={styles.heading} minPresenceAhead={60}>
            Not in the price
          </Words>
        ) : null}
        {(model.beside ?? []).map((item, index) => (
          <View key={index} style={styles.item} wrap={false}>
            <View style={styles.row}>
              <Words style={[styles.strong, { flexGrow: 1, flexShrink: 1 }]}>{item.title}</Words>
              {item.price_cents === null ? null : (
                <Words style={styles.price}>{formatCents(item.price_cents)} more</Words>
              )}
            </View>
            <Words style={styles.quiet}>
              {item.where}
              {item.findings.length > 0 ? ` · finding ${item.findings.join(', ')}` : ''} · {item.why}
            </Words>
            {item.does ? <Words>{item.does}</Words> : null}
          </View>
        ))}
        {model.more_hazards.length > 0 ? <Words style={styles.heading}>More cautions</Words> : null}
        {model.more_hazards.map((hazard, index) => (
          <Hazard key={index} hazard={hazard} />
        ))}
        <Words style={styles.heading}>What we found</Words>
        {model.findings.map((finding) => (
          <View key={finding.number} style={styles.item} wrap={false}>
            <Words>
              <Words style={[styles.strong, { color: '#9C2C13' }]}>{finding.number} </Words>
              {finding.part}, {finding.where}
              {finding.size ? `, ${finding.size}` : ''}: {finding.suspected ? 'suspected, ' : ''}
              {finding.grade}.
            </Words>
            {finding.words ? <Words style={styles.quiet}>“{finding.words}”</Words> : null}
            {finding.cause ? <Words>{finding.cause}</Words> : null}
          </View>
        ))}
        <View style={styles.photos}>
          {photos.map((photo) => (
            <View key={`${photo.number}/${photo.sha256}`} wrap={false} style={{ width: 171 }}>
              <View style={{ position: 'relative' }}>
                <Image src={{ data: photo.data, format: 'jpg' }} style={{ width: 171 }} />
                {photo.drawn ? <MarksPdf drawn={photo.drawn} width={171} /> : null}
              </View>
              <Words style={styles.quiet}>finding {photo.number}</Words>
            </View>
          ))}
        </View>
        {model.clauses.map((clause) => (
          // A clause that names many findings is longer than a page: it runs on, its heading with its first lines.
          <View key={clause.number}>
            <Words style={styles.small} minPresenceAhead={40}>
              {clause.heading}
            </Words>
            {clause.number === 8
              ? model.source_pairs.map((pair, index) => (
                  <Words key={index} style={{ marginTop: 2 }}>
                    {pair.source}, finding {pair.findings}.{' '}
                    <Words style={styles.quiet}>
                      {pair.standing ??
                        (pair.fixed
                          ? `In this bid: ${pair.fix}.`
                          : `Not in this bid: ${pair.fix}. Recurrence there is excluded from the warranty.`)}
                    </Words>
                  </Words>
                ))
              : null}
            {clause.number === 8 ? null : <Words>{clause.text}</Words>}
          </View>
        ))}
        <Words style={[styles.strong, { marginTop: 10 }]}>{model.local_code}</Words>
        <Words style={styles.quiet}>{model.firm.licence}</Words>
        <View style={{ marginTop: 26 }} wrap={false}>
          <Words style={styles.quiet}>
            Accepted by (name, date): ______________________________________________
          </Words>
        </View>
        <View style={styles.foot} fixed>
          <Words>
            {model.firm.name} · {model.title}
          </Words>
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
