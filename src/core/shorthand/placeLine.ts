import { partOf } from '../catalogue'
import { featureBox, isOpening } from '../geometry'
import { type ComponentId, type Feature, type Grade, type JobDocument, type Side } from '../job'
import { feet, formatLength, inches, type Length } from '../measure'
import { besideStation, findOpenings, type Near } from './findOpening'
import { awayFromWalls } from './awayFromWalls'
import { onFeature, onSide, type On, type SidePlace } from './onHouse'
import { asking, inWords, nameOf, placed, sideName, whichFeature, type PlacedLine } from './placedLine'
import type { Shorthand } from './said'
import type { End, OpeningSaid } from './takeOpening'
import type { CompassPoint } from './where'
import { lookingTo, WINDS } from './winds'

/** From here on `eight to ten feet` is as likely a stretch of the wall as a length that nobody taped. */
const LONG_RANGE = feet(6)
const NOTHING_NEAR: Near = { side: null, last: null }
function namedSide(said: Shorthand, { job, near }: On): Side | null {
  const by = said.where.sideBy
  if (by === 'next') {
    const order = job.sides.toSorted((a, b) => a.order - b.order)
    const at = order.findIndex((each) => each.id === near.side?.id)
    return at < 0 ? null : order[(at + 1) % order.length]!
  }
  if (by !== null) {
    const found = findOpenings(
      { what: by, name: by, which: { kind: 'there' }, floor: null, beside: null },
      job,
      { ...near, side: null },
      null,
    )
    if (found.kind === 'these')
      return job.sides.find((each) => each.id === found.features[0]!.side_id) ?? null
    // Not drawn: the letter that was said with it stands.
    if (said.side === null) return null
  }
  const wind = windOf(said)
  if (wind !== null) return lookingTo(wind, job)
  const letter = said.feature?.replace(/\d+$/, '') ?? said.side
  return (
    job.sides.find((each) => each.letter === letter) ??
    job.sides.find((each) => each.facing === letter) ??
    null
  )
}

/** The wind a wall is called by, where no letter says which it is. */
const windOf = ({ side, feature, where }: Shorthand): CompassPoint | null =>
  side === null && feature === null ? where.compass : null

/** Nobody said which way the front looks: which of the sides is meant is asked. */
function whichWind(said: Shorthand, point: CompassPoint, job: JobDocument, near: Near): PlacedLine {
  return asking(
    said,
    `Which side looks ${WINDS[point]}?`,
    job.sides.flatMap((side) => {
      const where = { ...said.where, compass: null }
      const [there] = placeLine({ ...said, side: side.letter, where }, job, near)
      return there && there.ask === null ? [{ ...there, says: sideName(side) }] : []
    }),
  )
}

/** The side a front or a back door is on by its name, where only one faces so. */
function facedBy({ what }: OpeningSaid, job: JobDocument): Side | null {
  const facing = what === 'front-door' ? 'front' : what === 'back-door' ? 'back' : null
  const faced = job.sides.filter((each) => each.facing === facing)
  return faced.length === 1 ? faced[0]! : null
}

/** `A2`; and `w2`, which is the second window where no side is called W. */
function lettered(said: Shorthand, on: On): { feature: Feature | null; opening: OpeningSaid | null } {
  if (said.feature === null) return { feature: null, opening: null }
  const letter = said.feature.replace(/\d+$/, '')
  const number = Number(said.feature.slice(letter.length))
  const side = on.job.sides.find((each) => each.letter === letter)
  if (!side && letter === 'W')
    return {
      feature: null,
      opening: {
        what: 'window',
        name: 'window',
        which: { kind: 'nth', n: number },
        floor: null,
        beside: null,
      },
    }
  return {
    feature: on.job.features.find((each) => each.side_id === side?.id && each.number === number) ?? null,
    opening: null,
  }
}

/** What a thing on the wall is as a part. */
const ITSELF: Partial<Record<Feature['kind'], ComponentId>> = { leader: 'downspout', gutter: 'gutter' }
const isOfOpening = (part: ComponentId | null): boolean => partOf(part)?.ofOpening === true
const holds = (feature: Feature, part: ComponentId): boolean =>
  'parts' in feature ? (feature.parts as readonly string[]).includes(part) : false

