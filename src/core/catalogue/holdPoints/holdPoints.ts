import { rowsById, type Row } from '../row'
import type { StepId } from '../steps'

/** Something that is looked at before the next step covers it: nobody sees it again for thirty years. */
export type HoldPointRow = Row & {
  /** As it is asked on site, and the same in Spanish. */
  readonly es: string
  /** The step that covers it, and the steps of the same place after which there is something to look at. */
  readonly before: StepId
  readonly after: readonly StepId[]
  /** Methods it belongs to; null: all that have those steps. */
  readonly methods: readonly string[] | null
  /** A meter’s reading, a picture from the same spot as before, or a look that somebody signs. */
  readonly wants: 'reading' | 'picture' | 'look'
  /** What a meter may read at most, percent; null: it wants no reading. */
  readonly most_percent: number | null
}

const point = (
  id: string,
  name: string,
  es: string,
  of: Pick<HoldPointRow, 'before' | 'after' | 'wants'> &
    Partial<Pick<HoldPointRow, 'methods' | 'most_percent'>>,
): HoldPointRow => ({ id, name, es, methods: null, most_percent: null, source: 'common practice', ...of })

/**
 * In the order of the work. Source: common practice; closing at 19 % at most is the usual figure, 16 % where insulation or a tight skin
 * follows. What a permit’s inspector wants to see comes on top.
 */
export const HOLD_POINTS: readonly HoldPointRow[] = [
  point(
    'shored',
    'Temporary support stands, braced and tight, before the first fastener',
    'Apuntalamiento firme y arriostrado antes de soltar el primer tornillo',
    {
      before: 'open',
      after: ['shore'],
      wants: 'look',
    },
  ),
  point(
    'pads-cured',
    'Pads cured, away from the loaded cribs',
    'Zapatas curadas, lejos de los apoyos cargados',
    {
      before: 'frame',
      after: ['pour'],
      wants: 'look',
    },
  ),
  point('framing-dry', 'Framing reads dry where it is closed in', 'La estructura está seca antes de cerrar', {
    before: 'substrate',
    after: ['open', 'frame'],
    wants: 'reading',
    most_percent: 19,
  }),
  point(
    'framing-seen',
    'Picture of the open framing, from the same spot',
    'Foto de la estructura abierta, desde el mismo lugar',
    {
      before: 'substrate',
      after: ['open', 'frame'],
      wants: 'picture',
    },
  ),
  point(
    'sheathing-dry',
    'Sheathing reads dry before the barrier',
    'El tablero está seco antes de la barrera',
    {
      before: 'barrier',
      after: ['open', 'substrate'],
      wants: 'reading',
      most_percent: 19,
    },
  ),
  point(
    'lapped',
    'Every lap sheds: bottom first, sides over it, top over them, barrier over the top',
    'Todo traslape escurre: abajo primero, lados encima, arriba sobre ellos, barrera al final',
    {
      before: 'cladding',
      after: ['barrier'],
      wants: 'look',
    },
  ),
  point(
    'barrier-seen',
    'Picture of barrier and flashings, from the same spot',
    'Foto de la barrera y los tapajuntas, desde el mismo lugar',
    {
      before: 'cladding',
      after: ['barrier'],
      wants: 'picture',
    },
  ),
  point(
    'probed-behind',
    'What is behind the piece was probed, and its new one primed on the back and at the cuts',
    'Se sondeó lo que hay detrás, y la pieza nueva lleva imprimación atrás y en los cortes',
    { before: 'trim', after: ['open'], wants: 'look' },
  ),
  point(
    'trim-over-flashing',
    'Flashing behind trim laps out and is not sealed shut',
    'El tapajuntas sale sobre la moldura y no está sellado',
    {
      before: 'trim',
      after: ['barrier'],
      wants: 'look',
    },
  ),
  point(
    'pan-drains',
    'Pan slopes out, with end dams; water poured in comes out',
    'La bandeja inclina hacia afuera, con topes; el agua sale',
    {
      before: 'trim',
      after: ['barrier', 'open'],
      methods: ['window-new', 'door-whole', 'unit-pan', 'door-pan'],
      wants: 'look',
    },
  ),
  point(
    'ledger-held',
    'Ledger fasteners to the table, lateral ties, hangers with every nail',
    'Ledger con sus tornillos según tabla, amarres laterales, colgadores completos',
    {
      before: 'cladding',
      after: ['frame'],
      methods: ['ledger-renew', 'ledger-flash', 'deck-rebuild'],
      wants: 'look',
    },
  ),
  point(
    'back-primed',
    'Cut ends and backs primed before they are set',
    'Cortes y reversos imprimados antes de colocar',
    {
      before: 'cladding',
      after: ['open'],
      methods: ['replace-course', 'panel-sheet', 're-clad-side'],
      wants: 'look',
    },
  ),
  point('wood-dry-for-paint', 'Wood reads dry before it is primed', 'La madera está seca antes de imprimar', {
    before: 'prepare',
    after: ['wash', 'cladding', 'trim'],
    wants: 'reading',
    most_percent: 15,
  }),
]

export const HOLD_POINT_BY_ID = rowsById(HOLD_POINTS)
