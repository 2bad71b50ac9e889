/** Sizes of a deck, as its owner knows them. */
export const DECK_SIZES = {
  joists: 'how far the joists reach',
  beam: 'how far the beam reaches between its posts',
  posts: 'how high the posts are',
  ledger: 'how far apart the bolts at the house stand',
  'guard-height': 'how high the guard is',
  'guard-opening': 'how wide the openings in the guard are',
} as const

/** What was measured, as its owner is told: plain, each in one sentence. Lengths come ready to be said. */
export const MEASURED_SAYS = {
  courseFalls: (side: string, fall: string, run: string) =>
    `Along the ${side} wall one line of the siding falls ${fall} in ${run}.`,
  fell: (by: string, day: string) => `It went down by another ${by} since ${day}.`,
  floorFell: (by: string, day: string) => `One of its points went down by another ${by} since ${day}.`,
  floorFalls: (floor: string, fall: string, to: string) => `The ${floor} falls ${fall} to ${to}.`,
  floorBends: (floor: string, by: string) => `The ${floor} is bent by ${by}.`,
  bellies: (side: string, by: string) => `The ${side} wall bellies in ${by}.`,
  leans: (side: string, by: string, way: 'in' | 'out') => `The ${side} wall leans ${way} ${by} at its top.`,
  slid: (side: string, by: string) => `The foot of the ${side} wall has slid in ${by}.`,
  crack: (upper: string, lower: string) =>
    `A crack there is ${upper} wide at one end and ${lower} at the other.`,
  crackGrew: (by: string, days: number) => `It opened by ${by} in ${days} days.`,
  crackStill: (days: number) => `It did not open in ${days} days.`,
  groundIn: (side: string) => `The ground at the ${side} wall falls towards the house.`,
  groundFlat: (side: string) =>
    `The ground at the ${side} wall falls away less than the rule for new houses asks.`,
  downspoutShort: (side: string) =>
    `The downspouts at the ${side} carry less water than the roof above sends them.`,
  gutterSmall: (side: string) =>
    `The gutter at the ${side} is smaller than the table asks for the roof above it.`,
  ventsShort: (space: string, there: number, least: number) =>
    `The ${space} has ${there} square inches of free vents; the rule for new houses asks ${least}.`,
  damp: (space: string, percent: number) =>
    `The air (${space}) is so damp that wood in it comes to ${percent} percent moisture.`,
  sweats: (space: string) => `Surfaces (${space}) are colder than the air’s dew point and sweat.`,
  joistsOver: (floor: string) =>
    `The joists of the ${floor} span further than the table for new floors allows.`,
  joistsCut: (floor: string) => `Joists of the ${floor} are cut deeper than the rule allows.`,
  supportsOff: (off: number, all: number) =>
    `Supports of the floor that do not stand as they should: ${off} of ${all}.`,
  membersOff: (off: number, all: number) =>
    `Pieces of the floor’s frame that are not sound: ${off} of ${all} looked at.`,
  railLow: (rail: string, by: string) => `Under the ${rail} the home lies ${by} out of level.`,
  piersOff: (off: number, all: number) => `${off} of ${all} piers lean, are loose or have sunk.`,
  deckSizes: (sizes: string) =>
    `Outside today’s tables and rules for a new deck: ${sizes}. It may have been lawful when built.`,
  does: {
    settlement: 'Together: it is going down.',
    lateral: 'Together: the soil pushes the wall in.',
    both: 'Together: it is going down and the soil pushes it in.',
    heave: 'Together: the ground lifts it.',
    thrust: 'Together: the roof pushes the wall out.',
    rust: 'Together: rusting steel lifts it.',
    rotation: 'Together: it tilted as one body.',
    'as-built': 'Together: it was built so, or nearly.',
    inconclusive: 'This alone does not say whether it moves; a second reading after a season would.',
  },
} as const
