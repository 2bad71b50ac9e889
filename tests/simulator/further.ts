import { finding } from '../../demo/build'
import type { ComponentId, Feature, Finding, JobDocument, Place, Survey } from '../../src/core/job'
import { feet, inches } from '../../src/core/measure'
import type { CauseId, SignId } from '../../src/core/trace'
import { frameSurvey } from '../support/surveys'
import { chanceFrom, type Chance } from './chance'
import { simulateHouse, type Looks, type TrueSource, type Truth } from './simulate'
import { FLOOR_IN, FOUNDATION_IN, type World } from './world'

/** A sign of a fault with the chance that a walker notes it where it is. */
type Shown = readonly (readonly [SignId, number])[]

/** What befalls a house besides water: what is found of it, and by which signs. How often, and how often seen: our judgement. */
type Trouble = {
  readonly cause: CauseId
  readonly component: ComponentId
  readonly grade: 0 | 1 | 2 | 3 | null
  readonly shows: Shown
  readonly place: Place
  readonly spot: Finding['spot']
  readonly length_in: number
  readonly truth: TrueSource['places']
  /** What is measured of it, by who brings an instrument. */
  readonly measured?: (finding_id: string) => Survey
}

/** A walker misses a trouble altogether this often, notes a sign that is not there this often, and measures what can be measured this often. */
const MISSES = 0.08
const SLIPS = 0.04
const MEASURES = 0.5

const SLIP_SIGNS: readonly SignId[] = ['chalk-cracks-bare-spots', 'hairline-only', 'dry-elsewhere', 'mildew']
const LETTERS = 'abcd'
const side_id = (side: number): string => `side-${LETTERS[side]!}`
const head = (id: string, finding_ids: string[]) => ({
  ...{ id, removed: false, day: '2026-05-04', by: 'Dov', instrument: '', note: '' },
  finding_ids,
})

function onSide(side: number, station: number, up: number, feature_id: string | null = null): Place {
  return {
    kind: 'side',
    side_id: side_id(side),
    station: inches(Math.max(0, Math.round(station))),
    height: { value: inches(Math.round(up)), from: 'grade' },
    feature_id,
  }
}

const crawl: Place = { kind: 'crawl', words: '' }
const below = (side: number, station: number, inward: number): Finding['spot'] => ({
  side_id: side_id(side),
  station: inches(Math.round(station)),
  in_from_wall: inches(Math.round(inward)),
})

/** Insects and animals: where each goes, whatever water does. */
function creatures(world: World, chance: Chance): Trouble[] {
  const troubles: Trouble[] = []
  const lengthOf = (side: number): number => world.sides[side]!.length! / 64
  const add = (of: Omit<Trouble, 'spot' | 'truth'> & Partial<Pick<Trouble, 'spot' | 'truth'>>): void => {
    troubles.push({ spot: null, truth: [], ...of })
  }
  if (chance.yes(0.12)) {
    const side = chance.whole(0, 3)
    const left = chance.between(6, lengthOf(side) - 60)
    add({
      ...{ cause: 'carpenter-bees', component: 'fascia', grade: 2, length_in: 48 },
      place: onSide(side, left, world.eaveHeight - 6),
      truth: [{ side_id: side_id(side), left_in: left, right_in: left + 48, feature: null }],
      shows: [
        ['round-half-inch-holes', 0.9],
        ['coarse-dust-below-holes', 0.5],
        ['bees-hover-in-spring', 0.2],
        ['bare-softwood-trim', 0.4],
      ],
    })
  }
  const windows = world.features.filter((each) => each.kind === 'window')
  if (windows.length > 0 && chance.yes(0.1)) {
    const window = chance.one(windows)
    const side = LETTERS.indexOf(window.side_id.slice(-1))
    const left = window.station / 64
    add({
      ...{ cause: 'carpenter-ants', component: 'side-casing', grade: 2, length_in: 30 },
      place: onSide(side, left, FOUNDATION_IN + FLOOR_IN + 30, window.id),
      truth: [{ side_id: window.side_id, left_in: left, right_in: left + 40, feature: window.id }],
      shows: [
        ['frass-with-insect-parts', 0.7],
        ['clean-smooth-galleries', 0.5],
        ['live-ants-at-night', 0.25],
        ['damp-wood-here', 0.5],
      ],
    })
  }
  if (world.crawl && chance.yes(0.1)) {
    const side = chance.whole(0, 3)
    const left = chance.between(20, lengthOf(side) - 80)
    add({
      ...{ cause: 'wood-beetles', component: 'joist', grade: 2, length_in: 60 },
      place: crawl,
      spot: below(side, left, 60),
      shows: [
        ['pin-holes-with-powder', 0.85],
        ['old-softwood-or-hardwood', 0.5],
        ['fresh-frass', 0.35],
        ['damp-crawl-over-14', 0.4],
      ],
    })
  }
  if (chance.yes(0.08)) {
    const side = chance.whole(0, 3)
    const left = chance.between(6, lengthOf(side) - 40)
    add({
      ...{ cause: 'animals', component: 'soffit', grade: 2, length_in: 12 },
      place: onSide(side, left, world.eaveHeight - 8),
      truth: [{ side_id: side_id(side), left_in: left, right_in: left + 12, feature: null }],
      shows: [
        ['chewed-edge-sound-around', 0.8],
        ['droppings-or-hair', 0.6],
        ['noises', 0.3],
      ],
    })
  }
  return troubles
}

