/**
 * Every route × every caller. The routes are read from the route files themselves, so that a new one without a row here fails.
 */
import { expect, test, type APIRequestContext } from '@playwright/test'
import { DEMO_PASSWORD } from '../../demo/people'
import { routes } from '../support/routes'
import { apiOf, OWN, PEOPLE } from './support'

const CALLERS = ['stranger', 'otherFirm', 'apprentice', 'crew', 'office', 'estimator'] as const
type Caller = (typeof CALLERS)[number]
type Row = {
  readonly path: string
  readonly data?: object | Buffer
  /** Status for each caller, in the order of CALLERS. */
  readonly is: readonly [number, number, number, number, number, number]
}

const HASH = 'a'.repeat(64)
const NO_ID = '2b7f6c1e-1111-4222-8333-444455556666'
const JOB = 'alder-house'
/** A firm's own answers: whoever is signed in gets them. */
const OWN_ONLY = [401, 200, 200, 200, 200, 200] as const
/** The firm's job: strangers must sign in, another firm finds nothing. */
const FIRM = [401, 404, 200, 200, 200, 200] as const
/** What a right-formed request that finds nothing meets. */
const NOTHING = [401, 404, 404, 404, 404, 404] as const
/** For the office alone: crew and apprentice are told so. */
const OFFICE = [401, 404, 403, 403, 200, 200] as const
/** For the owner-estimators alone. */
const OWNER_ONLY = [401, 200, 403, 403, 403, 200] as const
const ALL_404 = [404, 404, 404, 404, 404, 404] as const
const UPLOAD = `/api/jobs/${JOB}/uploads/${HASH}`

