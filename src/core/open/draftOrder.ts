import {
  byId,
  countedFind,
  type ChangeOrder,
  type JobDocument,
  type OpenedPlace,
  type OrderLine,
} from '../job'
import { formatCents, formatLength, type Cents } from '../measure'
import { rowsOf } from '../firmValues/rows'
import type { Derived } from '../pipeline'
import { planJob, type PlanAround } from '../plan'
import { acceptedWork } from '../plan/accepted'
import { shown } from '../price/cost'
import { quantityOfItem } from '../price/basis'
import type { ScopeItem } from '../scope'
import { agreedPrice, type Baseline } from './baseline'
import { askedFor, askedToLeave, withOrders, type Order } from './orders'
import { ownerTitle } from '../bid/ownerWords'

/** Why something that changed cannot be put into an order yet. */
export type NotReckoned = {
  readonly item_id: string
  readonly title: string
  readonly why: 'no-price' | 'no-saving'
}

/** What an order would say if it were put to the owner now; nothing has left the house. */
export type OrderDraft = Pick<
  ChangeOrder,
  'lines' | 'tax_cents' | 'total_cents' | 'crew_days' | 'ends_before' | 'ends_after'
> & { readonly notReckoned: readonly NotReckoned[] }

type Given = {
  readonly derived: Pick<Derived, 'job' | 'scope' | 'takeoff' | 'price'>
  readonly baseline: Baseline
  readonly orders: readonly Order[]
  readonly today: string
  readonly around: PlanAround
}

type Found = OpenedPlace['found'][number]

/** What of a find is called, and where: as the owner reads it. */
const cut = (text: string): string => text.slice(0, 200)
const whereOf = (item: ScopeItem): string =>
  cut([...new Set(item.spots.map(({ where }) => where))].join('; '))

/** A find with how many of its kind were found at its place before it. */
type FoundThere = Found & { readonly before: number }

function foundLine(
  item: ScopeItem,
  { find, count, before }: FoundThere,
  baseline: Baseline,
): OrderLine | null {
  const cents = agreedPrice(baseline, find, count, before)
  const price = baseline.finds.find(({ id }) => id === find)
  if (cents === null || !price) return null
  const further = before === 0 ? count - 1 : count
  const parts = [
    before === 0 ? `${formatCents(price.first_cents)} for the first` : '',
    further > 0 ? `${further} further at ${formatCents(price.further_cents)}` : '',
  ]
  return {
    kind: 'found',
    item_id: item.id,
    title: cut(countedFind(find)),
    where: whereOf(item),
    quantity: String(count),
    cents,
    reckoned: `Agreed: ${parts.filter(Boolean).join(', ')}`,
  }
}

/** Finds by the work that mends them; what was found further at a place follows what was found there before and is done. */
function foundThere(job: JobDocument, isGone: (id: string) => boolean): ReadonlyMap<string, FoundThere> {
  const there = new Map<string, number>()
  const found = new Map<string, FoundThere>()
  for (const { finding_id, found: all } of job.opened_places) {
    for (const each of all) {
      const kind = `${finding_id}/${each.find}`
      const before = there.get(kind) ?? 0
      found.set(each.item_id, { ...each, before })
      if (!isGone(each.item_id)) there.set(kind, before + each.count)
    }
  }
  return found
}

function addedLine(item: ScopeItem, { price }: Given['derived']): OrderLine | null {
  const line = price.kind === 'priced' ? price.lines.find(({ item_id }) => item_id === item.id) : undefined
  if (!line || line.lacks.length > 0) return null
  return {
    kind: 'added',
    item_id: item.id,
    title: cut(ownerTitle(item)),
    where: whereOf(item),
    quantity: item.seen === null ? (item.count > 1 ? String(item.count) : '') : formatLength(item.seen),
    cents: line.sell_cents,
    reckoned: line.typed_cents === null ? 'Priced as the bid was' : 'Agreed for it',
  }
}

