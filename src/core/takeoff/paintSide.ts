import { sideMeasures } from '../geometry'
import type { AreaItem } from '../scope'
import type { JobDocument } from '../job'
import type { Recipe } from './recipe'

/** Surface of lap siding over its flat area. Our judgement. */
const LAP_SURFACE = 1.1

/** Painting one side: wash by hand, scrape and spot prime by its condition, two coats. */
export function paintSideRecipe(item: AreaItem, job: JobDocument): Recipe {
  const side = job.sides.find((each) => each.id === item.work.side_id)
  if (!side)
    return { pieces: [], consumables: [], tasks: [], disturbsPaint: true, disturbed_ft2: 0, notes: [] }
  const { gross, net } = sideMeasures(side, job)
  const surface = net.value * LAP_SURFACE
  const rate = { light: 'low', typical: 'typical', heavy: 'high' } as const
  return {
    pieces: [],
    consumables: [
      {
        id: 'primer',
        name: 'Primer, a quarter of the surface',
        quantity: Math.ceil((surface * 0.25) / 250),
        unit: 'gal',
      },
      { id: 'paint', name: 'Paint, two coats', quantity: Math.ceil((surface * 2) / 350), unit: 'gal' },
    ],
    tasks: [
      { task: 'hand-wash', quantity: gross.value / 100 },
      { task: 'scrape', quantity: gross.value / 100, rate: rate[item.work.condition] },
      { task: 'field-paint', quantity: (2 * gross.value) / 100 },
    ],
    disturbsPaint: true,
    disturbed_ft2: gross.value,
    notes: [
      `Wall ${gross.how}; for material ${net.how}.`,
      ...(side.length === null ? ['Side not measured yet: length as drawn.'] : []),
    ],
  }
}
