'use client'

import { localDay } from '../../state/localDay'
import { COMPASS, type EntityOf } from '../../../core/job'
import { DayField, HoursField } from '../../look/ReadField'
import { Button, Panel, PhotoButton, SavedTextField, SelectField } from '../../look'
import { Picture } from '../../job/Picture'
import { useJob } from '../../state/useJob'
import { EventsPanel } from './EventsPanel'
import { freshIntake } from './freshIntake'

const WHY = [
  { value: '', label: 'not said yet' },
  { value: 'assessment', label: 'the whole house' },
  { value: 'complaint', label: 'one complaint' },
  { value: 'paint-first', label: 'wood repair before paint' },
  { value: 're-side', label: 'new siding all over' },
  { value: 'response-list', label: 'a sale’s list to answer' },
]
const compassChoices = [
  { value: '', label: 'not noted' },
  ...COMPASS.map((value) => ({ value, label: value })),
]

/** What was told before the visit, and beside it what the walk shows; then the five facts that come first on site. */
export function BeforePanel() {
  const { job, store, derived } = useJob()
  const intake = job.intake ?? freshIntake()
  const day = job.job
  const set = (fields: Partial<EntityOf['intake']>): void => {
    if (job.intake) store.set('intake', 'intake', fields)
    else store.create('intake', { ...freshIntake(), ...fields })
  }
  const setDay = (fields: Partial<EntityOf['job']>): void => void store.set('job', 'job', fields)
  const compass = (value: string): EntityOf['intake']['front_faces'] =>
    COMPASS.find((each) => each === value) ?? null

  async function takePicture(file: File | null): Promise<void> {
    if (!file) return
    const taken = await store.addPhoto(file, { kind: 'words', words: 'sent before the visit' })
    if (!('id' in taken)) return
    if (job.intake)
      store.set('intake', 'intake', ({ photo_ids }) => ({ photo_ids: [...photo_ids, taken.id] }))
    else set({ photo_ids: [taken.id] })
  }

  return (
    <div className="grid grid-cols-3 gap-6 max-lg:grid-cols-1">
      <Panel title="Before going: what was told">
        <div className="flex flex-col gap-2.5 pt-2">
          <SelectField
            label="Why am I here?"
            value={intake.why_here ?? ''}
            onChange={(value) =>
              set({ why_here: value === '' ? null : (value as NonNullable<EntityOf['intake']['why_here']>) })
            }
            choices={WHY}
          />
          <SavedTextField
            lines={4}
            label="What was told, in their words"
            value={intake.told}
            onSave={(told) => set({ told })}
          />
          <div className="grid grid-cols-2 gap-3">
            <SavedTextField label="By whom" value={intake.told_by} onSave={(told_by) => set({ told_by })} />
            <DayField
              label="On"
              today={localDay()}
              value={intake.told_on}
              onChange={(told_on) => set({ told_on })}
              onClear={() => set({ told_on: null })}
            />
          </div>
          <SavedTextField
            lines={3}
            label="First guess of the scope"
            value={intake.first_guess}
            onSave={(first_guess) => set({ first_guess })}
          />
          <div className="flex flex-wrap items-end gap-2">
            <PhotoButton taken={false} label="Picture sent to us" onTake={(file) => void takePicture(file)} />
            {job.photos
              .filter((photo) => intake.photo_ids.includes(photo.id))
              .map((photo) => (
                <Picture
                  key={photo.id}
                  photo={photo}
                  size="thumbnail"
                  alt={photo.caption || 'Picture sent before the visit'}
                  className="h-14 w-auto border border-ink"
                />
              ))}
          </div>
        </div>
      </Panel>
      <Panel title="On site: five facts first">
        <div className="grid grid-cols-2 gap-x-3 gap-y-2.5 pt-2">
          <SelectField
            label="The front faces"
            value={intake.front_faces ?? ''}
            onChange={(value) => set({ front_faces: compass(value) })}
            choices={compassChoices}
          />
          <SelectField
            label="Storms come from"
            value={intake.storm_side ?? ''}
            onChange={(value) => set({ storm_side: compass(value) })}
            choices={compassChoices}
          />
          <SavedTextField label="Weather now" value={day.weather} onSave={(weather) => setDay({ weather })} />
          <HoursField
            label="Hours since rain"
            value={day.hours_since_rain}
            onChange={(hours_since_rain) => setDay({ hours_since_rain })}
            onClear={() => setDay({ hours_since_rain: null })}
          />
          <SelectField
            label="Heating or cooling"
            value={intake.heating ?? ''}
            onChange={(value) =>
              set({ heating: value === '' ? null : (value as NonNullable<EntityOf['intake']['heating']>) })
            }
            choices={[
              { value: '', label: 'not noted' },
              { value: 'heating', label: 'heating is on' },
              { value: 'cooling', label: 'cooling is on' },
              { value: 'off', label: 'both off' },
            ]}
          />
          <DayField
            label="Walked on"
            today={localDay()}
            value={day.walked_on}
            onChange={(walked_on) => setDay({ walked_on })}
            onClear={() => setDay({ walked_on: null })}
          />
          <div className="col-span-full">
            <SavedTextField
              label="Who was there"
              value={day.present}
              onSave={(present) => setDay({ present })}
            />
          </div>
          <div className="col-span-full">
            <SavedTextField
              label="Whom one may talk to, and about what"
              value={day.may_talk_to}
              onSave={(may_talk_to) => setDay({ may_talk_to })}
            />
          </div>
          <div className="col-span-full">
            <SavedTextField
              lines={2}
              label="What must stay as it is (the bid says it)"
              value={day.must_stay}
              onSave={(must_stay) => setDay({ must_stay })}
            />
          </div>
          <div className="col-span-full">
            <SavedTextField
              lines={3}
              label="What the occupants saw, and when (wind? thaw? after what?)"
              value={intake.occupants_saw}
              onSave={(occupants_saw) => set({ occupants_saw })}
            />
          </div>
          <div className="col-span-full">
            <SavedTextField
              lines={3}
              label="Earlier repairs, treatments, reports, and whether there are papers"
              value={intake.earlier_repairs}
              onSave={(earlier_repairs) => set({ earlier_repairs })}
            />
          </div>
        </div>
      </Panel>
      <div className="flex flex-col gap-6">
        <BesideIt intake={intake} derived={derived} />
        <EventsPanel />
      </div>
    </div>
  )
}

