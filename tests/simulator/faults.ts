import type { Feature } from '../../src/core/job'
import type { CauseId } from '../../src/core/trace'
import type { Chance } from './chance'
import { along, WAYS } from './ways'
import { FLOOR_IN, FOUNDATION_IN, STOREY_IN, type Fault, type Spot, type Windows, type World } from './world'

type Known = Omit<World, 'faults' | 'spots' | 'openings'> & { readonly spots: readonly Spot[] }
const LETTERS = 'abcd'
const sideOf = (feature: Feature): number => LETTERS.indexOf(feature.side_id.slice(-1))
const spanOf = (feature: Feature): { left: number; right: number } => ({
  left: feature.station / 64,
  right: (feature.station + feature.width) / 64,
})

function baseOf(feature: Extract<Feature, { kind: 'window' | 'door' }>): { foot: number; head: number } {
  const floor = feature.sill.from === 'floor-2' ? STOREY_IN : 0
  const foot = FOUNDATION_IN + FLOOR_IN + floor + feature.sill.value / 64
  return { foot, head: foot + feature.height / 64 }
}

/** What wood a way of water comes to: roof water does not rot a deck post, a splash does not rot a head casing. */
const only =
  (...components: Spot['component'][]) =>
  (spot: Spot): boolean =>
    components.includes(spot.component)

/** How the builder did his openings, and what each one has of it. */
export function openingsOf(
  chance: Chance,
  known: Pick<Known, 'built' | 'features'>,
): Record<string, Windows> {
  const habit = chance.weighted<'none' | 'short' | 'good'>([
    ['none', known.built < 1960 ? 0.22 : 0.14],
    ['short', 0.14],
    ['good', 0.7],
  ])
  const weeps = known.built < 1970 && chance.yes(0.2)
  return Object.fromEntries(
    known.features
      .filter((each) => each.kind === 'window' || each.kind === 'door')
      .map((each) => [
        each.id,
        {
          head: habit === 'good' ? (chance.yes(0.04) ? 'none' : 'good') : chance.yes(0.85) ? habit : 'good',
          pan: !chance.yes(0.05),
          weepsShut: weeps && chance.yes(0.8),
          slope: !chance.yes(0.03),
          storm: known.built < 1970 && each.kind === 'window',
        } satisfies Windows,
      ]),
  )
}

