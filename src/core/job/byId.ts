type Row = { readonly id: string }

/** One index a list, made when it is first asked; lists of a job are never changed, so an edit makes only what it touched anew. */
const indexes = new WeakMap<readonly Row[], ReadonlyMap<string, Row>>()

/** The row with this id of a list of the job; none for no id. A job is asked thousands of times a run, so nothing searches. */
export function byId<T extends Row>(rows: readonly T[], id: string | null | undefined): T | undefined {
  if (id === null || id === undefined) return undefined
  let index = indexes.get(rows)
  if (!index) {
    index = new Map(rows.map((row) => [row.id, row]))
    indexes.set(rows, index)
  }
  return index.get(id) as T | undefined
}
