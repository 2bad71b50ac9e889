/** The service worker that lets pages open without a signal; absent in development and on plain-http addresses. */
export function registerServiceWorker(): void {
  if (process.env.NODE_ENV !== 'production' || !('serviceWorker' in navigator)) return
  void navigator.serviceWorker
    .register('/sw.js')
    .then(() => navigator.serviceWorker.ready)
    .then((ready) => ready.active?.postMessage({ kind: 'warm' }))
    .catch((error: unknown) => {
      // Everything works without it but opening a page offline; the header still says what is kept.
      console.error('No service worker:', error)
    })
}

/** Takes the firm's pages and pictures off this device. */
export async function forgetPages(): Promise<void> {
  if (!('serviceWorker' in navigator)) return
  const registration = await navigator.serviceWorker.getRegistration().catch(() => undefined)
  registration?.active?.postMessage({ kind: 'forget' })
}
