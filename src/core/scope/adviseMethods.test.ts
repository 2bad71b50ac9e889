import { expect, test } from '@jest/globals'
import { finding, workItem, sillNose, smallHouse } from '../../../tests/support/jobs'
import { cautionsOf } from '../caution'
import type { Finding, JobDocument, MethodId } from '../job'
import { causeOf, traceJob } from '../trace'
import { adviseMethods, type MethodAdvice } from './adviseMethods'
import { scopeJob } from './scopeJob'

function advise(of: Finding, more: Partial<JobDocument> = {}): readonly MethodAdvice[] {
  const job = smallHouse({ findings: [of], ...more })
  return adviseMethods(of, { job, trace: traceJob(job), dangers: cautionsOf(job).dangers })
}
const verdict = (of: Finding, method: MethodId): string =>
  advise(of).find((each) => each.method === method)?.verdict ?? 'not offered'
const part = (
  component: Finding['component'],
  grade: Finding['stated_grade'],
  signs: string[] = [],
): Finding => ({
  ...sillNose(),
  component,
  stated_grade: grade,
  signs: signs.map((sign) => ({ sign, how: 'touched', present: true })),
})

test('a sound board wants nothing; one that shows that it is loose is fastened again', () => {
  const recommended = (of: Finding): MethodId[] =>
    advise(of).flatMap(({ method, verdict: said }) => (said === 'recommended' ? [method] : []))
  expect(recommended(part('lap-siding', 0))).toEqual(['watch'])
  expect(recommended(part('lap-siding', 0, ['board-off-wall']))).toEqual(['re-fasten', 'watch'])
})

test('nothing is worked on, or priced, until somebody names the part', () => {
  const offered = (of: Finding) =>
    advise(of)
      .map(({ method }) => method)
      .toSorted()
  expect(offered({ ...part(null, null), words: 'a corner is down' })).toEqual(['own-work', 'refer', 'watch'])
  expect(offered(part(null, 1, ['course-line-drops']))).not.toContain('re-seal')
  expect(verdict(part('side-casing', 1), 're-seal')).not.toBe('not offered')
})

test.each<[string, Finding['component'], Finding['stated_grade'], MethodId, string]>([
  ['a soft nose is pieced', 'sill-nose', 3, 'piece-in', 'recommended'],
  ['a head casing is never pieced', 'head-casing', 3, 'piece-in', 'blocked'],
  ['a head casing is replaced whole', 'head-casing', 3, 'replace-member', 'recommended'],
  ['siding is replaced by the course', 'lap-siding', 2, 'replace-course', 'recommended'],
  ['siding is not pieced', 'lap-siding', 2, 'piece-in', 'blocked'],
  ['trim has no courses', 'sill-nose', 3, 'replace-course', 'blocked'],
  ['paint does not mend soft wood', 'sill-nose', 2, 'prime-and-paint', 'blocked'],
  ['surface damage wants paint', 'sill-nose', 1, 'prime-and-paint', 'recommended'],
  ['sealant over soft wood only hides it', 'side-casing', 2, 're-seal', 'blocked'],
  ['untouched: look before choosing', 'sill-nose', null, 'watch', 'recommended'],
  ['untouched, a price is possible all the same', 'sill-nose', null, 'piece-in', 'allowed'],
  ['a gone fascia has nothing to piece to', 'fascia', 4, 'replace-member', 'recommended'],
  ['fascia has no head flashing', 'fascia', 2, 'head-flashing', 'not offered'],
  ['nobody paints a mudsill', 'mudsill', 1, 'prime-and-paint', 'blocked'],
  ['a joist soft in part is sistered', 'joist', 2, 'joist-sister', 'recommended'],
  ['a joist soft through is not sistered', 'joist', 3, 'joist-sister', 'blocked'],
  ['a joist soft through is replaced', 'joist', 3, 'joist-new', 'recommended'],
  ['panels come off in sheets', 'panel-siding', 3, 'panel-sheet', 'recommended'],
  ['soft fascia is not overlaid', 'fascia', 2, 'fascia-overlay', 'blocked'],
  ['nothing is overlaid that nobody probed', 'fascia', null, 'fascia-overlay', 'blocked'],
  ['a soft joist is for the engineer', 'joist', 2, 'refer', 'recommended'],
  ['watching a soft joist is not enough', 'joist', 2, 'watch', 'blocked'],
])('%s', (_, component, grade, method, expected) => {
  expect(verdict(part(component, grade), method)).toBe(expected)
})

