import { methodOf, type Along, type MethodRow } from '../catalogue'
import { drawnLength, eaveRun, placeOf, planArea_ft2, type WallBox } from '../geometry'
import {
  byId,
  newWorkItem,
  sizeOfFinding,
  type Finding,
  type JobDocument,
  type Quantity,
  type WorkItem,
} from '../job'
import { feet } from '../measure'
import { causeOf, type Source } from '../trace'

type Place = WorkItem['places'][number]

/** Nobody grades or flashes less than this, however short the damage. Our judgement. */
const LEAST_RUN = feet(4)
const FT2_64 = feet(1) * feet(1)
const ONE: Quantity = { kind: 'count', count: 1, how: 'counted' }
const area = (of: number): Quantity => ({
  kind: 'area',
  area: Math.round(of),
  low: null,
  high: null,
  how: 'scaled',
})

/** How much there is to do at one place of a source. Lengths are scaled from the drawing: who tapes them puts his own. */
function sizeAt(along: Along, box: WallBox, job: JobDocument): Quantity | null {
  const side = byId(job.sides, box.side_id)
  const long = (value: number): Quantity => ({
    kind: 'length',
    length: { value: Math.max(0, Math.round(value)) as never, how: 'scaled', low: null, high: null },
  })
  switch (along) {
    case 'each':
      return ONE
    case 'run':
      return long(Math.max(LEAST_RUN, box.right - box.left, box.top - box.bottom))
    case 'roof-edge': {
      if (!side) return null
      return long(side.roof_edge === 'eave' ? eaveRun(side, job).length : drawnLength(side, job))
    }
    case 'wall':
      return area((box.right - box.left) * (box.top - box.bottom))
    case 'plan': {
      const ft2 = planArea_ft2(job)
      return ft2 === null ? null : area(ft2 * FT2_64)
    }
  }
}

/** Where a source is mended: at each of its places on the wall; one that is on no wall, below the floor or at its first finding. */
function placesOf(source: Source, along: Along, job: JobDocument): Place[] {
  const boxes =
    along === 'plan' ? [] : source.places.length > 0 ? source.places : source.seat ? [source.seat] : []
  if (boxes.length === 0) {
    const first = byId(job.findings, source.finding_ids[0])
    // What covers or drains the ground below the floor lies there, whichever room its damage was first found under.
    const at: Place['at'] =
      causeOf(source.cause).seat === 'crawl'
        ? { kind: 'crawl', words: '' }
        : first
          ? placeOf(first, job)
          : { kind: 'none' }
    const nowhere = { side_id: '', left: 0, right: 0, bottom: 0, top: 0 } as WallBox
    const size = along === 'plan' || along === 'each' ? sizeAt(along, nowhere, job) : null
    return [{ at, size, height: null }]
  }
  // A roof edge is one run a side, however many places on it show the fault.
  const once =
    along === 'roof-edge'
      ? boxes.filter((box, n) => boxes.findIndex((each) => each.side_id === box.side_id) === n)
      : boxes
  return once.map((box, index): Place => {
    // Each place has its feature only where they go in pairs; a roof edge is the side's.
    const paired = along !== 'roof-edge' && source.feature_ids.length === boxes.length
    const feature_id = paired ? (source.feature_ids[index] ?? null) : null
    const station = (along === 'roof-edge' ? 0 : Math.max(0, Math.round(box.left))) as never
    const height = { value: Math.max(0, Math.round(box.top)) as never, from: 'grade' as const }
    return {
      at: { kind: 'side', side_id: box.side_id, station, height, feature_id },
      size: sizeAt(along, box, job),
      height: null,
    }
  })
}

/**
 * Places of a fix that is made for a part: where that part was found, each as large as it was found; with none, at the first finding,
 * its size not known. Null rows and fixes of any part are at their findings.
 */
function partPlaces(findings: readonly Finding[], row: MethodRow | null, job: JobDocument): Place[] {
  if (row === null || row.serves === null) return []
  const { serves } = row
  const served = findings.filter((each) => serves.includes(each.component ?? ''))
  if (served.length === findings.length) return []
  const placed = served.length > 0 ? served : findings.slice(0, 1)
  return placed.map((each) => ({
    at: placeOf(each, job),
    size: served.length > 0 ? sizeOfFinding(each) : null,
    height: null,
  }))
}

const ONCE = { kind: 'count', count: 1, how: 'counted' } as const

/**
 * The item by which a method answers findings of one part, those named together. What answers a source is as large as the source would
 * be: a roof edge is that of its side, once; a run is as long as it was found.
 */
export function itemForFindings(
  findings: readonly Finding[],
  method: string,
  job: JobDocument,
  id: string,
): WorkItem {
  const [first] = findings
  const row = methodOf(method)
  return newWorkItem({
    id,
    finding_ids: findings.map((each) => each.id),
    method,
    component: first?.component ?? 'other',
    material: first?.material ?? 'unknown',
    places: placesFor(findings, row, job),
  })
}

function placesFor(findings: readonly Finding[], row: MethodRow | null, job: JobDocument): Place[] {
  if (row?.answers === 'source') return foundPlaces(findings, row.along, job)
  // Closed for the night in one go, however many pieces of it are missing.
  if (row?.forNow) return findings.map((each) => ({ at: placeOf(each, job), size: ONCE, height: null }))
  return []
}

function foundPlaces(findings: readonly Finding[], along: Along, job: JobDocument): Place[] {
  const found = findings.map((finding) => ({ at: placeOf(finding, job), size: sizeOfFinding(finding) }))
  const sideOf = (at: Place['at']): string => (at.kind === 'side' ? at.side_id : '')
  // One of which nobody said how long it is takes the edge of its whole side, and with it what else was found there.
  const whole = new Set(found.flatMap(({ at, size }) => (size === null ? [sideOf(at)] : [])))
  return found.flatMap(({ at, size }, index): Place[] => {
    const side_id = sideOf(at)
    const isWhole = along === 'roof-edge' && side_id !== '' && whole.has(side_id)
    if (isWhole && found.findIndex((each) => sideOf(each.at) === side_id) !== index) return []
    const nowhere = { side_id, left: 0, right: 0, bottom: 0, top: 0 } as WallBox
    const reckoned = along === 'run' || along === 'wall' ? null : sizeAt(along, nowhere, job)
    return [{ at, size: isWhole ? reckoned : (size ?? reckoned), height: null }]
  })
}

/**
 * The item that fixes a source over everything it reaches: at the source itself by a method that answers it, at its findings by one
 * that mends them so, or by another trade.
 *
 * Ends: null where there is nothing to fix, or no finding names a part.
 */
export function itemForFix(source: Source, job: JobDocument, id: string): WorkItem | null {
  const { fix } = causeOf(source.cause)
  const findings = job.findings.filter((each) => source.finding_ids.includes(each.id))
  const first = findings.find((each) => each.component !== null)
  if (!fix || !first) return null
  const row = fix.method === null ? null : methodOf(fix.method)
  const atSource = row?.answers === 'source'
  // A fix made for a part is done on that part, whatever else shows that it is wanted.
  const served = findings.find((each) => row?.serves?.includes(each.component ?? ''))
  const component = row?.serves ? (served?.component ?? row.serves[0] ?? first.component) : first.component
  return newWorkItem({
    id,
    finding_ids: [...source.finding_ids],
    method: fix.method ?? 'own-work',
    component: atSource ? null : component,
    places: atSource ? placesOf(source, row.along, job) : partPlaces(findings, row, job),
    name: fix.method === null || fix.method === 'refer' ? fix.words : '',
    note: fix.words,
    cures: [source.cause],
  })
}
