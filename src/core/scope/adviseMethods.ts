import { METHODS, methodOf, partOf, type MethodRow, type PartRow, type When } from '../catalogue'
import { dangersAt, type Danger } from '../caution'
import { placeOf } from '../geometry'
import { gradeOf, type Finding, type JobDocument } from '../job'
import { causeOf, type Trace } from '../trace'

/** A method for a finding, with the rule that allows, blocks or recommends it. */
export type MethodAdvice = {
  readonly method: string
  readonly verdict: 'recommended' | 'allowed' | 'blocked'
  readonly reasons: readonly string[]
  /** It may be chosen, and the reasons speak against it. */
  readonly warned: boolean
}

/** What the conditions of the catalogue are held against. */
type Case = {
  readonly finding: Finding
  readonly part: PartRow | null
  readonly grade: number | null
  readonly keepOff: boolean
  readonly engineer: boolean
  readonly deckFails: boolean
  readonly cause: ReturnType<typeof causeOf> | null
}

/** Whether a source sits somewhere else than the part it damages: a downspout, bare ground, not a ledger or a post. */
function isApart({ seat, family }: NonNullable<Case['cause']>): boolean {
  return family !== 'structure' && seat !== 'in-place' && seat !== 'ledger' && seat !== 'none'
}

/** Whether every condition that is named is met. */
function holds(when: When, method: MethodRow, of: Case): boolean {
  const { part, grade, finding } = of
  const saw = (signs: readonly string[]): boolean =>
    finding.signs.some((each) => each.present && signs.includes(each.sign))
  const facts: readonly (boolean | undefined)[] = [
    when.keepOff === undefined || when.keepOff === of.keepOff,
    when.engineer === undefined || when.engineer === of.engineer,
    when.untouched === undefined || when.untouched === (grade === null),
    when.grade === undefined || (grade !== null && grade >= when.grade[0] && grade <= when.grade[1]),
    when.courses === undefined || when.courses === (part?.piece?.courses ?? false),
    when.whole === undefined || when.whole === (part?.piece?.whole ?? false),
    when.deckFails === undefined || when.deckFails === of.deckFails,
    when.painted === undefined || when.painted === (part?.disturbsPaint ?? true),
    when.pieced === undefined || when.pieced === Boolean(part?.piece && part.task),
    when.ofOpening === undefined || when.ofOpening === (part?.ofOpening ?? false),
    when.part === undefined || when.part.includes(part?.id ?? ''),
    when.notPart === undefined || !when.notPart.includes(part?.id ?? ''),
    when.sign === undefined || saw(when.sign),
    when.noSign === undefined || !saw(when.noSign),
    when.fixesSource === undefined || when.fixesSource === (of.cause?.fix?.method === method.id),
    when.moved === undefined || when.moved === (of.cause?.family === 'structure'),
    when.sourceApart === undefined || when.sourceApart === (of.cause !== null && isApart(of.cause)),
  ]
  return facts.every(Boolean)
}

function told(says: string, of: Case): string {
  return says
    .replace('{rule}', of.part?.piece?.note ?? '')
    .replace('{part}', of.part?.name ?? 'this part')
    .replace('{source}', of.cause?.name.toLowerCase() ?? '')
}

function adviceOn(method: MethodRow, of: Case): MethodAdvice {
  const met = method.advice.filter((each) => holds(each.when, method, of))
  const blocked = met.filter((each) => each.verdict === 'blocked')
  const warned = met.filter((each) => each.verdict === 'warned')
  const verdict =
    blocked.length > 0 ? 'blocked' : warned.length > 0 || met.length === 0 ? 'allowed' : 'recommended'
  const said = blocked.length > 0 ? blocked : warned.length > 0 ? warned : met
  return {
    method: method.id,
    verdict,
    reasons: said.map((each) => told(each.says, of)),
    warned: verdict === 'allowed' && warned.length > 0,
  }
}

/** Two of attachment, supports and framing: soft by grade, or on the keep-off list. */
function doesDeckFail(
  finding: Finding,
  { job, dangers }: { readonly job: JobDocument; readonly dangers: readonly Danger[] },
): boolean {
  const deck = deckOf(finding, job)
  const soft = job.findings.filter((each) => (gradeOf(each) ?? 0) >= 2 && deckOf(each, job) === deck)
  const unsafe = dangers.filter(({ row }) => row.effect === 'stops').map(({ part }) => part)
  const roles = [...soft.map((each) => each.component), ...unsafe].flatMap(
    (part) => partOf(part)?.deckRole ?? [],
  )
  return new Set(roles).size >= 2
}
function deckOf(finding: Finding, job: JobDocument): string | null {
  const place = placeOf(finding, job)
  return place.kind === 'side' || place.kind === 'deck' ? place.feature_id : null
}

/** Every method for one finding, recommended ones first, blocked ones last with the reason. */
export function adviseMethods(
  finding: Finding,
  context: { job: JobDocument; trace: Trace; dangers: readonly Danger[] },
): MethodAdvice[] {
  const { job, trace } = context
  const cause = trace.findings.find((each) => each.finding_id === finding.id)?.cause
  const mine = dangersAt(
    { component: finding.component, spot: placeOf(finding, job), finding_ids: [finding.id] },
    context.dangers,
    job,
  )
  const of: Case = {
    finding,
    part: partOf(finding.component),
    grade: gradeOf(finding),
    keepOff: mine.some(({ row }) => row.effect === 'stops'),
    engineer: mine.some(({ row }) => row.effect === 'waits'),
    deckFails: partOf(finding.component)?.assembly === 'deck' && doesDeckFail(finding, context),
    cause: cause ? causeOf(cause) : null,
  }
  const order = { recommended: 0, allowed: 1, blocked: 2 } as const
  // Nothing is worked on, or priced, until somebody names the part.
  const isNamed = of.part !== null
  // What answers a source is offered where that source is found, and on the parts that it mends itself: a gutter, a collar.
  const offered = (method: MethodRow): boolean =>
    of.cause?.fix?.method === method.id ||
    (method.serves === null
      ? method.answers === 'findings' && (isNamed || method.recipe === null)
      : method.answers !== 'side' && of.part !== null && method.serves.includes(of.part.id))
  // What is made for the part goes before what serves any.
  const made = (method: string): number => (methodOf(method)?.serves ? 0 : 1)
  return METHODS.filter(offered)
    .map((method) => adviceOn(method, of))
    .sort((a, b) => order[a.verdict] - order[b.verdict] || made(a.method) - made(b.method))
}
