import { beforeAll, describe, expect, test } from '@jest/globals'
import { DEMO_JOBS } from '../../../demo'
import { FINDS } from '../catalogue/hidden/finds'
import { WHOLE_BID } from '../bid/choose'
import { hiddenCost, readyBid } from '../compare'
import type { ChangeOrder, JobDocument, OpenedPlace } from '../job'
import { feet, type Cents, type Length } from '../measure'
import { derive, type Derived } from '../pipeline'
import { ALONE } from '../plan'
import { hiddenChance } from '../price'
import { agreedPrice, baselineOf, type Baseline } from './baseline'
import { draftOrder, type OrderDraft } from './draftOrder'
import { findsBehind, foundWork, guessOf } from './foundWork'
import { orderDays, orderModel, orderSections } from './orderModel'
import { askedFor, ordersOf, runningTotal, withOrders, type Order, type OrderFace } from './orders'

const TODAY = '2026-05-04'
const bid_id = 'bid-1'
const find = (id: string) => FINDS.find((each) => each.id === id)!

let job: JobDocument
let derived: Derived
let baseline: Baseline
beforeAll(() => {
  job = DEMO_JOBS['alder-house']()
  derived = derive(job, TODAY)
  const model = readyBid(job, TODAY, derived)
  baseline = baselineOf(model, {
    bid_id,
    number: 1,
    choice: WHOLE_BID,
    total_cents: model.total_cents,
    accepted_by: 'Maren Tollis',
    accepted_on: TODAY,
  })
})

/** The job with so many of a find behind a finding. */
function withFound(of: JobDocument, findingId: string, id: string, count: number, n = 1): JobDocument {
  const behind = of.findings.find((each) => each.id === findingId)!
  const ids = { finding: `found-${n}`, item: `work-${n}` }
  const made = foundWork(find(id), count, { behind, ids, by: 'Dov', photo_ids: [] })
  const place: OpenedPlace = {
    id: `opened-${n}`,
    removed: false,
    finding_id: findingId,
    opened_on: TODAY,
    opened_by: 'Dov',
    guess: guessOf(behind, derived),
    ...{ told: null, caused_by: null },
    found: [{ find: id, count, item_id: ids.item }],
    taped: null,
    said: behind.extent,
    words: '',
    tonight: '',
    photo_ids: [],
  }
  return {
    ...of,
    findings: [...of.findings, made.finding],
    work_items: [...of.work_items, made.item],
    opened_places: [...of.opened_places, place],
  }
}

const draftOf = (of: JobDocument, orders: readonly Order[] = []): OrderDraft =>
  draftOrder({ derived: derive(of, TODAY), baseline, orders, today: TODAY, around: ALONE })

function orderOf(draft: OrderDraft, id: string, at = '01'): ChangeOrder {
  const { lines, tax_cents, total_cents, crew_days, ends_before, ends_after } = draft
  return {
    ...{ id, removed: false, bid_id, made_at: `2026-05-${at}T10:00:00Z`, made_by: 'Imke' },
    ...{ lines, tax_cents, total_cents, crew_days, ends_before, ends_after },
    ...{ words: '', tonight: '', photo_ids: [] },
  }
}

/** A place that the bid opens and whose finds have an agreed price. */
const opened = (): string =>
  hiddenCost(job, TODAY, derived).places.find(({ chance }) => chance.row.id === 'window-sill')!.finding_id

