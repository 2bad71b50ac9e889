'use client'

import { memo, useMemo } from 'react'
import { drawRibbon, drawStrip, drawTape, stripSpans, TAPE_PX, type Mark } from '../../../core/house'
import { formatCents, type Cents } from '../../../core/measure'
import type { Derived } from '../../../core/pipeline'
import { STAGE_WORD, type Stage } from '../../job/stages'
import type { Frame } from '../frame'
import { Marks } from '../Marks'
import { ShapeSvg } from '../svg'
import type { TapeHandle } from '../useTape'
import { useWidth } from '../useWidth'
import { TickSign } from './Tick'
import { gather, talliesOf, TICK_WORDS, ticksOf, type Tally } from './ticks'

/** Pixels: the picture, the row of ticks, the row of tallies. Together the ribbon. */
const PICTURE_PX = 64
const PICTURE_PHONE_PX = 44
/** Ticks nearer than this are one. */
const APART_PX = 12

type Props = {
  readonly derived: Derived
  readonly stage: Stage
  readonly chosen: readonly string[]
  readonly sideId: string | null
  readonly onSide: (id: string) => void
  /** A second touch on a side opens the drawing there. */
  readonly onOpen: () => void
  readonly onChoose: (ids: readonly string[]) => void
  /** Only the tape, for a drawing put away. */
  readonly bare?: boolean
  readonly tape: TapeHandle
}

const tallyWords = (tally: Tally, stage: Stage): string =>
  `${tally.count} ${STAGE_WORD[stage]}${tally.count === 1 ? '' : 's'}${tally.open > 0 ? `, ${tally.open} open` : ''}`

/** The strip folded to a band: stations exact over the tape, each thing of the stage as a tick, and what each side comes to. */
export const Ribbon = memo(function Ribbon(props: Props) {
  const { derived, stage, chosen, sideId } = props
  const { job } = derived
  const [ref, width] = useWidth()
  const phone = width < 640
  const spans = useMemo(() => stripSpans(job), [job])
  const only = useMemo(() => {
    if (!phone || spans.length === 0) return null
    return [spans.find((each) => each.id === sideId)?.id ?? spans[0]!.id]
  }, [phone, spans, sideId])
  const { drawing, px } = useMemo(() => {
    const rough = drawStrip(
      { ...job, findings: [], scope_stretches: [] },
      { px: 100, coverage: null, trace: null, chosen: [], only },
    )
    const scale = (rough.right - rough.left) / width
    const height_px = phone ? PICTURE_PHONE_PX : PICTURE_PX
    return { px: scale, drawing: drawRibbon(job, { px: scale, height_px, only }) }
  }, [job, width, phone, only])
  const ticks = useMemo(() => ticksOf(stage, derived), [stage, derived])
  const tallies = useMemo(() => talliesOf(stage, derived), [stage, derived])
  const frame: Frame = { left: drawing.left, top: drawing.top, px }
  const xOf = (side_id: string, station: number): number | null => {
    const span = drawing.sides.find((each) => each.id === side_id)
    return span ? (span.x + station - drawing.left) / px : null
  }
  const groups = gather(ticks, (tick) => xOf(tick.side_id, tick.station), APART_PX)
  const tape = drawTape(drawing.sides, { left: drawing.left, right: drawing.left + width * px, px })
  const tap = (mark: Mark): void => {
    const id = mark.ids[0]!
    if (id === sideId) props.onOpen()
    else props.onSide(id)
  }

  return (
    <section aria-label="Walls, folded" className="no-print relative">
      <div ref={ref} />
      {props.bare ? null : (
        <>
          <svg
            width={width}
            height={phone ? PICTURE_PHONE_PX : PICTURE_PX}
            role="group"
            aria-label="The strip, folded"
            className="block"
          >
            <Marks items={drawing.items} frame={frame} chosen={chosen} onTap={tap} />
          </svg>
          <div className="relative h-3" role="group" aria-label="Where things are">
            {groups.map((group) => {
              const ids = group.ticks.flatMap((each) => each.finding_ids)
              const isChosen = ids.some((id) => chosen.includes(id))
              return (
                <button
                  key={group.ticks[0]!.id}
                  type="button"
                  title={group.ticks.map((each) => each.name).join('; ')}
                  aria-label={`On the wall, ${TICK_WORDS[group.state]}: ${group.ticks.map((each) => each.name).join('; ')}`}
                  aria-pressed={isChosen}
                  onClick={() => {
                    props.onChoose(ids)
                    showRow(group.ticks[0]!.id)
                  }}
                  style={{ left: group.x }}
                  className={`absolute top-0 grid h-6 w-3 -translate-x-1/2 -translate-y-1.5 place-items-center ${isChosen ? 'outline-2 outline-ink' : ''}`}
                >
                  <TickSign state={group.state} />
                </button>
              )
            })}
          </div>
          <div className="relative h-[18px] overflow-hidden font-head text-[13px] leading-[18px]">
            {drawing.sides.map((span) => {
              const tally = tallies.find((each) => each.side_id === span.id)
              if (!tally) return null
              return (
                <span
                  key={span.id}
                  style={{ left: (span.x - drawing.left) / px, width: span.length / px }}
                  className="absolute flex gap-2 overflow-hidden whitespace-nowrap"
                >
                  <span className="font-semibold">
                    {span.letter} {span.facing}
                  </span>
                  <span className={tally.open > 0 ? 'text-pencil-text' : 'text-quiet'}>
                    {tallyWords(tally, stage)}
                  </span>
                  {tally.cents === null ? null : (
                    <span className="ml-auto font-semibold">{formatCents(tally.cents as Cents)}</span>
                  )}
                </span>
              )
            })}
          </div>
        </>
      )}
      <svg
        width={width}
        height={TAPE_PX}
        viewBox={`0 0 ${width} ${TAPE_PX}`}
        aria-hidden
        {...props.tape}
        className="block cursor-ns-resize touch-none"
      >
        {tape.map((shape, index) => (
          <ShapeSvg key={index} shape={shape} frame={{ left: drawing.left, top: TAPE_PX * px, px }} />
        ))}
      </svg>
    </section>
  )
})

/** A list that is not there by then is not coming. */
const LIST_COMES_WITHIN_MS = 3000

/** The row of a thing in the list below, brought into view where it stands, or as soon as its list has come. */
function showRow(id: string): void {
  const show = (): boolean => {
    const row = document.querySelector(`[data-row="${CSS.escape(id)}"]`)
    row?.scrollIntoView({ block: 'center' })
    return row !== null
  }
  if (show()) return
  const watch = new MutationObserver(() => {
    if (show()) watch.disconnect()
  })
  watch.observe(document.body, { childList: true, subtree: true })
  setTimeout(() => watch.disconnect(), LIST_COMES_WITHIN_MS)
}
