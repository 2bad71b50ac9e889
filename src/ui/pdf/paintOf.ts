const SEEN_THROUGH = /^rgba\((\d+),\s*(\d+),\s*(\d+),\s*([\d.]+)\)$/

/**
 * A colour as paper takes it: what one sees through has its share beside it. The printer takes four numbers for another set of inks.
 *
 * @example
 * paintOf('rgba(233,238,238,0.72)') // => { fill: '#e9eeee', fillOpacity: 0.72 }
 * paintOf('#EACFA6') // => { fill: '#EACFA6' }
 */
export function paintOf(colour: string): { readonly fill: string; readonly fillOpacity?: number } {
  const [, red, green, blue, share] = SEEN_THROUGH.exec(colour) ?? []
  if (share === undefined) return { fill: colour }
  const hex = [red, green, blue].map((part) => Number(part).toString(16).padStart(2, '0')).join('')
  return { fill: `#${hex}`, fillOpacity: Number(share) }
}
