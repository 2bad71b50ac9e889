import { deckBox, shownBox } from '../../../core/geometry'
import { findingNumber } from '../../../core/house'
import { byId, gradeOf, openedAt, type Finding, type JobDocument } from '../../../core/job'
import type { Length } from '../../../core/measure'
import { partName } from '../../../core/catalogue'
import type { Derived } from '../../../core/pipeline'
import { onTheWalls } from '../../../core/plan/onTheWalls'
import type { Stage } from '../../job/stages'

/** How a thing stands at this stage, told by shape and colour together: the list beside the ribbon uses the same signs. */
export type TickState = 'done' | 'typed' | 'choice' | 'open' | 'others' | 'planned'

/** One thing of the stage at its station. */
export type Tick = {
  readonly id: string
  readonly side_id: string
  readonly station: Length
  readonly state: TickState
  /** Said by a screen reader. */
  readonly name: string
  readonly finding_ids: readonly string[]
}

/** What a side comes to at this stage. */
export type Tally = {
  readonly side_id: string
  readonly count: number
  readonly open: number
  /** Cents; null where the stage has no money, or the person sees none. */
  readonly cents: number | null
}

export const TICK_WORDS: Readonly<Record<TickState, string>> = {
  done: 'done',
  typed: 'price typed',
  choice: 'owner chooses',
  open: 'open',
  others: 'not ours',
  planned: 'planned',
}

type At = { readonly side_id: string; readonly station: Length }

function atFinding(finding: Finding | null | undefined, job: JobDocument): At | null {
  const box = finding ? shownBox(finding, job) : null
  return box ? { side_id: box.side_id, station: box.left } : null
}

const nameOf = (finding: Finding, job: JobDocument): string =>
  `${findingNumber(finding, job)} ${finding.component ? partName(finding.component) : finding.words || 'no word yet'}`

function findingTicks(derived: Derived, stateOf: (finding: Finding) => TickState): Tick[] {
  const { job } = derived
  return job.findings.flatMap((finding) => {
    const at = atFinding(finding, job)
    const state = stateOf(finding)
    return at
      ? [{ ...at, id: finding.id, state, name: `Finding ${nameOf(finding, job)}`, finding_ids: [finding.id] }]
      : []
  })
}

function sourceTicks({ trace }: Derived): Tick[] {
  return trace.sources.flatMap((source) =>
    source.letter === null
      ? []
      : source.places.map((place, index) => ({
          id: `${source.letter}-${index}`,
          side_id: place.side_id,
          station: place.left,
          state: source.by === null ? ('choice' as const) : ('done' as const),
          name: `Source ${source.letter}: ${source.name}`,
          finding_ids: source.finding_ids,
        })),
  )
}

/** How the price of an item stands. */
export function itemState(derived: Derived, itemId: string): TickState {
  const { scope, price } = derived
  const item = scope.items.find((each) => each.id === itemId)
  if (price.kind !== 'priced') return item?.standing === 'ours' ? 'done' : 'others'
  const line = price.lines.find((each) => each.item_id === itemId)
  if (line) {
    if (line.lacks.length > 0) return 'open'
    return line.typed_cents === null ? 'done' : 'typed'
  }
  return price.apart.some((each) => each.item_id === itemId) ? 'choice' : 'others'
}

/** The side an item counts to: that of its first finding on a wall, else of its first place; null where it is on none. */
export function itemSide(derived: Derived, itemId: string): At | null {
  const { scope, job } = derived
  const item = scope.items.find((each) => each.id === itemId)
  if (!item) return null
  const found = item.finding_ids.map((id) => atFinding(byId(job.findings, id), job)).find((at) => at !== null)
  if (found) return found
  for (const { at } of item.spots) {
    if (at.kind === 'side') return { side_id: at.side_id, station: at.station }
    if (at.kind === 'whole-side') return { side_id: at.side_id, station: 0 as Length }
    const deck = at.kind === 'deck' ? deckBox(at.feature_id, job) : null
    if (deck) return { side_id: deck.side_id, station: deck.left }
  }
  return null
}

