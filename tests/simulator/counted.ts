import type { Settings } from '../../src/core/job'
import { CAUSE_IDS, causeOf, isSign, type CauseId } from '../../src/core/trace'
import { alone, ENGINE, type Said, type Tracer } from './score'
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

type House = { readonly job: JobDocument; readonly truth: Truth }
/** Counted so often a cause and a sign have a rate at all; a ratio is never taken for more than this, nor for less than its inverse. */
const TOO_FEW = { causes: 20, signs: 15 }
const MOST = 60

/** How much oftener each sign is noted with each cause than without it, for the pairs the catalogue knows. */
function ratiosOf(houses: Iterable<House>): Settings['likelihood_overrides'] {
  const noted: Counts = new Map()
  const many: Counts = new Map()
  const all: Counts = new Map()
  let total = 0
  for (const { job, truth } of houses) {
    for (const finding of job.findings) {
      const causes = truth.causes.get(finding.id)
      if (!causes) continue
      total += 1
      const signs = finding.signs.flatMap(({ sign, present }) => (present ? [sign] : []))
      for (const sign of signs) add(all, sign, 1)
      for (const cause of causes) {
        add(many, cause, 1 / causes.length)
        for (const sign of signs) add(noted, `${cause} ${sign}`, 1 / causes.length)
      }
    }
  }
  return CAUSE_IDS.flatMap((cause) => {
    const of = many.get(cause) ?? 0
    if (of < TOO_FEW.causes) return []
    const { supports, refutes } = causeOf(cause)
    return [...new Set([...supports, ...refutes].map(({ sign }) => sign))].flatMap((sign) => {
      const often = all.get(sign) ?? 0
      if (often < TOO_FEW.signs) return []
      const here = noted.get(`${cause} ${sign}`) ?? 0
      const ratio =
        (here + UNSEEN.right) /
        (of + UNSEEN.many) /
        ((often - here + UNSEEN.right) / (total - of + UNSEEN.many))
      return [{ cause, sign, ratio: Math.min(MOST, Math.max(1 / MOST, ratio)), reason: '' }]
    })
  })
}

/** The engine with the simulator's own ratios in place of ours: how far weights could carry it on these houses. */
export function engineWith(houses: Iterable<House>): Tracer {
  const likelihood_overrides = ratiosOf(houses)
  return {
    name: 'whole house, the ratios of the simulator',
    trace: (job) => ENGINE.trace({ ...job, settings: { ...job.settings, likelihood_overrides } }),
  }
}

/** A tracer that names a source only where its findings together make it as likely as this. */
export function namedFrom(tracer: Tracer, least: number): Tracer {
  const chance = ({ cause, finding_ids }: Said['sources'][number], { causes }: Said): number =>
    1 -
    finding_ids.reduce((not, id) => {
      const top = causes.get(id)
      return top?.cause === cause ? not * (1 - top.probability) : not
    }, 1)
  return {
    name: `${tracer.name}, named from ${least}`,
    trace: (job) => {
      const said = tracer.trace(job)
      return { ...said, sources: said.sources.filter((each) => chance(each, said) >= least) }
    },
  }
}
