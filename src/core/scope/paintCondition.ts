import { byId, type JobDocument, type WorkItem } from '../job'

/** Share of a side peeling up to which its scraping is light, and from which heavy. Our judgement. */
const LIGHT_TO_PERCENT = 10
const HEAVY_FROM_PERCENT = 40

/** Grade of the preparation that a share of peeling paint asks for; a person may choose another. */
export function gradeOfPaint(share_peeling_percent: number): NonNullable<WorkItem['condition']> {
  if (share_peeling_percent <= LIGHT_TO_PERCENT) return 'light'
  return share_peeling_percent >= HEAVY_FROM_PERCENT ? 'heavy' : 'typical'
}

/** The side whose paint stands worst, told; null while no share was noted. */
export function worstSide(job: JobDocument): string | null {
  const noted = job.work_items.flatMap((item) =>
    item.share_peeling_percent === null
      ? []
      : item.places.flatMap(({ at }) =>
          at.kind === 'whole-side' ? [{ side_id: at.side_id, share: item.share_peeling_percent! }] : [],
        ),
  )
  if (noted.length === 0) return null
  const worst = noted.reduce((a, b) => (b.share > a.share ? b : a))
  const side = byId(job.sides, worst.side_id)
  return side ? `Worst side: ${side.letter} ${side.facing}, ${worst.share} % peeling.` : null
}
