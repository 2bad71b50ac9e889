import { sourceFix } from './sourceFix'

/** Water off the roof and away from the wall. */
export const ROOF_WATER_FIXES = [
  sourceFix('gutter-clean', 'Gutter cleaned, an outlet added', {
    cures: 'gutter cleaned and flushed, one more outlet cut so that it keeps up',
    we: 'We clean and flush the gutter and cut one more outlet into it, so that it keeps up with the rain.',
    along: 'roof-edge',
    life: [1, 3],
    warranty: 'D',
    tasks: [
      ['gutter-clean', 'ft', 1],
      ['downspout', 'place', 1],
    ],
    goods: [
      ['outlet', 'place', 1, 'one more'],
      ['downspout', 'place', 10, 'to the ground'],
      ['sealant', 'place', 0.5, 'at the outlet'],
    ],
  }),
  sourceFix('gutter-re-hang', 'Gutter re-hung to fall', {
    cures: 'gutter taken down and hung again with fall to its outlet',
    we: 'We take the gutter down and hang it again so that it falls to its outlet.',
    along: 'roof-edge',
    life: [8, 15],
    tasks: [['gutter-re-hang', 'ft', 1]],
    goods: [
      ['gutter-hanger', 'ft', 0.5, 'one every 2 ft'],
      ['sealant', 'place', 0.5, 'at the joints'],
    ],
  }),
  sourceFix('gutter-new', 'Gutter and downspout, led away', {
    cures: 'a gutter hung to fall with a downspout, its water led away from the wall',
    we: 'We hang a gutter with a downspout and lead its water away from the wall.',
    along: 'roof-edge',
    life: [15, 25],
    tasks: [
      ['gutter-new', 'ft', 1],
      ['downspout', 'place', 2],
    ],
    goods: [
      ['gutter', 'ft', 1.05, 'with 5 % for cuts'],
      ['gutter-hanger', 'ft', 0.5, 'one every 2 ft'],
      ['outlet', 'place', 1, 'at its low end'],
      ['downspout', 'place', 15, 'to the ground and 4 ft out'],
      ['sealant', 'place', 1, 'at joints and outlet'],
    ],
  }),
  sourceFix('gutter-end-flashed', 'Gutter end cut back and flashed behind', {
    cures: 'gutter end cut back an inch from the wall, flashing behind it',
    we: 'We cut the end of the gutter back an inch from the wall and put metal behind it.',
    life: [15, 25],
    tasks: [['gutter-end', 'place', 1]],
    goods: [
      ['flashing', 'place', 2, 'behind the end'],
      ['membrane', 'place', 2, 'under the flashing'],
      ['sealant', 'place', 0.25, 'at the end cap'],
    ],
    paint_ft2: { per: 'place', times: 4 },
  }),
  sourceFix('leader-clear', 'Outlet and downspout cleared and re-fitted', {
    cures: 'outlet and downspout cleared, joints put back together',
    we: 'We clear the outlet and the downspout and put the joints back together.',
    life: [2, 6],
    warranty: 'D',
    tasks: [['downspout', 'place', 2]],
  }),
  sourceFix('leader-away', 'Downspout led 4 ft or more away', {
    cures: 'the water of the downspout led 4 ft or more from the wall',
    we: 'We lead the downspout’s water four feet or more away from the wall.',
    life: [8, 15],
    tasks: [['downspout', 'place', 2]],
    goods: [['downspout', 'place', 6, 'elbow, extension and a splash end']],
  }),
  sourceFix('drip-edge', 'Drip edge along the roof edge', {
    cures: 'metal slid under the first shingle along the whole run, its hem clear of the wood',
    we: 'We slide metal under the first row of shingles along the whole roof edge, so that water drips clear of the wood.',
    along: 'roof-edge',
    life: [20, 30],
    warranty: 'A',
    tasks: [['drip-edge', 'ft', 1]],
    goods: [
      ['drip-edge', 'ft', 1.05, 'with laps'],
      ['fasteners', 'ft', 0.02, 'one a foot'],
    ],
  }),
  sourceFix('roof-clear', 'Roof cleared, shingles re-laid', {
    cures: 'debris and the limb that brings it taken away, lifted shingles re-laid',
    we: 'We clear the roof, cut the limb that brings the leaves, and lay lifted shingles back.',
    life: [1, 4],
    warranty: 'D',
    tasks: [['roof-clear', 'place', 1]],
  }),
  sourceFix('step-flashing', 'Step flashing renewed', {
    cures: 'new pieces woven with the shingles, the barrier over them',
    we: 'We weave new metal between shingles and wall where the roof meets it, and lap the wall’s paper over.',
    along: 'run',
    life: [20, 30],
    warranty: 'A',
    tasks: [['step-flashing', 'ft', 1]],
    goods: [
      ['step-flashing', 'ft', 2.4, 'one a course of 5 in'],
      ['membrane', 'ft', 1, 'behind it'],
    ],
    paint_ft2: { per: 'ft', times: 1 },
  }),
  sourceFix('kick-out', 'Kick-out flashing at the roof end', {
    cures: 'a kick-out throws the water into the gutter; siding opened below and closed',
    we: 'We fit a piece of metal at the end of the roof that throws the water into the gutter, and open and close the siding below it.',
    life: [20, 30],
    warranty: 'A',
    tasks: [['kick-out', 'place', 1]],
    goods: [
      ['kick-out', 'place', 1, 'one a roof end'],
      ['membrane', 'place', 3, 'behind it'],
      ['sealant', 'place', 0.25, 'at the siding'],
    ],
    paint_ft2: { per: 'place', times: 4 },
  }),
  sourceFix('chase-cover', 'New sloped chase cover', {
    cures: 'a sloped metal cover with turned edges over the chase',
    we: 'We fit a sloping metal cover with turned-down edges over the chimney box.',
    life: [20, 35],
    warranty: 'A',
    tasks: [['chase-cover', 'place', 1]],
    goods: [
      ['chase-cover', 'place', 1, 'made to measure'],
      ['sealant', 'place', 1, 'at the flue'],
    ],
  }),
  sourceFix('pipe-collar', 'New pipe collar', {
    cures: 'a new collar woven into the shingles',
    we: 'We weave a new collar around the pipe into the shingles.',
    life: [12, 20],
    warranty: 'A',
    tasks: [['pipe-collar', 'place', 1]],
    goods: [['pipe-collar', 'place', 1, 'one a pipe']],
  }),
] as const
