import { WORK_SAYS } from '../catalogue/sentences/work'
import { partOf } from '../catalogue'
import { dangersAt, placeWords, type Danger, type WorkSpot } from '../caution'
import { deckBox, drawnLength, findingBox, overGround, placeOf } from '../geometry'
import {
  byId,
  areaOf_ft2,
  oneOfSize,
  sizeOfFinding,
  type Finding,
  type JobDocument,
  type Quantity,
  type WorkItem,
  type WorkState,
} from '../job'
import type { Length } from '../measure'
import { methodOf } from '../catalogue'
import {
  bandWords,
  outsideAt,
  outsideBox,
  outsidePart,
  outsideScope,
  outsideWords,
  scopeParts,
  type Outside,
  type ScopePart,
} from './scopeLine'

/** What a piece of work is to the bid, where it is done. Only `ours` is in the sum; everything else is listed, and says why. */
export type Standing = WorkState | 'watched' | 'stopped' | 'waits'

export const STANDING_WORDS: Readonly<Record<Standing, string>> = {
  ours: '',
  optional: 'optional',
  alternate: 'in place of another item, if chosen',
  'priced-apart': 'priced apart',
  'on-request': 'can be done; priced when you ask',
  'by-owner': 'the owner does it',
  'by-others': 'others do it',
  'left-out': 'left out',
  held: 'held until it is looked at',
  declined: 'declined',
  referred: 'a licensed trade or an engineer goes first',
  watched: 'watched, not mended now',
  stopped: 'keep off: not sold here',
  waits: 'waits for an engineer',
}

/** Standings that have a price of their own beside the sum. */
export const PRICED_APART: ReadonlySet<Standing> = new Set<Standing>([
  'optional',
  'alternate',
  'priced-apart',
])

/** One place of an item, with what is known of its size there and how it stands. Places are reckoned one by one. */
export type ItemSpot = {
  readonly key: string
  readonly at: WorkSpot
  /** Stretch of a whole side. */
  readonly stretch: Pick<ScopePart, 'from' | 'to' | 'low' | 'high'> | null
  readonly where: string
  readonly finding_ids: readonly string[]
  /** Pieces alike at this place, each with a set-up of its own. */
  readonly times: number
  /** Boards above one another. */
  readonly courses: number
  /** Said as an area; null where it was not. */
  readonly area_ft2: number | null
  /** Counted, not measured: so many of them, whatever their length. */
  readonly counted: boolean
  /** Somebody said how many there are, with a length or without. */
  readonly numbered: boolean
  /** Length seen damaged, before any cut-back; null when nobody measured one. */
  readonly seen: Length | null
  /** Said for the item itself: the length of the work, not of the damage. */
  readonly given: boolean
  readonly guessed: boolean
  /** How high up the work begins over the ground, where the place does not say. */
  readonly height: Length | null
  /** Measured width of the face. */
  readonly face_width: Length | null
  /** Not ours by the scope line; null where it is, whatever else was said of it. */
  readonly outside: Outside | null
  readonly standing: Standing
  /** Why it stands so; empty when it is ours. */
  readonly why: string
  /** Handed over by whoever does it. */
  readonly hand_over: string
}

type Drafted = Omit<ItemSpot, 'standing' | 'why' | 'hand_over'>

function sized(
  size: Quantity | null,
  component: string | null,
): Pick<ItemSpot, 'times' | 'courses' | 'seen' | 'guessed' | 'area_ft2' | 'counted' | 'numbered'> {
  const { times, courses, length } = oneOfSize(size)
  const inCourses = partOf(component)?.piece?.courses ?? false
  return {
    times: inCourses ? 1 : times,
    courses: inCourses ? Math.max(courses, times) : 1,
    seen: length?.value ?? null,
    guessed: length?.how === 'guessed',
    area_ft2: areaOf_ft2(size),
    counted: size?.kind === 'count',
    numbered: size?.kind === 'count' || size?.kind === 'members',
  }
}

function fromFinding(finding: Finding, item: WorkItem, job: JobDocument): Drafted {
  const at = placeOf(finding, job)
  return {
    key: `${item.id}/${finding.id}`,
    at,
    stretch: null,
    where: placeWords(at, job),
    finding_ids: [finding.id],
    ...sized(sizeOfFinding(finding), item.component),
    given: false,
    height: null,
    face_width: finding.face_width,
    outside: outsideScope(finding, job),
  }
}

/** How high over the ground a place is: as it is said, else as its place says. */
function heightOf(at: WorkSpot, said: Length | null, job: JobDocument): number | null {
  if (said !== null || at.kind !== 'side') return said
  const side = byId(job.sides, at.side_id)
  return side ? overGround(at, side, job) : null
}

function wholeSide(side_id: string, index: number, item: WorkItem, job: JobDocument): Drafted[] {
  const side = byId(job.sides, side_id)
  const common = {
    at: { kind: 'whole-side', side_id } as const,
    where: side ? `${side.facing} ${side.letter}` : WORK_SAYS.sideRemoved,
    finding_ids: item.finding_ids,
    times: 1,
    courses: 1,
    seen: null,
    given: false,
    guessed: false,
    area_ft2: null,
    counted: false,
    numbered: false,
    height: null,
    face_width: null,
  }
  if (!side) return []
  const length = drawnLength(side, job)
  const parts = scopeParts(job, { id: side_id, length })
  return parts.map((part, n) => ({
    ...common,
    key: `${item.id}/${index}.${n}`,
    where: `${common.where}${bandWords(part)}`,
    stretch: { from: part.from, to: part.to, low: part.low, high: part.high },
    outside: outsidePart(part, job),
  }))
}

