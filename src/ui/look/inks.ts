import type { Ink, LabelInk } from '../../core/house'

/** How each kind of shape is inked. The only place that gives the drawing colours; screen and paper share it. */
export type Stroke = {
  readonly fill: string
  readonly stroke: string
  readonly width_px: number
  readonly dash?: string
}

const OUTLINE = '#17232B'

export const INKS: Readonly<Record<Ink, Stroke>> = {
  ground: { fill: 'none', stroke: OUTLINE, width_px: 1 },
  foundation: { fill: '#B4BDBD', stroke: OUTLINE, width_px: 1 },
  wall: { fill: '#EACFA6', stroke: OUTLINE, width_px: 1 },
  masonry: { fill: '#D9B8A4', stroke: OUTLINE, width_px: 1 },
  course: { fill: 'none', stroke: '#D5B685', width_px: 0.6 },
  roof: { fill: '#9EA7A8', stroke: OUTLINE, width_px: 1 },
  trim: { fill: '#FBFAF6', stroke: OUTLINE, width_px: 0.8 },
  glass: { fill: '#C9DCE2', stroke: OUTLINE, width_px: 0.8 },
  door: { fill: '#7E8F86', stroke: OUTLINE, width_px: 0.8 },
  skirt: { fill: '#D8D2C4', stroke: OUTLINE, width_px: 0.8 },
  screen: { fill: 'rgba(126,143,134,0.35)', stroke: OUTLINE, width_px: 0.6 },
  gutter: { fill: '#B9C4C8', stroke: OUTLINE, width_px: 0.8 },
  'gutter-line': { fill: 'none', stroke: OUTLINE, width_px: 2 },
  hidden: { fill: 'none', stroke: OUTLINE, width_px: 1, dash: '3 3' },
  outline: { fill: 'rgba(251,250,246,0.7)', stroke: OUTLINE, width_px: 1, dash: '5 3' },
  'scope-out': { fill: 'rgba(233,238,238,0.72)', stroke: '#45555F', width_px: 1, dash: '6 3' },
  'scope-apart': { fill: 'none', stroke: '#174A90', width_px: 1.6, dash: '2 3' },
  'scope-line': { fill: 'none', stroke: '#17232B', width_px: 2 },
  'plan-floor': { fill: '#F4EFE4', stroke: 'none', width_px: 0 },
  deck: { fill: '#8A7B63', stroke: OUTLINE, width_px: 0.8 },
  'not-seen': { fill: 'none', stroke: '#6B5A38', width_px: 0.8 },
  damage: { fill: 'none', stroke: '#C93A1C', width_px: 1.2 },
  'damage-fill': { fill: '#F6D9CE', stroke: 'none', width_px: 0 },
  'damage-solid': { fill: '#C93A1C', stroke: 'none', width_px: 0 },
  sound: { fill: 'none', stroke: '#2F6B4A', width_px: 1.2 },
  awl: { fill: '#FFFFFF', stroke: OUTLINE, width_px: 1 },
  'awl-fill': { fill: '#C93A1C', stroke: OUTLINE, width_px: 1 },
  'awl-untouched': { fill: '#FFFFFF', stroke: OUTLINE, width_px: 1, dash: '2 2' },
  water: { fill: '#1F5FAE', stroke: 'none', width_px: 0 },
  'water-path': { fill: 'none', stroke: '#1F5FAE', width_px: 1.6, dash: '4 3' },
  level: { fill: 'none', stroke: '#1F5FAE', width_px: 1, dash: '3 3' },
  'level-line': { fill: 'none', stroke: '#1F5FAE', width_px: 1.6 },
  contour: { fill: 'none', stroke: '#1F5FAE', width_px: 1 },
  'day-done': { fill: '#2F6B4A', stroke: OUTLINE, width_px: 0.8 },
  'day-shown': { fill: '#F1B50E', stroke: OUTLINE, width_px: 0.8 },
  'day-later': { fill: '#FBFAF6', stroke: OUTLINE, width_px: 0.8 },
  'open-end': { fill: 'none', stroke: OUTLINE, width_px: 1.4, dash: '6 4' },
  tape: { fill: '#F7DC8C', stroke: '#17232B', width_px: 1 },
  'tape-tick': { fill: 'none', stroke: '#6E5000', width_px: 0.7 },
  'tape-foot': { fill: 'none', stroke: OUTLINE, width_px: 1 },
}

export const LABEL_INKS: Readonly<
  Record<LabelInk, { readonly colour: string; readonly plate: string | null }>
> = {
  'damage-text': { colour: '#9C2C13', plate: 'rgba(251,250,246,0.86)' },
  'chosen-text': { colour: '#FFFFFF', plate: '#17232B' },
  'water-text': { colour: '#174A90', plate: 'rgba(251,250,246,0.86)' },
  'tape-text': { colour: '#17232B', plate: null },
  'ink-text': { colour: '#17232B', plate: null },
  'sound-text': { colour: '#2F6B4A', plate: 'rgba(251,250,246,0.86)' },
  'scope-text': { colour: '#17232B', plate: 'rgba(251,252,252,0.92)' },
}
