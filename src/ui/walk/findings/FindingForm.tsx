'use client'

import { MonthField, NumberField } from '../../look/ReadField'
import { useState } from 'react'
import { materialChoices, partChoices } from './choices'
import { partOf } from '../../../core/catalogue'
import { HOW_KNOWN, type EntityOf, type Finding } from '../../../core/job'
import { findingNumber } from '../../../core/house'
import type { Length } from '../../../core/measure'
import {
  Button,
  CheckField,
  LengthField,
  Notice,
  Panel,
  PhotoButton,
  SavedTextField,
  SelectField,
} from '../../look'
import { useIsPhone } from '../../state/useIsPhone'
import { localDay } from '../../state/localDay'
import { useJob } from '../../state/useJob'
import { freshFinding } from './fresh'
import { PlaceFields } from './PlaceFields'
import { SpotFields } from './SpotFields'
import { GradeFields } from './GradeFields'
import { Picture } from '../../job/Picture'
import { ClipButton } from './ClipButton'
import { whenShown } from '../../state/whenShown'
import { outsideScope, outsideWords } from '../../../core/scope/scopeLine'

const SignPicker = whenShown(() => import('./SignPicker').then((file) => file.SignPicker))
const HazardDialog = whenShown(() => import('../looked/HazardDialog').then((file) => file.HazardDialog))
const AgainDialog = whenShown(() => import('./AgainDialog').then((file) => file.AgainDialog))
const Notes = whenShown(() => import('../looked/Notes').then((file) => file.Notes))
const NoteFact = whenShown(() => import('../looked/NoteFact').then((file) => file.NoteFact))

type Fields = Partial<EntityOf['finding']>

const HOW_WORDS = {
  opened: 'opened',
  touched: 'touched, probed',
  instrument: 'by instrument',
  'seen-close': 'seen from close by',
  'from-ground': 'seen from the ground',
  read: 'read in a paper',
  told: 'told',
} as const

/** On a tablet the form lies below the list: opening a finding goes to it. A stable function, so it runs once. */
function showOnNarrow(element: HTMLElement | null): void {
  if (element && window.innerWidth < 1024 && window.innerWidth >= 640)
    element.scrollIntoView({ block: 'start' })
}