/** A part of an opening that nobody named: the one of the last finding, the only one here, or which? */
function someOpening(said: Shorthand, side: Side | null, on: On): PlacedLine | null {
  const { job, near } = on
  const part = said.part
  if (part === null || !isOfOpening(part)) return null
  const here = job.features.filter((each) => each.side_id === side?.id && isOpening(each))
  const able = here.filter((each) => holds(each, part))
  const lastId = near.last?.place.kind === 'side' ? near.last.place.feature_id : null
  const last = here.find((each) => each.id === lastId)
  if (last && said.station === null) return placed(said, onFeature(said, last, on))
  if (said.station !== null) {
    const at = said.station
    const there = here.filter(
      (each) => at >= each.station - inches(12) && at <= each.station + each.width + inches(12),
    )
    return there.length === 1 ? placed(said, onFeature({ ...said, station: null }, there[0]!, on)) : null
  }
  const among = (able.length > 0 ? able : here).toSorted((a, b) => a.station - b.station)
  return among.length === 0 ? null : whichFeature(said, among, on)
}

/** What belongs to a chimney chase, where there is one alone. */
const OF_CHASE: ReadonlySet<string> = new Set(['chase-cover', 'chase-face', 'flue'])
function onlyChase(said: Shorthand, side: Side | null, { job }: On): Feature | null {
  if (said.part === null || !OF_CHASE.has(said.part) || said.station !== null) return null
  const all = job.features.filter(({ kind }) => kind === 'chimney-chase')
  const here = side ? all.filter((each) => each.side_id === side.id) : all
  return (here.length > 0 ? here : all).length === 1 ? (here[0] ?? all[0]!) : null
}

/** From a corner as far as a thing. */
function fromCorner(said: Shorthand, features: readonly Feature[], on: On): PlacedLine {
  const choices = features.flatMap((of) => {
    const side = on.job.sides.find((each) => each.id === of.side_id)!
    const right = (of.station + of.width) as Length
    const stretch = (end: End, from: Length, to: Length) => {
      const long = { ...said, length: Math.max(0, to - from) as Length }
      return {
        end,
        says: `${end} corner to ${nameOf(of, on.job)}`,
        said: long,
        place: onSide(long, side, from, on),
      }
    }
    return [
      stretch('left', feet(0), of.station),
      ...(side.length === null ? [] : [stretch('right', right, side.length)]),
    ]
  })
  const { end } = said.where
  return asking(
    said,
    'From which corner?',
    choices.filter((each) => end === null || each.end === end),
  )
}

/** Beside, under or over a thing. */
function besideThing(said: Shorthand, side: Side | null, on: On): PlacedLine | null {
  const { beside } = said.where
  if (!beside) return null
  const found = findOpenings(beside.of, on.job, on.near, side)
  if (found.kind === 'none') return null
  const at = (of: Feature, way: End | 'under' | 'over'): PlacedLine => {
    const wall = on.job.sides.find((each) => each.id === of.side_id)!
    const box = featureBox(of, on.job)
    if (way === 'under' || way === 'over') {
      const height = said.height ?? (way === 'under' ? box.bottom : box.top)
      return placed(said, onSide({ ...said, height }, wall, of.station, on))
    }
    return placed(said, onSide(said, wall, besideStation(of, way, said.length), on))
  }
  const each = (of: Feature): readonly (readonly [says: string, PlacedLine])[] => {
    const name = nameOf(of, on.job)
    // Over the entry its own head casing is meant; by a door its own jamb.
    if ((isOfOpening(said.part) || (said.part === null && beside.way === 'over')) && beside.way !== 'under')
      return [[name, placed(said, onFeature(said, of, on))]]
    if (beside.way !== 'near') return [[name, at(of, beside.way)]]
    if (of.width <= inches(18))
      return [
        [
          name,
          placed(
            said,
            onSide(
              said,
              on.job.sides.find((one) => one.id === of.side_id)!,
              of.station,
              on,
            ),
          ),
        ],
      ]
    return [
      [`left of ${name}`, at(of, 'left')],
      [`right of ${name}`, at(of, 'right')],
      [`under ${name}`, at(of, 'under')],
    ]
  }
  if (said.where.fromCorner) return fromCorner(said, found.features, on)
  const all = found.features.flatMap(each)
  return asking(
    said,
    'Where is it?',
    all.map(([says, of]) => ({ says, said: of.said, place: of.place })),
  )
}

