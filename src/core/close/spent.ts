import type { JobDocument, SPELL_ALONG, WorkSpell } from '../job'
import { dayIn } from '../measure'
import { hundredths } from '../takeoff/hours'

/** Longer than this nobody works at a stretch: somebody forgot to stop the clock. */
export const LONGEST_SPELL_H = 14

type Along = (typeof SPELL_ALONG)[number]

/** Why a time is looked at again before it is believed. */
export type Doubt = {
  readonly spell_id: string
  readonly why: 'runs-on' | 'too-long' | 'two-at-once' | 'rests-all-through'
}

/** Hours that were spent on a job, all people together, to the hundredth. */
export type Spent = {
  /** By piece of work: with the task that was said, and without one. */
  readonly items: ReadonlyMap<
    string,
    { readonly tasks: ReadonlyMap<string, number>; readonly unsaid: number }
  >
  /** Setting up, containing, hauling. */
  readonly shared: { readonly tasks: ReadonlyMap<string, number>; readonly unsaid: number }
  readonly along: Readonly<Record<Along, number>>
  /** On pieces of work and on what serves them. */
  readonly work_h: number
  /** The same with the time along the way: what is paid. */
  readonly paid_h: number
  /** Days of the job’s calendar on which anybody was there. */
  readonly days: readonly string[]
  readonly running: readonly WorkSpell[]
  readonly doubts: readonly Doubt[]
}

/** Hours of one stretch, of all its people together; one that runs counts up to now, never below nothing. */
export function hoursOfSpell(spell: WorkSpell, now: Date): number {
  const end = spell.ended_at === null ? now.getTime() : Date.parse(spell.ended_at)
  const hours = (end - Date.parse(spell.began_at)) / 3_600_000 - spell.pause_min / 60
  return hundredths(Math.max(0, hours) * spell.people)
}

const stretchOf = ({ began_at, ended_at }: WorkSpell, now: Date): readonly [number, number] => [
  Date.parse(began_at),
  ended_at === null ? now.getTime() : Date.parse(ended_at),
]

function doubtsOf(spells: readonly WorkSpell[], now: Date): Doubt[] {
  const doubts: Doubt[] = []
  const lastOf = new Map<string, number>()
  for (const spell of spells.toSorted((a, b) => Date.parse(a.began_at) - Date.parse(b.began_at))) {
    const [from, to] = stretchOf(spell, now)
    const hours = (to - from) / 3_600_000
    const add = (why: Doubt['why']): void => void doubts.push({ spell_id: spell.id, why })
    if (hours > LONGEST_SPELL_H) add(spell.ended_at === null ? 'runs-on' : 'too-long')
    else if (hours > 0 && spell.pause_min / 60 >= hours) add('rests-all-through')
    // Nobody is in two places; whoever writes for others writes in his own name, once.
    const before = lastOf.get(spell.by)
    if (before !== undefined && from < before) add('two-at-once')
    lastOf.set(spell.by, Math.max(before ?? 0, to))
  }
  return doubts
}

/** What was spent on a job so far. Stretches that are in doubt count all the same, and are named. */
export function spentOn(job: Pick<JobDocument, 'work_spells' | 'job'>, now: Date): Spent {
  const spells = job.work_spells.filter(({ removed }) => !removed)
  const items = new Map<string, { tasks: Map<string, number>; unsaid: number }>()
  const shared = { tasks: new Map<string, number>(), unsaid: 0 }
  const along: Record<Along, number> = { travel: 0, supply: 0, waiting: 0, other: 0 }
  let work = 0
  const take = (
    to: { tasks: Map<string, number>; unsaid: number },
    task: string | null,
    hours: number,
  ): void => {
    work = hundredths(work + hours)
    if (task === null) to.unsaid = hundredths(to.unsaid + hours)
    else to.tasks.set(task, hundredths((to.tasks.get(task) ?? 0) + hours))
  }
  for (const spell of spells) {
    const hours = hoursOfSpell(spell, now)
    const { on } = spell
    if (on.kind === 'along') {
      along[on.what] = hundredths(along[on.what] + hours)
    } else if (on.kind === 'job') {
      take(shared, on.task, hours)
    } else {
      const held = items.get(on.item_id) ?? { tasks: new Map<string, number>(), unsaid: 0 }
      items.set(on.item_id, held)
      take(held, on.task, hours)
    }
  }
  const days = new Set(spells.map(({ began_at }) => dayIn(job.job.time_zone, new Date(began_at))))
  return {
    items,
    shared,
    along,
    work_h: work,
    paid_h: hundredths(work + Object.values(along).reduce((sum, each) => sum + each, 0)),
    days: [...days].toSorted(),
    running: spells.filter(({ ended_at }) => ended_at === null),
    doubts: doubtsOf(spells, now),
  }
}
