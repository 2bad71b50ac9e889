import { WORK_SAYS } from '../catalogue/sentences/work'
import type { MethodRow, PartRow, Per } from '../catalogue'
import { rowsOf } from '../firmValues/rows'
import { cornersOf, drawnLength, overGround } from '../geometry'
import { byId, type JobDocument } from '../job'
import { dressedSize, feet, formatLength, inches, longest, shortest, type Length } from '../measure'
import type { ItemSpot, ScopeItem } from '../scope'
import { boughtMaterial } from './material'
import { cutOut, merged, type CutOut } from './cutOut'
import { areaAt, UNMEASURED } from './patch'
import { memberAt, openingAt, overCasings, type Member } from './member'
import { sectionFor, tooWideWords } from './section'
import { isNumberSaid, setOutAt } from './setOut'
import { wholeSide } from './wholeSide'
import type { Piece, WorkedPlace } from './workedPlace'

const UNMEASURED_WORDS = WORK_SAYS.unmeasured
/** What a head is taken for where no opening is noted. */
const USUAL_HEAD = feet(4)
/** How far one board of siding stands over the next. */
const COURSE = inches(6)

type Group = { readonly spots: readonly ItemSpot[]; readonly member: Member | null }

/** Spots on one board of the house belong together; a spot on no known board stands alone. */
function byMember(spots: readonly ItemSpot[], part: PartRow | null, job: JobDocument): Group[] {
  const groups = new Map<string, { spots: ItemSpot[]; member: Member | null }>()
  for (const spot of spots) {
    const member = memberAt(part, spot, job)
    const key = member?.key ?? spot.key
    const group = groups.get(key)
    if (group) group.spots.push(spot)
    else groups.set(key, { spots: [spot], member })
  }
  return [...groups.values()]
}

const timesOf = (spots: readonly ItemSpot[]): number => Math.max(...spots.map((spot) => spot.times))
const seenOf = (spot: ItemSpot): Length => spot.seen ?? UNMEASURED
const unmeasured = (spots: readonly ItemSpot[]): string[] =>
  spots.some((spot) => spot.seen === null) ? [UNMEASURED_WORDS] : []

type Stretch = {
  readonly spots: readonly ItemSpot[]
  readonly member: Member | null
  readonly length: Length
  readonly whole: boolean
  /** Ends of the new piece that meet the old board: joints that were not there. */
  readonly meets: number
  readonly notes: readonly string[]
}

/** Where the board is not known both ends are taken to meet old wood. */
function meetsOf({ from, to }: CutOut, member: Member | null): number {
  if (member === null) return 2
  if (member.start === null) return to < member.length ? 2 : 0
  return Number(from > 0) + Number(to < member.length)
}

/** One soft place let in by itself. */
function alone(spot: ItemSpot, part: PartRow, job: JobDocument): Stretch {
  const member = memberAt(part, spot, job)
  const cut = cutOut(seenOf(spot), part.piece!, member)
  return {
    spots: [spot],
    member,
    length: (cut.to - cut.from) as Length,
    whole: false,
    meets: meetsOf(cut, member),
    notes: unmeasured([spot]),
  }
}

/** Every spot of a board with its own start on it. */
function onBoard(
  spots: readonly ItemSpot[],
  part: PartRow,
  job: JobDocument,
): { spot: ItemSpot; cut: CutOut; member: Member }[] {
  return spots.flatMap((spot) => {
    const member = memberAt(part, spot, job)
    return member ? [{ spot, member, cut: cutOut(seenOf(spot), part.piece!, member) }] : []
  })
}

/** Soft parts let in: near ones on one board are one piece; boards of siding are each their own. */
function letIn(spots: readonly ItemSpot[], part: PartRow, job: JobDocument): Stretch[] {
  return byMember(spots, part, job).flatMap((group): Stretch[] => {
    const { member } = group
    if (part.piece!.courses || member === null || member.start === null || group.spots.length === 1) {
      // A board of siding at another height is another board, though it lies on the same wall.
      return group.spots.map((spot) => alone(spot, part, job))
    }
    const cuts = onBoard(group.spots, part, job)
    return merged(
      cuts.map(({ cut }) => cut),
      part.piece!,
    ).map((cut): Stretch => {
      const mine = cuts
        .filter((each) => each.cut.from >= cut.from && each.cut.to <= cut.to)
        .map((each) => each.spot)
      const notes = mine.length > 1 ? [WORK_SAYS.nearPlaces(mine.length)] : []
      return {
        spots: mine,
        member,
        length: (cut.to - cut.from) as Length,
        whole: false,
        meets: meetsOf(cut, member),
        notes: [...notes, ...unmeasured(mine)],
      }
    })
  })
}

