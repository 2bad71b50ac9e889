export {
  changeWords,
  closingWords,
  jobFileWords,
  lengthWords,
  moneyWords,
  sellWords,
  unstorableWords,
  walkWords,
} from './words'
