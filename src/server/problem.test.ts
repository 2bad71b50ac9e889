import { expect, test } from '@jest/globals'
import { problemDetails, problemWords, Refused, statusOf, type ServerError } from './problem'

const EACH: readonly (readonly [ServerError, number])[] = [
  [{ kind: 'not-signed-in' }, 401],
  [{ kind: 'not-a-member' }, 403],
  [{ kind: 'not-for-role', what: 'Money' }, 403],
  [{ kind: 'not-found', what: 'job' }, 404],
  [{ kind: 'malformed', issues: [{ path: 'known', message: 'too small' }] }, 400],
  [{ kind: 'malformed', issues: [] }, 400],
  [{ kind: 'too-large', limit: '2 MB' }, 413],
  [{ kind: 'not-a-picture', found: 'gif' }, 415],
  [{ kind: 'change-refused', changeId: 'c', error: { kind: 'reason-needed' } }, 422],
  [{ kind: 'change-refused', changeId: 'c', error: { kind: 'base-too-new', base: 2, revision: 1 } }, 409],
  [
    { kind: 'change-refused', changeId: 'c', error: { kind: 'unknown-entity', entity: 'side', id: 'x' } },
    404,
  ],
  [{ kind: 'change-refused', changeId: 'c', error: { kind: 'already-there', entity: 'side', id: 'x' } }, 409],
  [{ kind: 'change-id-reused', changeId: 'c' }, 409],
  [{ kind: 'job-exists' }, 409],
  [{ kind: 'bad-job-file', error: { kind: 'not-a-job-file' } }, 422],
  [{ kind: 'bad-archive', why: 'it cannot be opened' }, 422],
  [{ kind: 'not-ready', reasons: ['Choose at least one repair in Scope.'] }, 409],
  [{ kind: 'wrong-link' }, 404],
  [{ kind: 'link-expired' }, 410],
  [{ kind: 'link-revoked' }, 410],
  [{ kind: 'bid-superseded' }, 409],
  [{ kind: 'bid-differs' }, 409],
  [{ kind: 'order-withdrawn' }, 409],
  [{ kind: 'not-handed-over' }, 409],
  [{ kind: 'nothing-accepted' }, 409],
  [{ kind: 'busy' }, 503],
  [{ kind: 'wrong-origin' }, 403],
  [{ kind: 'wrong-sign-in' }, 401],
  [{ kind: 'wrong-code' }, 401],
  [{ kind: 'too-many-tries', wait_s: 200 }, 429],
  [{ kind: 'bid-tampered' }, 409],
  [{ kind: 'bid-id-used' }, 409],
  [{ kind: 'set-back', sequence: 4 }, 409],
  [
    {
      kind: 'accepted-stands',
      bid: { id: 'b', number: 1, total: '$10.00' },
      by: 'Orla Fennimore',
      on: '2026-05-04',
    },
    409,
  ],
]

test.each(EACH)('%j has status %d, a sentence and a type', (error, status) => {
  expect(statusOf(error)).toBe(status)
  expect(problemWords(error)).toMatch(/[.!]$|too small$/)
  expect(problemDetails(error)).toMatchObject({ status, detail: problemWords(error) })
  expect(String(problemDetails(error)['type'])).toMatch(/^urn:detrimus:problem:[a-z-]+$/)
})

test('a refusal carries its facts', () => {
  const refused = new Refused({ kind: 'not-ready', reasons: ['a.', 'b.'] })
  expect(refused.message).toContain('a. b.')
  expect(problemDetails(refused.error)).toMatchObject({ reasons: ['a.', 'b.'] })
})
