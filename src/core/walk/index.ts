export {
  ANSWER_IDS,
  answerLacks,
  answerWords,
  itemsFromRows,
  itemsFromText,
  listState,
  type ListedItem,
  type ListState,
  type ReadList,
} from './responseList'
export { tellFinding, tellWalk, walkText, type Told } from './tellWalk'
