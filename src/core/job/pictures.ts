import * as z from 'zod'
import { HeightValue, Id, Instant, LengthValue, Place, Sha256, ShortWords } from './values'

/** A point of a picture as shares of its width and height, from its upper left. */
export const PicturePoint = z.strictObject({ x: z.number().min(0).max(1), y: z.number().min(0).max(1) })
export type PicturePoint = z.infer<typeof PicturePoint>

/** Drawn over a picture, never into it: the original stays. */
export const PictureMark = z.discriminatedUnion('kind', [
  z.strictObject({ kind: z.literal('arrow'), from: PicturePoint, to: PicturePoint }),
  z.strictObject({ kind: z.literal('ring'), at: PicturePoint, radius: z.number().gt(0).max(1) }),
  z.strictObject({ kind: z.literal('text'), at: PicturePoint, text: ShortWords }),
  /** Null: reckoned from the picture's scale. */
  z.strictObject({
    kind: z.literal('length'),
    from: PicturePoint,
    to: PicturePoint,
    length: LengthValue.nullable(),
  }),
])
export type PictureMark = z.infer<typeof PictureMark>

/** A picture of a side taken square on, with its scale: two points a known length apart, and one point of the wall. */
export const PictureCanvas = z.strictObject({
  side_id: Id,
  from: PicturePoint,
  to: PicturePoint,
  length: LengthValue,
  /** Where one point of the picture lies on the wall. */
  anchor: z.strictObject({ at: PicturePoint, station: LengthValue, height: HeightValue }),
})
export type PictureCanvas = z.infer<typeof PictureCanvas>

export const Photo = z.strictObject({
  id: Id,
  removed: z.boolean(),
  sha256: Sha256,
  media_type: z.enum(['image/jpeg', 'image/png', 'image/webp']),
  bytes: z.int().min(1).max(26_214_400),
  width_px: z.int().min(1),
  height_px: z.int().min(1),
  taken_at: Instant.nullable(),
  caption: ShortWords,
  place: Place,
  /** Place among the pictures; equal ones stand as they were taken. */
  order: z.int().min(0).max(100_000),
  canvas: PictureCanvas.nullable(),
  marks: z.array(PictureMark).max(40),
})

/** A voice note or a short film. */
export const Clip = z.strictObject({
  id: Id,
  removed: z.boolean(),
  sha256: Sha256,
  media_type: z.enum([
    'audio/webm',
    'audio/ogg',
    'audio/mp4',
    'audio/mpeg',
    'audio/wav',
    'video/webm',
    'video/mp4',
  ]),
  bytes: z.int().min(1).max(26_214_400),
  recorded_at: Instant.nullable(),
  caption: ShortWords,
})
