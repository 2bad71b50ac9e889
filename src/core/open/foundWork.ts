import { BEHIND, FINDS, type FindRow } from '../catalogue/hidden/finds'
import { soMany } from '../compare/soMany'
import { newWorkItem, type EntityOf, type Finding, type JobDocument } from '../job'
import { hiddenChance } from '../price/hidden/chances'
import type { Derived } from '../pipeline'

/** Finds that may stand behind a finding, those of its own surface first: what a thumb should reach at once. */
export function findsBehind(finding: Finding, derived: Pick<Derived, 'job' | 'trace'>): readonly FindRow[] {
  const guess = guessOf(finding, derived)
  const layers = guess ? BEHIND[guess.row] : undefined
  const backing = guess?.backing_percent === null ? null : layers?.backing
  const first = FINDS.filter(({ id }) => id === backing || id === layers?.framing)
  return [...first, ...FINDS.filter((find) => !first.includes(find))]
}

/** What is reckoned to be behind a finding as long as nobody opened it; null: nothing is known of its part. */
export function guessOf(
  finding: Finding,
  { job, trace }: Pick<Derived, 'job' | 'trace'>,
): EntityOf['opened_place']['guess'] {
  const unopened: JobDocument = {
    ...job,
    opened_places: job.opened_places.filter(({ finding_id }) => finding_id !== finding.id),
  }
  const traced = trace.findings.find(({ finding_id }) => finding_id === finding.id)
  const source = trace.sources.find(
    ({ letter, finding_ids }) => letter !== null && finding_ids.includes(finding.id),
  )
  const chance = hiddenChance(finding, unopened, traced?.cause ?? null, source?.finding_ids)
  if (chance === null) return null
  const percent = (share: number): number => Math.round(share * 1000) / 10
  return {
    row: chance.row.id,
    backing_percent: chance.backing === null ? null : percent(chance.backing),
    framing_percent: percent(chance.framing),
  }
}

/** Causes that are kept beside the first. */
const KEPT_CAUSES = 5

/** What stands about the cause of a finding now, to be set beside what is seen when it is opened; null: nothing is said of it. */
export function toldOf(
  finding: Finding,
  { trace }: Pick<Derived, 'trace'>,
): EntityOf['opened_place']['told'] {
  const traced = trace.findings.find(({ finding_id }) => finding_id === finding.id)
  if (!traced) return null
  const noted = finding.signs.filter(({ present }) => present).map(({ sign }) => sign)
  const worked = traced.ranked.flatMap(({ reasons }) =>
    reasons.filter(({ present, derived }) => present && derived).map(({ sign }) => sign),
  )
  return {
    cause: traced.cause,
    stated: traced.stated !== null,
    shares: traced.ranked
      .filter(({ cause }) => cause !== 'other')
      .slice(0, KEPT_CAUSES)
      .map(({ cause, probability }) => ({ cause, percent: Math.round(probability * 1000) / 10 })),
    signs: [...new Set([...noted, ...worked])].slice(0, 80),
  }
}

/** Somebody opened it, and it is soft through: what has to be mended behind a board is that at least. */
const FOUND_GRADE = 3

/**
 * What is found behind an opened place, as a finding of its own, and the work that mends it: by the method and in the unit in which its
 * price was agreed. Its number comes from the server, like that of any finding.
 */
export function foundWork(
  find: FindRow,
  count: number,
  of: {
    readonly behind: Finding
    readonly ids: { readonly finding: string; readonly item: string }
    readonly by: string
    readonly photo_ids: readonly string[]
  },
): { readonly finding: Finding; readonly item: EntityOf['work_item'] } {
  const { behind, ids } = of
  const finding: Finding = {
    ...behind,
    id: ids.finding,
    number: null,
    words: `${find.name}: ${count} behind finding ${behind.number ?? 'new'}`.slice(0, 4000),
    component: find.component,
    material: 'unknown',
    extent: null,
    count,
    face_width: null,
    signs: [],
    how_known: 'opened',
    suspected: false,
    stated_grade: FOUND_GRADE,
    observations: null,
    photo_ids: [...of.photo_ids],
    clip_ids: [],
    seen_by: of.by,
    earlier_repair: 'not-noted',
    detail_id: null,
    behind: null,
  }
  const item = newWorkItem({
    id: ids.item,
    method: find.method,
    component: find.component,
    finding_ids: [finding.id],
    places: [{ at: behind.place, size: soMany(find.unit, count), height: null }],
    state: 'ours',
  })
  return { finding, item }
}
