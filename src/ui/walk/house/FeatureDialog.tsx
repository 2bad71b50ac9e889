'use client'

import { zodResolver } from '@hookform/resolvers/zod'
import {
  useForm,
  useWatch,
  type Control,
  type FieldErrors,
  type FieldPath,
  type Resolver,
} from 'react-hook-form'
import { newId } from '../../../client/newId'
import type { Feature } from '../../../core/job'
import { Feature as FeatureShape } from '../../../core/job/features'
import { feet } from '../../../core/measure'
import { placeForAnother } from '../../../core/geometry'
import { Button, Notice, SelectField } from '../../look'
import { BoundCheck, BoundLength, BoundNumber, BoundSelect, BoundText } from '../../look/bound'
import { Dialog } from '../../look/Dialog'
import { useJob } from '../../state/useJob'
import { editOf, fieldsOf, type FieldRow } from './featureFields'
import { freshFeature, FEATURE_NAMES, nextFeatureNumber } from './freshFeature'

type Kind = Feature['kind']
const KINDS = (Object.keys(FEATURE_NAMES) as Kind[]).filter((kind) => kind !== 'outline')

/** One field of the form, as its row says. */
function RowField({ row, control }: { row: FieldRow; control: Control<Feature> }) {
  const common = { control, name: row.name as FieldPath<Feature>, label: row.label }
  switch (row.kind) {
    case 'length':
      return <BoundLength {...common} bare={row.bare} hint={row.hint} optional={row.optional} />
    case 'number':
      return <BoundNumber {...common} />
    case 'text':
      return <BoundText {...common} />
    case 'check':
      return <BoundCheck {...common} />
    case 'choice':
      return <BoundSelect {...common} choices={row.choices} />
  }
}

/** Something on a side, new or to be corrected: window, door, bay, porch, deck, chase, small roof, dormer, pipe. */
export function FeatureDialog(props: { sideId: string; featureId?: string | null; onClose: () => void }) {
  const { derived, store, view } = useJob()
  const { features, sides } = derived.job
  const old = features.find((each) => each.id === props.featureId)
  const form = useForm<Feature>({
    resolver: zodResolver(FeatureShape) as unknown as Resolver<Feature>,
    defaultValues:
      old ?? freshFeature('window', { id: newId(), side_id: props.sideId, number: 1, station: feet(4) }),
  })
  const { control, formState } = form
  const feature = useWatch({ control }) as Feature
  const letter = sides.find((each) => each.id === feature.side_id)?.letter ?? ''
  const number = (): number => nextFeatureNumber(view.job, feature.side_id)

  /** Closes, unless the job did not take it. */
  function done(refused: string | null): void {
    if (refused) form.setError('root', { message: refused })
    else props.onClose()
  }
  /** What is wrong at a field is said there; anything else is said at the foot, so that nothing is refused in silence. */
  const wrong = (errors: FieldErrors<Feature>): void => {
    const shown = new Set(fieldsOf(feature).map(({ name }) => name.split('.')[0]))
    const other = Object.keys(errors).find((name) => !shown.has(name))
    if (other) form.setError('root', { message: `Its ${other} cannot be kept so.` })
  }
  const keep = form.handleSubmit(
    (said) =>
      done(
        old
          ? store.set('feature', old.id, editOf(said))
          : store.create('feature', { ...said, number: number() }),
      ),
    wrong,
  )
  const another = form.handleSubmit(
    (said) =>
      done(
        store.create('feature', {
          ...said,
          id: newId(),
          number: number(),
          station: placeForAnother(said, derived.job),
        }),
      ),
    wrong,
  )

  return (
    <Dialog
      open
      onClose={props.onClose}
      title={old ? `${FEATURE_NAMES[old.kind]} ${letter}${old.number}` : `New on side ${letter}`}
    >
      <form noValidate onSubmit={(event) => void keep(event)}>
        <div className="grid grid-cols-2 gap-3">
          {old ? null : (
            <SelectField
              label="What"
              value={feature.kind}
              onChange={(kind) => {
                const { id, side_id, station } = feature
                form.reset(freshFeature(kind as Kind, { id, side_id, number: 1, station }))
              }}
              choices={KINDS.map((value) => ({ value, label: FEATURE_NAMES[value] }))}
            />
          )}
          <BoundSelect
            control={control}
            name="side_id"
            label="Side"
            choices={sides.map((each) => ({ value: each.id, label: `${each.letter} ${each.facing}` }))}
          />
          {fieldsOf(feature).map((row) => (
            <RowField key={`${feature.kind} ${row.name}`} row={row} control={control} />
          ))}
        </div>
        {formState.errors.root?.message ? (
          <div className="pt-3">
            <Notice tone="wrong" alert>
              {formState.errors.root.message}
            </Notice>
          </div>
        ) : null}
        <div className="mt-4 flex justify-end gap-2">
          {old ? (
            <>
              <Button look="quiet" onClick={() => done(store.set('feature', old.id, { removed: true }))}>
                Remove
              </Button>
              <Button look="quiet" onClick={() => void another()}>
                Another like it
              </Button>
            </>
          ) : null}
          <span className="grow" />
          <Button onClick={props.onClose}>Leave it</Button>
          <Button type="submit" look="main">
            {old ? 'Keep' : `Add ${FEATURE_NAMES[feature.kind]}`}
          </Button>
        </div>
      </form>
    </Dialog>
  )
}
