import { GROUND, t, type TaskRow } from './task'

/** Decks, stairs and wall framing. Our judgement, as all hours. */
export const STRUCTURE_TASKS: readonly TaskRow[] = [
  // Deck and stair.
  t('ledger-renew', 'Ledger renewed, shored', 'ft', [2, 2], [4, 'place'], [1, 1.8, 3.4]),
  t('ledger-flash', 'Ledger flashed and bolted', 'ft', [2, 2], [0.75, 'place'], [0.25, 0.5, 1]),
  t('deck-joist', 'Deck joist sistered or replaced', 'each', [2, 2], [0.4, 'place'], [0.9, 1.6, 2.8], GROUND),
  t('connector', 'Framing connector put in', 'each', [1, 1], [0.2, 'place'], [0.12, 0.25, 0.5], GROUND),
  t('joist-hanger', 'Joist hanger put in', 'each', [1, 1], [0.2, 'place'], [0.12, 0.2, 0.45], GROUND),
  t('deck-beam', 'Deck beam renewed, shored', 'ft', [2, 2], [2, 'place'], [0.5, 0.9, 1.7], GROUND),
  t('deck-post', 'Deck post on its footing, shored', 'each', [2, 2], [0.5, 'place'], [1.6, 2.9, 5.2], GROUND),
  t('footing', 'Footing 12 × 36 in dug and poured', 'each', [2, 2], [0.5, 'place'], [2, 3.6, 7], GROUND),
  t(
    'guard-section',
    'Guard section of 6 to 8 ft with posts',
    'each',
    [2, 2],
    [0.4, 'place'],
    [2.2, 3.5, 6],
    GROUND,
  ),
  t('stair-flight', 'Stair flight of 4 to 7 risers', 'each', [2, 2], [1, 'place'], [6, 9.5, 16], GROUND),
  t('stringer', 'Stringer cut and set', 'each', [2, 2], [0.75, 'place'], [1.3, 2.3, 4.2], GROUND),
  t('tread', 'Tread renewed', 'each', [1, 2], [0.3, 'place'], [0.2, 0.35, 0.7], GROUND),
  t('deck-demolish', 'Deck taken down and loaded', '100 ft²', [2, 2], [0.75, 'job'], [2.5, 4.2, 7.5], GROUND),
  t(
    'deck-frame',
    'Deck framed: ledger, beam, joists, hangers',
    '100 ft²',
    [2, 2],
    [2, 'job'],
    [8, 13, 22],
    GROUND,
  ),
  t('deck-boards', 'Deck boards laid', '100 ft²', [2, 2], [0.5, 'job'], [4, 6.5, 11], GROUND),
  t('landing-pad', 'Landing pad', 'each', [1, 2], [0.5, 'place'], [1.6, 2.8, 5], GROUND),
  t('lateral-tie', 'Lateral tie', 'each', [1, 2], [0.2, 'place'], [0.5, 0.9, 1.6], GROUND),
  t('nailer', 'Nailer beside a joist', 'each', [1, 1], [0.1, 'place'], [0.15, 0.25, 0.5], GROUND),
  // Walls.
  t('wall-sheathing', 'Sheathing renewed, wall opened', '32 ft²', [2, 2], [0.3, 'place'], [1, 1.7, 3.2]),
  t('stud-sister', 'Stud sistered, wall open', 'each', [1, 2], [0.2, 'place'], [0.5, 0.9, 1.6], {
    breaksPaint: false,
  }),
  t(
    'stud-replace',
    'Bearing stud replaced on a temporary wall',
    'each',
    [2, 2],
    [1.5, 'place'],
    [1.2, 2, 4],
    { breaksPaint: false },
  ),
  t('sole-plate', 'Sole plate section', 'ft', [2, 2], [1.5, 'place'], [0.8, 1.4, 2.8], {
    breaksPaint: false,
  }),
  t('header', 'Header renewed on a temporary wall', 'each', [2, 2], [2, 'place'], [4, 7, 12], {
    breaksPaint: false,
  }),
  t('rim', 'Rim or band section', 'ft', [2, 2], [1, 'place'], [0.7, 1.4, 3], { breaksPaint: false }),
  t('mudsill', 'Mudsill section, jacked', 'ft', [2, 3], [3, 'place'], [1.3, 2.4, 5], GROUND),
]
