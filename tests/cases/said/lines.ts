/**
 * Sights as somebody types them into a phone, and the cause a practitioner would name: four lots, each written before the tool was
 * tried on it. The first was written before signs were offered from words, the others after; none by looking at the words of the
 * catalogue. The fourth was written when naming a fault that was seen had just been made cheaper: a quarter of it is plain weather and
 * overdue paint, so that naming too much shows as well. All by one hand, ours.
 */
export type SaidLine = {
  readonly line: string
  /** Causes of which any is right. */
  readonly causes: readonly string[]
  readonly house?: {
    readonly cladding?: 'hardboard-lap' | 'stucco'
    readonly foundation?: 'basement' | 'slab'
  }
}
type House = SaidLine['house']
const said = (line: string, causes: string, house?: House): SaidLine => ({
  line,
  causes: causes.split('|'),
  ...(house ? { house } : {}),
})

/** Nothing behind it that a repair could fix. */
const WEATHER = 'ordinary-exposure|finish-overdue'

/** Before: sixty. */
export const FIRST: readonly SaidLine[] = [
  said(
    "A 12' fascia soft 6 feet behind the gutter, gutter spills over in a storm, dirt wash line on its face",
    'gutter-overflow',
  ),
  said("B 29' fascia rotten at the end, gutter end pokes into the siding", 'gutter-end-in-wall'),
  said("A 5' fascia top edge rotten the whole run, no drip edge, shingles cut short", 'no-drip-edge'),
  said('C1 rot at the top corner of the casing, head flashing stops short', 'head-flashing-short'),
  said('C1 sill nose soft, sill flat, no drip groove underneath', 'sill-slope-or-drip'),
  said(
    "D 10' siding bottom two courses soft, dirt splashed up, roof drips there, no gutter",
    'splash-back|gutter-none',
  ),
  said(
    "A 39' where roof dies into the wall, stain fans out below, siding soft, no kickout",
    'kick-out-missing',
  ),
  said('C deck ledger soft, no flashing, stain on foundation under it', 'ledger-unflashed'),
  said('crawl joists damp in all bays, bare dirt, insulation hanging', 'crawl-vapour'),
  said('bath subfloor soft around toilet, toilet rocks, stain below', 'plumbing-leak|pan-or-tub-joint'),
  said('mud tubes up the foundation, sill plate sounds hollow', 'subterranean-termites'),
  said("A 8' round half inch holes under the fascia, sawdust below, yellow stain", 'carpenter-bees'),
  said('basement wall bows in at the middle, horizontal crack, clay soil', 'lateral-pressure', {
    foundation: 'basement',
  }),
  said("A 0' foundation stair-step crack at the corner wider at top, downspout dumps there", 'settlement'),
  said('back door threshold soft, no pan, water stain on subfloor under the door', 'door-threshold'),
  said("B 12' hardboard siding swollen along bottom edges, edges never painted", 'back-never-primed', {
    cladding: 'hardboard-lap',
  }),
  said('chimney chase siding stained, cover rusted and holds water', 'chase-cover'),
  said('ceiling stain around the vent pipe, rubber boot cracked', 'pipe-collar'),
  said('attic roof sheathing dark on the north side, all nail tips rusty', 'attic-air-leak|vent-into-cavity'),
  said(
    'post under the girder can be pushed by hand, stands on loose brick',
    'home-made-support|pier-displaced|support-line-failed',
  ),
  said('C1 stucco brown stain and hollow below the window corner', 'pan-or-unit-corner', {
    cladding: 'stucco',
  }),
  said('C1 glass foggy between the panes', 'pane-seal-failed'),
  said("D 12' siding touches the dirt, bottom boards rotten", 'soil-on-wood'),
  said("C 30' patio poured against the wall, water sits on it, plate rotten", 'paving-dam'),
  said("D 20' sprinkler hits the wall, white film in an arc, siding soft", 'sprinkler'),
  said("B 22' vines growing on the wall, damp behind, siding soft", 'plants'),
  said("A 20' row of holes pecked in the trim", 'woodpecker'),
  said('C deck ledger only nailed, gap opening at the house', 'ledger-attachment'),
  said('deck guard post loose, only nailed to the rim', 'guard-unsupported'),
  said('joist under bath notched half way through for the drain, cracked from the notch', 'over-notched'),
  said('steel lintel over the garage rusted, brick lifted at its end', 'embedded-steel'),
  said('ridge sags, walls lean out at the top, no rafter ties', 'roof-thrust'),
  said('porch post rotten at the bottom, stands in the dirt', 'soil-on-wood'),
  said("B 2' downspout elbow gone, water dumps against the wall, siding soft below", 'leader-at-wall'),
  said("A 28' valley shoots over the gutter, fascia soft right there", 'valley'),
  said('skylight leaks at the lower corner, drywall stained', 'skylight'),
  said('C1 casing sounds hollow, coarse sawdust with insect bits', 'carpenter-ants'),
  said('C1 sill six-sided pellets piled up', 'drywood-termites'),
  said('slab edge rust-stained round patch, crumbling', 'embedded-steel', { foundation: 'slab' }),
  said('C1 storm window caulked shut along the bottom, sill rotten', 'storm-weeps-shut'),
  said("B 15' siding buckled between nails, boards tight at the ends", 'expansion-without-gaps'),
  said('ground slopes toward the house on the left, crawl wet after rain', 'grade-slopes-in'),
  said("D 6' ac drain drips on the wall, base boards soft", 'equipment-discharge'),
  said('dryer vents into the crawl, joists wet right there', 'vent-into-cavity'),
  said(
    "B 10' new board let in beside rotten wood, caulked over, soft again",
    'partial-repair|mismatched-patch|cosmetic-repair',
  ),
  said('floor bounces all over the living room, joists 2x6 spanning 14 feet', 'over-spanned'),
  said('roof shingles curled and granules gone, decking soft', 'roof-worn'),
  said(
    'step flashing missing at the dormer cheek, siding rotten at the bottom next to roof',
    'step-flashing',
  ),
  said('chimney leaks, flashing pulled loose, rafter stained beside it', 'chimney-flashing'),
  said('mildew black on the shaded side, washes off with bleach', 'mildew-growth'),
  said('tree ten feet from the corner, clay, cracks open every dry summer', 'tree-on-clay'),
  said('old beetle holes, powder falls out when tapped, crawl joist', 'wood-beetles'),
  said('siding hit by a mower, dented and cracked', 'struck'),
  said('fascia paint peeling in sheets, wood hard and dry below', 'finish-overdue|coating-fault'),
  said('raccoon tore the soffit open', 'animals'),
  said('pipe sweats in summer, subfloor dark along the cold line', 'sweating-line'),
  said('metal roof edge, water creeps back under to the fascia', 'metal-edge-capillary'),
  said('gutter pitches away from the downspout, stands full, fascia soft behind', 'gutter-mis-hung'),
  said('leaves pack the gutter, grass growing in it, fascia soft', 'gutter-overflow'),
  said('deck hangers missing, joists toenailed', 'connector-missing'),
]

