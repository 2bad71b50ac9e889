import type { LearntWord } from '../core/shorthand'
import { call, postJson } from './api'
import { local } from './localDatabase'

const KEPT = 'words'
const UNSENT = 'words-unsent'

async function kept(key: string): Promise<LearntWord[]> {
  const row = await local()
    .notes.get(key)
    .catch(() => undefined)
  return (row?.value as LearntWord[] | undefined) ?? []
}

async function keep(key: string, words: readonly LearntWord[]): Promise<void> {
  await local()
    .notes.put({ key, value: words })
    .catch(() => undefined)
}

/** The firm's words as they are on this device, without asking anybody: for the first finding, which waits for nothing. */
export function keptWords(): Promise<LearntWord[]> {
  return kept(KEPT)
}

function withWord(words: readonly LearntWord[], word: LearntWord): LearntWord[] {
  return [...words.filter((each) => each.phrase !== word.phrase), word]
}

/** The firm's words: from this device at once where there is no signal. Words taught without one are sent first. */
export async function loadWords(): Promise<LearntWord[]> {
  let unsent = await kept(UNSENT)
  for (const word of unsent) {
    const sent = await postJson('/api/words', word)
    if (!sent.ok && sent.failure.kind === 'no-signal') break
    unsent = unsent.filter((each) => each !== word)
  }
  await keep(UNSENT, unsent)
  const answer = await call<LearntWord[]>('/api/words')
  const words = unsent.reduce(withWord, answer.ok ? answer.value : await kept(KEPT))
  await keep(KEPT, words)
  return words
}

/** Teaches a word to the firm, now or when there is a signal. */
export async function teach(words: readonly LearntWord[], word: LearntWord): Promise<LearntWord[]> {
  const more = withWord(words, word)
  await keep(KEPT, more)
  const sent = await postJson('/api/words', word)
  if (!sent.ok) await keep(UNSENT, withWord(await kept(UNSENT), word))
  return more
}