/** Stations and stretches along a wall; several where both ends are meant. */
function alongSide(said: Shorthand, side: Side, on: On): PlacedLine[] {
  const { where } = said
  const long = side.length
  const at = (station: Length | null, length: Length | null = said.length): PlacedLine => {
    const of = { ...said, length }
    const beyond = station !== null && long !== null && station > long
    return placed(of, beyond ? inWords(said) : onSide(of, side, station, on))
  }
  const atEnd = (end: End, length: Length | null = said.length): PlacedLine => {
    if (end === 'left' || long === null) return at(feet(0), length)
    const isUpright = partOf(said.part)?.upright === true
    return at(Math.max(0, long - (isUpright ? 0 : (length ?? 0))) as Length, length)
  }
  const whichEnd = (words: string): PlacedLine[] => [
    asking(
      said,
      words,
      (['left', 'right'] as const).map((end) => ({ ...atEnd(end), says: `${end} end of ${sideName(side)}` })),
    ),
  ]
  if (where.both) return [atEnd('left'), atEnd('right')]
  // The whole of a corner board is not the whole wall.
  const isWholeWall = where.stretch === 'whole' && partOf(said.part)?.upright !== true
  if (isWholeWall) return [at(feet(0), long ?? said.length)]
  if (where.stretch === 'middle' && long !== null) return [at(Math.round(long / 2) as Length)]
  if (where.atEnd && where.end !== null)
    return [typeof where.to === 'number' ? atEnd(where.end, where.to) : atEnd(where.end)]
  if (where.to === 'corner' && where.station !== null)
    return [at(where.station, long === null ? said.length : (Math.max(0, long - where.station) as Length))]
  if (typeof where.to === 'number' && where.station !== null)
    return [at(Math.min(where.station, where.to) as Length, Math.abs(where.to - where.station) as Length)]
  if (where.station !== null && where.end === 'right' && long !== null)
    return [at(Math.max(0, long - where.station) as Length)]
  if (where.cornerUnsaid && long !== null) return whichEnd('From which corner?')
  if (said.station !== null) return [at(said.station)]
  if (said.part === 'corner-board' && long !== null) return whichEnd('Which corner?')
  if (said.range !== null && said.range.low >= LONG_RANGE) {
    const { low, high } = said.range
    const stretch = { ...said, length: (high - low) as Length, range: null, how: null }
    return [
      asking(said, `${formatLength(low)} to ${formatLength(high)}: what is it?`, [
        {
          says: `${formatLength(low)} to ${formatLength(high)} long`,
          said,
          place: onSide(said, side, null, on),
        },
        {
          says: `from ${formatLength(low)} to ${formatLength(high)}`,
          said: stretch,
          place: onSide(stretch, side, low, on),
        },
      ]),
    ]
  }
  if (said.lengthFirst && said.length !== null && said.side === null) {
    const long_ft = formatLength(said.length)
    const there = { ...said, length: null }
    return [
      asking(said, `${long_ft}: what is it?`, [
        { says: `${long_ft} long`, said, place: onSide(said, side, null, on) },
        { says: `at ${long_ft}`, said: there, place: onSide(there, side, said.length, on) },
      ]),
    ]
  }
  return [at(null)]
}

/** From where the last finding was. */
function fromLast(said: Shorthand, named: Side | null, on: On): PlacedLine | null {
  const { last } = on.near
  if (!last || named !== null) return null
  const { there, shift } = said.where
  if (shift !== null && last.place.kind === 'side')
    return placed(said, {
      ...last.place,
      feature_id: null,
      station: Math.max(0, last.place.station + shift) as Length,
    })
  if (!there) return null
  if (last.place.kind !== 'side') return placed(said, last.place)
  const side = on.job.sides.find((each) => each.id === (last.place as SidePlace).side_id)
  const feature = on.job.features.find((each) => each.id === (last.place as SidePlace).feature_id)
  if (feature) return placed(said, onFeature(said, feature, on))
  return side ? placed(said, onSide(said, side, last.place.station, on)) : placed(said, last.place)
}

/** *The same*: part and grade of the finding before, where the line has none of its own. */
function asBefore(said: Shorthand, { near }: On): Shorthand {
  if (!said.where.again || !near.last) return said
  return {
    ...said,
    part: said.part ?? near.last.component,
    grade: said.grade ?? (near.last.stated_grade as Grade | null),
  }
}

/** What stands below a floor says so: `post under the kitchen beam`. */
const BELOW_A_FLOOR =
  /\bunder (?:the )?(?:(?:kitchen|living|dining|family|bath|bed|laundry|front|back|main|middle|cent(?:er|re)) ?(?:room|floor|beam|girder)|kitchen|hall(?:way)?|girder|house|floor)\b/i

/** A post of which nothing else is said, below a floor or where the one before was under the house and there is no deck: what carries the floor. */
function underTheHouse(said: Shorthand, { job, near }: On): Shorthand {
  const isBare = said.part === 'deck-post' && said.feature === null && said.side === null
  const areBelow = near.last?.place.kind === 'crawl'
  const hasDeck = job.features.some((each) => each.kind === 'deck' && !each.removed)
  const isBelow = BELOW_A_FLOOR.test(said.words) || (areBelow && !hasDeck)
  return isBare && isBelow && !/\b(?:decks?|porch)\b/i.test(said.words) ? { ...said, part: 'pier' } : said
}