/** After, in as colourful a language as we could think of: fifty. */
export const SECOND: readonly SaidLine[] = [
  said(
    "A 30' soffit stained right behind the gutter joint, gutter backs up whenever it pours",
    'gutter-overflow|leader-blocked',
  ),
  said(
    "A 3' rafter tails punky, roofing felt just hangs over the boards with no metal edge at all",
    'no-drip-edge',
  ),
  said(
    "B 1' trim mushy where the eave end meets the brick chimney wall, no diverter up there",
    'kick-out-missing',
  ),
  said(
    'dormer cheek boards rotten along the shingles, somebody gooped tar where the steps should be',
    'step-flashing',
  ),
  said(
    'C2 upper jamb corners mush, the cap over the trim is an inch shy on both ends',
    'head-flashing-short',
  ),
  said(
    'C2 nothing on top of the head trim, water just runs in behind it, head casing soft',
    'head-flashing-absent',
  ),
  said('D1 sill spongy, water lies on it because it leans back to the glass', 'sill-slope-or-drip'),
  said(
    'D1 bottom of the window leaks inside after driving rain, corner of the vinyl frame is split',
    'pan-or-unit-corner',
  ),
  said(
    'kitchen door: boards under the threshold are black and crumble, there was never a pan',
    'door-threshold',
  ),
  said("B 14' lowest clapboards mushy, mud freckles on them up to my knee", 'splash-back'),
  said(
    "B 25' bark mulch is heaped over the first clapboard and that is the only place it is rotten",
    'soil-on-wood',
  ),
  said("D 8' lawn sprinkler soaks that wall each morning, paint falling off in a curve", 'sprinkler'),
  said(
    "C 22' the walk was raised last year and now sits against the siding, water ponds there",
    'paving-dam',
  ),
  said(
    'left yard pitches at the house, mud line on the foundation, crawl damp on that side',
    'grade-slopes-in',
  ),
  said('every joist down there is clammy, ground has no cover, batts lying on the dirt', 'crawl-vapour'),
  said('floor under the washing machine is spongy, slow drip off the supply line', 'plumbing-leak'),
  said('shower curb grout gone, subfloor black only after someone showers', 'pan-or-tub-joint'),
  said('cold water main drips with sweat each July, joist dark just along it', 'sweating-line'),
  said('bath fan hose came off in the attic, frost and mildew all around it', 'vent-into-cavity'),
  said('shelter tubes climbing the pier, joist full of dirt-packed tunnels', 'subterranean-termites'),
  said('B1 perfect round bore holes in the fascia return, big bees hovering in May', 'carpenter-bees'),
  said('B1 sill, pile of grainy six sided droppings, wood rings hollow', 'drywood-termites'),
  said('black ants by the hundred at night, shavings with legs in it by the door jamb', 'carpenter-ants'),
  said('joists peppered with pinholes, flour runs out', 'wood-beetles'),
  said("A 34' flicker has hammered a line of holes through the corner trim", 'woodpecker'),
  said('squirrels gnawed through the fascia at the corner, nest behind', 'animals'),
  said('ivy has its feet under the laps, boards wet behind it', 'plants'),
  said('cellar wall belly inward about an inch, long level crack halfway up', 'lateral-pressure', {
    foundation: 'basement',
  }),
  said('back corner has dropped, brick joints opened in steps, gap bigger toward the roof', 'settlement'),
  said('long porch roof pushes the wall out, ridge has a swayback, nothing tying the rafters', 'roof-thrust'),
  said(
    'deck has let go a finger width from the house, just sixteen penny nails in the ledger',
    'ledger-attachment',
  ),
  said('band board behind the deck is rotten all the way, they never flashed it', 'ledger-unflashed'),
  said('railing flops when you lean, posts only toenailed', 'guard-unsupported'),
  said('deck joists just nailed through the rim, not one hanger', 'connector-missing'),
  said('plumber hacked the joist nearly in two for the tub trap', 'over-notched'),
  said('living room bounces like a trampoline, 2x8 at sixteen feet', 'over-spanned'),
  said('girder sits on a screw jack standing on a paving brick', 'home-made-support'),
  said('boards swollen like bread along the lower lip, lap ends raw', 'back-never-primed', {
    cladding: 'hardboard-lap',
  }),
  said('long runs of siding bellied out in the sun, ends jammed into the trim', 'expansion-without-gaps'),
  said('garage door lintel rust-jacked the bricks above it', 'embedded-steel'),
  said(
    'somebody smeared body filler over the rot two years back, mushy all round it',
    'cosmetic-repair|partial-repair|wrong-method',
  ),
  said("double pane fogged up, can't wipe it", 'pane-seal-failed'),
  said('rubber around the plumbing vent is split, ring on the bedroom ceiling', 'pipe-collar'),
  said('rain pan on top of the chimney box is rusted out, box rotten from the top', 'chase-cover'),
  said('shingles bald, edges curled, roof boards soft in several spots', 'roof-worn'),
  said(
    'condensate line from the AC spills at the wall, bottom plate rotten right under it',
    'equipment-discharge',
  ),
  said(
    'storm panel glued shut with caulk at the bottom, water trapped on the sill, sill rotten',
    'storm-weeps-shut',
  ),
  said('paint lifts in sheets back to the old gloss coat, wood fine', 'coating-fault'),
  said(
    'porch column sits flat on the slab, rotten the bottom two inches, sound above',
    'no-capillary-break|end-grain-joint',
  ),
  said('gutter runs uphill to the outlet and stays half full', 'gutter-mis-hung'),
]

