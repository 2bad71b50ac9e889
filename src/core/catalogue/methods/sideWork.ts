/** Of what is done to a whole side: what is not done twice over one wall, and what comes after what. Common practice; our judgement. */

/** Two of them on one side are a choice, never both. */
type NotBoth = { readonly one: readonly string[]; readonly other: readonly string[]; readonly why: string }

const NEW_CLADDING = ['re-clad-side', 'shingle-side'] as const

export const NOT_BOTH: readonly NotBoth[] = [
  { one: ['re-clad-side'], other: ['shingle-side'], why: 'A wall gets one cladding.' },
  {
    one: NEW_CLADDING,
    other: ['paint-side', 'stain-side', 'wash-side'],
    why: 'The old boards come off: nobody washes or coats them first.',
  },
  { one: ['paint-side', 'coat-new-side'], other: ['stain-side'], why: 'A wall gets paint or stain.' },
  { one: ['paint-side'], other: ['coat-new-side'], why: 'Old boards are painted, or new ones.' },
  { one: ['paint-side', 'stain-side'], other: ['wash-side'], why: 'Washing is part of it.' },
]

/** What is only done where another was, on the same side. */
export const ONLY_AFTER: Readonly<Record<string, readonly string[]>> = { 'coat-new-side': ['re-clad-side'] }

/** What a side still wants after its work, and what is told where nobody took it. */
export const WANTS_AFTER: Readonly<Record<string, { readonly method: string; readonly without: string }>> = {
  're-clad-side': {
    method: 'coat-new-side',
    without: 'The new boards come primed. Painting them is not part of this.',
  },
}

/** Why two works are not both done on one side; null where they are. */
export function notBoth(a: string, b: string): string | null {
  const row = NOT_BOTH.find(
    ({ one, other }) => (one.includes(a) && other.includes(b)) || (one.includes(b) && other.includes(a)),
  )
  return row?.why ?? null
}
