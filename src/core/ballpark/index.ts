export { ballpark, ballparkItem, usualMethod, type Ballpark, type BallparkOf } from './ballpark'
