import { door, emptyJob, finding, GUTTER, side, window } from '../../demo/build'
import type { ComponentId, Feature, Finding, HowKnown, JobDocument, Side } from '../../src/core/job'
import { feet, inches } from '../../src/core/measure'
import type { CauseId } from '../../src/core/trace'

/**
 * One written case: what was found, and what somebody who knows the trade would and would not say of it.
 *
 * A finding is `'component | place | signs'`. Places: `A 10 120 a1` (side, feet, inches up, feature), `in A 10 24` (below the floor or
 * inside: side, feet, inches in), `words under the stair`, or nothing. A sign with `-` before it was looked for and not there; one
 * behind `@told` and the like is known so. A number among the signs is the grade.
 */
export type Case = {
  readonly title: string
  readonly found: readonly string[]
  /** Cause of each finding, or of the first alone; null: not explained. */
  readonly cause: CauseId | null | readonly (CauseId | null)[]
  /** Causes that must stand for no finding and no source. */
  readonly not?: readonly CauseId[]
  /** How many sources are drawn. */
  readonly sources?: number
  readonly house?: Partial<{
    /** Null: nobody knows it. */
    year: number | null
    foundation: NonNullable<JobDocument['house']>['foundation']
    overhang_in: number
    clay: boolean
    bare: boolean
    cladding: Side['cladding']
    /** False: none hangs anywhere. */
    gutters: boolean
  }>
}

const more = (kind: string, letter: string, number: number) => ({
  id: `${kind}-${letter}${number}`,
  removed: false as const,
  side_id: `side-${letter}`,
  number,
  size_how: 'taped' as const,
})

/** A house with one of everything: A front 40 ft, B right 30, C back 40 with a deck, D left 30 with a chase. */
function everything(): Feature[] {
  return [
    window('A', 1, 4, 1),
    window('A', 2, 12, 1),
    window('A', 3, 30, 1),
    door('A', 4, 22),
    {
      ...more('small-roof', 'a', 5),
      kind: 'small-roof',
      station: feet(20.5),
      width: feet(6),
      depth: feet(3),
      top: { value: inches(106), from: 'floor-1' },
      pitch_in_12: 4,
    },
    window('B', 1, 8, 1),
    window('B', 2, 20, 1),
    {
      ...more('penetration', 'b', 3),
      kind: 'penetration',
      what: 'vent',
      station: feet(15),
      width: inches(6),
      height: inches(6),
      sill: { value: inches(30), from: 'floor-1' },
    },
    window('C', 1, 6, 1),
    window('C', 2, 32, 1),
    door('C', 3, 18),
    {
      ...more('deck', 'c', 4),
      kind: 'deck',
      station: feet(12),
      width: feet(16),
      depth: feet(10),
      deck_height: inches(28),
    },
    window('D', 1, 4, 1),
    {
      ...more('chimney-chase', 'd', 2),
      kind: 'chimney-chase',
      station: feet(12),
      width: feet(5),
      depth: feet(2),
      top: feet(20),
    },
    {
      ...more('gutter', 'a', 6),
      kind: 'gutter',
      station: feet(0),
      width: feet(40),
      outlets: 'right',
      ...GUTTER,
    },
    {
      ...more('leader', 'a', 7),
      kind: 'leader',
      station: feet(39.5),
      width: inches(3),
      discharge: 'unknown',
    },
    {
      ...more('fixture', 'b', 4),
      kind: 'fixture',
      what: 'tub',
      station: feet(20),
      width: feet(5),
      in_from_wall: inches(12),
      floor: 1,
    },
  ]
}

const SHORT: Readonly<Record<string, string>> = {
  a1: 'window-a1',
  a2: 'window-a2',
  a3: 'window-a3',
  a4: 'door-a4',
  a5: 'small-roof-a5',
  b1: 'window-b1',
  b2: 'window-b2',
  b3: 'penetration-b3',
  c1: 'window-c1',
  c2: 'window-c2',
  c3: 'door-c3',
  c4: 'deck-c4',
  d1: 'window-d1',
  d2: 'chimney-chase-d2',
}

function findingFrom(text: string, n: number): Finding {
  const [component, place, signs] = text.split('|').map((part) => part.trim()) as [
    ComponentId,
    string,
    string,
  ]
  const base = finding({ n, words: text, component, grade: 3, length_in: 24 })
  let how: HowKnown = 'touched'
  let grade: 0 | 1 | 2 | 3 | 4 | null = 3
  const noted: Finding['signs'] = []
  for (const word of signs.split(/\s+/).filter((each) => each !== '')) {
    if (word.startsWith('@')) how = word.slice(1) as HowKnown
    else if (/^[0-4]$/.test(word)) grade = Number(word) as 0
    else if (word === '?') grade = null
    else noted.push({ sign: word.replace(/^-/, ''), how, present: !word.startsWith('-') })
  }
  const words = place.split(/\s+/)
  const made = { ...base, stated_grade: grade, signs: noted }
  if (place === '') return { ...made, place: { kind: 'none' } }
  if (words[0] === 'words') return { ...made, place: { kind: 'words', words: words.slice(1).join(' ') } }
  if (words[0] === 'in') {
    return {
      ...made,
      place: { kind: 'crawl', words: '' },
      spot: {
        side_id: `side-${words[1]!.toLowerCase()}`,
        station: feet(Number(words[2])),
        in_from_wall: inches(Number(words[3])),
      },
    }
  }
  return {
    ...made,
    place: {
      kind: 'side',
      side_id: `side-${words[0]!.toLowerCase()}`,
      station: feet(Number(words[1])),
      height: { value: inches(Number(words[2])), from: 'grade' },
      feature_id: words[3] ? SHORT[words[3]]! : null,
    },
  }
}

/** The job file of a case. */
export function jobOf(of: Omit<Case, 'cause'> & Partial<Pick<Case, 'cause'>>): JobDocument {
  const job = emptyJob('case', of.title)
  const found = of.found.map((text, index) => findingFrom(text, index + 1))
  if (of.house?.bare) return { ...job, findings: found }
  const overhang = inches(of.house?.overhang_in ?? 12)
  const clad = of.house?.cladding === undefined ? {} : { cladding: of.house.cladding }
  return {
    ...job,
    house: {
      id: 'house',
      removed: false,
      kind: 'house',
      year_built:
        of.house?.year === null ? { kind: 'unknown' } : { kind: 'known', year: of.house?.year ?? 1965 },
      storeys: 1,
      foundation: of.house?.foundation ?? 'crawl',
      foundation_height: inches(18),
      storey_height: feet(9),
      climate: null,
      conditions: [],
      crawl_clearance: null,
      surroundings: {
        storm_side: null,
        shaded_sides: [],
        soil: of.house?.clay ? 'clay' : 'unknown',
        windswept: false,
        irrigation: 'unknown',
      },
    },
    sides: [
      side('A', 0, 'front', 40, { overhang, ...clad }),
      side('B', 1, 'right', 30, { overhang, roof_edge: 'gable', ...clad }),
      side('C', 2, 'back', 40, { overhang, ...clad }),
      side('D', 3, 'left', 30, { overhang, roof_edge: 'gable', ...clad }),
    ],
    features: everything().filter(
      (each) => of.house?.gutters !== false || (each.kind !== 'gutter' && each.kind !== 'leader'),
    ),
    findings: found,
  }
}
