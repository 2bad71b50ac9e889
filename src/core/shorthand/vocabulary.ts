import type { ComponentId, HowKnown, MaterialId } from '../job'

/**
 * Words people use, with the field's standard term they mean. Old and regional names are understood and answered with the
 * standard one. Patterns are tried in order; longer phrases stand before the shorter ones inside them.
 */
export type Phrase<T> = readonly [
  pattern: string,
  means: T,
  /** Of a sight that is seen on one part alone: that part, where no other is named. */
  on?: ComponentId,
]

export const PART_PHRASES: readonly Phrase<ComponentId>[] = [
  ['(?:ground|underground|buried) (?:pipes?|drains?|leaders?)', 'ground-pipe'],
  ['down ?spouts?|leaders?|ds', 'downspout'],
  ['(?:step|counter-?|apron|roof|valley) ?(?:flashings?|metal)', 'roof-metal'],
  [
    '(?:pipe|roof(?: vent)?|vent|plumbing(?: vent)?|(?:vent )?stack) (?:boots?|collars?|flashings?)|flashings? (?:around|at|of|on) (?:the |a )?(?:plumbing |roof )?(?:vents?|pipes?|stacks?)(?: pipes?)?',
    'pipe-collar',
  ],
  ['(?:chase|chimney) (?:covers?|pans?)|chase (?:caps?|tops?)', 'chase-cover'],
  ['(?:chimney|flue) caps?|flues?', 'flue'],
  ['skylights?', 'skylight'],
  ['roof(?:ing)? shingles?|roofing|roof coverings?', 'roof-covering'],
  ['(?:old )?braces? (?:on|against) (?:a |the )(?:basement |foundation |block )?wall', 'wall-brace-old'],
  [
    '(?:home|trailer|manufactured home) piers?|piers? (?:of|under) (?:a |the )(?:manufactured )?home',
    'home-pier',
  ],
  ['tendons?(?: (?:ends?|pockets?))?', 'tendon-end'],
  ['(?:home|trailer) (?:piers?|blocks)', 'home-pier'],
  ['(?<!(?:gutter|spout|leader) )(?:tie-? ?downs?(?: straps?)?|straps?)', 'tie-strap'],
  [
    '(?:basement|cellar|foundation) (?:stone |rubble |brick |block )?walls?|(?:block|stem|uphill|rubble) walls?|(?:stone|rubble) foundations?',
    'foundation-wall',
  ],
  ['(?:oak|hardwood|finish(?:ed)?|laminate|vinyl|tile)(?: plank)? floor(?:s|ing)?|linoleum', 'finish-floor'],
  ['underlayment', 'underlayment'],
  ['porch floors?(?: boards?)?', 'deck-board'],
  ['pergolas?|arbou?rs?|trellis(?:es)?|fence(?: posts?| boards?)?|fences', 'free-timber'],
  ['(?:screw|floor|house) jacks?|jack posts?|adjustable (?:steel )?posts?|shoring posts?|props?', 'prop'],
  [
    '(?:overhead|garage|roll-?up) doors?(?= (?:panels?|tracks?|springs?|cables?|is off|off))',
    'overhead-door',
  ],
  ['corner (?:boards?|bds?|trim)', 'corner-board'],
  ['(?:barge|verge) ?boards?|rake(?: ?(?:boards?|trim))?|gable trim', 'rake-board'],
  ['sub-? ?fascias?', 'sub-fascia'],
  ['(?:eave|cornice) returns?', 'eave-return'],
  ['rafter (?:tails?|ends?)', 'rafter-tail'],
  ['porch ceilings?', 'porch-ceiling'],
  ['porch (?:roof )?beams?|beams? (?:of|over) the porch', 'porch-beam'],
  ['rafters?', 'rafter'],
  ['soffit panels?', 'soffit-panel'],
  ['fa[s]?cia(?: ?boards?)?|(?:(?:trim ?)?boards?|trim)(?= behind (?:the )?gutter)', 'fascia'],
  ['soffits?|eaves?', 'soffit'],
  ['frieze(?: ?boards?)?', 'frieze-board'],
  ['crown(?: ?mou?ld(?:ing)?)?|bed ?mou?ld(?:ing)?', 'crown-moulding'],
  ['water ?tables?|skirt ?boards?|band ?boards?', 'water-table'],
  ['base courses?|bottom courses?|foot of the siding', 'base-course'],
  // `siding soft at the bottom`: its foot; *at the bottom of the window* is beside another thing.
  [
    '(?:siding|clap ?boards?|cladding)(?= [^,;]*\\b(?:(?:at|along|near) (?:the |its )?(?:very )?bottom(?: edge)?(?! (?:edge )?of)|low down|down low|near the ground)\\b)',
    'base-course',
  ],
  ['head casings?|top trim|head trim', 'head-casing'],
  ['brick ?mou?ld(?:ing)?s?', 'brick-mould'],
  ['(?:mull(?:ion)?|post) (?:between|posts?)(?: (?:the )?(?:units|windows))?|mullions?', 'mullion-post'],
  ['side casings?|casings?|legs?', 'side-casing'],
  ['storm (?:sash(?:es)?|windows?)', 'storm-sash'],
  ['(?:window )?panes?|glass', 'pane'],
  ['(?:window |porch )?screens?', 'screen'],
  ['sash(?:es)?', 'sash'],
  ['shutters?', 'shutter'],
  ['(?:gable|wall) vents?|vents? in the wall|(?:dryer )?vent hoods?', 'wall-vent'],
  ['(?:crawl(?: ?space)?|foundation) vents?', 'crawl-vent'],
  ['crawl(?: ?space)? floors?', 'crawl-floor'],
  ['(?:ground|soil|dirt) beside the (?:wall|house)', 'soil'],
  ['window units?', 'window-unit'],
  ['garden timbers?', 'free-timber'],
  ['(?:sill )?noses?|(?:sill )?nosings?|front edges? of the sill', 'sill-nose'],
  ['door sills?|thresh(?:olds?)?|(?<!\\bchimney\\b.{0,30})saddles?', 'threshold'],
  [
    'sill (?:plates?|beams?|logs?)|mud ?sills?|(?:ell|house|barn|main|floor) sills?(?: beams?)?|sills?(?= \\d+ ?x ?\\d)',
    'mudsill',
  ],
  ['(?:window |sub-?)?sills?|(?:window )?ledges?', 'window-sill'],
  ['(?:door )?jamb +(?:foot|feet)|jambs?', 'jamb-foot'],
  ['(?:panel|plywood|sheet) siding|siding panels?|panels', 'panel-siding'],
  ['shingle siding|shingled walls?|shingles|shakes', 'shingle'],
  ['(?:bevel |lap )?siding|clap ?boards?|weather ?boards?|lap', 'lap-siding'],
  ['board and batten|battens?', 'board-and-batten'],
  ['stucco', 'stucco'],
  ['bricks?(?: veneer)?', 'brick-veneer'],
  ['(?:chase|chimney) faces?', 'chase-face'],
  ['roof (?:deck(?:ing)?|sheathing)', 'roof-deck'],
  ['sheathing|plywood|osb', 'sheathing'],
  ['jack studs?|jacks', 'jack-stud'],
  ['studs?', 'stud'],
  ['headers?', 'header'],
  ['(?:sole|bottom|wall) plates?', 'sole-plate'],
  ['rim(?: joists?)?|band joists?', 'rim-joist'],
  ['ledgers?', 'ledger'],
  ['deck(?:ing)? ?(?:boards?|bds?)|decking', 'deck-board'],
  ['(?:deck )?(?:joist|jst) (?:hangers?|hngrs?)|hangers?|hngrs?', 'joist-hanger'],
  ['deck joists?', 'deck-joist'],
  ['deck beams?', 'deck-beam'],
  ['(?:deck )?footings?', 'deck-footing'],
  ['(?:porch )?columns?', 'porch-column'],
  ['hand ?rails?(?: posts?)?|guard ?rails?|railings?|guards?|rails?|balusters?|spindles?', 'guard'],
  ['treads?', 'stair-tread'],
  ['stringers?', 'stringer'],
  ['(?:deck )?(?:stairs?|steps?)|risers?', 'stair'],
  ['(?:porch|carport) posts?', 'porch-column'],
  ['posts?', 'deck-post'],
  ['(?:floor |ceiling )?joists?', 'joist'],
  ['piers?|supports?', 'pier'],
  ['skirting', 'skirting'],
  ['(?:floor )?insulation|batts?|belly (?:wrap|board|paper|liner|bag)|under ?belly', 'floor-insulation'],
  ['slab edges?', 'slab-edge'],
  ['slabs?|concrete floors?', 'slab'],
  [
    'foundations?|(?:concrete |cinder )?block ?(?:work|walls?)|(?<=\\b(?:on|in|through|of) the )block',
    'foundation-wall',
  ],
  ['ducts?|dryer vents?', 'duct'],
  ['wires?|wiring|receptacles?', 'wiring'],
  ['walk ?ways?|side ?walks?|patios?|paving|drive ?ways?|(?:concrete|front|side) walks?', 'paving'],
  ['(?:water |drain |supply |waste |vent )?pipes?|drain lines?', 'pipe'],
  ['gutters?|eaves? ?trough(?:s|ing)?', 'gutter'],
  ['girders?|beams?', 'girder'],
  ['sub ?fl(?:oors?|r)?|floors?', 'subfloor'],
  ['ceilings?', 'ceiling'],
  ['roof edge', 'fascia'],
  ['(?:inside|interior) walls?|drywall', 'interior-wall'],
]

