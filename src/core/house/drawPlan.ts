import { partName } from '../catalogue'
import { shownBox, featureBox, planAt, planMiddle, planWalls, type PlanWall } from '../geometry'
import { byId, COMPASS, gradeOf, GRADE_NAMES, type Feature, type JobDocument } from '../job'
import { feet, formatLength, inches, type Length } from '../measure'
import { scopeParts } from '../scope/scopeLine'
import { polygon, strokes, type Mark, type Point, type Shape } from './drawing'
import { findingNumber } from './drawFindings'
import type { drawSurveysOnPlan } from './drawSurveys'

/** The house from above: x to the right along the front, y away from the street, 64ths of an inch. */
export type PlanDrawing = {
  readonly left: number
  readonly right: number
  readonly bottom: number
  readonly top: number
  readonly items: readonly (Shape | Mark)[]
}

export type PlanView = {
  /** House units to a pixel: marks do not grow with the house. */
  readonly px: number
  readonly chosen: readonly string[]
  /** Draws what was measured over the floor: given, so that a page fetches it when it is shown. */
  readonly surveys?: typeof drawSurveysOnPlan | null
}

/** Thickness walls are drawn with. Nobody measured them. */
const WALL: number = inches(6)

function quad(
  wall: PlanWall,
  length: number,
  of: { from: number; to: number; inner: number; outer: number },
): Point[] {
  const at = (station: number, out: number): Point => {
    const { x, y } = planAt(wall, station, length, out)
    return [x, y]
  }
  return [at(of.from, of.inner), at(of.to, of.inner), at(of.to, of.outer), at(of.from, of.outer)]
}

/** Outline of what stands out from a wall or lies in it. */
function drawOne(feature: Feature, wall: PlanWall, length: number, job: JobDocument): Shape[] {
  const box = featureBox(feature, job)
  const within = (inner: number, outer: number): Point[] =>
    quad(wall, length, { from: box.left, to: box.right, inner, outer })
  switch (feature.kind) {
    case 'window':
      return [polygon('glass', within(-WALL, 0))]
    case 'door':
      return [polygon('door', within(-WALL, 0))]
    case 'bay':
      return [
        polygon('wall', within(0, feature.depth)),
        polygon('glass', within(feature.depth - WALL, feature.depth)),
      ]
    case 'deck':
      return [polygon('deck', within(0, feature.depth))]
    case 'porch':
      return [polygon(feature.screened ? 'screen' : 'deck', within(0, feature.depth))]
    case 'chimney-chase':
      return [polygon('masonry', within(0, feature.depth))]
    case 'small-roof':
      return [polygon('outline', within(0, feature.depth))]
    case 'dormer':
      return [polygon('outline', within(-1 * feet(4), -1 * feet(1)))]
    case 'gutter':
      return [polygon('gutter', within(inches(6), inches(14)))]
    case 'leader':
      return [polygon('gutter', within(inches(2), inches(8)))]
    case 'fixture':
      return [polygon('outline', within(-1 * (feature.in_from_wall + feet(2)), -1 * feature.in_from_wall))]
    case 'on-roof':
      return [
        polygon('outline', within(-1 * (feature.in_from_wall + feature.width), -1 * feature.in_from_wall)),
      ]
    case 'at-ground':
      return [polygon('outline', within(0, feature.depth))]
    case 'crawl-opening':
      return [polygon('trim', within(-WALL, inches(1)))]
    case 'penetration':
    case 'outline':
      return [polygon('trim', within(-WALL, inches(4)))]
  }
}

function boxOf(points: readonly Point[]): Mark['box'] {
  const xs = points.map((point) => point[0])
  const ys = points.map((point) => point[1])
  return { left: Math.min(...xs), right: Math.max(...xs), bottom: Math.min(...ys), top: Math.max(...ys) }
}

const pointsOf = (shapes: readonly Shape[]): Point[] =>
  shapes.flatMap((shape) => (shape.kind === 'polygon' ? [...shape.points] : []))

