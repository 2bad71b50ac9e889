'use client'

import { newId } from '../../client/newId'
import { sideMeasures } from '../../core/geometry'
import { gradeOfPaint, worstSide } from '../../core/scope'
import type { AreaWork, EntityOf } from '../../core/job'
import { Button, Notice, Panel, SavedTextField, SelectField, TextField } from '../look'
import { useJob } from '../state/useJob'

/** How the side stands: the share where the film has let go, and what else is to be known of it. */
function Condition({ work }: { work: AreaWork }) {
  const { store } = useJob()
  return (
    <div className="grid grid-cols-[9rem_1fr] gap-2 pt-1">
      <TextField
        label="Share peeling, %"
        inputMode="numeric"
        value={work.share_peeling_percent === null ? '' : String(work.share_peeling_percent)}
        onChange={(text) => {
          const share = Number(text)
          if (text === '') store.set('area_work', work.id, { share_peeling_percent: null })
          else if (Number.isFinite(share) && share >= 0 && share <= 100)
            store.set('area_work', work.id, {
              share_peeling_percent: share,
              condition: gradeOfPaint(share),
            })
        }}
      />
      <SavedTextField
        label="Note on this side"
        value={work.note}
        onSave={(note) => void store.set('area_work', work.id, { note })}
      />
    </div>
  )
}

/** Work that answers a side, not a finding: paint this side. */
export function AreaWorkPanel() {
  const { derived, store } = useJob()
  const { job, scope } = derived
  const worst = worstSide(job)
  return (
    <Panel title="Area work: paint a side">
      {worst ? <p className="py-1.5 text-[14px]">{worst}</p> : null}
      {job.sides.length === 0 ? <p className="py-2 text-quiet">Set up a side in Walk first.</p> : null}
      <ul>
        {job.sides.map((side) => {
          const item = scope.areas.find((each) => each.work.side_id === side.id)
          return (
            <li key={side.id} className="border-b border-rule py-1.5">
              <div className="flex items-end gap-3">
                <span className="grow font-head text-[15px] font-semibold">
                  {side.letter} {side.facing}
                  <span className="block text-[13px] font-normal text-quiet">
                    {sideMeasures(side, job).gross.value.toFixed(0)} ft² of wall
                  </span>
                </span>
                {item ? (
                  <>
                    <SelectField
                      label="Scraping"
                      value={item.work.condition}
                      onChange={(value) =>
                        store.set('area_work', item.id, {
                          condition: value as EntityOf['area_work']['condition'],
                        })
                      }
                      choices={['light', 'typical', 'heavy'].map((value) => ({ value, label: value }))}
                    />
                    <Button
                      aria-label={`Drop painting side ${side.letter}`}
                      onClick={() => store.set('area_work', item.id, { removed: true })}
                    >
                      Drop
                    </Button>
                  </>
                ) : (
                  <Button
                    aria-label={`Paint side ${side.letter}`}
                    onClick={() =>
                      store.create('area_work', {
                        id: newId(),
                        removed: false,
                        kind: 'paint-side',
                        side_id: side.id,
                        condition: 'typical',
                        share_peeling_percent: null,
                        note: '',
                      })
                    }
                  >
                    Paint
                  </Button>
                )}
              </div>
              {item ? <Condition work={item.work} /> : null}
              {item?.notices.map((notice) => (
                <div key={notice} className="pt-1">
                  <Notice tone="waiting">{notice}</Notice>
                </div>
              ))}
            </li>
          )
        })}
      </ul>
    </Panel>
  )
}
