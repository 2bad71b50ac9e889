import 'server-only'
import { randomBytes, randomUUID } from 'node:crypto'
import type { Pool } from 'pg'
import { JOB_VERSION, startingRates, startingSettings } from '../core/job'
import { insertCompany, insertEdition } from '../db/queries/company'
import { insertInvitation } from '../db/queries/people'
import { withTx } from '../db/tx'
import { tokenHash } from './bids/seal'

const OPENS_DAYS = 7

/**
 * Begins a firm with nothing in it but what all start from, and an invitation for its first person, who may do everything there.
 * For whoever runs the server: nobody signs himself up.
 */
export async function beginFirm(
  pool: Pool,
  of: { readonly name: string; readonly baseUrl: string },
): Promise<{ companyId: string; url: string }> {
  const companyId = randomUUID()
  const token = randomBytes(32).toString('base64url')
  await withTx(pool, companyId, async (tx) => {
    await insertCompany(tx, of.name)
    await insertEdition(tx, {
      edition: 1,
      schema: JOB_VERSION,
      settings: startingSettings({ name: of.name, place: '', licence: '' }),
      rates: startingRates(),
    })
    await insertInvitation(tx, {
      id: randomUUID(),
      tokenHash: tokenHash(token),
      name: '',
      role: 'owner-estimator',
      by: 'Whoever runs this server',
      expiresAt: new Date(Date.now() + OPENS_DAYS * 86_400_000),
    })
  })
  return { companyId, url: `${of.baseUrl}/join/${token}` }
}
