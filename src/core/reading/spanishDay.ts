const MONTHS = [
  ['January', 'enero'],
  ['February', 'febrero'],
  ['March', 'marzo'],
  ['April', 'abril'],
  ['May', 'mayo'],
  ['June', 'junio'],
  ['July', 'julio'],
  ['August', 'agosto'],
  ['September', 'septiembre'],
  ['October', 'octubre'],
  ['November', 'noviembre'],
  ['December', 'diciembre'],
] as const
const MONTH = new Map<string, string>(MONTHS)
const DAY = /^([A-Z][a-z]+) (\d{1,2}), (\d{4})$/

/**
 * A day as it is printed, in Spanish; null: it is none.
 *
 * @example
 * spanishDay('May 4, 2026') // => '4 de mayo de 2026'
 * spanishDay('front A') // => null
 */
export function spanishDay(english: string): string | null {
  const [, month = '', day, year] = DAY.exec(english) ?? []
  const name = MONTH.get(month)
  return name ? `${day!} de ${name} de ${year!}` : null
}
