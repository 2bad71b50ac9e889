export { parseLine, type Shorthand } from './parseLine'