/** After the words of the second had been added: forty. */
export const THIRD: readonly SaidLine[] = [
  said(
    "B 7' fascia paint blistered and board soft near the corner, water pours over the trough when it storms",
    'gutter-overflow',
  ),
  said("A 22' eave boards eaten from the top, first shingle sits right on wood", 'no-drip-edge'),
  said(
    'C1 window trim top right corner soft, metal above it ends before the trim does',
    'head-flashing-short',
  ),
  said('D1 window sill pitched inward, soft at the nose', 'sill-slope-or-drip'),
  said('garage side wall soft where the lower roof ends against it, brown fan below', 'kick-out-missing'),
  said('clapboard bottoms punky, soil level with them', 'soil-on-wood'),
  said(
    "B 18' siding rotten low down, dirt spatter a foot high, no gutter up there",
    'splash-back|gutter-none',
  ),
  said("D 3' corner board soft at the foot, leader empties right beside it with no elbow", 'leader-at-wall'),
  said("C 35' concrete step poured tight to the siding, sheathing rotten behind", 'paving-dam'),
  said('patio door sill floor is spongy in the middle, sweep worn out', 'door-threshold'),
  said('deck ledger area: wall rotten below it, no metal behind, stain on block', 'ledger-unflashed'),
  said('ledger hangs on nails, quarter inch gap along the wall', 'ledger-attachment'),
  said('deck stairs rail shakes, post nailed on the outside of the rim', 'guard-unsupported'),
  said('no joist hangers on the deck, ends toe-nailed', 'connector-missing'),
  said('crawl space: all joists fuzzy and damp, soil uncovered', 'crawl-vapour'),
  said('subfloor black by the tub, grout line open', 'pan-or-tub-joint'),
  said('subfloor wet under kitchen sink, fitting drips all the time', 'plumbing-leak'),
  said('chilled water line sweats, wood dark along it in August', 'sweating-line'),
  said('attic boards mouldy around the bathroom fan duct, it ends in the attic', 'vent-into-cavity'),
  said('attic nails rusty all over, north slope black', 'attic-air-leak'),
  said('termite tubes on the foundation block', 'subterranean-termites'),
  said('carpenter bee holes along the rake, sawdust piles', 'carpenter-bees'),
  said('winged ants, sawdust with bug legs, sill sounds hollow', 'carpenter-ants'),
  said('powderpost holes in the girder, fresh powder', 'wood-beetles'),
  said('basement block wall leaning in, crack runs level at mid height', 'lateral-pressure', {
    foundation: 'basement',
  }),
  said('stairstep cracks at the corner, they widen upward, corner low', 'settlement'),
  said('joist cut for a toilet drain, splitting', 'over-notched'),
  said('floor springy all through, 2x6 joists span 13 feet', 'over-spanned'),
  said('jack post sits on bare dirt', 'home-made-support'),
  said('flashing around the chimney loose, ceiling stain next to it', 'chimney-flashing'),
  said('vent boot split, stain right below the pipe', 'pipe-collar'),
  said('skylight stained at bottom corner', 'skylight'),
  said('shingles worn out and curling, lots of small stains in attic', 'roof-worn'),
  said('chase top rusted through, chase boards rotten from the top', 'chase-cover'),
  said('window glass cloudy inside the unit', 'pane-seal-failed'),
  said('hardboard edges swollen and never primed', 'back-never-primed', { cladding: 'hardboard-lap' }),
  said('siding bowed, no gaps left at the ends', 'expansion-without-gaps'),
  said('sprinklers spray this wall, white arcs', 'sprinkler'),
  said('ivy grown into the laps, damp behind', 'plants'),
  said('AC condensate pipe drips at the foundation, sill plate soft there', 'equipment-discharge'),
]

