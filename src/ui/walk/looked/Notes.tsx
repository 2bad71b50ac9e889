'use client'

import { useState } from 'react'
import { byId, factsOf, type JobDocument, type NoteAbout } from '../../../core/job'
import { Button, Notice, TextAreaField } from '../../look'
import { Dialog } from '../../look/Dialog'
import { PhotoButton } from '../../look/PhotoButton'
import { Picture } from '../../job/Picture'
import { useJob } from '../../state/useJob'
import { ClipButton } from '../findings/ClipButton'

type About = NoteAbout
type Note = ReturnType<typeof factsOf<'note'>>[number]

const notesOn = (job: JobDocument, about: About): Note[] =>
  factsOf(job, 'note').filter((note) => JSON.stringify(note.about) === JSON.stringify(about))

/** One note: who, when, what, and its pictures and voice. */
function NoteRow({ note }: { note: Note }) {
  const { store, job } = useJob()
  const photos = note.photo_ids.flatMap((id) => byId(job.photos, id) ?? [])
  const clips = note.clip_ids.flatMap((id) => byId(job.clips, id) ?? [])
  return (
    <li className="border-b border-rule py-2">
      <p className="whitespace-pre-wrap">{note.words}</p>
      {photos.length > 0 ? (
        <div className="flex flex-wrap gap-2 py-1">
          {photos.map((photo) => (
            <Picture
              key={photo.id}
              photo={photo}
              size="thumbnail"
              alt={note.words || 'Picture of a note'}
              className="h-24 w-32 object-cover"
            />
          ))}
        </div>
      ) : null}
      {clips.map((clip) =>
        clip.media_type.startsWith('audio') ? (
          <audio key={clip.id} controls aria-label="Voice note" src={store.pictures.clipUrlOf(clip.sha256)} />
        ) : (
          <video
            key={clip.id}
            controls
            aria-label="Clip"
            className="max-h-48"
            src={store.pictures.clipUrlOf(clip.sha256)}
          />
        ),
      )}
      <div className="flex items-center gap-3 text-[14px] text-quiet">
        <span className="grow">
          {note.by}, <time dateTime={note.at}>{new Date(note.at).toLocaleString()}</time>
        </span>
        <Button
          look="quiet"
          aria-label={`Take back: ${note.words || 'the note'}`}
          onClick={() =>
            store.addFact({
              kind: 'retraction',
              fact_id: note.id,
              reason: 'taken back by who wrote on the job',
            })
          }
        >
          take back
        </Button>
      </div>
    </li>
  )
}

/**
 * Free notes on anything, in words, pictures and voice: for the firm alone. A note is a fact: signed, dated, taken back, never changed.
 *
 * @param name what they are on, as it is called on site
 */
export function Notes({ about, name }: { about: About; name: string }) {
  const { store, job } = useJob()
  const [open, setOpen] = useState(false)
  const [words, setWords] = useState('')
  const [photoIds, setPhotoIds] = useState<readonly string[]>([])
  const [clipIds, setClipIds] = useState<readonly string[]>([])
  const [wrong, setWrong] = useState<string | null>(null)
  const notes = notesOn(job, about)
  const isEmpty = words.trim() === '' && photoIds.length + clipIds.length === 0
  async function takePhoto(file: File): Promise<void> {
    const taken = await store.addPhoto(file)
    if ('words' in taken) setWrong(taken.words)
    else setPhotoIds((before) => [...before, taken.id])
  }
  async function takeClip(file: Blob): Promise<void> {
    const taken = await store.addClip(file)
    if ('words' in taken) setWrong(taken.words)
    else setClipIds((before) => [...before, taken.id])
  }
  function keep(): void {
    const refused = store.addFact({
      kind: 'note',
      about,
      words: words.trim(),
      photo_ids: [...photoIds],
      clip_ids: [...clipIds],
    })
    setWrong(refused)
    if (refused) return
    setWords('')
    setPhotoIds([])
    setClipIds([])
  }
  return (
    <>
      <Button look="quiet" aria-label={`Notes on ${name}, ${notes.length}`} onClick={() => setOpen(true)}>
        Notes{notes.length > 0 ? ` (${notes.length})` : ''}
      </Button>
      {open ? (
        <Dialog open onClose={() => setOpen(false)} title={`Notes on ${name}`}>
          <p className="text-[14px] text-quiet">For the firm alone: no bid prints them.</p>
          <ul>
            {notes.map((note) => (
              <NoteRow key={note.id} note={note} />
            ))}
          </ul>
          <form
            className="flex flex-col gap-3 pt-3"
            onSubmit={(event) => {
              event.preventDefault()
              if (!isEmpty) keep()
            }}
          >
            <TextAreaField label="A note" rows={3} value={words} onChange={setWords} />
            <div className="flex flex-wrap items-center gap-2">
              <PhotoButton
                taken={false}
                label={photoIds.length > 0 ? `Photo (${photoIds.length})` : 'Photo to the note'}
                onTake={(file) => (file ? void takePhoto(file) : undefined)}
              />
              <ClipButton onTake={(clip) => void takeClip(clip)} />
              {clipIds.length > 0 ? <span className="font-head">{clipIds.length} recorded</span> : null}
            </div>
            {wrong ? (
              <Notice tone="wrong" alert>
                {wrong}
              </Notice>
            ) : null}
            <div className="flex justify-end gap-2">
              <Button onClick={() => setOpen(false)}>Done</Button>
              <Button type="submit" look="main" disabled={isEmpty}>
                Write it down
              </Button>
            </div>
          </form>
        </Dialog>
      ) : null}
    </>
  )
}
