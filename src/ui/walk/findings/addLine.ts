import type { JobStore } from '../../../client/jobStore'
import { factAbout, findingFrom, placeInView, type Near, type PlacedLine } from '../../../core/shorthand'
import { freshFinding } from './fresh'

type Added = { ok: true; ids: string[] } | { ok: false; words: string }

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
      : [{ fields: { place: placeInView({ job: store.read().job, near: of.near }) }, facts: [] }]
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
