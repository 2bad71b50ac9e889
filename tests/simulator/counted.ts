import { isSign, type CauseId } from '../../src/core/trace'
import { alone, type Tracer } from './score'
import type { Truth } from './simulate'
import type { Finding, JobDocument } from '../../src/core/job'

/** Where counting starts, far from every house that is scored or that a weight was settled on. */
export const COUNTED_FROM = 20_000
/** How many findings a rate of the whole cause counts beside those of its part, and what no finding showed yet is taken for. */
const AS_MANY = 8
const UNSEEN = { right: 0.3, many: 2 }

type Counts = Map<string, number>
const add = (to: Counts, key: string, many: number): void => void to.set(key, (to.get(key) ?? 0) + many)

const seenAt = (finding: Finding): readonly string[] => [
  ...finding.signs
    .filter(({ sign }) => isSign(sign))
    .map(({ sign, present }) => (present ? sign : `-${sign}`)),
  `grade ${finding.stated_grade}`,
]

/**
 * Naive Bayes with the rates of the simulator itself, counted on houses of its own: how often each cause is behind each part, and how
 * often each sign is noted with it. It knows what no engine can know of a real house, so it says how far weights could carry one that
 * takes each finding by itself; it is no tracer to be had.
 */
export function countedOn(houses: Iterable<{ readonly job: JobDocument; readonly truth: Truth }>): Tracer {
  const behind = new Map<string, Counts>()
  const many: Counts = new Map()
  const noted: Counts = new Map()
  for (const { job, truth } of houses) {
    for (const finding of job.findings) {
      const causes = truth.causes.get(finding.id)
      if (!causes || !finding.component) continue
      const share = 1 / causes.length
      const of_part = behind.get(finding.component) ?? new Map<string, number>()
      behind.set(finding.component, of_part)
      for (const cause of causes) {
        add(of_part, cause, share)
        for (const key of [cause, `${cause} ${finding.component}`]) {
          add(many, key, share)
          for (const sign of seenAt(finding)) add(noted, `${key} ${sign}`, share)
        }
      }
    }
  }
  const rate = (cause: string, part: string, sign: string): number => {
    const ofCause = ((noted.get(`${cause} ${sign}`) ?? 0) + UNSEEN.right) / (many.get(cause)! + UNSEEN.many)
    const here = noted.get(`${cause} ${part} ${sign}`) ?? 0
    return (here + AS_MANY * ofCause) / (many.get(`${cause} ${part}`)! + AS_MANY)
  }
  return alone('counted on the simulator, no house', (finding) => {
    const part = finding.component
    const of_part = part && behind.get(part)
    if (!of_part) return null
    const scored = [...of_part].map(([cause, often]) => ({
      cause: cause as CauseId,
      log: seenAt(finding).reduce((sum, sign) => sum + Math.log(rate(cause, part, sign)), Math.log(often)),
    }))
    const most = Math.max(...scored.map(({ log }) => log))
    const whole = scored.reduce((sum, { log }) => sum + Math.exp(log - most), 0)
    const best = scored.find(({ log }) => log === most)!
    return { cause: best.cause, probability: 1 / whole }
  })
}
