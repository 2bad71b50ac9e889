import { isSame } from './same'
import { ENTITY_KINDS, ENTITY_KIND_NAMES, type EntityKind, type JobDocument } from './document'
import type { Fact } from './facts'

/** What one state of a job has and another lacks, as what would bring it back. */
export type Lacking =
  | { readonly op: 'create'; readonly kind: EntityKind; readonly body: { readonly id: string } }
  | {
      readonly op: 'set'
      readonly kind: EntityKind
      readonly id: string
      readonly fields: Readonly<Record<string, unknown>>
    }
  | { readonly op: 'fact'; readonly fact: Fact }

/** Kinds in the order in which they refer to one another: what is named comes before what names it. */
const ORDER: readonly EntityKind[] = [
  'job',
  'house',
  'settings',
  'rates',
  'person',
  'side',
  'feature',
  'photo',
  'clip',
  'finding',
  'intake',
  'response_list',
  ...ENTITY_KIND_NAMES,
].filter((kind, index, all): kind is EntityKind => all.indexOf(kind) === index)

/**
 * What `mine` has and `theirs` lacks or has otherwise, in an order in which it can be brought back. Fields that only the server sets
 * are left alone.
 *
 * Cost: one pass over both.
 */
export function lacking(
  mine: JobDocument,
  theirs: JobDocument,
  fixed: (kind: EntityKind) => readonly string[],
): Lacking[] {
  const found: Lacking[] = []
  for (const kind of ORDER) {
    const { key, many } = ENTITY_KINDS[kind]
    const list = (job: JobDocument): readonly { id: string }[] => {
      const held = job[key] as unknown
      if (many) return held as { id: string }[]
      return held === null ? [] : [held as { id: string }]
    }
    const there = new Map(
      list(theirs).map((each) => [each.id, each as Record<string, unknown> & { id: string }]),
    )
    for (const body of list(mine)) {
      const other = there.get(body.id)
      if (!other) {
        found.push({ op: 'create', kind, body })
        continue
      }
      const untouched = new Set(['id', ...fixed(kind)])
      const fields = Object.fromEntries(
        Object.entries(body).filter(([name, value]) => !untouched.has(name) && !isSame(value, other[name])),
      )
      if (Object.keys(fields).length > 0) found.push({ op: 'set', kind, id: body.id, fields })
    }
  }
  const facts = new Set(theirs.facts.map((fact) => fact.id))
  for (const fact of mine.facts) if (!facts.has(fact.id)) found.push({ op: 'fact', fact })
  return found
}
