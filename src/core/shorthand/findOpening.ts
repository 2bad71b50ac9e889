import type { Feature, JobDocument, Place, Side } from '../job'
import { feet, inches, type Length } from '../measure'
import type { OpeningWord } from './placeWords'
import type { OpeningSaid } from './takeOpening'

/** What is in view, and the finding before: what *next window* and *there too* go by. */
export type Near = {
  readonly side: Side | null
  readonly last: {
    readonly place: Place
    readonly component: string | null
    readonly stated_grade: number | null
  } | null
}

/** What was found for a name: one or several that are all meant, or some of which nobody can tell which is. */
export type Openings =
  | { readonly kind: 'these'; readonly features: readonly Feature[] }
  | { readonly kind: 'one-of'; readonly features: readonly Feature[] }
  | { readonly kind: 'none' }

const NARROWEST_PATIO_DOOR = inches(58)
const NARROWEST_GARAGE_DOOR = inches(84)
const isGarageDoor = (each: Feature): boolean => each.kind === 'door' && each.width >= NARROWEST_GARAGE_DOOR

type Knows = (feature: Feature, side: Side) => boolean
const onFacing =
  (...facings: readonly Side['facing'][]): Knows =>
  (each, side) =>
    each.kind === 'door' && !isGarageDoor(each) && facings.includes(side.facing)

/** How each word knows what it means. Widths are usual ones, our judgement. */
const KNOWN_BY: Readonly<Record<OpeningWord, Knows>> = {
  window: (each) => each.kind === 'window',
  door: (each) => each.kind === 'door',
  'front-door': onFacing('front'),
  'back-door': onFacing('back'),
  'side-door': onFacing('left', 'right'),
  'patio-door': (each) => each.kind === 'door' && each.width >= NARROWEST_PATIO_DOOR && !isGarageDoor(each),
  'garage-door': isGarageDoor,
  chimney: (each) => each.kind === 'chimney-chase',
  downspout: (each) => each.kind === 'leader',
  porch: (each) => each.kind === 'porch',
  bay: (each) => each.kind === 'bay',
  dormer: (each) => each.kind === 'dormer',
  'small-roof': (each) => each.kind === 'small-roof',
  'through-wall': (each) => each.kind === 'penetration',
}

const WORDS_OF: Readonly<Record<string, string>> = { spigot: 'hose bib', hosebib: 'hose bib', lamp: 'light' }
/** Whether a thing in the wall is the one that was named. */
function isCalled(each: Feature, name: string): boolean {
  if (each.kind !== 'penetration') return true
  const plain = (words: string): string => words.toLowerCase().replaceAll(/[^a-z]/g, '')
  const called = plain(WORDS_OF[name] ?? name).replace(/s$/, '')
  return plain(each.what).includes(called) || called.includes(plain(each.what) || called)
}

const UPSTAIRS = feet(9)
/** The floor an opening is on. */
function floorOf(each: Feature): number {
  if (!('sill' in each)) return 1
  const { from, value } = each.sill
  return from.startsWith('floor-') ? Number(from.slice(6)) : value > UPSTAIRS ? 2 : 1
}

const rightOf = (each: Feature): number => each.station + each.width

/** All that a word may mean, in walking order. */
function pool(what: OpeningWord, job: JobDocument): Feature[] {
  const sides = new Map(job.sides.map((each) => [each.id, each]))
  const order = (each: Feature): number => sides.get(each.side_id)?.order ?? 0
  return job.features
    .filter((each) => {
      const side = sides.get(each.side_id)
      return side !== undefined && KNOWN_BY[what](each, side)
    })
    .toSorted((a, b) => order(a) - order(b) || a.station - b.station)
}

const these = (features: readonly (Feature | undefined)[]): Openings => {
  const found = features.filter((each) => each !== undefined)
  return found.length > 0 ? { kind: 'these', features: found } : { kind: 'none' }
}
const oneOf = (features: readonly Feature[]): Openings =>
  features.length < 2 ? these(features) : { kind: 'one-of', features }

