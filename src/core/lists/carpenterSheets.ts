import { materialName } from '../catalogue'
import { findingNumber } from '../house'
import { byId, type JobDocument } from '../job'
import { formatLength } from '../measure'
import type { ScopeItem } from '../scope'
import type { ItemTakeoff, Takeoff } from '../takeoff'

/** What is done on one side, for whoever does it: where, what, cut lengths, cautions, pictures. No money. */
export type CarpenterSheet = {
  readonly side_id: string | null
  readonly title: string
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

function cutsOn(side: string, taken: ItemTakeoff | undefined): string[] {
  const lines = new Map<string, number>()
  for (const { side: of, piece } of taken?.bySide ?? []) {
    if (of !== side) continue
    const section = piece.section === 'lap' ? 'lap siding' : piece.section
    const words = `${formatLength(piece.length)} ${section} ${materialName(piece.material)}`.trim()
    lines.set(words, (lines.get(words) ?? 0) + piece.count)
  }
  return [...lines].map(([words, count]) => `${count} × ${words}`)
}

const sideKey = (spot: ScopeItem['spots'][number]): string =>
  spot.at.kind === 'side' || spot.at.kind === 'whole-side' ? spot.at.side_id : 'no side'

function itemOn(
  side: string,
  item: ScopeItem,
  taken: ItemTakeoff | undefined,
  job: JobDocument,
): CarpenterItem[] {
  const spots = item.spots.filter((spot) => spot.standing === 'ours' && sideKey(spot) === side)
  if (spots.length === 0 || item.row?.sells === false) return []
  const ids = new Set(spots.flatMap((spot) => spot.finding_ids))
  const findings = job.findings.filter((finding) => ids.has(finding.id))
  return [
    {
      id: item.id,
      name: item.name,
      does: item.row?.cures ?? '',
      where: [...new Set(spots.map((spot) => spot.where))],
      cuts: cutsOn(side, taken),
      needs: item.needs,
      note: item.item.note,
      findings: findings.map((finding) => findingNumber(finding, job)),
      photo_ids: [...new Set(findings.flatMap((finding) => finding.photo_ids))],
    },
  ]
}

/** The work side by side in walking order, then what is at no side. Sides without work are left out. */
export function carpenterSheets(
  job: JobDocument,
  { items }: { readonly items: readonly ScopeItem[] },
  takeoff: Takeoff,
): CarpenterSheet[] {
  const taken = new Map(takeoff.items.map((each) => [each.item_id, each]))
  const keys = [...job.sides.map((side) => side.id), 'no side']
  return keys.flatMap((key): CarpenterSheet[] => {
    const mine = items.flatMap((item) => itemOn(key, item, taken.get(item.id), job))
    if (mine.length === 0) return []
    const side = byId(job.sides, key)
    return [
      { side_id: side?.id ?? null, title: side ? `${side.facing} ${side.letter}` : 'elsewhere', items: mine },
    ]
  })
}
