export { rowsOf, type ReckonedRows } from './rows'
export {
  firmValues,
  planValues,
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
