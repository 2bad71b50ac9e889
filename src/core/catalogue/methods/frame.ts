import { boards, boardsOf, kit } from './kit'

const OPEN = ['close-same-day'] as const
const SHORED = ['shoring', 'permit', 'close-same-day'] as const

/** Walls behind their cladding. Sizes are like for like; section loss says replace or engineer, never a number. */
export const FRAME_KITS = [
  kit('sheathing-new', 'Sheathing renewed, closed in the same day', {
    cures:
      'soft sheathing cut to stud centres, every edge backed, the same thickness in, barrier tied in, dried in the same day',
    we: 'We cut the soft boards behind the siding (sheathing) out to the studs, fit new ones as thick, and close the wall to rain the same day.',
    serves: ['sheathing'],
    when: [2, 4, 'Soft sheathing is cut to studs and renewed.'],
    advice: [
      {
        verdict: 'recommended',
        when: { grade: [1, 1], part: ['sheathing'], keepOff: false, engineer: false },
        says: 'Swollen, lifting flakes or a nail that pulls by hand: renewed.',
      },
    ],
    life: [30, 50],
    uncured: [5, 10],
    needs: ['close-same-day', 'dry'],
    tasks: [
      ['wall-sheathing', '32 ft2', 1],
      ['barrier', '32 ft2', 1],
      ['dry-in', '32 ft2', 1],
    ],
    goods: [
      ['sheathing-sheet', '32 ft2', 1.08, 'with 8 % for cuts'],
      ['house-wrap', 'ft2', 1.15, 'with laps'],
      ['seam-tape', '32 ft2', 0.1, 'its joints'],
      ['fasteners', '32 ft2', 0.6, '64 a sheet, 6 and 12 in'],
      ['tarp', 'ft2', 1.2, 'until it is clad'],
    ],
    pieces: [
      boardsOf(4, '2x4', 'framing', 'blocks behind edges', { per: '32 ft2', times: 2, replaces: false }),
    ],
    paint_ft2: { per: 'place', times: 0 },
    debris_yd3: { per: 'ft2', times: 0.005 },
  }),
  kit('stud-sister', 'Sister the stud', {
    cures: 'a stud beside the old one, full height or 24 in past the soft, nailed in two rows',
    we: 'We nail a new stud beside the soft one, reaching well past the damage.',
    serves: ['stud'],
    rebuilds: 'member',
    when: [2, 3, 'Soft in part, wall open: a sister to 24 in past it.'],
    life: [30, 60],
    uncured: [5, 10],
    needs: ['dry', ...OPEN],
    tasks: [['stud-sister', 'place', 1]],
    goods: [
      ['fasteners', 'place', 0.5, 'two rows, 8 in apart'],
      ['borate', 'place', 0.03, 'what stays'],
    ],
    pieces: [boards(null, null, '24 in past either end', { plus_in: 48, least_in: 48, replaces: false })],
    paint_ft2: { per: 'place', times: 0 },
  }),
  kit('stud-new', 'Replace the bearing stud, shored', {
    cures: 'floor above carried on a temporary wall, stud out, a whole one in',
    we: 'We carry the floor above on a wall of our own, take the stud out, and set a whole one in.',
    serves: ['stud', 'jack-stud'],
    rebuilds: 'member',
    when: [4, 4, 'Gone, or soft at both ends: replaced on a temporary wall.'],
    advice: [
      {
        verdict: 'recommended',
        when: { part: ['jack-stud'], grade: [2, 3] },
        says: 'A jack stud carries the header: shored and replaced whole.',
      },
    ],
    life: [30, 60],
    uncured: [5, 10],
    needs: [...SHORED, 'dry'],
    tasks: [['stud-replace', 'place', 1]],
    goods: [
      ['fasteners', 'place', 0.5, 'plates and header'],
      ['framing-tie', 'place', 2, 'top and bottom'],
    ],
    pieces: [
      boards(null, null, 'stud, whole', { least_in: 93 }),
      boardsOf(8, '2x4', 'framing', 'temporary wall, used again', { times: 2, replaces: false }),
    ],
    paint_ft2: { per: 'place', times: 0 },
  }),
  kit('sole-plate-new', 'Sole plate section, shored', {
    cures: 'wall carried, plate cut 6 in past the soft to studs, a treated one in, tied',
    we: 'We carry the wall, cut the soft foot board (plate) out past the damage, and set in a treated one.',
    serves: ['sole-plate'],
    rebuilds: 'member',
    when: [2, 4, 'Soft plate: cut past it to studs, a treated one in.'],
    life: [30, 50],
    uncured: [5, 10],
    needs: [...SHORED, 'dry'],
    tasks: [['sole-plate', 'ft', 1]],
    goods: [
      ['framing-tie', 'ft', 1, 'each stud and joint'],
      ['fasteners', 'ft', 0.1, 'studs and floor'],
      ['membrane', 'ft', 1.1, 'under it'],
    ],
    pieces: [boards(null, 'treated', '6 in past either end', { plus_in: 12, least_in: 32, joint: 'butt' })],
    paint_ft2: { per: 'place', times: 0 },
  }),
  kit('header-new', 'Header renewed, shored', {
    cures: 'floor or roof carried on a temporary wall, header out, one as strong in, on whole jack studs',
    we: 'We carry what is above on a wall of our own, take the beam over the opening out, and set in one as strong.',
    serves: ['header'],
    rebuilds: 'member',
    when: [2, 4, 'A header carries what is above: shored, then renewed.'],
    life: [30, 60],
    uncured: [5, 10],
    needs: ['engineer', ...SHORED],
    tasks: [['header', 'place', 1]],
    goods: [
      ['fasteners', 'place', 1, 'plies and jacks'],
      ['framing-tie', 'place', 4, 'ends'],
    ],
    pieces: [
      boards(null, null, 'two plies, 3 in on either jack', { times: 2, plus_in: 6, least_in: 48 }),
      boardsOf(8, '2x4', 'framing', 'temporary wall, used again', { times: 4, replaces: false }),
    ],
    paint_ft2: { per: 'place', times: 0 },
  }),
  kit('rim-new', 'Rim joist section', {
    cures: 'joists carried, rim cut 24 in past the soft to joists, blocked, barrier and flashing over it',
    we: 'We carry the joists, cut the edge board of the floor (rim) out past the soft, fit a new one, and close it with paper and metal.',
    serves: ['rim-joist'],
    rebuilds: 'member',
    when: [2, 4, 'Soft rim: cut 24 in past it to joists, blocked.'],
    life: [30, 50],
    uncured: [5, 10],
    needs: [...SHORED, 'dry'],
    tasks: [
      ['rim', 'ft', 1],
      ['barrier', 'ft', 1 / 16],
    ],
    goods: [
      ['fasteners', 'ft', 0.15, 'joists and sill'],
      ['membrane', 'ft', 1.2, 'over it'],
      ['framing-tie', 'ft', 0.75, 'one a joist'],
    ],
    pieces: [boards(null, null, '24 in past either end', { plus_in: 48, least_in: 48, joint: 'butt' })],
    paint_ft2: { per: 'place', times: 0 },
  }),
  kit('mudsill-new', 'Mudsill section, jacked', {
    cures:
      'wall jacked free, sill cut 12 in past the soft, a treated one on a capillary break, anchored at both ends',
    we: 'We lift the wall off it a hair, cut the soft beam on the foundation (mudsill) out, and bolt in a treated one kept off the damp.',
    serves: ['mudsill'],
    rebuilds: 'member',
    when: [2, 4, 'Soft sill: wall carried, a treated length in.'],
    life: [30, 50],
    uncured: [8, 15],
    needs: [...SHORED, 'pest-clear', 'dry'],
    tasks: [['mudsill', 'ft', 1]],
    goods: [
      ['anchor', 'ft', 0.25, 'one every 4 ft'],
      ['anchor', 'place', 2, 'within 12 in of either end'],
      ['membrane', 'ft', 1.1, 'under it'],
      ['fasteners', 'ft', 0.1, 'joists and rim'],
      ['framing-tie', 'ft', 0.75, 'one a joist'],
    ],
    pieces: [boards(null, 'treated', '12 in past either end', { plus_in: 24, least_in: 48, joint: 'butt' })],
    paint_ft2: { per: 'place', times: 0 },
  }),
]
