export {
  changeWords,
  closingWords,
  jobFileWords,
  lengthWords,
  moneyWords,
  saidWords,
  sellWords,
  unstorableWords,
  walkWords,
} from './words'
