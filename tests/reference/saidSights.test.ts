/**
 * Sights in the words of whoever stands there: that a sign which tells of the cause is read or offered, and what Trace says once it is
 * taken. The lines are ours, written before they were tried; what they scored then stands in docs/shorthand.md. These tests hold what is
 * reached today.
 */
import { describe, expect, test } from '@jest/globals'
import { isCause } from '../../src/core/trace'
import { judgeSaid } from '../cases/said/judgeSaid'
import { FIRST, SECOND, THIRD } from '../cases/said/lines'

describe.each([
  ['first', FIRST, { offered: 60, first: 52 }],
  ['second', SECOND, { offered: 47, first: 43 }],
  ['third', THIRD, { offered: 39, first: 34 }],
])('the %s lines', (_, lines, least) => {
  const judged = lines.map(judgeSaid)

  test('name causes there are', () => {
    expect(lines.flatMap(({ causes }) => causes.filter((cause) => !isCause(cause)))).toEqual([])
  })
  test('are offered a sign that tells of their cause', () => {
    expect(judged.filter(({ isOffered }) => isOffered).length).toBeGreaterThanOrEqual(least.offered)
  })
  test('have their cause first once it is taken', () => {
    expect(judged.filter(({ afterTaking }) => afterTaking === 'first').length).toBeGreaterThanOrEqual(
      least.first,
    )
  })
  test('taking what one saw never loses a cause that stood first', () => {
    const lost = judged.filter(({ atOnce, afterTaking }) => atOnce === 'first' && afterTaking !== 'first')
    expect(lost.map(({ said }) => said.line)).toEqual([])
  })
})
