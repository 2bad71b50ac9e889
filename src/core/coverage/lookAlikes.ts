import { featureBox } from '../geometry'
import {
  factsOf,
  gradeOf,
  type ComponentId,
  type DoorFeature,
  type Finding,
  type HowKnown,
  type JobDocument,
  type WindowFeature,
} from '../job'

/** A part that nobody touched, of an opening like others on which that part was found rotten. */
export type LookAlike = {
  /** Stable: what it is about. */
  readonly id: string
  readonly feature_id: string
  readonly component: ComponentId
  /** Findings on its look-alikes, rotten when touched. */
  readonly like: readonly string[]
  /** How many alike were touched at this part, the rotten ones among them. */
  readonly touched: number
}

/** Openings count as alike within a tenth of their size. Our judgement. */
const ALIKE_WITHIN = 0.1
/** From local soft on: a failed film says nothing about the wood of the next window. */
const ROTTEN_FROM = 2

const BY_HAND: ReadonlySet<HowKnown> = new Set<HowKnown>(['opened', 'touched', 'instrument'])

type Opening = WindowFeature | DoorFeature

function areAlike(a: Opening, b: Opening, job: JobDocument): boolean {
  if (a.kind !== b.kind) return false
  const near = (p: number, q: number): boolean => Math.abs(p - q) <= ALIKE_WITHIN * Math.max(p, q)
  const [one, other] = [featureBox(a, job), featureBox(b, job)]
  return (
    near(one.right - one.left, other.right - other.left) &&
    near(one.top - one.bottom, other.top - other.bottom)
  )
}

function openings(job: JobDocument): Opening[] {
  return job.features.filter((each): each is Opening => each.kind === 'window' || each.kind === 'door')
}

function onPart(job: JobDocument, feature_id: string, component: ComponentId): Finding[] {
  return job.findings.filter(
    (finding) =>
      finding.component === component &&
      finding.place.kind === 'side' &&
      finding.place.feature_id === feature_id,
  )
}

/** Sides whose openings were touched, by the last look recorded. */
function touchedSides(job: JobDocument): ReadonlySet<string> {
  const last = new Map<string, boolean>()
  for (const fact of factsOf(job, 'coverage')) {
    if (fact.zone === 'openings') last.set(fact.side_id, fact.looked.yes && BY_HAND.has(fact.looked.how))
  }
  return new Set([...last].flatMap(([id, yes]) => (yes ? [id] : [])))
}

/**
 * Parts to be suspected: if two of three equal windows are rotten, the third is suspected, not sound.
 *
 * A part counts as known where it has a finding of its own (a sound one too) or where the openings of its side were touched.
 * Ends: without a rotten part that was touched nothing is suspected.
 * Source: common practice.
 */
export function lookAlikes(job: JobDocument): LookAlike[] {
  const all = openings(job)
  const byHand = touchedSides(job)
  const parts = new Map<string, { feature: Opening; component: ComponentId; finding: Finding }[]>()
  for (const finding of job.findings) {
    const { place, component } = finding
    if (place.kind !== 'side' || component === null || !BY_HAND.has(finding.how_known) || finding.suspected)
      continue
    const feature = all.find((each) => each.id === place.feature_id)
    if (!feature || gradeOf(finding) === null) continue
    parts.set(component, [...(parts.get(component) ?? []), { feature, component, finding }])
  }
  return [...parts].flatMap(([name, touched]) => {
    const component = name
    return all.flatMap((feature): LookAlike[] => {
      const hasPart = (feature.parts as readonly string[]).includes(component)
      if (!hasPart || byHand.has(feature.side_id) || onPart(job, feature.id, component).length > 0) return []
      const alike = touched.filter((each) => areAlike(each.feature, feature, job))
      const rotten = alike.filter((each) => (gradeOf(each.finding) ?? 0) >= ROTTEN_FROM)
      if (rotten.length === 0) return []
      return [
        {
          id: `alike:${feature.id}:${component}`,
          feature_id: feature.id,
          component,
          like: rotten.map((each) => each.finding.id),
          touched: new Set(alike.map((each) => each.feature.id)).size,
        },
      ]
    })
  })
}