/** Whole members: one for each board, however many findings it has. */
function wholeMembers(spots: readonly ItemSpot[], part: PartRow, job: JobDocument): Stretch[] {
  return byMember(spots, part, job).map((group): Stretch => {
    const { member } = group
    const given = group.spots.find((spot) => spot.given && spot.seen !== null)
    if (given) return { ...group, length: given.seen!, whole: true, meets: 0, notes: [] }
    if (member) return { ...group, length: member.length, whole: true, meets: 0, notes: [] }
    const longestSeen = longest(
      ...group.spots.map((spot) => {
        const cut = cutOut(seenOf(spot), part.piece!, null)
        return (cut.to - cut.from) as Length
      }),
    )
    return {
      ...group,
      length: longestSeen,
      whole: true,
      meets: 0,
      notes: [WORK_SAYS.wholeUnknown(part.name), ...unmeasured(group.spots)],
    }
  })
}

function topOf(spots: readonly ItemSpot[], up: Length, job: JobDocument): Length {
  return longest(
    ...spots.map((spot) => {
      if (spot.at.kind !== 'side') return ((spot.height ?? feet(0)) + up) as Length
      const { side_id } = spot.at
      const side = byId(job.sides, side_id)
      const foot = side ? overGround(spot.at, side, job) : spot.at.height.value
      return (Math.max(0, foot) + up) as Length
    }),
  )
}

const sideKey = (spot: ItemSpot): string =>
  spot.at.kind === 'side' || spot.at.kind === 'whole-side' ? spot.at.side_id : 'no side'

/** Boards at a corner: two legs outside, one inside. */
function legsOf(part: PartRow, spots: readonly ItemSpot[], job: JobDocument): number {
  const at = spots[0]?.at
  if (part.piece?.legs !== 2 || at?.kind !== 'side') return part.piece?.legs ?? 1
  const side = byId(job.sides, at.side_id)
  if (!side) return 2
  const corner = cornersOf(side, job)[at.station < drawnLength(side, job) / 2 ? 'left' : 'right']
  return corner && !corner.outside ? 1 : 2
}

function acrossOf(part: PartRow, spots: readonly ItemSpot[], job: JobDocument): Length | null {
  const at = spots[0]?.at
  if (part.across !== 'overhang' || at?.kind !== 'side') return null
  return byId(job.sides, at.side_id)?.overhang ?? null
}

/** Says where a length reaches past its wall: it goes round a corner, or was measured wrong. */
function pastTheWall(spots: readonly ItemSpot[], part: PartRow | null, job: JobDocument): string[] {
  return spots.flatMap((spot) => {
    if (spot.at.kind !== 'side' || part?.upright) return []
    const { side_id, station } = spot.at
    const side = byId(job.sides, side_id)
    if (!side || side.length === null || station + (spot.seen ?? 0) <= side.length) return []
    return [
      WORK_SAYS.pastTheWall(formatLength((station + (spot.seen ?? 0) - side.length) as Length), side.letter),
    ]
  })
}

