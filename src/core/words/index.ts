export { changeWords, closingWords, jobFileWords, lengthWords, sellWords, walkWords } from './words'
