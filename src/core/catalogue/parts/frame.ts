import { part } from './part'

/** What holds walls and floors up. None has a recipe yet: repair of what carries load wants its own kits. */
export const FRAME = [
  part({
    id: 'sheathing',
    countedIn: 'sheets',
    name: 'sheathing',
    assembly: 'wall-frame',
    besideThings: true,
  }),
  part({ id: 'stud', name: 'wall stud', assembly: 'wall-frame', bears: true, besideThings: true }),
  part({ id: 'rim-joist', name: 'rim joist', assembly: 'floor-frame', bears: true, ageProvesNothing: true }),
  part({
    id: 'joist',
    countedIn: 'pieces',
    name: 'joist',
    assembly: 'floor-frame',
    bears: true,
    heldBy: ['girder', 'mudsill'],
    disturbsPaint: false,
    inSurvey: true,
  }),
  part({
    id: 'subfloor',
    countedIn: 'sheets',
    name: 'subfloor',
    assembly: 'floor-frame',
    heldBy: ['joist'],
    disturbsPaint: false,
    inSurvey: true,
  }),
  part({
    id: 'girder',
    name: 'girder',
    assembly: 'floor-frame',
    bears: true,
    heldBy: ['pier'],
    ageProvesNothing: true,
    awayFromOpenings: true,
    disturbsPaint: false,
    inSurvey: true,
  }),
  part({
    id: 'mudsill',
    name: 'mudsill',
    assembly: 'floor-frame',
    bears: true,
    heldBy: ['foundation-wall'],
    usualHeight: 'foot',
    disturbsPaint: false,
    inSurvey: true,
  }),
]

export const GROUND = [
  part({
    id: 'pier',
    name: 'pier or support',
    assembly: 'foundation',
    bears: true,
    ageProvesNothing: true,
    awayFromOpenings: true,
  }),
  part({
    id: 'foundation-wall',
    name: 'foundation wall',
    assembly: 'foundation',
    bears: true,
    ageProvesNothing: true,
    awayFromOpenings: true,
  }),
  part({ id: 'slab', name: 'slab', assembly: 'foundation', awayFromOpenings: true }),
]

export const INSIDE = [
  part({ id: 'ceiling', name: 'ceiling', assembly: 'inside' }),
  part({ id: 'interior-wall', name: 'inside wall', assembly: 'inside' }),
  part({ id: 'floor', name: 'floor level', assembly: 'inside' }),
]

export const OTHER = [
  part({
    id: 'other',
    countedIn: 'pieces',
    name: 'other part',
    assembly: 'none',
    source: 'our judgement',
    inSurvey: true,
  }),
]
