import { CLADDING_CAUSES } from './cladding'
import { EARLIER_WORK_CAUSES } from './earlierWork'
import { GROUND_WATER_CAUSES } from './groundWater'
import { INSIDE_CAUSES } from './inside'
import { LIFE_CAUSES } from './life'
import { NULL_CAUSES } from './nothing'
import { OPENING_CAUSES } from './openings'
import { ROOF_WATER_CAUSES } from './roofWater'
import { STRUCTURE_CAUSES } from './structure'
import { WALL_WATER_CAUSES } from './wallWater'
import type { ComponentId } from '../../job'
import type { SignId } from '../signs'
import type { Cause } from './cause'

export { FAMILIES, USUAL } from './cause'
export type { Cause, Family, HouseFact, Reach, SeatKind, Usual, Weighed } from './cause'

export const CAUSES = {
  ...NULL_CAUSES,
  ...ROOF_WATER_CAUSES,
  ...OPENING_CAUSES,
  ...CLADDING_CAUSES,
  ...WALL_WATER_CAUSES,
  ...GROUND_WATER_CAUSES,
  ...INSIDE_CAUSES,
  ...LIFE_CAUSES,
  ...STRUCTURE_CAUSES,
  ...EARLIER_WORK_CAUSES,
} as const satisfies Record<string, Cause>

export type CauseId = keyof typeof CAUSES
export const CAUSE_IDS = Object.keys(CAUSES) as CauseId[]

/** Names that causes had in job files of earlier versions. */
const RENAMED: Readonly<Record<string, CauseId>> = {
  insects: 'subterranean-termites',
  'earlier-patch': 'mismatched-patch',
}

export function isCause(id: string): id is CauseId {
  return Object.hasOwn(CAUSES, id)
}

/** The cause a job file names, under its name of today; null where there is none. */
export function causeNamed(id: string): CauseId | null {
  if (isCause(id)) return id
  return RENAMED[id] ?? null
}

/** A cause by its name; one that this program no longer knows by its id. */
export function causeName(id: string): string {
  const known = causeNamed(id)
  return known === null ? id.replaceAll('-', ' ') : CAUSES[known].name
}

/** The cause as its general type, so that every cause has the same parts. */
export function causeOf(id: CauseId): Cause {
  return CAUSES[id]
}

/** From this ratio on a sign brings a cause into play whatever the part is called. Our judgement. */
const SHOWS_FROM = 3
const SPOKEN_FOR: ReadonlyMap<string, readonly (readonly [CauseId, number])[]> = (() => {
  const by = new Map<string, (readonly [CauseId, number])[]>()
  for (const id of CAUSE_IDS)
    for (const { sign, ratio } of causeOf(id).supports) by.set(sign, [...(by.get(sign) ?? []), [id, ratio]])
  return by
})()

/** Causes that one of these signs speaks for strongly enough to bring them into play by itself, or with a ratio of `from` and more. */
export function causesShownBy(signs: readonly string[], from: number = SHOWS_FROM): ReadonlySet<CauseId> {
  return new Set(
    signs.flatMap((sign) =>
      (SPOKEN_FOR.get(sign) ?? []).flatMap(([id, ratio]) => (ratio >= from ? [id] : [])),
    ),
  )
}

/**
 * Whether a sign is one of damage that such a part can have: some cause it speaks for damages that part. Nobody is sent to look for soil
 * over the bottom course at a deck board. A sign that speaks for none, or a part not known, may be looked for anywhere.
 */
export function isShownAt(sign: SignId, component: ComponentId | null): boolean {
  const spoken = SPOKEN_FOR.get(sign)
  return component === null || !spoken || spoken.some(([id]) => causeOf(id).damages.includes(component))
}

/** A cause without a place: there is nothing to fix but the paint. */
export function isNull(id: CauseId): boolean {
  return causeOf(id).seat === 'none'
}
