import type { SignId } from '../catalogue/signs'
import type { Phrase } from './vocabulary'

/** A fault that is another sign at a ledger than at an opening. */
export const NO_FLASHING = 'no-flashing'

const STUFFED =
  '(?:are |is |all )?(?:stuffed|blocked|plugged|closed|shut|covered|painted (?:shut|over))(?: (?:up|with (?:insulation|rags|foam)))?'

export const SIGN_PHRASES: readonly Phrase<SignId | typeof NO_FLASHING>[] = [
  // Water off the roof.
  [
    'gutter(?: end)? (?:is )?(?:runs|dies|buried|goes|ends) in(?:to)?(?: the)? (?:siding|wall|cladding)',
    'gutter-end-dies-into-cladding',
    'gutter',
  ],
  [
    "gutters?(?:'s)? (?:is |are )?(?:full(?: of)?|packed|choked|clogged|plugged)(?: with)?(?: leaves| debris| needles| dirt| muck)?",
    'debris-at-gutter-lip',
    'gutter',
  ],
  [
    '(?:water )?(?:runs|running|streaks?) down the (?:face|front) of the gutter',
    'streaks-down-gutter-face',
    'gutter',
  ],
  ['water (?:stands|standing|sits) in(?: the)? gutter', 'standing-water-in-gutter', 'gutter'],
  ['(?:leader|down ?spout) (?:is |has come )?(?:loose|off the wall|hanging)', 'leader-loose', 'downspout'],
  [
    '(?:underground|buried|ground) (?:drain|pipe|leader) (?:is )?(?:clogged|plugged|blocked)',
    'ground-pipe-mouth-blocked',
    'ground-pipe',
  ],
  [
    'valleys? (?:is |are )?(?:full(?: of)?|choked|clogged|packed|worn)(?: with)?(?: leaves| debris| needles| through)?',
    'valley-debris-or-worn',
    'roof-covering',
  ],
  ['(?<=shingles? (?:is |are )?)(?:torn|blown|ripped) off', 'limb-or-wind-damage-seen'],
  ['roof(?:ing)? (?:is )?(?:worn out|bald|curled|curling)', 'shingles-bald-or-curled', 'roof-covering'],
  ['(?:chimney |flue )cap (?:is )?(?:missing|gone|blown off)', 'cap-missing', 'flue'],
  [
    'skylight (?:leaks|stains?) (?:at )?(?:the |its )?low(?:er)? corner',
    'stain-at-skylight-low-corner',
    'skylight',
  ],
  ['(?<=(?:shingles?|shakes?)(?: (?:is|are))? )(?:missing|gone|blown away)', 'shakes-gone'],
  // Piers of a home.
  [
    '(?:concrete )?(?:blocks|pads|piers) (?:set )?(?:right )?on (?:the )?(?:bare |loose )?(?:fill|sod|grass)',
    'pads-on-sod-or-fill',
    'pier',
  ],
  [
    '(?:no|without(?: a)?) (?:pads?|footings?)(?: under (?:it|them|the (?:blocks|piers|jacks?)))?',
    'jack-without-pad',
  ],
  // Doors.
  ['(?<=\\bdoors? [^;]{0,30})won.?t (?:latch|close|shut)', 'door-drags', 'door'],
  [
    '(?<=doors? (?:(?:is|are|at|by|in|near|on|there|the|left|right|hall|bath|kitchen|closet|bedroom|corner|upstairs|back|front|far|[a-d]\\d?) )*)(?:drag(?:s|ging)?|stick(?:s|ing)?|bind(?:s|ing)?|rub(?:s|bing)?)',
    'door-drags',
    'door',
  ],
  ['off (?:its|the) track', 'off-its-track', 'overhead-door'],
  ['springs? (?:is |are )?broken|broken springs?', 'spring-broken', 'overhead-door'],
  // Masonry, piers and what holds a house down.
  [
    '(?:chase )?cover (?:is )?rust(?:ed|y)|(?:chase|chimney) (?:cap|pan|top) (?:is )?rust(?:ed|y)|(?<=\\bchase\\b.{0,40})rust (?:stains?|streaks?|holes?)',
    'rust-or-holes-on-cover',
    'chase-cover',
  ],
  // The ends of tendons lie in plugs along the edge.
  [
    '(?:(?:two|pairs? of|several|round|grout(?:ed)?) )+(?:patches|plugs|pockets)(?= (?:on|along|in|at) (?:the )?(?:slab edge|edge of the slab))',
    'rust-spots-in-pairs',
    'slab-edge',
  ],
  ['rust (?:weeping|weeps|bleed(?:s|ing)|stains?(?: through)?)|weep(?:s|ing)? rust', 'rust-stain-through'],
  ['tendon pockets? (?:is |are )?open', 'tendon-pocket-open', 'tendon-end'],
  [
    '(?:stair[ -]?step(?:ped)?|step(?:ped)?|zig ?zag) cracks?\\b(?: (?:in|through) the (?:blocks?|block wall|foundation(?: wall)?))\\b',
    'crack-stepped',
    'foundation-wall',
  ],
  ['(?:stair[ -]?step(?:ped)?|step(?:ped)?|zig ?zag) cracks?\\b', 'crack-stepped'],
  [
    '(?:cracks?|hairlines?)(?= (?:from|at|off|out of) (?:the |a |one )?(?:window|door)\\S* (?:\\S+ )?corner)',
    'crack-diagonal-at-opening',
  ],
  ['horizontal cracks?', 'crack-horizontal'],
  ['(?:cracks? (?:is )?|(?<=crack.{0,60}))wider at (?:the |its )?top', 'crack-wider-above'],
  ['(?:cracks? (?:is )?|(?<=crack.{0,60}))wider at (?:the |its )?(?:bottom|foot)', 'crack-wider-below'],
  [
    '(?<=walls? (?:is |are )?)(?:lean(?:s|ing)|pushed) in at (?:the )?(?:mid(?:dle|[- ]?height)?)',
    'wall-bowed',
  ],
  ['(?<=(?:foundation|walls?) (?:is |are )?)lean(?:s|ing) in', 'wall-leans-in-at-top'],
  // So much down was measured: a glance says that it is low, not by how much.
  [
    '(?<=corner (?:is |has |has gone )?)(?:down|dropped|sunk|settled|low)(?: by)?(?= (?:about )?(?:\\d|an? inch|half))',
    'course-line-drops',
  ],
  ['(?<=walls? (?:is |are )?)(?:bow(?:s|ed|ing)|bell(?:ies|ying))(?! out)(?: in)?', 'wall-bowed'],
  ['(?<=(?:piers?|posts?|supports?) (?:is |are )?)(?:lean(?:s|ing)|out of plumb)', 'pier-leaning'],
  [
    '(?<=(?:straps?|hangers?|connectors?|brackets?|bolts?|tie-?downs?) (?:is |are )?)rust(?:ed|y)(?: (?:thin|through|out))?',
    'connector-rusted',
  ],
  ['(?<=skirting (?:is )?)(?:bent|wavy|buckled)', 'skirting-bent'],
  [
    '(?<=posts? (?:sits? |stands? |is |are |right )?)(?:on|in) (?:the |bare |loose )*(?:dirt|soil|ground|earth)',
    'wood-to-soil-contact',
  ],
  // Floors.
  ['floors? (?:is |are )?(?:gives?|giving|bounc(?:es?|y|ing)|springs?|springy)', 'floor-springy', 'subfloor'],
  [
    'floors? (?:slopes?|falls?|runs|sags?|dips?) (?:to|towards?|in) the (?:middle|cent(?:re|er))',
    'falls-to-middle',
    'floor',
  ],
  ['floors? (?:slopes?|falls?|runs) (?:to|towards?) the corner', 'falls-to-corner', 'floor'],
  ['floors? (?:dips?|sinks?|sags?)(?= (?:at|by|under|near|beside) )', 'sinks-at-one-spot', 'floor'],
  ['(?<=floor(?:s|ing)? (?:is |are )?)cupped|cupped floor(?:s|ing)?', 'finish-floor-cupped', 'finish-floor'],
  ['bare (?:wires?|wire ends)', 'conductor-ends-open', 'wiring'],
  // Decks.
  [
    'no (?:joist )?hangers|(?:joist )?hangers? (?:is |are )?(?:missing|gone)',
    'connector-absent',
    'joist-hanger',
  ],
  ['nailed,? (?:and )?(?:no bolts|not bolted)', 'ledger-nails-only'],
  [
    '(?<=\\b(?:guard|guard ?rail|railing|balusters?|rail)\\b.{0,40})(?:gaps?|openings?|spaces?|balusters?)(?: of| are)? (?:over )?(?:[5-9]|1\\d)(?:"| ?in\\b| ?inch(?:es)?)(?: apart)?',
    'opening-over-4-in',
    'guard',
  ],
  ['carpenter bee (?:holes?|nests?)', 'round-half-inch-holes'],
  ['wood ?pecker (?:holes?|damage|pecks?)|pecked(?: by (?:a )?woodpeckers?)?', 'ragged-rows'],
  ['carpenter ants?', 'live-ants-at-night'],
  ['(?<=(?:siding|boards?|laps?|courses?) (?:is |are )?)bow(?:s|ed|ing)(?: out)?', 'board-bowed-out'],
  ['dented|crushed', 'dent'],
  ['holes? (?:is |was )?(?:not|never) (?:caulked|sealed|flashed)', 'no-block-or-hood'],
  ['(?:no|never|not) (?:caulk(?:ed|ing)?|sealed|sealant)', 'bare-joint'],
  [
    "(?:caulk(?:ing)?|sealant|joint|(?<!corner )bead)(?:'s)? (?:is |has |all )*(?:split|failed|open|gone|missing|cracked|dried out)",
    'open-joint',
  ],
  // Where it runs is read by itself: *the bead between the brick mould and the siding is split*.
  [
    '(?:caulk(?:ing)?|sealant|(?<!corner )bead)(?= (?:between|along|at|round|around) [^,;]{3,40} (?:is |has )?(?:split|failed|cracked|dried out))',
    'open-joint',
  ],
  ['open joint', 'open-joint'],
  ['(?:flashing|metal) (?:is |too )?(?:short|stops short)', 'metal-stops-short'],
  ['short flashing', 'metal-stops-short'],
  ['no end dams?', 'no-end-dams'],
  ['(?:no|missing) drip edge|drip edge (?:is )?(?:missing|gone)', 'no-metal-under-first-shingle'],
  ['no kick-?out(?: flashing)?', 'roof-ends-on-wall-no-diverter'],
  ['(?:no|missing) drip cap|drip cap (?:is )?(?:missing|gone)', 'no-metal-at-casing-top'],
  ['no (?:head )?flashing|no metal|(?:head )?flashing (?:is )?(?:missing|gone)', NO_FLASHING],
  ['no gutter(?: above)?', 'no-gutter-above'],
  ['gutter (?:is )?dry(?: behind)?', 'gutter-dry-behind-rot'],
  ['(?:runs?|running|spills?) over at (?:its|the) high end', 'overflow-at-high-end', 'gutter'],
  [
    '(?:(?:water )?(?:spills?|spilling|brims?) over|over-?flow(?:s|ing|ed)?|water runs over|(?<=gutters? (?:that )?)(?:runs?|running) over)(?: in(?: heavy| any| hard)? rain| when it rains)?',
    'runs-over-in-rain',
    'gutter',
  ],
  ['wash marks(?: behind(?: the)? gutter)?', 'wash-marks-behind-gutter'],
  ['(?<=crawl.{0,40})(?:standing water|water stand(?:s|ing)|puddles?)', 'water-after-rain', 'crawl-floor'],
  [
    '(?:standing water|water stand(?:s|ing)|puddles?)(?= (?:below|under|beneath) )',
    'water-after-rain',
    'crawl-floor',
  ],
  [`(?:crawl(?: space)?|foundation) vents? ${STUFFED}`, 'vents-blocked', 'crawl-vent'],
  [`vents? ${STUFFED}`, 'vents-blocked'],
  ['(?:water standing|standing water)(?: in(?: the)? gutter)?', 'standing-water-in-gutter', 'gutter'],
  ['hangers? pulled', 'hangers-pulled'],
  [
    '(?<=gutters? (?:has |have |is |are )?)(?:pulled|pulling|come|coming) (?:away|loose|down)',
    'hangers-pulled',
  ],
  [
    'paint (?:is )?(?:gone|lost|off|peel(?:ing|s|ed)|worn off) (?:along|at|on) the (?:very )?bottom(?: (?:edge|inch|of (?:it|the boards?)))?',
    'paint-lost-bottom-inch',
  ],
  [
    'paint (?:is |has )?(?:all )?(?:peel(?:ing|s|ed)|gone|worn (?:off|away|through))|peeling(?: paint)?|chalk(?:y|ing)|bare spots',
    'chalk-cracks-bare-spots',
  ],
  ['primer (?:is )?gone', 'primer-gone'],
  ['back (?:was )?never primed|bare back|unprimed back|back (?:is )?bare', 'back-or-edge-bare'],
  ['square butt(?: joint)?|butt joint', 'square-butt-joint'],
  ['rot below(?: the joint)?', 'rot-below-joint'],
  ['(?:old |fresh )?(?:filler|(?<!glazing )putty)(?: over)?|patched|patch', 'fresh-filler'],
  [
    '(?:mulch|soil|dirt|bark) (?:is )?(?:(?:piled|heaped|banked) )?(?:up )?(?:\\d+ ?(?:in(?:ch(?:es)?)?|") )?(?:over|on|against)(?: it)?|buried(?! in concrete)|in the (?:dirt|soil|ground)',
    'bottom-covered-by-soil',
  ],
  ['splash marks|dirt specks', 'dirt-specks-to-18-in'],
  ['hollow sound|sounds? hollow', 'hollow-behind'],
  [
    '(?:stands?|sits?|rests?|bears?|standing|sitting|set) on (?:a |an? old )?(?:loose |stacked |single )?(?:bricks?|stones?|rocks?|concrete blocks?|blocks?)',
    'post-on-loose-pad',
    'pier',
  ],
  [
    '(?<=\\b(?:posts?|piers?|supports?|props?|jacks?)\\b.{0,40})(?:(?:can be |be )?(?:pushed|moved|turned|rocked)(?: over| out)? by hand|moves? (?:under|by) (?:the |my )?hand)',
    'daylight-in-bearing',
    'pier',
  ],
  [
    'cracks? (?:runs? |running |goes )?(?:from|off|at|up from|down from) the (?:(?:upper|lower|top|bottom|left|right) )*corner(?= of (?:the |a )?(?:window|door|opening))',
    'crack-diagonal-at-opening',
  ],
  [
    '(?<=\\b(?:walk|patio|slab|paving|drive ?way|pavers|steps?)\\b.{0,40})(?:(?:holds|ponds|collects|keeps) (?:the )?water|(?:water|puddles?) (?:stands?|sits?|ponds?|pools?)? ?on it)|(?:water|puddles?) (?:stands?|sits?|ponds?|pools?)? ?on the (?:walk|patio|paving|slab|drive ?way|pavers)',
    'ponds-on-paving',
    'paving',
  ],
  [
    'nail (?:heads?|holes?) (?:are |is )?(?:bleed(?:s|ing)?|weep(?:s|ing)?|streak(?:s|ing)?) rust|rust (?:dots?|spots?|runs) (?:at|from|below) (?:the |each )?nails?',
    'nail-stain',
  ],
  ['(?:mud|termite) (?:tubes?|tunnels?|trails?)', 'mud-tubes'],
  [
    '(?:sits?|sitting|stands?|standing|bears?|rests?) (?:right )?(?:on|in) (?:the |bare )*(?:dirt|soil|mud|ground)',
    'wood-to-soil-contact',
  ],
  ['frass|(?:bee|beetle|insect) holes', 'frass-or-holes'],
  ['(?:(?:rats?|mouse|mice|squirrels?|raccoons?|bats?|birds?|animal) )?droppings', 'droppings-or-hair'],
  ['(?:storm )?weeps (?:are )?(?:painted shut|blocked|shut)', 'weeps-painted-shut'],
  ['no slope|back-sloped|sloped in', 'sill-flat-or-back-sloped'],
  ['nails? only|nailed only', 'ledger-nails-only'],
  ['gap (?:is )?opening', 'ledger-gap-over-eighth'],
  ['every bay (?:is )?(?:the same|alike)|every bay|all bays', 'every-bay-alike'],
  ['one bay only', 'one-bay-only'],
  [
    '(?:vapou?r barrier|ground cover|poly(?:ethylene)?|vb) (?:is )?(?:missing|torn|gone|shredded|in pieces)|(?:soil|ground|dirt)(?: is)?(?: bare)?,? no cover|no cover (?:on|over) the (?:soil|ground|dirt|earth)(?: in the crawl(?: ?space)?)?|no (?:ground cover|vapou?r barrier)|ground (?:is )?bare|(?<!\\b(?:on|in|into) )bare (?:soil|earth|ground|dirt)|dirt floor',
    'ground-bare',
    'crawl-floor',
  ],
  ['(?:leader|down ?spout) (?:is )?(?:blocked|plugged|clogged)', 'leader-blocked', 'downspout'],
  [
    '(?:empties|dumps|discharges|lets out)(?: right)?(?: out)? (?:at|by|beside|against|next to) the (?:wall|foundation|house|corner)|(?:no|short|missing) elbow|elbow (?:is )?(?:missing|gone|short|off)',
    'short-or-missing-elbow',
    'downspout',
  ],
  ['(?:soil )?washed out at (?:the )?(?:outlet|down ?spout)', 'erosion-at-outlet'],
  ['tree (?:hangs|hanging|leans) over', 'overhanging-tree'],
  ['shingles? (?:are |is )?(?:bald|curled|worn out)', 'shingles-bald-or-curled', 'roof-covering'],
  [
    '(?:no|missing) (?:cricket|saddle(?= behind| at the chimney))|cricket (?:is )?missing|(?<=chimney(?: [a-z])? )saddle (?:is )?(?:missing|gone)',
    'wide-chimney-no-cricket',
  ],
  [
    '(?:tar|mortar|caulk) smeared (?:over|on) (?:the )?flashing|(?:step |counter-? ?)?flashing (?:is )?(?:tarred|smeared)(?: over)?(?: (?:with|in) (?:tar|mortar|caulk))?',
    'mortar-smeared-flashing',
    'roof-metal',
  ],
  [
    '(?:pipe )?(?:boot|collar) (?:is )?cracked|cracked (?:pipe )?(?:boot|collar)',
    'cracked-collar',
    'pipe-collar',
  ],
  [
    '(?:chase )?cover (?:ponds|ponding|holds water)|(?:chase|chimney) (?:cap|pan|top) (?:ponds|ponding|holds water)|(?<=\\b(?:chase|chimney) (?:cover|cap|pan|top)\\b.{0,30})(?:ponds|ponding|holds water)',
    'flat-cover-ponds',
    'chase-cover',
  ],
  ['(?:door )?sweep (?:is )?(?:worn|gone|missing)', 'sweep-worn'],
  ['landing (?:is )?(?:flush|as high as the sill)', 'landing-flush'],
  ['fogg(?:ed|y)(?: up| over)?$', 'fog-between-panes'],
  [
    '(?:gutter(?:.s)? )?(?:seams?|joints?|corners?|mit(?:er|re)s?|end ?caps?|outlets?)(?: of (?:the )?gutter)? (?:is |are )?(?:drip(?:s|ping)?|leak(?:s|ing|y)?)(?: behind| through)?(?<=\\bgutters?\\b.*)',
    'gutter-joint-drips',
    'gutter',
  ],
  [
    'gutters? (?:is |are )?(?:rusted through|leak(?:s|ing|y)?|drip(?:s|ping)?)|holes? in (?:the )?gutter',
    'gutter-joint-drips',
    'gutter',
  ],
  [
    'gutters? (?:runs?|slopes?|falls?|pitch(?:es|ed)?|tilts?|tilted) (?:uphill|backwards?|the wrong way)|gutters? back-?falls?',
    'gutter-back-fall',
    'gutter',
  ],
  [
    '(?:step|stoop|landing|porch|patio|slab|deck) (?:is )?(?:level|flush|even) with the (?:door ?)?(?:sill|threshold)',
    'landing-flush',
  ],
  [
    '(?:lower |bottom )?corner(?: joint)?s? of (?:the |its )?(?:window |door )?(?:frame|unit|sash) (?:is |are |has |have |come |came |pulled )*(?:open(?:ed|s)?(?: up)?|apart|split)',
    'corner-key-open',
  ],
  [
    '(?<=\\b(?:corner ?boards?|casings?|jambs?|trim|posts?|columns?)\\b.{0,40})(?:stands?|sits?|rests?|bears?|standing|sitting) (?:right |flat |directly )?on (?:the |a )?(?:concrete|slab|paving|walk|bricks?|stone|pavers?|porch floor)',
    'foot-end-grain-on-hard-surface',
  ],
  ['bottom edges? (?:is |are )?(?:swollen|swelling)|swollen (?:bottom )?edges?', 'swollen-bottom-edge'],
  [
    '(?:guard|guard ?rail|railing|hand ?rail|rail)(?: posts?)? (?:is |are )?(?:loose|wobbly|wobbles|shaky|moves)|(?:loose|wobbly|shaky) (?:guard|guard ?rail|railing|hand ?rail)(?: posts?)?',
    'guard-moves',
    'guard',
  ],
  ['(?:tie[- ]?down )?straps? (?:is |are |hang |hangs )?(?:slack|loose)', 'strap-slack', 'tie-strap'],
  [
    'overdriven nails?|nails? (?:are |were )?(?:overdriven|(?:driven|set|shot|sunk) too (?:deep|hard|far))',
    'overdriven-nails',
  ],
  ['(?:salt|white) bloom|efflorescence', 'efflorescence-band'],
  ['band of algae|algae', 'algae-band'],
  ['sprinkler (?:hits|aimed at|sprays)(?: the wall| it)?', 'head-aimed-at-wall'],
  [
    'fog(?:ged)? between (?:the )?panes|fogg(?:ed|y) (?:up |glass|unit|panes?)|(?<=\\b(?:window|unit|sash|glass|pane|slider|door)s?(?: [a-z]{1,2}\\d+)?(?: (?:is|are|has|have))? )fogg(?:ed|y)(?: up| over)?',
    'fog-between-panes',
  ],
  [
    '(?:ground|soil|grade|yard) (?:falls|slopes|runs|pitches) (?:back )?(?:in )?(?:to|towards?|at) the (?:wall|house)|negative grade',
    'infall-within-6-ft',
    'soil',
  ],
  [
    '(?<=(?:patio|walk|paving|slab|drive ?way|pavers) )(?:falls?|slopes?|runs?|pitch(?:es)?|tilts?) (?:back )?(?:in )?(?:to|towards?|at) the (?:wall|house)',
    'infall-within-6-ft',
    'paving',
  ],
  ['(?:patio|walk|paving|concrete|slab) (?:holds water|ponds)', 'ponds-on-paving'],
  [
    '(?:patio|walk|paving|slab|concrete) (?:is |poured )?(?:tight to|against) the (?:wall|sill|siding)',
    'paving-tight-to-wall',
    'paving',
  ],
  ['tide line', 'tide-line-on-piers'],
  [
    '(?<=(?:wax ring|toilet) (?:(?:is|at|of|under|the|toilet) )*)(?:seeps|seeping|leaks|leaking|failed|gone)',
    'leaks-at-joint',
  ],
  ['loose tiles?|tiles? (?:is |are )?loose', 'loose-tile'],
  ['duct (?:is )?(?:off|disconnected|torn)', 'duct-disconnected'],
  ['only (?:wet )?after (?:a )?rain', 'only-after-rain'],
  ['fresh (?:fungus|strands)|fungus strands', 'fresh-strands'],
  ['all (?:of them )?(?:are )?(?:the same|alike)', 'decay-same-on-all-alike'],
  ['only this one', 'one-of-many-alike'],
  ['head (?:is )?dry,? (?:and )?(?:floor|framing) below (?:is )?soft', 'framing-below-soft-head-dry'],
]
