import { capital } from '../../measure/capital'

const ONES = [
  'no',
  'one',
  'two',
  'three',
  'four',
  'five',
  'six',
  'seven',
  'eight',
  'nine',
  'ten',
  'eleven',
  'twelve',
]

/** Small numbers as one says them. */
export const inWords = (n: number): string => ONES[n] ?? String(n)

/** How far gone a part is, as its owner is told: of what rots, and of what does not. Indexed by grade. */
export const OWNER_GRADES: Readonly<Record<'wood' | 'other', readonly string[]>> = {
  wood: [
    'is sound',
    'is worn at the surface and hard underneath',
    'is soft',
    'is soft deep into the wood',
    'has rotted away',
  ],
  other: ['is sound', 'is worn at the surface', 'is damaged', 'is badly damaged', 'has failed'],
}

/** The same where places of one kind are told together: the worst of them. */
export const OWNER_WORST: Readonly<Record<'wood' | 'other', readonly string[]>> = {
  wood: ['', 'worn', 'soft', 'soft deep into the wood', 'rotted away'],
  other: ['', 'worn', 'damaged', 'badly damaged', 'failed'],
}

/** What a bid says to its owner, in plain words. */
export const OWNER_SAYS = {
  seenOne: (part: string, how: string, size: string) => `The ${part} ${how}${size}.`,
  seenMany: (many: string, part: string, how: string, worst: string, size: string) =>
    `At ${many} places the ${part} ${how}${worst}${size}.`,
  worst: (how: string) => `, at the worst ${how}`,
  gone: (part: string, size: string) => `Of the ${part} some is missing${size}.`,
  goneMany: (many: string, part: string, size: string) => `Of the ${part} ${many} pieces are missing${size}.`,
  shown: (part: string, size: string) => `The ${part} shows damage${size}.`,
  shownMany: (many: string, part: string, size: string) =>
    `At ${many} places the ${part} shows damage${size}.`,
  untouched: (part: string, size: string) =>
    `The ${part} has not been probed yet; from its look we expect it to be damaged${size}.`,
  untouchedMany: (many: string, part: string, size: string) =>
    `At ${many} places the ${part} has not been probed yet; from the look of it we expect damage${size}.`,
  signsOnly: (part: string, size: string) =>
    `The ${part} shows signs of damage${size}; it has not been probed yet.`,
  signsOnlyMany: (many: string, part: string, size: string) =>
    `At ${many} places the ${part} shows signs of damage${size}; it has not been probed yet.`,
  unnamed: 'Something was noted there that nobody has looked into yet.',
  unnamedMany: (many: string) => `At ${many} places something was noted that nobody has looked into yet.`,
  unnamedSigns: 'Signs of damage were noted there.',
  unnamedSignsMany: (many: string) => `At ${many} places signs of damage were noted.`,
  sameHere: 'The same is done here.',
  newBoards: (material: string) => `The new boards are ${material}.`,
  asProposed: 'All as proposed here',
  way: ({ titles, where, instead }: { titles: string; where: string; instead: string }) =>
    `${titles} (${where}) ${instead === '' ? 'as well' : `in place of ${instead}`}`,
  stopsCause: (spots: string) => `That deals with the cause of the damage at ${spots}.`,
  asOn: (where: string) => `The same is done here as on ${where}.`,
  spots: (numbers: readonly string[]) => `${numbers.length === 1 ? 'spot' : 'spots'} ${numbers.join(', ')}`,
  lasts: ([low, high]: readonly [number, number]) =>
    `Should last ${low === high ? String(low) : `${low} to ${high}`} years.`,
  leaveMend: (part: string) => `The ${part} stays as it is and goes on getting worse while it is wet.`,
  leaveFix: (follows: string) => `The cause stays: ${follows}`,
  leaveOther: 'It stays as it is.',
  measured:
    'A measurement says how things lie. What they can carry is for an engineer to say. Local code governs.',
  lead: (of: { many: number; where: string | null }) =>
    `We found ${inWords(of.many)} damaged ${of.many === 1 ? 'spot' : 'spots'}${of.where ? `, most of them ${of.where}` : ''}.`,
  leadNone: 'We found nothing that needs work.',
  /** `reached`: at so many of the spots a cause is said. */
  leadCauses: (of: { causes: number; mended: number; spots: number; reached: number }) => {
    if (of.reached < of.spots) {
      const why = `At ${inWords(of.reached)} of them we can say why: `
      if (of.causes === 1)
        return `${why}one cause, ${of.mended === 1 ? 'and this bid mends it' : 'and this bid does not mend it'}.`
      const some = of.mended === 0 ? 'none of these' : inWords(of.mended)
      const all = of.causes === 2 ? 'both' : `all ${some}`
      return `${why}${inWords(of.causes)} causes, and this bid mends ${of.mended === of.causes ? all : some}.`
    }
    const stand = of.causes === 1 ? 'One cause stands' : `${capital(inWords(of.causes))} causes stand`
    const all = of.causes === 1 ? 'it' : 'all of them'
    const mended = of.mended === of.causes ? all : of.mended === 0 ? 'none of them' : inWords(of.mended)
    return `${stand} behind ${of.spots === 1 ? 'it' : 'them'}; this bid mends ${mended}.`
  },
  finds:
    'What is behind the boards shows when they are off. If it is damaged, we show you a picture, the count, and the price by this list before we go on; until you say so the place is made dry and left.',
  findsAgreed:
    'What is behind the boards shows when they are off. If it is damaged, we send you a picture, the count, and the price by this list.',
  goOn: (most: string) =>
    `Up to ${most} for all such finds together that you have not answered yet, we mend them at these prices without waiting, and tell you the same day. What goes beyond waits for your yes:`,
  waitForYes: 'It waits for your yes:',
  noAnswer: (hours: number, hour: string) =>
    `by the link we send you, or signed on our phone. If we hear nothing within ${hours === 1 ? 'one working hour' : `${inWords(hours)} working hours`}, we make the place dry, go on elsewhere, and charge the time that takes at ${hour} an hour and its material.`,
  changes:
    'A change of the work is written down with its price and its days before it is done, and needs your yes. What is left out is taken off at what leaving it out saves.',
  expects: (low: string, high: string, asked: boolean) =>
    `Behind what we take off there is often more than could be seen. From places like these we expect between ${low} and ${high} beyond the price, at the prices below. That is our judgement, not a part of the price${asked ? ': nothing of it is done or charged without your word' : ''}.`,
  waits: (now: string) =>
    `This is work that grows while it waits. Today it comes to ${now}; later the same places may come to:`,
  waitsAssume:
    'The lower figure takes it that it grows slowly and reaches nothing new; the higher one that it grows fast and gets into the framing. Prices are taken to rise as well. Nothing is said here of what can hurt somebody: that does not wait.',
  overYears: (years: number, renewals: number, amount: string) =>
    `Over ${inWords(years)} years, ${renewals === 0 ? 'not done again' : renewals === 1 ? 'done once more' : renewals === 2 ? 'done twice more' : `done ${inWords(renewals)} times more`}: about ${amount} a year at today’s prices.`,
  shortOf:
    'This page is the short form. What is done at each place, what is not in the price, prices of finds, warranty and terms stand in the long form, and are part of the bid.',
  inYears: (years: number) => `in ${inWords(years)} ${years === 1 ? 'year' : 'years'}`,
  between: (low: string, high: string) => `between ${low} and ${high}`,
  canWait: (titles: readonly string[]) =>
    `Loses nothing by waiting until the next painting: ${titles.join('; ')}.`,
  unexplained: 'What let the water in is not known yet.',
  onSide: (facing: string) => `on the ${facing}`,
  atPlace: (place: string) => `at the ${place}`,
} as const
