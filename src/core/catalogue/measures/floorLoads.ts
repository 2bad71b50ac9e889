import type { FloorUse } from './floorTables'

/** Figures for estimating what hangs on a support, to choose jacks by and to know when to stop. No design is made of them. */

/** What people and furniture are taken to weigh, lb/ft². International Residential Code, table R301.5, from memory. */
export const LIVE_PSF: Readonly<Record<FloorUse, number>> = { living: 40, sleeping: 30 }
/** What a wood floor weighs itself, least and most, lb/ft². Common practice. */
export const FLOOR_PSF = [10, 15] as const
/** Walls that stand on the line, by their face: what a square foot of it weighs, least and most. Common practice. */
export const WALL_PSF = { light: [8, 12], plaster: [15, 20] } as const
/** How high a wall of a storey is taken to be, feet. Common practice. */
export const WALL_FT = 8
/** Above this at one point an engineer says how it is held and lifted, pounds. Common practice: six to eight thousand. */
export const POINT_LB = 6000
/** Source of the estimate. */
export const LOADS_SOURCE =
  'common practice; live loads of the International Residential Code, table R301.5, from memory'

/** The least a joist bears on what carries it, inches: wood or metal, and masonry. International Residential Code R502.6, from memory. */
export const LEAST_BEARING_IN = { wood: 1.5, masonry: 3 } as const
export const BEARING_SOURCE = 'International Residential Code R502.6, from memory'
