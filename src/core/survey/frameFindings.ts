import type { SignId } from '../catalogue/signs'
import { gradeOf, type ComponentId, type Finding, type Grade, type JobDocument, type SurveyOf } from '../job'
import { faultsOf } from './register'

type Frame = SurveyOf<'frame'>
type Home = SurveyOf<'home'>
type Support = Frame['supports'][number]
type Member = Frame['members'][number]

/** What a support shows by how it stands and by what it stands on. Upright on a footing or a pad shows nothing. */
const SHOWN_BY_STANDING: Readonly<Record<NonNullable<Support['stands']>, SignId | null>> = {
  plumb: null,
  leaning: 'pier-leaning',
  loose: 'daylight-in-bearing',
  'not-touching': 'daylight-in-bearing',
  sunk: 'support-sunk',
}
const SHOWN_BY_BASE: Readonly<Record<NonNullable<Support['on']>, SignId | null>> = {
  footing: null,
  pad: null,
  'loose-blocks': 'post-on-loose-pad',
  soil: 'support-wood-on-soil',
}

/** What a member that is not sound is noted as. Soft is the word, not how deep: our judgement. */
const NOTED_AS: Readonly<
  Record<'soft' | 'broken' | 'cut', { readonly grade: Grade | null; readonly signs: readonly SignId[] }>
> = {
  soft: { grade: 2, signs: [] },
  broken: { grade: 4, signs: ['broken-through'] },
  cut: { grade: null, signs: ['notch-or-hole-too-big'] },
}

/** What a register of a floor's frame has found wrong, told once: how many of which part, and which finding takes it. */
export type FrameWrite = {
  readonly part: ComponentId
  /** How many of them, in the finding that takes it. */
  readonly count: number
  readonly grade: Grade | null
  readonly signs: readonly SignId[]
  readonly words: string
  /** `noted`: the findings there are say it already. */
  readonly as: 'noted' | 'joined' | 'finding'
  /** The one that takes it; null for a finding of its own. */
  readonly finding_id: string | null
}

type Group = Pick<FrameWrite, 'part' | 'grade' | 'signs' | 'words'> & {
  /** Other names under which it may have been noted. */
  readonly noted_as?: readonly ComponentId[]
  readonly names: readonly string[]
  readonly takes: (finding: Finding) => boolean
}

const stated = (sign: SignId | null): SignId[] => (sign === null ? [] : [sign])
const shows = (finding: Finding, sign: SignId): boolean =>
  finding.signs.some((each) => each.present && each.sign === sign)

function supportGroup(supports: readonly Pick<Support, 'support' | 'stands' | 'on'>[]): Group[] {
  const off = supports.filter((each) => faultsOf(each) !== '')
  if (off.length === 0) return []
  const signs = off.flatMap(({ stands, on }) => [
    ...stated(stands && SHOWN_BY_STANDING[stands]),
    ...stated(on && SHOWN_BY_BASE[on]),
  ])
  return [
    {
      part: 'pier',
      grade: null,
      signs: [...new Set(signs)],
      names: off.map(({ support }) => support),
      words: off.map((each) => `${each.support} ${faultsOf(each)}`).join('; '),
      takes: () => true,
    },
  ]
}

const isGirder = ({ member }: Member): boolean => /\b(?:girder|beam)\b/i.test(member)

function memberGroups(members: readonly Member[]): Group[] {
  return (['joist', 'girder'] as const).flatMap((part) =>
    (['soft', 'broken', 'cut'] as const).flatMap((state): Group[] => {
      const found = members.filter((each) => each.state === state && isGirder(each) === (part === 'girder'))
      if (found.length === 0) return []
      const { grade, signs } = NOTED_AS[state]
      const isCut = (finding: Finding): boolean => shows(finding, 'notch-or-hole-too-big')
      const takes: Record<typeof state, (finding: Finding) => boolean> = {
        soft: (finding) => (gradeOf(finding) ?? 0) > 0 && gradeOf(finding) !== 4,
        broken: (finding) => gradeOf(finding) === 4 || shows(finding, 'broken-through'),
        cut: isCut,
      }
      return [
        {
          ...{ part, grade, signs, takes: takes[state] },
          names: found.map(({ member }) => member),
          words: `${found.map(({ member }) => member).join(', ')}: ${state}`,
        },
      ]
    }),
  )
}

function written(group: Group, job: JobDocument): FrameWrite {
  const { part, grade, signs, words, names } = group
  const there = job.findings.filter(
    (each) =>
      (each.component === part || group.noted_as?.includes(each.component ?? '') === true) &&
      each.place.kind !== 'deck' &&
      group.takes(each),
  )
  const told = there.reduce((sum, { count }) => sum + (count ?? 1), 0)
  const more = names.length - told
  const noted = { ...{ part, grade, signs, words }, as: 'noted' as const, finding_id: there[0]?.id ?? null }
  if (there.length > 0 && more <= 0) return { ...noted, count: there[0]!.count ?? 1 }
  // Whoever wrote *a line of posts* did not say how many; one that was counted is what was counted.
  const open = there.find(({ count }) => count === null)
  if (open) return { ...noted, as: 'joined', finding_id: open.id, count: 1 + more }
  return { ...noted, as: 'finding', finding_id: null, count: more }
}

/** Piers of all rails of a home, each by its rail. */
const piersOf = (rails: readonly Home[]): Pick<Support, 'support' | 'stands' | 'on'>[] =>
  rails.flatMap(({ rail, piers }) =>
    piers.map(({ pier, stands }) => ({
      support: [rail.trim(), pier].filter(Boolean).join(' '),
      stands,
      on: null,
    })),
  )

/**
 * What the piers under a manufactured home were found to stand like, as a finding: all its rails together, since one finding of piers
 * may count those of several. Otherwise as `frameFindings`.
 */
export function homeFindings(job: JobDocument): FrameWrite[] {
  const rails = job.surveys.filter((each): each is Home => each.kind === 'home')
  return supportGroup(piersOf(rails)).map((group) =>
    written({ ...group, part: 'home-pier', noted_as: ['pier'] }, job),
  )
}

/**
 * What the register of a floor's frame found wrong, as findings: a finding that is there and was not counted takes the number, one that
 * says as many already stays as it is, and what is over is a finding of its own. Nothing is said, or priced, twice.
 *
 * @returns supports first, then joists and girders by what is wrong with them; empty where nothing is
 */
export function frameFindings(survey: Frame, job: JobDocument): FrameWrite[] {
  return [...supportGroup(survey.supports), ...memberGroups(survey.members)].map((group) =>
    written(group, job),
  )
}
