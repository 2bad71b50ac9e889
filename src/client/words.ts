import { TeachWordRequest } from '../core/contract'
import * as z from 'zod'
import { LearntWord } from '../core/shorthand/word'
import { call, postJson } from './api'
import { memberHere } from './member'

const KEPT = 'words'
const UNSENT = 'words-unsent'
const Words = z.array(LearntWord)

async function kept(key: string): Promise<LearntWord[]> {
  const value = await memberHere()
    ?.copies.findNote(key)
    .catch(() => undefined)
  const words = Words.safeParse(value)
  return words.success ? words.data : []
}

async function keep(key: string, words: readonly LearntWord[]): Promise<void> {
  await memberHere()
    ?.copies.keepNote(key, words)
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
    const sent = await postJson('/api/words', { asks: TeachWordRequest, answers: LearntWord }, word)
    if (!sent.ok && sent.failure.kind !== 'refused') break
    unsent = unsent.filter((each) => each !== word)
  }
  await keep(UNSENT, unsent)
  const answer = await call('/api/words', Words)
  const words = unsent.reduce(withWord, answer.ok ? answer.value : await kept(KEPT))
  await keep(KEPT, words)
  return words
}

/** Teaches a word to the firm, now or when there is a signal. */
export async function teach(words: readonly LearntWord[], word: LearntWord): Promise<LearntWord[]> {
  const more = withWord(words, word)
  await keep(KEPT, more)
  const sent = await postJson('/api/words', { asks: TeachWordRequest, answers: LearntWord }, word)
  if (!sent.ok && sent.failure.kind !== 'refused') await keep(UNSENT, withWord(await kept(UNSENT), word))
  return more
}
