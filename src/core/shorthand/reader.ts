import type { ComponentId } from '../job'
import type { Phrase } from './vocabulary'

const COMPILED = new Map<string, RegExp>()
/** Patterns are put together from words; each is compiled once, since a line is read at every key. */
export function patternOf(source: string, flags = ''): RegExp {
  const key = `${flags}/${source}`
  const known = COMPILED.get(key) ?? new RegExp(source, flags)
  COMPILED.set(key, known)
  return known
}

/** The text of a line with what was already understood blanked out, so that nothing is read twice. */
export class Reader {
  text: string
  constructor(readonly raw: string) {
    // One character for one, so that places stay true.
    this.text = raw.toLowerCase().replaceAll(/[’′‘]/g, "'").replaceAll(/[”″“]/g, '"')
  }

  /** The first match of a pattern, blanked out; null when there is none. */
  take(pattern: string | RegExp): RegExpExecArray | null {
    const found = (typeof pattern === 'string' ? patternOf(pattern) : pattern).exec(this.text)
    if (found) this.blank(found.index, found[0].length)
    return found
  }

  blank(from: number, size: number): void {
    this.text = this.text.slice(0, from) + ' '.repeat(size) + this.text.slice(from + size)
  }

  /** The first phrase of a list that is said, as a whole word. */
  phrase<T>(
    phrases: readonly Phrase<T>[],
  ): { readonly means: T; readonly at: number; readonly on: ComponentId | null } | null {
    for (const [pattern, means, on = null] of phrases) {
      const found = this.take(`(?<![\\w'-])(?:${pattern})(?:'s)?(?![\\w-])`)
      if (found) return { means, at: found.index, on }
    }
    return null
  }
}