/** How far a finding lies from a place: on another side, or nowhere on a wall, as far as can be. */
function farFrom(at: WorkSpot, finding: Finding, job: JobDocument): number {
  const place = placeOf(finding, job)
  if (at.kind !== 'side' || place.kind !== 'side' || at.side_id !== place.side_id)
    return Number.POSITIVE_INFINITY
  if (at.feature_id !== null && at.feature_id === place.feature_id) return -1
  return Math.abs(at.station - place.station)
}

/** The findings of an item that its place answers: of several places, each finding belongs to the nearest. */
function findingsAt(index: number, item: WorkItem, job: JobDocument): readonly string[] {
  if (item.places.length === 1) return item.finding_ids
  return item.finding_ids.filter((id) => {
    const finding = byId(job.findings, id)
    if (!finding) return false
    const far = item.places.map(({ at }) => farFrom(at, finding, job))
    return far.indexOf(Math.min(...far)) === index && Number.isFinite(far[index])
  })
}

function fromPlace(
  place: WorkItem['places'][number],
  index: number,
  item: WorkItem,
  job: JobDocument,
): Drafted[] {
  if (place.at.kind === 'whole-side') return wholeSide(place.at.side_id, index, item, job)
  const findings = job.findings.filter((each) => item.finding_ids.includes(each.id))
  const mine = findingsAt(index, item, job)
  const first = byId(job.findings, mine[0]) ?? findings[0]
  const at = place.at.kind === 'none' && first ? placeOf(first, job) : place.at
  const size = place.size ?? (first && item.places.length === 1 ? sizeOfFinding(first) : null)
  const known = sized(size, item.component)
  const box = first && place.at.kind === 'none' ? findingBox(first, job) : null
  const station = box
    ? (box.left + box.right) / 2
    : at.kind === 'side'
      ? at.station + (known.seen ?? 0) / 2
      : null
  return [
    {
      key: `${item.id}/${index}`,
      at,
      stretch: null,
      where: placeWords(at, job),
      finding_ids: mine,
      ...known,
      given: place.size !== null,
      height: place.height,
      face_width: first?.face_width ?? null,
      outside:
        at.kind === 'side' && station !== null
          ? outsideAt(
              at.side_id,
              { station, height: heightOf(at, place.height, job), part: item.component },
              job,
            )
          : at.kind === 'deck'
            ? outsideBox(deckBox(at.feature_id, job), item.component, job)
            : null,
    },
  ]
}

function draftsOf(item: WorkItem, job: JobDocument): Drafted[] {
  if (item.places.length > 0) return item.places.flatMap((place, index) => fromPlace(place, index, item, job))
  const findings = job.findings.filter((each) => item.finding_ids.includes(each.id))
  if (findings.length > 0) return findings.map((finding) => fromFinding(finding, item, job))
  const nowhere = { at: { kind: 'none' } as const, size: null, height: null }
  return fromPlace(nowhere, 0, item, job)
}

/** How an item stands at one place: what was said of it, then what stops it, then the scope line. */
function standingOf(
  spot: Drafted,
  item: WorkItem,
  dangers: readonly Danger[],
  job: JobDocument,
): Pick<ItemSpot, 'standing' | 'why' | 'hand_over'> {
  const said = { hand_over: item.hand_over }
  const who = item.who ? `, ${item.who}` : ''
  if (item.state !== 'ours') {
    return { ...said, standing: item.state, why: `${STANDING_WORDS[item.state]}${who}` }
  }
  const as = methodOf(item.method)?.standsAs ?? null
  if (as !== null) {
    const again = as === 'watched' && item.hand_over !== '' ? WORK_SAYS.watchedUntil(item.hand_over) : ''
    return { ...said, standing: as, why: `${STANDING_WORDS[as]}${who}${again}` }
  }
  const here = dangersAt(
    { component: item.component, spot: spot.at, finding_ids: spot.finding_ids },
    dangers,
    job,
  )
  const stops = here.find(({ row }) => row.effect === 'stops')
  if (stops) return { ...said, standing: 'stopped', why: `${STANDING_WORDS.stopped} (${stops.says})` }
  const waits = here.find(({ row }) => row.effect === 'waits')
  if (waits) return { ...said, standing: 'waits', why: `${STANDING_WORDS.waits} (${waits.says})` }
  if (spot.outside) {
    return {
      standing: spot.outside.kind,
      why: outsideWords(spot.outside),
      hand_over: spot.outside.stretch?.hand_over ?? '',
    }
  }
  return { ...said, standing: 'ours', why: '' }
}

/** The places of an item, each with its size and how it stands there. */
export function spotsOf(item: WorkItem, dangers: readonly Danger[], job: JobDocument): ItemSpot[] {
  return draftsOf(item, job).map((spot) => ({ ...spot, ...standingOf(spot, item, dangers, job) }))
}
