import { INVENTED_CLIMATES } from '../src/core/house'
import type { Finding, JobDocument, Side } from '../src/core/job'
import { feet, inches } from '../src/core/measure'
import { door, finding, ownedJob, side, window } from './build'
import { scopedToTheEnd } from './scopedToTheEnd'

/** Small jobs that stand where the large ones do not, so that the list shows every state a job can be in. */

/** Where a job of the office stands when the demo is loaded. Days are counted from that day. */
export type Standing =
  | { readonly is: 'walked' }
  | { readonly is: 'sent' }
  | { readonly is: 'seen' }
  /** Its owner asks about the bid, and nobody has answered yet. */
  | { readonly is: 'question'; readonly words: string }
  | { readonly is: 'accepted' }
  /** Accepted without the item that can be left out last. */
  | { readonly is: 'accepted-in-part' }
  | { readonly is: 'declined' }
  | { readonly is: 'scheduled'; readonly in_days: number }
  | { readonly is: 'closed'; readonly days_ago: number }
  | { readonly is: 'expired'; readonly sent_days_ago: number }

type Small = {
  readonly id: string
  readonly title: string
  readonly owner: string
  readonly asked: string
  readonly year: number
  readonly cladding: Side['cladding']
  readonly findings: readonly Finding[]
  readonly standing: Standing
}

const at = (sideLetter: string, ft: number, up_in: number, feature?: string) => ({
  side: sideLetter,
  ft,
  up_in,
  ...(feature ? { feature } : {}),
})

