/** Where a row or a number comes from: print, what the trade does, or us. A firm's closed jobs replace what is ours. */
export type Source = 'published' | 'common practice' | 'our judgement'

/** What every row carries. Ids stand in job files: once given, an id is never used for anything else. */
export type Row = {
  readonly id: string
  readonly name: string
  readonly source: Source
}

/** Rows by their ids. @throws Error when two rows have one id: a fault of the catalogue, found by the first test that loads it. */
export function rowsById<T extends { readonly id: string }>(rows: readonly T[]): ReadonlyMap<string, T> {
  const map = new Map<string, T>()
  for (const row of rows) {
    if (map.has(row.id)) throw new Error(`two rows of the catalogue are called ${row.id}`)
    map.set(row.id, row)
  }
  return map
}
