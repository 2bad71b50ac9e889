import type { TickState } from './ticks'

const LOOKS: Record<TickState, string> = {
  done: 'bg-moss border-moss',
  typed: 'bg-ink border-ink',
  choice: 'bg-paper border-moss border-2',
  open: 'bg-pencil border-ink rotate-45 scale-90',
  planned: 'bg-tape border-ink',
  others: 'border-ink bg-[repeating-linear-gradient(135deg,var(--color-ink)_0_1px,transparent_1px_3px)]',
}

/** The sign of how a thing stands: the same under the ribbon and in the lists. */
export function TickSign({ state }: { state: TickState }) {
  return <span aria-hidden className={`inline-block size-2.5 shrink-0 border ${LOOKS[state]}`} />
}
