import { CAUTIONS, METHODS, NEEDS, PARTS, PERMIT_SAID, WARRANTIES, partName, plainPart } from '../..'
import { CAUSES } from '../../causes'
import { FINDS } from '../../hidden/finds'
import { CAUTION_WORDS, NEED_SAYS } from '../care'
import { METHOD_NAMES } from '../methodNames'
import { PART_NAMES } from '../parts'
import { CAUSE_SAYS } from './causes'
import { CAUTION_SAYS, FIND_SAYS, WARRANTY_SAYS } from './care'
import { METHOD_WE } from './methodWe'
import { PART_PLAIN } from './partsPlain'
import type { Pair } from './pair'
import { SENTENCES } from './sentences'

export type { Pair } from './pair'

/** A row that has no Spanish yet gives no pair: its English stands, and a test names it. */
const pair = (english: string | null | undefined, spanish: string | undefined): Pair[] =>
  english && spanish ? [[english, spanish]] : []

/** The plain name without the trade's word behind it, once that was said. */
const short = (plain: string): string => plain.replace(/ \([^)]*\)$/, '')

function partPairs(): Pair[] {
  return PARTS.flatMap(({ id }) => {
    const spanish = PART_PLAIN[id]
    return [
      ...pair(plainPart(id), spanish),
      ...pair(short(plainPart(id)), spanish && short(spanish)),
      ...pair(partName(id), PART_NAMES[id]),
    ]
  })
}

function methodPairs(): Pair[] {
  return METHODS.flatMap(({ id, name, we }) => [...pair(name, METHOD_NAMES[id]), ...pair(we, METHOD_WE[id])])
}

function causePairs(): Pair[] {
  return Object.entries(CAUSES).flatMap(([id, row]) => {
    const [name, only, fix] = CAUSE_SAYS[id] ?? []
    return [...pair(row.name, name), ...pair(row.ifOnlyEffect, only), ...pair(row.fix?.words, fix)]
  })
}

function carePairs(): Pair[] {
  const cautions = CAUTIONS.flatMap(({ id, canHappen, doNow, who }) => [
    ...pair(canHappen, CAUTION_SAYS[id]?.canHappen),
    ...pair(doNow, CAUTION_SAYS[id]?.doNow ?? CAUTION_WORDS[id]?.doNow),
    ...pair(who, CAUTION_SAYS[id]?.who),
  ])
  return [
    ...cautions,
    ...Object.entries(WARRANTIES).flatMap(([id, promise]) => pair(promise, WARRANTY_SAYS[id])),
    ...pair(PERMIT_SAID.needed, 'Se saca un permiso antes de empezar, y el trabajo se inspecciona.'),
    ...NEEDS.flatMap(({ id, says }) => pair(says, NEED_SAYS[id])),
    ...FINDS.flatMap(({ id, plain }) => pair(plain, FIND_SAYS[id])),
  ]
}

/** All that a bid can say in English and how it reads in Spanish: rows of the catalogue, and the sentences around them. */
export const OWNER_PAIRS: readonly Pair[] = [
  ...SENTENCES,
  ...methodPairs(),
  ...causePairs(),
  ...carePairs(),
  ...partPairs(),
]