function worked(stretch: Stretch, item: ScopeItem, part: PartRow, job: JobDocument): WorkedPlace {
  const { spots, length, whole, member } = stretch
  const first = spots[0]!
  const opening = openingAt(first, job)
  const choice = sectionFor(part, {
    said: item.item.section,
    face: first.face_width,
    casing: opening?.casing_width ?? null,
  })
  const section = choice.kind === 'section' ? choice.section : ''
  const { material, note } = boughtMaterial(item, part, first, job)
  const times = timesOf(spots)
  const courses = part.piece?.courses ? Math.max(...spots.map((spot) => spot.courses)) : 1
  const legs = legsOf(part, spots, job)
  const across = acrossOf(part, spots, job)
  const wide = dressedSize(section)?.width ?? null
  const boards = across !== null && wide !== null ? Math.max(1, Math.ceil(across / wide)) : 1
  const rule = part.piece!
  const piece = {
    section,
    material,
    joint: rule.joint,
    least: inches(rule.least_in),
    why: whole ? WORK_SAYS.whyWhole : WORK_SAYS.whyLetIn,
  } as const
  const longer = whole
    ? length
    : longest(
        length,
        shortest(
          (length + inches(rule.stagger_in)) as Length,
          member?.length ?? ((length + inches(rule.stagger_in)) as Length),
        ),
      )
  const pieces: Piece[] = [
    { ...piece, length, count: times * courses * boards * (legs === 2 && longer !== length ? 1 : legs) },
  ]
  if (legs === 2 && longer !== length) {
    pieces.push({ ...piece, length: longer, count: times, why: WORK_SAYS.whySecondLeg })
  }
  return {
    where: first.where,
    spot: first,
    side: sideKey(first),
    times,
    set_ups: part.together ? 1 : times,
    length,
    across,
    legs,
    upright: part.upright,
    courses,
    top: topOf(spots, part.upright ? length : (((courses - 1) * COURSE) as Length), job),
    pieces,
    meets: stretch.meets * times * courses * boards * legs,
    area: null,
    station: stationOf(first),
    trim_ft: null,
    head: null,
    ft2: null,
    patch: null,
    notes: [...stretch.notes, ...pastTheWall(spots, part, job), ...(note ? [note] : [])],
    lacks: choice.kind === 'too-wide' ? [tooWideWords(choice.width)] : [],
  }
}

function heads(spots: readonly ItemSpot[], item: ScopeItem, job: JobDocument): WorkedPlace[] {
  const casing = rowsOf(job.settings).part('head-casing')!
  return byMember(spots, casing, job).map((group): WorkedPlace => {
    const opening = openingAt(group.spots[0]!, job)
    const head = opening ? overCasings(opening) : (group.spots[0]!.seen ?? USUAL_HEAD)
    const stretch: Stretch = { ...group, length: head, whole: true, meets: 0, notes: [] }
    const made = worked(stretch, item, casing, job)
    return {
      ...made,
      head,
      pieces: made.pieces.map((piece) => ({ ...piece, why: WORK_SAYS.whyHead })),
      notes: [
        ...(opening ? [] : [WORK_SAYS.noOpening]),
        ...made.notes.filter((note) => note !== UNMEASURED_WORDS),
      ],
    }
  })
}

const BY_AREA: ReadonlySet<Per> = new Set<Per>(['ft2', '100 ft2', '32 ft2'])
const BY_LENGTH: ReadonlySet<Per> = new Set<Per>(['ft', '100 ft'])

/** A place where no wood is renewed: what its recipe counts by must be known. */
function plain(spot: ItemSpot, part: PartRow | null, row: MethodRow, job: JobDocument): WorkedPlace {
  const per = [...(row.recipe?.tasks ?? []), ...(row.recipe?.goods ?? [])].map((each) => each.per)
  const needsArea = per.some((each) => BY_AREA.has(each))
  const needsLength = row.recipe === null || row.recipe.byPart || per.some((each) => BY_LENGTH.has(each))
  const length = seenOf(spot)
  const opening = openingAt(spot, job)
  const known = needsArea ? areaAt(spot, part, job) : null
  const head = per.includes('head-metal-ft') ? (opening ? overCasings(opening) : USUAL_HEAD) : null
  return {
    where: spot.where,
    spot,
    side: sideKey(spot),
    times: spot.times,
    set_ups: part?.together || needsArea ? Math.min(1, spot.times) : spot.times,
    length,
    across: null,
    legs: 1,
    upright: part?.upright ?? false,
    courses: spot.courses,
    top: topOf([spot], part?.upright ? length : feet(0), job),
    pieces: [],
    meets: 0,
    area: null,
    station: stationOf(spot),
    trim_ft: null,
    head,
    ft2: known?.ft2 ?? null,
    patch: known?.patch ?? null,
    notes: [
      ...(needsLength ? unmeasured([spot]) : []),
      ...(head !== null && !opening ? [WORK_SAYS.noOpening] : []),
      ...(known?.note ? [known.note] : []),
      ...pastTheWall([spot], part, job),
    ],
    lacks: needsArea && known === null ? [WORK_SAYS.lacksArea] : [],
  }
}

