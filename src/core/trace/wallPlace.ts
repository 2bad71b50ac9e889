import { casingOf, featureBox, type WallBox } from '../geometry'
import { byId, type Feature, type JobDocument } from '../job'
import { inches } from '../measure'
import type { WallPlace } from '../catalogue/causes/priors'

type Thing = 'opening' | 'chase' | 'hole'

const THING: Partial<Record<Feature['kind'], Thing>> = {
  window: 'opening',
  door: 'opening',
  bay: 'opening',
  'chimney-chase': 'chase',
  penetration: 'hole',
}

/** How far beside, above and below such a thing a board still is *at* it, inches. Our judgement. */
const AROUND: Readonly<Record<Thing, { aside: number; above: number; below: number }>> = {
  opening: { aside: 8, above: 8, below: 36 },
  chase: { aside: 0, above: 0, below: 0 },
  hole: { aside: 6, above: 2, below: 36 },
}

function placeAt(thing: Thing, box: WallBox, at: WallBox): WallPlace {
  if (thing !== 'opening') return thing
  return box.top <= at.bottom + inches(2) ? 'below-sill' : 'beside-opening'
}

/**
 * What a stretch of wall is at: what it was noted with, or else what it lies beside or below. A hole goes before an opening, being
 * smaller.
 */
export function wallPlaceOf(box: WallBox, feature_id: string | null, job: JobDocument): WallPlace | null {
  const noted = byId(job.features, feature_id)
  if (noted) {
    const thing = THING[noted.kind]
    return thing ? placeAt(thing, box, featureBox(noted, job)) : null
  }
  let found: WallPlace | null = null
  for (const feature of job.features) {
    const thing = THING[feature.kind]
    if (!thing || feature.side_id !== box.side_id || found === 'hole') continue
    const at = featureBox(feature, job)
    const { aside, above, below } = AROUND[thing]
    const wide = inches(aside) + casingOf(feature)
    const isAt =
      box.left <= at.right + wide &&
      box.right >= at.left - wide &&
      box.bottom <= at.top + inches(above) &&
      box.top >= at.bottom - inches(below)
    if (isAt) found = placeAt(thing, box, at)
  }
  return found
}
