import { method, NO_RECIPE, ON_THE_GROUND, RUST_OR_MOVING, SWOLLEN } from './method'

const CALM = { keepOff: false, engineer: false, untouched: false } as const
const OPEN_JOINT = ['open-joint', 'bare-joint'] as const

/** Joints and coats. */
export const FINISH = [
  method({
    id: 're-seal',
    name: 'Re-seal',
    cures: 'old sealant cut out, joint renewed; drainage joints left open',
    we: 'We cut the old sealant out of the joints of the {part} and seal them anew, leaving open those that let water out.',
    brief: 'sealed anew',
    life: [6, 12],
    lifeUncured: [1, 3],
    warranty: 'F',
    hidesDecay: true,
    advice: [
      { verdict: 'blocked', when: { grade: [2, 4] }, says: 'Sealant over soft wood only hides it.' },
      {
        verdict: 'blocked',
        when: { sign: RUST_OR_MOVING },
        says: 'Over rust, or over what moves, it splits again: that is mended first.',
      },
      {
        verdict: 'blocked',
        when: { moved: true, part: ON_THE_GROUND },
        says: 'It has moved: closed or painted over, nobody sees whether it goes on.',
      },
      {
        verdict: 'blocked',
        when: { sign: SWOLLEN },
        says: 'A swollen edge is closed by no sealant: the board is renewed.',
      },
      {
        verdict: 'recommended',
        when: { ...CALM, grade: [1, 1], sign: OPEN_JOINT },
        says: 'Surface only, and a joint is open.',
      },
    ],
    recipe: {
      ...NO_RECIPE,
      tasks: [{ task: 'sealant', per: 'ft', times: 1 }],
      goods: [
        {
          good: 'sealant',
          per: 'ft',
          times: 1 / (24 * 0.78),
          why: 'a cartridge gives 24 ft of a 1/4 in joint in theory, 78 % of it in practice',
        },
      ],
      paint_ft2: { per: 'ft', times: 0 },
    },
  }),
  method({
    id: 'prime-and-paint',
    name: 'Prime and paint',
    cures: 'scraped, spot primed, two coats to the next break',
    we: 'We scrape the {part}, prime what is bare, and paint it twice to the next break; nothing is cut.',
    brief: 'primed and painted',
    life: [2, 5],
    lifeUncured: [0, 2],
    warranty: 'E',
    paints: true,
    hidesDecay: true,
    advice: [
      { verdict: 'blocked', when: { grade: [2, 4] }, says: 'Paint does not mend soft wood.' },
      { verdict: 'blocked', when: { painted: false }, says: 'Nobody paints this.' },
      {
        verdict: 'blocked',
        when: { sign: RUST_OR_MOVING },
        says: 'Over rust, or over what moves, paint lets go: that is mended first.',
      },
      {
        verdict: 'blocked',
        when: { moved: true, part: ON_THE_GROUND },
        says: 'It has moved: closed or painted over, nobody sees whether it goes on.',
      },
      {
        verdict: 'blocked',
        when: { sign: SWOLLEN },
        says: 'A swollen edge drinks through its paint: the board is renewed.',
      },
      {
        verdict: 'recommended',
        when: { ...CALM, grade: [1, 1], noSign: OPEN_JOINT },
        says: 'Surface only: it wants paint.',
      },
    ],
    recipe: {
      ...NO_RECIPE,
      tasks: [
        { task: 'scrape', per: '100 ft', times: 1 },
        { task: 'trim-paint', per: '100 ft', times: 2 },
      ],
      goods: [
        { good: 'primer', per: 'ft', times: 1 / 250, why: 'a square foot a foot, 250 a gallon' },
        { good: 'paint', per: 'ft', times: 2 / 350, why: 'two coats, 350 ft² a gallon' },
      ],
      paint_ft2: { per: 'ft', times: 1 },
    },
  }),
  method({
    id: 'paint-side',
    name: 'Paint this side',
    answers: 'side',
    cures: 'washed by hand, scraped, spot primed, two coats',
    we: 'We wash this side by hand, scrape and prime what is bare, and paint it twice.',
    life: [5, 8],
    lifeUncured: [2, 3],
    warranty: 'E',
    paints: true,
    recipe: {
      ...NO_RECIPE,
      tasks: [
        { task: 'hand-wash', per: '100 ft2 gross', times: 1 },
        { task: 'scrape', per: '100 ft2 gross', times: 1, byCondition: true },
        { task: 'field-paint', per: '100 ft2 gross', times: 2 },
      ],
      goods: [
        {
          good: 'primer',
          per: 'ft2 surface',
          times: 0.25 / 250,
          why: 'a quarter of the surface, 250 ft² a gallon',
        },
        { good: 'paint', per: 'ft2 surface', times: 2 / 350, why: 'two coats, 350 ft² a gallon' },
      ],
      paint_ft2: { per: '100 ft2 gross', times: 100 },
    },
  }),
]
