import * as z from 'zod'
import { Sha256 } from '../../core/job'
import { maybeOne, run, type Tx } from '../tx'

const BlobRow = z.object({ media_type: z.string(), bytes: z.instanceof(Buffer) })
export type BlobRow = z.infer<typeof BlobRow>
export type Rendition = 'original' | 'screen' | 'thumbnail' | 'clip'

export async function findBlob(tx: Tx, sha256: string, rendition: Rendition): Promise<BlobRow | null> {
  if (!Sha256.safeParse(sha256).success) return null
  return maybeOne(
    tx,
    BlobRow,
    'select media_type, bytes from app.blob where company_id = $1 and sha256 = $2 and rendition = $3',
    [tx.companyId, sha256, rendition],
  )
}

/** Keeps bytes under their hash; the same picture twice is one. */
export async function insertBlob(
  tx: Tx,
  of: { sha256: string; rendition: Rendition; mediaType: string; bytes: Buffer },
): Promise<void> {
  await run(
    tx,
    `insert into app.blob (company_id, sha256, rendition, media_type, bytes) values ($1, $2, $3, $4, $5)
     on conflict do nothing`,
    [tx.companyId, of.sha256, of.rendition, of.mediaType, of.bytes],
  )
}

/** Is a picture or a clip of this hash here, whole. */
export async function hasBlob(tx: Tx, sha256: string): Promise<boolean> {
  const row = await maybeOne(
    tx,
    z.object({ found: z.boolean() }),
    `select exists (select from app.blob where company_id = $1 and sha256 = $2 and rendition in ('original', 'clip')) as found`,
    [tx.companyId, sha256],
  )
  return row?.found ?? false
}
