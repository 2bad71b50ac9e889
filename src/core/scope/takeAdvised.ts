import { methodOf } from '../catalogue'
import type { Danger } from '../caution'
import { placeOf } from '../geometry'
import { byId, newWorkItem, type Finding, type JobDocument, type WorkItem } from '../job'
import { causeOf, isSureEnough, type Source, type Trace } from '../trace'
import { scopeJob, type Scope } from './scopeJob'
import { cures, decisionOn } from './sourceDecision'
import { itemForFix } from './sourceFix'

/**
 * What is advised for a finding that nothing answers yet; null where no method is recommended. What only ends its source, and is made for
 * another part, answers no finding: new piers do not straighten a skirting.
 */
function advisedFor(finding_id: string, scope: Scope, job: JobDocument): string | null {
  const advice = scope.advice.find((each) => each.finding_id === finding_id)?.methods ?? []
  const part = byId(job.findings, finding_id)?.component ?? ''
  const best = advice.find(({ method, verdict }) => {
    const row = methodOf(method)
    return (
      verdict === 'recommended' &&
      row?.answers === 'findings' &&
      (row.serves === null || row.serves.includes(part))
    )
  })
  return best?.method ?? null
}

/** How much a source's fix ends besides: what ends most goes first, so that nothing is taken for what it ends already. */
const broad = (source: Source): number =>
  methodOf(causeOf(source.cause).fix?.method ?? '')?.alsoFixes.length ?? 0

/** Whether what the source shows at is to be rebuilt as a whole: then its fix is part of that, and mends nothing beside it. */
function isRebuilt(source: Source, scope: Scope, job: JobDocument): boolean {
  return source.finding_ids.every((id) => {
    const best = advisedFor(id, scope, job)
    return best !== null && methodOf(best)?.rebuilds === 'assembly'
  })
}

function fixesFor(job: JobDocument, trace: Trace, scope: Scope, newId: () => string): WorkItem[] {
  const fixes: WorkItem[] = []
  for (const source of trace.sources.toSorted((a, b) => broad(b) - broad(a))) {
    if (source.letter === null || decisionOn(source, job)?.decision === 'declined') continue
    const standing = scope.fixes[source.letter]
    const isEnded = fixes.some(
      (item) =>
        cures(item, source) &&
        item.finding_ids.some((id) => source.finding_ids.includes(id) || source.also_ids.includes(id)),
    )
    // What is only possible is looked at before it is sold; who takes it all the same has said so.
    const isWanted = standing === 'taken' || (standing === 'open' && isSureEnough(source.certainty))
    if (isEnded || !isWanted || isRebuilt(source, scope, job)) continue
    const item = itemForFix(source, job, newId())
    if (item !== null) fixes.push(item)
  }
  return fixes
}

/** The only deck of the house: a finding of a deck that says no more is of it. */
function onlyDeck(job: JobDocument): string | null {
  const [deck, ...more] = job.features.filter(({ kind }) => kind === 'deck')
  return deck && more.length === 0 ? deck.id : null
}

/** The deck a finding is on, by its feature or its side; the only one where it says neither. */
function deckOf(finding: Finding, job: JobDocument): string {
  const at = placeOf(finding, job)
  if ((at.kind === 'deck' || at.kind === 'side') && at.feature_id !== null) return at.feature_id
  return onlyDeck(job) ?? (at.kind === 'side' ? at.side_id : 'deck')
}

function deckPlace(finding: Finding, job: JobDocument): WorkItem['places'][number]['at'] {
  const at = placeOf(finding, job)
  const feature_id = ('feature_id' in at ? at.feature_id : null) ?? onlyDeck(job)
  return feature_id === null ? at : { kind: 'deck', feature_id, words: '' }
}

/** Open findings by what is advised for each; those of one part, material and method are one item. */
function repairsFor(
  job: JobDocument,
  scope: Scope,
  takes: (method: string) => boolean,
  newId: () => string,
): WorkItem[] {
  const groups = new Map<string, WorkItem>()
  for (const id of scope.open) {
    const finding = byId(job.findings, id)
    const method = finding?.component ? advisedFor(id, scope, job) : null
    if (!finding?.component || method === null || !takes(method)) continue
    const deck = methodOf(method)?.rebuilds === 'assembly' ? deckOf(finding, job) : null
    const key = deck === null ? `${method}/${finding.component}/${finding.material}` : `${method}/${deck}`
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
            // A deck is rebuilt once, whatever of it was found.
            places: deck === null ? [] : [{ at: deckPlace(finding, job), size: null, height: null }],
          }),
    )
  }
  return [...groups.values()]
}

/**
 * All that is advised and not chosen yet, as items to add: the fix of every source that was not declined; what shores first and renews
 * what carries load; then, with that in the bid, the first method recommended for every finding that is still open.
 *
 * Ends: a finding without a part, or without a recommendation, stays open.
 */
export function takeAdvised(
  job: JobDocument,
  trace: Trace,
  dangers: readonly Danger[],
  newId: () => string,
): WorkItem[] {
  const taken: WorkItem[] = []
  const now = (): JobDocument => ({ ...job, work_items: [...job.work_items, ...taken] })
  taken.push(...fixesFor(job, trace, scopeJob(now(), trace, dangers), newId))
  const shores = (method: string): boolean => methodOf(method)?.rebuilds === 'member'
  taken.push(...repairsFor(job, scopeJob(now(), trace, dangers), shores, newId))
  taken.push(...repairsFor(job, scopeJob(now(), trace, dangers), () => true, newId))
  return taken
}
