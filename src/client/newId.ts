/** A fresh id, made here. `crypto.randomUUID` is absent on plain-http addresses other than this computer's own. */
export function newId(): string {
  const bytes = crypto.getRandomValues(new Uint8Array(16))
  return [...bytes].map((byte) => byte.toString(16).padStart(2, '0')).join('')
}
