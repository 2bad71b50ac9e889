'use client'

import { newId } from '../../client/newId'
import { now } from '../../client/clock'
import { FINDS } from '../../core/catalogue/hidden/finds'
import type { ChangeOrder, EntityOf, Finding, OpenedPlace, OrderAnswer, TypedPrice } from '../../core/job'
import { foundWork, guessOf, toldOf } from '../../core/open/foundWork'
import type { CauseId } from '../../core/trace'
import type { OrderDraft } from '../../core/open/draftOrder'
import { today } from '../state/today'
import { useJob } from '../state/useJob'

/** What somebody says of a place he opened. */
export type Opening = {
  readonly finding: Finding
  readonly counts: Readonly<Record<string, number>>
  readonly taped: Finding['extent']
  /** What had done it, as it is seen now; null: not seen. */
  readonly causedBy: CauseId | null
  readonly words: string
  readonly tonight: string
  readonly photoIds: readonly string[]
}

/** What the owner says in front of the one who asks him. */
export type Said = Pick<OrderAnswer, 'says' | 'name' | 'role' | 'signature'>

/** Edits of what is opened, found and asked: each one touch, and taken back as one. */
export type OpenEdits = {
  readonly open: (of: Opening) => string | null
  readonly ask: (
    of: OrderDraft & Pick<ChangeOrder, 'bid_id' | 'words' | 'tonight' | 'photo_ids'>,
    said: Said | null,
  ) => string | null
  readonly answer: (orderId: string, said: Said) => string | null
  readonly withdraw: (orderId: string) => string | null
  /** It was not opened after all; questions to the owner that still wait for it are withdrawn. */
  readonly takeBack: (place: OpenedPlace, asked: readonly string[]) => string | null
}

const SEEN = 'seen when it was opened'
const judgementOf = ({ finding_id, opened_by }: OpenedPlace, cause: CauseId): EntityOf['judgement'] => ({
  ...{ id: newId(), removed: false, finding_ids: [finding_id], cause, by: opened_by },
  reason: SEEN,
})

export function useOpenEdits(): OpenEdits {
  const { store, view, derived, job } = useJob()
  const by = view.member.name
  const answerOf = (order_id: string, said: Said): OrderAnswer => ({
    ...{ id: newId(), removed: false, order_id, said_at: now() },
    ...said,
  })
  return {
    open: ({ finding, counts, taped, causedBy, words, tonight, photoIds }) => {
      const made = FINDS.flatMap((find) => {
        const count = counts[find.id] ?? 0
        if (count === 0) return []
        const ids = { finding: newId(), item: newId() }
        return [{ find, count, ...foundWork(find, count, { behind: finding, ids, by, photo_ids: photoIds }) }]
      })
      const place: OpenedPlace = {
        id: newId(),
        removed: false,
        finding_id: finding.id,
        opened_on: today(job.job.time_zone),
        opened_by: by,
        guess: guessOf(finding, derived),
        told: toldOf(finding, derived),
        caused_by: causedBy,
        found: made.map(({ find, count, item }) => ({ find: find.id, count, item_id: item.id })),
        taped,
        said: finding.extent,
        words,
        tonight,
        photo_ids: [...photoIds],
      }
      const edits: (() => string | null)[] = [
        ...made.flatMap((each) => [
          () => store.create('finding', each.finding),
          () => store.create('work_item', each.item),
        ]),
        ...(taped ? [() => store.set('finding', finding.id, { extent: taped })] : []),
        () => store.create('opened_place', place),
        // What is seen goes before what is reckoned.
        ...(causedBy && causedBy !== place.told?.cause
          ? [() => store.create('judgement', judgementOf(place, causedBy))]
          : []),
      ]
      return store.together(() => edits.reduce<string | null>((wrong, edit) => wrong ?? edit(), null))
    },
    ask: ({ bid_id, words, tonight, photo_ids, ...draft }, said) => {
      const { lines, tax_cents, total_cents, crew_days, ends_before, ends_after } = draft
      const order: ChangeOrder = {
        ...{ id: newId(), removed: false, bid_id, made_at: now(), made_by: by },
        ...{ lines, tax_cents, total_cents, crew_days, ends_before, ends_after },
        ...{ words, tonight, photo_ids },
      }
      return store.together(
        () =>
          typedPrices(order, job).reduce<string | null>(
            (wrong, price) => wrong ?? store.create('typed_price', price),
            null,
          ) ??
          store.create('change_order', order) ??
          (said ? store.create('order_answer', answerOf(order.id, said)) : null),
      )
    },
    answer: (orderId, said) => store.create('order_answer', answerOf(orderId, said)),
    withdraw: (orderId) => store.set('change_order', orderId, { removed: true }),
    takeBack: (place, asked) =>
      store.together(() => {
        const items = place.found.map(({ item_id }) => item_id)
        for (const id of asked) store.set('change_order', id, { removed: true })
        const findings = job.work_items
          .filter(({ id }) => items.includes(id))
          .flatMap(({ finding_ids }) => finding_ids)
        for (const id of items) store.set('work_item', id, { removed: true })
        for (const id of findings) store.set('finding', id, { removed: true })
        const { finding_id, caused_by } = place
        for (const { id, finding_ids, cause, reason } of job.judgements)
          if (reason === SEEN && cause === caused_by && finding_ids.includes(finding_id))
            store.set('judgement', id, { removed: true })
        return store.set('opened_place', place.id, { removed: true })
      }),
  }
}

/** What was agreed for finds is their price from now on, in the job as well as in the order. */
function typedPrices(
  order: ChangeOrder,
  job: { typed_prices: readonly TypedPrice[] },
): EntityOf['typed_price'][] {
  return order.lines
    .filter(({ kind, item_id }) => {
      const has = job.typed_prices.some(({ on }) => on.kind === 'item' && on.item_id === item_id)
      return kind === 'found' && !has
    })
    .map(({ item_id, cents, reckoned }) => ({
      id: newId(),
      removed: false,
      on: { kind: 'item', item_id },
      cents,
      reason: reckoned,
    }))
}