/** A corner that goes down, with a course line that was shot along it. */
function settling(world: World, chance: Chance): Trouble {
  const side = chance.whole(0, 3)
  const length = world.sides[side]!.length! / 64
  const isLeft = chance.yes(0.5)
  const from = isLeft ? 0 : length - 96
  const drop = chance.between(0.75, 1.75)
  const stations = Array.from({ length: 6 }, (_, index) => (index * length) / 5)
  const low = (at: number): number => {
    const off = isLeft ? at : length - at
    return off >= 144 ? 0 : drop * (1 - off / 144)
  }
  return {
    ...{ cause: 'settlement', component: 'foundation-wall', grade: null, length_in: 96, spot: null },
    place: onSide(side, from, 4),
    truth: [{ side_id: side_id(side), left_in: from, right_in: from + 96, feature: null }],
    shows: [
      ['crack-stepped', 0.8],
      ['crack-wider-above', 0.6],
      ['low-zone-with-tapered-cracks', 0.5],
      ['downspout-or-fill-at-corner', 0.4],
      ['door-drags', 0.3],
    ],
    measured: (finding_id) => ({
      ...head(`courses-${finding_id}`, [finding_id]),
      kind: 'courses',
      side_id: side_id(side),
      course: inches(8),
      joint: inches(0.375),
      readings: stations.map((at) => ({
        station: inches(Math.round(at)),
        course: 3,
        edge: 'top',
        // The line lies so far over the course; an instrument and a hand err by a sixteenth.
        over_edge: inches(low(at) + chance.between(-0.06, 0.06)),
      })),
    }),
  }
}

