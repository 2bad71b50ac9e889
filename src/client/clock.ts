/**
 * The time as the server has it. A phone's clock may be wrong by hours; what is written down carries the server's time once one
 * answer has come through, and says so when the two differ.
 */
let offset_ms = 0

/** How far this device's clock is off before anyone is told. */
const CLOCK_TOLERANCE_MS = 120_000

/** Learns from the `date` header of an answer, which has whole seconds. */
export function learnTime(header: string | null): void {
  const told = header === null ? Number.NaN : Date.parse(header)
  if (!Number.isNaN(told)) offset_ms = told - Date.now()
}

/** Milliseconds this device is behind the server; negative when it is ahead. */
export function clockOffset(): number {
  return offset_ms
}

/** Now, in UTC to the second, by the server's clock as far as it is known. */
export function now(): string {
  return `${new Date(Date.now() + offset_ms).toISOString().slice(0, 19)}Z`
}

/** Minutes this device is behind the server, negative when it is ahead; null while it is near enough. */
export function minutesOff(): number | null {
  const off_ms = clockOffset()
  return Math.abs(off_ms) > CLOCK_TOLERANCE_MS ? Math.round(off_ms / 60_000) : null
}
