import { createHash } from 'node:crypto'
import { Refused } from '../problem'

export const sha256 = (bytes: Buffer | string): string => createHash('sha256').update(bytes).digest('hex')

/** Hash under which an owner's token is kept; the token itself is not. */
export function tokenHash(token: string): string {
  return sha256(token)
}

/**
 * What was frozen, checked whenever it is shown.
 *
 * @throws Refused `bid-tampered` when it is not what its seal was made over
 */
export function unbroken<T extends Buffer | string>(kept: T, seal: string): T {
  if (sha256(kept) !== seal) throw new Refused({ kind: 'bid-tampered' })
  return kept
}
