import { inWords } from './owner'

const quarter = (days: number): string => {
  const whole = Math.floor(days)
  const rest = { 0: '', 0.25: 'a quarter', 0.5: 'half', 0.75: 'three quarters' }[days - whole] ?? ''
  if (whole === 0) return `${rest} of a working day`.replace('half of a', 'half a')
  const many = `${inWords(whole)}${rest ? ` and ${rest.replace('a quarter', 'one quarter')}` : ''}`
  return `${many} working ${whole === 1 && !rest ? 'day' : 'days'}`
}

/** What change orders say to an owner. Source: common practice; our wording. */
export const ORDER_SAYS = {
  title: (number: number, bid: number) => `Change order ${number} to bid ${bid}`,
  asks: 'It is not done until you say yes.',
  goesOn: (most: string) =>
    `It is within the ${most} up to which, as agreed in the bid, we go on without waiting. Tell us today if you do not want it.`,
  movesEnd: (from: string, to: string) => `The end of the work moves from ${from} to ${to}.`,
  keepsEnd: (day: string) => `The work still ends on ${day}.`,
  moreDays: (days: number) => `It takes about ${quarter(days)} more.`,
  lessDays: (days: number) => `It takes about ${quarter(days)} less.`,
  sameDays: 'It changes nothing in the days.',
  tonight: (what: string) => `For tonight: ${what}`,
  taped:
    'What was measured in your bid from outside is settled by its unit, both ways. It is not new damage.',
  notInIt: 'Nothing else of the bid changes.',
  sign: 'Yes, do it (name, date):',
}
