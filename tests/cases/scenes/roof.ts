import type { Scene } from './scene'

export const ROOF: readonly Scene[] = [
  // Roof edge, roof, pests, ground.
  {
    id: 'O49',
    title: 'leaves against the shingles',
    found: [
      'roof-covering | words back slope | leaves-on-roof overhanging-tree 0',
      'ceiling | words room below that slope | ceiling-mould-below one-spot-only ?',
    ],
    cause: [[2, 'roof-debris', 'S']],
    not: [['roof-worn', 'S']],
    method: [[1, 'roof-clear', 'S']],
  },
  {
    id: 'O50',
    title: 'dimples in the roof',
    found: ['roof-covering | words front slope | @from-ground dip-in-field ?'],
    cause: [[1, 'roof-deck-weak', 'L']],
    look: [[1, /attic/i, 'S']],
    caution: [[/step|walk on/i, 'T']],
  },
  {
    id: 'O51',
    title: 'tired metal on the roof',
    found: [
      'roof-metal | words roof | fasteners-bare metal-beginning-to-rust leaves-on-roof 1',
      'flue | words roof | metal-beginning-to-rust 1',
    ],
    cause: [[2, 'finish-overdue', 'S']],
    not: [['pipe-collar', 'T']],
  },
  {
    id: 'O52',
    title: 'chewed lead boots',
    found: ['pipe-collar | words roof | boot-chewed droppings-or-hair 1'],
    cause: [[1, 'animals', 'S']],
    blocked: [[1, 'pipe-collar', 'T']],
    caution: [[/dropping|sweep/i, 'T']],
  },
  {
    id: 'O53',
    title: 'round holes in a garden structure',
    found: [
      'free-timber | words pergola | round-half-inch-holes coarse-dust-below-holes splashes-below-holes 0',
    ],
    cause: [[1, 'carpenter-bees', 'S']],
    not: [['subterranean-termites', 'T']],
    method: [[1, 'refer', 'S']],
  },
  {
    id: 'O54',
    title: 'flat ground, old quiet house',
    found: ['soil | A 10 0 | infall-within-6-ft stood-decades-still ?'],
    cause: [[1, 'grade-slopes-in', 'S']],
  },
  {
    id: 'O55',
    title: 'wiring of the doubtful years',
    house: { year: 1972 },
    found: ['wiring | words rooms | receptacle-loose conductor-ends-open copper-seen ?'],
    caution: [[/electrician/i, 'S']],
  },
  {
    id: 'O56',
    title: 'garage door hanging',
    found: ['overhead-door | words garage | off-its-track ?'],
    cause: [[1, 'overhead-door-loose', 'L']],
    method: [[1, 'refer', 'L']],
    caution: [[/spring|door trade|keep clear|do not operate/i, 'T']],
  },
  {
    id: 'O57',
    title: 'streaked gutters under a big roof',
    found: [
      'gutter | A 20 120 | streaks-down-gutter-face gutter-back-fall spike-hangers takes-several-roofs ?',
    ],
    cause: [
      [1, 'gutter-undersized', 'S'],
      [1, 'gutter-mis-hung', 'S'],
    ],
    not: [['dirt-streak', 'S']],
    method: [[1, 'gutter-new', 'S']],
  },
  {
    id: 'O58',
    title: 'crushed gutter',
    found: ['gutter | A 20 120 | dent gutter-face-clean ?'],
    cause: [[1, 'struck', 'G']],
    not: [['gutter-overflow', 'T']],
    method: [[1, 'gutter-new', 'S']],
  },
  {
    id: 'O59',
    title: 'leader that stops short',
    found: [
      'downspout | A 39.5 10 | leader-cut-short ?',
      'downspout | A 1 10 | leader-loose ground-pipe-mouth-blocked ?',
    ],
    cause: [[1, 'leader-at-wall', 'T']],
    method: [
      [1, 'leader-away', 'S'],
      [2, 'leader-clear', 'S'],
    ],
    look: [[1, /run water|hose|water/i, 'T']],
  },
]
