import 'server-only'
import type { FirmFace, FirmRatesAnswer, FirmValuesAnswer, FirmValuesRequest } from '../core/contract'
import { firmValues, valueErrorWords, withValues } from '../core/firmValues'
import { JOB_VERSION, type Settings } from '../core/job'
import { insertEdition, renameCompany } from '../db/queries/company'
import { withTx } from '../db/tx'
import { context } from './context'
import { mustBeAllowed, type Member } from './http'
import { Refused } from './problem'
import { latestSettings } from './settings'

const faceIn = ({ firm_name, firm_place, licence_line }: Settings): FirmFace => ({
  firm_name,
  firm_place,
  licence_line,
})

const WHAT = 'Changing what the firm reckons with'

/** What the firm's new jobs are reckoned with, shipped beside its own. Only for those who may change it: there is money in it. */
export async function readFirmValues(member: Member): Promise<FirmValuesAnswer> {
  mustBeAllowed(member, 'change-firm-settings', WHAT)
  const { pool } = await context()
  const { edition, settings, rates } = await withTx(pool, member.companyId, latestSettings)
  return { edition, values: firmValues(settings, rates), clauses: settings.clauses, firm: faceIn(settings) }
}

/** The firm's rates of today. @throws Refused `not-for-role` for whoever sees no money. */
export async function readFirmRates(member: Member): Promise<FirmRatesAnswer> {
  mustBeAllowed(member, 'see-money', 'Looking at the rates')
  const { pool } = await context()
  const { edition, rates } = await withTx(pool, member.companyId, latestSettings)
  return { edition, rates }
}

/**
 * Makes values and clauses the firm's, as a new edition of its settings: new jobs start from it, jobs that are there keep theirs.
 *
 * Fails: `not-for-role`; `malformed` with every value that is wrong; `settings-changed` when the edition named is no longer the latest.
 */
export async function keepFirmValues(member: Member, wish: FirmValuesRequest): Promise<FirmValuesAnswer> {
  mustBeAllowed(member, 'change-firm-settings', WHAT)
  const { pool } = await context()
  return withTx(pool, member.companyId, async (tx) => {
    const { edition, settings, rates } = await latestSettings(tx)
    if (edition !== wish.edition) throw new Refused({ kind: 'settings-changed' })
    const made = withValues({ settings, rates }, wish.changes)
    if (!made.ok) {
      const issues = made.error.map((error) => ({ path: error.key, message: valueErrorWords(error) }))
      throw new Refused({ kind: 'malformed', issues })
    }
    const next = edition + 1
    const kept = {
      settings: { ...made.value.settings, edition: next, clauses: wish.clauses, ...wish.firm },
      rates: { ...made.value.rates, edition: next },
    }
    const isAdded = await insertEdition(tx, { edition: next, schema: JOB_VERSION, ...kept })
    if (!isAdded) throw new Refused({ kind: 'settings-changed' })
    await renameCompany(tx, wish.firm.firm_name)
    return {
      edition: next,
      values: firmValues(kept.settings, kept.rates),
      clauses: kept.settings.clauses,
      firm: faceIn(kept.settings),
    }
  })
}
