import { MATERIALS, materialName, PARTS, partName } from '../../../core/catalogue'

type Choice = { readonly value: string; readonly label: string }

/** Rows of the catalogue to choose from; an id that is held and not known stays choosable, and is not lost by opening a form. */
function withHeld(rows: readonly Choice[], held: string | null, name: (id: string) => string): Choice[] {
  const known = held === null || rows.some((row) => row.value === held)
  return known ? [...rows] : [...rows, { value: held, label: name(held) }]
}

export function partChoices(held: string | null): Choice[] {
  return withHeld(
    PARTS.map(({ id, name }) => ({ value: id, label: name })),
    held,
    partName,
  )
}

export function materialChoices(held: string | null): Choice[] {
  return withHeld(
    MATERIALS.map(({ id, name }) => ({ value: id, label: name })),
    held,
    materialName,
  )
}
