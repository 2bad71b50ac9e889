'use client'

import { methodOf, partOf, SECTION_USD } from '../../core/catalogue'
import { placeWords } from '../../core/caution'
import { byId, WORK_STATES, type WorkItem, type WorkState } from '../../core/job'
import { placesOfItem, STANDING_WORDS, withSize, type ScopeItem } from '../../core/scope'
import { Button, SavedTextField, SelectField } from '../look'
import { useJob } from '../state/useJob'
import { CallOut } from './CallOut'
import { KeepKit } from './FirmKits'
import { HowPriced } from './HowPriced'
import { BOUGHT, OwnLines } from './OwnLines'
import { SizeFields } from './SizeFields'

const STATE_CHOICES = WORK_STATES.map((value) => ({
  value,
  label: value === 'ours' ? 'ours, in the price' : STANDING_WORDS[value],
}))
/** What an item is called, how it stands, its sizes, what it is made of, its own lines, and who else does it. */
export function ChangeItem({ item: scoped }: { item: ScopeItem }) {
  const { name } = scoped
  const { derived, store, view, job: asEdited } = useJob()
  const { job } = derived
  // As edited this instant: two lines put in quickly are two lines.
  const item = byId(asEdited.work_items, scoped.id) ?? scoped.item
  const set = (fields: Partial<WorkItem>): void => void store.set('work_item', item.id, fields)
  const others = item.state === 'by-owner' || item.state === 'by-others'
  const row = methodOf(item.method)
  const recipe = row?.recipe ?? null
  const wood = recipe !== null && (recipe.wood !== null || recipe.byPart || recipe.pieces.length > 0)
  const choices = partOf(item.component)?.section?.choices ?? []
  return (
    <div role="group" aria-label={`Change ${name}`} className="grid grid-cols-2 gap-2 py-2">
      <SelectField
        label="How it stands"
        value={item.state}
        onChange={(value) => set({ state: value as WorkState })}
        choices={STATE_CHOICES}
      />
      <SavedTextField label="Called" value={item.name} onSave={(said) => set({ name: said })} />
      {row?.standsAs === 'watched' ? (
        <div className="col-span-2">
          <SavedTextField
            label="Looked at again (a day, or what would show it)"
            value={item.hand_over}
            onSave={(hand_over) => set({ hand_over })}
          />
        </div>
      ) : null}
      {row?.standsAs === 'referred' ? <CallOut item={scoped} /> : null}
      {others ? (
        <>
          <SavedTextField label="Who does it" value={item.who} onSave={(who) => set({ who })} />
          <SavedTextField
            label="Handed over when"
            value={item.hand_over}
            onSave={(hand_over) => set({ hand_over })}
          />
        </>
      ) : null}
      {wood ? (
        <>
          <SelectField
            label="New wood of"
            value={BOUGHT.some(({ value }) => value === item.material) ? item.material : ''}
            onChange={(value) => set({ material: value === '' ? 'unknown' : value })}
            choices={[{ value: '', label: 'as the old one' }, ...BOUGHT]}
          />
          <SelectField
            label="Section"
            value={item.section ?? ''}
            onChange={(value) => set({ section: value === '' ? null : value })}
            choices={[
              { value: '', label: 'by the part and its width' },
              ...(choices.length > 0 ? choices : Object.keys(SECTION_USD)).map((value) => ({
                value,
                label: value,
              })),
            ]}
          />
        </>
      ) : null}
      {row?.answers === 'side' ? null : (
        <div className="col-span-2 flex flex-col gap-2">
          {placesOfItem(item, job).map((place, index) =>
            place.at.kind === 'whole-side' ? null : (
              <SizeFields
                key={index}
                where={placeWords(place.at, job)}
                size={place.size}
                courses={partOf(item.component)?.piece?.courses ?? false}
                onChange={(size) => set({ places: withSize(item, index, size, job) })}
              />
            ),
          )}
        </div>
      )}
      <OwnLines item={item} set={set} />
      <HowPriced item={scoped} set={set} />
      <div className="col-span-2">
        <SavedTextField label="Note" value={item.note} onSave={(note) => set({ note })} />
      </div>
      <div className="col-span-2 flex flex-wrap gap-2">
        <Button onClick={() => set({ removed: true })}>Drop it</Button>
        {item.method === 'own-work' && view.member.may.includes('keep-kits') ? <KeepKit item={item} /> : null}
      </div>
    </div>
  )
}
