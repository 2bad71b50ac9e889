/** Today where this device is, `YYYY-MM-DD`. */
export function localDay(): string {
  return new Intl.DateTimeFormat('en-CA', { dateStyle: 'short' }).format(new Date())
}
