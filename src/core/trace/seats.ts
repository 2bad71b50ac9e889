import { casingOf, featureBox, foundationTop, wallTop, type WallBox } from '../geometry'
import { byId, FEATURE_WORDS, type Feature, type JobDocument, type Side } from '../job'
import { inches, type Length } from '../measure'
import type { SeatKind } from '../catalogue/causes'
import type { Seat } from './seat'
import {
  hasEave,
  measuredPlan,
  onRoofSeats,
  overflowOdds,
  roofArea_ft2,
  roofPlanes,
  valleySeats,
} from './roofSeats'

const LINE = (box: WallBox, height: number, left: number = box.left, right: number = box.right): WallBox => ({
  side_id: box.side_id,
  left: Math.round(left) as Length,
  right: Math.round(right) as Length,
  bottom: Math.round(height) as Length,
  top: Math.round(height) as Length,
})

type Draft = Pick<Seat, 'words' | 'box'> & Partial<Pick<Seat, 'inFrom' | 'inTo' | 'odds'>> & { tag?: string }

/** All places of one kind that the house as recorded has. */
export function seatsOf(kind: SeatKind, job: JobDocument): Seat[] {
  const sideOf = (feature: Feature): Side | undefined => byId(job.sides, feature.side_id)
  const nameOf = (feature: Feature): string => {
    const what = feature.kind === 'fixture' ? feature.what.replace('-', ' ') : FEATURE_WORDS[feature.kind]
    return `${what} ${sideOf(feature)?.letter ?? ''}${feature.number}`
  }
  const from = (
    kinds: readonly Feature['kind'][],
    draw: (box: WallBox, feature: Feature) => Draft | Draft[],
  ): Seat[] =>
    job.features
      .filter((feature) => kinds.includes(feature.kind))
      .flatMap((feature) =>
        [draw(featureBox(feature, job), feature)].flat().map((draft, index): Seat => ({
          key: `${kind}:${feature.id}${draft.tag ?? (index ? `:${index}` : '')}`,
          words: draft.words,
          box: draft.box,
          inFrom: draft.inFrom ?? 0,
          inTo: draft.inTo ?? 0,
          feature_id: feature.id,
          odds: draft.odds ?? 1,
        })),
      )
  const sides = (
    draw: (side: Side, whole: WallBox) => Draft | null,
    of: readonly Side[] = job.sides,
  ): Seat[] =>
    of.flatMap((side) => {
      const whole: WallBox = {
        side_id: side.id,
        left: inches(0),
        right: side.length ?? inches(0),
        bottom: inches(0),
        top: wallTop(side, job.house),
      }
      const draft = draw(side, whole)
      return draft
        ? [
            {
              key: `${kind}:${side.id}`,
              words: draft.words,
              box: draft.box,
              inFrom: 0,
              inTo: 0,
              feature_id: null,
              odds: draft.odds ?? 1,
            },
          ]
        : []
    })
  const eaves = job.sides.filter(hasEave)
  const plan = measuredPlan(job)
  /** A run of gutter or eave says how much roof drains to it, where the plan tells. */
  const draining = (name: string, side: Side | undefined, box: WallBox, outlets: number): Draft => {
    if (!side || plan.length === 0) return { words: name, box: LINE(box, box.top) }
    const area = roofArea_ft2(side, box.right - box.left, plan)
    return {
      words: `${name}, ${Math.round(area / 10) * 10} ft² of roof`,
      box: LINE(box, box.top),
      odds: overflowOdds(area, outlets),
    }
  }
  switch (kind) {
    case 'none':
    case 'in-place':
      return []
    case 'opening-head':
      return from(['window', 'door', 'bay'], (box, feature) => {
        const casing = casingOf(feature)
        return {
          words: nameOf(feature),
          box: LINE(box, box.top + casing, box.left - casing, box.right + casing),
        }
      })
    case 'opening-foot':
      return from(['window', 'door', 'bay'], (box, feature) => {
        const casing = casingOf(feature)
        return { words: nameOf(feature), box: LINE(box, box.bottom, box.left - casing, box.right + casing) }
      })
    case 'opening':
      return from(['window', 'door', 'bay'], (box, feature) => ({ words: nameOf(feature), box }))
    case 'gutter-run': {
      const hung = from(['gutter'], (box, feature) =>
        draining(
          nameOf(feature),
          sideOf(feature),
          box,
          feature.kind === 'gutter' && feature.outlets === 'both' ? 2 : 1,
        ),
      )
      const bare = job.features.some((each) => each.kind === 'gutter')
        ? []
        : sides((side, whole) => draining(`${side.facing}, roof edge`, side, whole, 1), eaves)
      return [...hung, ...bare, ...porchEdges(job, from)]
    }
    case 'eave':
      return [
        ...sides(
          (side, whole) => ({ words: `${side.facing}, roof edge`, box: LINE(whole, whole.top) }),
          eaves,
        ),
        ...porchEdges(job, from),
      ]
    case 'gutter-end':
      return from(['gutter'], (box, feature) => [
        {
          words: `${nameOf(feature)}, left end`,
          box: LINE(box, box.top, box.left, box.left + inches(6)),
          tag: ':left',
        },
        {
          words: `${nameOf(feature)}, right end`,
          box: LINE(box, box.top, box.right - inches(6), box.right),
          tag: ':right',
        },
      ])
    case 'leader':
      return from(['leader'], (box, feature) => ({ words: nameOf(feature), box }))
    case 'roof-end':
      return from(['small-roof', 'porch', 'bay', 'chimney-chase'], (box, feature) => {
        const side = sideOf(feature)
        // A chase meets the main roof at the eave: there the roof ends on it.
        const atEave = feature.kind === 'chimney-chase' && side ? wallTop(side, job.house) : box.top
        const low = feature.kind === 'small-roof' ? box.bottom : atEave
        return [
          {
            words: `${nameOf(feature)}, left end`,
            box: LINE(box, low, box.left - inches(2), box.left + inches(6)),
            tag: ':left',
          },
          {
            words: `${nameOf(feature)}, right end`,
            box: LINE(box, low, box.right - inches(6), box.right + inches(2)),
            tag: ':right',
          },
        ]
      })
    case 'roof-wall-line':
      return from(['small-roof', 'porch', 'dormer', 'bay'], (box, feature) => ({
        words: nameOf(feature),
        box: LINE(box, feature.kind === 'dormer' ? box.bottom : box.top),
      }))
    case 'metal-edge':
      return from(['small-roof', 'bay', 'porch'], (box, feature) => ({
        words: nameOf(feature),
        box: LINE(box, feature.kind === 'small-roof' ? box.bottom : box.top),
      }))
    case 'chase-top':
      return from(['chimney-chase'], (box, feature) => ({ words: nameOf(feature), box: LINE(box, box.top) }))
    case 'chimney':
      return [
        ...from(['chimney-chase'], (box, feature) => {
          const side = sideOf(feature)
          return {
            words: nameOf(feature),
            box: LINE(box, side ? wallTop(side, job.house) + inches(24) : box.top),
          }
        }),
        ...onRoofSeats(job, ['chimney'], kind),
      ]
    case 'penetration':
      return from(['penetration'], (box, feature) => ({ words: nameOf(feature), box }))
    case 'ledger':
      return from(['deck', 'porch'], (box, feature) => {
        const top = feature.kind === 'porch' ? box.bottom + feature.deck_height : box.top
        return { words: nameOf(feature), box: LINE(box, top) }
      })
    case 'ground':
      return sides((side, whole) => ({
        words: `${side.facing}, along the ground`,
        box: { ...whole, top: Math.max(0, foundationTop(job.house, side)) as Length },
      }))
    case 'face':
      return sides((side, whole) => ({ words: `${side.facing} wall`, box: whole }))
    case 'fixture':
      return from(['fixture'], (box, feature) => ({
        words: nameOf(feature),
        box: LINE(box, box.bottom),
        ...(feature.kind === 'fixture'
          ? { inFrom: feature.in_from_wall, inTo: feature.in_from_wall + FIXTURE_DEEP }
          : {}),
      }))
    case 'crawl':
    case 'attic':
      return [wholeSeat(kind)]
    case 'roof-plane':
      return roofPlanes(job)
    case 'roof-pipe':
      return onRoofSeats(job, ['pipe', 'flue', 'vent', 'other'], kind)
    case 'skylight':
      return onRoofSeats(job, ['skylight'], kind)
    case 'valley':
      return valleySeats(job)
  }
}

const FIXTURE_DEEP = inches(30)

const WHOLE = { crawl: 'below the floor', attic: 'attic', 'roof-plane': 'roof, slope not noted' } as const

/** One place for all of it: ground vapour fills a crawl space, and a finding on a roof may not say which slope. */
export function wholeSeat(kind: keyof typeof WHOLE): Seat {
  return { key: kind, words: WHOLE[kind], box: null, inFrom: 0, inTo: 0, feature_id: null, odds: 1 }
}

/** Edges of roofs of their own: they drip and hang gutters like the main one. */
function porchEdges(
  job: JobDocument,
  from: (kinds: readonly Feature['kind'][], draw: (box: WallBox, feature: Feature) => Draft) => Seat[],
): Seat[] {
  return from(['small-roof', 'porch'], (box, feature) => ({
    words: `${FEATURE_WORDS[feature.kind]} ${byId(job.sides, feature.side_id)?.letter ?? ''}${feature.number}, edge`,
    box: LINE(box, feature.kind === 'small-roof' ? box.bottom : box.top),
  }))
}
