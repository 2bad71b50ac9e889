import { expect, test } from '@jest/globals'
import { heightAt, keepHeights, readHeights, stepped } from './drawingHeight'

const desk = { height: 800, phone: false }

test('walls stand open where place is the work and are folded where lists are; what a person left stays', () => {
  expect(heightAt('walk', {}, desk)).toBe('full')
  expect(heightAt('price', {}, desk)).toBe('ribbon')
  expect(heightAt('price', { price: 'full' }, desk)).toBe('full')
  expect(heightAt('walk', { walk: 'hidden' }, desk)).toBe('hidden')
})

test('a low window folds them; a phone, which shows one side, does not', () => {
  expect(heightAt('walk', {}, { height: 699, phone: false })).toBe('ribbon')
  expect(heightAt('walk', {}, { height: 640, phone: true })).toBe('full')
  expect(heightAt('walk', { walk: 'full' }, { height: 600, phone: false })).toBe('full')
  // At 200 % an 800 px window is one of 400.
  expect(heightAt('walk', {}, { height: 400, phone: true })).toBe('hidden')
})

test('a pull on the tape is one step, and ends at both ends', () => {
  expect(stepped('hidden', 1)).toBe('ribbon')
  expect(stepped('ribbon', 1)).toBe('full')
  expect(stepped('full', 1)).toBe('full')
  expect(stepped('full', -1)).toBe('ribbon')
  expect(stepped('hidden', -1)).toBe('hidden')
})

test('what is kept comes back; what is broken, foreign or refused is nothing', () => {
  const held = new Map<string, string>()
  const store = {
    getItem: (key: string) => held.get(key) ?? null,
    setItem: (key: string, value: string) => void held.set(key, value),
  }
  keepHeights(store, { walk: 'ribbon', bid: 'full' })
  expect(readHeights(store)).toEqual({ walk: 'ribbon', bid: 'full' })
  const read = (kept: string): unknown => readHeights({ getItem: () => kept })
  expect(read('{"walk":"tall","cellar":"full","cut":"full"}')).toEqual({ cut: 'full' })
  for (const kept of ['nonsense', '7', 'null', '']) expect(read(kept)).toEqual({})
  expect(readHeights(null)).toEqual({})
  const full = {
    setItem: (): void => {
      throw new Error('full')
    },
  }
  expect(() => keepHeights(full, { walk: 'full' })).not.toThrow()
})
