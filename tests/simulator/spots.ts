import type { ComponentId, Feature, Side } from '../../src/core/job'
import { LETTERS } from './house'
import { FLOOR_IN, FOUNDATION_IN, STOREY_IN, type Spot } from './world'

/** How much rain a part takes without any fault: flat and low parts most. */
const OPEN: Readonly<Partial<Record<ComponentId, number>>> = {
  'window-sill': 0.5,
  'deck-board': 0.55,
  threshold: 0.3,
  fascia: 0.22,
  'head-casing': 0.14,
  'side-casing': 0.1,
  'jamb-foot': 0.14,
  'lap-siding': 0.07,
  'base-course': 0.12,
  'corner-board': 0.12,
  'deck-post': 0.3,
  ledger: 0.08,
  soffit: 0.02,
  'crown-moulding': 0.12,
}

const spot = (of: Omit<Spot, 'exposed' | 'inside'> & { inside?: number }): Spot => ({
  ...of,
  inside: of.inside ?? null,
  exposed: of.inside === undefined ? (OPEN[of.component] ?? 0) : 0,
})

function openingSpots(feature: Extract<Feature, { kind: 'window' | 'door' }>, index: number): Spot[] {
  const left = feature.station / 64
  const right = left + feature.width / 64
  const floor = feature.sill.from === 'floor-2' ? STOREY_IN : 0
  const foot = FOUNDATION_IN + FLOOR_IN + floor + feature.sill.value / 64
  const head = foot + feature.height / 64
  const on = (
    component: ComponentId,
    part: string,
    l: number,
    r: number,
    b: number,
    t: number,
    member = `${feature.id}:${component}`,
  ): Spot =>
    spot({ component, side: index, left: l, right: r, bottom: b, top: t, feature: feature.id, member, part })
  const third = (right - left) / 3
  const spots = [
    on('head-casing', 'left', left - 5, left + third, head, head + 5),
    on('head-casing', 'middle', left + third, right - third, head, head + 5),
    on('head-casing', 'right', right - third, right + 5, head, head + 5),
  ]
  const legs = [
    ['left', left - 5, left],
    ['right', right, right + 5],
  ] as const
  for (const [name, l, r] of legs) {
    const member = `${feature.id}:side-casing:${name}`
    const span = head - foot
    const low = feature.kind === 'door' ? 'jamb-foot' : 'side-casing'
    spots.push(
      on('side-casing', 'top', l, r, foot + span * 0.75, head, member),
      on('side-casing', 'middle', l, r, foot + span * 0.3, foot + span * 0.75, member),
      on(
        low,
        'foot',
        l,
        r,
        foot,
        foot + span * 0.2,
        low === 'jamb-foot' ? `${feature.id}:jamb-foot:${name}` : member,
      ),
    )
  }
  if (feature.kind === 'window') {
    spots.push(
      on('window-sill', 'left', left - 5, left + third, foot - 4, foot),
      on('window-sill', 'middle', left + third, right - third, foot - 4, foot),
      on('window-sill', 'right', right - third, right + 5, foot - 4, foot),
      on('lap-siding', 'below', left, right, foot - 24, foot - 4, `${feature.id}:below`),
    )
  } else {
    spots.push(on('threshold', 'middle', left, right, foot - 3, foot))
  }
  return spots
}

