import type { SurveyKind } from '../../../core/job'
import { inches } from '../../../core/measure'
import { choice, last, length, nextName, signed, SIZES, text, yesNo, type SurveyForm } from './fieldSpecs'

/** Decks, floor frames, homes on piers, and what is set out along a wall. */
export const STRUCTURE_FORMS: Readonly<
  Record<Extract<SurveyKind, 'deck' | 'frame' | 'home' | 'layout'>, SurveyForm>
> = {
  deck: {
    how: 'From below and from the house first. Whoever finds one of the first eleven wrong stays off, and keeps others off.',
    fields: [
      choice('wood', 'Wood', ['unknown', 'southern-pine', 'other-softwood']),
      choice('joist', 'Joists', SIZES, true),
      {
        kind: 'number-choice',
        key: 'joist_spacing_in',
        label: 'Joists every',
        choices: [12, 16, 24],
        unit: ' in',
        optional: true,
      },
      length('joist_span', 'Joist span', { bare: 'feet', optional: true }),
      choice('beam', 'Beam of', SIZES, true),
      { kind: 'number-choice', key: 'beam_plies', label: 'Plies', choices: [1, 2, 3], optional: true },
      length('beam_span', 'Between posts', { bare: 'feet', optional: true }),
      choice('post', 'Posts', ['4x4', '4x6', '6x6'], true),
      length('post_height', 'Post to underside of beam', { bare: 'feet', optional: true }),
      choice('ledger_by', 'Ledger held by', [
        'unknown',
        'lags',
        'bolts',
        'bolts-and-washers',
        'nails',
        'nothing',
      ]),
      length('ledger_spacing', 'Ledger fasteners apart', { optional: true }),
      length('guard_height', 'Guard height', { optional: true }),
      length('guard_opening', 'Widest opening in it', { optional: true }),
    ],
    tables: [],
  },
  frame: {
    how: 'The clear span is from face to face of what carries the joists. Supports stand on one line, each so far from its beginning; what hangs on each is estimated once all have their place. A joist called by its number stands so many spacings from the beginning of the line, on the plan too. Raised is in rounds.',
    fields: [
      text('floor', 'Which floor'),
      choice('wood', 'Wood', ['unknown', 'douglas-fir', 'hem-fir', 'southern-pine', 'spruce-pine-fir']),
      choice('use', 'Rooms', ['living', 'sleeping']),
      choice('joist', 'Joists', SIZES, true),
      {
        kind: 'number-choice',
        key: 'joist_spacing_in',
        label: 'Joists every',
        choices: [12, 16, 24],
        unit: ' in',
        optional: true,
      },
      length('joist_span', 'Clear span', { bare: 'feet', optional: true }),
      length('notch', 'Deepest notch', { optional: true }),
      yesNo('notch_at_end', 'Notch at the end'),
      length('hole', 'Largest hole', { optional: true }),
      length('hatch', 'Hatch, the long way', { optional: true }),
      length('clearance', 'Room under the joists', { optional: true }),
      length('other_span', 'Joists beyond the line', { bare: 'feet', optional: true }),
      length('girder', 'The line, end to end', { bare: 'feet', optional: true }),
      { kind: 'number-choice', key: 'floors', label: 'Floors on it', choices: [1, 2, 3] },
      choice('wall_above', 'Wall on the line', ['none', 'light', 'plaster', 'roof']),
    ],
    tables: [
      {
        key: 'supports',
        one: 'support',
        columns: [
          text('support', 'Support'),
          length('along', 'Along the line', { bare: 'feet', optional: true }),
          choice('stands', 'Stands', ['plumb', 'leaning', 'loose', 'sunk', 'not-touching'], true),
          choice('on', 'On', ['footing', 'pad', 'loose-blocks', 'soil'], true),
          length('lift', 'Up by', { optional: true }),
        ],
        next: (rows) => ({
          support: rows.length === 0 ? 'post 1' : nextName(String(rows.at(-1)!.support)),
          along: null,
          stands: null,
          on: null,
          lift: null,
        }),
      },
      {
        key: 'members',
        one: 'member',
        columns: [
          text('member', 'Member'),
          choice('state', 'Is', ['sound', 'damp', 'soft', 'broken', 'cut'], true),
          length('bearing', 'Its end bears', { optional: true }),
          choice('bears_on', 'On', ['wood', 'masonry']),
        ],
        next: (rows) => ({
          member: rows.length === 0 ? 'joist 1' : nextName(String(rows.at(-1)!.member)),
          state: null,
          bearing: null,
          bears_on: last(rows, 'bears_on', 'wood'),
        }),
      },
    ],
  },
  home: {
    how: 'Pier by pier along one rail, from its front end. Level: how far the rail lies under its highest point, with a minus.',
    fields: [
      text('rail', 'Which rail'),
      length('spacing', 'Piers every', { bare: 'feet', optional: true }),
      {
        kind: 'number-choice',
        key: 'roof_psf',
        label: 'Roof load',
        choices: [20, 30, 40],
        unit: ' lb/ft²',
        optional: true,
      },
      choice('soil', 'Soil', ['untested', 'gravel', 'sand', 'soft-clay', 'fill']),
      length('pad', 'Pad, a side', { optional: true }),
      length('pad_thick', 'Pad, thick', { optional: true }),
    ],
    tables: [
      {
        key: 'piers',
        one: 'pier',
        columns: [
          text('pier', 'Pier'),
          length('height', 'High'),
          signed('level', 'Level', { laser: true, optional: true }),
          yesNo('double', 'Double'),
          choice('stands', 'Stands', ['plumb', 'leaning', 'loose', 'sunk'], true),
        ],
        next: (rows) => ({
          pier: rows.length === 0 ? '1' : nextName(String(rows.at(-1)!.pier)),
          height: last(rows, 'height', inches(30)),
          level: null,
          double: last(rows, 'double', false),
          stands: null,
        }),
      },
    ],
  },
  layout: {
    how: 'For a price: how many along which stretch. Plates of anchors lie out beyond the wedge of soil that pushes, and beyond paving.',
    fields: [
      choice('what', 'What', ['anchors', 'straps', 'braces', 'piers']),
      length('from', 'From', { bare: 'feet' }),
      length('to', 'To', { bare: 'feet' }),
      length('spacing', 'At the most apart', { bare: 'feet', optional: true }),
      length('paving', 'Paving, from the wall', { bare: 'feet', optional: true }),
      length('to_line', 'To the property line', { bare: 'feet', optional: true }),
    ],
    tables: [],
  },
}