describe('what was found', () => {
  test('the job as it was accepted asks for nothing', () => {
    expect(draftOf(job)).toMatchObject({ lines: [], total_cents: 0, notReckoned: [] })
  })
  test('finds are priced at what the frozen bid says: the first, and each further one', () => {
    const price = baseline.finds.find(({ id }) => id === 'stud')!
    const draft = draftOf(withFound(job, opened(), 'stud', 3))
    expect(draft.lines).toHaveLength(1)
    // By hand: one first, two further.
    expect(draft.lines[0]!.cents).toBe(price.first_cents + price.further_cents + price.further_cents)
    expect(draft.lines[0]).toMatchObject({ kind: 'found', quantity: '3', item_id: 'work-1' })
    expect(draft.total_cents).toBe(draft.lines[0]!.cents + draft.tax_cents)
    expect(draft.crew_days).toBeGreaterThan(0)
  })
  test('found further at the same place, none of them is the first there again; a first one that is not done makes way', () => {
    const price = baseline.finds.find(({ id }) => id === 'stud')!
    const twice = withFound(withFound(job, opened(), 'stud', 1, 1), opened(), 'stud', 2, 2)
    // By hand: a first, and two further.
    expect(draftOf(twice).lines.map(({ cents }) => cents)).toEqual([
      price.first_cents,
      2 * price.further_cents,
    ])
    const work_items = twice.work_items.map((each) =>
      each.id === 'work-1' ? { ...each, state: 'left-out' as const } : each,
    )
    const alone = draftOf({ ...twice, work_items }).lines
    expect(alone.map(({ cents }) => cents)).toEqual([price.first_cents + price.further_cents])
  })
  test('sales tax on the whole comes to a change as it came to the bid', () => {
    const taxed = { ...baseline, tax_rate: 0.08 }
    const found = withFound(job, opened(), 'stud', 2)
    const draft = draftOrder({
      derived: derive(found, TODAY),
      baseline: taxed,
      orders: [],
      today: TODAY,
      around: ALONE,
    })
    const sum = draft.lines[0]!.cents
    expect(draft.tax_cents).toBe(Math.round(sum * 0.08))
    expect(draft.total_cents).toBe(sum + draft.tax_cents)
  })
  test.each([1, 2, 7])('%i of a find never cost more than one more of it', (count) => {
    const [some, more] = [count, count + 1].map((n) => agreedPrice(baseline, 'sheathing', n)!)
    expect(more).toBeGreaterThanOrEqual(some!)
  })
  test('without an agreed price a find has none of its own making', () => {
    expect(agreedPrice(baseline, 'no-such', 1)).toBeNull()
    expect(agreedPrice(baseline, 'stud', 0)).toBeNull()
  })
  test('a find is offered at the surface it stands behind first', () => {
    const finding = job.findings.find(({ id }) => id === opened())!
    const first = findsBehind(finding, derived).slice(0, 2)
    expect(first.map(({ id }) => id).toSorted()).toEqual(['sheathing', 'stud'])
  })
  test('what is found is a finding and a piece of work, and its place hides nothing more', () => {
    const after = withFound(job, opened(), 'stud', 2)
    const now = derive(after, TODAY)
    const item = now.scope.items.find(({ id }) => id === 'work-1')!
    expect(item).toMatchObject({ method: 'stud-sister', standing: 'ours', count: 2 })
    const finding = now.job.findings.find(({ id }) => id === opened())!
    expect(hiddenChance(finding, now.job, null)).toBeNull()
    expect(hiddenCost(after, TODAY, now).places.map(({ finding_id }) => finding_id)).not.toContain(opened())
    expect(now.coverage.notPermitted).toEqual(derived.coverage.notPermitted)
  })
})

