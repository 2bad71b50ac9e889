import { adviseMethods } from '../../src/core/scope'
import { partOf } from '../../src/core/catalogue'
import { cautionsOf, dangersOf } from '../../src/core/caution'
import { coverJob, routeOf } from '../../src/core/coverage'
import { live, type JobDocument } from '../../src/core/job'
import { nextChecks } from '../../src/core/nextCheck'
import {
  CAUSE_IDS,
  CHECKS,
  firstLooks,
  guardsOf,
  isSign,
  SIGNS,
  traceJob,
  type CauseId,
  type Trace,
} from '../../src/core/trace'
import { jobOf } from './build'
import type { Letter, Scene } from './scenes'

/** What became of one answer a practitioner gives. */
export type Answer = {
  readonly kind: 'cause' | 'not' | 'caution' | 'method' | 'blocked' | 'look'
  readonly letter: Letter
  readonly wanted: string
  /** `first` heads its finding, `named` is among what is told of it; `no` is the failure, for a `not` too. */
  readonly got: 'first' | 'named' | 'no'
  readonly instead: string
}
export type Judged = {
  readonly scene: Scene
  readonly answers: readonly Answer[]
  /** Signs, parts and causes the catalogue has no word for. */
  readonly wordless: readonly string[]
}

/** From here on a cause is told to who reads the finding. */
const NAMED_FROM = 0.15
/** A guess must be among what competes. */
const CANDIDATE_FROM = 0.03

const known = (cause: string): cause is CauseId => (CAUSE_IDS as readonly string[]).includes(cause)

/** Signs and parts that have no word are left out of the job, as the user would have to leave them out. */
function tellable(scene: Scene): { job: JobDocument; wordless: string[] } {
  const wordless: string[] = []
  const found = scene.found.map((text) => {
    const [part, place, signs] = text.split('|').map((each) => each.trim()) as [string, string, string]
    const kept = signs.split(/\s+/).filter((word) => {
      const sign = word.replace(/^-/, '')
      if (word.startsWith('@') || /^[0-4?]?$/.test(word) || isSign(sign)) return true
      wordless.push(`sign ${sign}`)
      return false
    })
    const has = partOf(part) !== null
    if (!has) wordless.push(`part ${part}`)
    return `${has ? part : 'other'} | ${place} | ${kept.join(' ')}`
  })
  const job = live(jobOf({ title: scene.title, found, house: scene.house }))
  for (const [, cause] of scene.cause ?? [])
    for (const each of cause.split('|')) if (!known(each)) wordless.push(`cause ${each}`)
  return { job, wordless: [...new Set(wordless)] }
}

function gotOf(causes: readonly string[], finding: string, letter: Letter, trace: Trace): Answer['got'] {
  const traced = trace.findings.find((each) => each.finding_id === finding)
  if (!traced) return 'no'
  const heads = traced.cause ?? null
  if (heads !== null && causes.includes(heads)) return 'first'
  const from = letter === 'G' ? CANDIDATE_FROM : NAMED_FROM
  const told = [
    ...traced.also,
    ...traced.ranked.filter((each) => each.probability >= from).map((each) => each.cause),
  ]
  return told.some((each) => causes.includes(each)) ? 'named' : 'no'
}

/** A finding's own list, for whoever reads the score. */
function listOf(finding: string, trace: Trace): string {
  const traced = trace.findings.find((each) => each.finding_id === finding)
  const list = (traced?.ranked ?? [])
    .slice(0, 4)
    .map((each) => `${each.cause} ${Math.round(100 * each.probability)}`)
  return `${traced?.cause ?? '—'} (${list.join(', ')})`
}

