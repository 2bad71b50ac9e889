import { expect, test } from '@jest/globals'
import { FactForm, factFrom, NO_FACT, wantsPermission, type FactValues } from './factForm'

const about = { kind: 'finding', finding_id: 'f' } as const
const read = (of: Partial<FactValues>) => FactForm.safeParse({ ...NO_FACT, ...of })
const says = (of: Partial<FactValues>): string[] => {
  const said = read(of)
  return said.success ? [] : said.error.issues.map(({ message }) => message)
}

test('a reading is numbers; what may stay empty is nothing, not nought', () => {
  const said = read({ percent: ' 31,5 ', temperature_c: '', reference: ' ' })
  expect(said.success && factFrom(said.data, about)).toMatchObject({
    kind: 'reading',
    moisture_percent: 31.5,
    reference_percent: null,
    wood_temperature_c: null,
  })
})

test.each([
  [{ percent: '' }, 'Type the reading'],
  [{ percent: 'wet' }, 'Type the reading'],
  [{ percent: '201' }, 'Type the reading'],
  [{ percent: '20', reference: 'dry' }, 'Type the dry reading'],
  [{ percent: '20', temperature_c: '90 C' }, 'Type the temperature'],
  [{ percent: '20', species_points: '-40' }, 'Type what the meter’s table adds'],
  [{ kind: 'test' as const, result: ' ' }, 'Say what the check showed.'],
  [{ kind: 'hold' as const, why: '' }, 'Say what was not seen.'],
])('%j says what to do', (of, words) => {
  expect(says(of)[0]).toContain(words)
})

test('a kind reads its own fields: what was typed for another neither keeps it from being written nor goes along', () => {
  const said = read({ kind: 'hold', why: 'behind the shed', percent: 'nonsense' })
  expect(said.success && factFrom(said.data, about)).toEqual({
    kind: 'hold',
    about,
    why: 'behind the shed',
    way: 'ladder',
    way_to_look: 'from a ladder',
  })
})

test('a check that opens something wants the owner’s word first; one not named is another check, and wants none', () => {
  const check = (of: FactValues['check']) => {
    const said = read({ kind: 'test', check: of, result: 'dry' })
    if (!said.success) throw new Error('not read')
    return said.data
  }
  expect([wantsPermission(check('lift-a-course')), wantsPermission(check('probe'))]).toEqual([true, false])
  expect(wantsPermission(check(''))).toBe(false)
  expect(factFrom(check(''), about)).toMatchObject({ kind: 'test', check: 'other', sign: null })
})
