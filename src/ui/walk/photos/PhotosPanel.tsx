'use client'

import { useState } from 'react'
import {
  DndContext,
  KeyboardSensor,
  PointerSensor,
  TouchSensor,
  useSensor,
  useSensors,
  type DragEndEvent,
} from '@dnd-kit/core'
import {
  SortableContext,
  sortableKeyboardCoordinates,
  useSortable,
  rectSortingStrategy,
} from '@dnd-kit/sortable'
import { CSS } from '@dnd-kit/utilities'
import { findingNumber } from '../../../core/house'
import { PHOTO_LIMIT_PER_JOB, type Photo, type Place } from '../../../core/job'
import { feet } from '../../../core/measure'
import { reordered } from '../../../core/walk'
import { Button, Notice, Panel, SelectField } from '../../look'
import { Picture } from '../../job/Picture'
import { useJob } from '../../state/useJob'
import { PhotoCanvas } from './PhotoCanvas'

/** A thumb must rest this long before a picture follows it, so that the page still scrolls. */
const HOLD_MS = 220

/** Every picture in the order of the walk: taken in, put on sides, findings or in words many at once, dragged into another order. */
export function PhotosPanel() {
  const { derived, store, walk } = useJob()
  const { job } = derived
  const [picked, setPicked] = useState<ReadonlySet<string>>(new Set())
  const [busy, setBusy] = useState(0)
  const [wrong, setWrong] = useState<readonly string[]>([])
  const sensors = useSensors(
    useSensor(PointerSensor, { activationConstraint: { distance: 6 } }),
    useSensor(TouchSensor, { activationConstraint: { delay: HOLD_MS, tolerance: 8 } }),
    useSensor(KeyboardSensor, { coordinateGetter: sortableKeyboardCoordinates }),
  )
  const { photos } = job

  async function takeIn(files: FileList | null): Promise<void> {
    if (!files) return
    const said: string[] = []
    setWrong([])
    for (const [index, file] of [...files].entries()) {
      setBusy(files.length - index)
      const taken = await store.addPhoto(file)
      if ('words' in taken) said.push(`${file.name}: ${taken.words}`)
    }
    setBusy(0)
    setWrong(said)
  }
  function toggle(id: string): void {
    const next = new Set(picked)
    if (!next.delete(id)) next.add(id)
    setPicked(next)
  }
  /** From the last one picked to this one, as one picks a row of pictures. */
  function pickThrough(id: string): void {
    const at = photos.findIndex((photo) => photo.id === id)
    const last = photos.findLastIndex((photo) => picked.has(photo.id) && photo.id !== id)
    const [from, to] = last < 0 ? [at, at] : last < at ? [last, at] : [at, last]
    setPicked(new Set([...picked, ...photos.slice(from, to + 1).map((photo) => photo.id)]))
  }
  /** Its place in the order, as it is counted on the screen. */
  const place = (id: string | number): number => photos.findIndex((photo) => photo.id === id) + 1
  function drop({ active, over }: DragEndEvent): void {
    if (!over || active.id === over.id) return
    const to = photos.findIndex((photo) => photo.id === over.id)
    for (const { id, order } of reordered(photos, String(active.id), to)) store.set('photo', id, { order })
  }

  return (
    <>
      <Panel
        title={`Photos: ${photos.length} of ${PHOTO_LIMIT_PER_JOB}`}
        label="Photos"
        aside={
          picked.size > 0 ? (
            <Button look="quiet" onClick={() => setPicked(new Set())}>
              Pick none of {picked.size}
            </Button>
          ) : (
            <Button
              look="quiet"
              disabled={photos.length === 0}
              onClick={() => setPicked(new Set(photos.map((photo) => photo.id)))}
            >
              Pick all
            </Button>
          )
        }
      >
        <div className="flex flex-wrap items-end gap-3 py-2">
          <TakePhotos onTake={(files) => void takeIn(files)} />
          {busy > 0 ? <span role="status">Keeping {busy} more…</span> : null}
          {picked.size > 0 ? (
            <PutPicked
              ids={photos.filter((photo) => picked.has(photo.id)).map((photo) => photo.id)}
              onDone={() => setPicked(new Set())}
            />
          ) : (
            <p className="text-[13px] text-quiet">
              JPEG, PNG or WebP, at most 25 MB each. Pick some to put them on a side or a finding together;
              drag one to another place in the order.
            </p>
          )}
        </div>
        {wrong.map((words) => (
          <div key={words} className="pb-2">
            <Notice tone="wrong" alert>
              {words}
            </Notice>
          </div>
        ))}
        <DndContext
          id="photos"
          sensors={sensors}
          onDragEnd={drop}
          accessibility={{
            screenReaderInstructions: {
              draggable:
                'Press the space bar to pick the photo up, arrow keys to move it, the space bar again to put it down.',
            },
            announcements: {
              onDragStart: ({ active }) => `Photo ${place(active.id)} picked up.`,
              onDragOver: ({ active, over }) =>
                over
                  ? `Photo ${place(active.id)} over place ${place(over.id)}.`
                  : `Photo ${place(active.id)} over no place.`,
              onDragEnd: ({ active, over }) =>
                over
                  ? `Photo ${place(active.id)} put down at place ${place(over.id)}.`
                  : `Photo ${place(active.id)} left where it was.`,
              onDragCancel: ({ active }) => `Photo ${place(active.id)} left where it was.`,
            },
          }}
        >
          <SortableContext items={photos.map((photo) => photo.id)} strategy={rectSortingStrategy}>
            <ul className="grid grid-cols-[repeat(auto-fill,minmax(150px,1fr))] gap-3">
              {photos.map((photo, index) => (
                <Tile
                  key={photo.id}
                  photo={photo}
                  index={index}
                  picked={picked.has(photo.id)}
                  onPick={(through) => (through ? pickThrough(photo.id) : toggle(photo.id))}
                  onOpen={() => walk.openPhoto(photo.id)}
                />
              ))}
            </ul>
          </SortableContext>
        </DndContext>
        {photos.length === 0 ? (
          <p className="py-3 text-quiet">
            No picture yet. Take them as you walk; they are kept on this device until they are sent.
          </p>
        ) : null}
      </Panel>
      {walk.photoId ? <PhotoCanvas key={walk.photoId} photoId={walk.photoId} /> : null}
    </>
  )
}