const ROWS: Readonly<Record<string, Row>> = {
  'GET /ready': { path: '/ready', is: [200, 200, 200, 200, 200, 200] },
  // The library's own door: those that are not on our list are shut for everybody.
  'GET /api/auth/[...all]': { path: '/api/auth/list-sessions', is: ALL_404 },
  'POST /api/auth/[...all]': { path: '/api/auth/update-user', data: { name: 'The Boss' }, is: ALL_404 },
  'GET /api/me': { path: '/api/me', is: OWN_ONLY },
  'GET /api/me/sessions': { path: '/api/me/sessions', is: OWN_ONLY },
  'DELETE /api/me/sessions/[id]': { path: `/api/me/sessions/${NO_ID}`, is: NOTHING },
  'GET /api/jobs': { path: '/api/jobs', is: OWN_ONLY },
  'POST /api/jobs': {
    path: '/api/jobs',
    data: { id: '../x', title: '', time_zone: 'UTC' },
    is: [401, 400, 400, 400, 400, 400],
  },
  'GET /api/jobs/template': { path: '/api/jobs/template', is: OWN_ONLY },
  'POST /api/jobs/import': {
    path: '/api/jobs/import',
    data: Buffer.from('{'),
    is: [401, 422, 403, 403, 422, 422],
  },
  'GET /api/forecast': { path: '/api/forecast?from=2026-12-01', is: OWN_ONLY },
  'GET /api/calendar': { path: '/api/calendar', is: OWN_ONLY },
  'POST /api/calendar': {
    path: '/api/calendar',
    data: { crews: [], off: [] },
    is: [401, 200, 403, 403, 200, 200],
  },
  'GET /api/jobs/[id]/around': { path: `/api/jobs/${JOB}/around`, is: FIRM },
  'GET /api/jobs/months': { path: '/api/jobs/months', is: [401, 200, 403, 403, 200, 200] },
  'GET /api/jobs/rates': { path: `/api/jobs/rates?ids=${JOB}`, is: [401, 200, 403, 403, 200, 200] },
  'GET /api/firm/rates': { path: '/api/firm/rates', is: [401, 200, 403, 403, 200, 200] },
  'GET /api/jobs/sums': { path: `/api/jobs/sums?ids=${JOB}`, is: OWN_ONLY },
  'POST /api/jobs/[id]/office': {
    path: `/api/jobs/${JOB}/office`,
    // Nothing is named, so nothing changes.
    data: {},
    is: [401, 404, 403, 403, 200, 200],
  },
  'GET /api/jobs/[id]/draft': { path: `/api/jobs/${JOB}/draft`, is: OFFICE },
  'GET /api/jobs/[id]/paper': { path: `/api/jobs/${JOB}/paper`, is: OFFICE },
  'POST /api/jobs/[id]/copy': {
    path: `/api/jobs/${JOB}/copy`,
    data: { id: '../x', what: 'house' },
    is: [401, 400, 400, 400, 400, 400],
  },
  'GET /api/jobs/[id]': { path: `/api/jobs/${JOB}`, is: FIRM },
  'GET /api/jobs/[id]/changes': { path: `/api/jobs/${JOB}/changes?known=0`, is: FIRM },
  'POST /api/jobs/[id]/changes': {
    path: `/api/jobs/${JOB}/changes`,
    data: { known: 0, changes: [] },
    is: FIRM,
  },
  'GET /api/jobs/[id]/history': { path: `/api/jobs/${JOB}/history`, is: FIRM },
  'GET /api/jobs/[id]/file': { path: `/api/jobs/${JOB}/file`, is: FIRM },
  'GET /api/jobs/[id]/bids': { path: `/api/jobs/${JOB}/bids`, is: OFFICE },
  'POST /api/jobs/[id]/bids': {
    // A job no test sends a bid of.
    path: '/api/jobs/plover-quay-6/bids',
    // Names an accepted bid that is not there: nothing is sent by this sweep.
    data: { id: NO_ID, replaces: NO_ID },
    is: [401, 404, 403, 403, 404, 404],
  },
  'POST /api/jobs/[id]/photos': {
    path: `/api/jobs/${JOB}/photos`,
    data: Buffer.from('x'),
    is: [401, 404, 415, 415, 415, 415],
  },
  'GET /api/jobs/[id]/uploads/[sha256]': { path: UPLOAD, is: FIRM },
  'PUT /api/jobs/[id]/uploads/[sha256]': {
    path: `${UPLOAD}?at=5&total=9&what=photo`,
    data: Buffer.from('x'),
    is: [401, 404, 409, 409, 409, 409],
  },
  'GET /api/photos/[sha256]': {
    path: `/api/photos/${HASH}?size=original`,
    is: [401, 404, 403, 403, 404, 404],
  },
  'GET /api/clips/[sha256]': { path: `/api/clips/${HASH}`, is: NOTHING },
  'GET /api/bids/[id]/file': { path: `/api/bids/${NO_ID}/file`, is: [401, 404, 403, 403, 404, 404] },
  'GET /api/bids/[id]/calendar': {
    path: `/api/bids/${NO_ID}/calendar`,
    is: [401, 404, 403, 403, 404, 404],
  },
  'GET /api/bids/[id]/pdf': { path: `/api/bids/${NO_ID}/pdf`, is: [401, 404, 403, 403, 404, 404] },
  'POST /api/links/[id]/revoke': {
    path: `/api/links/${NO_ID}/revoke`,
    data: {},
    is: [401, 404, 403, 403, 404, 404],
  },
  'GET /api/owner/[token]/calendar': { path: '/api/owner/no-token/calendar', is: ALL_404 },
  'GET /api/owner/[token]/pdf': { path: '/api/owner/no-token/pdf', is: ALL_404 },
  'GET /api/owner/[token]/picture/[sha256]': { path: `/api/owner/no-token/picture/${HASH}`, is: ALL_404 },
  'GET /api/owner/[token]/orders/[id]/pdf': {
    path: '/api/owner/no-token/orders/none/pdf',
    is: ALL_404,
  },
  'GET /api/owner/[token]/orders/[id]/picture/[sha256]': {
    path: `/api/owner/no-token/orders/none/picture/${HASH}`,
    is: ALL_404,
  },
  'POST /api/owner/[token]/answer': {
    path: '/api/owner/no-token/answer',
    data: { order_id: 'none', says: 'yes', name: 'Nobody', role: 'owns', hash: HASH },
    is: ALL_404,
  },
  'GET /api/owner/[token]/handover/pdf': { path: '/api/owner/no-token/handover/pdf', is: ALL_404 },
  'GET /api/owner/[token]/handover/calendar': {
    path: '/api/owner/no-token/handover/calendar',
    is: ALL_404,
  },
  // Nobody said that the work is handed over.
  'GET /api/jobs/[id]/handover': {
    path: `/api/jobs/${JOB}/handover`,
    is: [401, 404, 403, 403, 409, 409],
  },
  'POST /api/jobs/[id]/handover': {
    path: `/api/jobs/${JOB}/handover`,
    data: {},
    is: [401, 404, 403, 403, 409, 409],
  },
  'GET /api/jobs/[id]/invoices/[invoice]': {
    path: `/api/jobs/${JOB}/invoices/${NO_ID}`,
    is: [401, 404, 403, 403, 404, 404],
  },
  'GET /api/books': { path: '/api/books', is: [401, 200, 403, 403, 200, 200] },
  'GET /api/look-back': { path: '/api/look-back', is: [401, 200, 403, 403, 200, 200] },
  'GET /api/orders/[id]/pdf': { path: `/api/orders/${NO_ID}/pdf`, is: [401, 404, 403, 403, 404, 404] },
  'POST /api/owner/[token]/accept': {
    path: '/api/owner/no-token/accept',
    data: { name: 'A Name', role: 'owns', hash: HASH },
    is: ALL_404,
  },
  'POST /api/owner/[token]/ask': {
    path: '/api/owner/no-token/ask',
    data: { id: NO_ID, name: 'A Name', about: null, words: 'When?' },
    is: ALL_404,
  },
  'GET /api/jobs/[id]/thread': { path: `/api/jobs/${JOB}/thread`, is: OFFICE },
  'POST /api/jobs/[id]/thread': {
    // A job of which no bid was sent: there is nobody to answer.
    path: '/api/jobs/plover-quay-6/thread',
    data: { id: NO_ID, words: 'Next week.' },
    is: [401, 404, 403, 403, 404, 404],
  },
  'GET /api/firm/weights': { path: '/api/firm/weights', is: OWN_ONLY },
  'POST /api/firm/weights': {
    path: '/api/firm/weights',
    // An edition that is long over: refused for that, by whoever may keep one at all.
    data: { edition: 9999, likelihood_overrides: [] },
    is: [401, 409, 403, 403, 409, 409],
  },
  'GET /api/firm/people': { path: '/api/firm/people', is: OWNER_ONLY },
  'POST /api/firm/people': {
    path: '/api/firm/people',
    data: { name: '', role: 'crew', email: '' },
    is: [401, 400, 400, 400, 400, 400],
  },
  'POST /api/firm/people/[id]': {
    path: `/api/firm/people/${NO_ID}`,
    data: { role: 'crew' },
    is: [401, 404, 403, 403, 403, 404],
  },
  'DELETE /api/firm/people/[id]': { path: `/api/firm/people/${NO_ID}`, is: [401, 404, 403, 403, 403, 404] },
  'DELETE /api/firm/invitations/[id]': {
    path: `/api/firm/invitations/${NO_ID}`,
    is: [401, 404, 403, 403, 403, 404],
  },
  'GET /api/firm/logo': { path: '/api/firm/logo', is: OWN_ONLY },
  'POST /api/firm/logo': {
    path: '/api/firm/logo',
    data: Buffer.from('x'),
    is: [401, 415, 403, 403, 403, 415],
  },
  'DELETE /api/firm/logo': { path: '/api/firm/logo', is: [401, 200, 403, 403, 403, 200] },
  'POST /api/join/[token]': {
    path: '/api/join/no-token',
    data: { name: 'A Name', email: 'a@b.invalid', password: 'long enough to be one' },
    is: [410, 410, 410, 410, 410, 410],
  },
  'GET /api/firm/values': { path: '/api/firm/values', is: [401, 200, 403, 403, 200, 200] },
  'POST /api/firm/values': {
    path: '/api/firm/values',
    data: {
      edition: 9999,
      changes: [],
      clauses: {
        excluded: '',
        payments: '',
        start_window: '',
        warranty: '',
        validity_days: 30,
        required_notices: '',
      },
      firm: { firm_name: 'Any', firm_place: '', licence_line: '' },
    },
    is: [401, 409, 403, 403, 409, 409],
  },
  'GET /api/firm/kits': { path: '/api/firm/kits', is: OWN_ONLY },
  'POST /api/firm/kits': {
    path: '/api/firm/kits',
    data: { name: 'Swept', note: '', lines: [], price_cents: null },
    is: [401, 201, 403, 403, 201, 201],
  },
  'DELETE /api/firm/kits': {
    path: '/api/firm/kits',
    data: { name: 'Swept' },
    is: [401, 200, 403, 403, 200, 200],
  },
  'GET /api/words': { path: '/api/words', is: OWN_ONLY },
  'POST /api/words': {
    path: '/api/words',
    data: { phrase: 'sweepboard', means: { kind: 'part', part: 'water-table' } },
    is: [401, 201, 403, 201, 201, 201],
  },
  'DELETE /api/words': {
    path: '/api/words',
    data: { phrase: 'sweepboard' },
    is: [401, 200, 403, 403, 200, 200],
  },
}

