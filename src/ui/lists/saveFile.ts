/** Hands a file to whoever sits before the page. */
export function save(name: string, blob: Blob): void {
  const url = URL.createObjectURL(blob)
  const link = document.createElement('a')
  link.href = url
  link.download = name
  link.click()
  setTimeout(() => URL.revokeObjectURL(url), 10_000)
}

/** A name that any device takes for a file. */
export const fileName = (title: string, list: string, kind: string): string =>
  `${title.replace(/[^\p{L}\p{N}]+/gu, '-').replace(/^-|-$/g, '') || 'job'}-${list}.${kind}`
