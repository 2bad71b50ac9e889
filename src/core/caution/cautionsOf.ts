import { placeOf } from '../geometry'
import {
  COMPONENTS,
  FEATURE_WORDS,
  factsOf,
  gradeOf,
  isStructuralDecay,
  type Finding,
  type JobDocument,
} from '../job'
import { isLeadPresumed } from './leadRule'

/** A thing that can hurt someone: what, where, what can happen, what to do now, who. */
export type Caution = {
  /** Stable: the trigger and what it hangs on. An acknowledgement names it. */
  readonly id: string
  readonly kind:
    'keep-off' | 'gas' | 'open-wall' | 'engineer' | 'wiring' | 'pest' | 'lead' | 'no-pressure-wash' | 'other'
  /** Smaller is worse. */
  readonly rank: number
  readonly what: string
  readonly where: string
  readonly canHappen: string
  readonly doNow: string
  readonly who: string
  readonly finding_ids: readonly string[]
  /** Keep-off, shoring and lead gate the task, never the bid. */
  readonly gates: 'task' | 'nothing'
  readonly acknowledged: { readonly by: string; readonly reason: string } | null
}

type Draft = Omit<Caution, 'acknowledged'>

const RANK = {
  'keep-off': 1,
  gas: 1,
  'open-wall': 2,
  engineer: 3,
  wiring: 3,
  pest: 5,
  lead: 4,
  'no-pressure-wash': 6,
  other: 5,
} as const

/** Words of the keep-off list, for the line on the bid. */
const KEEP_OFF_WORDS: Record<string, string> = {
  'ledger-on-veneer': 'ledger on veneer',
  'ledger-nailed-only': 'ledger nailed only',
  'ledger-loose': 'ledger loose',
  'rim-soft': 'rim soft',
  'gap-opening': 'gap at the ledger and opening',
  'post-base-soft': 'post base or bearing soft',
  'beam-not-on-post': 'beam not on its post',
  'hangers-missing-at-height': 'hangers missing at height',
  'stair-not-attached': 'stair not attached or stringer cracked',
  'guard-moves': 'guard moves or has no structural posts',
  'load-never-designed': 'load it was never built for',
  leaning: 'leaning',
  'freestanding-unbraced': 'freestanding without bracing',
}

/** Findings that put a deck, stair or guard on the keep-off list by themselves. */
function keepOffWords(finding: Finding): string[] {
  const saw = (sign: string): boolean => finding.signs.some((each) => each.sign === sign && each.present)
  const grade = gradeOf(finding) ?? 0
  const words: string[] = []
  if (finding.component === 'ledger') {
    if (saw('ledger-nails-only')) words.push('ledger nailed only')
    if (saw('ledger-gap-over-eighth')) words.push('gap over 1/8" at the ledger')
    if (grade >= 2) words.push('ledger or rim soft')
  }
  if (finding.component === 'deck-post' && grade >= 2) words.push('post base soft')
  if (finding.component === 'guard' && grade >= 2) words.push('guard not sound')
  if (finding.component === 'stair' && grade >= 2) words.push('stair not sound')
  return words
}

export function whereOf(finding: Finding, job: JobDocument): string {
  const place = placeOf(finding, job)
  switch (place.kind) {
    case 'side': {
      const side = job.sides.find((each) => each.id === place.side_id)
      const feature = job.features.find((each) => each.id === place.feature_id)
      const name = side ? `${side.facing} ${side.letter}` : 'side'
      return feature ? `${name}, ${FEATURE_WORDS[feature.kind]} ${side?.letter ?? ''}${feature.number}` : name
    }
    case 'words':
      return place.words
    case 'room':
      return place.room
    case 'roof':
      return `roof, ${place.words}`
    case 'deck':
      return `deck${place.words ? `, ${place.words}` : ''}`
    case 'crawl':
      return `crawl space${place.words ? `, ${place.words}` : ''}`
    case 'photo':
    case 'none':
      return 'place not noted yet'
  }
}

function fromFindings(job: JobDocument): Draft[] {
  return job.findings.flatMap((finding): Draft[] => {
    const where = whereOf(finding, job)
    const off = keepOffWords(finding)
    const drafts: Draft[] = []
    if (off.length > 0) {
      drafts.push({
        id: `keep-off:finding:${finding.id}`,
        kind: 'keep-off',
        rank: RANK['keep-off'],
        what: off.join(', '),
        where,
        canHappen: 'it can come down under people without warning',
        doNow: 'Keep off. Barrier at the door today; look from below only; shore before anyone stands on it.',
        who: 'everyone on the place',
        finding_ids: [finding.id],
        gates: 'task',
      })
    } else if (isStructuralDecay(finding)) {
      drafts.push({
        id: `engineer:${finding.id}`,
        kind: 'engineer',
        rank: RANK.engineer,
        what: `${COMPONENTS[finding.component!]} decayed, it carries load`,
        where,
        canHappen: 'the floor or wall above can give',
        doNow: 'Take loads off; shore before it is cut. An engineer says what it must carry.',
        who: 'licensed engineer',
        finding_ids: [finding.id],
        gates: 'task',
      })
    }
    const insects = finding.signs.some(
      (each) => each.present && (each.sign === 'mud-tubes' || each.sign === 'frass-or-holes'),
    )
    if (insects) {
      drafts.push({
        id: `pest:${finding.id}`,
        kind: 'pest',
        rank: RANK.pest,
        what: 'signs of wood-eating insects, state not known',
        where,
        canHappen: 'new wood is eaten too',
        doNow: 'Activity confirmed and treated before wood is closed in; ask for earlier records.',
        who: 'licensed pest control',
        finding_ids: [finding.id],
        gates: 'nothing',
      })
    }
    return drafts
  })
}

