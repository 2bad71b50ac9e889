import { sourceFix } from './sourceFix'

/** Water in the ground, beside it and inside the house. Local code governs falls and discharge. */
export const GROUND_AND_INSIDE_FIXES = [
  sourceFix('drain-and-sump', 'Drain and sump to a named outlet', {
    cures: 'a drain below the floor along the wet wall, a sump with a pump, its water led to a named outlet',
    along: 'roof-edge',
    life: [15, 30],
    tasks: [
      ['drain-trench', 'ft', 1],
      ['sump', 'place', 1],
    ],
    goods: [
      ['drain-pipe', 'ft', 1.05, 'with fittings'],
      ['stone', 'ft', 0.06, 'a trench of 12 × 18 in'],
      ['filter-fabric', 'ft', 5, 'round the stone'],
      ['sump-pump', 'place', 1, 'basin and pump'],
      ['electrician-visit', 'place', 1, 'an outlet of its own'],
    ],
  }),
  sourceFix('regrade', 'Ground graded away from the wall', {
    cures: 'soil placed to fall away: 6 in in the first 10 ft where there is room (local code governs)',
    along: 'run',
    life: [5, 15],
    tasks: [['regrade', 'ft', 0.1]],
    goods: [['soil', 'ft', 0.05, '4 ft wide and 3 in deep on average, with 25 % for settling']],
  }),
  sourceFix('paving-joint', 'Joint at the paving drained and filled', {
    cures: 'the joint between paving and wall cleaned, filled to shed water, and led off',
    along: 'run',
    life: [4, 8],
    warranty: 'F',
    tasks: [['paving-joint', 'ft', 1]],
    goods: [['sealant', 'ft', 0.1, 'a wide joint over a backer']],
  }),
  sourceFix('stone-strip', 'Stone in place of hard ground', {
    cures: 'a strip of washed stone at the wall, so that drops do not splash back',
    along: 'run',
    life: [10, 20],
    tasks: [['stone-strip', 'ft', 0.1]],
    goods: [['stone', 'ft', 0.025, '2 ft wide and 4 in deep']],
  }),
  sourceFix('clear-soil', 'Soil cleared to 6 in below the cladding', {
    cures: 'soil and mulch taken away until 6 in of foundation shows',
    along: 'run',
    life: [2, 6],
    warranty: 'D',
    tasks: [['clear-soil', 'ft', 1]],
  }),
  sourceFix('clear-plants', 'Plants cleared, 18 in kept free', {
    cures: 'plants cut back from the wall, 18 in kept free',
    along: 'run',
    life: [1, 2],
    warranty: 'D',
    tasks: [['clear-plants', 'ft', 1]],
  }),
  sourceFix('stand-off', 'Stand-off base or membrane under the wood', {
    cures: 'the wood lifted off the masonry on a base, or a membrane put between',
    life: [20, 30],
    tasks: [['stand-off', 'place', 1]],
    goods: [
      ['post-base', 'place', 1, 'one a post'],
      ['membrane', 'place', 1, 'under it'],
    ],
  }),
  sourceFix('pipe-out', 'Discharge led 6 ft out', {
    cures: 'the pipe led 6 ft from the wall',
    life: [8, 15],
    tasks: [['pipe-out', 'place', 1]],
    goods: [['drain-pipe', 'place', 6, 'to 6 ft from the wall']],
  }),
  sourceFix('ground-cover', 'Ground cover over the crawl space, laps sealed', {
    cures: 'the ground of the crawl space covered, laps sealed, edges turned up',
    along: 'plan',
    life: [10, 20],
    tasks: [['ground-cover', '100 ft2', 1]],
    goods: [
      ['ground-cover', 'ft2', 1.15, 'with laps and upturns'],
      ['seam-tape', '100 ft2', 0.33, 'at the laps'],
    ],
  }),
  sourceFix('wrap-line', 'Cold line wrapped', {
    cures: 'the line wrapped so that it no longer sweats',
    life: [8, 15],
    tasks: [['wrap-line', 'place', 1]],
    goods: [['pipe-wrap', 'place', 12, 'along the wet part']],
  }),
  sourceFix('vent-out', 'Duct led to the outside', {
    cures: 'the duct led outside, taped and hung, with a hood that closes',
    life: [10, 20],
    tasks: [['vent-out', 'place', 1]],
    goods: [
      ['duct', 'place', 10, 'to the outside'],
      ['vent-hood', 'place', 1, 'at the wall'],
      ['seam-tape', 'place', 0.25, 'at the joints'],
    ],
  }),
  sourceFix('attic-seal', 'Ceiling sealed from above, vents balanced', {
    cures: 'holes in the ceiling sealed from above, fans led outside, vents balanced',
    life: [15, 30],
    tasks: [['attic-seal', 'place', 1]],
    goods: [['sealant', 'place', 6, 'gaps at plates, pipes and lamps']],
  }),
] as const
