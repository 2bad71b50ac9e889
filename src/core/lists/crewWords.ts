import { capital } from '../measure/capital'
import { materialName, methodName, methodOf, needOf, partName, taskName } from '../catalogue'
import {
  CAUTION_WORDS,
  MATERIAL_NAMES,
  METHOD_NAMES,
  METHOD_WORK,
  NEED_SAYS,
  PART_NAMES,
  TASK_NAMES,
} from '../catalogue/spanish'
import type { HoldPointRow } from '../catalogue/holdPoints/holdPoints'
import { stepOf, type StepId } from '../catalogue/steps'
import { placeWords, type Caution, type WorkSpot } from '../caution'
import { findingNumber } from '../house'
import { byId, type FEATURE_WORDS, type Facing, type JobDocument } from '../job'
import { itemName, type ScopeItem } from '../scope'
import { areaWord, sharedWord } from './areaWords'
import type { Locale } from './locales'
import type { z } from 'zod'

export { LOCALES, type Locale } from './locales'

/** Everything a crew's sheet says that is not typed: each language says all of it. */
export type CrewWords = {
  readonly side: (facing: z.infer<typeof Facing>, letter: string) => string
  readonly elsewhere: string
  readonly item: (item: ScopeItem) => string
  readonly does: (item: ScopeItem) => string
  readonly where: (at: WorkSpot, job: JobDocument) => string
  readonly material: (id: string) => string
  readonly lapSiding: string
  readonly need: (id: string) => string
  readonly step: (id: StepId) => string
  /** What hours are written down on: a task of the catalogue. */
  readonly task: (id: string) => string
  /** Off the walls: the deck, the crawl space; and what serves the whole job. */
  readonly area: (id: string) => string
  /** What serves all work on a side: its gear, its containment, its gutter. */
  readonly shared: (task: string) => string
  /** What has to be in the van for a task. */
  readonly gear: (task: keyof typeof GEAR_WORDS) => string
  /** What is looked at before it is covered, with what a meter may read. */
  readonly holdPoint: (point: HoldPointRow) => string
  /** A caution in one line: what it is, and what to do now. */
  readonly caution: (caution: Caution, job: JobDocument) => string
  /** What was agreed with the owner that a crew has to know, as it was typed. */
  readonly mustStay: (what: string) => string
  readonly mayTalkTo: (whom: string) => string
}

/** What was agreed with the owner, a line each; none where nothing was. */
export function agreedWords({ must_stay, may_talk_to }: JobDocument['job'], words: CrewWords): string[] {
  return [must_stay && words.mustStay(must_stay), may_talk_to && words.mayTalkTo(may_talk_to)].filter(Boolean)
}

const GEAR_WORDS = {
  'ladder-move': { en: 'ladders', es: 'escaleras' },
  'pump-jack-run': { en: 'pump jacks', es: 'andamio de gatos' },
  'scaffold-face': { en: 'scaffold', es: 'andamio' },
  'lead-containment': {
    en: 'sheets, tape, signs, HEPA vacuum',
    es: 'plástico, cinta, avisos, aspiradora HEPA',
  },
} as const

const ENGLISH: CrewWords = {
  side: (facing, letter) => `${facing} ${letter}`,
  elsewhere: 'elsewhere',
  item: ({ item }) => itemName(item),
  does: ({ row }) => row?.cures ?? '',
  where: (at, job) => {
    if (at.kind !== 'whole-side') return placeWords(at, job)
    const side = byId(job.sides, at.side_id)
    return side ? `${side.facing} ${side.letter}` : 'side'
  },
  material: materialName,
  lapSiding: 'lap siding',
  need: (id) => needOf(id as Parameters<typeof needOf>[0]).says,
  step: (id) => stepOf(id).name,
  task: taskName,
  area: (id) => areaWord(id, 'en'),
  shared: (task) => sharedWord(task, 'en'),
  gear: (task) => GEAR_WORDS[task].en,
  holdPoint: ({ name, most_percent }) =>
    most_percent === null ? name : `${name}: ${most_percent} % or less`,
  caution: ({ what, doNow }) => [what, doNow].filter(Boolean).join('. '),
  mustStay: (what) => `Must stay: ${what}`,
  mayTalkTo: (whom) => `On site talk to: ${whom}`,
}

