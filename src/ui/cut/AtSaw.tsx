'use client'

import { useState } from 'react'
import { countByStock, fromHere, lengthsAtHand, planKey, type Board, type SectionPlan } from '../../core/cut'
import { formatLength } from '../../core/measure'
import { SavedTextField, SelectField } from '../look'
import type { Marks } from '../state/useAtSaw'

const STATES = [
  { value: 'open', label: 'not cut' },
  { value: 'cut', label: 'cut' },
  { value: 'bad', label: 'bad, not used' },
]

const cutsWords = (board: Board): string => board.cuts.map((piece) => formatLength(piece.length)).join(', ')

const buyWords = (boards: readonly Board[]): string =>
  countByStock(boards)
    .map(({ stock, count }) => `${count} × ${formatLength(stock)}`)
    .join(', ')

/** What lies there already, what is cut and what turned out bad: the plan of a section from here on. */
export function AtSaw(props: {
  section: SectionPlan
  marksOf: (section: string, plan: string) => Marks
  mark: (section: string, marks: Marks) => void
}) {
  const { section, marksOf, mark } = props
  const { boards, stock } = section
  const [wrong, setWrong] = useState<string | null>(null)
  const marks = marksOf(section.section, planKey(boards))
  const set = (fields: Partial<Marks>): void => mark(section.section, { ...marks, ...fields })
  const stateOf = (at: number): string =>
    marks.cut.includes(at) ? 'cut' : marks.bad.includes(at) ? 'bad' : 'open'
  const touched = marks.hand.length + marks.cut.length + marks.bad.length > 0
  const now = touched ? fromHere(boards, marks, stock) : null
  const begun = marks.cut.length + marks.bad.length > 0
  return (
    <details className="no-print pt-1 open:basis-full">
      <summary className="font-head text-[13px] text-chalk-text underline touch:min-h-11">At the saw</summary>
      <div className="flex flex-col gap-1.5 py-1" role="group" aria-label={`At the saw: ${section.name}`}>
        <SavedTextField
          label="Left over, lying there, ft"
          value={marks.hand.map((length) => formatLength(length)).join(', ')}
          error={wrong}
          hint="Such as 6, 4, 4; used before anything is bought."
          onSave={(text) => {
            const lengths = lengthsAtHand(text)
            setWrong(lengths === null ? 'Lengths in feet, such as 6, 4, 4.' : null)
            if (lengths !== null) set({ hand: lengths })
          }}
        />
        <ul className="grid grid-cols-[repeat(auto-fill,minmax(15rem,1fr))] gap-x-4 gap-y-1">
          {boards.map((board, at) => (
            <li key={at}>
              <SelectField
                label={`${at + 1}: ${formatLength(board.stock)} for ${cutsWords(board)}`}
                value={stateOf(at)}
                onChange={(state) =>
                  set({
                    cut: [...marks.cut.filter((each) => each !== at), ...(state === 'cut' ? [at] : [])],
                    bad: [...marks.bad.filter((each) => each !== at), ...(state === 'bad' ? [at] : [])],
                  })
                }
                choices={STATES}
              />
            </li>
          ))}
        </ul>
        {now ? (
          <div role="status" className="border-l-2 border-ink pl-2 text-[14px]">
            <p className="font-semibold">
              {now.toBuy.boards.length === 0
                ? begun
                  ? 'Nothing more to buy.'
                  : 'Nothing to buy: what lies there is enough.'
                : `${begun ? 'Still to buy' : 'To buy'}: ${buyWords(now.toBuy.boards)}.`}
            </p>
            <ul>
              {[...now.fromHand, ...now.toBuy.boards].map((board, at) => (
                <li key={at}>
                  {at < now.fromHand.length ? 'From' : 'From a new'} {formatLength(board.stock)}:{' '}
                  {cutsWords(board)}
                </li>
              ))}
            </ul>
          </div>
        ) : null}
      </div>
    </details>
  )
}
