export { ballpark, usualMethod, type Ballpark, type BallparkOf } from './ballpark'
