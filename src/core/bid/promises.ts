import { PROMISES } from '../catalogue/guards/promises'
import type { JobDocument } from '../job'

/** Words in a text of the firm that promise more than anybody can keep, or say more than was seen. */
export type Promised = { readonly where: string; readonly words: string; readonly instead: string }

/** Texts that a person typed and an owner reads, each with where it is typed. */
function typedTexts({
  work_items,
  settings,
  typed_prices,
}: JobDocument): readonly (readonly [where: string, text: string])[] {
  const { opening, closing } = settings.bid
  return [
    ['the words at the beginning of the bid', opening],
    ['the words at its end', closing],
    ...Object.entries(settings.clauses).flatMap(([name, text]) =>
      typeof text === 'string' ? [[`the clause on ${name.replaceAll('_', ' ')}`, text] as const] : [],
    ),
    ...work_items.flatMap(({ removed, name, note, owner_says, owner_sees }) =>
      removed
        ? []
        : ([
            ['the name of an item', name],
            [`the note of ${name || 'an item'}`, note],
            [`what ${name || 'an item'} says to the owner`, owner_says],
            [`what was seen at ${name || 'an item'}, as the owner reads it`, owner_sees],
          ] as const),
    ),
    ...typed_prices.map(({ reason, removed }) => ['the reason of a price', removed ? '' : reason] as const),
  ]
}

/** What the firm’s own words promise; to be looked at again before the bid leaves, never changed by itself. */
export function promisesIn(job: JobDocument): readonly Promised[] {
  return typedTexts(job).flatMap(([where, text]) =>
    PROMISES.flatMap(({ pattern, instead }) => {
      const found = pattern.exec(text)
      return found ? [{ where, words: found[0], instead }] : []
    }),
  )
}
