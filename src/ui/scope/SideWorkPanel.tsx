'use client'

import { useMemo } from 'react'
import { newId } from '../../client/newId'
import { methodName, methodOf } from '../../core/catalogue'
import { drawnLength, paintedArea } from '../../core/geometry'
import { live, type JobDocument, type Side, type WorkItem } from '../../core/job'
import { feet } from '../../core/measure'
import {
  doubledOnSides,
  gradeOfPaint,
  newSideWork,
  sideMethodsFor,
  sideWorkOn,
  STANDING_WORDS,
  takenInstead,
  wantsAfter,
  worstSide,
  type Doubled,
} from '../../core/scope'
import { PercentField } from '../look/ReadField'
import { Button, Notice, Panel, SavedTextField, SelectField } from '../look'
import { useCompare } from '../state/useCompare'
import { useJob } from '../state/useJob'
import { BOUGHT } from './OwnLines'

/** How the side stands: the share where the film has let go, and what else is to be known of it. */
function Condition({ item }: { item: WorkItem }) {
  const { store } = useJob()
  return (
    <div className="grid grid-cols-[8rem_8rem_1fr] gap-2 pt-1">
      <PercentField
        label="Share peeling, %"
        value={item.share_peeling_percent}
        onChange={(share) =>
          store.set('work_item', item.id, { share_peeling_percent: share, condition: gradeOfPaint(share) })
        }
        onClear={() => store.set('work_item', item.id, { share_peeling_percent: null })}
      />
      <SelectField
        label="Scraping"
        value={item.condition ?? 'typical'}
        onChange={(value) => store.set('work_item', item.id, { condition: value as WorkItem['condition'] })}
        choices={['light', 'typical', 'heavy'].map((value) => ({ value, label: value }))}
      />
      <SavedTextField
        label="Note on this side"
        value={item.note}
        onSave={(note) => void store.set('work_item', item.id, { note })}
      />
    </div>
  )
}

function wall_ft2(side: Side, job: JobDocument): number {
  return paintedArea(side, job, { from: feet(0), to: drawnLength(side, job) }).wall_ft2
}

/** Whether a side is better re-clad than mended in spots, with both prices. */
function SpotsOrSide({ side }: { side: Side }) {
  const { derived } = useJob()
  // Who takes the whole side has chosen.
  const isTaken = sideWorkOn(side.id, derived.job).some(
    ({ method, state }) => state === 'ours' && laysBoards(method),
  )
  const choice = useCompare(derived, isTaken ? null : { kind: 'side', side_id: side.id })
  return choice?.says ? <p className="py-1 text-[14px]">{choice.says}</p> : null
}

/** The job as edited this instant, without what was removed: two things added quickly know of each other. */
function useEditedJob(): JobDocument {
  const { job } = useJob()
  return useMemo(() => live(job), [job])
}

/** Whether a method lays new boards over a whole side. */
function laysBoards(method: string): boolean {
  const row = methodOf(method)
  return row !== null && row.takesIn.length > 0 && (row.recipe?.pieces.length ?? 0) > 0
}

const inName = (name: string): string => name.replace(/this side/, 'it')

/** How a work on a side stands, and one touch to take it into the price in place of what it may stand in for. */
function Standing({ item, side }: { item: WorkItem; side: Side }) {
  const { store } = useJob()
  const job = useEditedJob()
  const instead = job.work_items.filter(({ id }) => item.instead_of.includes(id))
  if (item.state === 'ours') return null
  const words =
    instead.length > 0
      ? `in place of ${instead.map(({ method }) => methodName(method).toLowerCase()).join('; ')}, if the owner chooses it`
      : STANDING_WORDS[item.state]
  const take = (): void =>
    void store.together(() =>
      [...takenInstead(item, job)].reduce<string | null>(
        (wrong, [id, fields]) => wrong ?? store.set('work_item', id, fields),
        null,
      ),
    )
  return (
    <p className="text-[14px] text-quiet">
      {words}{' '}
      {instead.length > 0 ? (
        <Button look="quiet" onClick={take}>
          Take it into the price
          <span className="sr-only">
            : {methodName(item.method).toLowerCase()}, side {side.letter}
          </span>
        </Button>
      ) : null}
    </p>
  )
}

/** Two that are never both done and are both in the price, with the way out. */
function DoubledNote({ doubled, letter }: { doubled: Doubled; letter: string }) {
  const { store } = useJob()
  const job = useEditedJob()
  const { one, other, why, side_id } = doubled
  // As if it were added now: in place of what is in the price there, spots too.
  const choose = (): void => {
    const work_items = job.work_items.filter(({ id }) => id !== other.id)
    const { state, instead_of } = newSideWork(
      { id: other.id, method: other.method, side_id },
      { ...job, work_items },
    )
    store.set('work_item', other.id, { state, instead_of })
  }
  return (
    <Notice tone="waiting">
      {methodName(one.method)} and {methodName(other.method).toLowerCase()} are both in the price. {why}{' '}
      <Button onClick={choose}>
        Let the owner choose
        <span className="sr-only">
          : {methodName(one.method).toLowerCase()} or {methodName(other.method).toLowerCase()}, side {letter}
        </span>
      </Button>
    </Notice>
  )
}

