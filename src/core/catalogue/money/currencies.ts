import { rowsById, type Row } from '../row'

/** A currency a firm reckons in. `says`: how its bids and invoices name it; empty where nobody would think of another. */
export type CurrencyRow = Row & { readonly says: string }

const row = (id: string, name: string, says = ''): CurrencyRow => ({
  id,
  name,
  says,
  source: 'common practice',
})

/** Currencies of hundred cents that are written with the sign $. */
export const CURRENCIES: readonly CurrencyRow[] = [
  row('USD', 'dollars of the United States'),
  row('CAD', 'Canadian dollars', 'All prices are in Canadian dollars.'),
  row('AUD', 'Australian dollars', 'All prices are in Australian dollars.'),
  row('NZD', 'New Zealand dollars', 'All prices are in New Zealand dollars.'),
]
/** Currencies by their ids. */
export const CURRENCY_BY_ID = rowsById(CURRENCIES)
