import { goodOf, type GoodRow } from '../catalogue'
import { WORK_SAYS } from '../catalogue/sentences/work'
import type { CutPlan, GoodsPlan, SectionPlan } from '../cut'
import type { Figure } from '../explain/figure'
import type { EntityOf } from '../job'
import { dollars, formatCents, toFeet, type Cents, type Length } from '../measure'
import type { ItemTakeoff, TaskHours } from '../takeoff'
import type { Productive } from './productive'

type Rates = EntityOf['rates']

/** A figure in dollars, to the cent, by the arithmetic that is printed beside it. */
export function usd(label: string, cents: Cents, how: string, of: Partial<Figure> = {}): Figure {
  return { label, value: cents / 100, unit: 'USD', how, ...of }
}

export function centsOf(figure: Figure): Cents {
  return Math.round(figure.value * 100) as Cents
}

/** A sum of figures in dollars: exact, since each is to the cent. */
export function sumOf(label: string, how: string, parts: readonly Figure[], source?: string): Figure {
  const cents = parts.reduce((total, each) => total + centsOf(each), 0) as Cents
  return usd(label, cents, how, { parts, ...(source ? { source } : {}) })
}

const round = (n: number, digits: number): number => Math.round(n * 10 ** digits) / 10 ** digits
/** A number as it is reckoned with and printed: so many digits at most, none that say nothing. */
export const shown = (n: number, digits: number): string => String(round(n, digits))

function taskFigure(task: TaskHours): Figure {
  const setUp = task.set_up_h > 0 ? `${task.set_up_h.toFixed(2)} h set-up + ` : ''
  return {
    label: task.name,
    value: task.hours,
    unit: 'h',
    how: `${setUp}${shown(task.rate_h, 4)} h × ${task.quantity.toFixed(2)} (${task.unit}) × ${task.factor.toFixed(2)}`,
    source: 'our judgement',
  }
}

export function labourFigure(
  label: string,
  tasks: readonly TaskHours[],
  productive: Productive,
  rates: Rates,
): Figure {
  const hours = round(
    tasks.reduce((sum, each) => sum + each.hours, 0),
    2,
  )
  const rate = rates.burdened_rate_cents
  const watched = 1 + rates.supervision_share
  const supervision = watched > 1 ? ` × ${shown(watched, 4)} (with supervision)` : ''
  return usd(
    label,
    dollars(((hours / productive.share) * rate * watched) / 100),
    `${hours.toFixed(2)} h ÷ ${shown(productive.share, 4)} (${productive.why}) × ${formatCents(rate)}/h${supervision}`,
    { source: 'firm setting', parts: tasks.map(taskFigure) },
  )
}

/** How much of every section and of every good each item takes, counted once for all items. */
export type Shares = {
  readonly sections: readonly {
    readonly plan: SectionPlan
    readonly byItem: ReadonlyMap<string, number>
    readonly all_ft: number
  }[]
  readonly goods: ReadonlyMap<string, GoodsPlan>
}

export function sharesOf(cut: CutPlan): Shares {
  return {
    sections: cut.sections.map((plan) => {
      const byItem = new Map<string, number>()
      for (const { owner, length } of plan.boards.flatMap((board) => board.cuts))
        byItem.set(owner, (byItem.get(owner) ?? 0) + length)
      const all = [...byItem.values()].reduce((sum, each) => sum + each, 0)
      return { plan, byItem, all_ft: round(toFeet(all as Length), 2) }
    }),
    goods: new Map(cut.goods.map((plan) => [plan.good, plan])),
  }
}

/** What the rates have no price for: where one would stand, and what it is counted in. */
export type NoRate = {
  readonly table: 'section_cents_per_ft' | 'consumable_cents'
  readonly id: string
  readonly name: string
  readonly unit: string
}
/** By name, since a name is what is told. */
export type NoRates = Map<string, NoRate>

