/** An expected outcome: a value, or an error that says what happened as data. The sentence is written elsewhere. */
export type Result<T, E> =
  { readonly ok: true; readonly value: T } | { readonly ok: false; readonly error: E }

export function ok<T>(value: T): { readonly ok: true; readonly value: T } {
  return { ok: true, value }
}

export function err<E>(error: E): { readonly ok: false; readonly error: E } {
  return { ok: false, error }
}

/** Marks the end of a `switch` over a union: a new member that nobody handled is a type error here. */
export function assertNever(value: never): never {
  throw new Error(`unhandled case: ${JSON.stringify(value)}`)
}
