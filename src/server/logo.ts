import 'server-only'
import type { LogoAnswer } from '../core/contract'
import { findLogo, setLogo } from '../db/queries/company'
import { withTx } from '../db/tx'
import { context } from './context'
import { mustBeAllowed, type Member } from './http'
import { keepPicture, readyPicture } from './photos/pictures'

const WHAT = 'Changing the firm’s mark'

/** The firm's mark: everybody in it may see what its papers carry. */
export async function readLogo(member: Member): Promise<LogoAnswer> {
  const { pool } = await context()
  return { logo: await withTx(pool, member.companyId, findLogo) }
}

/** Keeps a picture as the firm's mark; bids sent from now on carry it. @throws Refused `not-a-picture`, `not-for-role`. */
export async function keepLogo(member: Member, bytes: Buffer): Promise<LogoAnswer> {
  mustBeAllowed(member, 'keep-people', WHAT)
  const { pool } = await context()
  const ready = await readyPicture(bytes)
  return withTx(pool, member.companyId, async (tx) => {
    const { sha256 } = await keepPicture(tx, ready)
    await setLogo(tx, sha256)
    return { logo: sha256 }
  })
}

/** Bids sent from now on carry no mark; those that were sent keep theirs. */
export async function dropLogo(member: Member): Promise<LogoAnswer> {
  mustBeAllowed(member, 'keep-people', WHAT)
  const { pool } = await context()
  await withTx(pool, member.companyId, (tx) => setLogo(tx, null))
  return { logo: null }
}