const callers = new Map<Caller, APIRequestContext>()

test.beforeAll(async ({ playwright, baseURL }) => {
  for (const caller of CALLERS) {
    const api = await playwright.request.newContext({ baseURL: baseURL ?? '' })
    if (caller !== 'stranger') await apiOf(api, PEOPLE[caller], DEMO_PASSWORD)
    callers.set(caller, api)
  }
})
test.afterAll(async () => {
  for (const api of callers.values()) await api.dispose()
})

test('every route has a row, and every row a route', () => {
  const found = routes()
  expect(found.length).toBeGreaterThan(25)
  expect(Object.keys(ROWS).sort()).toEqual(found)
})

const body = (row: Row): object => {
  if (row.data === undefined) return {}
  return Buffer.isBuffer(row.data)
    ? { data: row.data, headers: { ...OWN, 'content-type': 'application/octet-stream' } }
    : { data: row.data, headers: OWN }
}

for (const [name, row] of Object.entries(ROWS)) {
  const method = name.split(' ')[0]!
  test(`${name} answers each caller as the table says`, async () => {
    const found: Record<string, number> = {}
    for (const caller of CALLERS) {
      const answer = await callers.get(caller)!.fetch(row.path, { method, headers: OWN, ...body(row) })
      found[caller] = answer.status()
      // Whatever is refused says so as a problem, and no cache keeps any of it.
      if (answer.status() >= 400)
        expect(answer.headers()['content-type']).toContain('application/problem+json')
      expect(answer.headers()['cache-control'], `${caller} ${row.path}`).toContain('no-store')
    }
    expect(found).toEqual(Object.fromEntries(CALLERS.map((caller, index) => [caller, row.is[index]])))
  })
  if (method === 'GET') continue
  test(`${name} takes nothing from another page, nor from one that does not say where it is`, async () => {
    const api = callers.get('estimator')!
    for (const origin of ['https://elsewhere.invalid', 'null', undefined]) {
      const more = Buffer.isBuffer(row.data) || row.data ? { data: row.data } : {}
      const answer = await api.fetch(row.path, {
        method,
        ...more,
        headers: origin === undefined ? {} : { origin },
      })
      expect([answer.status(), ((await answer.json()) as { type: string }).type]).toEqual([
        403,
        'urn:detrimus:problem:wrong-origin',
      ])
    }
  })
  test(`${name}: other methods are refused`, async () => {
    const answer = await callers.get('estimator')!.fetch(row.path, { method: 'PATCH', headers: OWN })
    expect(answer.status()).toBe(405)
  })
}
