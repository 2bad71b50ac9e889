'use client'

import { useState } from 'react'
import { closingWords } from '../../../core/words'
import { formatLength, spreadClosing } from '../../../core/measure'
import { Button, Notice, Panel } from '../../look'
import { useJob } from '../../state/useJob'
import { CoveragePanel } from '../looked/CoveragePanel'
import { OpeningsLine } from './OpeningsLine'
import { WalkOrderForm } from './WalkOrderForm'
import { whenShown } from '../../state/whenShown'

const Notes = whenShown(() => import('../looked/Notes').then((file) => file.Notes))
const FeatureDialog = whenShown(() => import('./FeatureDialog').then((file) => file.FeatureDialog))
const HouseDialog = whenShown(() => import('./HouseDialog').then((file) => file.HouseDialog))
const SideDialog = whenShown(() => import('./SideDialog').then((file) => file.SideDialog))

/** The house: its sides, what is on them, and what was looked at on the chosen one. */
export function HousePanel() {
  const { derived, sideId, chooseSide, store } = useJob()
  const { job, closing, problems } = derived
  const [dialog, setDialog] = useState<'house' | 'side' | 'feature' | null>(null)
  const [editing, setEditing] = useState<string | null>(null)
  const side = job.sides.find((each) => each.id === sideId) ?? job.sides[0] ?? null
  const year = job.house?.year_built

  /** Long sides take most of it, square corners stay square; undo takes each side back. */
  function spread(): void {
    const legs = job.sides.flatMap(({ length, turn_deg }) => (length === null ? [] : [{ length, turn_deg }]))
    spreadClosing(legs).forEach((leg, index) => store.set('side', job.sides[index]!.id, leg))
  }

  return (
    <Panel
      title="House"
      aside={
        <Button look="quiet" onClick={() => setDialog('house')}>
          {job.house ? `${year?.kind === 'known' ? year.year : 'year unknown'}, edit` : 'Year, storeys…'}
        </Button>
      }
    >
      {job.sides.length === 0 ? <WalkOrderForm /> : null}
      {problems.map((words) => (
        <div key={words} className="pt-2">
          <Notice tone="waiting">{words}</Notice>
        </div>
      ))}
      {closing && closing.gap > 0 && Math.abs(closing.turn_error_deg) < 0.01 ? (
        <div className="pt-2">
          <Button onClick={spread}>Spread the error over the sides</Button>
        </div>
      ) : null}
      {closing && problems.length === 0 ? (
        <p className="pt-1 text-[13px] text-quiet">{closingWords(closing.gap)}</p>
      ) : null}
      <table>
        <caption className="sr-only">Sides in walking order</caption>
        <tbody>
          {job.sides.map((each) => (
            <tr key={each.id} className={`border-b border-rule ${each.id === side?.id ? 'bg-paper' : ''}`}>
              <th scope="row" className="text-left">
                <button
                  type="button"
                  className="min-h-8 px-1.5 text-left font-semibold touch:min-h-11"
                  onClick={() => chooseSide(each.id)}
                >
                  {each.letter} {each.facing}
                </button>
              </th>
              <td className="text-right">
                {each.length === null ? 'not measured' : formatLength(each.length)}
              </td>
              <td className="text-right">
                <Button
                  look="quiet"
                  aria-label={`Edit side ${each.letter}`}
                  onClick={() => {
                    setEditing(each.id)
                    setDialog('side')
                  }}
                >
                  edit
                </Button>
              </td>
            </tr>
          ))}
        </tbody>
      </table>
      {side ? <OpeningsLine key={side.id} side={side} /> : null}
      <div className="flex flex-wrap gap-2 py-2">
        <Button
          onClick={() => {
            setEditing(null)
            setDialog('side')
          }}
        >
          Add a side
        </Button>
        <Button disabled={job.sides.length === 0} onClick={() => setDialog('feature')}>
          Add window, door, deck
        </Button>
        {side ? (
          <Notes about={{ kind: 'side', side_id: side.id }} name={`side ${side.letter}, ${side.facing}`} />
        ) : null}
      </div>
      {side ? <CoveragePanel side={side} /> : null}
      {dialog === 'house' ? <HouseDialog open onClose={() => setDialog(null)} /> : null}
      {dialog === 'side' ? <SideDialog sideId={editing} onClose={() => setDialog(null)} /> : null}
      {dialog === 'feature' && side ? (
        <FeatureDialog sideId={side.id} onClose={() => setDialog(null)} />
      ) : null}
    </Panel>
  )
}