/** Findings as discs on their wall, gathered where they would overlap, their numbers beside them. */
function drawFound(
  walls: readonly PlanWall[],
  lengths: ReadonlyMap<string, number>,
  job: JobDocument,
  view: PlanView,
): Mark[] {
  const r = 6 * view.px
  const spots = job.findings.flatMap((finding) => {
    const box = shownBox(finding, job)
    const wall = walls.find((each) => each.side_id === box?.side_id)
    if (!box || !wall) return []
    const { x, y } = planAt(wall, (box.left + box.right) / 2, lengths.get(wall.side_id) ?? 0, 2 * r)
    return [{ finding, x, y, wall }]
  })
  const groups: (typeof spots)[] = []
  for (const spot of spots) {
    const near = groups.find((group) => Math.hypot(group[0]!.x - spot.x, group[0]!.y - spot.y) < 2.6 * r)
    if (near) near.push(spot)
    else groups.push([spot])
  }
  return groups.map((group): Mark => {
    const { x, y, wall } = group[0]!
    const numbers = group.map((each) => findingNumber(each.finding, job))
    const chosen = group.some((each) => view.chosen.includes(each.finding.id))
    const text = numbers.length > 2 ? `${numbers[0]} +${numbers.length - 1}` : numbers.join('·')
    const disc = Array.from({ length: 12 }, (_, index): Point => {
      const turn = (index * Math.PI) / 6
      return [x + r * Math.cos(turn), y + r * Math.sin(turn)]
    })
    const name = group
      .map(({ finding }) => {
        const grade = gradeOf(finding)
        const part = finding.component ? partName(finding.component) : finding.words || 'no part named'
        return `Finding ${findingNumber(finding, job)}: ${part}, ${grade === null ? 'not touched' : `grade ${grade}, ${GRADE_NAMES[grade]}`}`
      })
      .join('; ')
    return {
      kind: 'mark',
      of: 'finding',
      ids: group.map((each) => each.finding.id),
      name,
      shapes: [
        ...(group.every((each) => gradeOf(each.finding) === 0)
          ? [strokes('sound', [[...disc, disc[0]!]])]
          : [polygon('damage-fill', disc), strokes('damage', [[...disc, disc[0]!]])]),
        {
          kind: 'label',
          ink: chosen ? 'chosen-text' : 'damage-text',
          at: [x + wall.out.x * 2.4 * r, y + wall.out.y * 2.4 * r - 4 * view.px],
          text,
          size_px: 13,
          anchor: 'middle',
        },
      ],
      box: { left: x - 2 * r, right: x + 2 * r, bottom: y - 2 * r, top: y + 2 * r },
    }
  })
}

/** An arrow to the north, from the compass of the front; nothing where nobody gave one. */
function drawNorth(job: JobDocument, at: Point, px: number): Shape[] {
  const faces = job.intake?.front_faces ?? null
  if (faces === null) return []
  // The front looks towards the street, down the page. Its compass turned back gives north.
  const turn = (COMPASS.indexOf(faces) * Math.PI) / 4
  const long = 16 * px
  const north: Point = [Math.sin(turn) * long, -Math.cos(turn) * long]
  return [
    strokes('water-path', [
      [
        [at[0] - north[0], at[1] - north[1]],
        [at[0] + north[0], at[1] + north[1]],
      ],
    ]),
    {
      kind: 'label',
      ink: 'water-text',
      at: [at[0] + north[0] * 1.5, at[1] + north[1] * 1.5 - 4 * px],
      text: 'N',
      size_px: 14,
      anchor: 'middle',
    },
  ]
}

