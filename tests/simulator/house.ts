import { door, side, window, GUTTER } from '../../demo/build'
import type { Feature, Side } from '../../src/core/job'
import { feet, inches } from '../../src/core/measure'
import type { Chance } from './chance'
import { FLOOR_IN, FOUNDATION_IN, STOREY_IN } from './world'

export const LETTERS = ['A', 'B', 'C', 'D'] as const
const FACINGS = ['front', 'right', 'back', 'left'] as const

export function sidesOf(width: number, depth: number, overhang: number, storeys: number): Side[] {
  return FACINGS.map((facing, index) =>
    side(LETTERS[index]!, index, facing, (index % 2 === 0 ? width : depth) / 12, {
      overhang: inches(overhang),
      roof_edge: index % 2 === 0 ? 'eave' : 'gable',
      wall_height: inches(FOUNDATION_IN + FLOOR_IN + storeys * STOREY_IN),
    }),
  )
}

type Base = { id: string; removed: false; side_id: string; number: number; size_how: 'taped' }
const base = (letter: string, number: number, kind: string): Base => ({
  id: `${kind}-${letter.toLowerCase()}${number}`,
  removed: false,
  side_id: `side-${letter.toLowerCase()}`,
  number,
  size_how: 'taped',
})

/** Windows, doors, deck, entry roof, chase, holes, gutters, downspouts and what holds water inside. */
export function featuresOf(
  chance: Chance,
  lengths: readonly number[],
  storeys: 1 | 2,
  crawl: boolean,
  gutter: readonly boolean[],
): Feature[] {
  const made: Feature[] = []
  const next = [1, 1, 1, 1]
  const take = (index: number): number => next[index]!++
  lengths.forEach((length, index) => {
    const letter = LETTERS[index]!
    for (const floor of storeys === 2 ? ([1, 2] as const) : ([1] as const)) {
      const many = chance.whole(1, Math.max(1, Math.floor(length / 130)))
      for (let k = 0; k < many; k += 1) {
        const at = (length * (k + 0.5)) / many - 20 + chance.between(-12, 12)
        if (floor === 1 && index % 2 === 0 && Math.abs(at + 20 - length / 2) < 60) continue
        made.push(window(letter, take(index), at / 12, floor, { w: 36, h: 54 }))
      }
    }
    if (index % 2 === 0) made.push(door(letter, take(index), (length / 2 - 18) / 12))
    if (index === 0 && chance.yes(0.5)) {
      made.push({
        ...base(letter, take(index), 'small-roof'),
        kind: 'small-roof',
        station: inches(Math.round(length / 2 - 36)),
        width: feet(6),
        depth: feet(3),
        top: { value: inches(112), from: 'floor-1' },
        pitch_in_12: 4,
      })
    }
    if (index === 2 && chance.yes(0.6)) {
      made.push({
        ...base(letter, take(index), 'deck'),
        kind: 'deck',
        station: inches(Math.round(length / 2 - 84)),
        width: feet(14),
        depth: feet(10),
        deck_height: inches(FOUNDATION_IN + FLOOR_IN - 2),
      })
    }
    if (index === 3 && chance.yes(0.3)) {
      made.push({
        ...base(letter, take(index), 'chimney-chase'),
        kind: 'chimney-chase',
        station: inches(Math.round(length * 0.4)),
        width: feet(5),
        depth: feet(2),
        top: feet(storeys * 9 + 10),
      })
    }
    if (chance.yes(0.5)) {
      made.push({
        ...base(letter, take(index), 'penetration'),
        kind: 'penetration',
        what: 'vent',
        station: inches(Math.round(chance.between(30, length - 40))),
        width: inches(6),
        height: inches(6),
        sill: { value: inches(20), from: 'floor-1' },
      })
    }
    if (gutter[index]) {
      made.push({
        ...base(letter, take(index), 'gutter'),
        kind: 'gutter',
        station: inches(0),
        width: inches(length),
        outlets: 'right',
        ...GUTTER,
      })
      made.push({
        ...base(letter, take(index), 'leader'),
        kind: 'leader',
        station: inches(length - 4),
        width: inches(3),
        discharge: 'unknown',
      })
    }
  })
  if (crawl) {
    for (const what of ['tub', 'kitchen-sink'] as const) {
      const index = chance.whole(0, 3)
      made.push({
        ...base(LETTERS[index]!, take(index), 'fixture'),
        kind: 'fixture',
        what,
        station: inches(Math.round(chance.between(24, lengths[index]! - 90))),
        width: feet(5),
        in_from_wall: inches(Math.round(chance.between(6, 90))),
        floor: 1,
      })
    }
  }
  return made
}
