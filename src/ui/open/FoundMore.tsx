'use client'

import { useState } from 'react'
import { partName } from '../../core/catalogue'
import type { FindRow } from '../../core/catalogue/hidden/finds'
import { findingNumber } from '../../core/house'
import { openingsAt, type Finding } from '../../core/job'
import { dayWords, formatCents, formatLength, type Cents } from '../../core/measure'
import { agreedPrice } from '../../core/open/baseline'
import { findsBehind, toldOf } from '../../core/open/foundWork'
import type { PlaceToOpen } from '../../core/open/places'
import { isCause, type CauseId } from '../../core/trace'
import {
  Button,
  LengthField,
  Notice,
  Panel,
  PhotoButton,
  SelectField,
  TextAreaField,
  TextField,
} from '../look'
import { Picture } from '../job/Picture'
import { useIsPhone } from '../state/useIsPhone'
import { useJob } from '../state/useJob'
import { SignPicker } from '../walk/findings/SignPicker'
import { causeChoices, causedWords, foundWords, shortFind, takingBack } from './openWords'
import { useOpenEdits } from './useOpenEdits'
import type { JobOrders } from './useOrders'

/** Kinds of finds that stand open: those of the surface, which are two at most. */
const FIRST = 2

type Props = { place: PlaceToOpen; orders: JobOrders | null; onDone: () => void; onAsk: () => void }

/** What stood behind a board: a picture, a count, and it is kept; or one touch says that nothing did. */
export function FoundMore({ place, orders, onDone, onAsk }: Props) {
  const { derived } = useJob()
  const [more, setMore] = useState(false)
  const { finding, opened } = place
  const title = `Behind ${findingNumber(finding, derived.job)}, ${finding.component ? partName(finding.component) : finding.words}`
  return (
    <Panel
      title={title}
      aside={
        <Button look="quiet" onClick={onDone}>
          Close
        </Button>
      }
    >
      {opened && !more ? (
        <OpenedPanel place={place} orders={orders} onAsk={onAsk} onMore={() => setMore(true)} />
      ) : (
        <OpeningForm place={place} orders={orders} onDone={more ? () => setMore(false) : onDone} />
      )}
    </Panel>
  )
}

function OpenedPanel({ place, orders, onAsk, onMore }: Omit<Props, 'onDone'> & { onMore: () => void }) {
  const { job, around } = useJob()
  const isPhone = useIsPhone()
  const edits = useOpenEdits()
  const opened = place.opened!
  const faces = orders ? orders.orders.map(({ face }) => face) : around.orders
  // It may be taken back already, while what follows from it is still being reckoned.
  const last = openingsAt(job, opened.finding_id).at(-1)
  const back = last ? takingBack(last, faces) : null
  const photos = job.photos.filter(({ id }) => opened.photo_ids.includes(id))
  return (
    <div className="flex flex-col gap-2 py-2 text-[15px]">
      <p>
        Opened on {dayWords(opened.opened_on)} by {opened.opened_by}: {foundWords(opened)}.
      </p>
      {opened.guess ? (
        <p className="text-[14px] text-quiet">
          Reckoned before:{' '}
          {opened.guess.backing_percent === null
            ? ''
            : `backing ${opened.guess.backing_percent.toFixed(0)} %, `}
          framing {opened.guess.framing_percent.toFixed(0)} % likely to be damaged. What was found stands in
          its place.
        </p>
      ) : null}
      {opened.caused_by ? <p>{causedWords(opened)}</p> : null}
      {opened.taped && opened.said ? (
        <p className="text-[14px]">
          Taped {formatLength(opened.taped.value)}; said before: {formatLength(opened.said.value)}. That is
          the estimate, not new damage.
        </p>
      ) : null}
      {opened.words ? <p>“{opened.words}”</p> : null}
      {opened.tonight ? <p className="text-pencil-text">For tonight: {opened.tonight}</p> : null}
      <div className="flex flex-wrap gap-2">
        {photos.map((photo) => (
          <Picture
            key={photo.id}
            photo={photo}
            size="thumbnail"
            alt={photo.caption || 'What was found'}
            className="h-20"
          />
        ))}
      </div>
      {isPhone &&
      orders?.draft.lines.some(({ item_id }) => opened.found.some((each) => each.item_id === item_id)) ? (
        <Button look="main" onClick={onAsk}>
          Ask the owner: {formatCents(orders.draft.total_cents)}
        </Button>
      ) : null}
      <Button onClick={onMore}>More found here</Button>
      {!last || !back || (back.asked && orders === null) ? null : (
        <div>
          <Button look="quiet" onClick={() => edits.takeBack(last, back.waiting)}>
            It was not opened after all
          </Button>
          {back.words ? <p className="text-[14px] text-quiet">{back.words}</p> : null}
        </div>
      )}
    </div>
  )
}

