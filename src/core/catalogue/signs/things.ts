import { damage, detail, type Sign } from './sign'

/** Decks and guards, doors, wires and pipes, homes on piers. */
export const THING_SIGNS = {
  'opening-over-4-in': detail('M', 'opening in the guard over 4 in'),
  'guard-no-end-posts': detail('E', 'guard without posts at its ends'),
  'beam-missing': detail('E', 'no beam where one belongs'),
  'post-slender': detail('E', 'post too slender for its height'),
  'single-band': detail('E', 'single band where a double one belongs'),
  'boards-span-too-few': detail('E', 'boards span too few joists'),
  'off-its-track': damage('E', 'off its track'),
  'spring-broken': damage('E', 'spring broken or loose'),
  'conductor-ends-open': detail('E', 'ends of conductors open'),
  'receptacle-loose': detail('T', 'receptacle or switch loose'),
  'box-hangs-loose': detail('E', 'electrical box hangs loose'),
  'aluminium-seen': detail('E', 'branch wiring seen to be aluminium'),
  'copper-seen': detail('E', 'branch wiring seen to be copper'),
  'leaks-at-joint': damage('E', 'pipe or seal seen to leak at its joint'),
  'skirting-bent': damage('E', 'skirting bent or wavy'),
  'skirting-taller-at-one-end': damage('E', 'skirting taller at one end'),
  'wall-bowed-off-frame': damage('E', 'wall of the home bowed off its frame'),
  'on-sloping-ground': detail('E', 'placed on sloping ground'),
  'splashes-below-holes': damage('E', 'splashes below the holes'),
  'tubes-broken-lately': detail('E', 'mud tubes broken away'),
  'stacked-against-wall': detail('E', 'goods or wood stacked against the wall'),
} as const satisfies Record<string, Sign>