export const OFFICE: readonly Small[] = [
  {
    id: 'gannet-street-14',
    title: '14 Gannet Street',
    owner: 'Wim Ostrander',
    asked: 'See what the damp patch under the front window is.',
    year: 1961,
    cladding: 'wood-lap',
    standing: { is: 'walked' },
    findings: [
      finding({
        n: 1,
        words: 'Sill nose soft at the front window',
        component: 'sill-nose',
        at: at('a', 6, 38, 'window-a1'),
        length_in: 40,
        grade: 3,
        signs: ['soft-under-paint'],
      }),
      finding({
        n: 2,
        words: 'Bottom course soft below it',
        component: 'lap-siding',
        at: at('a', 6, 10),
        length_in: 60,
        grade: 2,
      }),
      finding({
        n: 3,
        words: 'Corner board soft at the foot, front left',
        component: 'corner-board',
        at: at('a', 0, 12),
        length_in: 14,
        grade: 3,
      }),
    ],
  },
  {
    id: 'brine-close-3',
    title: '3 Brine Close',
    owner: 'Sefa Lindqvist',
    asked: 'The board under the gutter at the back.',
    year: 1978,
    cladding: 'wood-lap',
    standing: { is: 'sent' },
    findings: [
      finding({
        n: 1,
        words: 'Fascia soft at the back, four feet',
        component: 'fascia',
        at: at('c', 8, 106),
        length_in: 48,
        grade: 3,
        signs: ['soft-under-paint'],
      }),
    ],
  },
  {
    id: 'coopers-row-8',
    title: '8 Coopers Row',
    owner: 'Bram Castillo',
    asked: 'Two windows and the corner by the drive.',
    year: 1984,
    cladding: 'hardboard-lap',
    standing: { is: 'seen' },
    findings: [
      finding({
        n: 1,
        words: 'Sill soft, front window',
        component: 'window-sill',
        at: at('a', 6, 36, 'window-a1'),
        length_in: 42,
        grade: 3,
      }),
      finding({
        n: 2,
        words: 'Casing leg soft at the foot, right window',
        component: 'side-casing',
        at: at('b', 9, 40, 'window-b1'),
        length_in: 16,
        grade: 3,
      }),
      finding({
        n: 3,
        words: 'Corner board at the drive soft',
        component: 'corner-board',
        at: at('b', 0, 12),
        length_in: 20,
        grade: 3,
      }),
    ],
  },
  {
    id: 'ferry-steps-21',
    title: '21 Ferry Steps',
    owner: 'Runa Pell',
    asked: 'Two sills over the porch, and the board above them.',
    year: 1979,
    cladding: 'wood-lap',
    standing: { is: 'question', words: 'Could the sills be done before the painter comes on the 12th?' },
    findings: [
      finding({
        n: 1,
        words: 'Sill soft at its left end',
        component: 'window-sill',
        at: at('a', 6, 36, 'window-a1'),
        length_in: 30,
        grade: 3,
      }),
      finding({
        n: 2,
        words: 'Fascia soft over the porch',
        component: 'fascia',
        at: at('a', 4, 106),
        length_in: 36,
        grade: 2,
      }),
    ],
  },
  {
    id: 'sailmaker-yard-4',
    title: '4 Sailmaker Yard',
    owner: 'Cato Brandt',
    asked: 'The corner by the bins, the door post, and the window beside it.',
    year: 1988,
    cladding: 'wood-lap',
    standing: { is: 'accepted-in-part' },
    findings: [
      finding({
        n: 1,
        words: 'Corner board soft at the foot',
        component: 'corner-board',
        at: at('b', 0, 12),
        length_in: 22,
        grade: 3,
      }),
      finding({
        n: 2,
        words: 'Casing leg soft beside the window',
        component: 'side-casing',
        at: at('b', 9, 40, 'window-b1'),
        length_in: 18,
        grade: 3,
      }),
      finding({
        n: 3,
        words: 'Sill worn, paint gone',
        component: 'window-sill',
        at: at('a', 6, 36, 'window-a1'),
        length_in: 36,
        grade: 1,
      }),
    ],
  },
  {
    id: 'osprey-lane-27',
    title: '27 Osprey Lane',
    owner: 'Ione Halloran',
    asked: 'Entry door leg and whatever is behind it.',
    year: 1990,
    cladding: 'wood-lap',
    standing: { is: 'accepted' },
    findings: [
      finding({
        n: 1,
        words: 'Jamb foot soft at the entry, left',
        component: 'jamb-foot',
        at: at('a', 17, 10, 'door-a2'),
        length_in: 9,
        grade: 3,
      }),
      finding({
        n: 2,
        words: 'Casing leg soft beside it',
        component: 'side-casing',
        at: at('a', 17, 12, 'door-a2'),
        length_in: 12,
        grade: 3,
      }),
    ],
  },
  {
    id: 'mussel-bank-5',
    title: '5 Mussel Bank',
    owner: 'Teodor Vance',
    asked: 'The board over the entry, and a window head.',
    year: 1972,
    cladding: 'wood-lap',
    standing: { is: 'scheduled', in_days: 6 },
    findings: [
      finding({
        n: 1,
        words: 'Fascia soft at the front over the entry',
        component: 'fascia',
        at: at('a', 15, 106),
        length_in: 72,
        grade: 3,
      }),
      finding({
        n: 2,
        words: 'Head casing soft at the front window',
        component: 'head-casing',
        at: at('a', 6, 98, 'window-a1'),
        length_in: 53,
        grade: 3,
      }),
    ],
  },
  {
    id: 'tollgate-60',
    title: '60 Tollgate',
    owner: 'Greer Maddox',
    asked: 'Sills before the painter comes.',
    year: 1988,
    cladding: 'wood-lap',
    standing: { is: 'closed', days_ago: 3 },
    findings: [
      finding({
        n: 1,
        words: 'Sill nose soft, right window',
        component: 'sill-nose',
        at: at('b', 9, 38, 'window-b1'),
        length_in: 36,
        grade: 3,
      }),
    ],
  },
  {
    id: 'harbour-steps-2',
    title: '2 Harbour Steps',
    owner: 'Lotte Ferrand',
    asked: 'A price for the bottom boards at the back.',
    year: 1996,
    cladding: 'wood-lap',
    standing: { is: 'declined' },
    findings: [
      finding({
        n: 1,
        words: 'Bottom course soft along the back',
        component: 'lap-siding',
        at: at('c', 4, 10),
        length_in: 120,
        grade: 3,
      }),
    ],
  },
  {
    id: 'wharf-end-11',
    title: '11 Wharf End',
    owner: 'Rafe Sondergaard',
    asked: 'The board at the foot of the back wall.',
    year: 1981,
    cladding: 'wood-lap',
    standing: { is: 'expired', sent_days_ago: 36 },
    findings: [
      finding({
        n: 1,
        words: 'Water table soft at the back',
        component: 'water-table',
        at: at('c', 10, 8),
        length_in: 48,
        grade: 3,
      }),
    ],
  },
]

/** A job of the office: one storey, four sides, a window or two, a door. */
export function officeJob(of: Small): JobDocument {
  const job = ownedJob(of.id, of.title, { address: `${of.title}, Port Alder`, owner: of.owner })
  const clad = { cladding: of.cladding }
  const walked: JobDocument = {
    ...job,
    job: {
      ...job.job,
      asked: of.asked,
      scope_line: 'What was asked about, and what is seen beside it.',
      walked_on: '2026-05-06',
      weather: 'dry, 58 °F',
      present: 'owner, Dov Harrow',
    },
    house: {
      id: 'house',
      removed: false,
      kind: 'house',
      year_built: { kind: 'known', year: of.year },
      storeys: 1,
      foundation: 'crawl',
      foundation_height: inches(16),
      storey_height: feet(9),
      climate: INVENTED_CLIMATES[0]!,
      surroundings: null,
      conditions: [],
      crawl_clearance: null,
    },
    sides: [
      side('A', 0, 'front', 32, clad),
      side('B', 1, 'right', 24, { ...clad, roof_edge: 'gable' }),
      side('C', 2, 'back', 32, clad),
      side('D', 3, 'left', 24, { ...clad, roof_edge: 'gable' }),
    ],
    features: [window('A', 1, 5, 1), door('A', 2, 17), window('B', 1, 8, 1, { w: 36, h: 48 })],
    findings: [...of.findings],
  }
  return of.standing.is === 'walked' ? walked : scopedToTheEnd(walked)
}