function TakePhotos({ onTake }: { onTake: (files: FileList | null) => void }) {
  return (
    <label className="relative inline-flex min-h-9 cursor-pointer items-center rounded-(--radius) border border-ink bg-tape px-3 font-head font-semibold outline-offset-2 outline-chalk has-focus-visible:outline-3 touch:min-h-11">
      Take in photos
      <input
        type="file"
        multiple
        accept="image/jpeg,image/png,image/webp"
        aria-label="Photos to take in"
        className="sr-only"
        onChange={(event) => {
          onTake(event.target.files)
          event.target.value = ''
        }}
      />
    </label>
  )
}

function whereWords(place: Place, letters: ReadonlyMap<string, string>): string {
  switch (place.kind) {
    case 'side':
      return letters.get(place.side_id) ?? 'a side'
    case 'words':
    case 'roof':
    case 'crawl':
    case 'deck':
      return place.kind === 'words' ? place.words : `${place.kind}${place.words ? `, ${place.words}` : ''}`
    case 'room':
      return place.room
    case 'none':
    case 'photo':
      return 'no place yet'
  }
}

function Tile(props: {
  photo: Photo
  index: number
  picked: boolean
  onPick: (through: boolean) => void
  onOpen: () => void
}) {
  const { photo, index, picked } = props
  const { derived } = useJob()
  const { attributes, listeners, setNodeRef, transform, transition, isDragging } = useSortable({
    id: photo.id,
  })
  const letters = new Map(derived.job.sides.map((side) => [side.id, `${side.letter} ${side.facing}`]))
  const findings = derived.job.findings.filter((finding) => finding.photo_ids.includes(photo.id))
  const where = whereWords(photo.place, letters)
  const name = `Photo ${index + 1}`
  return (
    <li
      ref={setNodeRef}
      style={{ transform: CSS.Transform.toString(transform), transition }}
      className={`flex flex-col border ${picked ? 'border-2 border-ink' : 'border-rule'} bg-paper ${isDragging ? 'opacity-60' : ''}`}
    >
      <div
        {...attributes}
        {...listeners}
        aria-label={`${name}, drag to another place`}
        className="touch-manipulation"
      >
        <Picture
          photo={photo}
          size="thumbnail"
          alt={photo.caption || name}
          className="h-28 w-full object-cover"
        />
      </div>
      <div className="flex min-w-0 items-center gap-1.5 px-1.5 py-1 text-[13px]">
        <label className="flex min-h-8 min-w-0 grow items-center gap-1.5 touch:min-h-11">
          <input
            type="checkbox"
            className="size-5 shrink-0 accent-spruce"
            checked={picked}
            aria-label={`Pick ${name.toLowerCase()}`}
            onChange={() => undefined}
            onClick={(event) => props.onPick(event.shiftKey)}
          />
          <span className="truncate">
            <span className="font-head font-semibold">{index + 1}</span> {where}
            {findings.length > 0
              ? `, ${findings.map((each) => findingNumber(each, derived.job)).join(', ')}`
              : ''}
          </span>
        </label>
        <Button look="quiet" aria-label={`Draw on ${name.toLowerCase()}`} onClick={props.onOpen}>
          {photo.canvas || photo.marks.length > 0 ? 'drawn' : 'draw'}
        </Button>
      </div>
    </li>
  )
}

