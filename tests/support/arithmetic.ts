/**
 * Reckons printed arithmetic again, as somebody with a pocket calculator would: numbers and × ÷ + − with brackets, words and units
 * left out, a bracket with words in it skipped, what follows `=` left to the caller.
 *
 * Ends: null where nothing is to be reckoned.
 */
export function reckoned(how: string): number | null {
  const bare = how
    .split('=')[0]!
    .replaceAll(/\([^()×÷+−]*[a-z][^()×÷+−]*\)/gi, '')
    .replaceAll(/\/[a-z]+[²³]?/gi, '')
    .replaceAll(/(\d)\s*%/g, '$1 ÷ 100')
    .replaceAll(/[$,;]/g, '')
    .replaceAll(/[a-z]+[²³]?/gi, ' ')
  const tokens = bare.match(/\d+(\.\d+)?|[×÷+−()]/g) ?? []
  const isNumber = (token: string): boolean => /\d/.test(token)
  if (!tokens.some(isNumber) || tokens.every((token) => isNumber(token))) return null
  let at = 0
  const take = (): string | undefined => tokens[at++]
  const value = (): number => {
    const token = take()
    if (token === '(') {
      const inner = sum()
      take()
      return inner
    }
    return Number(token)
  }
  const product = (): number => {
    let result = value()
    while (tokens[at] === '×' || tokens[at] === '÷')
      result = take() === '×' ? result * value() : result / value()
    return result
  }
  const sum = (): number => {
    let result = product()
    while (tokens[at] === '+' || tokens[at] === '−')
      result = take() === '+' ? result + product() : result - product()
    return result
  }
  return sum()
}
