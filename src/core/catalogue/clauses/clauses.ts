import { rowsById, type Row } from '../row'

/** Where the words of a clause come from. */
export type ClauseWords =
  /** The firm's own, in its settings; empty there, the clause does not print. */
  | { readonly kind: 'setting'; readonly setting: string }
  /** Told from the job by the bid; with nothing to tell, the clause does not print. */
  | { readonly kind: 'told'; readonly teller: string }
  /** The same in every bid whose trigger is there. */
  | { readonly kind: 'fixed'; readonly text: string }

/** A clause of a bid: what it is for, where it stands, when it prints. */
export type ClauseRow = Row & {
  /** Place among the clauses. Those of sent bids stand in them as numbers: once given, one is never used for anything else. */
  readonly number: number
  readonly heading: string
  readonly words: ClauseWords
  /** A caution that must be raised for it to print; null: its words decide. */
  readonly onlyWith: string | null
}

const clause = (
  number: number,
  id: string,
  heading: string,
  words: ClauseWords,
  onlyWith: string | null = null,
): ClauseRow => ({ id, name: heading, source: 'common practice', number, heading, words, onlyWith })
const told = (teller: string): ClauseWords => ({ kind: 'told', teller })
const setting = (name: string): ClauseWords => ({ kind: 'setting', setting: name })

/** Clauses of a bid in the order they print. Purpose of each: common practice; the words of a firm are its own. */
export const CLAUSES: readonly ClauseRow[] = [
  clause(1, 'who-where-when', 'Who, where, when', told('who-where-when')),
  clause(3, 'scope-line', 'Where the work starts and stops', told('scope-line')),
  clause(42, 'must-stay', 'What stays as it is', told('must-stay')),
  clause(4, 'how-looked', 'How it was looked at, and what was not', told('how-looked')),
  clause(8, 'sources', 'Sources and what they reach', told('sources')),
  clause(9, 'declined', 'Declined advice', told('declined')),
  clause(36, 'decayed-wood', 'Decayed wood', told('decayed-wood')),
  clause(40, 'before-work', 'Before work begins', told('before-work')),
  clause(10, 'excluded', 'Not included', setting('excluded')),
  clause(22, 'price-basis', 'Price basis', told('price-basis')),
  clause(23, 'payments', 'Payments', setting('payments')),
  clause(24, 'start-window', 'When we start', setting('start_window')),
  clause(41, 'planned-days', 'Planned days', told('planned-days')),
  clause(25, 'change-orders', 'What we find, and changes', told('change-orders')),
  clause(26, 'warranty', 'Warranty', setting('warranty')),
  clause(30, 'notices', 'Notices', setting('required_notices')),
  clause(32, 'list', 'Answers to the list', told('list')),
]

/** One id and one number are one clause. */
export const CLAUSE_BY_ID = rowsById(CLAUSES)
