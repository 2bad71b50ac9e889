import { damage, detail, heard, type Sign } from './sign'

/** Cracks and walls that moved. */
export const CRACK_SIGNS = {
  'crack-horizontal': damage('E', 'horizontal crack in masonry outside'),
  'crack-vertical': damage('E', 'vertical crack, width not compared'),
  'crack-diagonal': damage('E', 'diagonal crack in a wall'),
  'crack-stepped': damage('E', 'crack stepped along the joints'),
  'crack-wider-above': damage('E', 'crack wider at its top'),
  'crack-wider-below': damage('E', 'crack wider at its foot'),
  'crack-diagonal-at-opening': damage('E', 'diagonal crack at the corner of a door or window'),
  'crack-along-board-joint': damage('E', 'straight crack along a joint of wallboard'),
  'crack-through-slab-edge': damage('E', 'crack through the slab edge'),
  'crack-filled-before': damage('E', 'crack was filled before'),
  'crack-filled-torn-again': damage('E', 'filled crack has torn open again'),
  'course-line-drops': damage('L', 'a course line falls along the wall, read with laser or level'),
  'wall-kicked-in-at-foot': damage('L', 'wall pushed in at its foot'),
  'wall-bowed': damage('L', 'wall bellies in'),
  'wall-leans-in-at-top': damage('L', 'wall leans in at its top'),
  'brace-cut-or-loose': detail('E', 'old brace cut, loose or cast into the slab'),
  'soil-soaked-at-corner': detail('E', 'soil soaked at that corner'),
  'stood-decades-still': heard(damage('E', 'stood for decades without movement or water in')),
  'map-cracks': damage('E', 'fine cracks like a map'),
  'crack-wide-at-edge-or-joint': damage('E', 'wide crack at an edge or a control joint'),
} as const satisfies Record<string, Sign>
