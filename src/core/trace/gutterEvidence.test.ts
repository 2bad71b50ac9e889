import { expect, test } from '@jest/globals'
import { jobOf } from '../../../tests/cases/build'
import type { JobDocument } from '../job'
import { inches } from '../measure'
import { gutterEvidenceOf } from './gutterEvidence'
import { traceJob } from './traceJob'

type Gutter = Extract<JobDocument['features'][number], { kind: 'gutter' }>
function house(found: string, of: Partial<Gutter>): JobDocument {
  const job = jobOf({ title: 'test', found: [found], cause: null })
  const features = job.features.map((each) => (each.kind === 'gutter' ? { ...each, ...of } : each))
  return { ...job, features }
}
const said = (job: JobDocument) =>
  gutterEvidenceOf(job.findings[0]!, job).map(({ sign, present }) => [sign, present])
const FASCIA = 'fascia | A 18 128 | '

test('what is not looked at says nothing; spikes speak, and so do hangers that are none', () => {
  expect(said(house(FASCIA, {}))).toEqual([])
  expect(said(house(FASCIA, { hangers: 'spikes' }))).toEqual([['spike-hangers', true]])
  expect(said(house(FASCIA, { hangers: 'hidden' }))).toEqual([['spike-hangers', false]])
})

test('hangers over three feet apart let it sag; at three feet they do not', () => {
  expect(said(house(FASCIA, { hangers_apart: inches(36) }))).toEqual([])
  expect(said(house(FASCIA, { hangers_apart: inches(40) }))).toEqual([['hangers-far-apart', true]])
})

test('a gutter says nothing of another side, nor of what it does not wet', () => {
  expect(said(house('fascia | B 10 128 | ', { hangers: 'spikes' }))).toEqual([])
  expect(said(house('window-sill | A 10 60 a1 | ', { hangers: 'spikes' }))).toEqual([])
})

test('a gutter on spikes is likelier hung without fall', () => {
  const chance = (of: Partial<Gutter>): number =>
    traceJob(house(FASCIA, of)).findings[0]!.ranked.find(({ cause }) => cause === 'gutter-mis-hung')
      ?.probability ?? 0
  expect(chance({ hangers: 'spikes', hangers_apart: inches(48) })).toBeGreaterThan(chance({}))
  expect(chance({ hangers: 'hidden' })).toBeLessThanOrEqual(chance({}))
})
