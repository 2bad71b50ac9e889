'use client'

import { drawnLength, featureBox } from '../../../core/geometry'
import { inches, feet, type Length } from '../../../core/measure'
import { FEATURE_WORDS, type JobDocument, type Place } from '../../../core/job'
import { Button, LengthField, SavedTextField, SelectField } from '../../look'
import { useJob } from '../../state/useJob'

const KINDS: readonly { value: Place['kind']; label: string }[] = [
  { value: 'none', label: 'not noted yet' },
  { value: 'words', label: 'in words' },
  { value: 'side', label: 'on a side' },
  { value: 'room', label: 'in a room' },
  { value: 'roof', label: 'on the roof' },
  { value: 'deck', label: 'on a deck' },
  { value: 'crawl', label: 'crawl space' },
]

function fresh(kind: string, job: JobDocument): Place {
  switch (kind) {
    case 'words':
      return { kind: 'words', words: '' }
    case 'side': {
      const side = job.sides[0]
      if (!side) return { kind: 'none' }
      return {
        kind: 'side',
        side_id: side.id,
        station: feet(0),
        height: { value: feet(3), from: 'grade' },
        feature_id: null,
      }
    }
    case 'room':
      return { kind: 'room', room: '' }
    case 'roof':
      return { kind: 'roof', words: '' }
    case 'deck':
      return { kind: 'deck', feature_id: null, words: '' }
    case 'crawl':
      return { kind: 'crawl', words: '' }
    default:
      return { kind: 'none' }
  }
}

/** The answers that need no typing. */
function ends(place: SidePlace, job: JobDocument): readonly (readonly [name: string, station: Length])[] {
  const side = job.sides.find((each) => each.id === place.side_id)
  const long = side ? drawnLength(side, job) : feet(0)
  return [
    ['left end', feet(0)],
    ['middle', Math.round(long / 2) as Length],
    ['right end', long],
  ]
}

type SidePlace = Extract<Place, { kind: 'side' }>

/** The place with its station said. */
function saidAt(place: SidePlace, station: Length): SidePlace {
  const { kind, side_id, height, feature_id } = place
  return { kind, side_id, station, height, feature_id }
}

/** Where it is: by station and height on a side, or by words. */
export function PlaceFields({ place, set }: { place: Place; set: (place: Place) => void }) {
  const { job } = useJob()
  const kinds = KINDS.filter((kind) => kind.value !== 'side' || job.sides.length > 0)
  return (
    <fieldset className="grid grid-cols-[1.1fr_1fr_1.4fr_1fr_0.9fr] gap-x-2 gap-y-2 max-sm:grid-cols-2">
      <legend className="sr-only">Place</legend>
      <SelectField
        label="Place"
        value={place.kind}
        onChange={(kind) => set(fresh(kind, job))}
        choices={kinds}
      />
      {place.kind === 'side' ? (
        <>
          <SelectField
            label="Side"
            value={place.side_id}
            onChange={(side_id) => set({ ...place, side_id, feature_id: null })}
            choices={job.sides.map((side) => ({ value: side.id, label: `${side.letter} ${side.facing}` }))}
          />
          <SelectField
            label="At"
            value={place.feature_id ?? ''}
            onChange={(id) => {
              const feature = job.features.find((each) => each.id === id)
              if (!feature) return set({ ...place, feature_id: null })
              const box = featureBox(feature, job)
              return set({
                ...saidAt(place, box.left),
                feature_id: id,
                height: { value: box.bottom, from: 'grade' },
              })
            }}
            choices={[
              { value: '', label: 'the wall' },
              ...job.features
                .filter((feature) => feature.side_id === place.side_id)
                .map((feature) => ({
                  value: feature.id,
                  label: `${FEATURE_WORDS[feature.kind]} ${job.sides.find((side) => side.id === feature.side_id)?.letter}${feature.number}`,
                })),
            ]}
          />
          <LengthField
            label="Station"
            bare="feet"
            value={place.station}
            onChange={(station) => station !== null && set(saidAt(place, station))}
          />
          <LengthField
            label="Height"
            value={place.height.from === 'grade' ? place.height.value : inches(0)}
            onChange={(value) => value !== null && set({ ...place, height: { value, from: 'grade' } })}
          />
        </>
      ) : null}
      {place.kind === 'side' && place.station_unsaid ? (
        <div
          className="col-span-full flex flex-wrap items-center gap-2"
          role="group"
          aria-label="Where along?"
        >
          <span className="text-[14px] text-pencil-text">Where along? Nobody said.</span>
          {ends(place, job).map(([name, station]) => (
            <Button key={name} onClick={() => set(saidAt(place, station))}>
              {name}
            </Button>
          ))}
        </div>
      ) : null}
      {place.kind === 'words' || place.kind === 'roof' || place.kind === 'deck' || place.kind === 'crawl' ? (
        <div className="col-span-4 max-sm:col-span-2">
          <SavedTextField
            label="Where, in words"
            value={place.words}
            onSave={(words) => set({ ...place, words })}
          />
        </div>
      ) : null}
      {place.kind === 'room' ? (
        <SavedTextField label="Room" value={place.room} onSave={(room) => set({ ...place, room })} />
      ) : null}
    </fieldset>
  )
}
