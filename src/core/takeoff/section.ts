import { WORK_SAYS } from '../catalogue/sentences/work'
import type { PartRow } from '../catalogue'
import { dressedSize, formatLength, type Length } from '../measure'

/** The section a new piece is cut from, or why none is known. */
export type SectionChoice =
  | { readonly kind: 'section'; readonly section: string }
  | { readonly kind: 'too-wide'; readonly width: Length }

/**
 * The narrowest section sold that is at least as wide as the measured face; without a measure, the part's usual one. A section said
 * for the item wins.
 */
export function sectionFor(
  part: PartRow,
  of: { readonly said: string | null; readonly face: Length | null; readonly casing: Length | null },
): SectionChoice {
  const rule = part.section
  if (of.said) return { kind: 'section', section: of.said }
  if (rule === null) return { kind: 'section', section: '' }
  const width = of.face ?? (rule.widthFrom === 'casing' ? of.casing : null)
  if (width === null || rule.choices.length === 0) return { kind: 'section', section: rule.usual }
  const fits = rule.choices
    .map((section) => ({ section, wide: dressedSize(section)?.width ?? 0 }))
    .filter(({ wide }) => wide >= width)
    .sort((a, b) => a.wide - b.wide)[0]
  return fits ? { kind: 'section', section: fits.section } : { kind: 'too-wide', width }
}

export function tooWideWords(width: Length): string {
  return WORK_SAYS.lacksSection(formatLength(width))
}
