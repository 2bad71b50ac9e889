import { skyOf, stepOf } from '../catalogue/steps'
import { byId, type JobDocument } from '../job'
import { dayWords } from '../measure'
import { areaWord, sharedWord } from '../lists/areaWords'
import type { Scope } from '../scope'
import type { JobPlan, PlannedUnit, Trouble } from './jobPlan'
import type { Why } from './why'

/** What a plan’s words are made from. */
export type PlanTold = { readonly job: JobDocument; readonly scope: Scope; readonly plan: JobPlan }

/** Where a piece of work is: its side, or what it is off the walls. */
export function whereOfUnit(unit: Pick<PlannedUnit, 'side'>, job: JobDocument): string {
  const side = byId(job.sides, unit.side)
  return side ? `${side.facing} ${side.letter}` : areaWord(unit.side, 'en')
}

/** What is worked on. */
export function nameOfUnit(unit: Pick<PlannedUnit, 'item_id' | 'key'>, scope: Scope): string {
  const item = unit.item_id === null ? undefined : scope.items.find((each) => each.id === unit.item_id)
  return item?.name ?? sharedWord(unit.key.slice(0, unit.key.indexOf('/')), 'en')
}

/** `open, frame and barrier`, and which part of it where it takes days. */
export function stepsOfUnit(unit: Pick<PlannedUnit, 'segments' | 'part'>): string {
  const names = unit.segments.map(({ step }) => stepOf(step).name)
  const all = names.length > 1 ? `${names.slice(0, -1).join(', ')} and ${names.at(-1)!}` : (names[0] ?? '')
  return unit.part ? `${all}, part ${unit.part.at} of ${unit.part.of}` : all
}

const fullName = (unit: PlannedUnit, { job, scope }: PlanTold): string =>
  `${nameOfUnit(unit, scope)}, ${whereOfUnit(unit, job)} (${stepsOfUnit(unit)})`

/** Why a piece begins when it does, as one would say it. */
export function whyWords(why: Why, of: PlanTold): string {
  switch (why.kind) {
    case 'first':
      return 'Nothing stands before it.'
    case 'done':
      return `Done on ${dayWords(why.day)}.`
    case 'after': {
      const before = of.plan.units.find(({ key }) => key === why.key)
      const item = why.key.startsWith('handed-over/')
        ? of.scope.items.find(({ id }) => id === why.key.slice('handed-over/'.length))
        : undefined
      const what = before
        ? fullName(before, of)
        : item
          ? `the hand-over of ${item.name}`
          : 'what comes before'
      return `After ${what}${why.wait ? `; ${why.wait}` : ''}.`
    }
    case 'said':
      return `Not before ${dayWords(why.day)}, as somebody said.`
    case 'comes':
      return `Waits for: ${why.what}, reckoned for ${dayWords(why.day)}.`
    case 'sky':
      return `${dayWords(why.day)} is ${skyOf(why.sky).name}.`
    case 'off':
      return `Nobody works on ${dayWords(why.day)}: ${why.why}.`
    case 'whole-day':
      return 'It is opened and dried in on one day, and does not fit into what is left of the day before.'
    case 'busy':
      return 'The crew is at something else until then.'
  }
}

const REFUSED = {
  'no-shoring':
    'is not planned: it takes away what carries load, and nothing in it shores first. Choose a repair that shores, or add one that does.',
  'never-closed':
    'is not planned: it opens the wall and nothing in it dries it in. Add a barrier, cladding, or drying in.',
} as const

/** What is wrong with a plan, and what to do about it. */
export function troubleWords(trouble: Trouble, of: PlanTold): string {
  const item = (id: string | null): string => of.scope.items.find((each) => each.id === id)?.name ?? 'The job'
  switch (trouble.kind) {
    case 'refused':
      return `${item(trouble.item_id)} ${REFUSED[trouble.why]}`
    case 'not-accepted':
      return `${item(trouble.item_id)} is not in what the owner accepted: it is planned once he says yes to it.`
    case 'bears':
      return `${item(trouble.item_id)} is own work on what carries load. If it takes it away, choose a repair that shores first: the plan cannot know.`
    case 'too-few-people': {
      const unit = { key: trouble.key, item_id: trouble.key.slice(0, trouble.key.indexOf('/')) }
      return `${nameOfUnit(unit, of.scope)} takes ${trouble.people} people on a day they work together, and no crew has them. Add people to a crew, or a day.`
    }
    case 'no-days':
      return 'No day was found for the work: look at the days of the week, the crews, and what has to come.'
    case 'late':
      return `Ends ${trouble.days} day${trouble.days === 1 ? '' : 's'} after ${dayWords(trouble.finish_by)}. Begin sooner, send more people, or leave something for later.`
    case 'no-day':
      return `${trouble.what}: nobody has named a day. What follows it is planned as if it were there.`
    case 'covered-at-night': {
      const unit = of.plan.units.find(({ key }) => key === trouble.key)
      return `${unit ? nameOfUnit(unit, of.scope) : 'A piece'} cannot be closed in a day: it is covered with a tarp on ${trouble.nights} evening${trouble.nights === 1 ? '' : 's'}, which is not in the hours. With more people it fits.`
    }
    case 'not-that-day':
      return `${item(trouble.item_id)} is by appointment on ${dayWords(trouble.day)} and planned for ${dayWords(trouble.planned)}.`
  }
}

/** How far off the best the plan can be. */
export function boundWords(plan: JobPlan): string {
  if (plan.last === null || plan.bound === null) return ''
  return plan.proven || plan.bound === plan.last
    ? 'No order of the work ends sooner.'
    : `No order of the work ends before ${dayWords(plan.bound)}.`
}
