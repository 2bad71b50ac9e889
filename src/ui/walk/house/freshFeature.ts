import { FEATURE_WORDS, type EntityOf, type Feature, type JobDocument } from '../../../core/job'
import { feet, inches, type Length } from '../../../core/measure'

/** How a kind is offered in a list, where more words help than before a number. */
export const FEATURE_NAMES: Record<Feature['kind'], string> = {
  ...FEATURE_WORDS,
  penetration: 'pipe or fixture',
  fixture: 'bath, sink or toilet inside',
  'on-roof': 'pipe, skylight or valley on the roof',
  outline: 'free outline',
  'at-ground': 'walk, patio, soil or mulch',
  'crawl-opening': 'hatch or vent of the crawl space',
}

/** Of a gutter seen from the ground. */
const NOT_LOOKED_UP = {
  profile: 'unknown',
  top_width: null,
  hangers: 'unknown',
  hangers_apart: null,
} as const

/** Numbers are given once: a removed window keeps its own. */
export function nextFeatureNumber(document: JobDocument, sideId: string): number {
  return (
    Math.max(0, ...document.features.filter((each) => each.side_id === sideId).map((each) => each.number)) + 1
  )
}

type Where = {
  readonly id: string
  readonly side_id: string
  readonly number: number
  readonly station: Length
}

/** Something new on a side at a usual size, to be corrected: the size is a first guess, and nobody's measurement. */
export function freshFeature(kind: Feature['kind'], where: Where): EntityOf['feature'] {
  const base = { ...where, removed: false, size_how: 'guessed' as const }
  const floor = (value: Length) => ({ value, from: 'floor-1' }) as const
  switch (kind) {
    case 'window':
      return {
        ...base,
        kind,
        width: inches(36),
        height: inches(60),
        sill: floor(inches(30)),
        casing_width: inches(4.5),
        parts: ['head-casing', 'side-casing', 'window-sill', 'sill-nose'],
      }
    case 'door':
      return {
        ...base,
        kind,
        width: inches(36),
        height: inches(80),
        sill: floor(inches(0)),
        casing_width: inches(4.5),
        parts: ['head-casing', 'side-casing', 'jamb-foot', 'threshold', 'slab'],
      }
    case 'deck':
      return { ...base, kind, width: feet(16), depth: feet(10), deck_height: inches(24) }
    case 'bay':
      return { ...base, kind, width: feet(8), height: feet(5), sill: floor(inches(24)), depth: inches(24) }
    case 'porch':
      return {
        ...base,
        kind,
        width: feet(14),
        depth: feet(8),
        deck_height: inches(24),
        eave_height: feet(10),
        screened: false,
      }
    case 'chimney-chase':
      return { ...base, kind, width: feet(5), depth: feet(2), top: feet(26) }
    case 'small-roof':
      return { ...base, kind, width: feet(6), depth: feet(3), top: floor(feet(9)), pitch_in_12: 4 }
    case 'dormer':
      return { ...base, kind, width: feet(6), height: feet(5), above_eave: feet(2), pitch_in_12: 8 }
    case 'penetration':
      return { ...base, kind, what: 'pipe', width: inches(6), height: inches(6), sill: floor(inches(0)) }
    case 'gutter':
      return { ...base, kind, width: feet(20), outlets: 'unknown', ...NOT_LOOKED_UP }
    case 'leader':
      return { ...base, kind, width: inches(3), discharge: 'unknown' }
    case 'fixture':
      return { ...base, kind, width: feet(5), what: 'tub', in_from_wall: inches(0), floor: 1 }
    case 'on-roof':
      return { ...base, kind, width: inches(6), what: 'pipe', in_from_wall: feet(4) }
    case 'at-ground':
      return { ...base, kind, what: 'walk', width: feet(10), depth: feet(3), surface: inches(0) }
    case 'crawl-opening':
      return {
        ...base,
        kind,
        what: 'vent',
        width: inches(16),
        height: inches(8),
        sill: { value: inches(6), from: 'grade' },
      }
    case 'outline':
      return {
        ...base,
        kind,
        what: '',
        width: feet(4),
        points: [
          { station: where.station, height: inches(0) },
          { station: (where.station + feet(4)) as Length, height: inches(0) },
          { station: (where.station + feet(4)) as Length, height: feet(4) },
        ],
      }
  }
}