/** The chosen finding in full, or a new one being put where the strip was tapped. Every field is kept as it is set. */
export function FindingForm({ finding }: { finding: Finding | null }) {
  const { job, store, drafting, draft, choose, view } = useJob()
  const [fresh, setFresh] = useState(() =>
    drafting ? freshFinding({ place: drafting.place, by: view.member.name }) : null,
  )
  const [said, setSaid] = useState<string | null>(null)
  const [again, setAgain] = useState(false)
  const isPhone = useIsPhone()
  const shown = finding ?? (drafting ? fresh : null)
  if (!shown) {
    return (
      <Panel title="Finding">
        <p className="py-3 text-quiet">
          {job.sides.length > 0
            ? 'Tap a wall on the strip to put a finding there, or choose one from the list.'
            : 'Choose a finding from the list, or add one with a photo and a word.'}
        </p>
      </Panel>
    )
  }

  function set(fields: Fields): void {
    if (finding) setSaid(store.set('finding', finding.id, fields))
    else setFresh((old) => (old ? { ...old, ...fields } : old))
  }

  function add(): void {
    if (!fresh) return
    const refused = store.create('finding', fresh)
    setSaid(refused)
    if (refused) return
    draft(null)
    choose([fresh.id])
  }

  const actions = finding ? (
    <span className="flex flex-wrap gap-x-2">
      <Button look="quiet" onClick={() => setAgain(true)}>
        Same again
      </Button>
      <NoteFact finding={finding} />
      <Notes about={{ kind: 'finding', finding_id: finding.id }} name={`finding ${finding.number ?? ''}`} />
      <HazardDialog finding={finding} />
      <Button
        look="quiet"
        onClick={() => {
          store.set('finding', finding.id, { removed: true })
          choose([])
        }}
      >
        Remove
      </Button>
    </span>
  ) : null

  return (
    <div ref={showOnNarrow} className="min-w-0">
      <Panel
        title={finding ? `Finding ${findingNumber(finding, job)}` : 'New finding'}
        aside={isPhone ? null : actions}
      >
        {said ? (
          <div className="pt-2">
            <Notice tone="wrong" alert>
              {said}
            </Notice>
          </div>
        ) : null}
        {isPhone && shown.words ? <p className="pt-1.5 text-[15px]">“{shown.words}”</p> : null}
        <Standing finding={shown} />
        {finding ? <Media finding={finding} /> : null}
        {isPhone ? actions : null}
        <div className="grid grid-cols-2 gap-x-4 gap-y-2.5 pt-2.5 max-sm:grid-cols-1">
          <SelectField
            label="Part"
            value={shown.component ?? ''}
            onChange={(value) => set({ component: value === '' ? null : value })}
            choices={[{ value: '', label: 'not named yet' }, ...partChoices(shown.component)]}
          />
          <SelectField
            label="Material"
            value={shown.material}
            onChange={(value) => set({ material: value })}
            choices={materialChoices(shown.material)}
          />
          <ExtentFields finding={shown} set={set} />
          <LengthField
            label="Width of its face"
            bare="inches"
            value={shown.face_width}
            onChange={(face_width) => set({ face_width })}
          />
          <GradeFields finding={shown} set={set} />
          <div className="col-span-full">
            <PlaceFields place={shown.place} set={(place) => set({ place })} />
            {shown.place.kind === 'crawl' || shown.place.kind === 'room' || shown.place.kind === 'roof' ? (
              <SpotFields spot={shown.spot} set={(spot) => set({ spot })} />
            ) : null}
          </div>
          <SelectField
            label="How it is known"
            value={shown.how_known}
            onChange={(value) => set({ how_known: value as Finding['how_known'] })}
            choices={HOW_KNOWN.map((value) => ({ value, label: HOW_WORDS[value] }))}
          />
          <SelectField
            label="Earlier repair there"
            value={shown.earlier_repair}
            onChange={(value) => set({ earlier_repair: value as Finding['earlier_repair'] })}
            choices={Object.entries(EARLIER_WORDS).map(([value, label]) => ({ value, label }))}
          />
          <SavedTextField label="Seen by" value={shown.seen_by} onSave={(seen_by) => set({ seen_by })} />
          <MonthField
            label="There since"
            hint="as told: May 2024, last winter"
            today={localDay()}
            value={shown.first_seen}
            onChange={(first_seen) => set({ first_seen })}
            onClear={() => set({ first_seen: null })}
          />
          <div className="flex items-end">
            <CheckField
              label="Only suspected, from look-alikes"
              checked={shown.suspected}
              onChange={(suspected) => set({ suspected })}
            />
          </div>
          <div className="col-span-full">
            <SavedTextField
              lines={2}
              label="In your words"
              value={shown.words}
              onSave={(words) => set({ words })}
            />
          </div>
          <div className="col-span-full">
            <SignPicker finding={shown} set={set} />
          </div>
        </div>
        {finding ? null : (
          <div className="flex justify-end gap-2 pt-3">
            <Button onClick={() => draft(null)}>Leave it</Button>
            <Button look="main" onClick={add}>
              Add finding
            </Button>
          </div>
        )}
      </Panel>
      {again && finding ? <AgainDialog finding={finding} onClose={() => setAgain(false)} /> : null}
    </div>
  )
}

/** Where the finding stands to others: one of a repeated detail, or outside the scope line. */
function Standing({ finding }: { finding: Finding }) {
  const { derived, choose } = useJob()
  const { job } = derived
  const outside = outsideScope(finding, job)
  const alike = finding.detail_id ? job.findings.filter((each) => each.detail_id === finding.detail_id) : []
  if (!outside && alike.length < 2) return null
  return (
    <div className="flex flex-wrap items-center gap-x-3 pt-2 text-[14px]">
      {outside ? <span className="text-pencil-text">Here: {outsideWords(outside)}.</span> : null}
      {alike.length > 1 ? (
        <Button look="quiet" onClick={() => choose(alike.map((each) => each.id))}>
          One detail on {alike.length} places: {alike.map((each) => findingNumber(each, job)).join(', ')}
        </Button>
      ) : null}
    </div>
  )
}