/** The first guess is kept beside what the walk then shows; neither overwrites the other. */
function BesideIt({
  intake,
  derived,
}: {
  intake: EntityOf['intake']
  derived: ReturnType<typeof useJob>['derived']
}) {
  const { walk } = useJob()
  const { job, trace, coverage, scope } = derived
  const sources = trace.sources.filter((source) => source.letter !== null).length
  const rows: readonly (readonly [string, string])[] = [
    ['Told', intake.told || 'nothing noted'],
    ['First guess', intake.first_guess || 'none'],
    [
      'The walk shows',
      job.findings.length === 0
        ? 'nothing found yet'
        : `${counted(job.findings.length, 'finding')}, ${counted(sources, 'source')}, ${counted(scope.items.length, 'repair')} chosen`,
    ],
    [
      'Not seen or suspected',
      coverage.holds.length === 0 ? 'nothing held' : `${coverage.holds.length} to look at yet`,
    ],
  ]
  return (
    <Panel
      title="Kept beside each other"
      aside={
        <Button look="quiet" onClick={() => walk.go('find')}>
          To the findings
        </Button>
      }
    >
      <dl className="pt-1">
        {rows.map(([name, words]) => (
          <div key={name} className="border-b border-rule py-2">
            <dt className="font-head text-[14px] font-semibold">{name}</dt>
            <dd className="whitespace-pre-line">{words}</dd>
          </div>
        ))}
      </dl>
      {job.findings.length === 0 && intake.told ? (
        <p className="pt-2 text-[14px] text-quiet">
          A description alone gives likely causes and the next look, never a bid.
        </p>
      ) : null}
    </Panel>
  )
}

const counted = (n: number, word: string): string => `${n} ${word}${n === 1 ? '' : 's'}`
