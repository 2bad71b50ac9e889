/**
 * Whether a writing request comes from our own page: its `Origin` is the configured address, or the very host it was sent to.
 * A browser sends the header with every such request and no foreign page can change it; without one the answer is no.
 *
 * @example
 * isOwnOrigin(new Headers({ origin: 'https://bids.example' }), 'https://bids.example') // => true
 * isOwnOrigin(new Headers({ origin: 'https://elsewhere.example' }), 'https://bids.example') // => false
 */
export function isOwnOrigin(headers: Headers, baseUrl: string): boolean {
  const said = headers.get('origin')
  if (said === null) return false
  let origin: URL
  try {
    origin = new URL(said)
  } catch {
    return false
  }
  if (origin.origin === new URL(baseUrl).origin) return true
  return origin.host === headers.get('host')
}
