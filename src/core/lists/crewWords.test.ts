import { expect, test } from '@jest/globals'
import { CAUTIONS, CAUTIONS_BY_SIGN, MATERIALS, METHODS, NEEDS, PARTS, TASKS } from '../catalogue'
import {
  CAUTION_WORDS,
  MATERIAL_NAMES,
  METHOD_NAMES,
  METHOD_WORK,
  NEED_SAYS,
  PART_NAMES,
  TASK_NAMES,
} from '../catalogue/spanish'
import { DEMO_JOBS } from '../../../demo'
import { DAY } from '../../../tests/support/priced'
import { derive } from '../pipeline'
import { carpenterSheets } from '.'

const ids = (rows: readonly { readonly id: string }[]): string[] => rows.map(({ id }) => id).sort()

/** A row that comes into the catalogue without its Spanish fails here, and so does Spanish for a row that went. */
test.each([
  ['parts', PARTS, PART_NAMES],
  ['materials', MATERIALS, MATERIAL_NAMES],
  ['methods', METHODS, METHOD_NAMES],
  ['what methods do', METHODS, METHOD_WORK],
  ['needs', Object.values(NEEDS), NEED_SAYS],
  ['tasks', TASKS, TASK_NAMES],
] as const)('%s have their Spanish, each its own', (_, rows, words) => {
  expect(Object.keys(words).sort()).toEqual(ids(rows))
  expect(new Set(Object.values(words)).size).toBe(rows.length)
})

test('every kind of caution has its Spanish', () => {
  const seen = CAUTIONS_BY_SIGN.map(({ id }) => id)
  expect(Object.keys(CAUTION_WORDS).sort()).toEqual(
    [...new Set([...CAUTIONS.map(({ kind }) => kind), ...seen])].sort(),
  )
})

test('figures said in English are said in Spanish too: feet, inches and counts of a method', () => {
  const figures = (text: string): string[] =>
    (text.match(/\d+(?: ×? ?\d+)*(?= ?(?:ft|in|mil|×))/g) ?? []).sort()
  for (const method of METHODS) {
    const spanish = `${METHOD_WORK[method.id]}`
    expect({ method: method.id, figures: figures(spanish) }).toEqual({
      method: method.id,
      figures: figures(method.cures),
    })
  }
  for (const { id, name } of TASKS)
    expect({ task: id, figures: figures(`${TASK_NAMES[id]}`) }).toEqual({ task: id, figures: figures(name) })
})

/** English words that no Spanish sentence holds; shop words kept on purpose are not among them. */
const ENGLISH =
  /\b(the|and|with|its|new|wood|behind|over|under|cut|primed|window|front|back|right|left|soft)\b/i

test.each(Object.entries(DEMO_JOBS))(
  'the sheets of %s say nothing in English but what a person typed',
  (_, make) => {
    const made = derive(make(), DAY)
    const english = carpenterSheets(made)
    const spanish = carpenterSheets(made, 'es')
    expect(spanish.map(({ items }) => items.map(({ id }) => id))).toEqual(
      english.map(({ items }) => items.map(({ id }) => id)),
    )
    const typed = new Set(made.job.work_items.map((item) => item.name).filter(Boolean))
    for (const sheet of spanish) {
      for (const item of sheet.items) {
        const said = [typed.has(item.name) ? '' : item.name, item.does, ...item.needs].join(' ')
        expect(said).not.toMatch(ENGLISH)
        const numbers = (list: readonly string[]) => list.map((cut) => cut.split(' × ')[0])
        const same = english.flatMap(({ items }) => items).filter(({ id }) => id === item.id)
        expect(same.some((each) => numbers(each.cuts).join() === numbers(item.cuts).join())).toBe(true)
      }
    }
  },
)

test('a keep-off is on every sheet in either language; what is about one side only there', () => {
  const made = derive(DEMO_JOBS['alder-house'](), DAY)
  for (const locale of ['en', 'es'] as const) {
    const sheets = carpenterSheets(made, locale)
    expect(sheets.every(({ cautions }) => cautions.some((each) => /keep off|No pisar/i.test(each)))).toBe(
      true,
    )
  }
})
