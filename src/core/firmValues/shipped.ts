import {
  CLEARANCES,
  CONDITIONS,
  DAYS,
  GEAR,
  GOODS,
  LADDER_SERVES_FT,
  LEAD_SAFE_TIMES,
  LIVED_IN_INSIDE_TIMES,
  LIVED_IN_TIMES,
  materialName,
  METHODS,
  partName,
  PARTS,
  REACH,
  SLOPES,
  TASKS,
  WARRANTIES,
  WARRANTY_MONTHS,
} from '../catalogue'
import { HOLD_POINTS } from '../catalogue/holdPoints/holdPoints'
import { DRY_TO, LEADS, WAITS, type StepId } from '../catalogue/steps'
import { hiddenValues } from './hiddenRows'
import { boards, goods, stock } from './bought'
import { money, practice } from './practice'
import { DEDUCT_ABOVE_FT2, lifeKey, LIVES, PIECE_FIELDS, TASK_FIELDS } from './rows'
import { byKey, MINE, number, type Shipped } from './value'

const FIELD_WORDS = { set_up_h: 'set-up', low: 'low', typical: 'typical', high: 'high' } as const

function hours(): Shipped[] {
  return TASKS.flatMap((task) =>
    TASK_FIELDS.map((field) =>
      byKey({
        key: `task.${task.id}.${field}`,
        group: 'Hours',
        name: `${task.name}: ${FIELD_WORDS[field]}`,
        unit: field === 'set_up_h' ? `h a ${task.set_up_per}` : `h a ${task.unit}`,
        source: task.source,
        shipped: task[field],
        takes: number(0, 1000),
      }),
    ),
  )
}

function factors(): Shipped[] {
  const times = (key: string, name: string, shipped: number, unit = 'times', most = 5): Shipped =>
    byKey({ key, group: 'Factors on hours', name, unit, source: MINE, shipped, takes: number(1, most) })
  return [
    ...[...REACH, ...GEAR].map((row) => times(`reach.${row.id}`, row.name, row.times)),
    times('factor.lead-safe', 'lead-safe, on what breaks paint', LEAD_SAFE_TIMES),
    times('factor.lived-in', 'lived in, outside work', LIVED_IN_TIMES),
    times('factor.lived-in-inside', 'lived in, inside work', LIVED_IN_INSIDE_TIMES),
    ...CONDITIONS.map((row) => times(`condition.${row.id}`, row.name, row.times)),
    ...[...SLOPES, ...CLEARANCES].flatMap((row) =>
      row.times === null ? [] : [times(`condition.${row.id}`, row.name, row.times)],
    ),
    times(
      'reach.ladder-serves',
      'length of a run that a ladder serves before it is moved',
      LADDER_SERVES_FT,
      'ft',
      100,
    ),
  ]
}

function days(): Shipped[] {
  const day = (key: keyof typeof DAYS, name: string, unit: string, least: number, most: number): Shipped =>
    byKey({
      key: `days.${key}`,
      group: 'Days and visits',
      name,
      unit,
      source: MINE,
      shipped: DAYS[key],
      takes: number(least, most),
    })
  return [
    day('day_h', 'hours of one person in a day', 'h', 1, 24),
    day('short_crew_days', 'up to so many crew-days the short day’s share holds', 'crew-days', 0, 10),
    day('full_crew_days', 'from so many crew-days the full day’s share holds', 'crew-days', 0.1, 20),
    day('days_a_visit', 'days of a stay before it is set up anew', 'days', 1, 60),
    day('along_yd3', 'loose debris that goes along in the van', 'yd³', 0, 20),
  ]
}

/** What cures and dries, what has to come from elsewhere, and how dry it has to be: what a plan waits for. */
function waits(): Shipped[] {
  const common = { group: 'What the plan waits for' } as const
  return [
    ...WAITS.map(({ id, name, nights, dry, source }) =>
      byKey({
        ...common,
        key: `wait.${id}`,
        name,
        unit: dry ? 'nights after dry days' : 'nights',
        source,
        shipped: nights,
        takes: number(0, 60),
      }),
    ),
    ...LEADS.flatMap(({ id, what, days: [low, high], source }) =>
      (
        [
          ['low', low],
          ['high', high],
        ] as const
      ).map(([end, shipped]) =>
        byKey({
          ...common,
          key: `lead.${id}.${end}`,
          name: `${what}, ${end === 'low' ? 'at the soonest' : 'at the latest'}`,
          unit: 'working days',
          source,
          shipped,
          takes: number(0, 260),
        }),
      ),
    ),
    ...Object.entries(DRY_TO).map(([step, shipped]) =>
      byKey({
        ...common,
        key: `dry.${step}`,
        name: `wood reads at most, before it is ${DRY_BEFORE[step as StepId] ?? step}`,
        unit: '%',
        source: 'common practice',
        shipped,
        takes: number(8, 30),
      }),
    ),
    ...HOLD_POINTS.flatMap(({ id, name, most_percent, source }) =>
      most_percent === null
        ? []
        : [
            byKey({
              ...common,
              key: `hold.${id}`,
              name: `${name}: at most`,
              unit: '%',
              source,
              shipped: most_percent,
              takes: number(8, 30),
            }),
          ],
    ),
  ]
}
const DRY_BEFORE: Readonly<Partial<Record<StepId, string>>> = {
  frame: 'framed on',
  prepare: 'primed',
  paint: 'painted',
}

