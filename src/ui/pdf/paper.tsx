import { Font, StyleSheet, Text, View, type TextProps, type ViewProps } from '@react-pdf/renderer'
import path from 'node:path'
import type { ReactNode } from 'react'
import type { Tag } from './tagged'

/** Full TTFs: subsets of the web fonts lose ≥, → and fractions without a word. */
let fontsReady = false
export function registerFonts(): void {
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

export const INK = '#17232B'
export const QUIET = '#4A5A61'
export const RULE = '#C2CCCC'

export const styles = StyleSheet.create({
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
export function Words({
  style = [],
  ...more
}: Omit<TextProps, 'style'> & { style?: Style | Style[]; children?: ReactNode; tag?: Tag }) {
  return <Text style={[styles.text, ...[style].flat()]} {...more} />
}

/** A part of a page that is something to whoever has it read out: a table, a row of it. */
export function Part(props: ViewProps & { tag: Tag; children?: ReactNode }) {
  return <View {...props} />
}
