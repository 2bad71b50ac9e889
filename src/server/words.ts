import 'server-only'
import { isKnownWord, LearntWord } from '../core/shorthand'
import { dropWord, listWords, saveWord } from '../db/queries/words'
import { withTx } from '../db/tx'
import { context } from './context'
import { mustBeAllowed, type Member } from './http'
import { Refused } from './problem'

/** The words this firm taught. One whose meaning is no longer known here is left out, not handed on. */
export async function readWords(member: Member): Promise<LearntWord[]> {
  const { pool } = await context()
  const rows = await withTx(pool, member.companyId, listWords)
  return rows.flatMap(({ phrase, means }) => {
    const word = LearntWord.safeParse({ phrase, means })
    return word.success && isKnownWord(word.data) ? [word.data] : []
  })
}

export async function teachWord(member: Member, word: LearntWord): Promise<void> {
  mustBeAllowed(member, 'teach-words', 'Teaching the firm a word')
  if (!isKnownWord(word)) {
    throw new Refused({
      kind: 'malformed',
      issues: [{ path: 'means.sign', message: 'There is no sign of that name. Choose one from the list.' }],
    })
  }
  const { pool } = await context()
  await withTx(pool, member.companyId, (tx) =>
    saveWord(tx, { phrase: word.phrase.toLowerCase(), means: word.means, by: member.name }),
  )
}

export async function forgetWord(member: Member, phrase: string): Promise<void> {
  mustBeAllowed(member, 'forget-words', 'Having a word forgotten')
  const { pool } = await context()
  await withTx(pool, member.companyId, (tx) => dropWord(tx, phrase.toLowerCase()))
}