/** How parts are pieced, and what each foot of them takes. */
function sizes(): Shipped[] {
  const words = { cut_back_in: 'cut back past the soft', least_in: 'least new piece' } as const
  const pieces = PARTS.flatMap(({ id, piece }) =>
    piece === null || piece.whole
      ? []
      : PIECE_FIELDS.map((field) =>
          byKey({
            key: `piece.${id}.${field}`,
            group: 'Sizes of new pieces',
            name: `${partName(id)}: ${words[field]}`,
            unit: 'in',
            source: 'common practice',
            shipped: piece[field],
            takes: number(0, 240),
          }),
        ),
  )
  const deduct = byKey({
    key: 'paint.deduct_above_ft2',
    group: 'Sizes of new pieces',
    name: 'openings over this size are taken off what is painted',
    unit: 'ft²',
    source: MINE,
    shipped: DEDUCT_ABOVE_FT2,
    takes: number(0, 200),
  })
  return [...pieces, deduct]
}

function uses(): Shipped[] {
  return PARTS.flatMap(({ id, goods }) =>
    goods.map(({ good, per_ft, why }) =>
      byKey({
        key: `use.${id}.${good}`,
        group: 'What a foot takes',
        name: `${partName(id)}: ${goodNames.get(good) ?? good}, ${why}`,
        unit: `${goodUnits.get(good) ?? ''} a ft`,
        source: MINE,
        shipped: per_ft,
        takes: number(0, 100),
      }),
    ),
  )
}
const goodNames = new Map(GOODS.map(({ id, name }) => [id, name.toLowerCase()]))
const goodUnits = new Map(GOODS.map(({ id, unit }) => [id, unit]))

/** Years that work lasts, cured and with its source left, and the words of its warranty. */
function lives(): Shipped[] {
  const year = (of: string, name: string, which: string, years: readonly [number, number]): Shipped[] =>
    (['low', 'high'] as const).map((end, index) =>
      byKey({
        key: lifeKey(of, which, end),
        group: 'Lives',
        name: `${name}, ${which === 'life' ? 'source fixed' : 'source left'}: ${end}`,
        unit: 'years',
        source: MINE,
        shipped: years[index]!,
        takes: number(0, 100),
      }),
    )
  return METHODS.filter((method) => method.sells).flatMap((method) => [
    ...LIVES.flatMap((which) => year(method.id, method.name, which, method[which])),
    ...Object.entries(method.lifeByMaterial).flatMap(([material, years]) =>
      year(`${method.id} ${material}`, `${method.name} in ${materialName(material)}`, 'life', years),
    ),
  ])
}

/** What each kind of warranty is for: a firm looks for it by that. */
const WARRANTY_NAMES: Readonly<Record<keyof typeof WARRANTIES, string>> = {
  A: 'metal and joints that keep water out',
  B: 'whole boards and members renewed',
  C: 'pieces let into what stands',
  D: 'stop-gaps',
  E: 'paint and stain',
  F: 'sealed joints, and what moves',
  G: 'the source is not fixed',
  H: 'what was lifted or levelled',
  I: 'piers, anchors and straps',
  J: 'covers, liners and drains under the house',
  K: 'decks and stairs',
  none: 'no warranty',
}

function warranties(): Shipped[] {
  const named = Object.entries(WARRANTIES) as [keyof typeof WARRANTIES, string][]
  const months = named
    .filter(([id]) => id !== 'none')
    .map(([id]) =>
      byKey({
        key: `warranty_months.${id}`,
        group: 'Warranty, as the owner reads it',
        name: `${WARRANTY_NAMES[id]}: stands at least`,
        unit: 'months',
        source: 'common practice',
        shipped: WARRANTY_MONTHS[id][0],
        takes: number(0, 600),
      }),
    )
  const words = named.map(([id, words]) =>
    byKey({
      key: `warranty.${id}`,
      group: 'Warranty, as the owner reads it',
      name: WARRANTY_NAMES[id],
      unit: '',
      source: 'common practice',
      shipped: words,
      takes: { kind: 'words', longest: 400 },
    }),
  )
  return [...words, ...months]
}

/** Every value a firm may change, as shipped, in the order a page shows them. */
export const SHIPPED_VALUES: readonly Shipped[] = [
  ...money(),
  ...practice(),
  ...hours(),
  ...factors(),
  ...days(),
  ...waits(),
  ...sizes(),
  ...uses(),
  ...goods(),
  ...boards(),
  ...stock(),
  ...lives(),
  ...warranties(),
  ...hiddenValues(),
]
