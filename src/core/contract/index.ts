export * from './answers'