/** Pictures, voice notes and clips of a finding; a picture opens to be drawn on. */
function Media({ finding }: { finding: Finding }) {
  const { store, derived, walk } = useJob()
  const isPhone = useIsPhone()
  const { job } = derived
  const [wrong, setWrong] = useState<string | null>(null)
  const photos = job.photos.filter((photo) => finding.photo_ids.includes(photo.id))
  const clips = job.clips.filter((clip) => finding.clip_ids.includes(clip.id))
  async function takePhoto(file: File | null): Promise<void> {
    if (!file) return
    const taken = await store.addPhoto(file, finding.place)
    if ('words' in taken) setWrong(taken.words)
    else
      setWrong(store.set('finding', finding.id, ({ photo_ids }) => ({ photo_ids: [...photo_ids, taken.id] })))
  }
  async function takeClip(file: Blob): Promise<void> {
    const taken = await store.addClip(file)
    if ('words' in taken) setWrong(taken.words)
    else setWrong(store.set('finding', finding.id, ({ clip_ids }) => ({ clip_ids: [...clip_ids, taken.id] })))
  }
  return (
    <div className="flex flex-wrap items-center gap-2 pt-2.5">
      {photos.map((photo) => (
        <button
          key={photo.id}
          type="button"
          aria-label={`Draw on ${photo.caption || 'the photo of the finding'}`}
          onClick={() => {
            walk.openPhoto(photo.id)
            walk.go('photos')
          }}
        >
          <Picture
            photo={photo}
            size="thumbnail"
            alt={photo.caption || 'Photo of the finding'}
            className="h-16 w-auto border border-ink"
          />
        </button>
      ))}
      <PhotoButton taken={false} label="Photo to it" onTake={(file) => void takePhoto(file)} />
      <ClipButton speaks={!isPhone} onTake={(file) => void takeClip(file)} />
      {clips.map((clip) =>
        clip.media_type.startsWith('audio') ? (
          <audio
            key={clip.id}
            controls
            preload="none"
            aria-label={clip.caption || 'Voice note'}
            src={store.pictures.clipUrlOf(clip.sha256)}
            className="h-11 max-w-60"
          />
        ) : (
          <video
            key={clip.id}
            controls
            preload="none"
            aria-label={clip.caption || 'Clip'}
            src={store.pictures.clipUrlOf(clip.sha256)}
            className="h-24"
          />
        ),
      )}
      {wrong ? (
        <p role="alert" className="text-[14px] font-medium text-crayon-text">
          {wrong}
        </p>
      ) : null}
    </div>
  )
}

const EARLIER_WORDS: Record<Finding['earlier_repair'], string> = {
  'not-noted': 'not noted',
  none: 'none seen',
  filler: 'filler over rot',
  'short-patch': 'short patches',
  'sealant-over': 'sealant over it',
  'thin-board': 'thin board let into thick',
  prop: 'improvised prop',
  other: 'other',
}

/** The label of the count, for a part that is counted beside its length. */
const COUNTED = { courses: 'Courses', sheets: 'Sheets', pieces: 'Pieces' } as const

function ExtentFields({ finding, set }: { finding: Finding; set: (fields: Fields) => void }) {
  const { extent } = finding
  const countedIn = partOf(finding.component)?.countedIn
  const counted = countedIn ? COUNTED[countedIn] : null
  const measured = (value: Length | null, how = extent?.how ?? 'taped'): Finding['extent'] =>
    value === null
      ? null
      : {
          value,
          how,
          low: how === 'guessed' ? (extent?.low ?? value) : null,
          high: how === 'guessed' ? (extent?.high ?? value) : null,
        }
  return (
    <>
      <LengthField
        label="Length of the damage"
        optional
        value={extent?.value ?? null}
        hint={`as on the tape: 18' 6-1/2"`}
        onChange={(value) => set({ extent: measured(value) })}
      />
      <div className={`grid gap-x-3 ${counted ? 'grid-cols-2' : ''}`}>
        <SelectField
          label="Measured"
          value={extent?.how ?? 'taped'}
          onChange={(value) => set({ extent: measured(extent?.value ?? null, value as 'taped') })}
          choices={['taped', 'counted', 'scaled', 'guessed'].map((value) => ({ value, label: value }))}
        />
        {counted ? (
          <NumberField
            label={counted}
            range={{ least: 1, most: 999, whole: true }}
            value={finding.count}
            onChange={(count) => set({ count })}
            onClear={() => set({ count: null })}
          />
        ) : null}
      </div>
      {extent?.how === 'guessed' ? (
        <div className="col-span-full grid grid-cols-2 gap-x-4">
          <LengthField
            label="At least"
            value={extent.low}
            onChange={(low) => set({ extent: { ...extent, low } })}
          />
          <LengthField
            label="At most"
            value={extent.high}
            onChange={(high) => set({ extent: { ...extent, high } })}
          />
        </div>
      ) : null}
    </>
  )
}
