import { WORK_SAYS } from '../catalogue/sentences/work'
import { materialName, materialOf } from '../catalogue'
import { placeWords } from '../caution'
import { placeOf } from '../geometry'
import {
  quantityWords,
  sizeOfFinding,
  type Finding,
  type JobDocument,
  type Quantity,
  type WorkItem,
} from '../job'

type WorkPlace = WorkItem['places'][number]

function findingsOf(item: WorkItem, job: JobDocument): Finding[] {
  return job.findings.filter((each) => item.finding_ids.includes(each.id))
}

/** The places of an item: those it keeps itself, or those of its findings with what was found there. */
export function placesOfItem(item: WorkItem, job: JobDocument): WorkPlace[] {
  if (item.places.length > 0) return [...item.places]
  const places = findingsOf(item, job).map((finding): WorkPlace => ({
    at: placeOf(finding, job),
    size: sizeOfFinding(finding),
    height: null,
  }))
  return places.length > 0 ? places : [{ at: { kind: 'none' }, size: null, height: null }]
}

/** The places of an item with another size at one of them: from then on it keeps its places itself. */
export function withSize(
  item: WorkItem,
  index: number,
  size: Quantity | null,
  job: JobDocument,
): WorkPlace[] {
  return placesOfItem(item, job).map((place, at) => (at === index ? { ...place, size } : place))
}

/** What of an item is not as it was found or usual: sizes, material, section, own lines. Empty: all is. */
export function changesOf(item: WorkItem, job: JobDocument): string[] {
  const findings = findingsOf(item, job)
  const sizes = item.places.flatMap((place, index) => {
    const finding = item.places.length === findings.length ? findings[index] : undefined
    if (!finding || place.size === null || place.at.kind === 'whole-side') return []
    const [said, found] = [quantityWords(place.size), quantityWords(sizeOfFinding(finding))]
    return said === found ? [] : [WORK_SAYS.sizeSaid(placeWords(place.at, job), said, found)]
  })
  const old = findings[0]?.material
  const isOther =
    old !== undefined && old !== item.material && materialOf(old)?.known && materialOf(item.material)?.known
  return [
    ...sizes,
    ...(isOther ? [WORK_SAYS.materialSaid(materialName(item.material), materialName(old))] : []),
    ...(item.section ? [WORK_SAYS.sectionSaid(item.section)] : []),
    ...(item.lines.length > 0 ? [WORK_SAYS.linesSaid(item.lines.length)] : []),
  ]
}