describe('what is left out and what is taped', () => {
  const fixed = (): Baseline['items'][number] =>
    baseline.items.find(({ saves_cents }) => saves_cents !== null)!
  test('what is no longer done is taken off at what the frozen bid says it saves, never at more than its price', () => {
    const was = fixed()
    const work_items = job.work_items.map((each) =>
      each.id === was.id ? { ...each, state: 'left-out' as const } : each,
    )
    const line = draftOf({ ...job, work_items }).lines.find(({ item_id }) => item_id === was.id)!
    expect(line).toMatchObject({ kind: 'left-out', cents: 0 - was.saves_cents! })
    expect(was.saves_cents!).toBeLessThanOrEqual(was.price_cents)
  })
  test('where nobody reckoned what it saves, it says so and has no line', () => {
    const was = { ...fixed(), saves_cents: null }
    const without = { ...baseline, items: baseline.items.map((each) => (each.id === was.id ? was : each)) }
    const work_items = job.work_items.filter(({ id }) => id !== was.id)
    const draft = draftOrder({
      derived: derive({ ...job, work_items }, TODAY),
      baseline: without,
      orders: [],
      today: TODAY,
      around: ALONE,
    })
    expect(draft.notReckoned).toEqual([{ item_id: was.id, title: was.title, why: 'no-saving' }])
    expect(draft.lines).toEqual([])
  })
  test('an allowance is settled by its unit both ways, and only once it is taped', () => {
    const id = job.work_items.find(
      ({ method, finding_ids }) => method === 'piece-in' && finding_ids.length === 1,
    )!.id
    const findingId = job.work_items.find((each) => each.id === id)!.finding_ids[0]!
    const work_items = job.work_items.map((each) =>
      each.id === id ? { ...each, basis: 'allowance' as const } : each,
    )
    const before = { ...job, work_items }
    const model = readyBid(before, TODAY, derive(before, TODAY))
    const allowed = baselineOf(model, {
      ...{ bid_id, number: 1, choice: WHOLE_BID, total_cents: model.total_cents },
      ...{ accepted_by: 'M', accepted_on: TODAY },
    })
    const was = allowed.items.find((each) => each.id === id)!
    const finding = job.findings.find((each) => each.id === findingId)!
    const taped = {
      ...finding.extent!,
      value: (finding.extent!.value + feet(3)) as Length,
    }
    const place: OpenedPlace = {
      ...{
        id: 'o',
        removed: false,
        finding_id: findingId,
        opened_on: TODAY,
        opened_by: 'D',
        guess: null,
        told: null,
        caused_by: null,
      },
      ...{ found: [], taped, said: finding.extent, words: '', tonight: '', photo_ids: [] },
    }
    const findings = job.findings.map((each) => (each.id === findingId ? { ...each, extent: taped } : each))
    const longer = { ...before, findings }
    const draft = (of: JobDocument, orders: readonly Order[] = []): OrderDraft =>
      draftOrder({ derived: derive(of, TODAY), baseline: allowed, orders, today: TODAY, around: ALONE })
    expect(draft(longer).lines).toEqual([])
    const { lines, total_cents } = draft({ ...longer, opened_places: [place] })
    expect(lines).toHaveLength(1)
    expect(lines[0]!.kind).toBe('taped')
    // By hand from what is printed: feet taped less feet allowed, by the price of a foot.
    const [, now, then, more, each] =
      /([\d.]+) ft taped, ([\d.]+) in the bid: ([\d.]+) × \$([\d.]+) a foot/.exec(lines[0]!.reckoned)!
    expect(Number(now) - Number(then)).toBeCloseTo(Number(more), 6)
    expect(Math.abs(lines[0]!.cents - Number(more) * Number(each) * 100)).toBeLessThanOrEqual(1)
    expect(was.allowance!.quantity).toBe(Number(then))
    // Asked for once, it is not asked for again.
    const order = orderOf({ ...draft({ ...longer, opened_places: [place] }), total_cents }, 'one')
    expect(
      draft({ ...longer, opened_places: [place] }, [{ order, face: face('one', 'waits') }]).lines,
    ).toEqual([])
  })
})

function face(id: string, standing: OrderFace['standing'], adds: string[] = []): OrderFace {
  return {
    ...{ id, number: 1, bid_id, standing, said_by: null, said_at: null, on_glass: false, sent_at: null },
    ...{ seen_at: null, adds, leaves: [], goes_on: false, why: '' },
  }
}

