/**
 * A sign a person can see, touch, meter or open for. `says` is for the person who records it.
 *
 * `found`: E eye, T touch or probe, M meter, L level or plumb, O opened.
 * `about`: the *detail* at the place a source would sit (counted once for that source, however many findings name it), the shape
 * of the *damage* at one finding, or the *house* as a whole.
 */
export type Sign = {
  /** Only who lives there can know it: told, it weighs like what was seen from the ground. */
  readonly heard?: true
  readonly says: string
  readonly found: 'E' | 'T' | 'M' | 'L' | 'O'
  readonly about: 'detail' | 'damage' | 'house'
}

export const detail = (found: Sign['found'], says: string): Sign => ({ found, about: 'detail', says })
export const damage = (found: Sign['found'], says: string): Sign => ({ found, about: 'damage', says })
export const house = (found: Sign['found'], says: string): Sign => ({ found, about: 'house', says })

export const heard = (sign: Sign): Sign => ({ ...sign, heard: true })
