import { feet } from '../src/core/measure'
import { newWorkItem, type Feature, type JobDocument } from '../src/core/job'
import { ownedJob, finding, side, window } from './build'
import { deckCheck } from './surveyed'

/** 6 Plover Quay, thin: an upper deck on which the ledger, the posts and the joists have failed. It is rebuilt as a whole. */
export function ploverQuay(): JobDocument {
  const deck: Feature = {
    id: 'deck-c1',
    removed: false,
    kind: 'deck',
    side_id: 'side-c',
    number: 1,
    station: feet(8),
    width: feet(20),
    size_how: 'taped',
    depth: feet(12),
    deck_height: feet(9),
  }
  const on = { side: 'c', feature: 'deck-c1' } as const
  const findings = [
    finding({
      n: 1,
      words: 'Ledger soft behind its metal, nails only',
      component: 'ledger',
      at: { ...on, ft: 8, up_in: 108 },
      length_in: 240,
      grade: 3,
      signs: ['ledger-nails-only', 'no-metal-at-ledger'],
    }),
    finding({
      n: 2,
      words: 'Three posts soft at the foot, on patio stones',
      component: 'deck-post',
      at: { ...on, ft: 12, up_in: 0 },
      length_in: 108,
      grade: 3,
      signs: ['decay-same-on-all-alike'],
    }),
    finding({
      n: 3,
      words: 'Joists soft along the top, every second one',
      component: 'deck-joist',
      at: { ...on, ft: 10, up_in: 106 },
      length_in: 144,
      grade: 2,
      signs: ['decay-same-on-all-alike'],
    }),
    finding({
      n: 4,
      words: 'Guard moves, posts notched and nailed',
      component: 'guard',
      at: { ...on, ft: 8, up_in: 112 },
      length_in: 528,
      grade: 2,
      signs: [],
    }),
    finding({
      n: 5,
      words: 'Stair: stringer cracked from a notch',
      component: 'stair',
      at: { ...on, ft: 26, up_in: 0 },
      grade: 3,
      signs: [],
    }),
  ]
  const rebuilt = newWorkItem({
    id: 'deck-rebuilt',
    finding_ids: findings.map((each) => each.id),
    method: 'deck-rebuild',
    component: 'ledger',
    material: 'treated',
    places: [
      {
        at: { kind: 'deck', feature_id: 'deck-c1', words: '' },
        size: { kind: 'area', area: feet(20) * feet(12), low: null, high: null, how: 'taped' },
        height: null,
      },
    ],
  })
  return {
    ...ownedJob('plover-quay-6', '6 Plover Quay', {
      address: '6 Plover Quay, Port Alder',
      owner: 'Anselm Torrey',
    }),
    house: {
      id: 'house',
      removed: false,
      kind: 'house',
      year_built: { kind: 'known', year: 1991 },
      storeys: 2,
      foundation: 'slab',
      foundation_height: feet(1),
      storey_height: feet(9),
      climate: null,
      surroundings: null,
      conditions: [],
      crawl_clearance: null,
    },
    sides: [
      side('A', 0, 'front', 36),
      side('B', 1, 'right', 28),
      side('C', 2, 'back', 36),
      side('D', 3, 'left', 28),
    ],
    features: [window('A', 1, 10, 1), deck],
    findings,
    work_items: [rebuilt],
    surveys: [
      deckCheck({
        id: 'deck-check',
        day: '2026-04-21',
        instrument: 'tape and awl',
        deck: 'deck-c1',
        wrong: ['ledger-nails', 'ledger-metal', 'post-feet', 'guard-firm', 'stair-fixed', 'connectors'],
        right: ['ledger-veneer', 'beam-on-posts', 'no-more-load', 'plumb-braced', 'boards-span'],
        notSeen: ['rim-sound', 'held-sideways'],
        sizes: {
          ...{ joist: '2x8', joist_spacing_in: 16, beam: '2x10', beam_plies: 2, post: '4x4' },
          ledger_by: 'nails',
        },
        spans_ft: { joist: 11, beam: 7, post: 8 },
        guard_in: { height: 34, opening: 5 },
      }),
    ],
  }
}
