import { GOODS, goodName, type GoodRow } from '../catalogue'
import { newWorkItem, type WorkItem } from '../job'
import type { ScopeItem } from './scopeJob'

/** Trades whose visit has a price. */
export const TRADES: readonly GoodRow[] = GOODS.filter(({ kind }) => kind === 'trade')

/**
 * The visit of a trade that work was referred to, as an item of its own: what was referred stays theirs and is not in the price; that
 * somebody comes and says what it needs can be. It names its place in words and stands at no finding: it mends nothing there, and where
 * people are kept off, no work is sold.
 */
export function callOut(referred: Pick<ScopeItem, 'where'>, trade: string, id: string): WorkItem {
  return newWorkItem({
    id,
    method: 'own-work',
    name: goodName(trade),
    note: 'To say what it needs. What he then does is priced by him.',
    places: [{ at: { kind: 'words', words: referred.where.slice(0, 200) }, size: null, height: null }],
    lines: [{ kind: 'good', good: trade, quantity: 1 }],
  })
}
