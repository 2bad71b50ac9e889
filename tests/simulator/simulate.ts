import type { JobDocument } from '../../src/core/job'
import type { CauseId } from '../../src/core/trace'
import { chanceFrom, type Chance } from './chance'
import { faultsOf, openingsOf } from './faults'
import { featuresOf, sidesOf } from './house'
import { lookAt } from './look'
import { spotsOf } from './spots'
import { ORDINARY, type Walker } from './walker'
import { FLOOR_IN, FOUNDATION_IN, STOREY_IN, type Spot, type World } from './world'

/** A source as it truly is, with the findings it chiefly brought about. */
export type TrueSource = {
  readonly cause: CauseId
  /** Null for a source that belongs to the whole house. */
  readonly places: readonly {
    readonly side_id: string
    readonly left_in: number
    readonly right_in: number
    readonly feature: string | null
  }[]
  readonly finding_ids: readonly string[]
}

export type Truth = {
  readonly sources: readonly TrueSource[]
  /** Chief cause of each finding, and whatever else brought at least two fifths of its water. */
  readonly causes: ReadonlyMap<string, readonly CauseId[]>
}

export type Looks = 'full' | 'two-thirds'

export type Wetting = {
  readonly spot: Spot
  readonly grade: 0 | 1 | 2 | 3 | 4
  readonly from: ReadonlyMap<number | 'weather', number>
}

function worldOf(chance: Chance): World {
  const built = chance.whole(1915, 2008)
  const width = 12 * chance.whole(28, 46)
  const depth = 12 * chance.whole(22, 34)
  const storeys = chance.yes(0.45) ? 2 : 1
  const overhang = chance.weighted([
    [4, 0.2],
    [10, 0.3],
    [18, 0.3],
    [28, 0.2],
  ])
  const crawl = chance.yes(0.7)
  const sides = sidesOf(width, depth, overhang, storeys)
  const eaveHeight = FOUNDATION_IN + FLOOR_IN + storeys * STOREY_IN
  const gutter = sides.map((side) => side.roof_edge === 'eave' && chance.yes(0.75))
  const features = featuresOf(
    chance,
    sides.map((side) => side.length! / 64),
    storeys,
    crawl,
    gutter,
  )
  const spots = spotsOf(sides, features, eaveHeight, crawl)
  const bare = {
    built,
    width,
    depth,
    storeys,
    overhang,
    crawl,
    eaveHeight,
    sides,
    features,
    gutter,
    storm: chance.whole(0, 3),
    coated: chance.whole(0, 14),
    hardGround: sides.map(() => chance.yes(0.2)),
    irrigated: chance.yes(0.3),
    spots,
  } as const
  const openings = openingsOf(chance, bare)
  // Some houses have nothing wrong: their wood has simply had its time.
  const faultless = chance.yes(0.12)
  const sound = Object.fromEntries(
    Object.entries(openings).map(([id, each]) => [
      id,
      { ...each, head: 'good' as const, pan: true, weepsShut: false, slope: true },
    ]),
  )
  const faults = faultsOf(chance, bare, openings)
  return { ...bare, openings: faultless ? sound : openings, faults: faultless ? [] : faults }
}

/** Grade from the water of a life: local soft from about one dose on. */
function gradeFrom(dose: number): 0 | 1 | 2 | 3 | 4 {
  if (dose < 0.55) return 0
  if (dose < 0.85) return 1
  if (dose < 1.35) return 2
  return dose < 2.4 ? 3 : 4
}

/** Wets every spot: weather by exposure, side and age of the coat; faults by their ways and how long they have run. */
export function wet(world: World, chance: Chance): Wetting[] {
  const age = 2026 - world.built
  const years = world.faults.map(() => Math.min(1.4, chance.between(0.35, 1.2)))
  return world.spots.map((spot) => {
    const side = spot.side === world.storm ? 1.4 : spot.side === (world.storm + 2) % 4 ? 0.6 : 1
    const under = world.eaveHeight - spot.top < 2 * world.overhang ? 0.6 : 1
    const weather =
      spot.exposed * side * under * Math.min(2.2, age / 28) * (1 + world.coated / 20) * chance.about(0.3)
    const from = new Map<number | 'weather', number>([['weather', weather]])
    world.faults.forEach((fault, index) => {
      const comes = fault.wets(spot) * years[index]! * chance.about(0.2)
      if (comes > 0.02) from.set(index, comes)
    })
    return { spot, from, grade: gradeFrom([...from.values()].reduce((sum, each) => sum + each, 0)) }
  })
}

/** What a walker says is not there is drawn from a row of chances of its own. */
const ABSENT_FROM = 900_000

/**
 * A house made from a starting number, walked by somebody who misses things, as a job file would hold it, and the truth behind it.
 *
 * Written from how water travels and what practitioners see, not from the ratios of the engine; it repeats for the same start.
 */
export function simulateHouse(
  start: number,
  looks: Looks,
  walker: Walker = ORDINARY,
): { job: JobDocument; truth: Truth; world: World } {
  const chance = chanceFrom(start)
  const world = worldOf(chance)
  const absent = chanceFrom(ABSENT_FROM + start)
  return { ...lookAt(world, wet(world, chance), chance, { looks, walker, absent }), world }
}
