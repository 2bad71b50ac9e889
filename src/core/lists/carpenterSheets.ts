import type { Caution, Cautions } from '../caution'
import { placeOf } from '../geometry'
import { findingNumber } from '../house'
import { byId, type JobDocument } from '../job'
import { formatLength } from '../measure'
import type { ScopeItem } from '../scope'
import type { ItemTakeoff, Takeoff } from '../takeoff'
import { agreedWords, CREW_WORDS, type CrewWords, type Locale } from './crewWords'

/** What is done on one side, for whoever does it: where, what, cut lengths, cautions, pictures. No money. */
export type CarpenterSheet = {
  readonly side_id: string | null
  readonly title: string
  /** What is to be minded there, each in a line: of this side, of the whole house, and what was agreed with its owner. */
  readonly cautions: readonly string[]
  readonly items: readonly CarpenterItem[]
}
export type CarpenterItem = {
  readonly id: string
  readonly name: string
  readonly does: string
  readonly where: readonly string[]
  /** `2 × 4' 3-1/2" 1x4 finger-jointed primed pine`. */
  readonly cuts: readonly string[]
  /** What must be there before it is begun. */
  readonly needs: readonly string[]
  readonly note: string
  readonly findings: readonly string[]
  readonly photo_ids: readonly string[]
}

/** Pieces of an item for a side, as they are cut; empty: those that are for no side. */
export function cutsOn(side: string, taken: ItemTakeoff | undefined, words: CrewWords): string[] {
  const lines = new Map<string, number>()
  for (const { side: of, piece } of taken?.bySide ?? []) {
    if (of !== side && !(side === '' && of === 'no side')) continue
    const section = piece.section === 'lap' ? words.lapSiding : piece.section
    const cut = `${formatLength(piece.length)} ${section} ${words.material(piece.material)}`.trim()
    lines.set(cut, (lines.get(cut) ?? 0) + piece.count)
  }
  return [...lines].map(([cut, count]) => `${count} × ${cut}`)
}

const sideKey = (spot: ScopeItem['spots'][number]): string =>
  spot.at.kind === 'side' || spot.at.kind === 'whole-side' ? spot.at.side_id : 'no side'

function itemOn(
  side: string,
  item: ScopeItem,
  taken: ItemTakeoff | undefined,
  { job, words }: { readonly job: JobDocument; readonly words: CrewWords },
): CarpenterItem[] {
  const spots = item.spots.filter((spot) => spot.standing === 'ours' && sideKey(spot) === side)
  if (spots.length === 0 || item.row?.sells === false) return []
  const ids = new Set(spots.flatMap((spot) => spot.finding_ids))
  const findings = job.findings.filter((finding) => ids.has(finding.id))
  return [
    {
      id: item.id,
      name: words.item(item),
      does: words.does(item),
      where: [...new Set(spots.map((spot) => words.where(spot.at, job)))],
      cuts: cutsOn(side, taken, words),
      needs: needsOf(item, job).map((need) => words.need(need)),
      note: item.item.note,
      findings: findings.map((finding) => findingNumber(finding, job)),
      photo_ids: [...new Set(findings.flatMap((finding) => finding.photo_ids))],
    },
  ]
}

/** What an item needs first; no permit where none is asked for. */
export const needsOf = ({ row }: Pick<ScopeItem, 'row'>, { job }: JobDocument): readonly string[] =>
  (row?.needs ?? []).filter((need) => need !== 'permit' || job.permit !== 'not-needed')

/** Whether a caution is to be read on the sheet of a side: it is about something there, or about no place in particular. */
function isOn(side: string, caution: Caution, job: JobDocument): boolean {
  if (caution.kind === 'keep-off' || caution.kind === 'lead') return true
  const places = job.findings
    .filter((finding) => caution.finding_ids.includes(finding.id))
    .map((finding) => placeOf(finding, job))
  if (places.length === 0) return true
  return places.some((place) => (place.kind === 'side' ? place.side_id : 'no side') === side)
}

/** The work side by side in walking order, then what is at no side. Sides without work are left out. */
export function carpenterSheets(
  of: {
    readonly job: JobDocument
    readonly scope: { readonly items: readonly ScopeItem[] }
    readonly takeoff: Takeoff
    readonly cautions: Cautions
  },
  locale: Locale = 'en',
): CarpenterSheet[] {
  const { job, scope, takeoff, cautions } = of
  const words = CREW_WORDS[locale]
  const taken = new Map(takeoff.items.map((each) => [each.item_id, each]))
  const keys = [...job.sides.map((side) => side.id), 'no side']
  return keys.flatMap((key): CarpenterSheet[] => {
    const mine = scope.items.flatMap((item) => itemOn(key, item, taken.get(item.id), { job, words }))
    if (mine.length === 0) return []
    const side = byId(job.sides, key)
    return [
      {
        side_id: side?.id ?? null,
        title: side ? words.side(side.facing, side.letter) : words.elsewhere,
        cautions: [
          ...cautions.all
            .filter((caution) => isOn(key, caution, job))
            .map((caution) => words.caution(caution, job)),
          ...agreedWords(job.job, words),
        ],
        items: mine,
      },
    ]
  })
}
