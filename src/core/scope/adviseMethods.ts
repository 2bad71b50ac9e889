import { gradeOf, METHODS, type ComponentId, type Finding, type JobDocument, type MethodId } from '../job'
import type { Caution } from '../caution'
import { causeOf, type Trace } from '../trace'
import { isOpeningPart, isSiding, MEMBERS } from './members'

/** A method for a finding, with the rule that allows, blocks or recommends it. */
export type MethodAdvice = {
  readonly method: MethodId
  readonly verdict: 'recommended' | 'allowed' | 'blocked'
  readonly reasons: readonly string[]
}

type Case = {
  readonly finding: Finding
  readonly component: ComponentId
  readonly grade: number | null
  readonly keepOff: boolean
  readonly engineer: boolean
  readonly fix: { readonly method: MethodId | null; readonly name: string } | null
}

/** Reasons a method is out of the question. Each rule stands on its own; the first of them would do. */
function blocks(method: MethodId, of: Case): string[] {
  const { component, grade } = of
  const reasons: string[] = []
  const repairs = method !== 'refer' && method !== 'watch'
  if (of.keepOff && method !== 'refer') {
    reasons.push('On the keep-off list: no patch is sold here. Shore, then rebuild by the trade.')
    return reasons
  }
  if (method === 'piece-in') {
    if (isSiding(component)) reasons.push('Siding is replaced in whole boards to the studs.')
    else if (MEMBERS[component]?.wholeOnly) reasons.push(`Whole only: ${MEMBERS[component].note}.`)
    else if (!MEMBERS[component]) reasons.push('No piecing rule for this part.')
  }
  if (method === 'replace-course' && !isSiding(component))
    reasons.push('Only siding is replaced by the course.')
  if (method === 'replace-member') {
    if (isSiding(component)) reasons.push('Siding is replaced by the course.')
    else if (!MEMBERS[component]) reasons.push('No recipe for this part yet.')
  }
  if (method === 'head-flashing' && !isOpeningPart(component))
    reasons.push('Head flashing belongs over an opening.')
  if (method === 're-seal' && grade !== null && grade >= 2)
    reasons.push('Sealant over soft wood only hides it.')
  if (method === 'prime-and-paint' && grade !== null && grade >= 2)
    reasons.push('Paint does not mend soft wood.')
  if (method === 'watch' && of.engineer) reasons.push('It carries load and is soft: watching is not enough.')
  if (repairs && of.engineer) reasons.push('It carries load and is soft: an engineer goes first.')
  return reasons
}

function recommend(of: Case): { method: MethodId; reason: string }[] {
  const { component, grade } = of
  const found: { method: MethodId; reason: string }[] = []
  if (of.keepOff) return [{ method: 'refer', reason: 'On the keep-off list.' }]
  if (of.engineer) return [{ method: 'refer', reason: 'It carries load and is soft.' }]
  if (of.fix?.method)
    found.push({ method: of.fix.method, reason: `Fixes the source: ${of.fix.name.toLowerCase()}.` })
  if (grade === null) {
    found.push({
      method: 'watch',
      reason: 'Not touched yet: look before choosing. A price is possible all the same.',
    })
    return found
  }
  if (grade === 0) found.push({ method: 'watch', reason: 'Sound.' })
  else if (grade === 1) {
    const joint = of.finding.signs.some(
      (each) => each.present && ['open-joint', 'bare-joint'].includes(each.sign),
    )
    found.push(
      joint
        ? { method: 're-seal', reason: 'Surface only, and a joint is open.' }
        : { method: 'prime-and-paint', reason: 'Surface only: it wants paint.' },
    )
  } else if (isSiding(component)) {
    found.push({ method: 'replace-course', reason: 'Soft siding comes off in whole boards.' })
  } else if (MEMBERS[component]?.wholeOnly) {
    found.push({ method: 'replace-member', reason: `Whole: ${MEMBERS[component].note}.` })
  } else if (grade === 4 && component !== 'sill-nose') {
    found.push({ method: 'replace-member', reason: 'Gone: a piece would have nothing to hold to.' })
  } else {
    found.push({ method: 'piece-in', reason: 'Soft in part: cut back to sound wood and let in a piece.' })
  }
  return found
}

/** Every method for one finding, recommended ones first, blocked ones last with the reason. */
export function adviseMethods(
  finding: Finding,
  context: { job: JobDocument; trace: Trace; cautions: readonly Caution[] },
): MethodAdvice[] {
  const component = finding.component ?? 'other'
  const cause = context.trace.findings.find((each) => each.finding_id === finding.id)?.cause
  const mine = context.cautions.filter((caution) => caution.finding_ids.includes(finding.id))
  const of: Case = {
    finding,
    component,
    grade: gradeOf(finding),
    keepOff: mine.some((caution) => caution.kind === 'keep-off'),
    engineer: mine.some((caution) => caution.kind === 'engineer'),
    fix: cause ? { method: causeOf(cause).fix?.method ?? null, name: causeOf(cause).name } : null,
  }
  const wanted = recommend(of)
  const order = { recommended: 0, allowed: 1, blocked: 2 } as const
  return METHODS.map((method): MethodAdvice => {
    const blocked = blocks(method, of)
    if (blocked.length > 0) return { method, verdict: 'blocked', reasons: blocked }
    const why = wanted.filter((each) => each.method === method).map((each) => each.reason)
    return { method, verdict: why.length > 0 ? 'recommended' : 'allowed', reasons: why }
  }).sort((a, b) => order[a.verdict] - order[b.verdict])
}
