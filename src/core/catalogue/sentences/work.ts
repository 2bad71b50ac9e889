/** What a comparison names: the way recommended, the cheapest other, and their prices as they are said. */
type CompareWords = {
  readonly name: string
  readonly more: string
  readonly than: string
  readonly a_year: string
  readonly against: string
}
const lower = (words: string): string => words.charAt(0).toLowerCase() + words.slice(1)

/** What is said of a piece of work: why it stands as it does, what is not known of it, what is missing for a price. */
export const WORK_SAYS = {
  noPlaceLeft: 'no place left',
  sideRemoved: 'a side that was removed',
  againstAdvice: (reason: string) => `Chosen against advice: ${reason}`,
  sourceNotFixed: (cause: string, follows: string) =>
    `Its cause is not mended here (${lower(cause)}): ${follows}`,
  fixDeclined: (by: string, reason: string) =>
    ` Declined by ${by}${reason ? `: ${reason}` : ''}; the warranty is limited for that.`,
  effectOnly: 'Effect only: the source is not known, so nothing is promised against its coming back.',
  unknownMethod:
    'This program does not know the method: it is kept as it came, and priced only when a price is typed.',
  unmeasured: 'Length not measured: taken as 2 ft.',
  nearPlaces: (many: number) => `${many} soft places in one piece: they lie too near for two.`,
  wholeUnknown: (part: string) =>
    `Length of the whole ${part} not known: taken as the soft part with its cut-backs, at least. Measure it.`,
  pastTheWall: (length: string, side: string) =>
    `Reaches ${length} past the end of side ${side}: what lies round the corner is a place of its own.`,
  noOpening: 'No opening noted: head taken as 4 ft.',
  watchedUntil: (when: string) => `; looked at again ${when}`,
  sizeSaid: (where: string, said: string, found: string) =>
    `${where}: ${said} said here${found ? `, ${found} as found` : ''}.`,
  materialSaid: (now: string, was: string) => `In ${now}; the old one is ${was}.`,
  sectionSaid: (section: string) => `Section ${section} said here.`,
  linesSaid: (many: number) => (many === 1 ? 'One line of its own.' : `${many} lines of its own.`),
  patchTaken: (along: string, up: string) =>
    `Patch taken as ${along} × ${up} ft: past the soft, to the next bearing.`,
  sheetsCounted: (many: number) => `${many} sheets of 32 ft².`,
  deckAsDrawn: 'Area of the deck as drawn.',
  planTaken: 'Area of the plan of the house.',
  sideAsDrawn: 'Side not measured yet: length as drawn.',
  nothingPainted: 'Nothing here is painted: brick and shingles are not.',
  nothingClad: 'Nothing here is stripped: masonry stays.',
  renewedElsewhere: 'The board is renewed by another item here; it is charged there.',
  whyWhole: 'whole member',
  whyLetIn: 'seen + cut-back at each cut end, at least the least piece',
  whySecondLeg: 'second leg, so that the joints stagger',
  whyHead: 'head casing, whole',
  whyOwnLine: 'a line of its own',
  whyPermit: 'one permit for the job, shared by what needs it',
  whyLift: 'work over 30 ft, for two people',
  newJoints: (count: number) =>
    count === 0 ? 'No new joint.' : count === 1 ? 'One new joint.' : `${count} new joints.`,
  gearOwn: (from: string) => `Worked ${from}, put up for it: that is in its price.`,
  gearShared: (from: string) =>
    `Worked ${from}, put up once for all the work there: its share is in its price.`,
  compareNoPart: 'Say which part it is: then what mends it is offered, with its price.',
  compareNone: 'None stands out by rule: look closer, or choose by years and price.',
  compareLeast: (name: string, [low, high]: readonly [number, number]) =>
    `${name} costs least of what holds, and lasts ${low === high ? low : `${low} to ${high}`} years.`,
  comparePays: (of: CompareWords) =>
    `${of.name} costs ${of.more} more than ${lower(of.than)} and is cheaper over its years: ${of.a_year} a year against ${of.against}.`,
  compareReason: (of: CompareWords, reason: string) =>
    `${of.name} costs ${of.more} more than ${lower(of.than)}, ${of.a_year} a year against ${of.against}. It is recommended all the same: ${lower(reason)}`,
  sideAgainstSpots: (of: { letter: string; share: number; spots: string; side: string; even: number }) =>
    of.even <= 100
      ? `Side ${of.letter}: the spots are about ${of.share} % of it and cost ${of.spots}; the whole side costs ${of.side}. They cost the same where about ${of.even} % is soft.`
      : `Side ${of.letter}: the spots are about ${of.share} % of it and cost ${of.spots}; the whole side costs ${of.side}. Spots stay cheaper however many there are.`,
  lacksMethod: 'The method is not known here: type a price, or choose another.',
  lacksLines: 'Own work has no recipe: type a price, or give it lines of its own.',
  lacksRecipe: (part: string) => `No recipe for ${part} yet: type a price, or refer it.`,
  lacksArea: 'The area is not known: say it on the item, or type a price.',
  lacksNumber:
    'How many is not known: set them out under Surveys in Walk, say the number on the item, or type a price.',
  setOutNote: (count: number) => `${count} by what was set out along the wall`,
  lacksSection: (width: string) =>
    `No section of the yard is ${width} wide: say the section on the item, or type a price.`,
  lacksStock: (what: string) =>
    `${what} cannot be bought: the yard has nothing as long. Shorten it, add its length to the stock, or type a price.`,
  lacksQuantity:
    'An allowance needs a quantity in one unit: measure its places, say a size, or give it a fixed price.',
  inOnePiece: (section: string, ft: string) => `${section} ${ft} ft long in one piece`,
} as const
