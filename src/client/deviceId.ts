import { newId } from './newId'

/** This browser, so that its queue never conflicts with itself, also after a reload. */
export function deviceId(): string {
  try {
    const kept = localStorage.getItem('detrimus-device')
    if (kept) return kept
    const fresh = newId()
    localStorage.setItem('detrimus-device', fresh)
    return fresh
  } catch {
    return newId()
  }
}