function OpeningForm({ place, orders, onDone }: Omit<Props, 'onAsk'>) {
  const { derived, store, job } = useJob()
  const edits = useOpenEdits()
  const { finding } = place
  const [counts, setCounts] = useState<Readonly<Record<string, number>>>({})
  const [taped, setTaped] = useState<Finding['extent']>(null)
  const [causedBy, setCausedBy] = useState<CauseId | null>(null)
  const [words, setWords] = useState('')
  const [tonight, setTonight] = useState('')
  const [photoIds, setPhotoIds] = useState<readonly string[]>([])
  const [wrong, setWrong] = useState<string | null>(null)
  const finds = findsBehind(finding, derived)
  const many = Object.values(counts).reduce((sum, count) => sum + count, 0)
  const cents = orders
    ? finds.reduce(
        (sum, { id }) =>
          sum + (agreedPrice(orders.baseline, id, counts[id] ?? 0, foundBefore(place, id)) ?? 0),
        0,
      )
    : null
  const photos = job.photos.filter(({ id }) => photoIds.includes(id))

  async function takePhoto(file: File | null): Promise<void> {
    if (!file) return
    const taken = await store.addPhoto(file, finding.place)
    if ('words' in taken) setWrong(taken.words)
    else setPhotoIds((held) => [...held, taken.id])
  }
  function keep(): void {
    const said = edits.open({
      finding,
      counts,
      taped,
      causedBy,
      words: words.trim(),
      tonight: tonight.trim(),
      photoIds,
    })
    setWrong(said)
    if (said === null && (many === 0 || place.opened)) onDone()
  }
  const row = (find: FindRow) => (
    <Counter
      key={find.id}
      find={find}
      count={counts[find.id] ?? 0}
      orders={orders}
      onCount={(count) => setCounts((held) => ({ ...held, [find.id]: count }))}
    />
  )
  return (
    <form
      className="flex flex-col gap-2 py-2"
      onSubmit={(event) => {
        event.preventDefault()
        keep()
      }}
    >
      <div className="flex flex-wrap items-center gap-2">
        <PhotoButton
          taken={photos.length > 0}
          label="Photo of what is behind"
          onTake={(file) => void takePhoto(file)}
        />
        {photos.map((photo) => (
          <Picture key={photo.id} photo={photo} size="thumbnail" alt="What was found" className="h-11" />
        ))}
      </div>
      <ul aria-label="How many">{finds.slice(0, FIRST).map(row)}</ul>
      <details>
        <summary className="font-head text-[14px] text-chalk-text underline touch:min-h-11">
          Something else behind it
        </summary>
        <ul>{finds.slice(FIRST).map(row)}</ul>
        <p className="py-1 text-[14px] text-quiet">
          Not among these? Note it in Walk as a finding and choose its repair in Scope: it is asked at its own
          price.
        </p>
      </details>
      <SelectField
        label="What had done it"
        value={causedBy ?? ''}
        onChange={(value) => setCausedBy(isCause(value) ? value : null)}
        choices={causeChoices(toldOf(finding, derived), place.opened?.caused_by ?? null)}
      />
      <details>
        <summary className="font-head text-[14px] text-chalk-text underline touch:min-h-11">
          Tape, signs, a word, the night
        </summary>
        <div className="flex flex-col gap-2 pt-1">
          <LengthField
            label="What was seen before, taped now"
            optional
            value={taped?.value ?? null}
            hint={finding.extent ? `said: ${formatLength(finding.extent.value)}` : 'nobody measured it'}
            onChange={(value) =>
              setTaped(value === null ? null : { value, how: 'taped', low: null, high: null })
            }
          />
          <TextAreaField
            label="In a word"
            value={words}
            onChange={(text) => setWords(text.slice(0, 2000))}
            rows={2}
          />
          <TextField
            label="For tonight, if nobody answers"
            value={tonight}
            placeholder="covered with house wrap and a batten"
            onChange={(text) => setTonight(text.slice(0, 200))}
          />
          <SignPicker
            finding={{ ...finding, how_known: 'opened' }}
            set={(fields) => store.set('finding', finding.id, fields)}
          />
        </div>
      </details>
      {wrong ? (
        <Notice tone="wrong" alert>
          {wrong}
        </Notice>
      ) : null}
      <div className="sticky bottom-0 flex items-center gap-3 bg-paper py-2 lg:bg-ground">
        <Button type="submit" look="main" className="grow" disabled={place.opened !== null && many === 0}>
          {many === 0 ? 'Nothing more behind it' : `Keep: ${many} found`}
        </Button>
        {cents !== null && many > 0 ? (
          <span className="font-head text-[19px] font-semibold" role="status">
            {formatCents(cents as Cents)}
          </span>
        ) : null}
      </div>
    </form>
  )
}

/** How many of a find were counted at this place before. */
const foundBefore = ({ opened }: PlaceToOpen, find: string): number =>
  (opened?.found ?? []).reduce((sum, each) => sum + (each.find === find ? each.count : 0), 0)

function Counter(props: {
  find: FindRow
  count: number
  orders: JobOrders | null
  onCount: (count: number) => void
}) {
  const { find, count, orders, onCount } = props
  const name = shortFind(find.id)
  const price = orders?.baseline.finds.find(({ id }) => id === find.id)
  const key =
    'grid size-9 shrink-0 place-items-center border border-ink bg-paper font-head text-[20px] font-semibold disabled:opacity-40 touch:size-12'
  return (
    <li className="flex items-center gap-2 border-b border-rule py-1">
      <span className="min-w-0 grow">
        <span className="block">{name}</span>
        <span className="block text-[13px] text-quiet">
          {find.plain.split(', ').slice(1).join(', ')}
          {price
            ? ` · ${formatCents(price.first_cents)}, further ${formatCents(price.further_cents)}`
            : orders
              ? ' · no price was agreed: asked at its own'
              : ''}
        </span>
      </span>
      <button
        type="button"
        className={key}
        aria-label={`One ${name} less`}
        disabled={count === 0}
        onClick={() => onCount(count - 1)}
      >
        −
      </button>
      <span
        className="w-7 shrink-0 text-center font-head text-[20px] font-semibold"
        role="status"
        aria-label={`${name}: ${count}`}
      >
        {count}
      </span>
      <button
        type="button"
        className={key}
        aria-label={`One more ${name}`}
        onClick={() => onCount(count + 1)}
      >
        +
      </button>
    </li>
  )
}
