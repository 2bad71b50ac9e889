import { expect, test } from '@jest/globals'
import { contentPolicy, routeOf, turnedAway, usualHeaders } from './gate'

test.each([
  ['TRACE', '/', 405],
  ['PROPFIND', '/jobs', 405],
  ['GET', '/api/jobs/%E0%A4%A', 400],
  ['GET', '/%', 400],
  ['GET', '//elsewhere.example/jobs', 400],
  ['GET', 'http://elsewhere.example/jobs', 400],
  ['GET', '/jobs/%00', 400],
  ['GET', '/jobs\\..\\x', 400],
  ['GET', `/${'a'.repeat(5000)}`, 414],
])('%s %s is turned away', (method, url, status) => {
  expect(turnedAway(method, url)?.status).toBe(status)
})

test.each([
  ['GET', '/jobs/alder-house/walk'],
  ['POST', '/api/jobs?words=50%25'],
  ['GET', '/api/jobs?after=%5B%22x%22%5D'],
])('%s %s is let in', (method, url) => {
  expect(turnedAway(method, url)).toBeNull()
})

test('the policy lets no script in but our own and those with the word', () => {
  const policy = contentPolicy('abc', true)
  expect(policy).toContain("script-src 'self' 'nonce-abc' 'wasm-unsafe-eval';")
  expect(policy.split(';').find((rule) => rule.trim().startsWith('script-src '))).not.toMatch(
    /unsafe-inline|'unsafe-eval'/,
  )
  expect(policy).toContain('upgrade-insecure-requests')
  expect(contentPolicy('abc', false)).not.toContain('upgrade-insecure-requests')
})

test('behind https browsers are told to stay there, and only there', () => {
  expect(usualHeaders(true)).toHaveProperty('strict-transport-security')
  expect(usualHeaders(false)).not.toHaveProperty('strict-transport-security')
})

test('the log names no job, no link and no person', () => {
  expect(routeOf('/api/jobs/alder-house/changes?known=3')).toBe('/api/jobs/:/changes')
  expect(routeOf('/o/kJ8sdf-secret-token')).toBe('/o/:')
  expect(routeOf('/_next/static/chunks/x.js')).toBe('/_next/…')
})
