import { materialName, materialOf, partOf, plainPart } from '../catalogue'
import { inWords, OWNER_GRADES, OWNER_SAYS, OWNER_WORST } from '../catalogue/sentences/owner'
import {
  gradeOf,
  oneOfSize,
  sizeOfFinding,
  areaOf_ft2,
  type Finding,
  type HowKnown,
  type JobDocument,
} from '../job'
import { toFeet, type Length } from '../measure'
import type { ItemSpot, ScopeItem } from '../scope'
import { causeOf, type Trace } from '../trace'
import { numbersOf } from './numbersOf'

/** What no part is named for is called so; with a name, as its owner calls it. */
const plainOf = (finding: Finding): string =>
  finding.component ? plainPart(finding.component) : plainPart('other')
const kindOf = (finding: Finding): 'wood' | 'other' =>
  (finding.component ? partOf(finding.component)?.rots : false) ? 'wood' : 'other'

/**
 * A length as one says it: whole feet, inches under a foot.
 *
 * @example
 * spokenLength(2304) // => 'about three feet'
 */
export function spokenLength(length: Length): string {
  const feet = toFeet(length)
  if (feet < 0.95) {
    const inches = Math.max(1, Math.round(feet * 12))
    return `about ${inWords(inches)} ${inches === 1 ? 'inch' : 'inches'}`
  }
  const whole = Math.round(feet)
  return `about ${inWords(whole)} ${whole === 1 ? 'foot' : 'feet'}`
}

/** What does not rot is not tried with an awl: seen from near, it is seen. */
const isSeen = (finding: Finding): boolean =>
  kindOf(finding) === 'other' &&
  finding.component !== null &&
  !finding.suspected &&
  NEAR.has(finding.how_known)
const NEAR: ReadonlySet<HowKnown> = new Set<HowKnown>(['opened', 'touched', 'instrument', 'seen-close'])

/** Whether a sign was noted there and seen. */
export const showsSigns = ({ signs }: Finding): boolean => signs.some(({ present }) => present)

/** Missing is not rotten: it was torn off or fell. */
const isGone = ({ signs }: Finding): boolean => signs.some(({ sign, present }) => present && GONE.has(sign))
const GONE: ReadonlySet<string> = new Set(['shakes-gone', 'board-missing'])

/** How much of it, as it is said after the grade: *over about three feet*. Empty where nothing was measured. */
function sizeWords(findings: readonly Finding[]): string {
  const lengths = findings.flatMap((each) => {
    const { times, courses, length } = oneOfSize(sizeOfFinding(each))
    return length === null ? [] : [length.value * times * courses]
  })
  if (lengths.length > 0 && lengths.length === findings.length) {
    const all = lengths.reduce((sum, each) => sum + each, 0) as Length
    return ` over ${spokenLength(all)}${findings.length > 1 ? ' in all' : ''}`
  }
  const areas = findings.flatMap((each) => areaOf_ft2(sizeOfFinding(each)) ?? [])
  if (areas.length > 0 && areas.length === findings.length) {
    return ` over about ${Math.max(1, Math.round(areas.reduce((sum, each) => sum + each, 0)))} square feet`
  }
  return ''
}

/** Places at which several are counted count as so many. */
function placesOf(findings: readonly Finding[]): number {
  return findings.reduce((sum, each) => {
    const size = sizeOfFinding(each)
    return sum + (size?.kind === 'count' || size?.kind === 'members' ? Math.max(1, size.count) : 1)
  }, 0)
}

function seenAlike(findings: readonly Finding[]): string {
  const [first] = findings
  if (!first) return ''
  const part = plainOf(first)
  const grades = findings.flatMap((each) => gradeOf(each) ?? [])
  const size = sizeWords(findings)
  const many = placesOf(findings)
  if (grades.length < findings.length && findings.every(isSeen)) {
    return many === 1 ? OWNER_SAYS.shown(part, size) : OWNER_SAYS.shownMany(inWords(many), part, size)
  }
  if (grades.length < findings.length && first.component === null) {
    if (findings.every(showsSigns))
      return many === 1 ? OWNER_SAYS.unnamedSigns : OWNER_SAYS.unnamedSignsMany(inWords(many))
    return many === 1 ? OWNER_SAYS.unnamed : OWNER_SAYS.unnamedMany(inWords(many))
  }
  if (grades.length < findings.length && findings.every(showsSigns)) {
    return many === 1 ? OWNER_SAYS.signsOnly(part, size) : OWNER_SAYS.signsOnlyMany(inWords(many), part, size)
  }
  if (grades.length < findings.length) {
    return many === 1 ? OWNER_SAYS.untouched(part, size) : OWNER_SAYS.untouchedMany(inWords(many), part, size)
  }
  if (findings.every(isGone))
    return many === 1 ? OWNER_SAYS.gone(part, size) : OWNER_SAYS.goneMany(inWords(many), part, size)
  const kind = kindOf(first)
  const [least, most] = [Math.min(...grades), Math.max(...grades)]
  if (many === 1) return OWNER_SAYS.seenOne(part, OWNER_GRADES[kind][most]!, size)
  const worst = most > least ? OWNER_SAYS.worst(OWNER_WORST[kind][most]!) : ''
  return OWNER_SAYS.seenMany(inWords(many), part, OWNER_GRADES[kind][Math.max(1, least)]!, worst, size)
}

