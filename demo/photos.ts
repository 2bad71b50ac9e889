import sharp from 'sharp'
import type { JobDocument } from '../src/core/job'
import { feet, inches } from '../src/core/measure'

export type Damage = 'sill' | 'fascia' | 'ledger' | 'corner' | 'mended'

/** A drawn picture of a made-up thing: a window corner with soft wood. No place, no person. */
export function drawnPhoto(of: { caption: string; tint: string; damage: Damage }): Promise<Buffer> {
  const courses = Array.from(
    { length: 12 },
    (_, i) => `<rect x="0" y="${i * 52}" width="800" height="50" fill="${of.tint}" stroke="#b99a6b"/>`,
  )
  const soft = {
    sill: '<rect x="120" y="410" width="560" height="46" fill="#f4efe4" stroke="#555"/><path d="M150 456 q40 -34 90 -10 t110 6 l0 4 z" fill="#5a3a22"/>',
    fascia:
      '<rect x="0" y="120" width="800" height="90" fill="#efe9db" stroke="#555"/><path d="M60 210 q120 -70 260 -20 t240 20 z" fill="#5a3a22"/>',
    ledger:
      '<rect x="0" y="300" width="800" height="110" fill="#8a7b63" stroke="#333"/><rect x="0" y="290" width="800" height="12" fill="#222"/><circle cx="160" cy="350" r="6" fill="#333"/><circle cx="480" cy="350" r="6" fill="#333"/>',
    corner:
      '<rect x="600" y="0" width="90" height="600" fill="#f4efe4" stroke="#555"/><path d="M600 470 q40 -50 90 -10 l0 140 l-90 0 z" fill="#5a3a22"/>',
    // What was soft is whole: a new board with its joints and its paint.
    mended:
      '<rect x="120" y="300" width="560" height="60" fill="#fbf9f3" stroke="#555"/><path d="M300 300 v60 M520 300 v60" stroke="#999"/>',
  }[of.damage]
  const svg = `<svg xmlns="http://www.w3.org/2000/svg" width="800" height="600"><rect width="800" height="600" fill="#ddd"/>${courses.join('')}${soft}<text x="20" y="585" font-family="sans-serif" font-size="22" fill="#17232b">drawn for the demo: ${of.caption}</text></svg>`
  return sharp(Buffer.from(svg)).jpeg({ quality: 80 }).toBuffer()
}

/** How the drawn front is laid out: half an inch to a pixel, its left corner and the ground at these pixels. */
const FRONT = { width_px: 1200, height_px: 800, left_px: 96, ground_px: 720, in_per_px: 0.5 } as const

/** The front of Alder House as a camera square on would see it: made by us, at a known scale, so that it can be a canvas. */
export function drawnFront(): Promise<Buffer> {
  const x = (ft: number): number => FRONT.left_px + (ft * 12) / FRONT.in_per_px
  const y = (up_in: number): number => FRONT.ground_px - up_in / FRONT.in_per_px
  const rect = (left: number, bottom_in: number, wide_in: number, high_in: number, fill: string): string =>
    `<rect x="${x(left)}" y="${y(bottom_in + high_in)}" width="${wide_in / FRONT.in_per_px}" height="${high_in / FRONT.in_per_px}" fill="${fill}" stroke="#5c5142"/>`
  const opening = (left: number, bottom_in: number): string =>
    rect(left - 5.5 / 12, bottom_in - 3, 53, 68.5, '#f7f3e8') + rect(left, bottom_in, 42, 60, '#9fb7c0')
  const lower = [4, 11, 27.5, 34.5].map((ft) => opening(ft, 62)).join('')
  const upper = [4, 11, 19.75, 28, 34.5].map((ft) => opening(ft, 170)).join('')
  const courses = Array.from({ length: 28 }, (_, n) => {
    const at = y(20 + n * 8)
    return `<line x1="${x(0)}" x2="${x(42)}" y1="${at}" y2="${at}" stroke="#c8ab7d"/>`
  }).join('')
  const svg = `<svg xmlns="http://www.w3.org/2000/svg" width="${FRONT.width_px}" height="${FRONT.height_px}">
    <rect width="1200" height="800" fill="#cfdbe0"/><rect y="${FRONT.ground_px}" width="1200" height="80" fill="#9aa88c"/>
    ${rect(0, 20, 504, 228, '#e6cfa4')}${courses}${rect(0, 0, 504, 20, '#aab2b2')}${rect(-1, 240, 528, 8, '#f7f3e8')}
    ${lower}${upper}${rect(20 - 5.5 / 12, 32, 47, 85.5, '#f7f3e8')}${rect(20, 32, 36, 80, '#6f8177')}
    <path d="M${x(34)} ${y(60)} q60 -26 104 -6 l0 12 l-104 0 z" fill="#5a3a22"/>
    <text x="20" y="785" font-family="sans-serif" font-size="20" fill="#17232b">drawn for the demo: the front, square on</text></svg>`
  return sharp(Buffer.from(svg)).jpeg({ quality: 82 }).toBuffer()
}

const share = (ft: number, up_in: number): { x: number; y: number } => ({
  x: (FRONT.left_px + (ft * 12) / FRONT.in_per_px) / FRONT.width_px,
  y: (FRONT.ground_px - up_in / FRONT.in_per_px) / FRONT.height_px,
})

/** Its scale from the door, which is 80 in high and stands at 20 ft, and what was drawn over it. */
export const FRONT_CANVAS: Pick<JobDocument['photos'][number], 'place' | 'canvas' | 'marks'> = {
  place: {
    kind: 'side',
    side_id: 'side-a',
    station: feet(20),
    height: { value: inches(32), from: 'grade' },
    feature_id: null,
  },
  canvas: {
    side_id: 'side-a',
    from: share(20, 32),
    to: share(20, 112),
    length: inches(80),
    anchor: { at: share(20, 32), station: feet(20), height: inches(32) },
  },
  marks: [
    { kind: 'arrow', from: share(39.5, 92), to: share(38.2, 66) },
    { kind: 'ring', at: share(34.4, 124), radius: 0.03 },
    { kind: 'length', from: share(34, 54), to: share(38.3, 54), length: null },
    { kind: 'text', at: share(22, 20), text: 'soft under A5' },
  ],
}
