export { rowsOf, type ReckonedRows } from './rows'
export { type Takes, type Value } from './value'
export {
  firmValues,
  planValues,
  typedValue,
  VALUE_COLUMNS,
  valueErrorWords,
  valueRows,
  withValues,
  type FirmValue,
  type ValueChange,
  type ValueError,
  type ValuePlan,
  type ValueRow,
} from './values'
