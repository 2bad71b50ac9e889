import { damage, detail, type Sign } from './sign'

/** On the roof and its gutters. */
export const ROOF_SIGNS = {
  'dip-in-field': damage('E', 'dip in the field of the roof'),
  'leaves-on-roof': detail('E', 'leaves lie on the roof'),
  'cap-missing': detail('E', 'cap or cover missing'),
  'plants-rooted': detail('E', 'plants have taken root in it'),
  'fasteners-bare': detail('E', 'fasteners bare on the roof'),
  'metal-beginning-to-rust': damage('E', 'metal begins to rust, no hole'),
  'boot-chewed': damage('E', 'pipe boot chewed'),
  'gap-along-lower-edge': detail('E', 'gap along the lower edge of the metal'),
  'streaks-down-gutter-face': damage('E', 'streaks down the face of the gutter'),
  'gutter-face-clean': damage('E', 'face of the gutter clean'),
  'takes-several-roofs': detail('E', 'one gutter takes the water of several roofs'),
  'spike-hangers': detail('E', 'gutter hangs on spikes'),
  'hangers-far-apart': detail('M', 'hangers of the gutter over 3 ft apart'),
  dent: damage('E', 'dented or crushed'),
  'leader-loose': detail('E', 'downspout loose'),
  'leader-cut-short': detail('E', 'downspout cut short of its ground pipe'),
  'ground-pipe-mouth-blocked': detail('E', 'mouth of the ground pipe blocked'),
  'ceiling-stain-below': damage('E', 'stain on the ceiling below, new or old not known'),
  'ceiling-mould-below': damage('E', 'mould on the ceiling below'),
} as const satisfies Record<string, Sign>
