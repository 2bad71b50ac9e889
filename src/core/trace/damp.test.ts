import { expect, test } from '@jest/globals'
import { jobOf } from '../../../tests/cases/build'
import { live } from '../job'
import { traceJob } from '.'

/** Contrasts of the trade between damp of the room and water from outside (common practice); each sight by itself. */
function headOf(found: string, house: Parameters<typeof jobOf>[0]['house'] = {}): string | null {
  return traceJob(live(jobOf({ title: 'case', found: [found], house }))).findings[0]!.cause
}

test.each([
  [
    'glass wet on cold mornings, at every window',
    'sash | A 12 70 a2 | wet-on-room-side mould-on-gasket decay-same-on-all-alike 1',
    'room-air-on-cold',
  ],
  [
    'one sill, wet after rain',
    'window-sill | A 12 60 a2 | only-after-rain corner-key-open one-of-many-alike 2',
    'pan-or-unit-corner',
  ],
  ['film on a slab edge wet on its face', 'slab | words bath | taped-film-wet-on-face ?', 'room-air-on-cold'],
  [
    'film on a block wall wet below it',
    'foundation-wall | A 10 10 | taped-film-wet-below infall-within-6-ft ?',
    'grade-slopes-in',
  ],
  [
    'drip in the flue on cold mornings',
    'flue | words hall | wet-only-inside-flue acid-stain-at-flue ?',
    'flue-sweat',
  ],
  [
    'drip beside the chimney in rain',
    'ceiling | words hall | ceiling-stain-beside-chimney mortar-smeared-flashing only-after-rain ?',
    'chimney-flashing',
  ],
  [
    'paint lifts outside the bath',
    'lap-siding | B 20 60 | peels-outside-a-bath blister-wet-to-wood 0',
    'damp-through-wall',
  ],
  ['paint blisters in the sun', 'lap-siding | B 20 60 | cut-blister-shows-film 0', 'coating-fault'],
  [
    'cladding down on the shingles',
    'lap-siding | A 23 128 a5 | siding-tight-to-shingles swollen-bottom-edge 2',
    'roof-clearance',
  ],
  [
    'cladding down on the soil',
    'lap-siding | A 33 8 | gap-too-small bottom-edge-rot-whole-run 2',
    'clearance-too-small',
  ],
])('%s', (_, found, cause) => expect(headOf(found)).toBe(cause))

test('what comes only after rain is never laid to the damp of the room', () => {
  const { findings } = traceJob(
    live(jobOf({ title: 'case', found: ['sash | A 12 70 a2 | only-after-rain lower-rail-and-sill-soft 2'] })),
  )
  const share = findings[0]!.ranked.find(({ cause }) => cause === 'room-air-on-cold')?.probability ?? 0
  expect(share).toBeLessThan(0.05)
})
