import { expect, test } from '@jest/globals'
import { readerOf } from './reader'
import { spanishDay } from './spanishDay'

const read = readerOf(
  [
    ['front', 'frente'],
    ['front {id#}', 'frente {id}'],
    ['two', 'dos'],
    ['gutter', 'canaleta'],
    ['The {part} is soft.', '{part^}: madera blanda.'],
    ['The {part} is soft over {size}.', '{part^}: madera blanda, {size}.'],
    ['{n} feet', '{n} pies'],
    ['It stays. Nothing is done.', 'Queda así. No se hace nada.'],
    ['Weather: {~what}.', 'Tiempo: {what}.'],
    ['Its cause is not mended here ({cause}): {what}', 'Su causa no se resuelve aquí ({cause}): {what}'],
    ['{a} at the {b}', '{a} junto a {b}'],
    ['Prepared {day#}', 'Preparada el {day}'],
  ],
  spanishDay,
)
const wholly = (text: string): string => {
  const reading = read(text)
  expect(reading.unknown).toEqual([])
  return reading.text
}

test('a row is read word for word, with the letter it begins with', () => {
  expect(wholly('front')).toBe('frente')
  expect(wholly('Front')).toBe('Frente')
})

test('what fills a sentence is read in its turn, and stands where the other language puts it', () => {
  expect(wholly('The gutter is soft over two feet.')).toBe('Canaleta: madera blanda, dos pies.')
})

test('figures, measures and marks are said alike; a day is said in the other language', () => {
  expect(wholly(`2' 6" · 3/4`)).toBe(`2' 6" · 3/4`)
  expect(wholly('front A')).toBe('frente A')
  expect(wholly('Prepared May 4, 2026')).toBe('Preparada el 4 de mayo de 2026')
  expect(wholly('Prepared May\u00a04, 2026')).toBe('Preparada el 4 de mayo de 2026')
})

test('a mark is a letter with a figure: a word in capitals is none', () => {
  expect(read('KEEP OFF').unknown).toEqual(['KEEP OFF'])
})

test('sentences of one row are known apart as well', () => {
  expect(wholly('Nothing is done. The gutter is soft.')).toBe('No se hace nada. Canaleta: madera blanda.')
})

test('what was typed stays as it is, inside a sentence of ours', () => {
  expect(wholly('Weather: front coming in.')).toBe('Tiempo: front coming in.')
})

test('inside a sentence all is read or nothing: half of what somebody typed is worse than none', () => {
  expect(read('Loose hose at the front')).toEqual({
    text: 'Loose hose at the front',
    unknown: ['Loose hose at the front'],
  })
  expect(wholly('gutter at the front')).toBe('canaleta junto a frente')
})

test('a sentence that is surely ours is read around what no row knows, and that is named', () => {
  const reading = read('Its cause is not mended here (gutter): Moss grows on it.')
  expect(reading.text).toBe('Su causa no se resuelve aquí (canaleta): Moss grows on it.')
  expect(reading.unknown).toEqual(['Moss grows on it.'])
})

test('what fills the middle of a sentence is no sentence itself', () => {
  const reading = read('Moss grows. The gutter is soft.')
  expect(reading.text).toBe('Moss grows. Canaleta: madera blanda.')
})