/**
 * What was seen, in plain words: like findings told together, those touched before those that could not be.
 *
 * @param most kinds that are told; what is left is on the drawing and in the pictures
 */
export function seenWords(findings: readonly Finding[], most = 2): string {
  const groups = new Map<string, Finding[]>()
  for (const finding of findings) {
    const part = finding.component ?? (showsSigns(finding) ? 'signs' : '')
    const key = `${part}/${gradeOf(finding) === null || finding.suspected ? 'not touched' : 'touched'}`
    groups.set(key, [...(groups.get(key) ?? []), finding])
  }
  return [...groups.values()]
    .toSorted((a, b) => b.length - a.length)
    .slice(0, most)
    .map(seenAlike)
    .join(' ')
}

/** The plain name without the trade's word behind it, once that was said. */
const short = (plain: string): string => plain.replace(/ \([^)]*\)$/, '')

/** What a piece of work is called for its owner: its own name, or the part in plain words with what is done to it. */
export function ownerTitle(item: ScopeItem): string {
  const { row, component, item: chosen } = item
  if (chosen.name || !row || row.brief === null || component === null) return item.name
  const part = short(plainPart(component))
  return `${part.charAt(0).toUpperCase()}${part.slice(1)}: ${row.brief}`
}

/** What is done, in the words of its method, of the part it is done to. */
export function doneWords(item: ScopeItem): string {
  if (item.item.owner_says) return item.item.owner_says
  const we = item.row?.we ?? ''
  if (we === '') return item.item.note
  const done = we.replaceAll('{part}', short(plainPart(item.component ?? 'other')))
  const boards = newBoardsOf(item)
  return boards === null ? done : `${done} ${OWNER_SAYS.newBoards(boards)}`
}

/** What the new boards of a whole side are made of: what was chosen, else what the part is bought in. Null: it lays none. */
function newBoardsOf({ row, item }: ScopeItem): string | null {
  const like = row?.takesIn.length ? row.recipe?.pieces.find((each) => each.like !== null)?.like : null
  if (!like) return null
  const said = materialOf(item.material)
  return materialName(said?.known ? said.id : (partOf(like)?.boughtAs?.usual ?? item.material))
}

/** An item in two sentences: what was seen where it mends damage, what it stops where it mends a cause; then what we do. */
export function itemSays(
  item: ScopeItem,
  spots: readonly ItemSpot[],
  job: JobDocument,
  trace: Trace,
): { readonly seen: string; readonly done: string } {
  const done = doneWords(item)
  const own = item.item.owner_sees
  if (item.endsOnly) {
    const reached = trace.sources.flatMap((source) =>
      source.letter !== null && item.fixes.includes(source.letter) ? source.finding_ids : [],
    )
    const numbers = numbersOf(reached, job)
    return {
      seen: own,
      done: numbers.length > 0 ? `${done} ${OWNER_SAYS.stopsCause(OWNER_SAYS.spots(numbers))}` : done,
    }
  }
  if (own !== '') return { seen: own, done }
  const ids = new Set(spots.flatMap((spot) => spot.finding_ids))
  const findings = job.findings.filter((each) => ids.has(each.id))
  // The repair that is still to come tells what was found.
  if (item.row?.forNow) return { seen: own, done }
  return { seen: item.kind === 'area' ? '' : seenWords(findings), done }
}

/** What follows where an item is left out. */
export function leftOutWords(item: ScopeItem, trace: Trace): string {
  const mine = trace.sources.filter(({ letter }) => letter !== null && item.fixes.includes(letter))
  if (mine.length > 0) return OWNER_SAYS.leaveFix(causeOf(mine[0]!.cause).ifOnlyEffect)
  if (item.kind === 'area' || item.component === null || item.finding_ids.length === 0)
    return OWNER_SAYS.leaveOther
  return OWNER_SAYS.leaveMend(short(plainPart(item.component)))
}
