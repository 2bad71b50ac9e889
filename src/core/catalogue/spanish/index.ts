export { CAUTION_WORDS, NEED_SAYS } from './care'
export { METHOD_NAMES } from './methodNames'
export { METHOD_WORK } from './methodWork'
export { MATERIAL_NAMES, PART_NAMES } from './parts'