/** Cost of the boards, shared over the items by the length they take of each section. */
function boardFigures(item: ItemTakeoff, shares: Shares, rates: Rates, missing: NoRates): Figure[] {
  return shares.sections.flatMap(({ plan, byItem, all_ft }): Figure[] => {
    const mine = byItem.get(item.item_id)
    if (mine === undefined) return []
    const rate = rates.section_cents_per_ft[plan.section]
    if (rate === undefined)
      missing.set(plan.name, { table: 'section_cents_per_ft', id: plan.section, name: plan.name, unit: 'ft' })
    const bought_ft = round(toFeet(plan.bought), 2)
    const mine_ft = round(toFeet(mine as Length), 2)
    const cents = (bought_ft * (rate ?? 0) * mine_ft) / all_ft
    return [
      usd(
        plan.name,
        dollars(cents / 100),
        `${shown(bought_ft, 2)} ft bought × ${formatCents((rate ?? 0) as Cents)}/ft × ${shown(mine_ft, 2)} ft ÷ ${shown(all_ft, 2)} ft that are cut`,
        { source: 'firm setting; cut plan' },
      ),
    ]
  })
}

type Kind = GoodRow['kind']

/** Cost of the packages, shared by what each item uses of them. */
function goodsFigures(
  item: ItemTakeoff,
  kinds: readonly Kind[],
  { shares, rates, missing }: { readonly shares: Shares; readonly rates: Rates; readonly missing: NoRates },
): Figure[] {
  const mine = item.consumables.filter((each) => kinds.includes(goodOf(each.id)?.kind ?? 'bought'))
  return mine.map((each) => {
    const plan = shares.goods.get(each.id)
    const rate = rates.consumable_cents[each.id]
    const name = plan?.name ?? each.name
    if (rate === undefined)
      missing.set(name, { table: 'consumable_cents', id: each.id, name, unit: each.unit })
    const bought = round(plan?.bought ?? 0, 2)
    const all = round(plan?.used ?? 0, 4)
    const part = round(each.quantity, 4)
    const cents = all > 0 ? (bought * (rate ?? 0) * part) / all : 0
    return usd(
      name,
      dollars(cents / 100),
      `${shown(bought, 2)} ${plan?.unit ?? ''} bought × ${formatCents((rate ?? 0) as Cents)} × ${shown(part, 4)} ÷ ${shown(all, 4)} used`,
      { source: `firm setting; ${each.why}` },
    )
  })
}

/** Boards of an item that no yard sells in one piece. */
export function cannotBeBought(item_id: string, cut: CutPlan): string[] {
  return cut.sections.flatMap((plan) =>
    plan.tooLong
      .filter((piece) => piece.owner === item_id)
      .map((piece) => WORK_SAYS.inOnePiece(plan.name, shown(toFeet(piece.length), 2))),
  )
}

export type Costed = {
  readonly item: ItemTakeoff
  readonly direct: Figure
  readonly material: Cents
  /** What is paid to others for it: material, hire, trades. */
  readonly bought: Cents
}

/** Direct cost of an item: its labour, its material with the tax paid on it, what is hired and who else comes, and its share of what is paid once. */
export function costItem(
  item: ItemTakeoff,
  of: {
    readonly rates: Rates
    readonly productive: Productive
    readonly shares: Shares
    readonly ownHours: number
    readonly missing: NoRates
    readonly shared: Figure
  },
): Costed {
  const { rates } = of
  const labour = labourFigure('Labour', item.tasks, of.productive, rates)
  const material = sumOf('Material', 'boards and goods', [
    ...boardFigures(item, of.shares, rates, of.missing),
    ...goodsFigures(item, ['bought'], of),
  ])
  const comes = goodsFigures(item, ['hired', 'trade'], of)
  const parts: Figure[] = [
    labour,
    material,
    ...(comes.length > 0 ? [sumOf('Hired, and trades that come', 'days and visits', comes)] : []),
  ]
  const { tax } = rates
  if (tax.rule === 'on-cost' && tax.rate > 0) {
    parts.push(
      usd(
        'Tax on material',
        dollars(material.value * tax.rate),
        `${formatCents(centsOf(material))} × ${shown(tax.rate * 100, 4)} %`,
        { source: 'firm setting' },
      ),
    )
  }
  if (of.ownHours > 0 && item.hours > 0) {
    parts.push(
      usd(
        'Share of visits, containment and hauling',
        dollars((of.shared.value * item.hours) / of.ownHours),
        `${formatCents(centsOf(of.shared))} × ${item.hours.toFixed(2)} h ÷ ${of.ownHours.toFixed(2)} h`,
        { source: 'charged once, shared by use' },
      ),
    )
  }
  return {
    item,
    direct: sumOf('Direct cost', 'labour + material + its share', parts),
    material: centsOf(material),
    bought: (centsOf(material) + comes.reduce((sum, each) => sum + centsOf(each), 0)) as Cents,
  }
}