/**
 * Puts what a line says on the house: the side in view, the last place and the openings there are fill in what people do not say.
 * What cannot be known is asked, with its choices; it is never placed by a guess.
 *
 * @returns a finding for each place that is meant: `both windows` are two.
 */
export function placeLine(line: Shorthand, job: JobDocument, near: Near = NOTHING_NEAR): PlacedLine[] {
  const on: On = { job, near }
  const said = underTheHouse(asBefore(line, on), on)
  const named = namedSide(said, on)
  const wind = windOf(said)
  if (wind !== null && !named && job.sides.length > 0) return [whichWind(said, wind, job, near)]
  const { feature, opening: byLetter } = lettered(said, on)
  if (feature) {
    // The sill of a door is its threshold.
    const part = feature.kind === 'door' && said.part === 'window-sill' ? 'threshold' : said.part
    return [placed({ ...said, part }, onFeature({ ...said, part }, feature, on))]
  }
  const opening = byLetter ?? said.where.opening
  if (said.feature !== null && !byLetter) return [placed(said, inWords(said))]
  if (opening) {
    // `chimney left side`: the left of the chimney, not of the house.
    const onNamed = findOpenings(opening, job, near, byLetter ? null : named)
    const isItsSide =
      onNamed.kind === 'none' && (said.where.facing === 'left' || said.where.facing === 'right')
    const found = isItsSide ? findOpenings(opening, job, near, null) : onNamed
    // What is not drawn yet is on the side its name says, or somewhere on the wall one stands before.
    if (found.kind === 'none') {
      // Doors of a room that rub are inside.
      if (said.where.room !== null && said.part === 'door' && !named)
        return [placed(said, { kind: 'room', room: said.where.room })]
      // A lamp nobody drew, beside a door that is.
      const next =
        opening.beside &&
        besideThing({ ...said, where: { ...said.where, beside: { ...opening.beside, to: null } } }, named, on)
      if (next) return [next]
      const wall = named ?? facedBy(opening, job) ?? near.side
      // Both sides of a door that is not drawn are not both ends of its wall.
      const drawn = notDrawn(said, opening, on)
      const meant = { ...drawn, where: { ...drawn.where, both: false, stretch: null } }
      return wall ? alongSide(meant, wall, on) : [placed(meant, inWords(meant))]
    }
    // A room says which window is meant only to somebody who knows the rooms.
    const unknown = said.where.room !== null && opening.which.kind === 'there'
    if (found.kind === 'one-of' || (unknown && found.features.length > 1))
      return [whichFeature(said, found.features, on)]
    return found.features.flatMap((each) => {
      // Siding at the meter is no part of the meter.
      const isThing =
        !isOpening(each) &&
        said.part !== null &&
        said.part !== ITSELF[each.kind] &&
        !['chimney-chase', 'deck', 'porch', 'bay', 'dormer'].includes(each.kind)
      const wall = job.sides.find((side) => side.id === each.side_id)
      return placed(said, isThing && wall ? onSide(said, wall, each.station, on) : onFeature(said, each, on))
    })
  }
  const chase = onlyChase(said, named, on)
  if (chase) return [placed(said, onFeature(said, chase, on))]
  const one = awayFromWalls(said, named, on) ?? besideThing(said, named, on) ?? fromLast(said, named, on)
  if (one) return [one]
  return onTheSide(missing(said), named, on)
}

/** An opening of a house whose openings are drawn, and that one is not: which was meant stays among the words. */
const notDrawn = (said: Shorthand, opening: OpeningSaid, { job }: On): Shorthand =>
  job.features.some((each) => !each.removed && isOpening(each))
    ? { ...said, left: [...said.left, opening.name] }
    : said

/** What it was said to be beside is not drawn: that stays among the words, since the place does not say it. */
const missing = (said: Shorthand): Shorthand =>
  said.where.beside ? { ...said, left: [...said.left, said.where.beside.of.name] } : said

function onTheSide(said: Shorthand, named: Side | null, on: On): PlacedLine[] {
  const { near } = on
  // What lies inside or below the floor is not at the wall in view unless that was said.
  const inView = partOf(said.part)?.withinWalls && said.station === null ? null : near.side
  const side = named ?? inView
  // A line that names a place this house does not have keeps it in words.
  const isUnknown = said.side !== null && !named
  if (!side || isUnknown) return [placed(said, inWords(said))]
  return [someOpening(said, side, on)].flatMap((found) => (found ? [found] : alongSide(said, side, on)))
}
