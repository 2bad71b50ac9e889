import type { Phrase } from './vocabulary'

/** What a word for an opening, or for something on a wall, looks for on the house. */
export type OpeningWord =
  | 'window'
  | 'door'
  | 'front-door'
  | 'back-door'
  | 'side-door'
  | 'patio-door'
  | 'garage-door'
  | 'chimney'
  | 'downspout'
  | 'porch'
  | 'bay'
  | 'dormer'
  | 'small-roof'
  | 'through-wall'

/** Longer phrases stand before the shorter ones inside them. */
export const OPENING_PHRASES: readonly Phrase<OpeningWord>[] = [
  ['patio doors?|sliders?|sliding (?:glass )?doors?|french doors?|slider doors?', 'patio-door'],
  [
    '(?:garage|overhead) doors?|garage(?= (?:door |left |right )?(?:jambs?|head|trim|casings?))',
    'garage-door',
  ],
  ['front doors?|entry(?: ?way)?(?: doors?)?|entrance|main door', 'front-door'],
  ['(?:back|rear) doors?', 'back-door'],
  ['side doors?', 'side-door'],
  ['doors?(?! slab)', 'door'],
  ['bay(?: windows?)?(?! (?:only|the same))', 'bay'],
  ['(?<!storm )(?:windows?|wdw)(?! ledge)|win(?=s? \\d)', 'window'],
  ['chimney(?: chase)?(?! (?:on the )?(?:roof|flashing))|chase(?! (?:cover|cap))', 'chimney'],
  ['down ?spouts?|down ?pipes?|leaders?', 'downspout'],
  [
    'porch(?! (?:ceiling|beam|column|post|roof|screen|floor|boards?|skirt|lattice|steps?|stairs?|rail))',
    'porch',
  ],
  ['dormers?', 'dormer'],
  ['small roof', 'small-roof'],
  ['(?:electric |gas )?meters?|hose ?bibs?|spigots?|wall lights?|lamps?|dryer vents?', 'through-wall'],
]

/** Rooms as they are called; what the job keeps is the plain name. */
export const ROOM_PHRASES: readonly Phrase<string>[] = [
  [
    '(?:in |of )?(?:the )?(?:master |main |hall )?bath ?rooms?|(?:in )?(?:the )?bath(?! ?(?:tub|fan))',
    'bath',
  ],
  ['(?:in )?(?:the )?(?:master |main |front |back |guest )?bed ?rooms?', 'bedroom'],
  ['(?:in |around |by |near |at )?(?:the )?(?:shower|bath ?tub|(?<!hot )tub)(?: pan)?', 'bath'],
  ['(?:(?:around|by|near|at|under|below|beside|of) )?(?:the )?(?:toilet|wax ring)', 'bath'],
  [
    '(?:in )?(?:the )?kitchen|(?:by|at|in front of|under|near|beside) (?:the )?(?:dish ?washer|kitchen sink|refrigerator|fridge|stove|range|island)',
    'kitchen',
  ],
  ['(?:in )?(?:the )?(?:living|sitting) rooms?', 'living room'],
  ['(?:in )?(?:the )?dining rooms?', 'dining room'],
  [
    '(?:in )?(?:the )?(?:(?:laundry|utility) rooms?|(?:laundry|utility)(?= (?:floor|ceiling|wall|sink|room)))',
    'laundry',
  ],
  ['(?:in )?(?:the )?(?:hall ?way|hall|corridor|foyer)', 'hall'],
  ['(?:in )?(?:the )?attic', 'attic'],
  ['(?:in )?(?:the )?basement', 'basement'],
  ['(?:in )?(?:the )?(?:closet)', 'closet'],
  ['in (?:the )?garage|garage(?= (?:ceiling|floor|wall))', 'garage'],
]