const HAZARD = {
  'keep-off': {
    kind: 'keep-off',
    canHappen: 'it can come down under people without warning',
    who: 'everyone on the place',
  },
  'open-wall': {
    kind: 'open-wall',
    canHappen: 'weather and animals get in; a bearing stud may stand bare',
    who: 'us',
  },
  wiring: { kind: 'wiring', canHappen: 'shock or fire', who: 'licensed electrician' },
  'gas-smell': { kind: 'gas', canHappen: 'explosion', who: 'gas utility, from outside' },
  'wall-bowed': { kind: 'engineer', canHappen: 'the wall can fail inwards', who: 'licensed engineer' },
  structure: { kind: 'engineer', canHappen: 'what it carries can give', who: 'licensed engineer' },
  'pest-active': { kind: 'pest', canHappen: 'new wood is eaten too', who: 'licensed pest control' },
  other: { kind: 'other', canHappen: 'someone can be hurt', who: 'us' },
} as const

function fromFacts(job: JobDocument): Draft[] {
  return factsOf(job, 'hazard').map((hazard): Draft => {
    const { kind, canHappen, who } = HAZARD[hazard.hazard]
    const about = hazard.about
    const finding =
      about.kind === 'finding' ? job.findings.find((each) => each.id === about.finding_id) : undefined
    const side =
      about.kind === 'zone'
        ? job.sides.find((each) => each.id === about.side_id)
        : about.kind === 'feature'
          ? job.sides.find((each) => each.id === job.features.find((f) => f.id === about.feature_id)?.side_id)
          : undefined
    const signs = hazard.signs.map((sign) => KEEP_OFF_WORDS[sign] ?? sign)
    return {
      id: `hazard:${hazard.id}`,
      kind,
      rank: RANK[kind],
      what: [hazard.what, ...signs].filter(Boolean).join(', '),
      where: finding ? whereOf(finding, job) : side ? `${side.facing} ${side.letter}` : 'the house',
      canHappen,
      doNow: hazard.do_now,
      who,
      finding_ids: about.kind === 'finding' ? [about.finding_id] : [],
      gates: kind === 'keep-off' ? 'task' : 'nothing',
    }
  })
}

/** Components whose repair breaks a painted surface. */
function disturbsPaint(component: Finding['component']): boolean {
  return (
    component !== null &&
    !['joist', 'subfloor', 'girder', 'mudsill', 'deck-joist', 'deck-post'].includes(component)
  )
}

function fromWork(job: JobDocument): Draft[] {
  const drafts: Draft[] = []
  const painted = job.findings.filter((finding) => disturbsPaint(finding.component))
  const worked = job.repairs.length > 0 || job.area_works.length > 0
  if ((painted.length > 0 || worked) && isLeadPresumed(job.house?.year_built ?? null)) {
    const known = job.house?.year_built.kind === 'known'
    drafts.push({
      id: 'lead:house',
      kind: 'lead',
      rank: RANK.lead,
      what: known
        ? 'built before 1978: paint taken for lead paint'
        : 'year not known: paint taken for lead paint',
      where: 'painted parts we disturb',
      canHappen: 'lead dust harms children and crew',
      doNow:
        'Lead-safe work: containment before washing or cutting, pamphlet given, records kept; or a test first.',
      who: 'certified firm',
      finding_ids: painted.map((finding) => finding.id),
      gates: 'task',
    })
  }
  for (const work of job.area_works) {
    const side = job.sides.find((each) => each.id === work.side_id)
    if (side?.cladding !== 'hardboard-lap') continue
    const findings = job.findings.filter((finding) => {
      const place = placeOf(finding, job)
      return place.kind === 'side' && place.side_id === side.id
    })
    drafts.push({
      id: `no-pressure-wash:${work.id}`,
      kind: 'no-pressure-wash',
      rank: RANK['no-pressure-wash'],
      what: 'hardboard siding to be washed',
      where: `${side.facing} ${side.letter}`,
      canHappen: 'pressure drives water into the laps and the boards swell',
      doNow: 'No pressure washing. By hand, low pressure.',
      who: 'us',
      finding_ids: findings.map((finding) => finding.id),
      gates: 'nothing',
    })
  }
  return drafts
}

/** How many cautions stand on the screen or on a bid's first page. */
export const AT_MOST = 3

export type Cautions = {
  /** All of them, worst first. None ever vanishes from here. */
  readonly all: readonly Caution[]
  /** At most three: keep-off always, then those nobody has acknowledged. */
  readonly shown: readonly Caution[]
}

/** Cautions raised by the findings, facts and chosen work of a job. */
export function cautionsOf(job: JobDocument): Cautions {
  const acknowledgements = factsOf(job, 'acknowledgement')
  const all = [...fromFacts(job), ...fromFindings(job), ...fromWork(job)]
    .sort((a, b) => a.rank - b.rank)
    .map((draft): Caution => {
      const said = acknowledgements.findLast((each) => each.caution_id === draft.id)
      return { ...draft, acknowledged: said ? { by: said.by, reason: said.reason } : null }
    })
  const shown = all.filter((each) => each.kind === 'keep-off' || each.acknowledged === null).slice(0, AT_MOST)
  return { all, shown }
}