test('no patch is sold on a keep-off item: what shores first is left, or referring', () => {
  const open = advise(part('ledger', 3, ['ledger-nails-only'])).filter((each) => each.verdict !== 'blocked')
  expect(open.map((each) => each.method).sort()).toEqual([
    'deck-rebuild',
    'deck-take-down',
    'ledger-renew',
    'refer',
  ])
})

test('a slack strap is tightened, though nobody graded it', () => {
  expect(verdict(part('tie-strap', null, ['strap-slack']), 'tie-strap')).toBe('recommended')
  expect(verdict(part('tie-strap', null), 'tie-strap')).not.toBe('recommended')
})

test.each<[string, Finding['component'], string, MethodId, MethodId]>([
  ['a slack strap gets no joist hanger', 'tie-strap', 'strap-slack', 'tie-strap', 'hanger-new'],
  [
    'a joint of a stair without metal gets a connector',
    'stair',
    'connector-absent',
    'connector-new',
    'hanger-new',
  ],
  ['a beam beside its posts is set on them', 'deck-beam', 'beam-beside-posts', 'deck-beam-new', 'hanger-new'],
])('%s', (_, component, sign, method, not) => {
  expect(verdict(part(component, null, [sign]), method)).not.toBe('not offered')
  expect(verdict(part(component, null, [sign]), not)).toBe('not offered')
})

test('an open joint at the surface is re-sealed', () => {
  expect(verdict(part('side-casing', 1, ['open-joint']), 're-seal')).toBe('recommended')
})

test('a source with a recipe of ours is recommended beside the repair', () => {
  const head = part('head-casing', 3, ['metal-stops-short', 'rot-at-head-corner-only'])
  const wanted = advise(head).filter((each) => each.verdict === 'recommended')
  expect(wanted.map((each) => each.method)).toEqual(['head-flashing', 'replace-member'])
})

test('every blocked method says why', () => {
  for (const grade of [null, 0, 1, 2, 3, 4]) {
    for (const component of ['fascia', 'ledger', 'lap-siding', 'joist', 'other'] as const) {
      for (const each of advise(part(component, grade))) {
        if (each.verdict === 'blocked') expect(each.reasons[0]).toMatch(/\.$/)
      }
    }
  }
})

function scoped(more: Partial<JobDocument>): ReturnType<typeof scopeJob> {
  const job = smallHouse(more)
  return scopeJob(job, traceJob(job), cautionsOf(job).dangers)
}
const leg = finding({
  n: 1,
  words: '',
  component: 'side-casing',
  at: { side: 'a', ft: 13, up_in: 80, feature: 'window-a1' },
  length_in: 24,
  grade: 3,
  signs: ['metal-stops-short', 'legs-soft-from-top'],
})

test('repairing the effect alone is priced, with class G and a notice', () => {
  const effect = workItem('r1', { method: 'piece-in', component: 'side-casing', finding_ids: ['finding-1'] })
  const [item] = scoped({ findings: [leg], work_items: [effect] }).items
  expect(item).toMatchObject({ warranty: 'G', life_years: [1, 3] })
  expect(item?.notices[0]).toContain('Its cause is not mended here')
})

test('with the source fixed in the same bid the warranty is the method’s own', () => {
  const effect = workItem('r1', { method: 'piece-in', component: 'side-casing', finding_ids: ['finding-1'] })
  const fix = workItem('r2', {
    method: 'head-flashing',
    component: 'head-casing',
    finding_ids: ['finding-1'],
  })
  const { items } = scoped({ findings: [leg], work_items: [effect, fix] })
  expect(items.map((item) => item.warranty)).toEqual(['C', 'A'])
  expect(items[1]?.fixes).toEqual(['a'])
})

