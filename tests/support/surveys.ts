import type { Survey } from '../../src/core/job'

type Deck = Extract<Survey, { kind: 'deck' }>

/** A deck survey with nothing measured, but for the points that are answered. */
export function freshDeck(answers: readonly (readonly [string, Deck['answers'][number]['answer']])[]): Deck {
  return {
    id: 'deck-survey',
    removed: false,
    day: '2026-03-04',
    by: 'Dov',
    instrument: '',
    note: '',
    finding_ids: [],
    kind: 'deck',
    feature_id: null,
    answers: answers.map(([point, answer]) => ({ point, answer })),
    wood: 'unknown',
    joist: null,
    joist_spacing_in: null,
    joist_span: null,
    beam: null,
    beam_plies: null,
    beam_span: null,
    post: null,
    post_height: null,
    ledger_by: 'unknown',
    ledger_spacing: null,
    guard_height: null,
    guard_opening: null,
  }
}
