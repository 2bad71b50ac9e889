import { emptyJob, finding } from '../../demo/build'
import type { Finding, HowKnown, JobDocument } from '../../src/core/job'
import { inches } from '../../src/core/measure'
import type { CauseId } from '../../src/core/trace'
import type { Chance } from './chance'
import { signsSeen } from './signs'
import type { Walker } from './walker'
import type { Looks, TrueSource, Truth, Wetting } from './simulate'
import { STOREY_IN, FOUNDATION_IN, FLOOR_IN, type Spot, type World } from './world'

/** What the walker wrote of one spot: a grade, or nothing where he did not look or did not notice. */
export type Noted = Wetting & { readonly seen: boolean; readonly noted: 0 | 1 | 2 | 3 | 4 }

export type Found = { readonly n: number; readonly spots: readonly Noted[] }

const LETTERS = 'abcd'

/** The part of a side one looks at in one go. */
function zoneOf(spot: Spot): string {
  if (spot.inside !== null) return spot.component === 'roof-deck' ? 'attic' : 'crawl'
  if (spot.component === 'fascia' || spot.component === 'soffit') return `roof-edge:${spot.side}`
  if (
    spot.feature !== null &&
    !['lap-siding', 'ledger', 'deck-board', 'deck-post'].includes(spot.component)
  ) {
    return `openings:${spot.side}:${spot.bottom > FOUNDATION_IN + FLOOR_IN + STOREY_IN ? 2 : 1}`
  }
  if (spot.component === 'base-course' || spot.component === 'corner-board') return `base:${spot.side}`
  return spot.component === 'lap-siding' ? `field:${spot.side}` : `attachments:${spot.side}`
}

function note(each: Wetting, seen: boolean, chance: Chance): Noted {
  if (!seen) return { ...each, seen, noted: 0 }
  const missed = each.grade === 1 ? 0.3 : each.grade === 2 ? 0.08 : 0.02
  if (each.grade === 0 || chance.yes(missed)) return { ...each, seen, noted: 0 }
  const slip = chance.yes(0.12) ? (chance.yes(0.5) ? 1 : -1) : 0
  return { ...each, seen, noted: Math.min(4, Math.max(1, each.grade + slip)) as Noted['noted'] }
}

/** Damaged spots of one member that lie side by side are one finding. */
function gather(noted: readonly Noted[]): Found[] {
  const members = new Map<string, Noted[]>()
  for (const each of noted) {
    const key = `${each.spot.member}:${each.spot.component}`
    members.set(key, [...(members.get(key) ?? []), each])
  }
  const groups: Noted[][] = []
  for (const spots of members.values()) {
    let open: Noted[] | null = null
    for (const each of spots) {
      if (each.noted === 0) {
        open = null
        continue
      }
      if (open) open.push(each)
      else groups.push((open = [each]))
    }
  }
  return groups.map((spots, index) => ({ n: index + 1, spots }))
}

export function howOf(spot: Spot): HowKnown {
  return spot.inside === null && spot.bottom > FOUNDATION_IN + FLOOR_IN + STOREY_IN ? 'seen-close' : 'touched'
}

function findingOf(found: Found, signs: Finding['signs']): Finding {
  const { spot } = found.spots[0]!
  const left = Math.min(...found.spots.map((each) => each.spot.left))
  const right = Math.max(...found.spots.map((each) => each.spot.right))
  const bottom = Math.min(...found.spots.map((each) => each.spot.bottom))
  const top = Math.max(...found.spots.map((each) => each.spot.top))
  const side_id = `side-${LETTERS[spot.side]!}`
  const upright = ['side-casing', 'corner-board', 'jamb-foot', 'deck-post'].includes(spot.component)
  const worst = Math.max(...found.spots.map((each) => each.noted)) as 1 | 2 | 3 | 4
  const station = inches(Math.max(0, Math.round(left)))
  const base = finding({
    n: found.n,
    words: `${spot.component} ${spot.part}`,
    component: spot.component,
    length_in: Math.round(upright ? top - bottom : right - left),
    grade: worst,
  })
  return {
    ...base,
    signs: [...signs],
    place:
      spot.inside === null
        ? {
            kind: 'side',
            side_id,
            station,
            height: { value: inches(Math.round(bottom)), from: 'grade' },
            feature_id: spot.feature,
          }
        : spot.component === 'roof-deck'
          ? { kind: 'roof', words: '' }
          : { kind: 'crawl', words: '' },
    spot: spot.inside === null ? null : { side_id, station, in_from_wall: inches(Math.round(spot.inside)) },
  }
}