/** Movement and structure: a corner that goes down, supports and joists below the floor, what holds a deck. */
function structure(world: World, chance: Chance): Trouble[] {
  const troubles: Trouble[] = []
  if (chance.yes(0.14)) troubles.push(settling(world, chance))
  if (world.crawl && chance.yes(0.12)) {
    const side = chance.whole(0, 3)
    const left = chance.between(60, world.sides[side]!.length! / 64 - 80)
    const isLoose = chance.yes(0.6)
    troubles.push({
      ...{ cause: 'pier-displaced', component: 'girder', grade: null, length_in: 24, truth: [] },
      place: crawl,
      spot: below(side, left, 100),
      shows: [
        ['pier-leaning', isLoose ? 0.3 : 0.8],
        ['daylight-in-bearing', isLoose ? 0.8 : 0.3],
        ['soft-line-in-floor', 0.4],
        ['sinks-at-one-spot', 0.4],
      ],
      measured: (finding_id) =>
        frameSurvey({
          ...head(`frame-${finding_id}`, [finding_id]),
          supports: [1, 2, 3].map((n) => ({
            ...{ support: `post ${n}`, along: feet(n * 8), on: null, lift: null },
            stands: n !== 2 ? 'plumb' : isLoose ? 'loose' : 'leaning',
          })),
        }),
    })
  }
  const tub = world.features.find(
    (each): each is Extract<Feature, { kind: 'fixture' }> => each.kind === 'fixture' && each.what === 'tub',
  )
  if (tub && chance.yes(0.12)) {
    troubles.push({
      ...{ cause: 'over-notched', component: 'joist', grade: null, length_in: 12 },
      place: crawl,
      spot: {
        side_id: tub.side_id,
        station: tub.station,
        in_from_wall: inches(Math.round(tub.in_from_wall / 64) + 12),
      },
      truth: [],
      shows: [
        ['notch-or-hole-too-big', 0.8],
        ['crack-from-notch', 0.4],
        ['near-tub-or-toilet', 0.6],
      ],
    })
  }
  const deck = world.features.find((each) => each.kind === 'deck')
  if (deck && chance.yes(0.3)) {
    const left = deck.station / 64
    troubles.push({
      ...{ cause: 'ledger-attachment', component: 'ledger', grade: null, length_in: 168, spot: null },
      place: onSide(2, left, FOUNDATION_IN + FLOOR_IN - 10, deck.id),
      truth: [{ side_id: deck.side_id, left_in: left, right_in: left + 168, feature: deck.id }],
      shows: [
        ['ledger-nails-only', 0.85],
        ['ledger-gap-over-eighth', 0.45],
        ['few-or-corroded-fasteners', 0.3],
      ],
    })
  }
  return troubles
}

/**
 * A simulated house with what befalls one besides water: insects, animals, movement, supports, notches, a deck hung on nails; and what was
 * measured of it. The house itself is the same as without, drawn from the same start; the rest is drawn apart from it.
 *
 * Written from what practitioners see, without looking at the ratios of the engine, and before any of its weights was touched for it.
 */
export function simulateFurther(start: number, looks: Looks): { job: JobDocument; truth: Truth } {
  const { job, truth, world } = simulateHouse(start, looks)
  const chance = chanceFrom(500_000 + start)
  const isSeen = looks === 'full' ? 0.98 : 2 / 3
  const findings: Finding[] = []
  const surveys: Survey[] = []
  const sources: TrueSource[] = []
  const causes = new Map(truth.causes)
  for (const trouble of [...creatures(world, chance), ...structure(world, chance)]) {
    if (!chance.yes(isSeen) || chance.yes(MISSES)) continue
    const n = job.findings.length + findings.length + 1
    const noted = trouble.shows.filter(([, seen]) => chance.yes(seen)).map(([sign]) => sign)
    const slipped = chance.yes(SLIPS) ? [chance.one(SLIP_SIGNS)] : []
    const made = finding({
      n,
      words: trouble.component,
      component: trouble.component,
      length_in: trouble.length_in,
      ...(trouble.grade === null ? {} : { grade: trouble.grade }),
    })
    const signs = [...new Set([...noted, ...slipped])]
    findings.push({
      ...made,
      place: trouble.place,
      spot: trouble.spot,
      signs: signs.map((sign) => ({ sign, how: 'touched', present: true })),
    })
    if (trouble.measured && chance.yes(MEASURES)) surveys.push(trouble.measured(made.id))
    sources.push({ cause: trouble.cause, places: trouble.truth, finding_ids: [made.id] })
    causes.set(made.id, [trouble.cause])
  }
  return {
    job: { ...job, findings: [...job.findings, ...findings], surveys: [...job.surveys, ...surveys] },
    truth: { causes, sources: [...truth.sources, ...sources] },
  }
}
