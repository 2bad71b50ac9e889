export {
  changeWords,
  closingWords,
  jobFileWords,
  lengthWords,
  moneyWords,
  sellWords,
  walkWords,
} from './words'
