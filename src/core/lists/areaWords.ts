/** Where work is that is on no side, and what serves a whole side, in both languages of a crew. Light: the drawing says it too. */
type Both = Readonly<Record<string, { readonly en: string; readonly es: string }>>

const AREA_WORDS: Both = {
  job: { en: 'whole job', es: 'toda la obra' },
  deck: { en: 'deck', es: 'terraza' },
  crawl: { en: 'crawl space', es: 'bajo el piso' },
  roof: { en: 'roof', es: 'techo' },
  room: { en: 'inside', es: 'adentro' },
  elsewhere: { en: 'elsewhere', es: 'en otra parte' },
}
const SHARED_WORDS: Both = {
  job: { en: 'The whole job', es: 'Toda la obra' },
  'lead-containment': { en: 'Containment', es: 'Contención' },
  'pump-jack-run': { en: 'Pump jacks', es: 'Andamio de gatos' },
  'scaffold-face': { en: 'Scaffold', es: 'Andamio' },
  'gutter-off-on': { en: 'Gutter', es: 'Canaleta' },
}

/** Off the walls: the deck, the crawl space. What is not known is said as it is. */
export const areaWord = (id: string, locale: 'en' | 'es'): string => AREA_WORDS[id]?.[locale] ?? id

/** What serves all work on a side: its gear, its containment, its gutter. */
export const sharedWord = (task: string, locale: 'en' | 'es'): string => SHARED_WORDS[task]?.[locale] ?? task
