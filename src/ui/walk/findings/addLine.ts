import type { JobStore } from '../../../client/jobStore'
import { factAbout, findingFrom, parseLine, type LearntWord } from '../../../core/shorthand'
import { freshFinding } from './fresh'

/**
 * Puts what a line says into the job: a finding for each, with its readings and holds as facts. Without a word the photos alone
 * are a finding too.
 *
 * @returns the ids of the new findings, or why one was not taken.
 */
export function addLine(
  store: JobStore,
  of: { line: string; photoIds: readonly string[]; words: readonly LearntWord[] },
): { ok: true; ids: string[] } | { ok: false; words: string } {
  const { job, member } = store.read()
  const said = parseLine(of.line, of.words).map((each) => findingFrom(each, job))
  const made = said.length > 0 ? said : [{ fields: {}, facts: [] }]
  const ids: string[] = []
  for (const { fields, facts } of made) {
    const photoIds = ids.length === 0 ? of.photoIds : []
    const fresh = freshFinding({ place: { kind: 'none' }, by: member.name, photoIds })
    const refused = store.create('finding', { ...fresh, ...fields })
    if (refused) return { ok: false, words: refused }
    for (const fact of facts) store.addFact(factAbout(fact, fresh.id))
    ids.push(fresh.id)
  }
  return { ok: true, ids }
}
