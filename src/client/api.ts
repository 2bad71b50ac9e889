import { learnTime } from './clock'

/** A request the server refused, with its sentence; or none came through at all. */
export type Failure =
  | {
      readonly kind: 'refused'
      readonly status: number
      readonly detail: string
      readonly changeId: string | null
      /** Kind of the problem, the last word of its `type`. */
      readonly problem: string
    }
  | { readonly kind: 'no-signal' }

export type Answer<T> =
  { readonly ok: true; readonly value: T } | { readonly ok: false; readonly failure: Failure }

async function failureOf(response: Response): Promise<Failure> {
  const body: unknown = await response.json().catch(() => null)
  const told = (body ?? {}) as { detail?: unknown; change_id?: unknown; type?: unknown }
  return {
    kind: 'refused',
    status: response.status,
    detail:
      typeof told.detail === 'string' ? told.detail : `The server answered ${response.status}. Try again.`,
    changeId: typeof told.change_id === 'string' ? told.change_id : null,
    problem: typeof told.type === 'string' ? (told.type.split(/[/:#]/).at(-1) ?? '') : '',
  }
}

/** Calls our own server; a lost connection is an answer too. */
export async function call<T>(path: string, init?: RequestInit): Promise<Answer<T>> {
  let response: Response
  try {
    response = await fetch(path, init)
  } catch {
    return { ok: false, failure: { kind: 'no-signal' } }
  }
  learnTime(response.headers.get('date'))
  if (!response.ok) return { ok: false, failure: await failureOf(response) }
  return { ok: true, value: (await response.json()) as T }
}

export function postJson<T>(path: string, body: unknown): Promise<Answer<T>> {
  return call<T>(path, {
    method: 'POST',
    headers: { 'content-type': 'application/json' },
    body: JSON.stringify(body),
  })
}

export function failureWords(failure: Failure): string {
  return failure.kind === 'no-signal' ? 'No signal. Nothing is lost; try again.' : failure.detail
}
