import { cause, type Written } from './cause'

const c = (of: Omit<Written, 'seat' | 'reach'>) =>
  cause('earlier-work', { ...of, seat: 'in-place', reach: [18, 18, 18, 6] })
const ANY = [
  'fascia',
  'rake-board',
  'soffit',
  'frieze-board',
  'crown-moulding',
  'lap-siding',
  'base-course',
  'corner-board',
  'water-table',
  'head-casing',
  'side-casing',
  'window-sill',
  'sill-nose',
  'jamb-foot',
  'threshold',
  'sheathing',
  'subfloor',
  'stucco',
  'deck-board',
  'rafter-tail',
] as const

/** What somebody did here before. */
export const EARLIER_WORK_CAUSES = {
  'cosmetic-repair': c({
    name: 'Cosmetic repair over live decay',
    how: 'Filler or paint over soft, wet wood; the decay goes on behind it.',
    usual: 'VC',
    damages: [...ANY],
    for: {
      'filler-hollow-awl-passes': 20,
      'cracks-around-patch': 5,
      'new-paint-one-spot': 3,
      'filler-damp': 6,
      'fresh-filler': 2,
    },
    against: { 'patch-hard-and-backed': 0.1, 'full-new-board': 0.15 },
    fix: ['Take out the filler and all soft wood behind it', 'replace-member', 1, 4],
    only: 'Filler over soft wood opens again in 1 to 3 years.',
  }),
  'wrong-method': c({
    name: 'Wrong method or material',
    how: 'Interior-grade wood, plain steel or the wrong joint does not last outside.',
    usual: 'VC',
    damages: [...ANY, 'deck-joist', 'guard', 'stair'],
    for: {
      'material-mismatch': 5,
      'plain-fastener-or-interior-grade': 4,
      'three-joints-within-4-ft': 3,
      'failed-in-under-5-years': 3,
    },
    against: { 'repaired-to-standard-detail': 0.15, 'original-fabric': 0.2 },
    fix: ['Renew it in the right material to the usual detail', 'replace-member', 1, 6],
    only: 'Fails again as fast.',
  }),
  'partial-repair': c({
    name: 'Partial earlier repair',
    how: 'Some of many alike were mended; the rest, or the source, was left.',
    usual: 'C',
    damages: [...ANY],
    for: { 'some-openings-have-it-others-not': 5, 'rot-around-patch': 2, 'rot-older-than-patch': 3 },
    against: { 'original-fabric': 0.2 },
    fix: ['Do the rest the same way, source first', 'replace-member', 2, 10],
    only: 'The part that was left goes on.',
  }),
} as const
