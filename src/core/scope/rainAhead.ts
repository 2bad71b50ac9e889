import { methodOf } from '../catalogue'
import { GONE, OPEN_TO_RAIN } from '../catalogue/signs/openToRain'
import { skyOf } from '../catalogue/steps'
import { gradeOf, type Finding, type JobDocument, type WorkItem } from '../job'
import { dayAfter } from '../measure'
import { itemForFindings } from './sourceFix'

/** What closes a place for the night. */
const STOP_GAP = 'stop-gap'

/** Rain that is said for today or tomorrow, and the findings it would come in at. */
export type RainAhead = {
  /** `YYYY-MM-DD` */
  readonly day: string
  /** In the order of the walk; those closed by a stop-gap already left out. */
  readonly finding_ids: readonly string[]
}

/** Whether rain comes in at a finding by itself: its part is one that can be closed, and it is gone or was seen to be open. */
function isOpenToRain(finding: Finding): boolean {
  if (!finding.component || !methodOf(STOP_GAP)?.serves?.includes(finding.component)) return false
  const saw = finding.signs.some(({ sign, present }) => present && OPEN_TO_RAIN.has(sign as never))
  return saw || gradeOf(finding) === GONE
}

/**
 * What rain is coming and where it would come in, as far as a forecast or a person said so.
 *
 * @param today `YYYY-MM-DD`, where the house stands
 * Ends: null where no rain is said for today or tomorrow.
 */
export function rainAhead(job: JobDocument, today: string): RainAhead | null {
  const days = [today, dayAfter(today, 1)]
  const day = days.find((each) => {
    const said = job.plan_days.findLast((one) => one.day === each)?.sky
    return said != null && skyOf(said).outside
  })
  if (day === undefined) return null
  const closed = new Set(
    job.work_items.filter(({ method }) => method === STOP_GAP).flatMap(({ finding_ids }) => finding_ids),
  )
  return {
    day,
    finding_ids: job.findings
      .filter((each) => isOpenToRain(each) && !closed.has(each.id))
      .map((each) => each.id),
  }
}

/** Stop-gaps for findings, those of one part and material as one item. The right repair is still to be chosen. */
export function stopGapsFor(
  finding_ids: readonly string[],
  job: JobDocument,
  newId: () => string,
): WorkItem[] {
  const alike = new Map<string, Finding[]>()
  for (const finding of job.findings) {
    if (!finding_ids.includes(finding.id)) continue
    const key = `${finding.component} ${finding.material}`
    alike.set(key, [...(alike.get(key) ?? []), finding])
  }
  return [...alike.values()].map((findings) => itemForFindings(findings, STOP_GAP, job, newId()))
}
