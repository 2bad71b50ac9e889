'use client'

import { memo, type ReactNode } from 'react'
import type { DayPiece } from '../../core/house'
import type { Trace } from '../../core/trace'
import type { Coverage } from '../../core/coverage'
import type { Derived } from '../../core/pipeline'
import type { Stage } from '../job/stages'
import { Ribbon } from './ribbon/Ribbon'
import { Strip, type StripOverlay, type Tapped } from './Strip'
import type { DrawingRoom } from './useDrawing'
import { whenShown } from '../state/whenShown'
import { useTape } from './useTape'

/** As high as the plan is, so that nothing moves when it comes. */
const PlanPicture = whenShown(
  () => import('./PlanPicture').then((file) => file.PlanPicture),
  <div className="h-[292px] border-b border-ink" />,
)

type Props = {
  readonly derived: Derived
  readonly stage: Stage
  readonly room: DrawingRoom
  readonly plan: boolean
  readonly coverage: Coverage | null
  readonly trace: Trace | null
  /** Whether what was measured is drawn. */
  readonly surveys: boolean
  readonly days: readonly DayPiece[] | null
  readonly lit: ReadonlySet<string> | null
  readonly chosen: readonly string[]
  readonly onTap: (tapped: Tapped) => void
  readonly sideId: string | null
  readonly onSide: (id: string) => void
  readonly overlay?: (on: StripOverlay) => ReactNode
  readonly tools: ReactNode
}

/** The house over every stage: the walls to scale, folded to a band, or put away; or the plan. */
export const HouseView = memo(function HouseView(props: Props) {
  const { derived, room } = props
  const tape = useTape({ step: room.step, touch: room.turn })
  if (derived.job.sides.length === 0) return null
  if (room.height !== 'full') {
    return (
      <div className="shrink-0">
        <Ribbon
          derived={derived}
          stage={props.stage}
          chosen={props.chosen}
          sideId={props.sideId}
          onSide={props.onSide}
          onOpen={room.open}
          onChoose={(ids) => props.onTap({ kind: 'finding', ids })}
          bare={room.height === 'hidden'}
          tape={tape}
        />
      </div>
    )
  }
  return (
    <div className="shrink-0">
      {props.plan ? (
        <PlanPicture
          job={derived.job}
          chosen={props.chosen}
          surveys={props.surveys}
          onTap={props.onTap}
          tools={props.tools}
        />
      ) : (
        <Strip
          job={derived.job}
          coverage={props.coverage}
          trace={props.trace}
          surveys={props.surveys}
          days={props.days}
          lit={props.lit}
          chosen={props.chosen}
          onTap={props.onTap}
          sideId={props.sideId}
          onSide={props.onSide}
          overlay={props.overlay}
          tools={props.tools}
          tape={tape}
        />
      )}
    </div>
  )
})
