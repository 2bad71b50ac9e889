/** What is turned away before the framework sees it, and what every answer carries. */

const METHODS: ReadonlySet<string> = new Set(['GET', 'HEAD', 'POST', 'PUT', 'DELETE', 'OPTIONS'])
const LONGEST_PATH = 4096

/** Why a request is turned away at the door; null lets it in. */
export type TurnedAway = { readonly status: 400 | 405 | 414; readonly detail: string }

/**
 * Requests that no page of ours makes.
 *
 * @example
 * turnedAway('TRACE', '/').status // => 405
 * turnedAway('GET', '/api/jobs/%E0%A4%A').status // => 400
 * turnedAway('GET', '/jobs') // => null
 */
export function turnedAway(method: string, url: string): TurnedAway | null {
  if (!METHODS.has(method)) return { status: 405, detail: `Nothing here answers ${method.slice(0, 20)}.` }
  if (url.length > LONGEST_PATH) return { status: 414, detail: 'This address is too long.' }
  const malformed: TurnedAway = { status: 400, detail: 'This address is malformed. Copy it again, whole.' }
  // A whole address instead of a path is a proxy's way of asking; two slashes name another host.
  if (!url.startsWith('/') || url.startsWith('//') || url.includes('\\')) return malformed
  try {
    const decoded = decodeURIComponent(url.split('?')[0] ?? '')

    if (/[\u0000-\u001f\u007f]/.test(decoded)) return malformed
  } catch {
    return malformed
  }
  return null
}

/** Rules for what a page may load, with the one-time word its own scripts carry. */
export function contentPolicy(nonce: string, isHttps: boolean): string {
  return [
    "default-src 'self'",
    // The solver of cutting plans is compiled to WebAssembly; scripts are evaluated no more than before.
    `script-src 'self' 'nonce-${nonce}' 'wasm-unsafe-eval'`,
    "script-src-attr 'none'",
    // Sizes and colours of the drawing are attributes of its elements.
    "style-src 'self' 'unsafe-inline'",
    "img-src 'self' blob: data:",
    "media-src 'self' blob:",
    "worker-src 'self' blob:",
    "connect-src 'self'",
    "object-src 'none'",
    "frame-ancestors 'none'",
    "base-uri 'self'",
    "form-action 'self'",
    ...(isHttps ? ['upgrade-insecure-requests'] : []),
  ].join('; ')
}

/** Headers of every answer beside the policy. */
export function usualHeaders(isHttps: boolean): Readonly<Record<string, string>> {
  return {
    'x-content-type-options': 'nosniff',
    'referrer-policy': 'no-referrer',
    'x-frame-options': 'DENY',
    'cross-origin-opener-policy': 'same-origin',
    'cross-origin-resource-policy': 'same-origin',
    'permissions-policy':
      'camera=(self), microphone=(self), geolocation=(), payment=(), usb=(), interest-cohort=()',
    ...(isHttps ? { 'strict-transport-security': 'max-age=31536000; includeSubDomains' } : {}),
  }
}

/** An address with everything that names a job, a person or a link taken out, for the log. */
export function routeOf(url: string): string {
  const path = url.split('?')[0] ?? ''
  if (path.startsWith('/_next/')) return '/_next/…'
  const known = new Set(
    [
      'api jobs changes bids pdf file history photos import template uploads clips links revoke owner accept ask thread draft picture words firm weights rates calendar',
      'people invitations logo months join auth sign-in email sign-out two-factor me sessions ready health outbox handbook devices account walk trace scope cut price plan bid forecast around orders answer open o close handover invoices books look-back',
    ].flatMap((words) => words.split(' ')),
  )
  return path
    .split('/')
    .map((part) => (part === '' || known.has(part) ? part : ':'))
    .join('/')
}