const stationOf = (spot: ItemSpot): Length | null => (spot.at.kind === 'side' ? spot.at.station : null)

/** The deck that a spot is on: by its feature, else by its side. */
export function deckAt(spot: ItemSpot): string {
  const { at } = spot
  if (at.kind === 'deck') return `deck/${at.feature_id ?? ''}`
  return at.kind === 'side' ? `deck/${at.feature_id ?? at.side_id}` : 'deck/'
}

/** Keys of the boards that an item renews whole, so that nobody charges them again. */
export function wholeBoards(item: ScopeItem, spots: readonly ItemSpot[], job: JobDocument): string[] {
  if (item.row?.rebuilds === 'assembly') return spots.map(deckAt)
  const wood = item.row?.recipe?.wood ?? null
  if (wood !== 'member' && wood !== 'head-casing') return []
  const part = rowsOf(job.settings).part(wood === 'head-casing' ? wood : item.component)
  return spots.flatMap((spot) => {
    const key = memberAt(part, spot, job)?.key
    return key === undefined ? [] : [key]
  })
}

/** The board that an item works on at a spot, if the house knows it. */
export function boardAt(item: ScopeItem, spot: ItemSpot, job: JobDocument): string | null {
  if (item.row?.rebuilds === 'assembly') return deckAt(spot)
  const wood = item.row?.recipe?.wood ?? null
  if (wood === null) return null
  const part = rowsOf(job.settings).part(wood === 'head-casing' ? wood : item.component)
  return memberAt(part, spot, job)?.key ?? null
}

/** What is set out along a wall: as many as somebody said, else as a survey of that wall sets out, once; else nobody knows how many. */
function setOut(
  spots: readonly ItemSpot[],
  part: PartRow | null,
  row: MethodRow,
  job: JobDocument,
): WorkedPlace[] {
  const walls = new Set<string>()
  return spots.flatMap((spot) => {
    const place = plain(spot, part, row, job)
    if (isNumberSaid(spot, job)) return [place]
    const count = setOutAt(spot, row, job)
    // Of none is nothing reckoned, so that no sum holds a price that nobody asked for.
    if (count === null)
      return [{ ...place, times: 0, set_ups: 0, lacks: [...place.lacks, WORK_SAYS.lacksNumber] }]
    if (walls.has(place.side)) return []
    walls.add(place.side)
    return [
      {
        ...place,
        times: count,
        set_ups: part?.together ? 1 : count,
        notes: [...place.notes, WORK_SAYS.setOutNote(count)],
      },
    ]
  })
}

/** The places of an item as they are worked, by what its method does with wood. */
export function placesOf(
  item: ScopeItem,
  row: MethodRow,
  spots: readonly ItemSpot[],
  job: JobDocument,
): WorkedPlace[] {
  const part = rowsOf(job.settings).part(item.component)
  const wood = row.recipe?.wood ?? null
  if (row.answers === 'side') return spots.flatMap((spot) => wholeSide(spot, row, job))
  if (wood === 'head-casing') return heads(spots, item, job)
  if (row.rebuilds === 'assembly') {
    // One deck, however many findings it has.
    const once = spots.filter((spot, n) => spots.findIndex((each) => deckAt(each) === deckAt(spot)) === n)
    return once.map((spot) => plain(spot, part, row, job))
  }
  if (row.setOut?.along.includes(item.component ?? '')) return setOut(spots, part, row, job)
  if (wood === null || !part?.piece) return spots.map((spot) => plain(spot, part, row, job))
  const stretches = wood === 'member' ? wholeMembers(spots, part, job) : letIn(spots, part, job)
  return stretches.map((stretch) => worked(stretch, item, part, job))
}
