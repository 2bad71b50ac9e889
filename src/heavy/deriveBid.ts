import { readyBid } from '../core/compare'
import { derive } from '../core/pipeline'
import type { HeavyTasks } from './tasks'

/** The bid as it would be sent today, reckoned from the job, with what is reckoned only before it leaves. */
export const deriveBid: HeavyTasks['deriveBid'] = ({ job, today, around }) => {
  const derived = derive(job, today, {}, around)
  const { people } = derived.job
  return {
    model: readyBid(job, today, derived),
    missing: [...derived.lacks],
    owner: people.find((person) => person.roles.includes('may-approve')) ?? people[0] ?? null,
  }
}
