import { drawnLength, featureBox, foundationTop, wallTop } from '../geometry'
import { rectangle, toFeet, toSquareFeet, type Length } from '../measure'
import type { AreaItem } from '../scope'
import type { JobDocument, Side } from '../job'
import type { Recipe } from './recipe'

/** Openings larger than this are taken off for material, never for labour. Firm default. */
const DEDUCT_ABOVE_FT2 = 12
/** Surface of lap siding over its flat area. Our judgement. */
const LAP_SURFACE = 1.1

/** Wall areas of a side, with the arithmetic in words. */
export type WallAreas = { readonly gross_ft2: number; readonly net_ft2: number; readonly how: string }

/** Gross and net wall area of a side: wall above the foundation, and its gable, less the larger openings for material. */
export function wallAreas(side: Side, job: JobDocument): WallAreas {
  const length = drawnLength(side, job)
  const height = (wallTop(side, job.house) - foundationTop(job.house)) as Length
  const wall = toSquareFeet(rectangle({ width: length, height }))
  const run = toFeet(length) / 2
  const gable = side.roof_edge === 'gable' ? run * run * (side.pitch_in_12 / 12) : 0
  const openings = job.features
    .filter((feature) => feature.side_id === side.id && feature.kind !== 'deck')
    .map((feature) => {
      const box = featureBox(feature, job.house)
      return toSquareFeet(
        rectangle({ width: (box.right - box.left) as Length, height: (box.top - box.bottom) as Length }),
      )
    })
    .filter((area) => area > DEDUCT_ABOVE_FT2)
  const deducted = openings.reduce((sum, area) => sum + area, 0)
  return {
    gross_ft2: wall + gable,
    net_ft2: wall + gable - deducted,
    how: `${toFeet(length).toFixed(2)} ft × ${toFeet(height).toFixed(2)} ft${gable > 0 ? ` + gable ${gable.toFixed(0)} ft²` : ''}; openings over ${DEDUCT_ABOVE_FT2} ft² off for material: ${deducted.toFixed(0)} ft²`,
  }
}

/** Painting one side: wash by hand, scrape and spot prime by its condition, two coats. */
export function paintSideRecipe(item: AreaItem, job: JobDocument): Recipe {
  const side = job.sides.find((each) => each.id === item.work.side_id)
  if (!side)
    return { pieces: [], consumables: [], tasks: [], disturbsPaint: true, disturbed_ft2: 0, notes: [] }
  const areas = wallAreas(side, job)
  const surface = areas.net_ft2 * LAP_SURFACE
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
      { task: 'hand-wash', quantity: areas.gross_ft2 / 100 },
      { task: 'scrape', quantity: areas.gross_ft2 / 100, rate: rate[item.work.condition] },
      { task: 'field-paint', quantity: (2 * areas.gross_ft2) / 100 },
    ],
    disturbsPaint: true,
    disturbed_ft2: areas.gross_ft2,
    notes: [
      `Wall ${areas.how}.`,
      ...(side.length === null ? ['Side not measured yet: length as drawn.'] : []),
    ],
  }
}
