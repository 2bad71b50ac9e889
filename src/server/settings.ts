import 'server-only'
import { JOB_VERSION, raiseBody, Rates, Settings, startingRates } from '../core/job'
import { latestEdition } from '../db/queries/company'
import type { Tx } from '../db/tx'

/** Goods and boards that came into the catalogue after the edition was written, at their shipped price until the firm has its own. */
function withNewRows(rates: Rates): Rates {
  const shipped = startingRates()
  return {
    ...rates,
    section_cents_per_ft: { ...shipped.section_cents_per_ft, ...rates.section_cents_per_ft },
    consumable_cents: { ...shipped.consumable_cents, ...rates.consumable_cents },
  }
}

/**
 * The firm's latest settings: what new jobs pin.
 *
 * @throws Error for a firm without an edition: one is written when the firm is made
 */
export async function latestSettings(tx: Tx): Promise<{ edition: number; settings: Settings; rates: Rates }> {
  const found = await latestEdition(tx)
  if (!found) throw new Error(`Company ${tx.companyId} has no settings edition.`)
  const { edition, schema } = found
  return {
    edition,
    settings: Settings.parse(raiseBody('settings', found.settings, schema, JOB_VERSION)),
    rates: withNewRows(Rates.parse(raiseBody('rates', found.rates, schema, JOB_VERSION))),
  }
}