/** Four and forty more, eleven of them with nothing behind them that could be fixed. */
export const FOURTH: readonly SaidLine[] = [
  said("A 9' bottom of the shutter grey and checked, forty years old, no leak near it", WEATHER),
  said("D 20' a few siding boards peeling on the sunny side, wood hard underneath", WEATHER),
  said('west face paint chalky and bare in spots, siding firm', WEATHER),
  said('deck boards grey, checked and cupped all over, joists hard', WEATHER),
  said('porch railing cap weathered, soft an eighth deep along its whole top', WEATHER),
  said(
    "B 6' window sill a bit soft on top, paint gone for years, slope is good and joints are tight",
    WEATHER,
  ),
  said('all the sills on the south side the same, shallow rot at the nose, old house', WEATHER),
  said('clapboards dry and cracked, nails showing, never repainted', `${WEATHER}|fasteners-wrong`),
  said('garage door trim paint flaking, wood sound', `${WEATHER}|coating-fault`),
  said('black specks on the north siding that wash off with bleach', 'mildew-growth'),
  said('paint comes off in sheets between coats, wood under it like new', 'coating-fault'),
  said(
    "A 31' fascia soft just at the gutter's outlet, seams of the gutter drip",
    'gutter-overflow|gutter-mis-hung',
  ),
  said(
    'rake board rotten at its lower end where it runs into the gutter',
    'end-grain-joint|gutter-overflow|gutter-end-in-wall|joint-open',
  ),
  said(
    "B 2' lower siding rotten in the corner, the small roof's edge dies into the wall and no metal throws the water out",
    'kick-out-missing',
  ),
  said('siding touches the porch roof shingles, bottom edges swollen', 'roof-clearance|clearance-too-small'),
  said(
    'window head trim soft in the middle, somebody caulked the top of it, no metal',
    'head-flashing-absent',
  ),
  said('drip cap caulked to the siding along its top, wet behind it', 'drainage-sealed'),
  said('C2 storm window weep holes caulked, sill black', 'storm-weeps-shut'),
  said('bead between brick mould and siding split, trim soft beside it', 'joint-open'),
  said('trim boards butted square with no caulk ever, ends dark and soft', 'never-sealed|end-grain-joint'),
  said('lower corner of the window frame opened up, sheathing wet under the sill', 'pan-or-unit-corner'),
  said('corner post foot rests on concrete and is mushy at the end', 'end-grain-joint|no-capillary-break'),
  said('band board between the stories rotten along its top, no flashing on it', 'band-unflashed'),
  said("D 14' hose bib hole not sealed, boards below are punky", 'penetration-unflashed'),
  said('dryer vent collar open, siding soft under it', 'penetration-unflashed'),
  said('flower bed mulch is piled on the bottom board, it crumbles', 'soil-on-wood'),
  said('yard slopes to the house on the back, damp line along the foundation', 'grade-slopes-in'),
  said('splashing off the driveway, bottom two courses spotted with dirt and soft', 'splash-back'),
  said('downspout joint split, wall stained and soft behind it', 'leader-blocked|leader-at-wall'),
  said('sprinkler head sprays the corner every morning, corner board soft', 'sprinkler'),
  said('deck board screwed over the siding and no flashing, rim joist rotten', 'ledger-unflashed'),
  said('door bottom rail and floor inside the sill soft, step is level with the sill', 'door-threshold'),
  said('joists mouldy above the bare dirt, plastic missing', 'crawl-vapour'),
  said('toilet rocks, floor soft round it', 'plumbing-leak|pan-or-tub-joint'),
  said('copper cold line drips in summer only, joist dark below', 'sweating-line'),
  said('bathroom fan blows into the soffit, soffit boards stained', 'vent-into-cavity'),
  said('ceiling stain beside the chimney after a wind driven storm', 'chimney-flashing'),
  said('rubber boot at the plumbing pipe cracked, roof boards dark there', 'pipe-collar'),
  said(
    'middle of the floor sags, post under it sits on a loose brick',
    'home-made-support|pier-displaced|support-washed-out',
  ),
  said('foundation corner dropped, crack wide at its top, downspout pours there', 'settlement'),
  said('post base of the porch rusted out, nothing ties it down', 'connector-missing'),
  said('beams of the deck hung beside the posts on two bolts', 'beam-not-on-posts'),
  said('squirrel gnawed the soffit corner', 'animals'),
  said('oval holes in the fascia, trail of sawdust on the deck', 'carpenter-bees'),
]
