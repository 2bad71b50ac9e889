import {
  applyChange,
  Change,
  findEntity,
  initialState,
  newJob,
  type EntityKind,
  type JobDocument,
  type JobState,
} from '../../src/core/job'
import type { MemberFace } from '../../src/core/contract'
import { actionsOf } from '../../src/core/firm'
import { changeWords } from '../../src/core/words'

export const TESS: MemberFace = {
  id: 'tess',
  name: 'Tess Tingle',
  company_id: 'firm',
  role: 'owner-estimator',
  may: actionsOf('owner-estimator'),
  seesMoney: true,
}

const problem = (kind: string, status: number, more: object = {}): Response =>
  Response.json({ type: `urn:detrimus:problem:${kind}`, status, detail: `${kind} here`, ...more }, { status })

/** A small server of one job that answers as ours does, with the same core; it can be spoilt, cut, and set back. */
export class FakeServer {
  state: JobState
  /** Ids of the changes in order: the head is the last. */
  history: string[] = []
  requests = 0
  batches: number[] = []
  /** An id of an entity it refuses although the browser took it. */
  refuses: string | null = null
  /** Ids it refuses without naming the change, as a request that does not parse is. */
  refusesUnnamed = new Set<string>()
  /** Larger batches are turned away. */
  largest = 1000
  isGone = false
  /** What happens to a request instead of, or after, what should. */
  spoil: ((path: string, init: RequestInit, honest: () => Response) => Promise<Response>) | null = null

  constructor(private readonly job: JobDocument) {
    this.state = initialState(job)
  }

  readonly fetch = async (path: string, init: RequestInit = {}): Promise<Response> => {
    this.requests += 1
    const honest = (): Response => this.handle(path, init)
    const response = this.spoil ? this.spoil(path, init, honest) : Promise.resolve(honest())
    const { signal } = init
    if (!signal) return response
    return Promise.race([
      response,
      new Promise<never>((_, reject) =>
        signal.addEventListener('abort', () => reject(new DOMException('aborted', 'AbortError'))),
      ),
    ])
  }

  private snapshot(): object {
    const { job, stamps, sequence } = this.state
    return {
      job,
      sequence,
      head: this.history.at(-1) ?? null,
      revisions: Object.fromEntries(Object.entries(stamps).map(([key, stamp]) => [key, stamp.revision])),
      member: TESS,
    }
  }

  private handle(path: string, init: RequestInit): Response {
    const url = new URL(path, 'http://here')
    if (url.pathname === '/api/jobs' && init.method === 'POST') {
      if (!this.isGone) return problem('job-exists', 409)
      this.isGone = false
      const { settings, rates } = this.job
      this.state = initialState(
        newJob({ id: this.job.id, title: 'made anew', timeZone: 'UTC', settings, rates }),
      )
      this.history = []
      return Response.json({ id: this.job.id }, { status: 201 })
    }
    if (this.isGone) return problem('not-found', 404)
    if (url.pathname.endsWith('/changes')) {
      const body =
        init.method === 'POST'
          ? (JSON.parse(init.body as string) as { known: number; head: string | null; changes: unknown[] })
          : { known: Number(url.searchParams.get('known')), head: url.searchParams.get('head'), changes: [] }
      return this.changes(body)
    }
    return Response.json(this.snapshot())
  }

  private changes(body: { known: number; head: string | null; changes: unknown[] }): Response {
    const { known, head } = body
    if (known > this.state.sequence || (head !== null && known > 0 && this.history[known - 1] !== head)) {
      return problem('set-back', 409, { sequence: this.state.sequence })
    }
    if (body.changes.length > 0) this.batches.push(body.changes.length)
    if (body.changes.length > this.largest) return problem('too-large', 413)
    let { state } = this
    const history = [...this.history]
    const applied: object[] = []
    for (const raw of body.changes) {
      const change = Change.parse(raw)
      if (this.refusesUnnamed.has(change.id)) return problem('malformed', 400)
      const at = history.indexOf(change.id)
      if (at >= 0) {
        applied.push({ id: change.id, sequence: at + 1, overruled: {} })
        continue
      }
      const result = applyChange(state, change)
      const isRefused = change.op === 'create' && change.entity.id === this.refuses
      if (!result.ok || isRefused) {
        const detail = result.ok ? 'not here' : changeWords(result.error)
        return problem('refused', 422, { change_id: change.id, detail })
      }
      state = result.value.state
      history.push(change.id)
      applied.push({ id: change.id, sequence: state.sequence, overruled: result.value.overruled })
    }
    this.state = state
    this.history = history
    const entities = Object.entries(state.stamps)
      .filter(([, stamp]) => stamp.revision > known)
      .map(([key, stamp]) => {
        const [kind, id] = key.split('/') as [EntityKind, string]
        return { kind, id, revision: stamp.revision, body: findEntity(state.job, { kind, id }) }
      })
    return Response.json({
      sequence: state.sequence,
      head: history.at(-1) ?? null,
      applied,
      entities,
      facts: state.job.facts,
    })
  }
}