/** Sound parts of openings that were touched, tapped as quickly as the rotten ones. */
function soundParts(noted: readonly Noted[], from: number, chance: Chance): Finding[] {
  const whole = new Map<string, Noted[]>()
  for (const each of noted) {
    if (each.spot.feature === null || !['head-casing', 'window-sill'].includes(each.spot.component)) continue
    whole.set(each.spot.member, [...(whole.get(each.spot.member) ?? []), each])
  }
  let n = from
  return [...whole.values()].flatMap((spots) => {
    if (!spots.every((each) => each.seen && each.noted === 0) || !chance.yes(0.4)) return []
    n += 1
    const made = findingOf({ n, spots: spots.slice(0, 1) }, [])
    return [{ ...made, stated_grade: 0 as const }]
  })
}

function truthOf(found: readonly Found[], world: World): Truth {
  const causes = new Map<string, readonly CauseId[]>()
  const reached = new Map<number, string[]>()
  for (const { n, spots } of found) {
    const share = new Map<number | 'weather', number>()
    for (const each of spots)
      for (const [from, water] of each.from) share.set(from, (share.get(from) ?? 0) + water)
    const all = [...share.values()].reduce((sum, each) => sum + each, 0)
    const ranked = [...share].sort((a, b) => b[1] - a[1])
    const chief = ranked[0]![0]
    const worst = Math.max(...spots.map((each) => each.noted))
    const nameOf = (from: number | 'weather'): CauseId =>
      from === 'weather'
        ? worst <= 1 && world.coated > 7
          ? 'finish-overdue'
          : 'ordinary-exposure'
        : world.faults[from]!.cause
    const named = ranked
      .filter(([from, water]) => from === chief || water >= 0.4 * all)
      .map(([from]) => nameOf(from))
    causes.set(`finding-${n}`, [...new Set(named)])
    if (chief !== 'weather') reached.set(chief, [...(reached.get(chief) ?? []), `finding-${n}`])
  }
  const sources = new Map<string, TrueSource>()
  for (const [index, finding_ids] of reached) {
    const fault = world.faults[index]!
    const key = fault.habit === null ? `fault ${index}` : `${fault.cause} ${fault.habit}`
    const before = sources.get(key)
    const place =
      fault.side === null
        ? []
        : [
            {
              side_id: `side-${LETTERS[fault.side]!}`,
              left_in: fault.left,
              right_in: fault.right,
              feature: fault.feature,
            },
          ]
    sources.set(key, {
      cause: fault.cause,
      places: [...(before?.places ?? []), ...place],
      finding_ids: [...(before?.finding_ids ?? []), ...finding_ids],
    })
  }
  return { causes, sources: [...sources.values()] }
}

/** Somebody walks the house: zones he cannot see, places he misses, grades a step off, and the signs he writes down. */
export function lookAt(
  world: World,
  wetted: readonly Wetting[],
  chance: Chance,
  by: { readonly looks: Looks; readonly walker: Walker; readonly absent: Chance },
): { job: JobDocument; truth: Truth } {
  const { looks, walker, absent } = by
  const zones = new Map<string, boolean>()
  const isSeen = (zone: string): boolean => {
    const known = zones.get(zone)
    if (known !== undefined) return known
    const seen = chance.yes(looks === 'full' ? 0.98 : 2 / 3)
    zones.set(zone, seen)
    return seen
  }
  const noted = wetted.map((each) => note(each, isSeen(zoneOf(each.spot)), chance))
  const found = gather(noted)
  const findings = found.map((each) =>
    findingOf(
      each,
      signsSeen({
        ...{ found: each, noted, world, chance, walker, absent },
        isSeen: (spot) => isSeen(zoneOf(spot)),
      }),
    ),
  )
  const job = emptyJob(`simulated`, 'Simulated house')
  return {
    truth: truthOf(found, world),
    job: {
      ...job,
      house: {
        id: 'house',
        removed: false,
        kind: 'house',
        year_built: { kind: 'known', year: world.built },
        storeys: world.storeys,
        foundation: world.crawl ? 'crawl' : 'slab',
        foundation_height: inches(FOUNDATION_IN),
        storey_height: inches(STOREY_IN),
        climate: null,
        conditions: [],
        crawl_clearance: null,
        surroundings: {
          storm_side: (['front', 'right', 'back', 'left'] as const)[world.storm]!,
          shaded_sides: [],
          soil: 'unknown',
          windswept: false,
          irrigation: world.irrigated ? 'yes' : 'no',
        },
      },
      sides: [...world.sides],
      features: [...world.features],
      findings: [...findings, ...soundParts(noted, found.length, chance)],
    },
  }
}
