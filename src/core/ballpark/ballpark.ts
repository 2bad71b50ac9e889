import { cutJob } from '../cut'
import { newJob, type ComponentId, type JobDocument, type MethodId, type Repair } from '../job'
import { feet, formatLength, scaleLength, type Cents, type Length } from '../measure'
import { priceJob } from '../price'
import { isSiding, scopeJob } from '../scope'
import { NO_TRACE } from '../trace'
import { takeoffJob, type Pace } from '../takeoff'

/** What one thing costs, roughly: for the telephone, never for a bid. */
export type Ballpark =
  | {
      readonly kind: 'priced'
      readonly low: Cents
      readonly typical: Cents
      readonly high: Cents
      /** What would move it, most first. */
      readonly changes: readonly string[]
    }
  | { readonly kind: 'withheld' }
  | { readonly kind: 'no-price' }

/** Said lengths turn out shorter or longer: the range they are reckoned with. Our judgement. */
const LENGTH_TIMES: Readonly<Record<Pace, number>> = { low: 0.85, typical: 1, high: 1.3 }

export type BallparkOf = {
  readonly component: ComponentId
  readonly length: Length
  readonly height: Length
  readonly count: number
}

/** The method a part is usually mended with, where nobody chose one. */
export function usualMethod(component: ComponentId): MethodId {
  if (isSiding(component)) return 'replace-course'
  return component === 'head-casing' ? 'head-flashing' : 'replace-member'
}

function oneItemJob(job: JobDocument, of: BallparkOf, pace: Pace): JobDocument {
  const empty = newJob({
    id: 'ballpark',
    title: '',
    timeZone: job.job.time_zone,
    settings: job.settings,
    rates: job.rates,
  })
  const side = {
    id: 'side',
    removed: false,
    letter: 'A',
    order: 0,
    facing: 'front' as const,
    length: null,
    turn_deg: 90,
    wall_height: null,
    roof_edge: 'eave' as const,
    pitch_in_12: 6,
    overhang: feet(1),
    cladding: 'unknown' as const,
    clad_parts: [],
    ground_left: feet(0),
    ground_right: feet(0),
    floor_shift: feet(0),
    length_how: 'guessed' as const,
    length_low: null,
    length_high: null,
    height_how: 'guessed' as const,
  }
  const repair: Repair = {
    id: 'item',
    removed: false,
    finding_ids: [],
    method: usualMethod(of.component),
    component: of.component,
    material: 'unknown',
    place: {
      kind: 'side',
      side_id: side.id,
      station: feet(0),
      height: { value: of.height, from: 'grade' },
      feature_id: null,
    },
    extent: { value: scaleLength(of.length, LENGTH_TIMES[pace]), how: 'taped', low: null, high: null },
    count: of.count,
    note: '',
  }
  return { ...empty, house: job.house, sides: [side], repairs: [repair] }
}

function priceAt(job: JobDocument, of: BallparkOf, pace: Pace): Cents | 'withheld' | 'no-price' {
  const one = oneItemJob(job, of, pace)
  const scope = scopeJob(one, NO_TRACE, [])
  const takeoff = takeoffJob(one, scope, pace)
  const price = priceJob(one, scope, takeoff, cutJob(one, takeoff))
  if (price.kind === 'withheld') return 'withheld'
  if (price.kind === 'no-room' || price.total_cents === 0 || takeoff.items[0]?.tasks.length === 0)
    return 'no-price'
  return price.total_cents
}

/**
 * A ballpark for one thing: member, length, height → low, typical, high, at the firm's own rates.
 *
 * It is the price of a job with that one item, by the low, typical and high hours, the length a little shorter or longer; visits
 * and the minimum included, since a small job pays them whole.
 * Ends: `withheld` for a role without money; `no-price` for a part without a recipe.
 */
export function ballpark(job: JobDocument, of: BallparkOf): Ballpark {
  const prices = (['low', 'typical', 'high'] as const).map((pace) => priceAt(job, of, pace))
  if (prices.includes('withheld')) return { kind: 'withheld' }
  const [low, typical, high] = prices
  if (typeof low !== 'number' || typeof typical !== 'number' || typeof high !== 'number')
    return { kind: 'no-price' }
  const year = job.house?.year_built
  return {
    kind: 'priced',
    low,
    typical,
    high,
    changes: [
      'what is soft behind it',
      `the length, said to be ${formatLength(of.length)}`,
      ...(year?.kind === 'known' ? [] : ['the year of the house: unknown counts as lead paint']),
      'wood that has to be matched',
    ],
  }
}
