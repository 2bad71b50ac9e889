/** In JSON text: a NUL, or half of a surrogate pair, behind an even number of backslashes. */
const UNSTORABLE = /(?<!\\)(?:\\\\)*\\u(?:0000|d[89a-f][0-9a-f]{2})/

/**
 * Whether every text in a value can be kept: a NUL character or half of a surrogate pair is in no writing, and PostgreSQL's
 * JSON refuses both.
 *
 * @example
 * isStorable({ words: 'soft' }) // => true
 * isStorable({ words: 'soft' + String.fromCharCode(0) }) // => false
 */
export function isStorable(value: unknown): boolean {
  return !UNSTORABLE.test(JSON.stringify([value]))
}