function SideWorks({ side }: { side: Side }) {
  const { store } = useJob()
  const job = useEditedJob()
  const doubled = doubledOnSides(job).filter(({ side_id }) => side_id === side.id)
  const works = sideWorkOn(side.id, job)
  return (
    <li className="border-b border-rule py-1.5">
      <div className="flex items-end gap-3">
        <span className="grow font-head text-[15px] font-semibold">
          {side.letter} {side.facing}
          <span className="block text-[13px] font-normal text-quiet">
            {wall_ft2(side, job).toFixed(0)} ft² of wall
          </span>
        </span>
        <SelectField
          label={`Add to side ${side.letter}`}
          value=""
          onChange={(method) => {
            if (method !== '')
              store.create('work_item', newSideWork({ id: newId(), method, side_id: side.id }, job))
          }}
          choices={[
            { value: '', label: 'choose…' },
            ...sideMethodsFor(side.id, job).map(({ id, name }) => ({ value: id, label: inName(name) })),
          ]}
        />
      </div>
      {doubled.map((each) => (
        <DoubledNote key={`${each.one.id} ${each.other.id}`} doubled={each} letter={side.letter} />
      ))}
      <ul>
        {works.map((item) => (
          <li key={item.id} className="pt-1">
            <div className="flex items-center justify-between gap-2">
              <span>{methodName(item.method)}</span>
              <Button
                look="quiet"
                aria-label={`Drop ${methodName(item.method).toLowerCase()}, side ${side.letter}`}
                onClick={() => store.set('work_item', item.id, { removed: true })}
              >
                Drop
              </Button>
            </div>
            <Standing item={item} side={side} />
            {wantsAfter(item, job).map((says) => (
              <p key={says} className="text-[14px] text-pencil-text">
                {says}
              </p>
            ))}
            {methodOf(item.method)?.recipe?.tasks.some((task) => task.byCondition) ? (
              <Condition item={item} />
            ) : null}
          </li>
        ))}
      </ul>
    </li>
  )
}

/** One work on every side where it may still be added, with one touch. */
function EverySide() {
  const { store } = useJob()
  const job = useEditedJob()
  const offered = job.sides.map(({ id }) => ({ side_id: id, rows: sideMethodsFor(id, job) }))
  const rows = [...new Map(offered.flatMap((each) => each.rows.map((row) => [row.id, row.name])))]
  if (job.sides.length < 2 || rows.length === 0) return null
  const add = (method: string): void =>
    void store.createAll(
      'work_item',
      offered.flatMap(({ side_id, rows: here }) =>
        here.some(({ id }) => id === method) ? [newSideWork({ id: newId(), method, side_id }, job)] : [],
      ),
    )
  return (
    <SelectField
      label="Add to every side"
      value=""
      onChange={(method) => (method === '' ? undefined : add(method))}
      choices={[
        { value: '', label: 'choose…' },
        ...rows.map(([id, name]) => ({ value: id, label: inName(name) })),
      ]}
    />
  )
}

/** What the new siding is made of: one house, one siding; a side of its own is changed at its item. */
function NewBoards() {
  const { store } = useJob()
  const job = useEditedJob()
  const clad = job.work_items.filter(({ method }) => laysBoards(method))
  if (clad.length === 0) return null
  const [first] = clad
  const isAlike = clad.every(({ material }) => material === first!.material)
  return (
    <SelectField
      label="New boards of"
      value={isAlike && BOUGHT.some(({ value }) => value === first!.material) ? first!.material : ''}
      onChange={(material) =>
        void store.together(() =>
          clad.reduce<string | null>(
            (wrong, { id }) =>
              wrong ?? store.set('work_item', id, { material: material === '' ? 'unknown' : material }),
            null,
          ),
        )
      }
      choices={[{ value: '', label: isAlike ? 'not said yet' : 'each its own' }, ...BOUGHT]}
    />
  )
}

/** Work that answers a side, not a finding: wash, paint, stain, re-clad. What is not done twice over one wall is the owner’s choice. */
export function SideWorkPanel() {
  const { derived, sideId } = useJob()
  const { job } = derived
  const worst = worstSide(job)
  const inView = job.sides.find((side) => side.id === sideId) ?? job.sides[0]
  return (
    <Panel title="Work on a side">
      {worst ? <p className="py-1.5 text-[14px]">{worst}</p> : null}
      {job.sides.length === 0 ? <p className="py-2 text-quiet">Set up a side in Walk first.</p> : null}
      {inView ? <SpotsOrSide side={inView} /> : null}
      <EverySide />
      <NewBoards />
      <ul>
        {job.sides.map((side) => (
          <SideWorks key={side.id} side={side} />
        ))}
      </ul>
    </Panel>
  )
}
