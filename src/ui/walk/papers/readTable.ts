/** Rows of a CSV text, quotes and separators as they come; loaded only when a list is taken in. */
export async function rowsOfCsv(text: string): Promise<string[][]> {
  const { default: Papa } = await import('papaparse')
  return Papa.parse<string[]>(text, { skipEmptyLines: 'greedy' }).data
}
