import type { JobDocument, ResponseAnswer, ResponseItem } from '../job'
import { RESPONSE_ANSWERS } from '../job'

/** A numbered item as it stands on somebody's list. */
export type ListedItem = { readonly number: string; readonly words: string }

/** What a pasted list came to: its items, and the lines before the first of them, which name it. */
export type ReadList = { readonly heading: string; readonly items: readonly ListedItem[] }

/** `7.`, `12a)`, `3.2 -`, `Item 4:`, `#5`: a number, then what parts it from the words. */
const NUMBERED =
  /^\s*(?:(?:item|no\.?|nr\.?)\s*)?#?\s*(\d{1,4}(?:\.\d{1,3})*[a-z]?)(?:\s*[.):\]–—-]+\s*|\s{1,}|\t)(\S.*)$/i
const LONGEST_WORDS = 4000

const clipped = (words: string): string => words.slice(0, LONGEST_WORDS)

/**
 * Items of a pasted list. A line that begins with a number begins an item, the lines under it go on with it; without a single
 * number every line is an item and is numbered here.
 *
 * Ends: nothing is dropped: lines before the first number come back as the heading.
 *
 * @example
 * itemsFromText('1. Gutter loose\n2) Sill soft\n   at the back').items.length // => 2
 */
export function itemsFromText(text: string): ReadList {
  const lines = text.split(/\r?\n/).map((line) => line.trimEnd())
  const heading: string[] = []
  const items: { number: string; words: string }[] = []
  for (const line of lines) {
    if (line.trim() === '') continue
    const found = NUMBERED.exec(line)
    const last = items.at(-1)
    if (found) items.push({ number: found[1]!, words: found[2]!.trim() })
    else if (last) last.words = `${last.words} ${line.trim()}`
    else heading.push(line.trim())
  }
  if (items.length === 0) {
    return {
      heading: '',
      items: heading.map((words, index) => ({ number: String(index + 1), words: clipped(words) })),
    }
  }
  return { heading: heading.join(' '), items: items.map((item) => ({ ...item, words: clipped(item.words) })) }
}

const NUMBER_HEAD = /^(no\.?|nr\.?|#|item|number|item (no\.?|number)|ref\.?)$/i
const WORDS_HEAD =
  /^(description|item description|defect|finding|request|repair|text|words|what|comment|issue)s?$/i

/**
 * Items of a table, as a CSV reader gives it. A head row is found by its names; without one the first column is the number and
 * the rest the words. Columns that are neither are kept after the words, so that nothing on the list is lost.
 */
export function itemsFromRows(rows: readonly (readonly string[])[]): ReadList {
  const filled = rows.filter((row) => row.some((cell) => cell.trim() !== ''))
  const head = filled[0]?.map((cell) => cell.trim()) ?? []
  const numberAt = head.findIndex((cell) => NUMBER_HEAD.test(cell))
  const wordsAt = head.findIndex((cell) => WORDS_HEAD.test(cell))
  const hasHead = numberAt >= 0 || wordsAt >= 0
  const at = { number: hasHead ? numberAt : 0, words: hasHead ? wordsAt : 1 }
  const body = hasHead ? filled.slice(1) : filled
  return {
    heading: '',
    items: body.map((row, index) => {
      const number = at.number >= 0 ? (row[at.number]?.trim() ?? '') : ''
      const main = at.words >= 0 ? (row[at.words]?.trim() ?? '') : ''
      const rest = row.flatMap((cell, column) => {
        if (column === at.number || column === at.words || cell.trim() === '') return []
        return [hasHead && head[column] ? `${head[column]}: ${cell.trim()}` : cell.trim()]
      })
      return {
        number: (number || String(index + 1)).slice(0, 200),
        words: clipped([main, ...rest].filter(Boolean).join('; ')),
      }
    }),
  }
}

/** What an answer must say to be worth something to who reads it; null when it says it. */
export function answerLacks(item: ResponseItem): string | null {
  const how = item.how.trim() !== ''
  switch (item.answer) {
    case null:
      return 'No answer yet.'
    case 'do-it':
      return item.finding_ids.length > 0 || how ? null : 'Name the finding, or say what is done.'
    case 'no-defect':
      return how ? null : 'Say how it was looked at, by whom and when.'
    case 'not-found':
      return how ? null : 'Say where it was looked for.'
    case 'not-reachable':
      return how ? null : 'Say what would make it reachable.'
    case 'needs-opening':
      return how ? null : 'Say what has to be opened.'
    case 'refer':
      return how ? null : 'Say which licensed trade.'
    case 'done-by-others':
      return item.receipt_seen === null ? 'Say whether the receipt was seen.' : null
    case 'declined':
      return how ? null : 'Say why it is declined.'
  }
}

export type ListState = {
  readonly open: readonly ResponseItem[]
  readonly lacking: readonly { readonly item: ResponseItem; readonly lacks: string }[]
  /** Whole days to the due date, negative when it is past; null without one. */
  readonly days_left: number | null
}

function daysBetween(from: string, to: string): number {
  return Math.round((Date.parse(`${to}T00:00:00Z`) - Date.parse(`${from}T00:00:00Z`)) / 86_400_000)
}

/** How far a response list is answered: nothing on it can be forgotten. */
export function listState(job: JobDocument, today: string): ListState {
  const lacking = job.response_items.flatMap((item) => {
    const lacks = answerLacks(item)
    return lacks === null ? [] : [{ item, lacks }]
  })
  const due = job.response_list?.due_on ?? null
  return {
    open: job.response_items.filter((item) => item.answer === null),
    lacking,
    days_left: due === null ? null : daysBetween(today, due),
  }
}

/** The answer to an item, with who says so and how. */
export function responseAnswer(item: ResponseItem): string {
  const answer = item.answer === null ? 'not answered yet' : RESPONSE_ANSWERS[item.answer]
  const receipt =
    item.answer === 'done-by-others' ? (item.receipt_seen ? ', receipt seen' : ', receipt not seen') : ''
  return `${answer}${receipt}${item.how ? ` — ${item.how}` : ''}`
}

/** An item and its answer as one sentence, under the list's own number. */
export function answerWords(item: ResponseItem): string {
  return `${item.number}. ${item.words.replace(/\.$/, '')}: ${responseAnswer(item)}`
}

/** Answers in the order they are offered. */
export const ANSWER_IDS = Object.keys(RESPONSE_ANSWERS) as ResponseAnswer[]
