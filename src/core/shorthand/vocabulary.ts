import type { ComponentId, HowKnown, MaterialId } from '../job'
import type { SignId } from '../catalogue/signs'

/**
 * Words people use, with the field's standard term they mean. Old and regional names are understood and answered with the
 * standard one. Patterns are tried in order; longer phrases stand before the shorter ones inside them.
 */
export type Phrase<T> = readonly [pattern: string, means: T]

/** A fault that is another sign at a ledger than at an opening. */
export const NO_FLASHING = 'no-flashing'

export const SIGN_PHRASES: readonly Phrase<SignId | typeof NO_FLASHING>[] = [
  ['(?:no|never|not) (?:caulk(?:ed|ing)?|sealed|sealant)', 'bare-joint'],
  ['(?:caulk(?:ing)?|sealant|joint) (?:is )?(?:split|failed|open|gone|cracked|dried out)', 'open-joint'],
  ['open joint', 'open-joint'],
  ['(?:flashing|metal) (?:is |too )?(?:short|stops short)', 'metal-stops-short'],
  ['short flashing', 'metal-stops-short'],
  ['no end dams?', 'no-end-dams'],
  ['no drip edge', 'no-metal-under-first-shingle'],
  ['no kick-?out(?: flashing)?', 'roof-ends-on-wall-no-diverter'],
  ['(?:no|missing) drip cap|drip cap (?:is )?(?:missing|gone)', 'no-metal-at-casing-top'],
  ['no (?:head )?flashing|no metal|(?:head )?flashing (?:is )?(?:missing|gone)', NO_FLASHING],
  ['no gutter(?: above)?', 'no-gutter-above'],
  ['gutter (?:is )?dry(?: behind)?', 'gutter-dry-behind-rot'],
  ['wash marks(?: behind(?: the)? gutter)?', 'wash-marks-behind-gutter'],
  ['(?:water standing|standing water)(?: in(?: the)? gutter)?', 'standing-water-in-gutter'],
  ['hangers? pulled', 'hangers-pulled'],
  ['paint (?:is )?peel(?:ing|s|ed)|peeling(?: paint)?|chalk(?:y|ing)|bare spots', 'chalk-cracks-bare-spots'],
  ['primer (?:is )?gone', 'primer-gone'],
  ['back (?:was )?never primed|bare back|unprimed back|back (?:is )?bare', 'back-or-edge-bare'],
  ['square butt(?: joint)?|butt joint', 'square-butt-joint'],
  ['rot below(?: the joint)?', 'rot-below-joint'],
  ['(?:old |fresh )?(?:filler|putty)(?: over)?|patched|patch', 'fresh-filler'],
  ['(?:mulch|soil|dirt) over(?: it)?|buried|in the (?:dirt|soil|ground)', 'bottom-covered-by-soil'],
  ['splash marks|dirt specks', 'dirt-specks-to-18-in'],
  ['mud tubes?', 'mud-tubes'],
  ['frass|(?:bee|beetle|insect) holes', 'frass-or-holes'],
  ['(?:storm )?weeps (?:are )?(?:painted shut|blocked|shut)', 'weeps-painted-shut'],
  ['no slope|back-sloped|sloped in', 'sill-flat-or-back-sloped'],
  ['nails? only|nailed only', 'ledger-nails-only'],
  ['gap (?:is )?opening', 'ledger-gap-over-eighth'],
  ['every bay (?:is )?(?:the same|alike)|every bay|all bays', 'every-bay-alike'],
  ['one bay only', 'one-bay-only'],
  ['ground (?:is )?bare|bare ground', 'ground-bare'],
  ['all (?:of them )?(?:are )?(?:the same|alike)', 'decay-same-on-all-alike'],
  ['only this one', 'one-of-many-alike'],
  ['head (?:is )?dry,? (?:and )?(?:floor|framing) below (?:is )?soft', 'framing-below-soft-head-dry'],
]

