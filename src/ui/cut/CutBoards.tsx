'use client'

import { KERF, type Board, type SectionPlan } from '../../core/cut'
import { formatLength } from '../../core/measure'
import { Notice, Panel } from '../look'
import { useAtSaw } from '../state/useAtSaw'
import { useJob } from '../state/useJob'
import { AtSaw } from './AtSaw'
import { YardLengths } from './YardLengths'

/** Boards cut alike are shown once, with how many there are. */
function alike(boards: readonly Board[]): { readonly board: Board; readonly many: number }[] {
  const kept = new Map<string, { board: Board; many: number }>()
  for (const board of boards) {
    const key = [board.stock, ...board.cuts.map((cut) => cut.length)].join(' ')
    const held = kept.get(key)
    if (held) held.many += 1
    else kept.set(key, { board, many: 1 })
  }
  return [...kept.values()]
}

/** How the saw cuts what is bought. */
export function CutBoards({ sections }: { sections: readonly SectionPlan[] }) {
  const { derived } = useJob()
  const saw = useAtSaw(derived.job.id)
  return (
    <Panel title="Cut plan" aside={`kerf ${formatLength(KERF)}`}>
      {sections.map((section) => (
        <SectionCuts key={section.section} section={section} saw={saw} />
      ))}
    </Panel>
  )
}

function SectionCuts({ section, saw }: { section: SectionPlan; saw: ReturnType<typeof useAtSaw> }) {
  return (
    <section aria-label={section.name} className="border-b border-rule py-2">
      <h3 className="text-[15px]">{section.name}</h3>
      <ul className="flex flex-col gap-1 pt-1">
        {alike(section.boards).map(({ board, many }, index) => (
          <li key={index} className="flex items-center gap-2">
            <span className="w-14 shrink-0 text-right font-head text-[14px] tabular-nums">
              {many} × {formatLength(board.stock)}
            </span>
            <BoardBar board={board} />
          </li>
        ))}
      </ul>
      {section.offcuts.length > 0 ? (
        <p className="pt-1 text-[13px] text-quiet">
          Off-cuts to keep: {section.offcuts.map((left) => formatLength(left)).join(', ')}
        </p>
      ) : null}
      <div className="flex flex-wrap gap-x-5">
        <AtSaw section={section} {...saw} />
        <YardLengths section={section} />
      </div>
      {section.tooLong.length > 0 ? (
        <Notice tone="wrong">
          Cannot be bought in one piece:{' '}
          {section.tooLong.map((piece) => formatLength(piece.length)).join(', ')}. Nothing the yard has in
          this material is as long.
        </Notice>
      ) : null}
    </section>
  )
}

/** What is left over is named where it is wide enough for the words. */
const ROOM_FOR_WORDS = 0.18

/** One board to scale, its cuts in ink. Widths are shares of the board. */
function BoardBar({ board }: { board: Board }) {
  return (
    <div
      className="flex h-7 min-w-0 grow items-stretch border border-ink bg-paper text-[13px]"
      title={`${formatLength(board.stock)} board, ${formatLength(board.left)} left`}
    >
      {board.cuts.map((piece, index) => (
        <span
          key={index}
          className="flex items-center justify-center overflow-hidden border-r border-ink bg-[#EACFA6] whitespace-nowrap"
          style={{ width: `${(100 * piece.length) / board.stock}%` }}
        >
          {formatLength(piece.length)}
        </span>
      ))}
      <span className="flex grow items-center justify-end overflow-hidden pr-1 whitespace-nowrap text-quiet">
        {board.left > ROOM_FOR_WORDS * board.stock
          ? `${formatLength(board.left)} left of ${formatLength(board.stock)}`
          : ''}
      </span>
    </div>
  )
}
