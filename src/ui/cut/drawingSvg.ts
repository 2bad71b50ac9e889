/** What of an element's look is written into a drawing that leaves the page. */
const KEPT = [
  'fill',
  'stroke',
  'stroke-width',
  'stroke-dasharray',
  'opacity',
  'font-family',
  'font-size',
  'font-weight',
  'text-anchor',
  'dominant-baseline',
] as const

/** A drawing of the page as a file of its own: its look is written into its elements, so that any program shows it alike. */
export function drawingSvg(drawn: SVGSVGElement): string {
  const copy = drawn.cloneNode(true) as SVGSVGElement
  const from = [drawn, ...drawn.querySelectorAll<SVGElement>('*')]
  const to = [copy, ...copy.querySelectorAll<SVGElement>('*')]
  from.forEach((element, at) => {
    const look = getComputedStyle(element)
    const target = to[at]
    if (!target) return
    for (const name of KEPT) {
      const value = look.getPropertyValue(name)
      if (value !== '') target.setAttribute(name, value)
    }
    for (const name of ['class', 'tabindex', 'role', 'style']) target.removeAttribute(name)
  })
  copy.setAttribute('xmlns', 'http://www.w3.org/2000/svg')
  const { width, height } = drawn.getBoundingClientRect()
  if (!copy.hasAttribute('viewBox')) copy.setAttribute('viewBox', `0 0 ${width} ${height}`)
  return new XMLSerializer().serializeToString(copy)
}