describe('how orders stand', () => {
  const asked = (id: string, cents: number, at: string): ChangeOrder => ({
    ...orderOf(draftOf(withFound(job, opened(), 'stud', 1)), id, at),
    total_cents: cents as Cents,
  })
  const agreeing = (most: number): Baseline => ({
    ...baseline,
    go_on: { most_cents: most as Cents, answer_hours: 4, hour_cents: 9000 as Cents },
  })

  test('the crew goes on as long as all that nobody answered stays within the sum, one after another', () => {
    const change_orders = [asked('a', 200_00, '01'), asked('b', 250_00, '02'), asked('c', 100_00, '03')]
    const orders = ordersOf({ ...job, change_orders }, [], agreeing(500_00))
    expect(orders.map(({ face: { goes_on } }) => goes_on)).toEqual([true, true, false])
    expect(runningTotal(agreeing(500_00), orders)).toMatchObject({
      waiting_cents: 550_00,
      going_on_cents: 450_00,
      left_cents: 50_00,
      agreed_cents: 0,
      total_cents: baseline.total_cents,
    })
  })
  test('just the sum is within it, a cent more is not', () => {
    const one = (cents: number): boolean =>
      ordersOf({ ...job, change_orders: [asked('a', cents, '01')] }, [], agreeing(500_00))[0]!.face.goes_on
    expect([one(500_00), one(500_01)]).toEqual([true, false])
  })
  test('a yes makes room again; with nothing agreed nobody goes on', () => {
    const change_orders = [asked('a', 200_00, '01'), asked('b', 400_00, '02')]
    const standing = (most: number, faces: OrderFace[]): boolean[] =>
      ordersOf({ ...job, change_orders }, faces, agreeing(most)).map((each) => each.face.goes_on)
    expect(standing(500_00, [])).toEqual([true, false])
    expect(standing(500_00, [face('a', 'yes')])).toEqual([false, true])
    expect(standing(0, [])).toEqual([false, false])
    const orders = ordersOf({ ...job, change_orders }, [face('a', 'yes')], agreeing(500_00))
    expect(runningTotal(agreeing(500_00), orders).total_cents).toBe(baseline.total_cents + 200_00)
  })
  test('work that came in at a price of its own always waits', () => {
    const order = asked('a', 100_00, '01')
    const lines = order.lines.map((line) => ({ ...line, kind: 'added' as const }))
    const orders = ordersOf({ ...job, change_orders: [{ ...order, lines }] }, [], agreeing(500_00))
    expect(orders[0]!.face.goes_on).toBe(false)
  })
  test('money taken off makes no room to go on with', () => {
    const change_orders = [asked('a', -900_00, '01'), asked('b', 400_00, '02'), asked('c', 200_00, '03')]
    const orders = ordersOf({ ...job, change_orders }, [], agreeing(500_00))
    expect(orders.map((each) => each.face.goes_on)).toEqual([true, true, false])
  })
  test('what was said on this phone stands until the server says more, and the server’s word wins', () => {
    const order = asked('a', 200_00, '01')
    const said = {
      ...{ id: 'y', removed: false, order_id: 'a', says: 'yes' as const, name: 'Maren Tollis' },
      ...{ role: 'owns' as const, signature: [], said_at: '2026-05-01T11:00:00Z' },
    }
    const here = { ...job, change_orders: [order], order_answers: [said] }
    const of = (faces: OrderFace[]): string => ordersOf(here, faces, baseline)[0]!.face.standing
    expect(of([])).toBe('yes')
    expect(of([face('a', 'waits')])).toBe('yes')
    expect(of([face('a', 'no')])).toBe('no')
    expect(of([face('a', 'refused')])).toBe('refused')
  })
  test('orders of another baseline are of another bid', () => {
    const change_orders = [{ ...asked('a', 100_00, '01'), bid_id: 'another' }]
    expect(ordersOf({ ...job, change_orders }, [], baseline)).toEqual([])
  })
  test('what is asked, agreed or refused is in no further order, until a no is set aside', () => {
    const one = { order: asked('a', 100_00, '01'), face: face('a', 'waits', ['work-1']) }
    expect(draftOf(withFound(job, opened(), 'stud', 1), [one]).lines).toEqual([])
    const no = { ...one, face: face('a', 'no', ['work-1']) }
    expect(draftOf(withFound(job, opened(), 'stud', 1), [no]).lines).toEqual([])
    const aside = { ...no, order: { ...no.order, removed: true } }
    expect([...askedFor([aside])]).toEqual([])
    expect(draftOf(withFound(job, opened(), 'stud', 1), [aside]).lines).toHaveLength(1)
  })
  test('what was agreed since and is not done is taken off at what was agreed, once', () => {
    const found = withFound(job, opened(), 'stud', 2)
    const order = orderOf(draftOf(found), 'a')
    const yes = { order, face: face('a', 'yes', ['work-1']) }
    expect(draftOf(found, [yes]).lines).toEqual([])
    const work_items = found.work_items.map((each) =>
      each.id === 'work-1' ? { ...each, state: 'left-out' as const } : each,
    )
    const draft = draftOf({ ...found, work_items }, [yes])
    expect(draft.lines).toMatchObject([{ kind: 'left-out', cents: 0 - order.lines[0]!.cents }])
    const back = { order: orderOf(draft, 'b'), face: { ...face('b', 'waits'), leaves: ['work-1'] } }
    expect(draftOf({ ...found, work_items }, [yes, back]).lines).toEqual([])
  })
  test('the plan takes up what was agreed or is gone on with, and nothing that waits', () => {
    const choice = { items: ['i'], left: ['l'], taken: [] }
    const of = (standing: OrderFace['standing'], goes_on = false): typeof choice =>
      withOrders(choice, [{ standing, goes_on, adds: ['n'], leaves: ['i'] }])
    expect(of('yes')).toEqual({ items: ['i', 'n'], left: ['l', 'i'], taken: [] })
    expect(of('waits', true)).toEqual({ items: ['i', 'n'], left: ['l', 'i'], taken: [] })
    expect(of('waits')).toEqual(choice)
    expect(of('no')).toEqual(choice)
    // What he left out at first and takes up in an order is done.
    const takenUp = withOrders(choice, [{ standing: 'yes', goes_on: false, adds: ['l'], leaves: [] }])
    expect(takenUp).toEqual({ items: ['i', 'l'], left: [], taken: [] })
  })
})

