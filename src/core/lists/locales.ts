/** Languages a crew's sheet is printed in, and an owner's page is read in. What a person typed stays as he typed it. */
export const LOCALES = { en: 'English', es: 'Español' } as const
export type Locale = keyof typeof LOCALES
