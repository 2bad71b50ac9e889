import { handbook } from '../trace/handbook'
import {
  cautionEntries,
  clauseEntries,
  conditionEntries,
  guardEntries,
  methodEntries,
  partEntries,
  type Entry,
} from './rowsInWords'

export const CHAPTERS = {
  causes: 'Causes',
  checks: 'Look-alikes and checks',
  methods: 'Methods',
  parts: 'Parts',
  conditions: 'What slows the work',
  cautions: 'Cautions',
  clauses: 'Clauses of a bid',
  mistakes: 'Mistakes easily made',
} as const
export type ChapterId = keyof typeof CHAPTERS
export const isChapter = (id: string): id is ChapterId => Object.hasOwn(CHAPTERS, id)

export type Section = { readonly name: string; readonly entries: readonly Entry[] }

/** What every edition of the handbook says first. */
export const HANDBOOK_SAYS =
  'What the stages read, in words. Ratios, reach, hours and lives are our judgement unless an entry says otherwise; a firm may change ratios and hours in its settings. Local code and licensed practice prevail.'

/** A chapter of the handbook in its sections: the page in the app and the published one are printed from it. */
export function chapterOf(id: ChapterId): readonly Section[] {
  switch (id) {
    case 'causes':
      return handbook().families.map((family) => ({
        name: family.name,
        entries: family.causes.map((cause) => ({ ...cause, says: cause.mechanism })),
      }))
    case 'checks': {
      const { pairs, checks } = handbook()
      return [
        {
          name: 'Look-alikes, and the one check',
          entries: pairs.map((pair) => ({
            id: `pair-${pair.number}`,
            name: `${pair.number}. ${pair.looks}`,
            says: `${pair.between}.`,
            rows: [{ name: 'Check', words: pair.check }],
          })),
        },
        {
          name: 'Checks',
          entries: checks.map(({ id, name, words }) => ({ id, name, says: words, rows: [] })),
        },
      ]
    }
    case 'methods':
      return [{ name: CHAPTERS.methods, entries: methodEntries() }]
    case 'parts':
      return [{ name: CHAPTERS.parts, entries: partEntries() }]
    case 'conditions':
      return [{ name: CHAPTERS.conditions, entries: conditionEntries() }]
    case 'cautions':
      return [{ name: CHAPTERS.cautions, entries: cautionEntries() }]
    case 'clauses':
      return [{ name: CHAPTERS.clauses, entries: clauseEntries() }]
    case 'mistakes':
      return [{ name: CHAPTERS.mistakes, entries: guardEntries() }]
  }
}
