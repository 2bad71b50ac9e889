import type { Finding, JobDocument, ScopeStretch, WorkItem } from '../../src/core/job'
import { dollars, feet, toInches } from '../../src/core/measure'
import { derive, type Derived } from '../../src/core/pipeline'
import type { JobPrice } from '../../src/core/price'
import { finding, smallHouse, workItem } from './jobs'

/** Small jobs to reckon by hand: $48 an hour, no minimum, no tax, overhead and profit on cost. */

/** The day on which the jobs of these tests are reckoned. */
export const DAY = '2026-05-04'

export function plain(job: JobDocument): JobDocument {
  const rates = {
    ...job.rates!,
    minimum_per_visit_cents: dollars(0),
    tax: { rule: 'none', rate: 0 } as const,
  }
  return { ...job, rates }
}
export function house(more: Partial<JobDocument>): Derived {
  return derive(plain(smallHouse(more)), DAY)
}
export function priced(of: Derived): JobPrice {
  if (of.price.kind !== 'priced') throw new Error(of.price.kind)
  return of.price
}
export const total = (of: Derived): number => priced(of).total_cents
export const at = (n: number, component: string, of: Partial<Parameters<typeof finding>[0]> = {}): Finding =>
  finding({ n, words: '', component, at: { side: 'a', ft: 10, up_in: 60 }, length_in: 24, grade: 3, ...of })
export const mend = (
  id: string,
  findings: readonly Finding[],
  method: string,
  more: Partial<WorkItem> = {},
): WorkItem =>
  workItem(id, {
    method,
    component: findings[0]!.component,
    finding_ids: findings.map((each) => each.id),
    ...more,
  })
export const one = (
  of: Finding,
  method: string,
  more: Partial<JobDocument> = {},
  item: Partial<WorkItem> = {},
): Derived => house({ findings: [of], work_items: [mend('r', [of], method, item)], ...more })
export function stretch(
  from: number,
  to: number,
  kind: ScopeStretch['kind'],
  more: Partial<ScopeStretch> = {},
): ScopeStretch {
  return {
    id: `s${from}`,
    removed: false,
    side_id: 'side-a',
    from: feet(from),
    to: feet(to),
    kind,
    below: null,
    above: null,
    parts: [],
    reason: '',
    who: '',
    hand_over: '',
    ...more,
  }
}
export const lengths = (of: Derived): number[] =>
  of.takeoff.items.flatMap((item) =>
    item.pieces.flatMap((piece) => Array<number>(piece.count).fill(toInches(piece.length))),
  )
