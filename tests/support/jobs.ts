import { emptyJob, finding, side, window } from '../../demo/build'
import { newWorkItem, type Finding, type JobDocument, type WorkItem } from '../../src/core/job'

export { freshIntake } from '../../src/ui/walk/papers/freshIntake'
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
      kind: 'house',
      year_built: { kind: 'known', year: 1990 },
      storeys: 1,
      foundation: 'crawl',
      foundation_height: (18 * 64) as never,
      storey_height: (9 * 768) as never,
      climate: null,
      surroundings: null,
      conditions: [],
      crawl_clearance: null,
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

/** A method chosen: in finger-jointed pine unless it is said otherwise. */
export function workItem(
  id: string,
  of: Partial<WorkItem> & Pick<WorkItem, 'method' | 'component'>,
): WorkItem {
  return newWorkItem({ id, material: 'finger-jointed-pine', ...of })
}

/** A side to be painted. */
export function paintItem(id: string, side_id = 'side-a', of: Partial<WorkItem> = {}): WorkItem {
  return newWorkItem({
    id,
    method: 'paint-side',
    places: [{ at: { kind: 'whole-side', side_id }, size: null, height: null }],
    condition: 'light',
    ...of,
  })
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
