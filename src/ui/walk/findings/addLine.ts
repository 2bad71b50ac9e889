import type { JobStore } from '../../../client/jobStore'
import type { JobDocument, Place } from '../../../core/job'
import {
  factAbout,
  findingFrom,
  placeLine,
  parseLine,
  type LearntWord,
  type Near,
  type PlacedLine,
} from '../../../core/shorthand'
import { freshFinding } from './fresh'

/** What a line means on this house; each of its findings is placed with the one before it in mind. */
export function readLine(
  line: string,
  of: { words: readonly LearntWord[]; job: JobDocument; near: Near },
): PlacedLine[] {
  let before = of.near
  return parseLine(line, of.words).flatMap((said) => {
    const placed = placeLine(said, of.job, before)
    const last = placed.at(-1)
    if (last && last.ask === null)
      before = {
        ...before,
        last: { place: last.place, component: last.said.part, stated_grade: last.said.grade },
      }
    return placed
  })
}

type Added = { ok: true; ids: string[] } | { ok: false; words: string }

/** Where a finding is put of which nothing was said: the wall one stands before, somewhere along it. */
export function placeInView(store: JobStore, near: Near): Place {
  return placeLine(parseLine('soft')[0]!, store.read().job, near)[0]!.place
}

/**
 * Puts what a line says into the job: a finding for each, with its readings and holds as facts. A photo or a voice note without a word
 * is a finding too, on the side in view.
 *
 * @returns the ids of the new findings, or why one was not taken.
 */
export async function addFindings(
  store: JobStore,
  of: { found: readonly PlacedLine[]; near: Near; photo: File | null; clip: Blob | null },
): Promise<Added> {
  const photo = of.photo ? await store.addPhoto(of.photo) : null
  if (photo && 'words' in photo) return { ok: false, words: photo.words }
  const clip = of.clip ? await store.addClip(of.clip) : null
  if (clip && 'words' in clip) return { ok: false, words: clip.words }
  const { member } = store.read()
  const made =
    of.found.length > 0
      ? of.found.map((each) => findingFrom(each))
      : [{ fields: { place: placeInView(store, of.near) }, facts: [] }]
  const ids: string[] = []
  for (const { fields, facts } of made) {
    const isFirst = ids.length === 0
    const fresh = freshFinding({
      place: fields.place,
      by: member.name,
      photoIds: photo && isFirst ? [photo.id] : [],
    })
    const finding = { ...fresh, ...fields, clip_ids: clip && isFirst ? [clip.id] : [] }
    const refused = store.create('finding', finding)
    if (refused) return { ok: false, words: refused }
    for (const fact of facts) store.addFact(factAbout(fact, fresh.id))
    ids.push(fresh.id)
  }
  return { ok: true, ids }
}
