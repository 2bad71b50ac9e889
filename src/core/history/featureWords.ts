import { f, HIDDEN } from './field'
import * as say from './say'

/** Fields of whatever stands on a wall, at the roof or in the ground: openings, decks, gutters, pipes. */
export const FEATURE_WORDS = {
  ...HIDDEN,
  station: f('left end at', say.length),
  width: f('width', say.length),
  size_how: f('size known', say.choice),
  side_id: f('on', say.side),
  height: f('height', say.length),
  sill: f('sill', say.height),
  casing_width: f('casing width', say.length),
  parts: f('parts', say.names),
  depth: f('depth', say.length),
  deck_height: f('height of the floor', say.length),
  surface: f('surface over the ground', say.length),
  eave_height: f('eave', say.length),
  screened: f('screened', say.yesNo),
  top: f('top', (value, job) =>
    typeof value === 'number' ? say.length(value, job) : say.height(value, job),
  ),
  pitch_in_12: f('pitch in 12', say.plain),
  above_eave: f('above the eave', say.length),
  what: f('what it is', say.choice),
  outlets: f('empties', say.choice),
  profile: f('shape', say.choice),
  top_width: f('across its top', say.length),
  hangers: f('hangs on', say.choice),
  hangers_apart: f('from hanger to hanger', say.length),
  discharge: f('water goes', say.choice),
  in_from_wall: f('in from the wall', say.length),
  floor: f('floor', say.plain),
  points: f('outline', say.changed),
  number: null,
  kind: null,
} as const
