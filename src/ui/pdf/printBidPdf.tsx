import 'server-only'
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
} from '@react-pdf/renderer'
import path from 'node:path'
import type { BidHazardLine, BidModel } from '../../core/bid'
import type { Drawing, Shape } from '../../core/house'
import { formatCents, formatLength, type Length } from '../../core/measure'
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
    lineHeight: 1.35,
  },
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
          <Text
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
          </Text>
        )
      })}
    </View>
  )
}

function Hazard({ hazard }: { hazard: BidHazardLine }) {
  return (
    <View style={styles.hazard} wrap={false}>
      <Text>
        {hazard.keep_off ? <Text style={styles.keepOff}> KEEP OFF </Text> : null}
        <Text style={styles.strong}>
          {hazard.keep_off ? '  ' : ''}
          {hazard.where}: {hazard.what}.
        </Text>
      </Text>
      <Text>
        What can happen: {hazard.can_happen}. {hazard.do_now} ({hazard.who})
      </Text>
    </View>
  )
}

function Item({ item }: { item: BidModel['items'][number] }) {
  return (
    <View style={styles.item} wrap={false}>
      <View style={styles.row}>
        <Text style={[styles.strong, { fontSize: 10.5, flexGrow: 1, flexShrink: 1 }]}>{item.title}</Text>
        <Text style={styles.price}>
          {item.price_cents === 0 ? 'no charge here' : formatCents(item.price_cents)}
        </Text>
      </View>
      <Text style={styles.quiet}>
        {item.where}
        {item.findings.length > 0 ? ` · finding ${item.findings.join(', ')}` : ''} · {item.quantity}
      </Text>
      <Text>
        {item.does}
        {item.life ? `; ${item.life}` : ''}. Warranty: {item.warranty}.
      </Text>
      {item.pending_engineer ? <Text style={[styles.waiting, styles.strong]}>Pending engineer.</Text> : null}
      {item.notices.map((notice) => (
        <Text key={notice} style={styles.waiting}>
          {notice}
        </Text>
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
            <Text style={styles.firm}>
              {model.firm.name}, {model.firm.place}
            </Text>
            <Text style={styles.title}>{model.title || 'Repair bid'}</Text>
            <Text>{model.address}</Text>
          </View>
          <Text style={[styles.quiet, { textAlign: 'right' }]}>
            Prepared {model.prepared_on}
            {'\n'}stands until {model.valid_until}
          </Text>
        </View>
        {model.hazards.length > 0 ? <Text style={styles.heading}>Read this first</Text> : null}
        {model.hazards.map((hazard) => (
          <Hazard key={`${hazard.what}${hazard.where}`} hazard={hazard} />
        ))}
        {model.drawings.length > 0 ? (
          <View wrap={false}>
            <Text style={styles.heading}>Where it is</Text>
            {model.drawings.map(({ px, drawing }) => (
              <View key={drawing.sides.map((side) => side.id).join()}>
                <StripPdf drawing={drawing} px={px} width={PAGE_WIDTH} />
                <Text style={[styles.strong, { fontSize: 8.5, marginBottom: 4 }]}>
                  {drawing.sides
                    .map(
                      (side) =>
                        `${side.letter} ${side.facing}${side.open ? '' : ` ${formatLength(side.length as Length)}`}`,
                    )
                    .join('     ')}
                </Text>
              </View>
            ))}
            <Text style={styles.quiet}>
              The outside walls laid side by side: front, right, back, left. Numbers are the findings; slanted
              lines were not looked at.
            </Text>
          </View>
        ) : null}
        <Text style={styles.heading}>What we propose</Text>
        {model.items.map((item) => (
          <Item key={item.id} item={item} />
        ))}
        <View wrap={false} style={{ marginTop: 6 }}>
          {model.adjustment ? (
            <View style={styles.row}>
              <Text>Adjustment{model.adjustment.reason ? `: ${model.adjustment.reason}` : ''}</Text>
              <Text>{formatCents(model.adjustment.cents)}</Text>
            </View>
          ) : null}
          {model.tax_words === 'included' ? null : (
            <View style={styles.row}>
              <Text>Sales tax</Text>
              <Text>{formatCents(model.tax_cents)}</Text>
            </View>
          )}
          <View style={[styles.row, { borderTopWidth: 1, borderTopColor: INK, paddingTop: 3 }]}>
            <Text style={styles.total}>Total{model.tax_words === 'included' ? ', tax included' : ''}</Text>
            <Text style={styles.total}>{formatCents(model.total_cents)}</Text>
          </View>
        </View>
        {model.more_hazards.length > 0 ? <Text style={styles.heading}>More cautions</Text> : null}
        {model.more_hazards.map((hazard) => (
          <Hazard key={`${hazard.what}${hazard.where}`} hazard={hazard} />
        ))}
        <Text style={styles.heading}>What we found</Text>
        {model.findings.map((finding) => (
          <View key={finding.number} style={styles.item} wrap={false}>
            <Text>
              <Text style={[styles.strong, { color: '#9C2C13' }]}>{finding.number} </Text>
              {finding.part}, {finding.where}
              {finding.size ? `, ${finding.size}` : ''}: {finding.suspected ? 'suspected, ' : ''}
              {finding.grade}.
            </Text>
            {finding.words ? <Text style={styles.quiet}>“{finding.words}”</Text> : null}
            {finding.cause ? <Text>{finding.cause}</Text> : null}
          </View>
        ))}
        <View style={styles.photos}>
          {photos.map((photo) => (
            <View key={photo.sha256} wrap={false} style={{ width: 171 }}>
              <View style={{ position: 'relative' }}>
                <Image src={{ data: photo.data, format: 'jpg' }} style={{ width: 171 }} />
                {photo.drawn ? <MarksPdf drawn={photo.drawn} width={171} /> : null}
              </View>
              <Text style={styles.quiet}>finding {photo.number}</Text>
            </View>
          ))}
        </View>
        {model.clauses.map((clause) => (
          <View key={clause.number} wrap={false}>
            <Text style={styles.small}>{clause.heading}</Text>
            {clause.number === 8
              ? model.source_pairs.map((pair) => (
                  <Text key={pair.source} style={{ marginTop: 2 }}>
                    {pair.source}, finding {pair.findings}.{' '}
                    <Text style={styles.quiet}>
                      {pair.fixed
                        ? `In this bid: ${pair.fix}.`
                        : `Not in this bid: ${pair.fix}. Recurrence there is excluded from the warranty.`}
                    </Text>
                  </Text>
                ))
              : null}
            {clause.number === 8 ? null : <Text>{clause.text}</Text>}
          </View>
        ))}
        <Text style={[styles.strong, { marginTop: 10 }]}>{model.local_code}</Text>
        <Text style={styles.quiet}>{model.firm.licence}</Text>
        <View style={{ marginTop: 26 }} wrap={false}>
          <Text style={styles.quiet}>
            Accepted by (name, date): ______________________________________________
          </Text>
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
