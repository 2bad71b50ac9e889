type Known<Row, Key extends keyof Row> = Row & { readonly [K in Key]: NonNullable<Row[K]> }

/** Rows that were read: a row that was only begun is no reading. */
export function known<Row, Key extends keyof Row>(rows: readonly Row[], ...keys: Key[]): Known<Row, Key>[] {
  return rows.filter((row): row is Known<Row, Key> => keys.every((key) => row[key] !== null))
}
