import { methodOf, partOf } from '../catalogue'
import { isDamage, type Finding, type JobDocument } from '../job'
import { causeOf, type CauseId } from './knowledge/causes'
import type { SignId } from './knowledge/signs'
import type { Trace } from './traceJob'

/** A mistake that is easily made here, said before it is made. It gates nothing. */
export type Guard = {
  readonly kind:
    | 'pushed-or-sinking'
    | 'hairlines-only'
    | 'vapour-or-leak'
    | 'one-cause-for-all'
    | 'fresh-paint'
    | 'paint-over-decay'
    | 'drainage-joint'
    | 'pests'
    | 'old-but-bearing'
  readonly says: string
  readonly finding_ids: readonly string[]
}

const has = (finding: Finding, ...signs: SignId[]): boolean =>
  finding.signs.some((each) => each.present && (signs as readonly string[]).includes(each.sign))

const PUSHED: readonly SignId[] = [
  'horizontal-crack-inside',
  'plumb-out-half-in',
  'steps-at-ends',
  'wet-or-frozen-backfill',
]
const SINKING: readonly SignId[] = ['low-zone-with-tapered-cracks', 'courses-low-and-cracks', 'survey-falls']
const MEASURED: readonly SignId[] = [
  'wall-plumb',
  'courses-level',
  'survey-falls',
  'courses-low-and-cracks',
  'plumb-out-half-in',
]
const PESTS: ReadonlySet<CauseId> = new Set<CauseId>([
  'subterranean-termites',
  'drywood-termites',
  'dampwood-termites',
  'carpenter-ants',
  'wood-beetles',
])
const CLEARED: ReadonlySet<CauseId> = new Set<CauseId>(['old-inactive', 'ordinary-exposure', 'as-built'])
/** One cause over so many findings, of so many kinds of part, wants a second look. Our judgement. */
const ALL = { findings: 6, share: 0.7, parts: 4 } as const

/** Guards against the dearest mistakes of reasoning. Source: common practice. */
export function guardsOf(job: JobDocument, trace: Trace): Guard[] {
  const damaged = job.findings.filter(isDamage)
  const causeAt = new Map(trace.findings.map((each) => [each.finding_id, each.cause]))
  const ids = (of: readonly Finding[]): string[] => of.map((each) => each.id)
  const guards: Guard[] = []
  const add = (kind: Guard['kind'], of: readonly Finding[], says: string): void => {
    if (of.length > 0) guards.push({ kind, says, finding_ids: ids(of) })
  }
  const by = (cause: CauseId): Finding[] => damaged.filter((each) => causeAt.get(each.id) === cause)
  const pushed = damaged.filter((each) => has(each, ...PUSHED) || causeAt.get(each.id) === 'lateral-pressure')
  const sinking = damaged.filter((each) => has(each, ...SINKING) || causeAt.get(each.id) === 'settlement')
  const measured = damaged.filter((each) => has(each, ...MEASURED))
  const both = [...new Set([...pushed, ...sinking])]
  if (pushed.length > 0 && (sinking.length > 0 || measured.length === 0)) {
    add(
      'pushed-or-sinking',
      both,
      'A wall that is pushed in is not held by underpinning, and a corner that goes down is not held by bracing. Both can be true. Measure plumb at three heights and level along one bed joint before either is priced; an engineer decides.',
    )
  } else if (sinking.length > 0 && !sinking.some((each) => has(each, 'wall-plumb', 'survey-falls'))) {
    add(
      'pushed-or-sinking',
      sinking,
      'Before settlement is named, see that the wall is plumb at three heights: out of plumb is pressure, out of level is settlement.',
    )
  }
  const hairs = damaged.filter(
    (each) => has(each, 'hairline-only') && !has(each, 'survey-falls', 'courses-low-and-cracks'),
  )
  const told = hairs.filter((each) => causeAt.get(each.id) === 'settlement')
  add(
    'hairlines-only',
    told.length > 0 ? told : hairs,
    'Hairlines alone give no verdict on settlement. They ask for a level survey, and a second one after a season.',
  )
  const vapour = by('crawl-vapour')
  const wetFixture = damaged.filter((each) =>
    has(each, 'wet-below-fixture', 'wet-only-after-use', 'tub-joint-open'),
  )
  const fixture = job.features.some((each) => each.kind === 'fixture')
  if (vapour.length > 0 && (wetFixture.length > 0 || fixture)) {
    add(
      'vapour-or-leak',
      [...new Set([...vapour, ...wetFixture])],
      'Vapour and a leak can both be true. If the worst spot lies under a bath or a sink, test that as well: dial still for half an hour, then the pan.',
    )
  }
  const stretched = trace.sources.find(
    (each) =>
      each.letter !== null &&
      !each.repeated &&
      each.finding_ids.length >= ALL.findings &&
      each.finding_ids.length >= ALL.share * damaged.length &&
      new Set(damaged.filter((one) => each.finding_ids.includes(one.id)).map((one) => one.component)).size >=
        ALL.parts,
  )
  if (stretched) {
    add(
      'one-cause-for-all',
      damaged.filter((each) => stretched.finding_ids.includes(each.id)),
      `One cause is stretched over nearly everything (${causeOf(stretched.cause).name.toLowerCase()}). Take the finding furthest from it by itself, as if it were the only one.`,
    )
  }
  add(
    'fresh-paint',
    damaged.filter((each) => has(each, 'freshly-painted', 'new-paint-one-spot')),
    'Freshly painted is unknown, not sound. Ask for the papers of the earlier work; press with the thumb.',
  )
  const hidden = damaged.filter((each) => {
    const live = (each.stated_grade ?? 0) >= 2
    const filled = each.earlier_repair === 'filler' || each.earlier_repair === 'sealant-over'
    const covered = job.work_items.some(
      (item) => methodOf(item.method)?.hidesDecay && item.finding_ids.includes(each.id),
    )
    return live && (filled || covered || causeAt.get(each.id) === 'cosmetic-repair')
  })
  add(
    'paint-over-decay',
    hidden,
    'Paint, filler or sealant over soft wood hides decay and keeps it wet. Cut to sound wood first.',
  )
  const drains = damaged.filter(
    (each) =>
      causeAt.get(each.id) === 'drainage-sealed' ||
      has(each, 'bead-at-flashing-or-weep', 'weeps-painted-shut', 'no-weep-screed'),
  )
  add(
    'drainage-joint',
    drains,
    'Some joints must stay open: the bottom of cladding above a flashing, weep screeds, window and storm weeps, undersides of laps. Do not seal them.',
  )
  const pests = damaged.filter(
    (each) =>
      PESTS.has(causeAt.get(each.id) ?? 'ordinary-exposure') || has(each, 'frass-or-holes', 'mud-tubes'),
  )
  add(
    'pests',
    pests,
    'With insects the state counts: live or old, treated or not. Ask for the treatment record; a licensed firm confirms activity before anything is closed.',
  )
  const old = damaged.filter(
    (each) => partOf(each.component)?.ageProvesNothing && CLEARED.has(causeAt.get(each.id) ?? 'settlement'),
  )
  add(
    'old-but-bearing',
    old,
    'That it has stood for decades clears no attachment, guard, stair, support, wiring or gas. Look at it as if it were new.',
  )
  return guards
}
