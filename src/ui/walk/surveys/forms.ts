import { GUTTER_FALLS, type SurveyKind } from '../../../core/job'
import { feet, inches } from '../../../core/measure'
import {
  choice,
  further,
  last,
  length,
  nextName,
  number,
  signed,
  station,
  text,
  yesNo,
  type SurveyForm,
} from './fieldSpecs'
import { STRUCTURE_FORMS } from './structureForms'

/** Every kind of survey as a form: what the page shows, without the page. */
export const SURVEY_FORMS: Readonly<Record<SurveyKind, SurveyForm>> = {
  courses: {
    how: 'Shoot one level line along the wall. At each station say which course it crosses, counted from the ground, and how far it lies over (or, with a minus, under) that course’s edge. Where it passes to the next course, count on.',
    fields: [length('course', 'One course with its joint'), length('joint', 'Joint by itself')],
    tables: [
      {
        key: 'readings',
        one: 'station',
        columns: [
          station,
          number('course', 'Course', 200, { least: 1, whole: true }),
          choice('edge', 'Edge', ['top', 'bottom']),
          signed('over_edge', 'Line over edge', { laser: true, optional: true }),
        ],
        next: (rows) => ({
          station: further(rows, feet(8)),
          course: last(rows, 'course', 3),
          edge: last(rows, 'edge', 'top'),
          over_edge: null,
        }),
      },
    ],
  },
  floor: {
    how: 'Set the rod on points a, b, c … and say where each lies: along the front from the left corner, and back from the front. After moving the level, read one point again: it ties both set-ups. A rug or tile over part of the floor is its covering.',
    fields: [text('floor', 'Which floor', 'the same name at the second date')],
    tables: [
      {
        key: 'readings',
        one: 'point',
        columns: [
          number('set_up', 'Set-up', 20, { least: 1, whole: true }),
          text('point', 'Point'),
          length('across', 'Along front', { bare: 'feet', optional: true }),
          length('back', 'Back', { bare: 'feet', optional: true }),
          signed('rod', 'Rod', { laser: true, optional: true }),
          length('covering', 'Covering'),
        ],
        next: (rows) => ({
          set_up: last(rows, 'set_up', 1),
          point: rows.length === 0 ? 'a' : nextName(String(rows.at(-1)!.point)),
          across: last(rows, 'across', 0),
          back: last(rows, 'back', 0),
          rod: null,
          covering: last(rows, 'covering', 0),
        }),
      },
    ],
  },
  plumb: {
    how: 'Hang a plumb line, or stand a 4-ft level, off the inner face and measure to the wall at its foot, middle and top. Write how far each stands in from the outermost: leaning in is positive.',
    fields: [
      length('height', 'Foot to top', { bare: 'feet' }),
      signed('foot_as_built', 'Foot as built', {
        optional: true,
        hint: 'only where a mark on the slab shows it',
      }),
    ],
    tables: [
      {
        key: 'stations',
        one: 'station',
        columns: [
          station,
          signed('foot', 'Foot', { laser: true, optional: true }),
          signed('middle', 'Middle', { laser: true, optional: true }),
          signed('top', 'Top', { laser: true, optional: true }),
        ],
        next: (rows) => ({ station: further(rows, feet(6)), foot: null, middle: null, top: null }),
      },
    ],
  },
  crack: {
    how: 'Measure its width at both ends with a gauge: where it is wider says what moved. Come back after a season and add a reading; never only once.',
    fields: [
      choice('run', 'Runs', ['vertical', 'horizontal', 'diagonal', 'stepped']),
      yesNo('masonry', 'In masonry'),
      yesNo('filled_before', 'Filled before'),
    ],
    tables: [
      {
        key: 'readings',
        one: 'look',
        columns: [
          { kind: 'day', key: 'day', label: 'Day' },
          length('upper', 'Top or left end', { optional: true }),
          length('lower', 'Foot or right end', { optional: true }),
          length('offset', 'Offset'),
          choice('proud', 'Stands proud', ['neither', 'upper', 'lower', 'left', 'right']),
          text('season', 'Season'),
        ],
        next: (rows) => ({
          day: '',
          upper: null,
          lower: null,
          offset: last(rows, 'offset', 0),
          proud: last(rows, 'proud', 'neither'),
          season: '',
        }),
      },
    ],
  },
  ground: {
    how: 'Lay a level out from the wall over 10 ft, or as far as the ground goes, and measure down at its end. Falling away is positive, towards the wall negative.',
    fields: [],
    tables: [
      {
        key: 'stations',
        one: 'station',
        columns: [
          station,
          choice('surface', 'Surface', ['soil', 'paving']),
          signed('fall', 'Falls away', { laser: true, optional: true }),
          length('run', 'Over', { bare: 'feet' }),
        ],
        next: (rows) => ({
          station: further(rows, feet(10)),
          surface: last(rows, 'surface', 'soil'),
          fall: null,
          run: last(rows, 'run', feet(10)),
        }),
      },
    ],
  },
  gutter: {
    how: 'Name every roof slope that drains to this gutter, also through another one. The rains are those of the place: the code’s hour in a hundred years, the trade’s five minutes in ten.',
    fields: [
      choice('shape', 'Hung', ['half-round', 'square-backed', 'none', 'unknown']),
      length('width', 'Width', { optional: true }),
      choice('fall', 'Falls, in a foot', GUTTER_FALLS, true),
      number('rain_hour_in', 'Rain of an hour, in', 20, { least: 0.1, optional: true }),
      number('rain_five_minutes_in', 'Rain of 5 minutes, in/h', 30, { least: 0.1, optional: true }),
      number('downspouts', 'Downspouts', 50, { whole: true, optional: true }),
      number('downspout_in2', 'Free section of one, in²', 500, { optional: true }),
      text('goes_to', 'Its water goes to'),
    ],
    tables: [
      {
        key: 'roofs',
        one: 'roof slope',
        columns: [
          text('name', 'Slope'),
          number('plan_ft2', 'On plan, ft²', 100_000),
          number('pitch_in_12', 'Pitch in 12', 36),
          number('wall_ft2', 'Wall above, ft²', 100_000),
        ],
        next: (rows) => ({
          name: rows.length === 0 ? 'main roof' : `roof ${rows.length + 1}`,
          plan_ft2: 0,
          pitch_in_12: last(rows, 'pitch_in_12', 6),
          wall_ft2: 0,
        }),
      },
    ],
  },
  vents: {
    how: 'Count the openings and measure each kind; screens and louvres leave about half free, the maker says how much.',
    fields: [
      choice('space', 'Of the', ['crawl', 'attic']),
      number('floor_ft2', 'Its floor, ft²', 100_000, { optional: true }),
      yesNo('covered', 'Ground covered, laps sealed'),
      yesNo('balanced', 'Openings across, or high and low'),
    ],
    tables: [
      {
        key: 'openings',
        one: 'kind of opening',
        columns: [
          text('what', 'What'),
          number('count', 'Count', 500, { whole: true }),
          length('width', 'Wide'),
          length('height', 'High'),
          number('free_percent', 'Free, %', 100),
        ],
        next: (rows) => ({
          what: rows.length === 0 ? 'vent' : `vent ${rows.length + 1}`,
          count: 1,
          width: inches(16),
          height: inches(8),
          free_percent: 50,
        }),
      },
    ],
  },
  air: {
    how: 'Air in the middle of the space, the surface where it is coldest. A series over weeks says more than one day.',
    fields: [text('space', 'Where', 'crawl space, attic, bath …')],
    tables: [
      {
        key: 'readings',
        one: 'reading',
        columns: [
          { kind: 'day', key: 'day', label: 'Day' },
          { kind: 'temperature', key: 'air_c', label: 'Air, °F', optional: true },
          number('humidity_percent', 'Humidity, %', 100, { optional: true }),
          { kind: 'temperature', key: 'surface_c', label: 'Surface, °F', optional: true },
        ],
        next: () => ({
          day: '',
          air_c: null,
          humidity_percent: null,
          surface_c: null,
        }),
      },
    ],
  },
  ...STRUCTURE_FORMS,
}
