import { Problem } from '../core/contract/problem'
import { learnTime } from './clock'

/** A schema of the contract, in whichever form of the library it is written: the owner's page loads only the small one. */
export type Schema<Out, In = unknown> = {
  readonly _zod: { readonly input: In; readonly output: Out }
  safeParse(value: unknown):
    | { readonly success: true; readonly data: Out }
    | {
        readonly success: false
        readonly error: {
          readonly issues: readonly { readonly path: PropertyKey[]; readonly message: string }[]
        }
      }
}

/**
 * Why a request did not do what it should: the server refused it with its sentence; nothing came through in time; or something
 * answered that is not our server, as a hotel's sign-in page or a proxy does.
 */
export type Failure =
  | {
      readonly kind: 'refused'
      readonly status: number
      readonly detail: string
      readonly changeId: string | null
      /** Kind of the problem, the last word of its `type`. */
      readonly problem: string
      /** The facts that came with it. */
      readonly facts: Readonly<Record<string, unknown>>
    }
  | { readonly kind: 'no-signal' }
  | { readonly kind: 'foreign'; readonly status: number }

export type Answer<T> =
  { readonly ok: true; readonly value: T } | { readonly ok: false; readonly failure: Failure }

/** An answer that has not come whole by then does not come. */
const WITHIN_MS = 30_000

function refusalIn(body: unknown): Failure | null {
  const problem = Problem.safeParse(body)
  if (!problem.success) return null
  const { type, status, detail, change_id } = problem.data
  return {
    kind: 'refused',
    status,
    detail,
    changeId: change_id ?? null,
    problem: type.split(':').at(-1) ?? '',
    facts: body as Record<string, unknown>,
  }
}

async function read<T>(response: Response, schema: Schema<T> | null): Promise<Answer<T>> {
  const foreign: Answer<T> = { ok: false, failure: { kind: 'foreign', status: response.status } }
  // Our server redirects no request for data: where one leads is somebody else's.
  if (response.type === 'opaqueredirect') return foreign
  const text = await response.text()
  let body: unknown
  try {
    body = JSON.parse(text)
  } catch {
    return foreign
  }
  if (!response.ok) {
    const failure = refusalIn(body)
    return failure ? { ok: false, failure } : foreign
  }
  learnTime(response.headers.get('date'))
  if (schema === null) return { ok: true, value: undefined as T }
  const parsed = schema.safeParse(body)
  return parsed.success ? { ok: true, value: parsed.data } : foreign
}

/**
 * Calls our own server and takes only an answer of the shape it has: a page of another network with status 200 is none. `schema`
 * null: what it says is not looked at, only that it is JSON and no refusal.
 */
export async function call<T = undefined>(
  path: string,
  schema: Schema<T> | null,
  init: RequestInit = {},
  within_ms = WITHIN_MS,
): Promise<Answer<T>> {
  const stop = new AbortController()
  const timer = setTimeout(() => stop.abort(), within_ms)
  try {
    const response = await fetch(path, { redirect: 'manual', ...init, signal: stop.signal })
    return await read(response, schema)
  } catch {
    return { ok: false, failure: { kind: 'no-signal' } }
  } finally {
    clearTimeout(timer)
  }
}

/** What is asked and what is answered: the server holds to both as well. */
export type Asking<Asked, Answered> = {
  readonly asks: Schema<unknown, Asked>
  readonly answers: Schema<Answered> | null
  /** A small thing shown as done before it is answered: it goes on where its page is left in that moment. */
  readonly outlives?: boolean
}

/** What the server would not take is not sent: it comes back as its refusal would, with the first thing that is wrong. */
function refusedHere(asks: Schema<unknown, never> | Schema<unknown>, body: unknown): Failure | null {
  const checked = asks.safeParse(body)
  if (checked.success) return null
  const [issue] = checked.error.issues
  return {
    kind: 'refused',
    status: 422,
    detail: issue ? `${issue.path.join('.') || 'What was to be sent'}: ${issue.message}` : 'Not sent.',
    changeId: null,
    problem: 'invalid',
    facts: {},
  }
}

export function postJson<Asked, Answered>(
  path: string,
  of: Asking<Asked, Answered>,
  body: Asked,
  method: 'POST' | 'DELETE' = 'POST',
): Promise<Answer<Answered>> {
  const failure = refusedHere(of.asks, body)
  if (failure) return Promise.resolve({ ok: false, failure })
  return call<Answered>(path, of.answers, {
    method,
    headers: { 'content-type': 'application/json' },
    body: JSON.stringify(body),
    keepalive: of.outlives ?? false,
  })
}

/** One line of a long answer. */
function stepOf<P, T>(
  line: string,
  of: { progress: Schema<P>; done: Schema<T> },
): { kind: 'progress'; value: P } | { kind: 'end'; answer: Answer<T> } {
  const foreign = { kind: 'end', answer: { ok: false, failure: { kind: 'foreign', status: 200 } } } as const
  let said: { progress?: unknown; done?: unknown; problem?: unknown }
  try {
    said = JSON.parse(line) as typeof said
  } catch {
    return foreign
  }
  if (said.progress !== undefined) {
    const progress = of.progress.safeParse(said.progress)
    return progress.success ? { kind: 'progress', value: progress.data } : foreign
  }
  if (said.done !== undefined) {
    const done = of.done.safeParse(said.done)
    return done.success ? { kind: 'end', answer: { ok: true, value: done.data } } : foreign
  }
  const failure = refusalIn(said.problem)
  return failure ? { kind: 'end', answer: { ok: false, failure } } : foreign
}

/** Calls for something that takes its time; the answer comes line by line and tells how far it is. Silence ends it. */
export async function callInSteps<Asked, P, T>(
  path: string,
  body: Asked,
  of: {
    asks: Schema<unknown, Asked>
    progress: Schema<P>
    done: Schema<T>
    tell: (progress: P) => void
    silence_ms?: number
  },
): Promise<Answer<T>> {
  const { silence_ms = 120_000 } = of
  const failure = refusedHere(of.asks, body)
  if (failure) return { ok: false, failure }
  const stop = new AbortController()
  let timer = setTimeout(() => stop.abort(), silence_ms)
  try {
    const response = await fetch(path, {
      method: 'POST',
      redirect: 'manual',
      headers: { 'content-type': 'application/json' },
      body: JSON.stringify(body),
      signal: stop.signal,
    })
    const isSteps = response.headers.get('content-type')?.startsWith('application/x-ndjson') === true
    if (!response.ok || !response.body || !isSteps) {
      const answer = await read(response, of.done)
      return answer
    }
    learnTime(response.headers.get('date'))
    const reader = response.body.pipeThrough(new TextDecoderStream()).getReader()
    let rest = ''
    for (;;) {
      const { done, value } = await reader.read()
      if (done) return { ok: false, failure: { kind: 'no-signal' } }
      clearTimeout(timer)
      timer = setTimeout(() => stop.abort(), silence_ms)
      const lines = (rest + value).split('\n')
      rest = lines.pop() ?? ''
      for (const line of lines.filter((each) => each !== '')) {
        const step = stepOf(line, of)
        if (step.kind === 'end') return step.answer
        of.tell(step.value)
      }
    }
  } catch {
    return { ok: false, failure: { kind: 'no-signal' } }
  } finally {
    clearTimeout(timer)
  }
}

export function failureWords(failure: Failure): string {
  switch (failure.kind) {
    case 'no-signal':
      return 'No signal. Nothing is lost; try again.'
    case 'foreign':
      return 'Something else than our server answered. A guest network may want you to sign in to it first; nothing is lost.'
    case 'refused':
      return failure.detail
  }
}
