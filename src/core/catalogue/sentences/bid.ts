/** What a bid says besides its clauses, and what is said before it may be sent. */
export const BID_SAYS = {
  localCode:
    'Local code, the authority having jurisdiction, product instructions and licensed practice prevail over anything in this bid.',
  statedCause: (cause: string, by: string) => `Consistent with: ${cause}, in the judgement of ${by}.`,
  tracedCause: (cause: string, certainty: string) => `Consistent with: ${cause} (${certainty}).`,
  notExplained: (look: string | null, price: string | null) =>
    look === null
      ? 'Not explained yet.'
      : `Not explained yet. Next look${price === null ? '' : ` (${price})`}: ${look}`,
  sureStated: (by: string) => `in the judgement of ${by}`,
  sureShown: 'as a test or an opening showed',
  sureTraced: (certainty: string) => `${certainty}, in our judgement`,
  estimator: 'the estimator',
  partNotNamed: 'part not named',
  notTouched: 'not touched',
  fromBelow: 'judged from below',
  paidElsewhere: 'The board is renewed with another item here, and paid for there.',
  taxIncluded: 'included',
  taxOnTop: 'sales tax',
  fixFixed: (fix: string) => `Its fix is in this bid: ${fix}.`,
  fixNamed: (fix: string) =>
    `Its fix is named in this bid and is not in its price: ${fix}. Until it is done, recurrence there is excluded from the warranty.`,
  fixTaken: (fix: string) => `Its fix was taken and is not in this bid yet: ${fix}.`,
  fixDeclined: (fix: string) =>
    `Its fix was declined: ${fix}. Recurrence there is excluded from the warranty.`,
  fixOpen: (fix: string) =>
    `Its fix is not in this bid (${fix}); recurrence there is excluded from the warranty.`,
  look: (of: { way: string; many: number; opens: boolean }) =>
    `Look ${of.way} at ${of.many === 1 ? 'one place' : `${of.many} places`} nobody reached${of.opens ? ', opened with your permission' : ''}`,
  pricedWith: (numbers: readonly string[]) => `in the price of number ${numbers.join(' and ')}`,
  chooseSomething: 'Choose at least one repair in Scope.',
  allLeftOut:
    'Nothing is left to price: every repair lies outside the scope line. Look at the line in Walk, or make what is meant ours.',
  answerList: (numbers: readonly string[]) =>
    `Answer every item of the response list: ${numbers.join(', ')} ${numbers.length === 1 ? 'is' : 'are'} open.`,
  takenNotDone: (letter: string) =>
    `The fix of source ${letter} was taken and nothing in the bid does it: take it again in Trace, or note that it is declined.`,
  moneyWithheld: 'Prices are not for your role; ask the office to send.',
  noRoom: 'Overhead and profit leave nothing for the work: lower one of them.',
  noRate: (names: readonly string[]) =>
    `No rate for ${names.join(', ')}: say it in Price, or type a price on the item.`,
  comesToNothing: (item: string) => `${item} comes to $0: type a price, or say that it is left out.`,
  typedForNothing: (item: string) =>
    `A price is typed for ${item}, and nothing of it is ours to sell: choose work of ours there, or take the price back.`,
  unnamedItem: 'An item',
} as const
