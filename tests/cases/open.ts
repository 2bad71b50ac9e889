import type { Case } from './build'

/** The open half, the traps among it: read while the engine was made. */
export const OPEN: readonly Case[] = [
  // The twelve traps.
  {
    title: 'trap 1: fascia soft along 40 ft, gutter dry behind',
    found: ['fascia | A 0 128 | deck-edge-soft-along-run gutter-dry-behind-rot'],
    cause: 'no-drip-edge',
    not: ['gutter-overflow', 'gutter-mis-hung'],
    sources: 1,
  },
  {
    title: 'trap 2: rot at the lower left of one window, head dry',
    found: [
      'window-sill | A 12 57 a2 | sill-and-lower-jamb-only framing-below-soft-head-dry one-of-many-alike',
    ],
    cause: 'pan-or-unit-corner',
    not: ['head-flashing-absent', 'head-flashing-short'],
    sources: 1,
  },
  {
    title: 'trap 3: every sill nose of the south side alike, 25 years old, details right',
    found: ['a1 A 4', 'a2 A 12', 'a3 A 30'].map(
      (at) =>
        `sill-nose | ${at.slice(3)} 55 ${at.slice(0, 2)} | decay-same-on-all-alike age-past-usual-life detail-right uniform-across-sunny-face primer-gone 2`,
    ),
    cause: 'ordinary-exposure',
    sources: 0,
  },
  {
    title: 'trap 4: the whole crawl space damp in August, insulation up',
    found: [
      'joist | in A 10 40 | every-bay-alike subfloor-over-18-in-summer worse-under-tight-flooring',
      'joist | in C 25 40 | every-bay-alike subfloor-over-18-in-summer',
    ],
    cause: 'crawl-vapour',
    not: ['plumbing-leak', 'pan-or-tub-joint', 'exterior-leak-in'],
    sources: 1,
  },
  {
    title: 'trap 5: horizontal crack inside, and one end low: both are true',
    found: [
      'foundation-wall | words left wall | horizontal-crack-inside plumb-out-half-in ?',
      'brick-veneer | words back left corner | courses-low-and-cracks low-zone-with-tapered-cracks ?',
    ],
    cause: ['lateral-pressure', 'settlement'],
    sources: 2,
    house: { foundation: 'basement' },
  },
  {
    title: 'trap 6: ledger on veneer that has stood 22 years',
    found: ['ledger | C 13 20 c4 | ledger-on-veneer 1'],
    cause: 'ledger-attachment',
    not: ['ordinary-exposure', 'old-inactive'],
    sources: 1,
  },
  {
    title: 'trap 7: the head stays dry, the window joint wets in six minutes',
    found: ['window-sill | A 12 57 a2 | corner-key-open head-hard-and-dry sill-and-lower-jamb-only'],
    cause: 'pan-or-unit-corner',
    not: ['head-flashing-absent', 'head-flashing-short'],
    sources: 1,
  },
  {
    title: 'trap 8: beetle holes, dull, no dust, eleven percent',
    found: ['joist | in C 5 40 | holes-dull-no-dust under-11-percent-for-years frass-or-holes 2'],
    cause: 'old-inactive',
    not: ['wood-beetles', 'subterranean-termites'],
    sources: 0,
  },
  {
    title: 'trap 10: kick-out missing, whatever the owner wants done',
    found: ['lap-siding | A 19.5 90 | roof-ends-on-wall-no-diverter soft-below-roof-end'],
    cause: 'kick-out-missing',
    sources: 1,
  },
  {
    title: 'trap 11: floor off by 5/8 in, trim scribed, no cracks',
    found: [
      'floor | words dining room | trim-scribed-paint-unbroken doors-trimmed-to-fit level-within-half-in-20-ft ?',
    ],
    cause: 'as-built',
    not: ['settlement', 'pier-displaced', 'heave'],
    sources: 0,
  },
  // Look-alikes.
  {
    title: 'stepped crack with plumb wall and courses down',
    found: [
      'foundation-wall | words front wall | courses-low-and-cracks low-zone-with-tapered-cracks wall-plumb ?',
    ],
    cause: 'settlement',
    not: ['lateral-pressure'],
    house: { foundation: 'basement' },
  },
  {
    title: 'floor high in the middle in the wet season, a leak under the slab',
    found: ['slab | words middle of the house | middle-or-porch-highest leak-under-slab slab-humps ?'],
    cause: 'heave',
    not: ['settlement'],
    house: { foundation: 'slab', clay: true },
  },
  {
    title: 'vertical crack in brick, the same width all the way',
    found: [
      'brick-veneer | words long front wall | vertical-crack-even-width no-expansion-joint courses-level ?',
    ],
    cause: 'expansion-without-gaps',
    not: ['settlement'],
  },
  {
    title: 'bed joint lifted at the end of a lintel, rust',
    found: [
      'brick-veneer | words over the garage door | lintel-bed-joint-lifted rust-and-cover-lost courses-level ?',
    ],
    cause: 'embedded-steel',
    not: ['settlement'],
  },
  {
    title: 'wall leans out at the top, ridge sags, no ties',
    found: ['rafter | words attic | ridge-sags-wall-out-at-top no-rafter-ties crack-under-eaves 0'].map(
      (text) => text.replace(' 0', ' ?'),
    ),
    cause: 'roof-thrust',
    not: ['lateral-pressure'],
  },
  {
    title: 'dark roof deck, all nail tips rusty, no link with rain',
    found: ['roof-deck | words attic | rusty-nail-tips-all-bays worse-in-winter indoor-air-humid'],
    cause: 'attic-air-leak',
    not: ['roof-worn', 'pipe-collar'],
  },
  {
    title: 'dark roof deck local to one pipe',
    found: ['roof-deck | words attic | stain-directly-below-pipe one-spot-only cracked-collar'],
    cause: 'pipe-collar',
    not: ['attic-air-leak'],
  },
  {
    title: 'deck wet upslope of a wide chimney',
    found: ['roof-deck | words attic at the chimney | deck-wet-upslope-of-chimney wide-chimney-no-cricket'],
    cause: 'chimney-flashing',
    not: ['attic-air-leak', 'chase-cover'],
  },
  {
    title: 'stain at the roof line only, flashing smeared',
    found: [
      'lap-siding | A 22 108 | stain-within-2-ft-of-roof-line one-piece-or-smeared-flashing damage-only-at-roof-line',
    ],
    cause: 'step-flashing',
    not: ['finish-overdue'],
  },
  {
    title: 'gutter end runs into the cladding, siding swollen there',
    found: [
      'lap-siding | A 38 118 | end-cap-touches-siding wet-fan-at-gutter-end siding-swollen-at-gutter-end',
    ],
    cause: 'gutter-end-in-wall',
    not: ['finish-overdue'],
  },
  {
    title: 'edge wicking: bottom edges alone, everywhere, near soil',
    found: [
      'base-course | B 5 12 | bottom-edge-rot-whole-run gap-too-small paint-lost-bottom-inch -dirt-specks-to-18-in',
    ],
    cause: 'clearance-too-small',
    not: ['splash-back', 'soil-on-wood'],
  },
  {
    title: 'soft floor at the toilet wall: not rain, not every bay',
    found: ['subfloor | in B 22 18 | wet-below-fixture independent-of-rain one-bay-only meter-dial-moves'],
    cause: 'plumbing-leak',
    not: ['crawl-vapour'],
  },
  {
    title: 'soft floor along one wall under a window, after rain',
    found: [
      'subfloor | in B 20.5 8 | along-one-wall only-after-rain',
      'window-sill | B 20 57 b2 | framing-below-soft-head-dry corner-key-open sill-and-lower-jamb-only',
    ],
    cause: ['pan-or-unit-corner', 'pan-or-unit-corner'],
    not: ['crawl-vapour', 'plumbing-leak'],
    sources: 1,
  },
  {
    title: 'cold line drips on humid days, cooling on',
    found: [
      'subfloor | words under the air duct | cold-line-wet-on-humid-days drips-along-pipe cooling-running',
    ],
    cause: 'sweating-line',
    not: ['plumbing-leak'],
  },
  {
    title: 'tide line on piers, water comes days after rain',
    found: ['girder | words crawl | tide-line-on-piers water-days-after-rain efflorescence-band'],
    cause: 'water-table',
    not: ['plumbing-leak', 'leader-at-wall'],
  },
  {
    title: 'hard six-sided pellets, pin holes, no soil link',
    found: ['rafter | words attic | hard-six-sided-pellets pinhole-kick-outs no-soil-link 2'],
    cause: 'drywood-termites',
    not: ['subterranean-termites', 'wood-beetles'],
  },
  {
    title: 'pin holes with bright powder in a damp crawl',
    found: ['joist | in D 5 30 | pin-holes-with-powder fresh-frass damp-crawl-over-14 2'],
    cause: 'wood-beetles',
    not: ['old-inactive', 'subterranean-termites'],
  },
  {
    title: 'ragged rows of holes in cedar, larvae behind',
    found: ['lap-siding | B 3 80 | ragged-rows larvae-behind 1'],
    cause: 'woodpecker',
    not: ['carpenter-bees'],
  },
  {
    title: 'blister that is only the top film on the sunny side',
    found: ['lap-siding | C 20 60 | cut-blister-shows-film dry-and-hard-all-round 1'],
    cause: 'coating-fault',
    sources: 0,
  },
  {
    title: 'dark streak on the face of the gutter board wipes off',
    found: ['fascia | A 20 128 | streak-wipes-off dry-and-hard-all-round 1'],
    cause: 'dirt-streak',
    not: ['gutter-overflow'],
    sources: 0,
  },
  {
    title: 'wave along the courses follows the studs',
    found: ['lap-siding | D 8 60 | wave-follows-framing dry-and-hard-all-round 1'],
    cause: 'framing-wave',
    sources: 0,
    not: ['expansion-without-gaps'],
  },
  {
    title: 'butts tight and bowed, worse at noon',
    found: ['lap-siding | C 28 60 | butts-tight-and-bowed worse-at-noon no-expansion-joint 1'],
    cause: 'expansion-without-gaps',
    not: ['framing-wave'],
  },
  {
    title: 'soft below the vent, no hood',
    found: ['lap-siding | B 14.6 50 b3 | soft-at-or-below-hole no-block-or-hood'],
    cause: 'penetration-unflashed',
    not: ['finish-overdue'],
    sources: 1,
  },
  {
    title: 'opened: barrier lapped the wrong way',
    found: ['sheathing | D 24 60 | @opened barrier-seen-faulty @touched interior-stain-sound-cladding'],
    cause: 'barrier-faulty',
    sources: 1,
  },
  {
    title: 'stucco in the soil, bloom, sheathing soft two inches up',
    found: ['stucco | D 24 4 | no-weep-screed bloom-at-base sheathing-soft-2-in-up ?'],
    cause: 'weep-screed-missing',
    not: ['drying-hairline'],
  },
  {
    title: 'open hem on the metal edge, crown stained, rot only under it',
    found: [
      'crown-moulding | A 21 112 a5 | open-hem-crown-stained rot-only-under-metal-edge drip-line-behind-edge',
    ],
    cause: 'metal-edge-capillary',
    not: ['gutter-overflow'],
  },
  {
    title: 'one roof leak over two findings far apart below',
    found: [
      'ceiling | words bedroom under the valley | wet-path-from-attic drips-in-any-rain nail-drips-in-attic',
    ],
    cause: 'roof-leak-down',
    not: ['attic-air-leak', 'drying-hairline'],
  },
  {
    title: 'floor dropped where the bearing rotted',
    found: ['floor | words back hall | soft-end-at-bearing soft-line-in-floor ?'],
    cause: 'bearing-decayed',
    not: ['over-spanned', 'as-built'],
  },
  {
    title: 'blocks on sod, shims fanned, the same end low',
    found: ['floor | words marriage line | pads-on-sod-or-fill shims-fanned same-end-low ?'],
    cause: 'pad-unlevel',
    not: ['settlement'],
    house: { foundation: 'piers' },
  },
  {
    title: 'flashing sound though the cladding above is gone: it is cleared',
    found: [
      'head-casing | A 12 105 a2 | metal-tucked-at-head metal-past-casing-with-dams chalk-cracks-bare-spots primer-gone 1',
    ],
    cause: 'finish-overdue',
    not: ['head-flashing-absent', 'head-flashing-short'],
    sources: 0,
  },
  {
    title: 'four windows soft with sound heads in between: two places, one fault each',
    found: [
      'window-sill | A 4 57 a1 | corner-key-open sill-and-lower-jamb-only framing-below-soft-head-dry',
      'lap-siding | A 19.5 90 | fan-stain-below-roof-end roof-ends-on-wall-no-diverter',
    ],
    cause: ['pan-or-unit-corner', 'kick-out-missing'],
    sources: 2,
  },
  {
    title: 'heard of, never seen: a word of the owner is not enough',
    found: ['fascia | A 20 128 | @told wash-marks-behind-gutter 2'],
    cause: null,
  },
  {
    title: 'fresh paint on the board: what the eye sees of it counts half',
    found: ['corner-board | D 29.5 40 | freshly-painted @seen-close open-joint 2'],
    cause: null,
  },
]
