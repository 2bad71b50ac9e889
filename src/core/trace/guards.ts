import { methodOf, partOf } from '../catalogue'
import { causeOf, type CauseId } from '../catalogue/causes'
import {
  CLEARED_CAUSES,
  FIXTURE_SIGNS,
  GUARDS,
  MEASURED_SIGNS,
  PUSHED_SIGNS,
  SINKING_SIGNS,
  type GuardRow,
} from '../catalogue/guards/guards'
import type { SignId } from '../catalogue/signs'
import { isDamage, type Finding, type JobDocument } from '../job'
import type { Trace } from './traceJob'

/** A mistake that is easily made here, said before it is made. It gates nothing. */
export type Guard = {
  readonly id: string
  readonly says: string
  readonly finding_ids: readonly string[]
}

type House = {
  readonly job: JobDocument
  readonly trace: Trace
  readonly damaged: readonly Finding[]
  readonly causeOfFinding: (finding: Finding) => CauseId | null
}
/** Findings the guard is about, and what fills the gaps in its words; no findings, nothing is said. */
type Met = { readonly of: readonly Finding[]; readonly words?: Readonly<Record<string, string>> }

/** One cause over so many findings, of so many kinds of part, wants a second look. Our judgement. */
const ALL = { findings: 6, share: 0.7, parts: 4 } as const

const has = (finding: Finding, signs: readonly SignId[]): boolean =>
  finding.signs.some((each) => each.present && (signs as readonly string[]).includes(each.sign))

const pushed = ({ damaged, causeOfFinding }: House): Finding[] =>
  damaged.filter((each) => has(each, PUSHED_SIGNS) || causeOfFinding(each) === 'lateral-pressure')
const sinking = ({ damaged, causeOfFinding }: House): Finding[] =>
  damaged.filter((each) => has(each, SINKING_SIGNS) || causeOfFinding(each) === 'settlement')
const isPushedUnmeasured = (house: House): boolean =>
  pushed(house).length > 0 &&
  (sinking(house).length > 0 || !house.damaged.some((each) => has(each, MEASURED_SIGNS)))

/** Tests of the whole house that rows of the catalogue name. */
const TESTS: Readonly<Record<string, (house: House) => Met>> = {
  'pushed-unmeasured': (house) => ({
    of: isPushedUnmeasured(house) ? [...new Set([...pushed(house), ...sinking(house)])] : [],
  }),
  'sinking-unplumbed': (house) => {
    const looked = sinking(house).some((each) => has(each, ['wall-plumb', 'survey-falls']))
    return { of: isPushedUnmeasured(house) || looked ? [] : sinking(house) }
  },
  hairlines: ({ damaged, causeOfFinding }) => {
    const hairs = damaged.filter(
      (each) => has(each, ['hairline-only']) && !has(each, ['survey-falls', 'courses-low-and-cracks']),
    )
    const told = hairs.filter((each) => causeOfFinding(each) === 'settlement')
    return { of: told.length > 0 ? told : hairs }
  },
  'vapour-with-fixture': ({ job, damaged, causeOfFinding }) => {
    const vapour = damaged.filter((each) => causeOfFinding(each) === 'crawl-vapour')
    const wet = damaged.filter((each) => has(each, FIXTURE_SIGNS))
    const near = wet.length > 0 || job.features.some((each) => each.kind === 'fixture')
    return { of: vapour.length > 0 && near ? [...new Set([...vapour, ...wet])] : [] }
  },
  'one-cause-stretched': ({ trace, damaged }) => {
    const over = (ids: readonly string[]): Finding[] => damaged.filter((each) => ids.includes(each.id))
    const stretched = trace.sources.find(
      (each) =>
        each.letter !== null &&
        !each.repeated &&
        each.finding_ids.length >= ALL.findings &&
        each.finding_ids.length >= ALL.share * damaged.length &&
        new Set(over(each.finding_ids).map((one) => one.component)).size >= ALL.parts,
    )
    if (!stretched) return { of: [] }
    return {
      of: over(stretched.finding_ids),
      words: { cause: causeOf(stretched.cause).name.toLowerCase() },
    }
  },
  'decay-covered': ({ job, damaged, causeOfFinding }) => ({
    of: damaged.filter((each) => {
      const filled = each.earlier_repair === 'filler' || each.earlier_repair === 'sealant-over'
      const covered = job.work_items.some(
        (item) => methodOf(item.method)?.hidesDecay && item.finding_ids.includes(each.id),
      )
      const hidden = filled || covered || causeOfFinding(each) === 'cosmetic-repair'
      return (each.stated_grade ?? 0) >= 2 && hidden
    }),
  }),
  'old-cleared': ({ damaged, causeOfFinding }) => ({
    of: damaged.filter((each) => {
      const cause = causeOfFinding(each)
      return partOf(each.component)?.ageProvesNothing && cause !== null && CLEARED_CAUSES.includes(cause)
    }),
  }),
}

/** Names of the tests there are: a row may name no other. */
export const GUARD_TESTS: readonly string[] = Object.keys(TESTS)

/** @throws Error for a row that names a test nobody wrote. */
function met({ id, when }: GuardRow, house: House): Met {
  if (when.kind === 'house') {
    const test = TESTS[when.test]
    if (!test) throw new Error(`guard ${id} is tested by ${when.test}, which is not written`)
    return test(house)
  }
  return {
    of: house.damaged.filter((each) => {
      const cause = house.causeOfFinding(each)
      return (cause !== null && when.causes.includes(cause)) || has(each, when.signs)
    }),
  }
}

/** Guards against the dearest mistakes of reasoning, as the catalogue has them. */
export function guardsOf(job: JobDocument, trace: Trace): Guard[] {
  const causes = new Map(trace.findings.map((each) => [each.finding_id, each.cause]))
  const house: House = {
    job,
    trace,
    damaged: job.findings.filter(isDamage),
    causeOfFinding: (finding) => causes.get(finding.id) ?? null,
  }
  return GUARDS.flatMap((row) => {
    const { of, words = {} } = met(row, house)
    if (of.length === 0) return []
    const says = row.says.replace(/\{(\w+)\}/g, (_, gap: string) => words[gap] ?? '')
    return [{ id: row.id, says, finding_ids: of.map((each) => each.id) }]
  })
}
