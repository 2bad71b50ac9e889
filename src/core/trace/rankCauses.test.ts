import { expect, test } from '@jest/globals'
import fc from 'fast-check'
import { PRIORS, SHARES } from '../catalogue/causes/priors'
import { SIGN_IDS } from '../catalogue/signs'
import { rankCauses } from './rankCauses'
import { CAP, TELLING_RATIO, type Evidence } from './weigh'
import { PARTS } from '../catalogue'
import { HOW_KNOWN } from '../job'
import { CAUSES, causeOf, isCause } from '../catalogue/causes'

const rank = (evidence: Evidence[], component = 'fascia'): ReturnType<typeof rankCauses> =>
  rankCauses({ component, evidence, overrides: [] })
const of = (ranked: ReturnType<typeof rankCauses>, cause: string): number =>
  ranked.find((each) => each.cause === cause)?.probability ?? 0

test('without a sign the priors stand', () => {
  expect(of(rank([]), 'no-drip-edge')).toBeCloseTo(0.2, 12)
})

test('seen from the ground weighs half of touched', () => {
  const ratio = (how: (typeof HOW_KNOWN)[number]): number =>
    rank([{ sign: 'deck-edge-soft-along-run', how, present: true }]).find(
      (each) => each.cause === 'no-drip-edge',
    )!.reasons[0]!.counted
  expect(ratio('touched')).toBeCloseTo(7, 9)
  expect(ratio('from-ground')).toBeCloseTo(Math.sqrt(7), 9)
})

test('looked for and absent speaks against', () => {
  const absent = of(
    rank([{ sign: 'deck-edge-soft-along-run', how: 'touched', present: false }]),
    'no-drip-edge',
  )
  expect(absent).toBeLessThan(0.2)
})

test('a wrong detail noted and others found right are one thing said against weather there, not four', () => {
  const touched = (sign: Evidence['sign'], present: boolean): Evidence => ({ sign, how: 'touched', present })
  const ranked = rank(
    [
      touched('sill-flat-or-back-sloped', true),
      touched('no-metal-at-casing-top', false),
      touched('corner-key-open', false),
      touched('weeps-painted-shut', false),
    ],
    'window-sill',
  )
  // By hand: shares 8 and 26; × 12 for the slope; for exposure × 0.4 in full, and the three that are right, √2.2, √2.2 and √2.5, at half
  // their logarithm.
  const right = Math.sqrt(2.2) * Math.sqrt(2.2) * Math.sqrt(2.5)
  expect(of(ranked, 'sill-slope-or-drip') / of(ranked, 'ordinary-exposure')).toBeCloseTo(
    (8 * 12) / (26 * 0.4 * Math.sqrt(right)),
    9,
  )
})

test('a firm may change a ratio, and it is used', () => {
  const evidence: Evidence[] = [{ sign: 'drip-edge-present', how: 'touched', present: true }]
  const overrides = [{ cause: 'no-drip-edge', sign: 'drip-edge-present', ratio: 1, reason: 'ours' }]
  const ranked = rankCauses({ component: 'fascia', evidence, overrides })
  expect(of(ranked, 'no-drip-edge')).toBeCloseTo(0.2, 12)
})

test('evidence is capped until a check is decisive', () => {
  // What says by itself what it is lifts the cap, so it is left out.
  const many: Evidence[] = CAUSES['plumbing-leak'].supports
    .filter(({ ratio }) => ratio < TELLING_RATIO)
    .map(({ sign }) => ({ sign, how: 'touched', present: true }))
  // Beside a cause that these signs say nothing of, the cap is exact.
  const beside = (ranked: ReturnType<typeof rankCauses>): number =>
    of(ranked, 'plumbing-leak') / of(ranked, 'over-spanned')
  const before = beside(rank([], 'joist'))
  expect(beside(rank(many, 'joist')) / before).toBeCloseTo(CAP.up, 9)
  expect(
    beside(
      rank(
        many.map((each) => (each.sign === 'meter-dial-moves' ? { ...each, how: 'opened' as const } : each)),
        'joist',
      ),
    ) / before,
  ).toBeGreaterThan(CAP.up)
})

test('a part without a table is not explained yet', () => {
  expect(rank([], 'other')).toEqual([])
})

const evidence = fc.array(
  fc.record({
    sign: fc.constantFrom(...SIGN_IDS),
    how: fc.constantFrom(...HOW_KNOWN),
    present: fc.boolean(),
  }),
  { maxLength: 12 },
)

test('probabilities are a distribution whatever was seen', () => {
  fc.assert(
    fc.property(
      evidence,
      fc.constantFrom(...PARTS.map((part) => part.id).filter((id) => (SHARES[id] ?? []).length > 0)),
      (seen, component) => {
        const ranked = rank(seen, component)
        expect(ranked.reduce((sum, each) => sum + each.probability, 0)).toBeCloseTo(1, 9)
        expect(ranked.every((each) => each.probability > 0)).toBe(true)
      },
    ),
  )
})

const distinct = fc.uniqueArray(
  fc.record({
    sign: fc.constantFrom(...SIGN_IDS),
    how: fc.constantFrom(...HOW_KNOWN),
    present: fc.boolean(),
  }),
  { selector: (each) => each.sign, maxLength: 12 },
)

test('a sign noted twice counts once, as the better known of the two', () => {
  const told = { sign: 'drip-edge-present', how: 'told', present: true } as const
  const touched = { ...told, how: 'touched' } as const
  expect(rank([told, touched])).toEqual(rank([touched]))
  expect(rank([touched, told, told])).toEqual(rank([touched]))
})

test('the order in which signs were noted does not matter', () => {
  fc.assert(
    fc.property(distinct, (seen) => {
      const forward = rank(seen)
      const backward = rank([...seen].reverse())
      for (const { cause, probability } of forward) expect(of(backward, cause)).toBeCloseTo(probability, 9)
    }),
  )
})

test('every prior sums to a hundred and names causes that are there', () => {
  for (const shares of Object.values(SHARES)) {
    if (shares.length > 0) expect(shares.reduce((sum, each) => sum + each.share, 0)).toBeCloseTo(100, 9)
  }
  for (const rows of Object.values(PRIORS).map((each) => each ?? [])) {
    expect(rows.reduce((sum, row) => sum + row.share, 0)).toBe(100)
    for (const row of rows) expect(row.causes.every(isCause)).toBe(true)
  }
})

test('signs for a cause speak for it and signs against it speak against it', () => {
  for (const id of Object.keys(CAUSES)) {
    if (!isCause(id)) throw new Error(id)
    expect(causeOf(id).supports.every(({ ratio }) => ratio > 1)).toBe(true)
    expect(causeOf(id).refutes.every(({ ratio }) => ratio < 1)).toBe(true)
  }
})