/** Work that is no longer done: taken off at what the accepted bid says that leaving it out saves. */
function leftLine(accepted: Baseline['items'][number]): OrderLine | null {
  if (accepted.saves_cents === null) return null
  return {
    kind: 'left-out',
    item_id: accepted.id,
    title: cut(accepted.title),
    where: cut(accepted.where),
    quantity: '',
    cents: (0 - accepted.saves_cents) as Cents,
    reckoned: 'Left out: what the accepted bid says it saves',
  }
}

/** Work that was agreed in an order since, and is not done after all: taken off at what was agreed for it. */
function undoneLine(line: OrderLine, number: number | null): OrderLine {
  return {
    ...line,
    kind: 'left-out',
    cents: (0 - line.cents) as Cents,
    reckoned: `Agreed in change order ${number ?? ''}, and not done`,
  }
}

const UNIT = { ft: 'foot', 'ft²': 'square foot', each: 'piece' } as const

/** Of an allowance, what there is more or less of than the bid allowed for, now that it is taped: settled by its unit, both ways. */
function tapedLine(item: ScopeItem, accepted: Baseline['items'][number], of: Given): OrderLine | null {
  if (accepted.allowance === null || !isTaped(item, of.derived.job)) return null
  const pieces = of.derived.takeoff.items.find(({ item_id }) => item_id === item.id)?.pieces ?? []
  const now = quantityOfItem(item, pieces)
  const { quantity, unit, unit_cents } = accepted.allowance
  if (now === null || now.unit !== unit) return null
  const settled = of.orders.reduce(
    (sum, { order, face }) =>
      face.standing === 'yes' || face.standing === 'waits'
        ? sum +
          order.lines.reduce(
            (all, line) => all + (line.kind === 'taped' && line.item_id === item.id ? line.cents : 0),
            0,
          )
        : sum,
    0,
  )
  const more = Math.round((now.quantity - quantity) * 100) / 100
  const cents = (Math.round(more * unit_cents) - settled) as Cents
  if (cents === 0) return null
  return {
    kind: 'taped',
    item_id: item.id,
    title: cut(accepted.title),
    where: cut(accepted.where),
    quantity: `${shown(now.quantity, 2)} ${unit}`,
    cents,
    reckoned:
      `${shown(now.quantity, 2)} ${unit} taped, ${shown(quantity, 2)} in the bid: ${more > 0 ? '' : '−'}${shown(Math.abs(more), 2)} × ${formatCents(unit_cents)} a ${UNIT[unit]}${settled === 0 ? '' : `, less ${formatCents(settled as Cents)} asked for before`}`.slice(
        0,
        200,
      ),
  }
}

/** Of an option that was taken: settled by the work as it was accepted, where it is ours and has its boards. */
function takenLine(id: string, was: Baseline['items'][number], of: Given): OrderLine | null {
  const { scope, takeoff } = acceptedWork(of.derived, of.around.accepted)
  const item = byId(scope.items, id)
  return item ? tapedLine(item, was, { ...of, derived: { ...of.derived, scope, takeoff } }) : null
}

/** Whether any place of it was opened and taped since the bid. */
function isTaped(item: ScopeItem, job: JobDocument): boolean {
  return job.opened_places.some(
    ({ finding_id, taped }) => taped !== null && item.finding_ids.includes(finding_id),
  )
}

/** Task hours of items, of all people together. */
const hoursOf = (ids: ReadonlySet<string>, { takeoff }: Given['derived']): number =>
  takeoff.items.reduce((sum, item) => sum + (ids.has(item.item_id) ? item.hours : 0), 0)

/** Working days of the crew, to a quarter and at least that: nobody plans finer. */
function crewDaysOf(hours: number, { job, takeoff }: Given['derived']): number {
  if (hours === 0) return 0
  const days = hours / (rowsOf(job.settings).days.day_h * Math.max(1, takeoff.shared.people))
  return Math.sign(days) * Math.max(0.25, Math.round(Math.abs(days) * 4) / 4)
}

/**
 * The difference between what was accepted and the job as it stands: finds at the prices that were agreed, allowances settled by what was
 * taped, work that came in since at its own price, and less what is left out. What was asked for already is in no further order.
 *
 * @param of.around as the plan has it before this order: with what was accepted, and with the orders before this one.
 */
