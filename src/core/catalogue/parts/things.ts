import { part } from './part'

/** Nothing of these is wood or carries the house: looked at, mended or referred, never pieced. */
const thing = { rots: false, awayFromOpenings: true, disturbsPaint: false } as const
const edge = { ...thing, assembly: 'roof-edge', usualHeight: 'roof-edge' } as const
const roof = { ...thing, assembly: 'roof', usualHeight: 'roof-edge' } as const
const ground = { ...thing, assembly: 'foundation', usualHeight: 'foot' } as const
const service = { ...thing, assembly: 'none' } as const

/** What catches and leads away the roof's water. */
export const GUTTERS = [
  part({ ...edge, id: 'gutter', name: 'gutter' }),
  part({ ...edge, id: 'downspout', name: 'downspout', usualHeight: 'foot', countedIn: 'pieces' }),
  part({
    ...ground,
    id: 'ground-pipe',
    name: 'ground pipe',
    plain: 'pipe in the ground for roof water',
    countedIn: 'pieces',
  }),
]

/** What is seen on the roof itself. */
export const ON_ROOF_PARTS = [
  part({ ...roof, id: 'roof-covering', name: 'roof covering', plain: 'roof shingles' }),
  part({ ...roof, id: 'roof-metal', name: 'roof metal', plain: 'metal on the roof (flashing)' }),
  part({
    ...roof,
    id: 'pipe-collar',
    name: 'pipe collar',
    plain: 'collar of a roof pipe',
    countedIn: 'pieces',
  }),
  part({ ...roof, id: 'flue', name: 'flue and its cap', plain: 'metal chimney pipe', countedIn: 'pieces' }),
  part({
    ...roof,
    id: 'chase-cover',
    name: 'chase cover',
    plain: 'metal cover of the chimney',
    countedIn: 'pieces',
  }),
  part({ ...roof, id: 'skylight', name: 'skylight', countedIn: 'pieces' }),
]

/** Floors by layer, and what stands or was set below them. */
export const FLOOR_LAYERS = [
  part({ ...thing, id: 'finish-floor', withinWalls: true, name: 'finish floor', assembly: 'inside' }),
  part({
    id: 'underlayment',
    withinWalls: true,
    name: 'underlayment',
    plain: 'layer under the finish floor',
    assembly: 'floor-frame',
    damagedAs: 'subfloor',
    awayFromOpenings: true,
    disturbsPaint: false,
  }),
  part({
    ...ground,
    id: 'prop',
    withinWalls: true,
    name: 'prop or jack',
    plain: 'prop under the floor',
    countedIn: 'pieces',
    ageProvesNothing: true,
  }),
  part({
    ...ground,
    id: 'wall-brace-old',
    name: 'brace on a wall',
    plain: 'brace against the basement wall',
    countedIn: 'pieces',
    ageProvesNothing: true,
  }),
]

/** Pipes, ducts, wires and what hangs on the wall. */
export const SERVICES = [
  part({ ...service, id: 'pipe', withinWalls: true, name: 'pipe' }),
  part({ ...service, id: 'duct', withinWalls: true, name: 'duct' }),
  part({ ...service, id: 'wiring', withinWalls: true, name: 'wiring and boxes', plain: 'wiring' }),
]

/** Round the house. */
export const YARD = [
  part({ ...ground, id: 'soil', name: 'soil beside the wall', plain: 'ground beside the house' }),
  part({ ...ground, id: 'paving', name: 'walk or paving', plain: 'walk or paving beside the house' }),
  part({
    id: 'free-timber',
    name: 'pergola or other free timber',
    plain: 'garden timber',
    assembly: 'none',
    awayFromOpenings: true,
    usualHeight: 'foot',
  }),
]
