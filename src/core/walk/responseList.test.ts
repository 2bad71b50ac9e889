import fc from 'fast-check'
import { expect, test } from '@jest/globals'
import { smallHouse } from '../../../tests/support/jobs'
import type { ResponseItem } from '../job'
import { ANSWER_IDS, answerLacks, answerWords, itemsFromRows, itemsFromText, listState } from './responseList'

test.each([
  ['1. Gutter loose', '1', 'Gutter loose'],
  ['2) Sill soft', '2', 'Sill soft'],
  ['12a: Deck guard loose', '12a', 'Deck guard loose'],
  ['3.2 - Soffit vent torn', '3.2', 'Soffit vent torn'],
  ['Item 4: Water in crawl space', '4', 'Water in crawl space'],
  ['#5 Loose handrail', '5', 'Loose handrail'],
  ['No. 6 Paint at rear', '6', 'Paint at rear'],
  ['  7\tTrim at garage', '7', 'Trim at garage'],
])('%s', (line, number, words) => {
  expect(itemsFromText(line).items).toEqual([{ number, words }])
})

test('lines under a number go on with it; lines before the first name the list', () => {
  const read = itemsFromText('Repairs agreed on 3 May\n\n1. Sill soft\n   at the back window\n2. Fascia')
  expect(read.heading).toBe('Repairs agreed on 3 May')
  expect(read.items).toEqual([
    { number: '1', words: 'Sill soft at the back window' },
    { number: '2', words: 'Fascia' },
  ])
})

test('without numbers every line is an item', () => {
  expect(itemsFromText('Sill soft\nFascia loose').items.map((each) => each.number)).toEqual(['1', '2'])
})

test('a measure at the head of a line after words is no item number of its own kind', () => {
  expect(itemsFromText('1. Replace fascia,\nabout 12 ft').items).toEqual([
    { number: '1', words: 'Replace fascia, about 12 ft' },
  ])
})

test('nothing of a pasted list is dropped', () => {
  const word = fc.stringMatching(/^[a-z]{2,9}$/)
  const line = fc.tuple(
    fc.option(fc.integer({ min: 1, max: 99 })),
    fc.array(word, { minLength: 1, maxLength: 5 }),
  )
  fc.assert(
    fc.property(fc.array(line, { minLength: 1, maxLength: 12 }), (lines) => {
      const text = lines.map(([n, words]) => `${n === null ? '' : `${n}. `}${words.join(' ')}`).join('\n')
      const { heading, items } = itemsFromText(text)
      const kept = `${heading} ${items.map((item) => item.words).join(' ')}`
      for (const [, words] of lines) for (const each of words) expect(kept).toContain(each)
      const numbered = lines.filter(([n]) => n !== null).map(([n]) => String(n))
      if (numbered.length > 0) expect(items.map((item) => item.number)).toEqual(numbered)
    }),
  )
})

test('a table with a head is read by its names, other columns kept', () => {
  const read = itemsFromRows([
    ['Item', 'Location', 'Description'],
    ['3.1', 'rear', 'Sill soft'],
    ['', '', ''],
    ['3.2', '', 'Fascia loose'],
  ])
  expect(read.items).toEqual([
    { number: '3.1', words: 'Sill soft; Location: rear' },
    { number: '3.2', words: 'Fascia loose' },
  ])
})

test('a table without a head has the number first', () => {
  expect(itemsFromRows([['7', 'Sill soft', 'rear']]).items).toEqual([
    { number: '7', words: 'Sill soft; rear' },
  ])
})

const item = (more: Partial<ResponseItem>): ResponseItem => ({
  id: 'r1',
  removed: false,
  number: '4',
  words: 'Sill soft.',
  order: 0,
  answer: null,
  how: '',
  receipt_seen: null,
  finding_ids: [],
  ...more,
})

test('every answer wants what makes it worth something', () => {
  expect(answerLacks(item({}))).toBe('No answer yet.')
  for (const answer of ANSWER_IDS) expect(answerLacks(item({ answer }))).not.toBeNull()
  for (const answer of ANSWER_IDS) {
    expect(answerLacks(item({ answer, how: 'looked on 4 May', receipt_seen: false }))).toBeNull()
  }
  expect(answerLacks(item({ answer: 'do-it', finding_ids: ['f'] }))).toBeNull()
})

test('an answer is told under the number of the list', () => {
  expect(answerWords(item({ answer: 'done-by-others', receipt_seen: true, how: 'last month' }))).toBe(
    '4. Sill soft: done by others, receipt seen — last month',
  )
})

test('days to the due date are counted in the calendar', () => {
  const list = {
    id: 'response-list',
    removed: false,
    title: '',
    author: '',
    dated: null,
    due_on: '2026-03-01',
  }
  const job = smallHouse({ response_list: list, response_items: [item({})] })
  expect(listState(job, '2026-02-26')).toMatchObject({ days_left: 3, open: [{ number: '4' }] })
  expect(listState(job, '2026-03-02').days_left).toBe(-1)
  expect(listState(smallHouse(), '2026-03-02').days_left).toBeNull()
})
