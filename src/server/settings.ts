import 'server-only'
import { JOB_VERSION, raiseBody, Rates, Settings } from '../core/job'
import { latestEdition } from '../db/queries/company'
import type { Tx } from '../db/tx'

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
    rates: Rates.parse(raiseBody('rates', found.rates, schema, JOB_VERSION)),
  }
}
