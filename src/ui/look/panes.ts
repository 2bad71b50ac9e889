/** Columns of a stage on a desk: as high as the room there is, each scrolling by itself. Below that width they stand under one another. */
export const PANES =
  'lg:h-full lg:grid-rows-[minmax(0,1fr)] lg:[&>*]:min-h-0 lg:[&>*]:overflow-y-auto lg:[&>*]:overscroll-contain lg:[&>*]:pr-1 print:h-auto print:[&>*]:overflow-visible'