/** Puts a scene to the tool and reads what it says. */
export function judge(scene: Scene): Judged {
  const { job, wordless } = tellable(scene)
  const trace = traceJob(job)
  const dangers = dangersOf(job)
  const answers: Answer[] = []
  const id = (n: number): string => job.findings[n - 1]!.id
  const push = (
    kind: Answer['kind'],
    letter: Letter,
    wanted: string,
    got: Answer['got'],
    instead: string,
  ): void => void answers.push({ kind, letter, wanted, got, instead })

  for (const [n, cause, letter] of scene.cause ?? [])
    push(
      'cause',
      letter,
      `${n} ${cause}`,
      gotOf(cause.split('|'), id(n), letter, trace),
      listOf(id(n), trace),
    )
  for (const [cause, letter] of scene.not ?? []) {
    const where = trace.findings.filter(
      (each) => each.cause === cause && each.certainty !== 'possible' && each.certainty !== 'unlikely',
    )
    push(
      'not',
      letter,
      cause,
      where.length === 0 ? 'first' : 'no',
      where.map((each) => each.finding_id).join(' '),
    )
  }
  const cautions = cautionsOf(job).all
  // What the walk says before a stop is a caution too: it stands where the walker reads it, not in the list.
  const before = routeOf(job, coverJob(job)).flatMap(({ first }) => first ?? [])
  const said = cautions
    .map((each) =>
      Object.values(each)
        .filter((of) => typeof of === 'string')
        .join(' · '),
    )
    .concat(before)
  for (const [words, letter] of scene.caution ?? []) {
    push(
      'caution',
      letter,
      String(words),
      said.some((each) => words.test(each)) ? 'first' : 'no',
      said.join(' / '),
    )
  }
  for (const [kind, wants] of [
    ['method', scene.method ?? []],
    ['blocked', scene.blocked ?? []],
  ] as const) {
    for (const [n, methods, letter] of wants) {
      const finding = job.findings[n - 1]!
      const advice = adviseMethods(finding, { job, trace, dangers })
      const mine = advice.filter((each) => methods.split('|').includes(each.method))
      const held = mine.every((each) => each.verdict === 'blocked' || each.warned)
      const may = mine.some((each) => each.verdict === 'recommended')
        ? 'first'
        : mine.some((each) => each.verdict === 'allowed' && !each.warned)
          ? 'named'
          : 'no'
      const instead = advice
        .map((each) => `${each.method}:${each.verdict[0]}${each.warned ? '!' : ''}`)
        .join(' ')
      push(kind, letter, `${n} ${methods}`, kind === 'method' ? may : held ? 'first' : 'no', instead)
    }
  }
  const checks = scene.look ? nextChecks(job, trace) : []
  const guards = scene.look ? [...guardsOf(job, trace), ...firstLooks(job, trace)] : []
  for (const [n, words, letter] of scene.look ?? []) {
    const mine = checks
      .filter((each) => each.finding_id === id(n))
      .slice(0, 3)
      .map((each) => `${CHECKS[each.check].name} ${SIGNS[each.sign].says}`)
    const all = [
      ...mine,
      ...guards.filter((each) => each.finding_ids.includes(id(n))).map((each) => each.says),
    ]
    push(
      'look',
      letter,
      `${n} ${words}`,
      all.some((each) => words.test(each)) ? 'first' : 'no',
      all.join(' / '),
    )
  }
  return { scene, answers, wordless }
}

/** The score by kind and letter: how many came first, were named, and how many were asked. */
export function scoreOf(judged: readonly Judged[]): string[] {
  const answers = judged.flatMap((each) => each.answers)
  const rows = new Map<string, Answer[]>()
  for (const each of answers) {
    const key = `${each.kind} ${each.letter}`
    rows.set(key, [...(rows.get(key) ?? []), each])
  }
  return [...rows]
    .sort(([a], [b]) => (a < b ? -1 : 1))
    .map(([key, of]) => {
      const count = (got: Answer['got']): number => of.filter((each) => each.got === got).length
      return `${key}: ${count('first')} first, ${count('named')} named, ${count('no')} no, of ${of.length}`
    })
}
