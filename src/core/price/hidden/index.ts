export { hiddenChance, withOdds, type HiddenChance } from './chances'
export {
  chanceAbove,
  sigmaOf,
  simulation,
  spreadOf,
  type HiddenPlace,
  type Simulated,
  type Simulation,
  type Spread,
  type Together,
} from './simulate'
