import { sourceFix } from './sourceFix'

/** Water that comes in through the wall. */
export const WALL_WATER_FIXES = [
  sourceFix('unit-pan', 'Window out, pan set, window back', {
    cures: 'the window taken out, a pan set that drains outward, the window put back',
    life: [20, 30],
    warranty: 'A',
    tasks: [['unit-out-and-back', 'place', 1]],
    goods: [
      ['membrane', 'place', 16, 'pan, sides and head'],
      ['flashing', 'place', 4, 'at the sill'],
      ['sealant', 'place', 1.5, 'behind the flange'],
    ],
    paint_ft2: { per: 'place', times: 10 },
  }),
  sourceFix('door-pan', 'Door out, pan in, door back', {
    cures: 'the door taken out, a pan set under its sill, the door put back',
    life: [15, 25],
    warranty: 'A',
    tasks: [['door-sill', 'place', 1]],
    goods: [
      ['flashing', 'place', 4, 'the pan'],
      ['membrane', 'place', 6, 'pan and feet of the jambs'],
      ['sealant', 'place', 1, 'under the sill'],
    ],
    paint_ft2: { per: 'place', times: 6 },
  }),
  sourceFix('butt-gaps', 'Butts cut to gaps and re-nailed', {
    cures: 'ends cut back to the gap they need, nailed again, ends primed',
    life: [8, 15],
    tasks: [['butt-gaps', 'place', 1]],
    goods: [
      ['fasteners', 'place', 0.5, 'at the ends'],
      ['primer', 'place', 0.05, 'cut ends'],
    ],
    paint_ft2: { per: 'place', times: 4 },
  }),
  sourceFix('band-flashing', 'Flashing over the band', {
    cures: 'metal over the band, tucked behind the barrier, its front edge clear',
    along: 'run',
    life: [20, 30],
    warranty: 'A',
    tasks: [['water-table', 'ft', 1]],
    goods: [
      ['flashing', 'ft', 1.05, 'with laps'],
      ['membrane', 'ft', 1, 'behind it'],
      ['fasteners', 'ft', 0.02, 'one a foot'],
    ],
    paint_ft2: { per: 'ft', times: 1 },
  }),
  sourceFix('penetration-flashing', 'Block and flashing at the hole', {
    cures: 'a block and flashing where a pipe or lamp goes through the wall',
    life: [15, 25],
    warranty: 'A',
    tasks: [['penetration', 'place', 1]],
    goods: [
      ['flashing', 'place', 1, 'over the block'],
      ['membrane', 'place', 2, 'around it'],
      ['sealant', 'place', 0.25, 'above and beside, open below'],
    ],
    paint_ft2: { per: 'place', times: 2 },
  }),
  sourceFix('weep-screed', 'Weep screed set at the foot of the stucco', {
    cures: 'the foot of the stucco cut back and a screed set that lets water out',
    along: 'run',
    life: [25, 40],
    warranty: 'B',
    tasks: [['weep-screed', 'ft', 1]],
    goods: [
      ['weep-screed', 'ft', 1.05, 'with laps'],
      ['membrane', 'ft', 1, 'behind it'],
      ['stucco-mix', 'ft', 0.25, 'a bag every 4 ft'],
    ],
    paint_ft2: { per: 'ft', times: 1 },
  }),
  sourceFix('barrier-renewed', 'Barrier renewed, sound boards back', {
    cures: 'siding taken off over the place, the barrier renewed and tied in, sound boards put back',
    along: 'wall',
    life: [20, 40],
    tasks: [
      ['strip-lap', '100 ft2', 1],
      ['barrier', '32 ft2', 1],
      ['lap-back', '100 ft2', 1],
    ],
    goods: [
      ['house-wrap', 'ft2', 1.15, 'with laps'],
      ['seam-tape', '100 ft2', 0.5, 'at seams and openings'],
      ['fasteners', '100 ft2', 3, 'boards back'],
    ],
    paint_ft2: { per: 'ft2', times: 1 },
  }),
  sourceFix('drained-gap', 'Drained gap behind the cladding', {
    cures: 'siding taken off, furring set over the barrier so that it drains and dries, boards put back',
    along: 'wall',
    life: [20, 40],
    tasks: [
      ['strip-lap', '100 ft2', 1],
      ['barrier', '32 ft2', 1],
      ['furring', '100 ft2', 1],
      ['lap-back', '100 ft2', 1],
    ],
    goods: [
      ['house-wrap', 'ft2', 1.15, 'with laps'],
      ['furring', 'ft2', 0.75, 'every 16 in'],
      ['fasteners', '100 ft2', 5, 'furring and boards'],
    ],
    paint_ft2: { per: 'ft2', times: 1 },
  }),
  sourceFix('shake-backing', 'Shakes re-nailed to solid backing', {
    cures: 'loose shakes re-nailed with ring-shank stainless nails where the backing is solid',
    along: 'wall',
    life: [8, 15],
    warranty: 'F',
    tasks: [['shake-re-nail', '100 ft2', 1]],
    goods: [['fasteners', '100 ft2', 2, 'stainless, ring-shank']],
    paint_ft2: { per: 'ft2', times: 0.2 },
  }),
  sourceFix('sprinkler', 'Sprinkler head turned or moved', {
    cures: 'the head turned or moved so that it no longer wets the wall',
    life: [1, 5],
    warranty: 'D',
    tasks: [['sprinkler', 'place', 1]],
  }),
] as const
