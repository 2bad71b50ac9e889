import 'server-only'
import { findBlob } from '../../db/queries/blobs'
import { withTx } from '../../db/tx'
import { context } from '../context'
import type { Member } from '../http'
import { printSize } from './pictures'

/** Pictures in the size of paper, by their hashes; those that never arrived are left out. */
export async function printedPictures(
  member: Member,
  hashes: readonly string[],
): Promise<ReadonlyMap<string, Uint8Array>> {
  const { pool } = await context()
  const pictures = new Map<string, Uint8Array>()
  for (const hash of hashes) {
    const blob = await withTx(pool, member.companyId, (tx) => findBlob(tx, hash, 'screen'))
    if (blob) pictures.set(hash, await printSize(blob.bytes))
  }
  return pictures
}
