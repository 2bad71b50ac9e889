import * as z from 'zod'
import { many, run, type Tx } from '../tx'

const WordRow = z.object({ phrase: z.string(), means: z.unknown(), taught_by: z.string() })
export type WordRow = z.infer<typeof WordRow>

export function listWords(tx: Tx): Promise<WordRow[]> {
  return many(
    tx,
    WordRow,
    'select phrase, means, taught_by from app.company_word where company_id = $1 order by phrase',
    [tx.companyId],
  )
}

/** Teaches a word; a later meaning replaces the earlier one. */
export async function saveWord(tx: Tx, of: { phrase: string; means: unknown; by: string }): Promise<void> {
  await run(
    tx,
    `insert into app.company_word (company_id, phrase, means, taught_by) values ($1, $2, $3, $4)
     on conflict (company_id, phrase)
     do update set means = excluded.means, taught_by = excluded.taught_by, taught_at = now()`,
    [tx.companyId, of.phrase, JSON.stringify(of.means), of.by],
  )
}

export async function dropWord(tx: Tx, phrase: string): Promise<void> {
  await run(tx, 'delete from app.company_word where company_id = $1 and phrase = $2', [tx.companyId, phrase])
}
