import { ENTITY_KINDS, initialState, stampKey, type Change, type JobState } from '../core/job'
import type { ChangesAnswer } from '../core/contract'
import type { Snapshot } from './snapshot'

/** A snapshot as a state to edit. */
export function stateOf(snapshot: Snapshot): JobState {
  const stamps = Object.fromEntries(
    Object.entries(snapshot.revisions).map(([key, revision]) => [key, { revision, fields: {} }]),
  )
  return { ...initialState(snapshot.job), stamps, sequence: snapshot.sequence }
}

/** Numbers of findings are the server's; until it has one, a new finding stands as *new 1*. */
export function unnumbered(state: JobState, change: Change): JobState {
  if (change.op !== 'create' || change.entity.kind !== 'finding') return state
  const findings = state.job.findings.map((finding) =>
    finding.id === change.entity.id ? { ...finding, number: null } : finding,
  )
  return { ...state, job: { ...state.job, findings } }
}

/** The server's state after its answer: entities and facts it told us of, revisions as it has them. */
export function merge(server: JobState, answer: ChangesAnswer): JobState {
  let { job } = server
  const stamps = { ...server.stamps }
  for (const { kind, id, revision, body } of answer.entities) {
    const { key, many } = ENTITY_KINDS[kind]
    if (many) {
      const list = job[key] as unknown as { id: string }[]
      const index = list.findIndex((each) => each.id === id)
      job = { ...job, [key]: index < 0 ? [...list, body] : list.with(index, body as { id: string }) }
    } else {
      job = { ...job, [key]: body }
    }
    stamps[stampKey({ kind, id })] = { revision, fields: {} }
  }
  const known = new Set(job.facts.map((fact) => fact.id))
  const facts = answer.facts.filter((fact) => !known.has(fact.id))
  return { ...server, job: { ...job, facts: [...job.facts, ...facts] }, stamps, sequence: answer.sequence }
}
