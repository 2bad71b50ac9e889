import { expect, test } from '@jest/globals'
import { PART_PHRASES, MATERIAL_PHRASES } from '../shorthand/vocabulary'
import { CAUSE_IDS, causeOf, PRIORS } from '../trace'
import {
  rowsById,
  CAUTIONS,
  cautionOf,
  goodOf,
  KEEP_OFF_BY_SIGN,
  KEEP_OFF_LIST,
  materialOf,
  METHODS,
  methodName,
  methodOf,
  packagesFor,
  partName,
  partOf,
  PARTS,
  SECTION_USD,
  STOCK_FT,
  taskOf,
  TASKS,
} from '.'

test('every row that another row names is there', () => {
  for (const part of PARTS) {
    for (const held of part.heldBy) expect([part.id, partOf(held)?.id]).toEqual([part.id, held])
    if (part.task) {
      for (const task of [part.task.task, ...Object.values(part.task.byMaterial ?? {})])
        expect(taskOf(task).id).toBe(task)
    }
    for (const { good } of part.goods) expect(goodOf(good)?.id).toBe(good)
    if (part.boughtAs) {
      for (const material of [part.boughtAs.usual, ...Object.values(part.boughtAs.byCladding)])
        expect(materialOf(material)?.known).toBe(true)
    }
  }
  for (const { recipe } of METHODS) {
    for (const { task, byMaterial } of recipe?.tasks ?? [])
      for (const id of [task, ...Object.values(byMaterial ?? {})]) expect(taskOf(id).id).toBe(id)
    for (const { section, material, like } of recipe?.pieces ?? []) {
      if (section !== null) expect(SECTION_USD[section]).toBeGreaterThan(0)
      if (material !== null) expect(materialOf(material)?.known).toBe(true)
      if (like !== null) expect(partOf(like)?.section).not.toBeNull()
    }
    for (const { good } of recipe?.goods ?? []) expect(goodOf(good)?.id).toBe(good)
  }
})

test('what the causes, the priors and the words of the trade name is in the catalogue', () => {
  const named = [
    ...CAUSE_IDS.flatMap((id) => causeOf(id).damages),
    ...Object.keys(PRIORS),
    ...PART_PHRASES.map(([, part]) => part),
    ...KEEP_OFF_BY_SIGN.map(({ part }) => part),
    ...Object.values(KEEP_OFF_LIST).flatMap(({ part }) => part ?? []),
  ]
  expect(named.filter((id) => partOf(id) === null)).toEqual([])
  expect(MATERIAL_PHRASES.filter(([, material]) => materialOf(material) === null)).toEqual([])
  const also = METHODS.flatMap(({ alsoFixes }) => alsoFixes)
  expect(also.filter((id) => !(CAUSE_IDS as readonly string[]).includes(id))).toEqual([])
  const served = METHODS.flatMap(({ serves }) => serves ?? [])
  expect(served.filter((id) => partOf(id) === null)).toEqual([])
  const fixes = CAUSE_IDS.flatMap((id) => causeOf(id).fix?.method ?? [])
  expect(fixes.filter((id) => methodOf(id) === null)).toEqual([])
})

test('a part that has a task has a rule and a section, or nothing could be reckoned', () => {
  for (const part of PARTS.filter((each) => each.task !== null))
    expect([part.id, part.piece !== null, part.section !== null]).toEqual([part.id, true, true])
})

test('hours rise from low to high, and nothing is below nought', () => {
  for (const { id, low, typical, high, set_up_h } of TASKS)
    expect([id, 0 <= set_up_h && 0 < low && low <= typical && typical <= high]).toEqual([id, true])
})

test('little of a task is paid by its set-up: what goes by length, area or coat has one, or goes with work that has', () => {
  // Field practice knows a factor for small lots only where no set-up stands already: these go with a repair at their place.
  const goWith = ['barrier', 'wall-barrier', 'wall-sheathing-sheet', 'gutter-off-on']
  const measured = TASKS.filter(({ unit }) => /ft|sheet|face|coat/.test(unit) && !unit.startsWith('run'))
  const bare = measured.filter(({ set_up_h }) => set_up_h === 0).map(({ id }) => id)
  expect(measured.length).toBeGreaterThan(60)
  expect(bare.toSorted()).toEqual(goWith.toSorted())
})

test('lengths of stock are lengths a yard sells, short to long', () => {
  for (const lengths of Object.values(STOCK_FT)) expect([...lengths].sort((a, b) => a - b)).toEqual(lengths)
})

test('every caution says what it does to work, and one id is one row', () => {
  for (const row of CAUTIONS) {
    expect(cautionOf(row.id)).toBe(row)
    if (row.effect !== 'warns') expect(row.onWork).toMatch(/\.$/)
  }
  expect(() => rowsById([{ id: 'a' }, { id: 'a' }])).toThrow('two rows of the catalogue are called a')
})

test('an id that is not known is shown as it stands, and guessed at by nobody', () => {
  expect([partOf('cupola'), methodOf('glue-in'), materialOf('bamboo')]).toEqual([null, null, null])
  expect([partName('cupola'), methodName('glue-in')]).toEqual([
    'unknown part (cupola)',
    'Unknown method (glue-in)',
  ])
})

test.each([
  [0, [1, 5, 10], 0],
  [0.4, [1, 5, 10], 1],
  [6, [1, 5, 10], 6],
  [1.3, [0.25, 1, 5], 1.5],
  [40, [33, 75], 66],
  [70, [33, 75], 75],
  [80, [33, 75], 99],
  [120, [33, 75], 132],
])('%d in packages of %j: %d bought', (need, sizes, bought) => {
  const packages = packagesFor(need, sizes)
  expect(packages.bought).toBeCloseTo(bought, 9)
  expect(packages.count.reduce((sum, each) => sum + each.size * each.count, 0)).toBeCloseTo(bought, 9)
})
