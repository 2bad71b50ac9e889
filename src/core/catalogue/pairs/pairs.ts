/** Two (or three) things that look alike, and the cheapest single look that moves the odds five to one or more. */
export type LookAlikePair = {
  readonly number: number
  readonly looks: string
  readonly between: string
  readonly check: string
}

type Written = readonly [looks: string, between: string, check: string]

/** Common practice and our judgement; 41 to 44, the kinds of decay, from wood science, from memory. */
const WRITTEN: readonly Written[] = [
  [
    'cracked basement wall',
    'settlement (stepped, one end wider, courses out of level) or bowing (horizontal inside, steps at the ends, courses level)',
    'plumb line at three heights and a laser along one bed joint',
  ],
  [
    'floor high in the middle',
    'centre heave or settled edges',
    'against a datum outside: did the middle rise or the edge fall; else a second survey next season',
  ],
  [
    'crack off a window corner inside',
    'shrinkage of gypsum or framing, or movement of the foundation',
    'look at the same station outside and at door heads: nothing there means shrinkage',
  ],
  [
    'ceiling crack along an inside wall',
    'roof trusses lifting in winter, or settlement',
    'level the floor under it; date two widths six months apart',
  ],
  [
    'vertical crack in brick',
    'expansion (even width, courses level) or settlement (tapered)',
    'measure the width at top and bottom',
  ],
  [
    'crack at the end of a lintel',
    'rust lifting the lintel, or settlement',
    'torch and mirror under the lintel edge: rust scale, lifted joint',
  ],
  [
    'wall out of plumb',
    'soil pressing the lower part in, or a roof pushing the top out',
    'which way the top leans; look for rafter ties',
  ],
  ['door out of square', 'racked, or the whole body tilted', 'measure both diagonals: unequal is racked'],
  [
    'dip in a floor',
    'joists too weak, or a support sunk',
    'four-foot level on the girder: low at a post is the support',
  ],
  [
    'bouncy floor',
    'flexible throughout, or one bearing failed',
    'heel-drop, and a card in the bearing gap from below',
  ],
  [
    'floor out of level',
    'as built and old, or moving',
    'paint or dust inside the crack; trim scribed or gapped',
  ],
  [
    'uneven porch or deck only',
    'frost, or settlement',
    'house lines against the porch in two seasons; depth of the footing',
  ],
  ['straight hairline in poured wall', 'shrinkage, or load', 'finger across: is a step felt'],
  [
    'crack across a slab corner, brick above',
    'thermal corner wedge, or settlement',
    'level of the slab edge ten feet each way: flat is a wedge',
  ],
  [
    'deck falling away from the house',
    'ledger pulling, or footing sinking',
    'gap at the ledger, and level at the beam',
  ],
  [
    'dip in a roof line',
    'thin or soft decking, or rafters and ridge',
    'sight along ridge and eave, then the attic',
  ],
  [
    'buckled siding',
    'no gaps or swelling, heat, or studs behind',
    'straight-edge over three courses, morning and afternoon',
  ],
  [
    'wet wall under the end of a roof',
    'kick-out missing, or the head flashing of the window below',
    'probe six inches above the window head, below the eave end',
  ],
  [
    'rot low at a window corner',
    'head flashing, or sill pan and unit corner',
    'meter the jamb at two thirds of its height: dry is from below',
  ],
  [
    'leak at a window',
    'unit joint, or side sealant',
    'hose: sill and joint first, then jambs, then head; stop when it wets inside',
  ],
  [
    'dark underside of a roof deck',
    'condensation (broad, all nail tips rusty) or a leak (local, rings)',
    'nail tips: all rusty in every bay, or few',
  ],
  [
    'condensation in an attic',
    'a fan that blows into it, or air leaks everywhere',
    'feel and trace the duct; dirt on the insulation',
  ],
  [
    'drip at a chimney or flue',
    'flashing or cover in rain, or condensate on cold mornings',
    'ask the weather; fill test on crown and flashing',
  ],
  [
    'eave rot',
    'ice dam, gutter overflow, or no drip edge',
    'lift the first shingle: deck edge rotten along the whole run is the drip edge',
  ],
  [
    'fascia rot at one spot',
    'outlet, joint or low point, a valley above, or a roof end',
    'hose on the roof five minutes, or the wash line',
  ],
  [
    'rot at the base of a wall',
    'splash, wicking edges, or contact with the ground',
    'edges of the second and third course, and dirt specks: specks are splash; edges everywhere are unsealed; buried is grade',
  ],
  ['wet base of a wall', 'sprinkler, or splash', 'run the zone'],
  [
    'damp foot of masonry or slab',
    'rising damp, or condensation',
    'tape plastic for a day or two: wet under it is the ground',
  ],
  [
    'soft floor at a toilet or tub',
    'supply, drain or pan, or splash over the edge',
    'dial for thirty minutes; dye or flood; look below',
  ],
  [
    'soft floor without a fixture',
    'vapour from the crawl space, or a leak from outside',
    'meter the band at three points against the middle of the room',
  ],
  ['wet pipe or duct', 'sweating, or leaking', 'dry it, wrap paper at the joints, run water'],
  [
    'wet crawl space',
    'surface water, or ground water',
    'a staked level: pictures 2, 24 and 72 hours after rain',
  ],
  ['water in a crawl space', 'plumbing, or rain', 'meter dial; chlorine strip where water is treated'],
  [
    'water under a door',
    'pan, wicking jamb feet, or splash from the step',
    'probe the jamb feet; is there a landing at the same height',
  ],
  [
    'stain at the edge of a top ceiling',
    'roof, or the wall or window above',
    'ask the wind; hose from below up, stop at the dormer sill',
  ],
  [
    'rot of a chase or chimney side',
    'rusted cover, or step flashing',
    'from the attic: the highest wet point',
  ],
  ['fog on glass', 'failed sealed unit, or room humidity', 'wipe'],
  ['wet sill in winter', 'condensate, or a leak', 'date and weather; one window or many'],
  [
    'wall wet behind a tight layer',
    'vapour driven in by sun, or a leak',
    'humidity strip under the inner film, sunny side against shaded',
  ],
  [
    'soft wall at a deck',
    'ledger not flashed, or the door sill above',
    'meter the rim two feet beyond the door',
  ],
  [
    'kind of decay',
    'brown (cubes, crumbles), white (stringy, bleached), or soft (grey skin)',
    'break a splinter: brash dust, fibres, or skin only',
  ],
  [
    '“dry rot”',
    'fungus that carries water (strands on masonry), or ordinary brown rot',
    'strands on masonry or behind plaster beyond the wet zone',
  ],
  ['grey wood', 'weathered skin, or decay', 'pick test: a long splinter is sound'],
  ['decayed wood', 'active, or old and dry', 'two readings in the wet season, with a reference spot'],
  ['black stain', 'mildew, dirt, or iron and tannin', 'drop of bleach, then oxalic acid'],
  ['white bloom', 'salts, or mould or chalk', 'drop of water: does it vanish'],
  [
    'peeling paint',
    'moisture, age, or layer from layer',
    'back of the flake: bare wood, old paint, or shine',
  ],
  ['blister', 'heat, or moisture', 'cut one'],
  [
    'swollen hardboard',
    'edge wicking, nails, or buckled field',
    'where the thickness peaks: edge, nail or middle',
  ],
  ['frayed sheet edges', 'flakeboard, plywood, or fibre-cement', 'tap, and look at the edge'],
  [
    'cracks in stucco',
    'shrinkage, movement, or moisture',
    'meter at the crack and a foot below; tap for hollow',
  ],
  ['rust streak', 'nail, lath, or sprinkler iron', 'magnet, and the arc'],
  [
    'galleries in wood',
    'subterranean termites, carpenter ants, or drywood termites',
    'frass in the palm: mud, sawdust with legs, or hard pellets',
  ],
  ['holes in wood', 'bees, beetles, woodpecker, or nails', 'diameter and shape, with a gauge'],
  [
    'powder-post holes',
    'lyctid, anobiid or bostrichid beetles',
    'rub the frass: talc or grit; species of the wood',
  ],
  ['beetle holes', 'old, or active', 'tape over them, look again in three to six months'],
  ['swarm of winged insects', 'ants, or termites', 'tape one to a card: waist, feelers, wings'],
  [
    'damaged soffit',
    'animals, birds or bats, or rot first',
    'probe round it: sound means an animal broke it',
  ],
]

export const LOOK_ALIKE_PAIRS: readonly LookAlikePair[] = WRITTEN.map(([looks, between, check], index) => ({
  number: index + 1,
  looks,
  between,
  check,
}))