const FACINGS = { front: 'frente', right: 'derecha', back: 'atrás', left: 'izquierda' } as const
const FEATURES: Readonly<Record<keyof typeof FEATURE_WORDS, string>> = {
  window: 'ventana',
  door: 'puerta',
  deck: 'terraza',
  bay: 'ventana saliente',
  porch: 'porche',
  'chimney-chase': 'cajón de chimenea',
  'small-roof': 'techo pequeño',
  dormer: 'buhardilla',
  penetration: 'paso de pared',
  outline: 'contorno',
  gutter: 'canaleta',
  leader: 'bajante',
  fixture: 'aparato',
  'at-ground': 'en el suelo',
  'crawl-opening': 'abertura del sótano bajo',
  'on-roof': 'en el techo',
}

function spanishPlace(at: WorkSpot, job: JobDocument): string {
  switch (at.kind) {
    case 'whole-side':
    case 'side': {
      const side = byId(job.sides, at.side_id)
      const name = side ? `${FACINGS[side.facing]} ${side.letter}` : 'lado'
      if (at.kind === 'whole-side') return name
      const feature = byId(job.features, at.feature_id)
      if (feature) return `${name}, ${FEATURES[feature.kind]} ${side?.letter ?? ''}${feature.number}`
      return at.station_unsaid ? `${name}, no se dijo a qué altura del lado` : name
    }
    case 'words':
      return at.words
    case 'room':
      return at.room
    case 'roof':
      return `techo, ${at.words}`
    case 'deck':
      return `terraza${at.words ? `, ${at.words}` : ''}`
    case 'crawl':
      return `bajo el piso${at.words ? `, ${at.words}` : ''}`
    case 'photo':
    case 'none':
      return 'lugar no anotado todavía'
  }
}

/** A method or part that came into the catalogue after its Spanish: its English name is better than none. */
const SPANISH: CrewWords = {
  side: (facing, letter) => `${FACINGS[facing]} ${letter}`,
  elsewhere: 'en otra parte',
  item: ({ item }) => {
    if (item.name) return item.name
    const method = METHOD_NAMES[item.method] ?? methodName(item.method)
    if (item.component === null || methodOf(item.method)?.rebuilds === 'assembly') return method
    return `${capital(PART_NAMES[item.component] ?? partName(item.component))}: ${method[0]!.toLowerCase()}${method.slice(1)}`
  },
  does: ({ item, row }) => METHOD_WORK[item.method] ?? row?.cures ?? '',
  where: spanishPlace,
  material: (id) => MATERIAL_NAMES[id] ?? materialName(id),
  lapSiding: 'tabla traslapada',
  task: (id) => (id === 'own' ? 'Trabajo propio' : (TASK_NAMES[id] ?? taskName(id))),
  step: (id) => stepOf(id).es,
  area: (id) => areaWord(id, 'es'),
  shared: (task) => sharedWord(task, 'es'),
  gear: (task) => GEAR_WORDS[task].es,
  holdPoint: ({ es, most_percent }) => (most_percent === null ? es : `${es}: ${most_percent} % o menos`),
  mustStay: (what) => `Debe quedarse: ${what}`,
  mayTalkTo: (whom) => `En la obra se habla con: ${whom}`,
  need: (id) => NEED_SAYS[id] ?? needOf(id as Parameters<typeof needOf>[0]).says,
  caution: (caution, job) => {
    const { kind, row, id, what, doNow, finding_ids } = caution
    const words = CAUTION_WORDS[row] ?? CAUTION_WORDS[kind]!
    const numbers = job.findings
      .filter((finding) => finding_ids.includes(finding.id))
      .map((finding) => findingNumber(finding, job))
    const at =
      numbers.length > 0 && kind !== 'lead'
        ? ` (${numbers.length === 1 ? 'hallazgo' : 'hallazgos'} ${numbers.join(', ')})`
        : ''
    // Whoever noted a hazard said what it is and what to do: that stays in his words.
    const typed = id.startsWith('hazard:')
    return [`${words.name}${at}`, typed ? what : '', typed ? doNow : words.doNow].filter(Boolean).join('. ')
  },
}

export const CREW_WORDS: Readonly<Record<Locale, CrewWords>> = { en: ENGLISH, es: SPANISH }
