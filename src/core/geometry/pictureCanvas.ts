import type { PictureCanvas, PicturePoint, Place, Side } from '../job'
import type { Length } from '../measure'
import { groundAt } from './heights'

/** Pixels of a picture: points are shares of its width and height, so its shape matters. */
export type PictureSize = { readonly width_px: number; readonly height_px: number }

/**
 * Wall length to a picture pixel, from two taps on a known length.
 *
 * Ends: null when both taps fell on one point.
 * Judgement: the picture is taken square on; towards its edges and on other planes the scale drifts, so lengths from it are
 * *scaled*, never taped.
 */
export function picturePerPixel(canvas: PictureCanvas, size: PictureSize): number | null {
  const long = pixelsBetween(canvas.from, canvas.to, size)
  return long < 1 ? null : canvas.length / long
}

function pixelsBetween(a: PicturePoint, b: PicturePoint, size: PictureSize): number {
  return Math.hypot((b.x - a.x) * size.width_px, (b.y - a.y) * size.height_px)
}

/** Length between two points of a picture, or null without a usable scale. */
export function scaledLength(
  a: PicturePoint,
  b: PicturePoint,
  canvas: PictureCanvas,
  size: PictureSize,
): Length | null {
  const per = picturePerPixel(canvas, size)
  return per === null ? null : (Math.round(pixelsBetween(a, b, size) * per) as Length)
}

/** Where a point of the picture lies on its wall: station and height above the house's zero, whole 64ths. */
export function onWall(
  point: PicturePoint,
  canvas: PictureCanvas,
  size: PictureSize,
): { readonly station: Length; readonly height: Length } | null {
  const per = picturePerPixel(canvas, size)
  if (per === null) return null
  const { anchor } = canvas
  return {
    station: Math.round(anchor.station + (point.x - anchor.at.x) * size.width_px * per) as Length,
    height: Math.round(anchor.height - (point.y - anchor.at.y) * size.height_px * per) as Length,
  }
}

/** Where a place on the wall lies in the picture; it may lie outside it. */
export function onPicture(
  at: { readonly station: number; readonly height: number },
  canvas: PictureCanvas,
  size: PictureSize,
): { readonly x: number; readonly y: number } | null {
  const per = picturePerPixel(canvas, size)
  if (per === null) return null
  const { anchor } = canvas
  return {
    x: anchor.at.x + (at.station - anchor.station) / (size.width_px * per),
    y: anchor.at.y - (at.height - anchor.height) / (size.height_px * per),
  }
}

/** The place of a finding that was tapped on a picture, kept on the wall and measured from the ground there. */
export function placeOnPicture(
  point: PicturePoint,
  canvas: PictureCanvas,
  size: PictureSize,
  side: Side,
): Extract<Place, { kind: 'side' }> | null {
  const at = onWall(point, canvas, size)
  if (!at) return null
  const station = Math.max(0, side.length === null ? at.station : Math.min(at.station, side.length)) as Length
  return {
    kind: 'side',
    side_id: side.id,
    station,
    height: { value: (at.height - groundAt(side, station)) as Length, from: 'grade' },
    feature_id: null,
  }
}
