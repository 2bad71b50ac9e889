import { DECK_POINTS, type DeckPoint } from '../../catalogue/measures/deckPoints'

/** A point of the deck check by its id; null for one of a newer edition. */
export function cautionedPoint(id: string): DeckPoint | null {
  return DECK_POINTS.find((each) => each.id === id) ?? null
}
