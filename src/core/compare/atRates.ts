import type { EntityOf, JobDocument } from '../job'
import type { Cents } from '../measure'
import { derive } from '../pipeline'
import type { Trace } from '../trace'

/** The job at other rates than its own: what it comes to, and the items that move, those that move most first. */
export type AtRates = {
  readonly now_cents: Cents
  readonly then_cents: Cents
  readonly moved: readonly {
    readonly item_id: string
    readonly name: string
    readonly now_cents: Cents
    readonly then_cents: Cents
  }[]
  /** A price typed by hand stays as it is, whatever the rates. */
  readonly typed: number
}

/**
 * What a job would come to at other rates. Typed prices stand.
 *
 * Ends: null where it is not priced at one of them.
 */
export function atRates(
  document: JobDocument,
  rates: EntityOf['rates'],
  today: string,
  already: { readonly trace?: Trace } = {},
): AtRates | null {
  const now = derive(document, today, already)
  const then = derive({ ...document, rates }, today, { trace: now.trace, coverage: now.coverage })
  const [a, b] = [now.price, then.price]
  if (a.kind !== 'priced' || b.kind !== 'priced') return null
  const nameOf = (id: string): string => now.scope.items.find((item) => item.id === id)?.name ?? ''
  const moved = a.lines.flatMap((line) => {
    const other = b.lines.find(({ item_id }) => item_id === line.item_id)
    return other && other.sell_cents !== line.sell_cents
      ? [
          {
            item_id: line.item_id,
            name: nameOf(line.item_id),
            now_cents: line.sell_cents,
            then_cents: other.sell_cents,
          },
        ]
      : []
  })
  return {
    now_cents: a.total_cents,
    then_cents: b.total_cents,
    moved: moved.toSorted(
      (x, y) => Math.abs(y.then_cents - y.now_cents) - Math.abs(x.then_cents - x.now_cents),
    ),
    typed: a.lines.filter(({ typed_cents }) => typed_cents !== null).length,
  }
}