/** Every fault of a house, by how often such houses have them. Our judgement. */
export function faultsOf(chance: Chance, known: Known, openings: Record<string, Windows>): Fault[] {
  const faults: Fault[] = []
  const add = (
    cause: CauseId,
    of: Partial<Omit<Fault, 'cause' | 'wets'>> & { wets: Fault['wets'] },
  ): void => {
    faults.push({ cause, side: null, left: 0, right: 0, feature: null, habit: null, ...of })
  }
  const headHabit = Object.values(openings).filter((each) => each.head !== 'good').length > 2
  const weepsHabit = Object.values(openings).filter((each) => each.weepsShut).length > 1
  for (const feature of known.features) {
    const side = sideOf(feature)
    const { left, right } = spanOf(feature)
    const strength = 1.6 * chance.about(0.35)
    const seat = (height: number) => ({ side, left, right, height })
    if (feature.kind === 'window' || feature.kind === 'door') {
      const of = openings[feature.id]!
      const { foot, head } = baseOf(feature)
      // A wide eave close above keeps the rain off the head.
      const sheltered = known.eaveHeight - head < 2 * known.overhang ? 0.35 : 1
      const onHead = only('head-casing', 'side-casing', 'lap-siding')
      if (of.head === 'none') {
        add('head-flashing-absent', {
          side,
          left,
          right,
          feature: feature.id,
          habit: headHabit ? 'head' : null,
          wets: (spot) =>
            onHead(spot) && spot.feature === feature.id
              ? strength * sheltered * along(WAYS.head, seat(head + 4), spot)
              : 0,
        })
      }
      if (of.head === 'short') {
        add('head-flashing-short', {
          side,
          left,
          right,
          feature: feature.id,
          habit: headHabit ? 'head' : null,
          wets: (spot) => {
            if (!onHead(spot) || spot.feature !== feature.id) return 0
            const corner =
              spot.component === 'head-casing'
                ? spot.part === 'middle'
                  ? 0.1
                  : 1
                : spot.component === 'side-casing'
                  ? 1
                  : 0.5
            return strength * sheltered * corner * along(WAYS.head, seat(head + 4), spot)
          },
        })
      }
      if (!of.pan && feature.kind === 'window') {
        const at = only('window-sill', 'side-casing', 'lap-siding', 'subfloor', 'joist', 'mudsill')
        add('pan-or-unit-corner', {
          side,
          left,
          right,
          feature: feature.id,
          wets: (spot) =>
            at(spot) &&
            (spot.component !== 'side-casing' || (spot.part === 'foot' && spot.feature === feature.id))
              ? strength * along(WAYS.sill, seat(foot), spot)
              : 0,
        })
      }
      if (of.weepsShut) {
        add('storm-weeps-shut', {
          side,
          left,
          right,
          feature: feature.id,
          habit: weepsHabit ? 'weeps' : null,
          wets: (spot) =>
            spot.feature === feature.id &&
            (spot.component === 'window-sill' || (spot.component === 'side-casing' && spot.part === 'foot'))
              ? strength * (spot.component === 'window-sill' ? 1 : 0.5)
              : 0,
        })
      }
      if (!of.slope && feature.kind === 'window') {
        add('sill-slope-or-drip', {
          side,
          left,
          right,
          feature: feature.id,
          wets: (spot) =>
            spot.feature === feature.id && spot.component === 'window-sill' ? strength * 0.9 : 0,
        })
      }
      if (feature.kind === 'door' && chance.yes(0.14)) {
        const at = only('threshold', 'subfloor', 'jamb-foot', 'rim-joist')
        add('door-threshold', {
          side,
          left,
          right,
          feature: feature.id,
          wets: (spot) =>
            at(spot)
              ? strength *
                (spot.component === 'jamb-foot' ? 0.35 : 1) *
                along(WAYS.threshold, seat(foot), spot)
              : 0,
        })
      }
      for (const leg of ['left', 'right'] as const) {
        if (feature.kind === 'door' && chance.yes(0.05)) {
          add('end-grain-joint', {
            side,
            left: leg === 'left' ? left - 5 : right,
            right: leg === 'left' ? left : right + 5,
            feature: feature.id,
            wets: (spot) => (spot.member === `${feature.id}:jamb-foot:${leg}` ? 1.5 : 0),
          })
        }
        if (feature.kind === 'window' && chance.yes(0.02)) {
          add('joint-open', {
            side,
            left: leg === 'left' ? left - 5 : right,
            right: leg === 'left' ? left : right + 5,
            feature: feature.id,
            wets: (spot) =>
              spot.member === `${feature.id}:side-casing:${leg}` && spot.part === 'middle' ? 1.4 : 0,
          })
        }
      }
    }
    if (feature.kind === 'small-roof') {
      const low = FOUNDATION_IN + FLOOR_IN + 100
      for (const [l, r] of [
        [left, left + 6],
        [right - 6, right],
      ] as const) {
        if (chance.yes(0.35)) {
          const at = only('lap-siding', 'base-course')
          add('kick-out-missing', {
            side,
            left: l,
            right: r,
            feature: feature.id,
            wets: (spot) =>
              at(spot)
                ? strength * 1.2 * along(WAYS.roofEnd, { side, left: l, right: r, height: low }, spot)
                : 0,
          })
        }
      }
    }
    if (feature.kind === 'deck' && chance.yes(0.4)) {
      const at = only('ledger', 'rim-joist', 'mudsill')
      const top = feature.deck_height / 64
      add('ledger-unflashed', {
        side,
        left,
        right,
        feature: feature.id,
        wets: (spot) => (at(spot) ? strength * along(WAYS.ledger, seat(top), spot) : 0),
      })
    }
    if (feature.kind === 'chimney-chase' && chance.yes(0.4)) {
      add('chase-cover', {
        side,
        left,
        right,
        feature: feature.id,
        wets: (spot) =>
          spot.feature === feature.id ? strength * along(WAYS.chase, seat(feature.top / 64), spot) : 0,
      })
    }
    if (feature.kind === 'penetration' && chance.yes(0.25)) {
      add('penetration-unflashed', {
        side,
        left,
        right,
        feature: feature.id,
        wets: (spot) => (spot.member === `${feature.id}:below` ? strength : 0),
      })
    }
    if (feature.kind === 'gutter') {
      const at = only('fascia', 'soffit', 'base-course', 'corner-board')
      const low = known.eaveHeight
      if (chance.yes(0.2)) {
        const l = chance.yes(0.5) ? left : (left + right) / 2
        const span = { side, left: l, right: l + (right - left) / 2, height: low }
        add('gutter-overflow', {
          side,
          left: span.left,
          right: span.right,
          feature: feature.id,
          wets: (spot) =>
            at(spot)
              ? strength * (spot.component === 'fascia' ? 1 : 0.55) * along(WAYS.overflow, span, spot)
              : 0,
        })
      } else if (chance.yes(0.15)) {
        const l = chance.between(left, right - 140)
        const span = { side, left: l, right: l + 140, height: low }
        add('gutter-mis-hung', {
          side,
          left: l,
          right: l + 140,
          feature: feature.id,
          wets: (spot) =>
            only('fascia', 'soffit')(spot)
              ? strength *
                (spot.component === 'fascia' ? 1 : 0.4) *
                along({ down: 14, side: 6, up: 3, inside: 0 }, span, spot)
              : 0,
        })
      }
    }
    if (feature.kind === 'leader' && chance.yes(0.2)) {
      const at = only('base-course', 'corner-board', 'mudsill', 'joist')
      add('leader-at-wall', {
        side,
        left,
        right,
        feature: feature.id,
        wets: (spot) => (at(spot) && spot.bottom < 40 ? strength * along(WAYS.leader, seat(20), spot) : 0),
      })
    }
    if (feature.kind === 'fixture' && chance.yes(0.22)) {
      const inward = feature.in_from_wall / 64 + 12
      const cause: CauseId = feature.what === 'tub' && chance.yes(0.6) ? 'pan-or-tub-joint' : 'plumbing-leak'
      add(cause, {
        side,
        left,
        right,
        feature: feature.id,
        wets: (spot) => {
          if (spot.inside === null || spot.side !== side || !only('subfloor', 'joist')(spot)) return 0
          const aside = Math.max(0, left - spot.right, spot.left - right)
          return aside <= WAYS.fixture.side && Math.abs(spot.inside - inward) < 34 ? strength : 0
        },
      })
    }
  }
  known.sides.forEach((each, side) => {
    const length = each.length! / 64
    const strength = 1.3 * chance.about(0.3)
    const whole = { side, left: 0, right: length }
    const base = only('base-course', 'corner-board', 'jamb-foot', 'deck-post')
    if ((!known.gutter[side] && each.roof_edge === 'eave' && known.overhang < 14) || known.hardGround[side]) {
      if (chance.yes(0.45)) {
        add('splash-back', {
          ...whole,
          wets: (spot) =>
            base(spot) && spot.bottom < 40
              ? strength * along(WAYS.splash, { ...whole, height: FOUNDATION_IN - 8 }, spot)
              : 0,
        })
      }
    }
    if (chance.yes(0.12)) {
      const left = chance.between(0, length - 96)
      const span = { side, left, right: left + chance.between(48, 96) }
      add('soil-on-wood', {
        ...span,
        wets: (spot) =>
          only('base-course', 'mudsill')(spot)
            ? strength * 1.3 * along(WAYS.soil, { ...span, height: FOUNDATION_IN - 6 }, spot)
            : 0,
      })
    }
    if (known.irrigated && chance.yes(0.15)) {
      const left = chance.between(0, length - 80)
      const span = { side, left, right: left + 70 }
      add('sprinkler', {
        ...span,
        wets: (spot) =>
          base(spot) || spot.component === 'lap-siding'
            ? strength *
              along({ down: 0, side: 10, up: 40, inside: 0 }, { ...span, height: FOUNDATION_IN - 8 }, spot)
            : 0,
      })
    }
    for (const name of ['left', 'right'] as const) {
      if (chance.yes(0.05)) {
        const at = name === 'left' ? 0 : length - 5
        const cause: CauseId = chance.yes(0.5) ? 'end-grain-joint' : 'back-never-primed'
        add(cause, {
          side,
          left: at,
          right: at + 5,
          wets: (spot) =>
            spot.member === `corner:${side}:${name}`
              ? cause === 'end-grain-joint'
                ? spot.part === 'foot'
                  ? 1.6
                  : 0
                : spot.part === 'middle'
                  ? 1.3
                  : 0.8
              : 0,
        })
      }
    }
  })
  if (chance.yes(0.14)) {
    known.sides.forEach((each, side) => {
      if (each.roof_edge !== 'eave') return
      const span = { side, left: 0, right: each.length! / 64, height: known.eaveHeight }
      const strength = 1.3 * chance.about(0.2)
      add('no-drip-edge', {
        side,
        left: 0,
        right: span.right,
        habit: 'drip',
        wets: (spot) =>
          only('fascia', 'roof-deck')(spot) && (spot.inside === null || spot.inside < 70)
            ? strength *
              (spot.component === 'fascia' ? 1 : 0.6) *
              (along({ ...WAYS.dripEdge, inside: 70, up: 20 }, span, spot) > 0 ? 1 : 0)
            : 0,
      })
    })
  }
  if (known.crawl && chance.yes(0.2)) {
    const strength = 1.1 * chance.about(0.2)
    add('crawl-vapour', {
      wets: (spot) =>
        spot.inside !== null && only('joist', 'subfloor')(spot) ? strength * (spot.inside > 50 ? 1.1 : 1) : 0,
    })
  }
  if (known.crawl && chance.yes(0.06)) {
    const side = chance.whole(0, 3)
    const length = known.sides[side]!.length! / 64
    const left = chance.between(0, length - 60)
    const span = { side, left, right: left + 60, height: FOUNDATION_IN }
    add('subterranean-termites', {
      side,
      left,
      right: left + 60,
      wets: (spot) =>
        only('mudsill', 'joist')(spot)
          ? 1.6 * along({ down: 20, side: 20, up: 20, inside: 30 }, span, spot)
          : 0,
    })
  }
  return faults
}
