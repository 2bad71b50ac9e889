import { casingOf, featureBox } from '../geometry'
import type { Feature, JobDocument } from '../job'
import { feet, inches } from '../measure'
import { box, hatch, polygon, strokes, type Point, type Shape } from './drawing'

type Corners = { left: number; right: number; bottom: number; top: number }

/** A window's sash lines: its frame, the meeting rail, and the sill that stands proud. */
function drawWindow(at: Corners, casing: number): Shape[] {
  const sash = inches(2)
  const middle = (at.bottom + at.top) / 2
  const { left, right } = at
  return [
    polygon('glass', box(left + sash, at.bottom + sash, right - sash, at.top - sash)),
    polygon('trim', box(left + sash, middle - sash / 2, right - sash, middle + sash / 2)),
    polygon('trim', box(left - casing - sash, at.bottom - inches(3), right + casing + sash, at.bottom)),
  ]
}

function drawPosts(at: Corners, spacing: number, top: number): Shape[] {
  const spans = Math.max(1, Math.round((at.right - at.left) / spacing))
  const half = inches(2)
  return Array.from({ length: spans + 1 }, (_, index) => {
    const x = at.left + ((at.right - at.left) * index) / spans
    return polygon('deck', box(x - half, at.bottom, x + half, top))
  })
}

/** A roof of its own seen from outside: its slope, and its edge. */
function drawSmallRoof(at: Corners, rise: number): Shape[] {
  const over = inches(8)
  return [
    polygon('roof', [
      [at.left - over, at.top - rise],
      [at.right + over, at.top - rise],
      [at.right - over, at.top],
      [at.left + over, at.top],
    ]),
    polygon('trim', box(at.left - over, at.top - rise - inches(4), at.right + over, at.top - rise)),
  ]
}

/** What lies at the foot of a wall, by what it is. */
const GROUND_INK = {
  walk: 'foundation',
  patio: 'foundation',
  drive: 'foundation',
  soil: 'deck',
  mulch: 'deck',
  planter: 'deck',
} as const

/** A feature as seen from outside, at true size. */
export function drawFeature(feature: Feature, job: JobDocument, x: number): Shape[] {
  const own = featureBox(feature, job)
  const at: Corners = { left: x + own.left, right: x + own.right, bottom: own.bottom, top: own.top }
  const whole = box(at.left, at.bottom, at.right, at.top)
  switch (feature.kind) {
    case 'window':
    case 'door': {
      const casing = casingOf(feature)
      const frame = polygon('trim', box(at.left - casing, at.bottom, at.right + casing, at.top + casing))
      return feature.kind === 'door' ? [frame, polygon('door', whole)] : [frame, ...drawWindow(at, casing)]
    }
    case 'deck': {
      const half = inches(2)
      return [
        ...drawPosts({ ...at, bottom: at.bottom - feature.deck_height + inches(11) }, feet(7), at.bottom),
        polygon('deck', box(at.left - half, at.bottom, at.right + half, at.top)),
      ]
    }
    case 'bay': {
      const lights = Math.max(1, Math.round((at.right - at.left) / inches(30)))
      const wide = (at.right - at.left) / lights
      return [
        polygon('trim', box(at.left, at.bottom - inches(10), at.right, at.top)),
        ...Array.from({ length: lights }, (_, index) => {
          const left = at.left + wide * index
          const gap = inches(4)
          return polygon('glass', box(left + gap, at.bottom + gap, left + wide - gap, at.top - gap))
        }),
        ...drawSmallRoof({ ...at, bottom: at.top, top: at.top + inches(14) }, inches(14)),
      ]
    }
    case 'porch': {
      const floor = at.bottom + feature.deck_height
      const rails: Point[][] = feature.screened
        ? [
            [
              [at.left, (floor + at.top) / 2],
              [at.right, (floor + at.top) / 2],
            ],
          ]
        : []
      return [
        ...(feature.screened ? [polygon('screen', box(at.left, floor, at.right, at.top))] : []),
        polygon('deck', box(at.left, floor - inches(9), at.right, floor)),
        ...drawPosts(at, feet(6), at.top),
        strokes('deck', rails),
        ...drawSmallRoof({ ...at, bottom: at.top, top: at.top + inches(24) }, inches(24)),
      ]
    }
    case 'chimney-chase': {
      const cover = inches(4)
      return [
        polygon('wall', whole),
        polygon('trim', box(at.left - cover, at.top, at.right + cover, at.top + cover)),
      ]
    }
    case 'small-roof':
      return drawSmallRoof(at, at.top - at.bottom)
    case 'dormer': {
      const rise = ((at.right - at.left) / 2) * (feature.pitch_in_12 / 12)
      const gap = inches(8)
      return [
        polygon('wall', [...whole.slice(0, 3), [(at.left + at.right) / 2, at.top + rise], whole[3]!]),
        polygon('glass', box(at.left + gap, at.bottom + gap, at.right - gap, at.top - gap)),
      ]
    }
    case 'at-ground':
      return [polygon(GROUND_INK[feature.what], whole)]
    case 'crawl-opening':
      return [
        polygon('trim', whole),
        strokes('ground', feature.what === 'vent' ? hatch(whole, (at.top - at.bottom) / 3) : [whole]),
      ]
    case 'penetration':
      return [
        polygon('trim', whole),
        strokes('ground', [
          [
            [at.left, at.bottom],
            [at.right, at.top],
          ],
        ]),
      ]
    case 'gutter':
      return [polygon('gutter', whole)]
    case 'leader': {
      const wide = inches(3)
      const out = feature.discharge === 'carried-off' ? feet(3) : inches(8)
      return [
        polygon('gutter', box(at.left, at.bottom, at.left + wide, at.top)),
        strokes('gutter-line', [
          [
            [at.left, at.bottom + inches(6)],
            [at.left + out, at.bottom],
          ],
        ]),
      ]
    }
    case 'fixture':
      // Behind the wall: its outline only, as a plan marks what lies hidden.
      return [
        strokes('hidden', [[...box(at.left, at.bottom, at.right, at.top), [at.left, at.bottom]] as Point[]]),
      ]
    case 'on-roof':
      return [polygon(feature.what === 'skylight' ? 'glass' : 'masonry', whole)]
    case 'outline':
      return [
        polygon(
          'outline',
          feature.points.map((point): Point => [x + point.station, point.height]),
        ),
      ]
  }
}