function itemTicks(derived: Derived): Tick[] {
  return derived.scope.items.flatMap((item) => {
    const at = itemSide(derived, item.id)
    return at
      ? [
          {
            ...at,
            id: item.id,
            state: itemState(derived, item.id),
            name: item.name,
            finding_ids: item.finding_ids,
          },
        ]
      : []
  })
}

/** Each item at each of its sides, with its days. */
function pieceTicks(derived: Derived): Tick[] {
  return onTheWalls(derived, null).map((piece) => {
    const [id] = piece.key.split('/')
    return {
      id: piece.key,
      side_id: piece.side_id,
      station: piece.from,
      state: piece.state === 'done' ? 'done' : 'planned',
      name: piece.name,
      finding_ids: derived.scope.items.find((each) => each.id === id)?.finding_ids ?? [],
    }
  })
}

/** What stands under the ribbon at a stage. */
export function ticksOf(stage: Stage, derived: Derived): Tick[] {
  switch (stage) {
    case 'walk':
      return findingTicks(derived, (finding) =>
        finding.suspected ? 'open' : gradeOf(finding) === null ? 'choice' : 'done',
      )
    case 'trace':
      return sourceTicks(derived)
    case 'scope': {
      const open = new Set(derived.scope.open)
      return findingTicks(derived, (finding) => (open.has(finding.id) ? 'open' : 'done'))
    }
    case 'plan':
      return pieceTicks(derived)
    case 'open':
      return findingTicks(derived, (finding) => (openedAt(derived.job, finding.id) ? 'done' : 'planned'))
    case 'close': {
      const done = new Set(derived.job.finished_items.map(({ item_id }) => item_id))
      return itemTicks(derived)
        .filter(({ state }) => state !== 'others')
        .map((tick) => ({ ...tick, state: done.has(tick.id) ? 'done' : 'planned' }))
    }
    case 'cut':
    case 'price':
    case 'bid':
      return itemTicks(derived)
  }
}

/** Each side with its count, what is open there, and its sum where there is one. */
export function talliesOf(stage: Stage, derived: Derived): Tally[] {
  const ticks = ticksOf(stage, derived)
  const { price } = derived
  const withMoney = (stage === 'price' || stage === 'bid') && price.kind === 'priced'
  return derived.job.sides.map((side) => {
    const mine = ticks.filter((each) => each.side_id === side.id)
    const ids = new Set(mine.map((each) => each.id))
    const cents = withMoney
      ? price.lines.reduce((sum, line) => sum + (ids.has(line.item_id) ? line.sell_cents : 0), 0)
      : null
    return {
      side_id: side.id,
      count: mine.length,
      open: mine.filter((each) => each.state === 'open').length,
      cents,
    }
  })
}

/** Ticks nearer than `apart_px` gathered into one, which stands for the most pressing of them. */
export function gather(
  ticks: readonly Tick[],
  xOf: (tick: Tick) => number | null,
  apart_px: number,
): { readonly x: number; readonly ticks: readonly Tick[]; readonly state: TickState }[] {
  const urgency: readonly TickState[] = ['open', 'choice', 'typed', 'planned', 'others', 'done']
  const placed = ticks
    .flatMap((tick) => {
      const x = xOf(tick)
      return x === null ? [] : [{ x, tick }]
    })
    .toSorted((a, b) => a.x - b.x)
  const groups: { x: number; last: number; ticks: Tick[] }[] = []
  for (const { x, tick } of placed) {
    const group = groups.at(-1)
    if (group && x - group.x < apart_px) group.ticks.push(tick)
    else groups.push({ x, last: x, ticks: [tick] })
  }
  return groups.map(({ x, ticks: all }) => ({
    x,
    ticks: all,
    state: urgency.find((state) => all.some((each) => each.state === state)) ?? 'done',
  }))
}
