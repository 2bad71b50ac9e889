import * as z from 'zod'
import { maybeOne, many, run, type Tx } from '../tx'

const Have = z.object({ have: z.union([z.string(), z.number()]).transform(Number) })

/** Bytes of an upload that are here, from its beginning without a gap. */
export async function uploadedBytes(tx: Tx, uploadId: string): Promise<number> {
  const row = await maybeOne(
    tx,
    Have,
    `select coalesce(sum(length(bytes)), 0) as have from app.upload_part
     where company_id = $1 and upload_id = $2`,
    [tx.companyId, uploadId],
  )
  return row?.have ?? 0
}

/** Holds other senders of the same upload back until this transaction ends. */
export async function lockUpload(tx: Tx, uploadId: string): Promise<void> {
  await run(tx, 'select pg_advisory_xact_lock(hashtextextended($1, 0))', [`${tx.companyId}/${uploadId}`])
}

export async function addPart(tx: Tx, of: { uploadId: string; at: number; bytes: Buffer }): Promise<void> {
  await run(
    tx,
    'insert into app.upload_part (company_id, upload_id, at_byte, bytes) values ($1, $2, $3, $4)',
    [tx.companyId, of.uploadId, of.at, of.bytes],
  )
}

const PartRow = z.object({ bytes: z.instanceof(Buffer) })

export async function readParts(tx: Tx, uploadId: string): Promise<Buffer> {
  const rows = await many(
    tx,
    PartRow,
    'select bytes from app.upload_part where company_id = $1 and upload_id = $2 order by at_byte',
    [tx.companyId, uploadId],
  )
  return Buffer.concat(rows.map((row) => row.bytes))
}

/** Clears an upload that is whole, and those that nobody went on with for a week. */
export async function dropParts(tx: Tx, uploadId: string): Promise<void> {
  await run(
    tx,
    `delete from app.upload_part
     where company_id = $1 and (upload_id = $2 or received_at < now() - interval '7 days')`,
    [tx.companyId, uploadId],
  )
}
