import { partName, partOf } from '../catalogue'
import { dangersOf, hangsOn } from '../caution'
import { cutJob } from '../cut'
import { newJob, newWorkItem, type ComponentId, type JobDocument, type MethodId, type WorkItem } from '../job'
import { formatLength, scaleLength, type Cents, type Length } from '../measure'
import { priceJob } from '../price'
import { scopeJob } from '../scope'
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
  | { readonly kind: 'no-price'; readonly why: string }
  /** It, or what it hangs on, is on the keep-off list of this job: no price is said, and why. */
  | { readonly kind: 'keep-off'; readonly says: string }

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
  if (partOf(component)?.piece?.courses) return 'replace-course'
  return component === 'head-casing' ? 'head-flashing' : 'replace-member'
}

/** A ballpark as a piece of work: its height stays with it, and its length is a guess. */
export function ballparkItem(of: BallparkOf, id: string, how: 'taped' | 'guessed' = 'guessed'): WorkItem {
  const { value, low, high } = { value: of.length, low: of.length, high: of.length }
  const length = how === 'guessed' ? { value, how, low, high } : { value, how, low: null, high: null }
  const courses = partOf(of.component)?.piece?.courses ?? false
  return newWorkItem({
    id,
    method: usualMethod(of.component),
    component: of.component,
    places: [
      {
        at: { kind: 'words', words: 'place not noted yet' },
        height: of.height,
        size: courses
          ? { kind: 'courses', courses: of.count, length }
          : of.count > 1
            ? { kind: 'members', count: of.count, length }
            : { kind: 'length', length },
      },
    ],
    note: `from a ballpark, ${formatLength(of.height)} up`,
  })
}

function oneItemJob(job: JobDocument, of: BallparkOf, pace: Pace): JobDocument {
  const empty = newJob({
    id: 'ballpark',
    title: '',
    timeZone: job.job.time_zone,
    settings: job.settings,
    rates: job.rates,
  })
  const item = ballparkItem({ ...of, length: scaleLength(of.length, LENGTH_TIMES[pace]) }, 'item', 'taped')
  return { ...empty, house: job.house, people: job.people, work_items: [item] }
}

function priceAt(
  job: JobDocument,
  of: BallparkOf,
  pace: Pace,
): Cents | 'withheld' | { readonly why: string } {
  const one = oneItemJob(job, of, pace)
  const scope = scopeJob(one, NO_TRACE, [])
  const takeoff = takeoffJob(one, scope, { pace })
  const price = priceJob(one, scope, takeoff, cutJob(one, takeoff))
  if (price.kind === 'withheld') return 'withheld'
  const line = price.kind === 'priced' ? price.lines[0] : undefined
  if (price.kind !== 'priced' || !line || line.lacks.length > 0 || price.missing.length > 0) {
    const rate = price.kind === 'priced' ? price.missing.map((name) => `No rate for ${name}.`) : []
    return {
      why:
        [...(line?.lacks ?? []), ...rate][0] ??
        `No recipe for ${partName(of.component)} yet: it needs a look.`,
    }
  }
  return price.total_cents
}

/** What keeps people off the part, or what it hangs on, anywhere on this job. */
function keptOff(job: JobDocument, component: ComponentId): string | null {
  const deck = partOf(component)?.assembly === 'deck'
  const stops = dangersOf(job).find(
    ({ row, part }) => row.effect === 'stops' && (part === null ? deck : hangsOn(component, part)),
  )
  return stops ? `${stops.says}: ${stops.row.onWork}` : null
}

/**
 * A ballpark for one thing: member, length, height → low, typical, high, at the firm's own rates.
 *
 * It is the price of a job with that one item, by the low, typical and high hours, the length a little shorter or longer; visits
 * and the minimum included, since a small job pays them whole.
 * Ends: `withheld` for a role without money; `no-price` for a part without a recipe; `keep-off` where nothing is sold.
 */
export function ballpark(job: JobDocument, of: BallparkOf): Ballpark {
  const off = keptOff(job, of.component)
  if (off !== null) return { kind: 'keep-off', says: off }
  const prices = (['low', 'typical', 'high'] as const).map((pace) => priceAt(job, of, pace))
  if (prices.includes('withheld')) return { kind: 'withheld' }
  const lacking = prices.find((price): price is { why: string } => typeof price === 'object')
  if (lacking) return { kind: 'no-price', why: lacking.why }
  const [low, typical, high] = prices as [Cents, Cents, Cents]
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