export const MATERIAL_PHRASES: readonly Phrase<MaterialId>[] = [
  ['fib(?:re|er)[ -]cement', 'fibre-cement'],
  ['cedar', 'clear-cedar'],
  ['finger[ -]?joint(?:ed)?|pine', 'finger-jointed-pine'],
  ['(?:pressure[ -])?treated', 'treated'],
  ['hardboard', 'hardboard'],
  ['engineered(?: wood)?', 'engineered-wood'],
  ['pvc', 'pvc'],
]

/** Null: said to be untouched, which is no grade. */
export const GRADE_PHRASES: readonly Phrase<0 | 1 | 2 | 3 | 4 | null>[] = [
  ['not touched|untouched', null],
  [
    'not soft|no (?:rot|decay|soft spots?)|(?:looks? )?fine|(?<!hollow )sound|solid|(?<!\\b(?:rain(?:s|ing)?|blow(?:s|ing)?|pour(?:s|ing)?|storms?|down) )hard|ok|okay|(?<!for )good',
    0,
  ],
  ['surface(?: only)?|weathered|checked|checking', 1],
  [
    "(?:hanging|held)(?: on| together)? (?:by|with) (?:its |the |only )?paint|only (?:the )?paint holds (?:it)?|(?:rotted|rotten|rot|soft|gone) through|(?:goes|went) right through|(?<!(?:mortar|paint|finish|caulk(?:ing)?|sealant|putty|glazing|(?:box|outlet|switch|vent|clean-?out|hatch|access) (?:cover|plate)s?|lids?|hoods?|grilles?|face ?plates?|hangers?)(?:'s)? (?:is |are |has |all )*)(?:gone|missing)|broken|snapped|crumbl(?:es|ing)|(?<!\\b(?:no|round|perfect|small|tiny|little|pin|shot|bee|insect|bug|ant|woodpecker|nail|weep|bolt|screw|lag|knot|worm|beetle|exit|pilot|drain|bib|spigot|faucet|pipe|vent|cable|wire|meter|lamp|light) )holes?(?: in it)?(?! (?:is |was )?(?:not|never) (?:caulked|sealed|flashed))",
    4,
  ],
  [
    '(?:awl|knife|screwdriver) (?:goes|went|sinks) right in|very soft|(?<!too )deep|rotted|rotten|rot|mush(?:y)?|shot|bad',
    3,
  ],
  [
    '(?:(?:you |one )?can )?(?:push|poke|stick|sink|press) (?:a |the |my |your )?(?:screwdriver|awl|knife|pen ?knife|thumb|finger|nail) (?:right )?(?:in(?:to)?|through)|(?:screwdriver|awl|knife|thumb|finger) (?:goes|went|sinks) in(?:to)?',
    2,
  ],
  ['a bit soft|local soft|soft spot|soft|spongy|punky|mealy|squishy|squashy|like a sponge', 2],
  ['(?:nearly|almost|brand|like) new', 0],
]

export const KNOWN_PHRASES: readonly Phrase<HowKnown>[] = [
  ['(?:seen |looked )?from (?:the )?ground|from below', 'from-ground'],
  ['opened(?: up)?', 'opened'],
  ['seen close|from (?:the |a )?ladder', 'seen-close'],
  ['(?:owner|tenant|they) (?:says?|said)|told', 'told'],
  ['touched', 'touched'],
]

/** Words that carry nothing by themselves. */
export const SMALL_WORDS: ReadonlySet<string> = new Set(
  "a an the is are was it its in on at of for to and with by this that there there's seen looked looks side window win door deck x s".split(
    ' ',
  ),
)
