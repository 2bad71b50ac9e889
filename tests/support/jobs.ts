import { emptyJob, finding, side, window } from '../../demo/build'
import type { Finding, JobDocument, Repair } from '../../src/core/job'

export { alderHouse } from '../../demo/alderHouse'
export { emptyJob, finding, side, window }

/** A small house that closes: A front 40 ft, B right 30 ft, C back, D left, one window A1. */
export function smallHouse(more: Partial<JobDocument> = {}): JobDocument {
  const job = emptyJob('small', 'Small house')
  return {
    ...job,
    house: {
      id: 'house',
      removed: false,
      year_built: { kind: 'known', year: 1990 },
      storeys: 1,
      foundation: 'crawl',
      foundation_height: (18 * 64) as never,
      storey_height: (9 * 768) as never,
      climate: null,
      surroundings: null,
    },
    sides: [
      side('A', 0, 'front', 40),
      side('B', 1, 'right', 30),
      side('C', 2, 'back', 40),
      side('D', 3, 'left', 30),
    ],
    features: [window('A', 1, 10, 1)],
    ...more,
  }
}

export function repair(id: string, of: Partial<Repair> & Pick<Repair, 'method' | 'component'>): Repair {
  return {
    id,
    removed: false,
    finding_ids: [],
    material: 'finger-jointed-pine',
    place: null,
    extent: null,
    count: null,
    note: '',
    ...of,
  }
}

/** A soft sill nose on window A1. */
export function sillNose(more: Partial<Finding> = {}): Finding {
  return {
    ...finding({
      n: 1,
      words: 'soft',
      component: 'sill-nose',
      at: { side: 'a', ft: 10, up_in: 60, feature: 'window-a1' },
      length_in: 24,
      grade: 3,
    }),
    ...more,
  }
}
