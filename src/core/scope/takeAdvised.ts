import { methodOf } from '../catalogue'
import { byId, newWorkItem, type JobDocument, type WorkItem } from '../job'
import { causeOf, type Source, type Trace } from '../trace'
import type { Scope } from './scopeJob'
import { cures, decisionOn } from './sourceDecision'
import { itemForFix } from './sourceFix'

/** What is advised for a finding that nothing answers yet; null where no method is recommended. */
function advisedFor(finding_id: string, scope: Scope): string | null {
  const advice = scope.advice.find((each) => each.finding_id === finding_id)?.methods ?? []
  const best = advice.find(
    ({ method, verdict }) => verdict === 'recommended' && methodOf(method)?.answers === 'findings',
  )
  return best?.method ?? null
}

/**
 * All that is advised and not chosen yet, as items to add: the fix of every source that was not declined, and for every open finding
 * the first method recommended; findings of one part, material and method are one item with a place each.
 *
 * Ends: a finding without a part, or without a recommendation, stays open.
 */
export function takeAdvised(job: JobDocument, trace: Trace, scope: Scope, newId: () => string): WorkItem[] {
  const fixes: WorkItem[] = []
  // What ends most goes first, so that nothing is taken for what it ends already.
  const broad = (source: Source): number =>
    methodOf(causeOf(source.cause).fix?.method ?? '')?.alsoFixes.length ?? 0
  for (const source of trace.sources.toSorted((a, b) => broad(b) - broad(a))) {
    if (source.letter === null || decisionOn(source, job)?.decision === 'declined') continue
    const standing = scope.fixes[source.letter]
    // One repair may end two sources of a place.
    const isEnded = fixes.some(
      (item) => cures(item, source) && item.finding_ids.some((id) => source.finding_ids.includes(id)),
    )
    if (isEnded || (standing !== 'open' && standing !== 'taken')) continue
    const item = itemForFix(source, job, newId())
    if (item !== null) fixes.push(item)
  }
  const mended = new Set(
    fixes.flatMap((item) => (methodOf(item.method)?.answers === 'source' ? [] : item.finding_ids)),
  )
  const groups = new Map<string, WorkItem>()
  for (const id of scope.open) {
    const finding = byId(job.findings, id)
    const method = finding?.component && !mended.has(id) ? advisedFor(id, scope) : null
    if (!finding?.component || method === null) continue
    const key = `${method}/${finding.component}/${finding.material}`
    const held = groups.get(key)
    groups.set(
      key,
      held
        ? { ...held, finding_ids: [...held.finding_ids, id] }
        : newWorkItem({
            id: newId(),
            finding_ids: [id],
            method,
            component: finding.component,
            material: finding.material,
          }),
    )
  }
  return [...fixes, ...groups.values()]
}
