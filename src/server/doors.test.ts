import { expect, test } from '@jest/globals'
import { isTooDeep } from './depth'
import { isOwnOrigin } from './origin'

test.each([
  ['a flat text', '{"a":1}', false],
  ['64 deep, the deepest there may be', '['.repeat(64) + ']'.repeat(64), false],
  ['65 deep', '['.repeat(65), true],
  ['brackets in a text are no depth', `{"a":"${'['.repeat(500)}"}`, false],
  ['a text ends where it ends', `{"a":"x","b":${'['.repeat(100)}`, true],
  ['an escaped quote does not end it', `{"a":"\\"${'{'.repeat(500)}"}`, false],
  ['side by side is not deep', '[]'.repeat(500), false],
])('%s', (_, text, deep) => {
  expect(isTooDeep(text)).toBe(deep)
})

const BASE = 'https://bids.example'
test.each([
  ['our own page', { origin: BASE }, true],
  [
    'the host it was sent to, by another name than the configured one',
    { origin: 'http://127.0.0.1:4610', host: '127.0.0.1:4610' },
    true,
  ],
  ['another page', { origin: 'https://elsewhere.example', host: 'bids.example' }, false],
  ['another port of the same machine', { origin: 'http://127.0.0.1:9999', host: '127.0.0.1:4610' }, false],
  ['a page without an origin', { origin: 'null', host: 'bids.example' }, false],
  ['nobody who says where he is', { host: 'bids.example' }, false],
  ['nonsense', { origin: 'bids.example', host: 'bids.example' }, false],
])('a writing request from %s', (_, headers, own) => {
  expect(isOwnOrigin(new Headers(headers), BASE)).toBe(own)
})