export function draftOrder(of: Given): OrderDraft {
  const { derived, baseline } = of
  const accepted = new Map(baseline.items.map((item) => [item.id, item]))
  const asked = askedFor(of.orders)
  const isGone = (id: string): boolean => {
    const item = byId(derived.scope.items, id)
    return item === undefined || LEFT.has(item.standing)
  }
  const found = foundThere(derived.job, isGone)
  const lines: OrderLine[] = []
  const notReckoned: NotReckoned[] = []
  for (const item of derived.scope.items) {
    const was = accepted.get(item.id)
    const isOurs = item.standing === 'ours' && item.row?.sells !== false
    // An option that he took is done like the rest, though it stands in the job as one still.
    const isTaken = was !== undefined && (of.around.accepted?.taken.includes(item.id) ?? false)
    if (was !== undefined && (isOurs || (isTaken && !LEFT.has(item.standing)))) {
      const line = isTaken ? takenLine(item.id, was, of) : tapedLine(item, was, of)
      if (line) lines.push(line)
      continue
    }
    // What he left out stays left out until it is offered to him again.
    if (was === undefined && isOurs && !asked.has(item.id) && !baseline.left.includes(item.id)) {
      // Another item of the job does its work already, and is charged for it.
      if (isDoneElsewhere(item, derived)) continue
      const find = found.get(item.id)
      const line = (find ? foundLine(item, find, baseline) : null) ?? addedLine(item, derived)
      if (line) lines.push(line)
      else notReckoned.push({ item_id: item.id, title: ownerTitle(item), why: 'no-price' })
    }
  }
  const left = askedToLeave(of.orders)
  for (const was of baseline.items) {
    if (!isGone(was.id) || left.has(was.id)) continue
    const line = leftLine(was)
    if (line) lines.push(line)
    else notReckoned.push({ item_id: was.id, title: was.title, why: 'no-saving' })
  }
  // What was agreed since and is not done is not charged either.
  for (const { order, face } of of.orders) {
    if (face.standing !== 'yes') continue
    for (const line of order.lines) {
      const adds = line.kind === 'found' || line.kind === 'added'
      if (adds && isGone(line.item_id) && !left.has(line.item_id)) lines.push(undoneLine(line, face.number))
    }
  }
  const before = lines.reduce((sum, { cents }) => sum + cents, 0)
  const tax = Math.round(before * baseline.tax_rate)
  const adds = lines.filter(({ kind }) => kind === 'found' || kind === 'added').map(({ item_id }) => item_id)
  const leaves = lines.filter(({ kind }) => kind === 'left-out').map(({ item_id }) => item_id)
  return {
    lines,
    tax_cents: tax as Cents,
    total_cents: (before + tax) as Cents,
    crew_days: crewDaysOf(hoursOf(new Set(adds), derived) - hoursOf(new Set(leaves), derived), derived),
    ...ends(of, { adds, leaves }),
    notReckoned,
  }
}

const isDoneElsewhere = (item: ScopeItem, { takeoff }: Given['derived']): boolean =>
  takeoff.items.some(({ item_id, includedIn }) => item_id === item.id && includedIn !== null)

/** Standings of work that somebody decided is not done. Work that waits, or that is asked about, is not left out. */
const LEFT: ReadonlySet<string> = new Set(['left-out', 'declined', 'by-owner', 'by-others'])

/** When the work ends without it and with it, where it has days at all. */
function ends(
  { derived, today, around }: Given,
  changed: { adds: string[]; leaves: string[] },
): Pick<ChangeOrder, 'ends_before' | 'ends_after'> {
  const { accepted } = around
  if (accepted === null || derived.job.plan?.start == null) return { ends_before: null, ends_after: null }
  const lastWith = (choice: typeof accepted): string | null =>
    planJob(derived, today, { ...around, accepted: choice }).last
  const after = withOrders(accepted, [{ standing: 'yes', goes_on: false, ...changed }])
  return { ends_before: lastWith(accepted), ends_after: lastWith(after) }
}