/** These twelve → back: one place, or one finding, for all that are picked. */
function PutPicked({ ids, onDone }: { ids: readonly string[]; onDone: () => void }) {
  const { derived, store } = useJob()
  const { job } = derived
  const places: readonly { value: string; label: string; place: Place }[] = [
    ...job.sides.map((side) => ({
      value: side.id,
      label: `${side.letter} ${side.facing}`,
      place: {
        kind: 'side' as const,
        side_id: side.id,
        station: feet(0),
        height: { value: feet(3), from: 'grade' as const },
        feature_id: null,
      },
    })),
    ...(['deck', 'crawl', 'roof'] as const).map((kind) => ({
      value: kind,
      label: kind === 'crawl' ? 'crawl space' : kind,
      place:
        kind === 'deck' ? ({ kind, feature_id: null, words: '' } as const) : ({ kind, words: '' } as const),
    })),
    { value: 'inside', label: 'inside', place: { kind: 'words', words: 'inside' } },
  ]
  return (
    <>
      <SelectField
        label={`These ${ids.length} →`}
        value=""
        onChange={(value) => {
          const found = places.find((each) => each.value === value)
          if (!found) return
          for (const id of ids) store.set('photo', id, { place: found.place })
          onDone()
        }}
        choices={[{ value: '', label: 'put on…' }, ...places.map(({ value, label }) => ({ value, label }))]}
      />
      <SelectField
        label="or to finding"
        value=""
        onChange={(value) => {
          if (value === '') return
          store.set('finding', value, ({ photo_ids }) => ({
            photo_ids: [...new Set([...photo_ids, ...ids])],
          }))
          onDone()
        }}
        choices={[
          { value: '', label: 'choose…' },
          ...job.findings.map((finding) => ({
            value: finding.id,
            label: `${findingNumber(finding, job)} ${finding.words || finding.component || ''}`.slice(0, 50),
          })),
        ]}
      />
      <Button
        look="quiet"
        onClick={() => {
          for (const id of ids) store.set('photo', id, { removed: true })
          onDone()
        }}
      >
        Take {ids.length} off the job
      </Button>
    </>
  )
}
