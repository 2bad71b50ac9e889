import type { LocalProblem } from './localProblem'

/** No way, no source, no place: where an index would stand. */
export const NONE = -1

/** The ways of all findings one after the other: those of a finding stand from `from[finding]` up to `from[finding + 1]`. */
export type FlatWays = {
  readonly from: Int32Array
  readonly cost: Float64Array
  readonly sourceOf: Int32Array
  readonly findingOf: Int32Array
  /** Which of the finding’s own options it is. */
  readonly indexOf: Int32Array
  /** Its source and the place its evidence is from, as one number from nought; `NONE`: it only lies in reach. */
  readonly pairOf: Int32Array
  /** How many such pairs there are. */
  readonly pairs: number
  /** By source the ways that are evidence for it, finding by finding. */
  readonly speakFor: readonly (readonly number[])[]
}

/** Numbers in rows instead of objects: a search looks at every way at every node, and does nothing else all day. */
export function flatWays(local: LocalProblem): FlatWays {
  const options = local.options.reduce((sum, each) => sum + each.length, 0)
  const numbers = (): Int32Array => new Int32Array(options)
  const flat = {
    from: new Int32Array(local.options.length + 1),
    cost: new Float64Array(options),
    sourceOf: numbers(),
    findingOf: numbers(),
    indexOf: numbers(),
    pairOf: numbers(),
  }
  const pairs = local.open.map(() => new Map<string, number>())
  const speakFor = local.open.map((): number[] => [])
  let many = 0
  let at = 0
  local.options.forEach((mine, finding) => {
    for (const { cost, source, index, anchor } of mine) {
      flat.cost[at] = cost
      flat.sourceOf[at] = source
      flat.findingOf[at] = finding
      flat.indexOf[at] = index
      flat.pairOf[at] = NONE
      if (anchor !== null) {
        const known = pairs[source]!.get(anchor) ?? many++
        pairs[source]!.set(anchor, known)
        flat.pairOf[at] = known
        speakFor[source]!.push(at)
      }
      at += 1
    }
    flat.from[finding + 1] = at
  })
  return { ...flat, pairs: many, speakFor }
}
