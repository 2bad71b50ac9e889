import { partName } from '../catalogue'
import {
  CAUSE_IDS,
  causeOf,
  FAMILIES,
  type Cause,
  type CauseId,
  type Family,
  type SeatKind,
} from '../catalogue/causes'
import { CHECKS } from '../catalogue/checks/checks'
import { LOOK_ALIKE_PAIRS, type LookAlikePair } from '../catalogue/pairs/pairs'
import { signOf } from '../catalogue/signs'

export type HandbookCause = {
  readonly id: CauseId
  readonly name: string
  readonly mechanism: string
  readonly rows: readonly { readonly name: string; readonly words: string }[]
}
export type Handbook = {
  readonly families: readonly { readonly name: string; readonly causes: readonly HandbookCause[] }[]
  readonly pairs: readonly LookAlikePair[]
  readonly checks: readonly { readonly id: string; readonly name: string; readonly words: string }[]
}

const USUAL_WORDS = {
  VC: 'in more than two of five houses',
  C: 'in 15 to 40 of a hundred',
  U: 'in 4 to 15',
  R: 'in fewer than 4',
} as const
const SEAT_WORDS: Readonly<Record<SeatKind, string>> = {
  none: 'nowhere: there is no source',
  'opening-head': 'over a window or door',
  'opening-foot': 'at the sill of a window or door',
  opening: 'round a window or door',
  'gutter-run': 'along a gutter',
  eave: 'along a roof edge',
  'gutter-end': 'at the end of a gutter',
  leader: 'at a downspout',
  'roof-end': 'where a roof ends on a wall',
  'roof-wall-line': 'where a roof meets a wall',
  'metal-edge': 'at the edge of a metal roof',
  'chase-top': 'on top of a chase',
  chimney: 'at a chimney',
  'roof-plane': 'on a slope of the roof',
  'roof-pipe': 'at a pipe or flue on the roof',
  skylight: 'at a skylight',
  valley: 'at a valley of the roof',
  penetration: 'at a hole through the wall',
  ledger: 'at a deck ledger',
  ground: 'along the foot of a wall',
  face: 'over the face of a wall',
  fixture: 'at a bath, sink or toilet',
  crawl: 'below the floor',
  attic: 'in the attic',
  'in-place': 'at the damaged part itself',
}

const feetWords = (inches: number): string =>
  inches >= 24 ? `${Math.round(inches / 12)} ft` : `${inches} in`

function reachWords({ reach, seat }: Cause): string {
  if (seat === 'none') return 'none'
  if (seat === 'crawl' || seat === 'attic') return 'the whole house below or above it'
  const parts = [
    reach.down > 0 ? `${feetWords(reach.down)} down` : '',
    reach.side > 0 ? `${feetWords(reach.side)} to each side` : '',
    reach.up > 0 ? `${feetWords(reach.up)} up` : '',
    reach.inside > 0 ? `${feetWords(reach.inside)} in from the wall` : '',
  ]
  return parts.filter(Boolean).join(', ')
}

function ratioWords(of: Cause['supports']): string {
  return of.map(({ sign, ratio }) => `${signOf(sign).says} (× ${ratio})`).join(' · ')
}

function entryOf(id: CauseId): HandbookCause {
  const cause = causeOf(id)
  const rows = [
    { name: 'Where it sits', words: SEAT_WORDS[cause.seat] },
    { name: 'Reach', words: reachWords(cause) },
    { name: 'Damages', words: cause.damages.map((part) => partName(part)).join(', ') },
    { name: 'How usual', words: USUAL_WORDS[cause.usual] },
    { name: 'Signs for', words: ratioWords(cause.supports) },
    { name: 'Signs against', words: ratioWords(cause.refutes) },
    {
      name: 'Brings about',
      words: cause.leadsTo
        .flatMap((next) => CAUSE_IDS.filter((each) => each === next))
        .map((next) => causeOf(next).name)
        .join(', '),
    },
    {
      name: 'Source fix',
      words: cause.fix ? `${cause.fix.words} (${cause.fix.hours[0]} to ${cause.fix.hours[1]} h)` : '',
    },
    { name: 'If only the rot is repaired', words: cause.ifOnlyEffect },
    {
      name: 'Basis',
      words:
        cause.basis === 'judgement'
          ? 'our judgement'
          : cause.basis === 'published'
            ? 'published rule; ratios our judgement'
            : 'common practice; ratios our judgement',
    },
  ]
  return { id, name: cause.name, mechanism: cause.mechanism, rows: rows.filter((row) => row.words !== '') }
}

const PERMIT_WORDS = {
  look: 'looking',
  probe: 'probing',
  open: 'the owner’s word to open',
  trade: 'a licensed trade',
} as const

/** The causes in words, by family, from the data that Trace reasons with; the pairs that look alike; the checks. */
export function handbook(): Handbook {
  return {
    families: (Object.keys(FAMILIES) as Family[]).map((family) => ({
      name: FAMILIES[family],
      causes: CAUSE_IDS.filter((id) => causeOf(id).family === family).map(entryOf),
    })),
    pairs: LOOK_ALIKE_PAIRS,
    checks: Object.entries(CHECKS)
      .filter(([, check]) => check.shows.length > 0)
      .map(([id, check]) => ({
        id,
        name: check.name,
        words: `${check.minutes} min${check.waits > 0 ? ` and ${check.waits} days` : ''}; needs ${PERMIT_WORDS[check.permit]}; finds ${Math.round(check.sensitivity * 100)} of 100, wrongly ${Math.round((1 - check.specificity) * 100)} of 100${check.falseFriends ? `; fooled by ${check.falseFriends}` : ''}. Shows: ${check.shows.map((sign) => signOf(sign).says).join(' · ')}`,
      })),
  }
}
