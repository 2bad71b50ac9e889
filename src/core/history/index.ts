export { FIELD_WORDS } from './fieldWords'
export { NOUNS } from './nouns'
export { canTakeBack, tellChange, tellOverruled, type TakenBack, type ToldChange } from './tellChange'
