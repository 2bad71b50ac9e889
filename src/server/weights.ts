import 'server-only'
import type { z } from 'zod'
import { JOB_VERSION } from '../core/job'
import type { WeightsRequest } from '../core/contract'
import { insertEdition } from '../db/queries/company'
import { withTx } from '../db/tx'
import { context } from './context'
import { mustBeAllowed, type Member } from './http'
import { Refused } from './problem'
import { latestSettings } from './settings'

export type FirmWeights = z.infer<typeof WeightsRequest>

/** The weights that new jobs of the firm start from. */
export async function readFirmWeights(member: Member): Promise<FirmWeights> {
  const { pool } = await context()
  return withTx(pool, member.companyId, async (tx) => {
    const { edition, settings } = await latestSettings(tx)
    return { edition, likelihood_overrides: settings.likelihood_overrides }
  })
}

/**
 * Makes weights the firm's, as a new edition of its settings: new jobs start from it, jobs that are there keep theirs.
 *
 * Fails: `not-for-role`; `settings-changed` when the edition named is no longer the latest.
 */
export async function keepFirmWeights(member: Member, weights: FirmWeights): Promise<FirmWeights> {
  mustBeAllowed(member, 'change-firm-settings', 'Changing what the firm reckons with')
  const { pool } = await context()
  return withTx(pool, member.companyId, async (tx) => {
    const { edition, settings, rates } = await latestSettings(tx)
    if (edition !== weights.edition) throw new Refused({ kind: 'settings-changed' })
    const next = edition + 1
    const { likelihood_overrides } = weights
    const isAdded = await insertEdition(tx, {
      edition: next,
      schema: JOB_VERSION,
      settings: { ...settings, edition: next, likelihood_overrides },
      rates: { ...rates, edition: next },
    })
    if (!isAdded) throw new Refused({ kind: 'settings-changed' })
    return { edition: next, likelihood_overrides }
  })
}