/** By its place in the row, or by its number; where the two disagree nobody can tell. */
function byNumber(n: number, all: readonly Feature[], row: readonly Feature[]): Openings {
  const found = new Set(
    [row[n - 1], all.find((each) => each.number === n)].filter((each) => each !== undefined),
  )
  return oneOf([...found])
}

/** The nearest ones to a thing; more than one where they are about as near. */
function nearest(all: readonly Feature[], to: Feature): Openings {
  const gap = (each: Feature): number => Math.max(each.station - rightOf(to), to.station - rightOf(each), 0)
  const sorted = all.filter((each) => each.id !== to.id).toSorted((a, b) => gap(a) - gap(b))
  const limit = gap(sorted[0] ?? to) * 1.5 + inches(12)
  return oneOf(sorted.filter((each) => gap(each) <= limit))
}

function beside(
  said: OpeningSaid,
  all: readonly Feature[],
  job: JobDocument,
  near: Near,
  side: Side | null,
): Openings | null {
  if (!said.beside) return null
  const other = findOpenings(said.beside.of, job, near, side)
  if (other.kind !== 'these') return other
  const to = other.features[0]!
  const same = all.filter((each) => each.side_id === to.side_id)
  switch (said.beside.way) {
    case 'left':
      return these([same.filter((each) => rightOf(each) <= to.station).at(-1)])
    case 'right':
      return these([same.find((each) => each.station >= rightOf(to))])
    case 'near':
      return nearest(same, to)
    case 'under':
    case 'over': {
      const middle = to.station + to.width / 2
      return these([
        same.find((each) => each.id !== to.id && each.station <= middle && middle <= rightOf(each)),
      ])
    }
  }
}

/** The openings that a usual name means on this house, seen from the side in view or the one that was named. */
export function findOpenings(said: OpeningSaid, job: JobDocument, near: Near, named: Side | null): Openings {
  const whole = pool(said.what, job).filter((each) => isCalled(each, said.name))
  const side = named ?? near.side
  const onSide = whole.filter((each) => each.side_id === side?.id)
  const floors = named || onSide.length > 0 ? onSide : whole
  const all = said.floor === null ? floors : floors.filter((each) => floorOf(each) === said.floor)
  // Counted along the lowest floor: who means upstairs says so.
  const lowest = Math.min(...all.map(floorOf))
  const row = all.filter((each) => floorOf(each) === lowest)
  const found = beside(said, all, job, near, named)
  if (found) return found
  const last = near.last?.place.kind === 'side' ? near.last.place : null
  const { which } = said
  switch (which.kind) {
    case 'nth':
      return byNumber(which.n, all, row)
    case 'several': {
      const each = which.ns.map((n) => byNumber(n, all, row))
      const features = each.flatMap((one) => (one.kind === 'these' ? one.features : []))
      return features.length === which.ns.length ? { kind: 'these', features } : oneOf(all)
    }
    case 'end':
      return these([which.end === 'left' ? row[0] : row.at(-1)])
    case 'last':
      return these([row.at(-1)])
    case 'middle':
      return row.length % 2 === 1
        ? these([row[(row.length - 1) / 2]])
        : oneOf(row.slice(row.length / 2 - 1, row.length / 2 + 1))
    case 'all':
      return these(all)
    case 'next':
    case 'previous': {
      if (!last) return oneOf(all)
      const at = whole.findIndex((each) => each.id === last.feature_id)
      const step = which.kind === 'next' ? 1 : -1
      if (at >= 0) return these([whole[at + step]])
      const here = whole.filter((each) => each.side_id === last.side_id)
      return these([
        step > 0
          ? here.find((each) => each.station > last.station)
          : here.findLast((each) => rightOf(each) < last.station),
      ])
    }
    case 'there': {
      const same = all.find((each) => each.id === last?.feature_id)
      return same ? these([same]) : oneOf(all)
    }
  }
}

/** Where a thing beside another stands: the station of its left end. */
export function besideStation(of: Feature, way: 'left' | 'right', length: Length | null): Length {
  return (way === 'right' ? rightOf(of) : Math.max(0, of.station - (length ?? 0))) as Length
}
