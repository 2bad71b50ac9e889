/** A thing that fails is itself what somebody finds: what makes it fail is thought of, and heads it by one telling sign. */
import { expect, test } from '@jest/globals'
import { jobOf } from '../../../tests/cases/build'
import { live } from '../job'
import { traceJob } from './traceJob'

test.each([
  ['gutter', 'gutter-joint-drips', 'gutter-leaks'],
  ['skylight', 'stain-at-skylight-low-corner', 'skylight'],
  ['pipe-collar', 'cracked-collar', 'pipe-collar'],
  ['chase-cover', 'rust-or-holes-on-cover', 'chase-cover'],
  ['flue', 'mortar-smeared-flashing', 'chimney-flashing'],
  ['pipe', 'drips-along-pipe', 'sweating-line'],
  ['duct', 'duct-disconnected', 'vent-into-cavity'],
  ['storm-sash', 'weeps-painted-shut', 'storm-weeps-shut'],
  ['wall-vent', 'no-block-or-hood', 'penetration-unflashed'],
  ['crawl-vent', 'chewed-edge-sound-around', 'animals'],
  ['paving', 'paving-tight-to-wall', 'paving-dam'],
])('%s with %s: %s', (part, sign, cause) => {
  const { findings } = traceJob(live(jobOf({ title: part, found: [`${part} | words there | ${sign} 2`] })))
  expect(findings[0]!.ranked[0]?.cause).toBe(cause)
})

test('a gutter that drips at its outlet is behind the spot below it, and not behind what a back-fall wets', () => {
  const causes = (...found: string[]) =>
    traceJob(live(jobOf({ title: 'gutter', found }))).findings.map((each) => each.cause)
  expect(causes('fascia | A 6 128 | 2', 'gutter | A 6 130 | gutter-joint-drips ?')).toEqual([
    'gutter-leaks',
    'gutter-leaks',
  ])
  expect(causes('fascia | A 6 128 | gutter-joint-drips gutter-back-fall 2')).toEqual(['gutter-mis-hung'])
  // Ten feet off it is another spot.
  expect(causes('fascia | A 16 128 | 2', 'gutter | A 6 130 | gutter-joint-drips ?')[0]).not.toBe(
    'gutter-leaks',
  )
})
