export { bidList } from './bidList'
export { buyList, plainRows, sawSheet, sheetRows, type Cell, type List, type SheetCell } from './lists'
export { carpenterSheets, type CarpenterItem, type CarpenterSheet } from './carpenterSheets'
export { LOCALES, type Locale } from './crewWords'
