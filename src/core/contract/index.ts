export * from './answers'
export * from './owner'
export * from './problem'
export * from './requests'
