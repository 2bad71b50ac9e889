/** A name that any device takes for a file. */
export const fileName = (title: string, list: string, kind: string): string =>
  `${title.replace(/[^\p{L}\p{N}]+/gu, '-').replace(/^-|-$/g, '') || 'job'}-${list}.${kind}`