/** The house from above on the stations of the strip: walls, openings, what stands before them, what was found, whose it is. */
export function drawPlan(job: JobDocument, view: PlanView): PlanDrawing {
  const walls = planWalls(job)
  const lengths = new Map(
    walls.map((wall) => [wall.side_id, Math.hypot(wall.right.x - wall.left.x, wall.right.y - wall.left.y)]),
  )
  const middle = planMiddle(walls)
  const floor: Point[] = walls.map((wall) => {
    const { x, y } = job.job.house_on === 'left' ? wall.left : wall.right
    return [x, y]
  })
  const sides = walls.flatMap((wall): Mark[] => {
    const side = byId(job.sides, wall.side_id)
    const length = lengths.get(wall.side_id) ?? 0
    if (!side) return []
    const solid = quad(wall, length, { from: 0, to: length, inner: -WALL, outer: 0 })
    const out = scopeParts(job, { id: side.id, length: Math.round(length) as Length }).filter(
      // From above one does not see how high something holds.
      (part) => part.kind !== 'ours' && part.low === null && part.high === null,
    )
    // A name is wider than high: beside an upright wall it needs more room.
    const upright = Math.abs(wall.out.x) > Math.abs(wall.out.y)
    // What was measured needs the floor: then the names stand outside.
    const aside = (upright ? 30 : 16) * view.px
    const label = planAt(wall, length / 2, length, view.surveys ? WALL + aside : -WALL - aside)
    return [
      {
        kind: 'mark',
        of: 'side',
        ids: [side.id],
        name: `Side ${side.letter}, ${side.facing}, ${side.length === null ? 'length not measured' : formatLength(side.length)}`,
        shapes: [
          polygon('wall', solid),
          ...out.map((part) =>
            polygon(
              part.kind === 'priced-apart' ? 'scope-apart' : 'scope-out',
              quad(wall, length, { from: part.from, to: part.to, inner: -WALL, outer: WALL }),
            ),
          ),
          {
            kind: 'label',
            ink: 'ink-text',
            at: [label.x, label.y - 5 * view.px],
            text: `${side.letter} ${side.facing}`,
            size_px: 13,
            anchor: 'middle',
          },
        ],
        box: boxOf(solid),
      },
    ]
  })
  const features = job.features.flatMap((feature): Mark[] => {
    const wall = walls.find((each) => each.side_id === feature.side_id)
    const letter = byId(job.sides, feature.side_id)?.letter ?? ''
    if (!wall) return []
    const shapes = drawOne(feature, wall, lengths.get(wall.side_id) ?? 0, job)
    return [
      {
        kind: 'mark',
        of: 'feature',
        ids: [feature.id],
        name: `${feature.kind.replaceAll('-', ' ')} ${letter}${feature.number}, ${formatLength(feature.width)} wide`,
        shapes,
        box: boxOf(pointsOf(shapes)),
      },
    ]
  })
  // What stands in a wall is drawn over it, what stands before it under it.
  const inWall = (id: string): boolean =>
    job.features.some((each) => each.id === id && (each.kind === 'window' || each.kind === 'door'))
  const before = features.filter((mark) => !inWall(mark.ids[0]!))
  const within = features.filter((mark) => !before.includes(mark))
  const found = drawFound(walls, lengths, job, view)
  const all = [...sides, ...features, ...found].map((mark) => mark.box)
  const pad = 44 * view.px
  const named = view.surveys ? pad : 0
  const left = Math.min(0, ...all.map((each) => each.left)) - pad - named
  const right = Math.max(feet(10), ...all.map((each) => each.right)) + pad + named
  const bottom = Math.min(0, ...all.map((each) => each.bottom)) - pad
  const top = Math.max(feet(10), ...all.map((each) => each.top)) + pad
  return {
    left,
    right,
    bottom,
    top,
    items: [
      ...(floor.length >= 3 ? [polygon('plan-floor', floor)] : []),
      ...before,
      ...sides,
      ...within,
      ...(view.surveys?.(job, walls, lengths, view.px) ?? []),
      ...drawNorth(job, [middle.x, middle.y], view.px),
      ...found,
    ],
  }
}
