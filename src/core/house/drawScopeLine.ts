import { gableRise, groundAt, wallTop } from '../geometry'
import { byId, type JobDocument } from '../job'
import { formatLength, type Length } from '../measure'
import { bandWords, SCOPE_WORDS, scopeParts } from '../scope/scopeLine'
import { box, polygon, strokes, type Mark, type SideSpan } from './drawing'

/** A label needs this much wall, pixels, or it would run into its neighbour. */
const LABEL_ROOM_PX = 64

/**
 * The scope line on the strip: what is not ours is veiled, what is priced apart is framed; each stretch can be pointed at. The ends
 * of a stretch are drawn as plumb lines.
 */
export function drawScopeLine(job: JobDocument, spans: readonly SideSpan[], px: number): Mark[] {
  if (job.scope_stretches.length === 0) return []
  return spans.flatMap((span) => {
    const side = byId(job.sides, span.id)!
    const rise = side.roof_edge === 'gable' ? gableRise(span.length as Length, side.pitch_in_12) : 0
    const top = wallTop(side, job.house) + rise
    const name = `Side ${span.letter}`
    return scopeParts(job, { id: span.id, length: span.length as Length }).flatMap((part): Mark[] => {
      if (part.kind === 'ours') return []
      const [left, right] = [span.x + part.from, span.x + part.to]
      const ground = groundAt(side, ((part.from + part.to) / 2) as Length)
      const bottom = part.low === null ? 0 : ground + part.low
      const lid = part.high === null ? top : Math.min(top, ground + part.high)
      const apart = part.kind === 'priced-apart'
      const words = SCOPE_WORDS[part.kind]
      const roomy = (right - left) / px > LABEL_ROOM_PX
      return [
        {
          kind: 'mark',
          of: 'stretch',
          ids: [part.stretch_id ?? `${span.id}:${part.from}`],
          name: `${name} from ${formatLength(part.from)} to ${formatLength(part.to)}${bandWords(part)}: ${words}`,
          shapes: [
            polygon(apart ? 'scope-apart' : 'scope-out', box(left, bottom, right, lid)),
            strokes('scope-line', [
              [
                [left, 0],
                [left, top + 10 * px],
              ],
              [
                [right, 0],
                [right, top + 10 * px],
              ],
            ]),
            ...(roomy
              ? [
                  {
                    kind: 'label' as const,
                    ink: 'scope-text' as const,
                    at: [(left + right) / 2, bottom + 6 * px] as const,
                    text: words,
                    size_px: 13,
                    anchor: 'middle' as const,
                  },
                ]
              : []),
          ],
          box: { left, right, bottom, top: lid },
        },
      ]
    })
  })
}
