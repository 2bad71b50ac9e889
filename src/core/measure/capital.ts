/**
 * Words as a sentence begins.
 *
 * @example
 * capital('crawl space: open') // => 'Crawl space: open'
 */
export function capital(words: string): string {
  return `${words.charAt(0).toUpperCase()}${words.slice(1)}`
}
