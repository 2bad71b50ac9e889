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

/** Keeps the page a job opens with. It is the same for every job: which one, the address says and the local store holds. */
async function fetchShell(request: Request): Promise<Response> {
  const response = await fetch(request.url, { credentials: 'same-origin', redirect: 'follow' })
  // Signed out, the server answers with the sign-in page: that is no shell.
  if (response.ok && !response.redirected) {
    const cache = await caches.open(PAGES)
    await cache.put(JOB_SHELL, response.clone())
  }
  return response
}

async function jobShell(request: Request): Promise<Response> {
  const kept = await caches.match(JOB_SHELL, { cacheName: PAGES })
  if (!kept) return fetchShell(request)
  // The next opening has the newest page; this one does not wait for it.
  void fetchShell(request).catch(() => undefined)
  return kept
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
    handler: ({ request }) => jobShell(request),
  },
  {
    matcher: ({ url, sameOrigin }) => sameOrigin && url.pathname.startsWith('/_next/static/'),
    handler: new CacheFirst({ cacheName: 'detrimus-static', plugins: [keepWorkerUrl] }),
  },
  {
    matcher: ({ request, sameOrigin }) => sameOrigin && request.mode === 'navigate',
    handler: new NetworkFirst({ cacheName: PAGES, networkTimeoutSeconds: 5 }),
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

self.addEventListener('message', (event) => {
  const said = event.data as { kind?: string } | null
  if (said?.kind === 'forget') {
    // Signing out: pages and pictures of the firm leave this device.
    event.waitUntil(Promise.all([caches.delete(PAGES), caches.delete(PICTURES)]))
  }
  if (said?.kind === 'warm') {
    event.waitUntil(
      caches
        .match(JOB_SHELL, { cacheName: PAGES })
        .then((kept) => (kept ? undefined : fetchShell(new Request('/jobs/any/walk')).then(() => undefined))),
    )
  }
})
