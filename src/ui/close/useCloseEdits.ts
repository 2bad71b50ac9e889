'use client'

import { newId } from '../../client/newId'
import { now } from '../../client/clock'
import type {
  BoughtGood,
  Claim,
  FinishedItem,
  FollowUp,
  Handover,
  Invoice,
  Payment,
  Receipt,
  WorkSpell,
} from '../../core/job'
import { today } from '../state/today'
import { useJob } from '../state/useJob'

type Said<T> = Omit<T, 'id' | 'removed'>

/** Edits of hours, goods, what is done and its money. Each says what is wrong, or null. */
export type CloseEdits = {
  readonly start: (of: Pick<WorkSpell, 'on' | 'people'>) => string | null
  readonly stop: (id: string) => string | null
  readonly write: (of: Said<WorkSpell>) => string | null
  readonly change: (id: string, of: Partial<Omit<WorkSpell, 'id'>>) => string | null
  readonly buy: (of: Omit<Said<BoughtGood>, 'by' | 'photo_ids'>) => string | null
  readonly finish: (item_id: string, photo_ids: readonly string[]) => string | null
  readonly unfinish: (finished: FinishedItem) => string | null
  readonly receive: (of: Omit<Said<Receipt>, 'photo_ids'>) => string | null
  readonly invoice: (of: Said<Omit<Invoice, 'made_at' | 'made_by' | 'number'>>) => string | null
  readonly pay: (of: Said<Payment>) => string | null
  readonly handOver: (of: Partial<Pick<Handover, 'on' | 'words'>>) => string | null
  readonly follow: (of: Pick<FollowUp, 'what' | 'due' | 'item_id'>) => string | null
  readonly claim: (of: Said<Claim> & { readonly id: string }) => string | null
}

export function useCloseEdits(): CloseEdits {
  const { store, view, job } = useJob()
  const by = view.member.name
  const fresh = () => ({ id: newId(), removed: false })
  const stop = (id: string): string | null => store.set('work_spell', id, { ended_at: now() })
  return {
    // Whoever starts something else has stopped what he was at.
    start: ({ on, people }) =>
      store.together(() => {
        const mine = job.work_spells.filter(
          (each) => !each.removed && each.ended_at === null && each.by === by,
        )
        const wrong = mine.reduce<string | null>((said, { id }) => said ?? stop(id), null)
        return (
          wrong ??
          store.create('work_spell', {
            ...fresh(),
            ...{ on, people, by, began_at: now(), ended_at: null, pause_min: 0, how: 'clock', words: '' },
          })
        )
      }),
    stop,
    write: (of) => store.create('work_spell', { ...fresh(), ...of }),
    change: (id, of) => store.set('work_spell', id, of),
    buy: (of) => store.create('bought_good', { ...fresh(), ...of, by, photo_ids: [] }),
    finish: (item_id, photo_ids) => {
      const held = job.finished_items.findLast((each) => each.item_id === item_id && !each.removed)
      if (held) return store.set('finished_item', held.id, { photo_ids: [...held.photo_ids, ...photo_ids] })
      const on = today(job.job.time_zone)
      return store.create('finished_item', {
        ...fresh(),
        ...{ item_id, on, by, words: '', photo_ids: [...photo_ids] },
      })
    },
    unfinish: ({ id }) => store.set('finished_item', id, { removed: true }),
    receive: (of) => store.create('receipt', { ...fresh(), ...of, photo_ids: [] }),
    invoice: (of) =>
      store.create('invoice', {
        ...fresh(),
        ...of,
        number: 1 + Math.max(0, ...job.invoices.map(({ number }) => number)),
        made_at: now(),
        made_by: by,
      }),
    pay: (of) => store.create('payment', { ...fresh(), ...of }),
    handOver: (of) =>
      job.handover && !job.handover.removed
        ? store.set('handover', job.handover.id, of)
        : job.handover
          ? store.set('handover', job.handover.id, { ...of, removed: false })
          : store.create('handover', {
              ...{ id: 'handover', removed: false, on: today(job.job.time_zone), by, words: '' },
              ...of,
            }),
    follow: (of) => store.create('follow_up', { ...fresh(), ...of, done_on: null, saw: '', photo_ids: [] }),
    claim: ({ id, ...of }) => store.create('claim', { id, removed: false, ...of }),
  }
}
