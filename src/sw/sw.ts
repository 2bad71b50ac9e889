import {
  CacheFirst,
  ExpirationPlugin,
  NetworkFirst,
  NetworkOnly,
  Serwist,
  type PrecacheEntry,
  type RuntimeCaching,
  type SerwistGlobalConfig,
  type SerwistPlugin,
} from 'serwist'

declare global {
  interface WorkerGlobalScope extends SerwistGlobalConfig {
    __SW_MANIFEST: (PrecacheEntry | string)[] | undefined
  }
}
declare const self: ServiceWorkerGlobalScope & { __SW_MANIFEST: (PrecacheEntry | string)[] | undefined }

const PAGES = 'detrimus-pages'
const JOB_SHELL = '/jobs/shell'
const LIST_SHELL = '/jobs/list-shell'
const LIST_WITHIN_MS = 4000
const PICTURES = 'detrimus-pictures'

/** Turbopack hands a worker its set-up in the URL's fragment; a cached script loses it unless the response has no URL of its own. */
const keepWorkerUrl: SerwistPlugin = {
  handlerWillRespond: ({ request, response }) =>
    Promise.resolve(
      request.destination === 'worker' || request.destination === 'sharedworker'
        ? new Response(response.body, {
            status: response.status,
            statusText: response.statusText,
            headers: response.headers,
          })
        : response,
    ),
}

function isJob(url: URL): boolean {
  return /^\/jobs\/[^/]+(\/[a-z]+)?$/.test(url.pathname)
}

/** Pages whose own text holds nothing of a firm: what they show comes from sealed copies and the server. */
function isPlain(url: URL): boolean {
  return /^\/handbook(\/|$)/.test(url.pathname) || url.pathname === '/devices'
}

/** Keeps the page a job, or the list of jobs, opens with. It holds nothing of either: what it shows, the local store holds. */
async function fetchShell(request: Request, name = JOB_SHELL): Promise<Response> {
  const response = await fetch(request.url, { credentials: 'same-origin', redirect: 'follow' })
  // Signed out, the server answers with the sign-in page: that is no shell. Nor is a page of another network's.
  const isOurs = response.headers.get('content-security-policy')?.includes("'nonce-") === true
  if (response.ok && !response.redirected && isOurs) {
    const cache = await caches.open(PAGES)
    await cache.put(name, response.clone())
  }
  // A page may not be answered with what was fetched from elsewhere: the browser is sent there itself.
  return response.redirected ? Response.redirect(response.url, 302) : response
}

/** The list of jobs: as the server has it, soon, else the page kept here. */
async function listShell(request: Request): Promise<Response> {
  const kept = await caches.match(LIST_SHELL, { cacheName: PAGES })
  if (!kept) return fetchShell(request, LIST_SHELL)
  const late = new Promise<Response>((resolve) => setTimeout(() => resolve(kept), LIST_WITHIN_MS))
  return Promise.race([fetchShell(request, LIST_SHELL).catch(() => kept), late])
}

async function jobShell(request: Request): Promise<Response> {
  const kept = await caches.match(JOB_SHELL, { cacheName: PAGES })
  if (!kept) return fetchShell(request)
  // The next opening has the newest page; this one does not wait for it.
  void fetchShell(request).catch(() => undefined)
  return kept
}

/** A page that is not here and cannot be fetched: it says so. */
async function noSignal(): Promise<Response> {
  return (await worker.matchPrecache('/offline.html')) ?? Response.error()
}

const rules: RuntimeCaching[] = [
  {
    // Pictures are named by their hash and never change.
    matcher: ({ url, sameOrigin }) => sameOrigin && url.pathname.startsWith('/api/photos/'),
    handler: new CacheFirst({
      cacheName: PICTURES,
      plugins: [
        new ExpirationPlugin({ maxEntries: 600, maxAgeSeconds: 60 * 86_400, purgeOnQuotaError: true }),
      ],
    }),
  },
  {
    matcher: ({ url, sameOrigin }) => sameOrigin && url.pathname.startsWith('/api/'),
    handler: new NetworkOnly(),
  },
  {
    matcher: ({ request, url, sameOrigin }) => sameOrigin && request.mode === 'navigate' && isJob(url),
    handler: ({ request }) => jobShell(request).catch(noSignal),
  },
  {
    matcher: ({ url, sameOrigin }) => sameOrigin && url.pathname.startsWith('/_next/static/'),
    handler: new CacheFirst({ cacheName: 'detrimus-static', plugins: [keepWorkerUrl] }),
  },
  {
    matcher: ({ request, url, sameOrigin }) =>
      sameOrigin && request.mode === 'navigate' && url.pathname === '/jobs',
    handler: ({ request }) => listShell(request).catch(noSignal),
  },
  {
    matcher: ({ request, url, sameOrigin }) => sameOrigin && request.mode === 'navigate' && isPlain(url),
    handler: new NetworkFirst({ cacheName: PAGES, networkTimeoutSeconds: 5 }),
  },
  {
    // Pages with money or links, and an owner's, are never kept.
    matcher: ({ request, sameOrigin }) => sameOrigin && request.mode === 'navigate',
    handler: new NetworkOnly(),
  },
]

const worker = new Serwist({
  precacheEntries: self.__SW_MANIFEST ?? [],
  precacheOptions: { cleanupOutdatedCaches: true, plugins: [keepWorkerUrl] },
  skipWaiting: true,
  clientsClaim: true,
  runtimeCaching: rules,
  fallbacks: {
    entries: [{ url: '/offline.html', matcher: ({ request }) => request.destination === 'document' }],
  },
})
worker.addEventListeners()

// A new version's pages ask for new scripts: what was kept of the old one's goes with it.
self.addEventListener('activate', (event) => {
  event.waitUntil(caches.delete(PAGES))
})

self.addEventListener('message', (event) => {
  const said = event.data as { kind?: string } | null
  if (said?.kind !== 'warm') return
  const warm = async (name: string, address: string): Promise<void> => {
    if (await caches.match(name, { cacheName: PAGES })) return
    await fetchShell(new Request(address), name)
  }
  event.waitUntil(Promise.all([warm(JOB_SHELL, '/jobs/any/walk'), warm(LIST_SHELL, '/jobs')]))
})