/** Every place of every member that somebody could look at. */
export function spotsOf(
  sides: readonly Side[],
  features: readonly Feature[],
  eave: number,
  crawl: boolean,
): Spot[] {
  const spots: Spot[] = []
  sides.forEach((each, index) => {
    const length = each.length! / 64
    for (let at = 0; at < length; at += 48) {
      const right = Math.min(length, at + 48)
      spots.push(
        spot({
          component: 'base-course',
          side: index,
          left: at,
          right,
          bottom: FOUNDATION_IN - 8,
          top: FOUNDATION_IN + 6,
          feature: null,
          member: `base:${index}`,
          part: 'run',
        }),
      )
      if (crawl) {
        spots.push(
          spot({
            component: 'mudsill',
            side: index,
            left: at,
            right,
            bottom: FOUNDATION_IN - 2,
            top: FOUNDATION_IN,
            feature: null,
            member: `mudsill:${index}`,
            part: 'run',
            inside: 2,
          }),
        )
        for (const inside of [24, 84]) {
          spots.push(
            spot({
              component: inside < 50 ? 'joist' : 'subfloor',
              side: index,
              left: at,
              right,
              bottom: FOUNDATION_IN,
              top: FOUNDATION_IN + 10,
              feature: null,
              member: `joist:${index}:${inside}`,
              part: 'bay',
              inside,
            }),
          )
        }
      }
    }
    if (each.roof_edge === 'eave') {
      for (let at = 0; at < length; at += 72) {
        const right = Math.min(length, at + 72)
        spots.push(
          spot({
            component: 'fascia',
            side: index,
            left: at,
            right,
            bottom: eave - 8,
            top: eave,
            feature: null,
            member: `fascia:${index}`,
            part: 'run',
          }),
        )
        spots.push(
          spot({
            component: 'soffit',
            side: index,
            left: at,
            right,
            bottom: eave - 14,
            top: eave - 8,
            feature: null,
            member: `soffit:${index}`,
            part: 'run',
          }),
        )
        spots.push(
          spot({
            component: 'roof-deck',
            side: index,
            left: at,
            right,
            bottom: eave,
            top: eave + 40,
            feature: null,
            member: `deck:${index}`,
            part: 'run',
            inside: 60,
          }),
        )
      }
    }
    for (const [name, l] of [
      ['left', 0],
      ['right', length - 5],
    ] as const) {
      const at = {
        component: 'corner-board' as const,
        side: index,
        left: l,
        right: l + 5,
        feature: null,
        member: `corner:${index}:${name}`,
      }
      spots.push(
        spot({ ...at, part: 'foot', bottom: FOUNDATION_IN - 8, top: FOUNDATION_IN + 16 }),
        spot({ ...at, part: 'middle', bottom: FOUNDATION_IN + 16, top: eave * 0.6 }),
      )
    }
  })
  for (const feature of features) {
    const index = LETTERS.findIndex((letter) => feature.side_id === `side-${letter.toLowerCase()}`)
    const left = feature.station / 64
    const right = left + feature.width / 64
    if (feature.kind === 'window' || feature.kind === 'door') spots.push(...openingSpots(feature, index))
    if (feature.kind === 'door' && crawl) {
      spots.push(
        spot({
          component: 'subfloor',
          side: index,
          left,
          right,
          bottom: FOUNDATION_IN,
          top: FOUNDATION_IN + 10,
          feature: null,
          member: `${feature.id}:subfloor`,
          part: 'centre',
          inside: 8,
        }),
      )
    }
    if (feature.kind === 'small-roof') {
      const low = FOUNDATION_IN + FLOOR_IN + 100
      for (const [name, at] of [
        ['left', left],
        ['right', right - 24],
      ] as const) {
        spots.push(
          spot({
            component: 'lap-siding',
            side: index,
            left: at,
            right: at + 24,
            bottom: low - 36,
            top: low,
            feature: null,
            member: `${feature.id}:end:${name}`,
            part: 'below',
          }),
          spot({
            component: 'lap-siding',
            side: index,
            left: at,
            right: at + 24,
            bottom: low - 80,
            top: low - 36,
            feature: null,
            member: `${feature.id}:end:${name}`,
            part: 'further',
          }),
        )
      }
    }
    if (feature.kind === 'deck') {
      const top = feature.deck_height / 64
      for (let at = left; at < right; at += 48) {
        spots.push(
          spot({
            component: 'ledger',
            side: index,
            left: at,
            right: at + 48,
            bottom: top - 10,
            top,
            feature: feature.id,
            member: `${feature.id}:ledger`,
            part: 'run',
          }),
          spot({
            component: 'rim-joist',
            side: index,
            left: at,
            right: at + 48,
            bottom: top - 10,
            top,
            feature: null,
            member: `${feature.id}:rim`,
            part: 'run',
            inside: 2,
          }),
          spot({
            component: 'deck-board',
            side: index,
            left: at,
            right: at + 48,
            bottom: top,
            top: top + 2,
            feature: feature.id,
            member: `${feature.id}:boards`,
            part: 'run',
          }),
        )
      }
      for (let at = left; at <= right; at += 84) {
        spots.push(
          spot({
            component: 'deck-post',
            side: index,
            left: at,
            right: at + 4,
            bottom: 0,
            top: 10,
            feature: feature.id,
            member: `${feature.id}:post:${at}`,
            part: 'foot',
          }),
        )
      }
    }
    if (feature.kind === 'chimney-chase') {
      const top = feature.top / 64
      for (const [part, b, t] of [
        ['top', top - 60, top],
        ['middle', eave, top - 60],
        ['low', 40, 90],
      ] as const) {
        spots.push(
          spot({
            component: 'lap-siding',
            side: index,
            left,
            right,
            bottom: b,
            top: t,
            feature: feature.id,
            member: `${feature.id}:face`,
            part,
          }),
        )
      }
    }
    if (feature.kind === 'penetration') {
      const at = FOUNDATION_IN + FLOOR_IN + 20
      spots.push(
        spot({
          component: 'lap-siding',
          side: index,
          left: left - 8,
          right: right + 8,
          bottom: at - 14,
          top: at,
          feature: feature.id,
          member: `${feature.id}:below`,
          part: 'below',
        }),
      )
    }
    if (feature.kind === 'fixture') {
      spots.push(
        spot({
          component: 'subfloor',
          side: index,
          left,
          right,
          bottom: FOUNDATION_IN,
          top: FOUNDATION_IN + 10,
          feature: null,
          member: `${feature.id}:subfloor`,
          part: 'below',
          inside: feature.in_from_wall / 64 + 12,
        }),
      )
    }
  }
  return spots
}
