import { AT_GROUND, BELOW_OPENINGS, FIXTURES, HowMeasured, ON_ROOF, type Feature } from '../../../core/job'

export type FieldRow = { readonly name: string; readonly label: string } & (
  | { readonly kind: 'length'; readonly bare?: 'feet'; readonly hint?: string; readonly optional?: true }
  | { readonly kind: 'number' | 'text' | 'check' }
  | { readonly kind: 'choice'; readonly choices: readonly { value: string; label: string }[] }
)

const same = (values: readonly string[]): { value: string; label: string }[] =>
  values.map((value) => ({ value, label: value.replace('-', ' ') }))
const ABOVE = [
  { value: 'floor-1', label: 'the first floor' },
  { value: 'floor-2', label: 'the second floor' },
  { value: 'floor-3', label: 'the third floor' },
  { value: 'grade', label: 'the ground' },
  { value: 'foundation-top', label: 'the foundation' },
]

/** Fields of what stands on a side, in the order one measures. A kind shows those it has. */
const ROWS: readonly FieldRow[] = [
  {
    name: 'station',
    label: 'Station of its left end',
    kind: 'length',
    bare: 'feet',
    hint: 'from the left corner, seen from outside',
  },
  { name: 'width', label: 'Width', kind: 'length' },
  { name: 'height', label: 'Height', kind: 'length' },
  { name: 'casing_width', label: 'Casing', kind: 'length' },
  { name: 'in_from_wall', label: 'In from the wall', kind: 'length' },
  { name: 'depth', label: 'Depth out from the wall', kind: 'length' },
  { name: 'surface', label: 'Its surface over the ground beside it', kind: 'length' },
  { name: 'deck_height', label: 'Floor above the ground', kind: 'length' },
  { name: 'eave_height', label: 'Its eave above the ground', kind: 'length', bare: 'feet' },
  { name: 'top', label: 'Its top above the ground', kind: 'length', bare: 'feet' },
  { name: 'above_eave', label: 'Foot above the eave', kind: 'length' },
  { name: 'size_how', label: 'Place and size were', kind: 'choice', choices: same(HowMeasured.options) },
  { name: 'sill.value', label: 'Its foot', kind: 'length' },
  { name: 'sill.from', label: 'Above', kind: 'choice', choices: ABOVE },
  { name: 'top.value', label: 'Where it meets the wall', kind: 'length' },
  { name: 'top.from', label: 'Above', kind: 'choice', choices: ABOVE },
  { name: 'pitch_in_12', label: 'Pitch, inches in 12', kind: 'number' },
  { name: 'floor', label: 'Floor', kind: 'choice', choices: same(['1', '2', '3', '4']) },
  {
    name: 'outlets',
    label: 'It empties at',
    kind: 'choice',
    choices: [
      { value: 'unknown', label: 'not looked' },
      { value: 'left', label: 'its left end' },
      { value: 'right', label: 'its right end' },
      { value: 'both', label: 'both ends' },
      { value: 'middle', label: 'the middle' },
    ],
  },
  {
    name: 'profile',
    label: 'Its shape',
    kind: 'choice',
    choices: [
      { value: 'unknown', label: 'not looked' },
      { value: 'ogee', label: 'ogee, flat at the back' },
      { value: 'half-round', label: 'half round' },
      { value: 'box', label: 'box' },
    ],
  },
  { name: 'top_width', label: 'Across its top', kind: 'length', optional: true },
  {
    name: 'hangers',
    label: 'It hangs on',
    kind: 'choice',
    choices: [
      { value: 'unknown', label: 'not looked' },
      { value: 'hidden', label: 'hangers inside it, screwed' },
      { value: 'straps', label: 'straps over it' },
      { value: 'spikes', label: 'spikes' },
    ],
  },
  { name: 'hangers_apart', label: 'From hanger to hanger', kind: 'length', optional: true },
  {
    name: 'discharge',
    label: 'Its water goes',
    kind: 'choice',
    choices: [
      { value: 'unknown', label: 'not looked' },
      { value: 'at-wall', label: 'out at the wall' },
      { value: 'carried-off', label: '4 ft or more away' },
      { value: 'underground', label: 'into the ground' },
    ],
  },
  { name: 'screened', label: 'Screened', kind: 'check' },
]

/** What it is, where a kind is of several things: from a list, or in words. */
function whatRow(kind: Feature['kind']): FieldRow {
  const common = { name: 'what', label: 'What it is' } as const
  switch (kind) {
    case 'fixture':
      return { ...common, kind: 'choice', choices: same(FIXTURES) }
    case 'on-roof':
      return { ...common, kind: 'choice', choices: same(ON_ROOF) }
    case 'at-ground':
      return { ...common, kind: 'choice', choices: same(AT_GROUND) }
    case 'crawl-opening':
      return { ...common, kind: 'choice', choices: same(BELOW_OPENINGS) }
    case 'window':
    case 'door':
    case 'deck':
    case 'bay':
    case 'porch':
    case 'chimney-chase':
    case 'small-roof':
    case 'dormer':
    case 'penetration':
    case 'gutter':
    case 'leader':
    case 'outline':
      return { ...common, kind: 'text' }
  }
}

function isIn(feature: Feature, name: string): boolean {
  const [field, part] = name.split('.')
  const value = (feature as unknown as Record<string, unknown>)[field!]
  const isHeight = typeof value === 'object' && value !== null
  return value !== undefined && (part === undefined ? !isHeight : isHeight)
}

/** The fields that a feature has, in order. */
export function fieldsOf(feature: Feature): FieldRow[] {
  const own = ROWS.filter(({ name }) => isIn(feature, name))
  return 'what' in feature ? [...own, whatRow(feature.kind)] : own
}

/** What an edit of a feature sends: its id, kind and number were given at creation and stay. */
export function editOf(feature: Feature): Record<string, unknown> {
  return Object.fromEntries(
    Object.entries(feature).filter(([name]) => !['id', 'number', 'kind'].includes(name)),
  )
}
