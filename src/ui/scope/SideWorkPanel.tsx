'use client'

import { newId } from '../../client/newId'
import { METHODS, methodName, methodOf } from '../../core/catalogue'
import { drawnLength, paintedArea } from '../../core/geometry'
import { newWorkItem, type JobDocument, type Side, type WorkItem } from '../../core/job'
import { feet } from '../../core/measure'
import { gradeOfPaint, worstSide } from '../../core/scope'
import { PercentField } from '../look/ReadField'
import { Button, Panel, SavedTextField, SelectField } from '../look'
import { useCompare } from '../state/useCompare'
import { useJob } from '../state/useJob'

const SIDE_METHODS = METHODS.filter((row) => row.answers === 'side')

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

/** Items over a whole side. */
function worksOn(side: Side, job: JobDocument): WorkItem[] {
  return job.work_items.filter(
    (item) =>
      methodOf(item.method)?.answers === 'side' &&
      item.places.some(({ at }) => at.kind === 'whole-side' && at.side_id === side.id),
  )
}

/** Whether a side is better re-clad than mended in spots, with both prices. */
function SpotsOrSide({ side }: { side: Side }) {
  const { derived } = useJob()
  const choice = useCompare(derived, { kind: 'side', side_id: side.id })
  return choice?.says ? <p className="py-1 text-[14px]">{choice.says}</p> : null
}

/** Work that answers a side, not a finding: wash, paint, stain, re-clad. */
export function SideWorkPanel() {
  const { derived, store, sideId } = useJob()
  const { job } = derived
  const worst = worstSide(job)
  const inView = job.sides.find((side) => side.id === sideId) ?? job.sides[0]
  function add(side: Side, method: string): void {
    const asksCondition = methodOf(method)?.recipe?.tasks.some((task) => task.byCondition) ?? false
    store.create(
      'work_item',
      newWorkItem({
        id: newId(),
        method,
        places: [{ at: { kind: 'whole-side', side_id: side.id }, size: null, height: null }],
        condition: asksCondition ? 'typical' : null,
      }),
    )
  }
  return (
    <Panel title="Work on a side">
      {worst ? <p className="py-1.5 text-[14px]">{worst}</p> : null}
      {job.sides.length === 0 ? <p className="py-2 text-quiet">Set up a side in Walk first.</p> : null}
      {inView ? <SpotsOrSide side={inView} /> : null}
      <ul>
        {job.sides.map((side) => {
          const works = worksOn(side, job)
          return (
            <li key={side.id} className="border-b border-rule py-1.5">
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
                    if (method !== '') add(side, method)
                  }}
                  choices={[
                    { value: '', label: 'choose…' },
                    ...SIDE_METHODS.filter((row) => works.every((item) => item.method !== row.id)).map(
                      ({ id, name }) => ({ value: id, label: name.replace(/this side/, 'it') }),
                    ),
                  ]}
                />
              </div>
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
                    {methodOf(item.method)?.recipe?.tasks.some((task) => task.byCondition) ? (
                      <Condition item={item} />
                    ) : null}
                  </li>
                ))}
              </ul>
            </li>
          )
        })}
      </ul>
    </Panel>
  )
}
