import type { Row } from '../row'

/** What is found behind a board once it is off, by the unit it is sold in: by which method it is mended, and how far a unit reaches. */
export type FindRow = Row & {
  /** As its owner reads it: what, and of how much. */
  readonly plain: string
  readonly method: string
  readonly component: string
  readonly unit: 'sheet' | 'each' | 'four-feet'
  /** Feet along the surface that one unit mends; of framing: from one piece to the next. */
  readonly reach_ft: number
}

const find = (id: string, plain: string, of: Omit<FindRow, 'id' | 'name' | 'plain' | 'source'>): FindRow => {
  return { id, name: plain, plain, source: 'our judgement', ...of }
}

/** A sheet mends a strip two feet high over sixteen feet; studs and joists stand at 16 in, rafters at 24 in, where nobody noted another. */
export const FINDS: readonly FindRow[] = [
  find('sheathing', 'Wood behind the siding (sheathing), a sheet of 4 × 8 ft', {
    method: 'sheathing-new',
    component: 'sheathing',
    unit: 'sheet',
    reach_ft: 16,
  }),
  find('stud', 'A wall stud, one beside the soft one', {
    method: 'stud-sister',
    component: 'stud',
    unit: 'each',
    reach_ft: 4 / 3,
  }),
  find('sub-fascia', 'Board behind the roof edge (sub-fascia), four feet', {
    method: 'piece-in',
    component: 'sub-fascia',
    unit: 'four-feet',
    reach_ft: 4,
  }),
  find('rafter-tail', 'A rafter end, one beside the soft one', {
    method: 'rafter-tail-sister',
    component: 'rafter-tail',
    unit: 'each',
    reach_ft: 2,
  }),
  find('roof-deck', 'Wood under the roof shingles, a sheet of 4 × 8 ft', {
    method: 'roof-deck-sheet',
    component: 'roof-deck',
    unit: 'sheet',
    reach_ft: 16,
  }),
  find('sole-plate', 'Foot board of the wall (plate), four feet', {
    method: 'sole-plate-new',
    component: 'sole-plate',
    unit: 'four-feet',
    reach_ft: 4,
  }),
  find('rim', 'Edge board of the floor (rim), four feet', {
    method: 'rim-new',
    component: 'rim-joist',
    unit: 'four-feet',
    reach_ft: 4,
  }),
  find('subfloor', 'Wood under the floor (subfloor), a sheet of 4 × 8 ft', {
    method: 'subfloor-new',
    component: 'subfloor',
    unit: 'sheet',
    reach_ft: 16,
  }),
  find('joist', 'A floor joist, one beside the soft one', {
    method: 'joist-sister',
    component: 'joist',
    unit: 'each',
    reach_ft: 4 / 3,
  }),
  find('deck-joist', 'A deck joist, one beside the soft one', {
    method: 'deck-joist-sister',
    component: 'deck-joist',
    unit: 'each',
    reach_ft: 4 / 3,
  }),
  find('deck-footing', 'A footing under a deck post', {
    method: 'deck-footing',
    component: 'deck-footing',
    unit: 'each',
    reach_ft: 100,
  }),
]

/** What stands behind each kind of surface, as `HIDDEN` names them: its backing, and its framing. */
export const BEHIND: Readonly<Record<string, { readonly backing: string | null; readonly framing: string }>> =
  {
    fascia: { backing: 'sub-fascia', framing: 'rafter-tail' },
    soffit: { backing: 'sub-fascia', framing: 'rafter-tail' },
    rake: { backing: 'roof-deck', framing: 'rafter-tail' },
    'lap-field': { backing: 'sheathing', framing: 'stud' },
    'base-course': { backing: 'sheathing', framing: 'stud' },
    'below-roof-end': { backing: 'sheathing', framing: 'stud' },
    'head-casing': { backing: 'sheathing', framing: 'stud' },
    'side-casing': { backing: 'sheathing', framing: 'stud' },
    'window-sill': { backing: 'sheathing', framing: 'stud' },
    'door-foot': { backing: 'subfloor', framing: 'rim' },
    corner: { backing: 'sheathing', framing: 'stud' },
    ledger: { backing: 'sheathing', framing: 'rim' },
    'deck-board': { backing: null, framing: 'deck-joist' },
    'deck-post': { backing: null, framing: 'deck-footing' },
    chase: { backing: 'sheathing', framing: 'stud' },
    stucco: { backing: 'sheathing', framing: 'stud' },
    shingle: { backing: 'sheathing', framing: 'stud' },
    floor: { backing: 'subfloor', framing: 'joist' },
    joist: { backing: null, framing: 'joist' },
    mudsill: { backing: 'sheathing', framing: 'stud' },
    'roof-deck': { backing: 'roof-deck', framing: 'rafter-tail' },
  }
