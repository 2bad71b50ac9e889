export {
  ANSWER_IDS,
  answerLacks,
  answerWords,
  responseAnswer,
  itemsFromRows,
  itemsFromText,
  listState,
  type ListedItem,
  type ListState,
  type ReadList,
} from './responseList'
export { ORDER_STEP, reordered } from './reorder'
export { sameAgain, sameSpot } from './sameAgain'
export { tellFinding, tellWalk, walkText, type Told } from './tellWalk'
export { closingOf, problemsOf } from './problems'
export { openingsWords, parseOpenings, tellOpenings, type SaidOpening } from './openingsLine'
