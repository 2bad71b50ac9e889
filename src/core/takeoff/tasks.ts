/** When a task's set-up is paid: once at each place, once for each side, or once a visit. */
export type SetUp = 'place' | 'side' | 'visit'

/** A task of labour: productive hours, summed over the people sent, without travel or supply runs. */
export type Task = {
  readonly name: string
  readonly unit: string
  readonly crew: string
  readonly set_up_h: number
  readonly set_up_per: SetUp
  /** Hours per unit. */
  readonly low: number
  readonly typical: number
  readonly high: number
}

const t = (
  name: string,
  unit: string,
  crew: string,
  set_up_h: number,
  set_up_per: SetUp,
  low: number,
  typical: number,
  high: number,
): Task => ({ name, unit, crew, set_up_h, set_up_per, low, typical, high })

/** Our judgement throughout, repair rates; a firm's own closed jobs replace them. */
export const TASKS = {
  mobilise: t('Mobilise, protect, saw set-up, clear away', 'visit', '2', 0.5, 'visit', 1.0, 1.6, 2.5),
  'lead-containment': t(
    'Lead-safe containment outside, set and clean',
    '20 ft of wall',
    '2',
    0.5,
    'visit',
    1.75,
    2.75,
    5,
  ),
  haul: t('Haul, load and dump', 'yd³ loose', '2', 1, 'visit', 0.5, 0.9, 1.7),
  fascia: t('Fascia 1x replaced', 'ft', '2', 0.75, 'side', 0.14, 0.22, 0.4),
  soffit: t('Soffit boards replaced', 'ft²', '2', 0.5, 'place', 0.11, 0.18, 0.32),
  crown: t('Crown or bed moulding', 'ft', '1–2', 0.5, 'place', 0.14, 0.25, 0.45),
  rake: t('Rake board', 'ft', '2', 0.5, 'place', 0.16, 0.26, 0.45),
  'lap-wood': t('Lap siding spot, wood', 'ft of board', '1–2', 0.6, 'place', 0.12, 0.2, 0.38),
  'lap-fibre-cement': t('Lap siding spot, fibre-cement', 'ft of board', '2', 0.6, 'place', 0.13, 0.2, 0.36),
  'lap-hardboard': t(
    'Lap siding spot, hardboard or engineered',
    'ft of board',
    '1–2',
    0.5,
    'place',
    0.1,
    0.16,
    0.3,
  ),
  'corner-board': t('Corner board pair, up to 10 ft', 'pair', '1–2', 0.25, 'place', 1.25, 2.1, 3.8),
  'casing-leg': t('Flat casing leg', 'each', '1', 0.2, 'place', 0.6, 1.1, 2.0),
  'head-casing-flashing': t(
    'Head casing and head flashing, tucked',
    'each',
    '1–2',
    0.3,
    'place',
    1.5,
    2.5,
    4.5,
  ),
  'sill-nose': t('Sill nose piece-in', 'each', '1', 0.3, 'place', 1.25, 2.2, 3.8),
  'whole-sill': t('Wood sill replaced whole', 'each', '1–2', 0.4, 'place', 3, 5.5, 10),
  'jamb-foot': t('Door jamb foot splice', 'each', '1', 0.3, 'place', 1.0, 1.8, 3.2),
  'door-sill': t('Door sill and pan, door out and back', 'each', '2', 0.5, 'place', 4, 6.5, 11),
  'water-table': t('Water table or band with cap flashing', 'ft', '1–2', 0.4, 'place', 0.16, 0.28, 0.45),
  sealant: t('Sealant cut out and renewed', 'ft', '1', 0.3, 'side', 0.04, 0.07, 0.13),
  'hand-wash': t('Hand wash', '100 ft²', '1', 0.5, 'visit', 0.3, 0.5, 0.9),
  scrape: t('Scrape, sand, spot prime', '100 ft²', '1–2', 0.5, 'place', 0.8, 2.0, 5.0),
  'field-paint': t('Field paint by brush or roller, a coat', '100 ft²', '1–2', 0.5, 'place', 0.5, 0.8, 1.4),
  'trim-paint': t('Trim paint, a coat', '100 ft', '1', 0.3, 'place', 0.9, 1.5, 2.5),
  'deck-board': t('Deck board', 'ft', '1–2', 0.3, 'place', 0.05, 0.09, 0.17),
} as const satisfies Record<string, Task>

export type TaskId = keyof typeof TASKS

export function taskOf(id: TaskId): Task {
  return TASKS[id]
}
