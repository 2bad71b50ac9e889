/**
 * The keystroke-level model: how long a practised person takes for a task without errors, from what he does with his hands.
 *
 * Source: Card, Moran and Newell, "The Keystroke-Level Model for User Performance Time with Interactive Systems", Communications of
 * the ACM 23(7), 1980: K 0.28 s for an average non-secretary typist, P 1.10 s, H 0.40 s, M 1.35 s. The model is older than touch
 * screens: a tap is taken as P and K, our judgement.
 */
export const OPERATOR_S = { K: 0.28, P: 1.1, H: 0.4, M: 1.35 } as const

/** What was done: keys pressed, taps, hands moved between keys and screen, and things thought of. */
export type Done = {
  readonly keys: number
  readonly taps: number
  readonly homings: number
  /** One for every cognitive unit: a cell of the sheet, a word of the line that says one thing, a choice among buttons. */
  readonly thoughts: number
}

export const NOTHING_DONE: Done = { keys: 0, taps: 0, homings: 0, thoughts: 0 }

export function plus(a: Done, b: Done): Done {
  return {
    keys: a.keys + b.keys,
    taps: a.taps + b.taps,
    homings: a.homings + b.homings,
    thoughts: a.thoughts + b.thoughts,
  }
}

/** Modelled seconds of what was done. */
export function secondsOf(done: Done): number {
  const { K, P, H, M } = OPERATOR_S
  return done.keys * K + done.taps * (P + K) + done.homings * H + done.thoughts * M
}
