import { LOCALES, type Locale } from '../../core/lists/locales'

const isLocale = (word: string): word is Locale => Object.hasOwn(LOCALES, word)

/**
 * The language an owner's page is read in: the one asked for by its link, else the first of the browser's that we have.
 *
 * @param asked the word `lang` of the address
 * @param accepts what the browser says it reads, as in `es-MX,es;q=0.9,en;q=0.8`
 *
 * @example
 * ownerLocale(undefined, 'es-MX,es;q=0.9,en;q=0.8') // => 'es'
 * ownerLocale('en', 'es-MX') // => 'en'
 * ownerLocale('xx', null) // => 'en'
 */
export function ownerLocale(asked: string | undefined, accepts: string | null): Locale {
  if (asked !== undefined && isLocale(asked)) return asked
  const read = (accepts ?? '')
    .split(',')
    .map((each) => {
      const [tag = '', weight = ''] = each.trim().split(';q=')
      return { word: tag.split('-')[0]!.toLowerCase(), weight: weight === '' ? 1 : Number(weight) }
    })
    .filter(({ weight }) => weight > 0)
    .toSorted((a, b) => b.weight - a.weight)
    .map(({ word }) => word)
  return read.find(isLocale) ?? 'en'
}
