import { partName } from '../catalogue'
import { GRADE_NAMES, gradeOf, type Finding, type JobDocument, quantityWords, sizeOfFinding } from '../job'
import { box, hatch, type Mark, type Point, type Shape } from './drawing'
import { shownBox } from '../geometry'

/** Sizes of the awl on the screen, pixels. */
const AWL = { width: 6, body: 18, tip: 6, gather: 24 } as const

/**
 * The awl: damage grade as the filled length of a probe, its number beside it. Untouched is empty and dashed.
 * It stands on the middle of the damage, point down.
 */
function awl(
  at: Point,
  grade: number | null,
  text: string,
  view: { px: number; chosen: boolean; right: number; sound: boolean },
): Shape[] {
  const { px } = view
  const half = (AWL.width / 2) * px
  const foot = at[1] + AWL.tip * px
  const top = foot + AWL.body * px
  const body = box(at[0] - half, foot, at[0] + half, top)
  const shapes: Shape[] = [{ kind: 'polygon', ink: grade === null ? 'awl-untouched' : 'awl', points: body }]
  if (grade !== null) {
    shapes.push({
      kind: 'polygon',
      ink: 'awl-fill',
      points: box(at[0] - half, foot, at[0] + half, foot + (AWL.body * px * grade) / 4),
    })
    shapes.push({
      kind: 'polygon',
      ink: 'awl',
      points: [
        [at[0] - half, foot],
        [at[0] + half, foot],
        [at[0], at[1]],
      ],
    })
  }
  // At the right end of the strip the number stands on the left of its awl.
  const room = view.right - at[0] > (12 + text.length * 8) * px
  shapes.push({
    kind: 'label',
    ink: view.chosen ? 'chosen-text' : view.sound ? 'sound-text' : 'damage-text',
    at: room ? [at[0] + half + 4 * px, foot + 4 * px] : [at[0] - half - 4 * px, foot + 14 * px],
    text,
    size_px: 14,
    anchor: room ? 'start' : 'end',
  })
  return shapes
}

export function findingNumber(finding: Finding, job: JobDocument): string {
  if (finding.number !== null) return String(finding.number)
  const unsent = job.findings.filter((each) => each.number === null)
  return `new ${unsent.indexOf(finding) + 1}`
}

function nameOf(finding: Finding, job: JobDocument): string {
  const grade = gradeOf(finding)
  const part = finding.component ? partName(finding.component) : finding.words || 'no part named'
  const words = quantityWords(sizeOfFinding(finding))
  const size = words ? `, ${words}` : ''
  const word = grade === null ? 'not touched' : `grade ${grade}, ${GRADE_NAMES[grade]}`
  return `Finding ${findingNumber(finding, job)}: ${part}${size}, ${word}`
}

/** Extents and awls of the findings on the strip; those that would overlap are gathered into a tally. */
export function drawFindings(
  job: JobDocument,
  xOf: (sideId: string) => number | null,
  view: { px: number; chosen: readonly string[]; right: number },
): Mark[] {
  const placed = job.findings.flatMap((finding) => {
    const at = shownBox(finding, job)
    const x = at ? xOf(at.side_id) : null
    if (!at || x === null) return []
    const left = x + at.left
    const right = Math.max(x + at.right, left + 4 * view.px)
    const tip: Point = [(left + right) / 2, (at.bottom + at.top) / 2]
    return [{ finding, left, right, bottom: at.bottom, top: at.top, tip }]
  })
  placed.sort((a, b) => a.tip[0] - b.tip[0])
  const groups: (typeof placed)[] = []
  for (const each of placed) {
    const near = groups.find((group) => {
      const first = group[0]!
      return (
        Math.abs(first.tip[0] - each.tip[0]) < AWL.gather * view.px &&
        Math.abs(first.tip[1] - each.tip[1]) < AWL.gather * view.px
      )
    })
    if (near) near.push(each)
    else groups.push([each])
  }
  return groups.map((group): Mark => {
    const worst = group.reduce((a, b) => ((gradeOf(b.finding) ?? -1) > (gradeOf(a.finding) ?? -1) ? b : a))
    const shapes = group.flatMap((each): Shape[] => {
      const outline = box(each.left, each.bottom, each.right, each.top)
      // Red is for damage: what was touched and sound is only framed.
      if (gradeOf(each.finding) === 0)
        return [{ kind: 'strokes', ink: 'sound', lines: [[...outline, outline[0]!]] }]
      return [
        { kind: 'polygon', ink: 'damage-fill', points: outline },
        { kind: 'strokes', ink: 'damage', lines: hatch(outline, 6 * view.px) },
        { kind: 'strokes', ink: 'damage', lines: [[...outline, outline[0]!]] },
      ]
    })
    const numbers = group
      .map((each) => findingNumber(each.finding, job))
      .sort((a, b) => Number(a) - Number(b))
    const chosen = group.some((each) => view.chosen.includes(each.finding.id))
    const isUnsaid = group.some(({ finding: { place } }) => place.kind === 'side' && place.station_unsaid)
    const said = numbers.length > 3 ? `${numbers[0]} +${numbers.length - 1}` : numbers.join('·')
    // Drawn somewhere on its side because nobody said where along.
    const text = isUnsaid ? `${said}?` : said
    return {
      kind: 'mark',
      of: 'finding',
      ids: group.map((each) => each.finding.id),
      name: group.map((each) => nameOf(each.finding, job)).join('; '),
      shapes: [
        ...shapes,
        ...awl(worst.tip, gradeOf(worst.finding), text, {
          px: view.px,
          chosen,
          right: view.right,
          sound: group.every((each) => gradeOf(each.finding) === 0),
        }),
      ],
      box: {
        left: Math.min(...group.map((each) => each.left), worst.tip[0] - 12 * view.px),
        right: Math.max(...group.map((each) => each.right), worst.tip[0] + 28 * view.px),
        bottom: Math.min(...group.map((each) => each.bottom)),
        top: Math.max(...group.map((each) => each.top), worst.tip[1] + 26 * view.px),
      },
    }
  })
}
