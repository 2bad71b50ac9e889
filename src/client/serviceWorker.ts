/** Where the worker keeps pages, and under which name the page a job opens with; the worker uses the same. */
const PAGES = 'detrimus-pages'
const JOB_SHELL = '/jobs/shell'
const LIST_SHELL = '/jobs/list-shell'
const WARM_TRIES = 10
const WARM_EVERY_MS = 3000

/** Pages of people who are not signed in: for them there is no job page to keep. */
function isOutside(): boolean {
  const { pathname } = window.location
  return pathname === '/sign-in' || pathname.startsWith('/o/') || pathname.startsWith('/join/')
}

/** Asks the worker to keep the page a job opens with, until it has it: a message to a worker that is just starting can be lost. */
async function warm(): Promise<void> {
  const { active } = await navigator.serviceWorker.ready
  for (let tries = 0; tries < WARM_TRIES; tries += 1) {
    const [job, list] = await Promise.all(
      [JOB_SHELL, LIST_SHELL].map((name) => caches.match(name, { cacheName: PAGES })),
    )
    if (job && list) return
    active?.postMessage({ kind: 'warm' })
    await new Promise((resolve) => setTimeout(resolve, WARM_EVERY_MS))
  }
}

/** The service worker that lets pages open without a signal; absent in development and on plain-http addresses. */
export function registerServiceWorker(): void {
  if (process.env.NODE_ENV !== 'production' || !('serviceWorker' in navigator)) return
  void navigator.serviceWorker
    .register('/sw.js')
    .then(() => (isOutside() ? undefined : warm()))
    .catch((error: unknown) => {
      // Everything works without it but opening a page offline; the header still says what is kept.
      console.error('No service worker:', error)
    })
}