export const PART_PHRASES: readonly Phrase<ComponentId>[] = [
  ['corner (?:boards?|trim)', 'corner-board'],
  ['(?:barge|verge) ?boards?|rake(?: ?boards?)?', 'rake-board'],
  ['sub-? ?fascias?', 'sub-fascia'],
  ['(?:eave|cornice) returns?', 'eave-return'],
  ['rafter (?:tails?|ends?)', 'rafter-tail'],
  ['porch ceilings?', 'porch-ceiling'],
  ['porch beams?', 'porch-beam'],
  ['soffit panels?', 'soffit-panel'],
  ['fa[s]?cia(?: ?boards?)?', 'fascia'],
  ['soffits?|eaves?', 'soffit'],
  ['frieze(?: ?boards?)?', 'frieze-board'],
  ['(?:crown|bed)(?: ?mou?ld(?:ing)?)?', 'crown-moulding'],
  ['water ?tables?|skirt ?boards?|band ?boards?', 'water-table'],
  ['base courses?|bottom courses?', 'base-course'],
  ['head casings?|top trim|head trim', 'head-casing'],
  ['brick ?mou?ld(?:ing)?s?', 'brick-mould'],
  ['(?:mull(?:ion)?|post) (?:between|posts?)(?: (?:the )?(?:units|windows))?|mullions?', 'mullion-post'],
  ['side casings?|casings?|legs?', 'side-casing'],
  ['storm (?:sash(?:es)?|windows?)', 'storm-sash'],
  ['sash(?:es)?', 'sash'],
  ['shutters?', 'shutter'],
  ['(?:gable|wall) vents?', 'wall-vent'],
  ['(?:crawl(?: space)?|foundation) vents?', 'crawl-vent'],
  ['(?:sill )?noses?|(?:sill )?nosings?', 'sill-nose'],
  ['door sills?|thresholds?|saddles?', 'threshold'],
  ['sill (?:plates?|beams?)|mud ?sills?', 'mudsill'],
  ['(?:window |sub-?)?sills?|(?:window )?ledges?', 'window-sill'],
  ['(?:door )?jamb +(?:foot|feet)|jambs?', 'jamb-foot'],
  ['(?:bevel |lap )?siding|clap ?boards?|weather ?boards?|lap', 'lap-siding'],
  ['panel siding|siding panels?|plywood siding|panels', 'panel-siding'],
  ['shingle siding|shingles|shakes', 'shingle'],
  ['board and batten|battens?', 'board-and-batten'],
  ['stucco', 'stucco'],
  ['bricks?(?: veneer)?', 'brick-veneer'],
  ['(?:chase|chimney) faces?', 'chase-face'],
  ['roof (?:deck(?:ing)?|sheathing)', 'roof-deck'],
  ['sheathing|plywood|osb', 'sheathing'],
  ['jack studs?|jacks', 'jack-stud'],
  ['studs?', 'stud'],
  ['headers?', 'header'],
  ['(?:sole|bottom) plates?', 'sole-plate'],
  ['rim(?: joists?)?|band joists?', 'rim-joist'],
  ['ledgers?', 'ledger'],
  ['deck(?:ing)? ?boards?|decking', 'deck-board'],
  ['(?:deck )?joist hangers?|hangers?', 'joist-hanger'],
  ['deck joists?', 'deck-joist'],
  ['deck beams?', 'deck-beam'],
  ['(?:deck )?footings?', 'deck-footing'],
  ['(?:porch )?columns?', 'porch-column'],
  ['hand ?rails?(?: posts?)?|guard ?rails?|railings?|guards?|rails?', 'guard'],
  ['treads?', 'stair-tread'],
  ['stringers?', 'stringer'],
  ['(?:deck )?(?:stairs?|steps?)', 'stair'],
  ['posts?', 'deck-post'],
  ['joists?', 'joist'],
  ['piers?|supports?', 'pier'],
  ['skirting', 'skirting'],
  ['insulation|batts?', 'floor-insulation'],
  ['slab edges?', 'slab-edge'],
  ['foundation walls?', 'foundation-wall'],
  ['girders?|beams?', 'girder'],
  ['sub ?floors?|floors?', 'subfloor'],
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
  ['not soft|no (?:rot|decay|soft spots?)|(?:looks? )?fine|sound|solid|hard|ok|okay|good', 0],
  ['surface(?: only)?|weathered|checked|checking', 1],
  [
    '(?:rotted|rotten|rot|soft|gone) through|(?:goes|went) right through|gone|missing|broken|snapped|crumbl(?:es|ing)|holes?(?: in it)?',
    4,
  ],
  [
    '(?:awl|knife|screwdriver) (?:goes|went|sinks) right in|very soft|deep|rotted|rotten|rot|mush(?:y)?|shot|bad',
    3,
  ],
  ['a bit soft|local soft|soft spot|soft|spongy|punky', 2],
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
