/** A fresh id, made here. `crypto.randomUUID` is absent on plain-http addresses other than this computer's own. */
export function newId(): string {
  return hexOf(crypto.getRandomValues(new Uint8Array(16)))
}

function hexOf(bytes: Uint8Array): string {
  return [...bytes].map((byte) => byte.toString(16).padStart(2, '0')).join('')
}

/** A fresh id in the form the database's own ids have (RFC 9562, version 4). */
export function newUuid(): string {
  const bytes = crypto.getRandomValues(new Uint8Array(16))
  bytes[6] = ((bytes[6] ?? 0) & 0x0f) | 0x40
  bytes[8] = ((bytes[8] ?? 0) & 0x3f) | 0x80
  const hex = hexOf(bytes)
  return [hex.slice(0, 8), hex.slice(8, 12), hex.slice(12, 16), hex.slice(16, 20), hex.slice(20)].join('-')
}
