'use client'

import { newId } from '../../client/newId'
import { paintedArea, drawnLength } from '../../core/geometry'
import { newWorkItem, type JobDocument, type Side, type WorkItem } from '../../core/job'
import { feet } from '../../core/measure'
import { gradeOfPaint, worstSide } from '../../core/scope'
import { Button, Panel, SavedTextField, SelectField, TextField } from '../look'
import { useJob } from '../state/useJob'

/** How the side stands: the share where the film has let go, and what else is to be known of it. */
function Condition({ item }: { item: WorkItem }) {
  const { store } = useJob()
  return (
    <div className="grid grid-cols-[9rem_1fr] gap-2 pt-1">
      <TextField
        label="Share peeling, %"
        inputMode="numeric"
        value={item.share_peeling_percent === null ? '' : String(item.share_peeling_percent)}
        onChange={(text) => {
          const share = Number(text)
          if (text === '') store.set('work_item', item.id, { share_peeling_percent: null })
          else if (Number.isFinite(share) && share >= 0 && share <= 100)
            store.set('work_item', item.id, {
              share_peeling_percent: share,
              condition: gradeOfPaint(share),
            })
        }}
      />
      <SavedTextField
        label="Note on this side"
        value={item.note}
        onSave={(note) => void store.set('work_item', item.id, { note })}
      />
    </div>
  )
}

function painted_ft2(side: Side, job: JobDocument): number {
  return paintedArea(side, job, { from: feet(0), to: drawnLength(side, job) }).gross_ft2
}

/** The item that paints a whole side, if one does. */
function painting(side: Side, job: JobDocument): WorkItem | null {
  return (
    job.work_items.find(
      (item) =>
        item.method === 'paint-side' &&
        item.places.some(({ at }) => at.kind === 'whole-side' && at.side_id === side.id),
    ) ?? null
  )
}

/** Work that answers a side, not a finding: paint this side. */
export function SideWorkPanel() {
  const { derived, store } = useJob()
  const { job } = derived
  const worst = worstSide(job)
  return (
    <Panel title="Paint a side">
      {worst ? <p className="py-1.5 text-[14px]">{worst}</p> : null}
      {job.sides.length === 0 ? <p className="py-2 text-quiet">Set up a side in Walk first.</p> : null}
      <ul>
        {job.sides.map((side) => {
          const item = painting(side, job)
          return (
            <li key={side.id} className="border-b border-rule py-1.5">
              <div className="flex items-end gap-3">
                <span className="grow font-head text-[15px] font-semibold">
                  {side.letter} {side.facing}
                  <span className="block text-[13px] font-normal text-quiet">
                    {painted_ft2(side, job).toFixed(0)} ft² of painted wall
                  </span>
                </span>
                {item ? (
                  <>
                    <SelectField
                      label="Scraping"
                      value={item.condition ?? 'typical'}
                      onChange={(value) =>
                        store.set('work_item', item.id, { condition: value as WorkItem['condition'] })
                      }
                      choices={['light', 'typical', 'heavy'].map((value) => ({ value, label: value }))}
                    />
                    <Button
                      aria-label={`Drop painting side ${side.letter}`}
                      onClick={() => store.set('work_item', item.id, { removed: true })}
                    >
                      Drop
                    </Button>
                  </>
                ) : (
                  <Button
                    aria-label={`Paint side ${side.letter}`}
                    onClick={() =>
                      store.create(
                        'work_item',
                        newWorkItem({
                          id: newId(),
                          method: 'paint-side',
                          places: [
                            { at: { kind: 'whole-side', side_id: side.id }, size: null, height: null },
                          ],
                          condition: 'typical',
                        }),
                      )
                    }
                  >
                    Paint
                  </Button>
                )}
              </div>
              {item ? <Condition item={item} /> : null}
            </li>
          )
        })}
      </ul>
    </Panel>
  )
}