describe('what its owner reads', () => {
  const model = () => {
    const draft = draftOf(withFound(job, opened(), 'sheathing', 2))
    return orderModel({
      order: {
        ...orderOf(draft, 'o1'),
        words: 'Behind the sill the sheathing is soft.',
        tonight: 'Covered with a sheet.',
      },
      number: 1,
      bid: { number: 1, accepted_by: 'Maren Tollis', accepted_on: TODAY },
      front: { title: 'Alder House', address: '418 Ferrous Lane' },
      firm: { name: 'Tern & Mallet Repair', place: 'Port Alder', licence: 'TM-0000' },
      made_on: TODAY,
      time_zone: 'America/Los_Angeles',
      bid_cents: baseline.total_cents,
      changes_cents: 0 as Cents,
      goes_on_cents: null,
      pictures: [],
    })
  }
  test('the sum first, what is agreed with it last, and every sum from what is printed', () => {
    const of = model()
    const sections = orderSections(of)
    const head = sections[0]!.blocks[0]!
    expect(head).toMatchObject({ kind: 'letterhead', total: { name: 'This change' } })
    const sums = sections.flatMap(({ blocks }) => blocks.filter((block) => block.kind === 'sum'))
    for (const sum of sums.slice(1)) {
      const money = (text: string): number =>
        Math.round(Number(text.replaceAll(/[$,]/g, '').replace('−', '-')) * 100)
      expect(sum.rows.reduce((all, { amount }) => all + money(amount), 0)).toBe(money(sum.amount))
    }
    expect(of.agreed.with_cents).toBe(baseline.total_cents + of.total_cents)
  })
  test('nobody’s cost, hours or profit is in it', () => {
    expect(JSON.stringify(orderSections(model()))).not.toMatch(/cost|hour|profit|overhead|markup/i)
  })
  test('days in words, by how far the end moves', () => {
    const of = { crew_days: 1.5, ends_before: '2026-05-08', ends_after: '2026-05-11' }
    expect(orderDays(of)).toMatch(
      /one and half working days more\. The end of the work moves from .*8.* to .*11/,
    )
    expect(orderDays({ ...of, ends_after: of.ends_before })).toMatch(/still ends on/)
    expect(orderDays({ crew_days: 0, ends_before: null, ends_after: null })).toBe(
      'It changes nothing in the days.',
    )
    expect(orderDays({ crew_days: -2, ends_before: null, ends_after: null })).toBe(
      'It takes about two working days less.',
    )
  })
})