test('referring a source to a trade does not fix it in this bid', () => {
  const ledger = part('ledger', 3, ['no-metal-at-ledger', 'rim-wet-along-length'])
  const refer = workItem('r1', { method: 'refer', component: 'ledger', finding_ids: ['finding-1'] })
  const [item] = scoped({ findings: [ledger], work_items: [refer] }).items
  expect(item?.fixes).toEqual([])
  expect(item?.notices[0]).toContain('Its cause is not mended here')
})

test('a choice without a finding is an item all the same', () => {
  const { items, open } = scoped({
    work_items: [workItem('r1', { method: 'piece-in', component: 'fascia' })],
  })
  expect(items).toHaveLength(1)
  expect(open).toEqual([])
})

test.each([
  ['connector-rusted', 'prime-and-paint'],
  ['fresh-crack-faces', 're-seal'],
  ['swollen-bottom-edge', 'prime-and-paint'],
  ['swollen-bottom-edge', 're-seal'],
])('%s: no %s goes over it, and it says why', (sign, method) => {
  const advice = advise(part('lap-siding', 1, [sign])).find((each) => each.method === method)
  expect(advice?.verdict).toBe('blocked')
  expect(advice?.reasons[0]).toMatch(/mended first|renewed/)
})

test('a piece beside a back that was never primed is warned of, and says so when it is chosen', () => {
  const bare = part('fascia', 2, ['back-or-edge-bare'])
  const advice = advise(bare).find((each) => each.method === 'piece-in')
  expect([advice?.verdict, advice?.warned]).toEqual(['allowed', true])
  const piece = workItem('r1', { method: 'piece-in', component: 'fascia', finding_ids: ['finding-1'] })
  expect(scoped({ findings: [bare], work_items: [piece] }).items[0]?.notices.join()).toContain(
    'Chosen against advice: The rest of the board was never primed',
  )
})

test('a deck is rebuilt when two of attachment, supports and framing have failed, else mended', () => {
  const ledger = part('ledger', 3)
  const post = { ...part('deck-post', 3), id: 'finding-2', number: 2 }
  const rebuild = (findings: Finding[]): string | undefined =>
    advise(ledger, { findings }).find((each) => each.method === 'deck-rebuild')?.verdict
  expect([rebuild([ledger]), rebuild([ledger, post])]).toEqual(['allowed', 'recommended'])
})

test('where a part waits for an engineer, its source is mended only where that does not touch the part', () => {
  const damp: Finding = {
    ...part('joist', 3, ['ground-bare', 'every-bay-alike']),
    place: { kind: 'crawl', words: '' },
  }
  const house = { ...smallHouse().house!, foundation: 'crawl' as const }
  const cover = advise(damp, { house }).find(({ method }) => method === 'ground-cover')
  expect(cover?.verdict).toBe('recommended')
  // A sill plate is lifted off its concrete, a ledger uncovered to be flashed.
  for (const [component, signs, cause] of [
    ['mudsill', ['plate-bare-on-concrete', 'salt-line'], 'no-capillary-break'],
    ['ledger', ['no-metal-at-ledger', 'rim-wet-along-length'], 'ledger-unflashed'],
  ] as const) {
    const bad = part(component, 3, [...signs])
    expect(traceJob(smallHouse({ findings: [bad] })).findings[0]?.cause).toBe(cause)
    expect(verdict(bad, causeOf(cause).fix!.method!)).toBe('blocked')
  }
})

test('over a wall that has moved nobody sells a coat or a bead of sealant', () => {
  const bowed = part('foundation-wall', null, [
    'wall-bowed',
    'horizontal-crack-inside',
    'wall-leans-in-at-top',
  ])
  expect(verdict(bowed, 'prime-and-paint')).toBe('blocked')
  expect(verdict(bowed, 're-seal')).toBe('blocked')
  expect(verdict(part('foundation-wall', null), 'prime-and-paint')).not.toBe('blocked')
  // A crack may be filled once the wall is held: it is said, not forbidden.
  const filled = advise(bowed).find(({ method }) => method === 'crack-injection')
  expect([filled?.verdict, filled?.warned, filled?.reasons]).toEqual([
    'allowed',
    true,
    ['It has moved: what stops it comes first, or the crack opens again.'],
  ])
})
