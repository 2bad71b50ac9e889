import { method } from './method'

/** Methods that sell nothing, and the one whose work is told in words. */
export const WITHOUT_RECIPE = [
  method({
    id: 'watch',
    does: 'leaves',
    name: 'Watch',
    brief: 'left as it is, looked at again',
    cures: 'nothing; looked at again on a date',
    we: 'We leave it as it is and look again on an agreed date.',
    sells: false,
    standsAs: 'watched',
    life: [1, 2],
    lifeUncured: [1, 1],
    warranty: 'none',
    advice: [
      {
        verdict: 'blocked',
        when: { keepOff: true },
        says: 'On the keep-off list: no patch is sold here. Shore, then rebuild by the trade.',
      },
      {
        verdict: 'blocked',
        when: { engineer: true, keepOff: false },
        says: 'It carries load and is soft: watching is not enough.',
      },
      {
        verdict: 'recommended',
        when: { untouched: true, keepOff: false, engineer: false },
        says: 'Not touched yet: look before choosing. A price is possible all the same.',
      },
      { verdict: 'recommended', when: { grade: [0, 0], keepOff: false, engineer: false }, says: 'Sound.' },
      {
        verdict: 'recommended',
        when: { grade: [1, 1], painted: false, keepOff: false, engineer: false },
        says: 'Surface only, and nobody paints it: looked at again on a date.',
      },
    ],
    recipe: null,
  }),
  method({
    id: 'refer',
    does: 'leaves',
    name: 'Refer',
    brief: 'handed to another trade',
    cures: 'nothing by us; a licensed trade or an engineer goes first',
    we: 'A licensed trade or an engineer goes first; we do nothing before.',
    sells: false,
    standsAs: 'referred',
    life: [0, 0],
    lifeUncured: [0, 0],
    warranty: 'none',
    advice: [
      { verdict: 'recommended', when: { keepOff: true }, says: 'On the keep-off list.' },
      {
        verdict: 'recommended',
        when: { engineer: true, keepOff: false },
        says: 'It carries load and is soft.',
      },
      {
        verdict: 'recommended',
        when: { fixesSource: true, keepOff: false, engineer: false },
        says: 'Fixes the source: {source}.',
      },
    ],
    recipe: null,
  }),
  method({
    id: 'own-work',
    does: 'leaves',
    name: 'Own work',
    cures: 'as described',
    we: '',
    life: [0, 0],
    lifeUncured: [0, 0],
    warranty: 'D',
    recipe: null,
  }),
]
