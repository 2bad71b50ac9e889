'use client'

import { newId } from '../../client/newId'
import { PersonRole, type EntityOf } from '../../core/job'
import { Button, CheckField, SavedTextField, SelectField } from '../look'
import { Dialog } from '../look/Dialog'
import { DayField, HoursField } from '../look/ReadField'
import { localDay } from '../state/localDay'
import { Notes } from '../walk/looked/Notes'
import { useJob } from '../state/useJob'

type Role = EntityOf['person']['roles'][number]
const ROLE_WORDS: Record<Role, string> = {
  pays: 'pays',
  owns: 'owns the house',
  'lives-there': 'lives there',
  'may-permit': 'may permit opening up',
  'may-approve': 'may approve the bid',
  reads: 'only reads',
}

/** Job, people and conditions of the walk. Every field is kept as it is typed. */
export function DetailsDialog({ open, onClose }: { open: boolean; onClose: () => void }) {
  const { job: document, store } = useJob()
  const { job, people } = document
  const set = (fields: Partial<EntityOf['job']>): void => void store.set('job', 'job', fields)
  return (
    <Dialog open={open} onClose={onClose} title="Job details" wide>
      <div className="grid grid-cols-2 gap-3 max-sm:grid-cols-1">
        <SavedTextField label="Name of the job" value={job.title} onSave={(title) => set({ title })} />
        <SavedTextField label="Address" value={job.address} onSave={(address) => set({ address })} />
        <SavedTextField
          lines={2}
          label="What was asked"
          value={job.asked}
          onSave={(asked) => set({ asked })}
        />
        <SavedTextField
          lines={2}
          label="Scope line: where the work starts and stops, and why"
          value={job.scope_line}
          onSave={(scope_line) => set({ scope_line })}
        />
        <DayField
          label="Walked on"
          today={localDay()}
          value={job.walked_on}
          onChange={(walked_on) => set({ walked_on })}
          onClear={() => set({ walked_on: null })}
        />
        <SavedTextField label="Weather" value={job.weather} onSave={(weather) => set({ weather })} />
        <HoursField
          label="Hours since rain"
          value={job.hours_since_rain}
          onChange={(hours_since_rain) => set({ hours_since_rain })}
          onClear={() => set({ hours_since_rain: null })}
        />
        <SavedTextField label="Who was there" value={job.present} onSave={(present) => set({ present })} />
        <SelectField
          label="Walking with the house on the"
          value={job.house_on}
          onChange={(value) => set({ house_on: value === 'right' ? 'right' : 'left' })}
          choices={[
            { value: 'left', label: 'left hand' },
            { value: 'right', label: 'right hand' },
          ]}
        />
      </div>
      <div className="mt-3">
        <Notes about={{ kind: 'job' }} name={`the job ${job.title}`} />
      </div>
      <h3 className="mt-5 border-b border-ink pb-1 text-[17px]">People</h3>
      {people.map((person) => {
        const change = (fields: Partial<EntityOf['person']>): void =>
          void store.set('person', person.id, fields)
        return (
          <fieldset
            key={person.id}
            className="grid grid-cols-3 gap-x-3 gap-y-1 border-b border-rule py-3 max-sm:grid-cols-1"
          >
            <legend className="sr-only">{person.name || 'Person without a name'}</legend>
            <SavedTextField label="Name" value={person.name} onSave={(name) => change({ name })} />
            <SavedTextField
              label="E-mail"
              type="email"
              value={person.email}
              onSave={(email) => change({ email })}
            />
            <SavedTextField label="Phone" value={person.phone} onSave={(phone) => change({ phone })} />
            <div className="col-span-full flex flex-wrap gap-x-5">
              {PersonRole.options.map((role) => (
                <CheckField
                  key={role}
                  label={ROLE_WORDS[role]}
                  checked={person.roles.includes(role)}
                  onChange={(on) =>
                    change({
                      roles: on ? [...person.roles, role] : person.roles.filter((each) => each !== role),
                    })
                  }
                />
              ))}
              <span className="grow" />
              <Button look="quiet" onClick={() => change({ removed: true })}>
                Remove
              </Button>
            </div>
          </fieldset>
        )
      })}
      <div className="mt-3 flex justify-between">
        <Button
          onClick={() =>
            store.create('person', {
              id: newId(),
              removed: false,
              name: '',
              email: '',
              phone: '',
              roles: people.length === 0 ? ['owns', 'pays', 'may-approve'] : [],
            })
          }
        >
          Add a person
        </Button>
        <Button onClick={onClose}>Done</Button>
      </div>
    </Dialog>
  )
}
