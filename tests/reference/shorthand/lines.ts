/**
 * Lines as people write or dictate them on a walk, with what they mean. Written before the parser, from how the trade talks
 * (common practice); none is an example of the parser's own. Lengths in inches. What is not named in `means` must stay empty,
 * but for `left`: words that nothing places, which must stay visible.
 *
 * Two expectations were changed later: `rot below` at a joint is that sign and no grade of its own, and `near chimney` is a place now
 * (see `talk.ts`) and no words left over.
 */
export type Means = {
  readonly side?: string
  readonly feature?: string
  readonly station?: number
  readonly up?: number
  readonly part?: string
  readonly material?: string
  readonly length?: number
  readonly how?: 'taped' | 'counted' | 'scaled' | 'guessed'
  readonly count?: number
  readonly signs?: readonly string[]
  readonly grade?: number
  readonly probe?: readonly [depth: number, thickness: number | null]
  readonly reading?: readonly [percent: number, reference: number | null]
  readonly suspected?: true
  readonly known?: string
  readonly hold?: string
  readonly note?: string
  readonly left?: readonly string[]
}

const FT = 12

export const LINES: readonly (readonly [line: string, means: Means])[] = [
  // Place first, then part and size.
  [`B 12' corner board 2' soft`, { side: 'B', station: 12 * FT, part: 'corner-board', length: 24, grade: 2 }],
  [`A 3' fascia 6' rotten`, { side: 'A', station: 36, part: 'fascia', length: 72, grade: 3 }],
  [`C 20' 6" ledger 14' gone`, { side: 'C', station: 246, part: 'ledger', length: 168, grade: 4 }],
  [`D 5'-6" base course 4' soft`, { side: 'D', station: 66, part: 'base-course', length: 48, grade: 2 }],
  [`a 7' siding 3' soft`, { side: 'A', station: 84, part: 'lap-siding', length: 36, grade: 2 }],
  [`front 10' water table 5'`, { side: 'front', station: 120, part: 'water-table', length: 60 }],
  [`back 18' fascia 20' rotten`, { side: 'back', station: 216, part: 'fascia', length: 240, grade: 3 }],
  [`rear 4' soffit 2' soft`, { side: 'back', station: 48, part: 'soffit', length: 24, grade: 2 }],
  [
    `right 2' corner board 30" soft`,
    { side: 'right', station: 24, part: 'corner-board', length: 30, grade: 2 },
  ],
  [
    `left 25' bottom courses 8' soft`,
    { side: 'left', station: 300, part: 'base-course', length: 96, grade: 2 },
  ],
  [`C at 14' rim joist soft`, { side: 'C', station: 168, grade: 2, part: 'rim-joist' }],
  [`A @ 22' frieze 3' soft`, { side: 'A', station: 264, part: 'frieze-board', length: 36, grade: 2 }],
  [`B @3'6" fascia`, { side: 'B', station: 42, part: 'fascia' }],
  [`D 14-0 fascia 4-6 soft`, { side: 'D', station: 168, part: 'fascia', length: 54, grade: 2 }],
  [`A 5.5 ft crown 2 ft soft`, { side: 'A', station: 66, part: 'crown-moulding', length: 24, grade: 2 }],
  [`side B 9' fascia 3' soft`, { side: 'B', station: 108, part: 'fascia', length: 36, grade: 2 }],
  [`north fascia 3' soft`, { part: 'fascia', length: 36, grade: 2, left: ['north'] }],
  [`fascia 8' soft`, { part: 'fascia', length: 96, grade: 2 }],
  [`soft`, { grade: 2 }],
  [`sill`, { part: 'window-sill' }],

  // Openings by letter and number.
  [`A2 sill nose 3' soft`, { feature: 'A2', part: 'sill-nose', length: 36, grade: 2 }],
  [`B3 sill gone`, { feature: 'B3', part: 'window-sill', grade: 4 }],
  [`window C4 sill 40" rotten`, { feature: 'C4', part: 'window-sill', length: 40, grade: 3 }],
  [`door C2 jamb foot 9" rotten`, { feature: 'C2', part: 'jamb-foot', length: 9, grade: 3 }],
  [`D1 head casing soft`, { feature: 'D1', part: 'head-casing', grade: 2 }],
  [`A10 brick mold 20" soft`, { feature: 'A10', part: 'brick-mould', length: 20, grade: 2 }],
  [`A10 brickmould 20" soft`, { feature: 'A10', part: 'brick-mould', length: 20, grade: 2 }],
  [`C2 threshold soft`, { feature: 'C2', part: 'threshold', grade: 2 }],
  [`C2 door sill soft`, { feature: 'C2', part: 'threshold', grade: 2 }],
  [`B1 casing shot`, { feature: 'B1', part: 'side-casing', grade: 3 }],
  [`casing's shot B1`, { feature: 'B1', part: 'side-casing', grade: 3 }],
  [`b4 sill nose checked`, { feature: 'B4', part: 'sill-nose', grade: 1 }],
  [`win A7 sill soft`, { feature: 'A7', part: 'window-sill', grade: 2 }],
  [`deck C7 ledger nails only`, { feature: 'C7', part: 'ledger', signs: ['ledger-nails-only'] }],
  [
    `C7 ledger 18' gap opening`,
    { feature: 'C7', part: 'ledger', length: 216, signs: ['ledger-gap-over-eighth'] },
  ],
  [`AA2 sill soft`, { feature: 'AA2', part: 'window-sill', grade: 2 }],
  [`A2 left leg soft 14"`, { feature: 'A2', part: 'side-casing', grade: 2, length: 14, left: ['left'] }],
  [`A2 top trim rotten`, { feature: 'A2', part: 'head-casing', grade: 3 }],
  [`D3 sub-sill soft`, { feature: 'D3', part: 'window-sill', grade: 2 }],
  [`D3 nosing soft 2'`, { feature: 'D3', part: 'sill-nose', grade: 2, length: 24 }],

  // Sizes in every notation.
  [`fascia 6 ft soft`, { part: 'fascia', length: 72, grade: 2 }],
  [`fascia 6 feet soft`, { part: 'fascia', length: 72, grade: 2 }],
  [`fascia 6 foot soft`, { part: 'fascia', length: 72, grade: 2 }],
  [`fascia six feet soft`, { part: 'fascia', length: 72, grade: 2 }],
  [`fascia a foot and a half soft`, { part: 'fascia', length: 18, grade: 2 }],
  [`fascia two and a half feet`, { part: 'fascia', length: 30 }],
  [`fascia a foot`, { part: 'fascia', length: 12 }],
  [`fascia half a foot`, { part: 'fascia', length: 6 }],
  [`corner board twenty inches soft`, { part: 'corner-board', length: 20, grade: 2 }],
  [`corner board eighteen inches`, { part: 'corner-board', length: 18 }],
  [`corner board three feet six inches`, { part: 'corner-board', length: 42 }],
  [`corner board 3 feet 6 inches`, { part: 'corner-board', length: 42 }],
  [`corner board 3 ft 6`, { part: 'corner-board', length: 42 }],
  [`corner board 450 mm`, { part: 'corner-board', length: 17.71875 }],
  [`corner board 45 cm`, { part: 'corner-board', length: 17.71875 }],
  [`fascia 2 m`, { part: 'fascia', length: 78.734375 }],
  [`sill nose 33' 6 1/2"`, { part: 'sill-nose', length: 402.5 }],
  [`sill nose 2' 6-1/2"`, { part: 'sill-nose', length: 30.5 }],
  [`sill nose 30 1/2"`, { part: 'sill-nose', length: 30.5 }],
  [`sill nose 30.5 in`, { part: 'sill-nose', length: 30.5 }],
  [`sill nose 30 in`, { part: 'sill-nose', length: 30 }],
  [`sill nose 30 inches`, { part: 'sill-nose', length: 30 }],
  [`sill nose 2’ 6”`, { part: 'sill-nose', length: 30 }],
  [`siding 3' x 2 courses soft`, { part: 'lap-siding', length: 36, count: 2, grade: 2 }],
  [`siding 2 courses 6' soft`, { part: 'lap-siding', count: 2, length: 72, grade: 2 }],
  [`clapboard three courses 4' soft`, { part: 'lap-siding', count: 3, length: 48, grade: 2 }],
  [`five courses of lap siding soft`, { part: 'lap-siding', count: 5, grade: 2 }],
  [`3 boards siding soft`, { part: 'lap-siding', count: 3, grade: 2 }],
  [`weatherboard 2 boards 5' soft`, { part: 'lap-siding', count: 2, length: 60, grade: 2 }],
  [`deck boards 6 pcs soft`, { part: 'deck-board', count: 6, grade: 2 }],
  [`decking 4 boards rotten`, { part: 'deck-board', count: 4, grade: 3 }],
  [`deck boards soft 12 x 20`, { part: 'deck-board', grade: 2, left: ['12 x 20'] }],
  [`joists 2 x 8 soft`, { part: 'joist', grade: 2, left: ['2 x 8'] }],
  [`joists x3 soft`, { part: 'joist', count: 3, grade: 2 }],
  [`3 joists soft`, { part: 'joist', count: 3, grade: 2 }],
  [`two posts rotten`, { part: 'deck-post', count: 2, grade: 3 }],
  [`bottom two courses 10' soft`, { part: 'base-course', count: 2, length: 120, grade: 2 }],

  // How it was measured.
  [`fascia about 12' soft`, { part: 'fascia', length: 144, how: 'guessed', grade: 2 }],
  [`fascia ~12' soft`, { part: 'fascia', length: 144, how: 'guessed', grade: 2 }],
  [`fascia roughly 12' soft`, { part: 'fascia', length: 144, how: 'guessed', grade: 2 }],
  [`fascia maybe 12' soft`, { part: 'fascia', length: 144, how: 'guessed', grade: 2 }],
  [`fascia 12' or so soft`, { part: 'fascia', length: 144, how: 'guessed', grade: 2 }],
  [`fascia 12' guessed`, { part: 'fascia', length: 144, how: 'guessed' }],
  [`fascia 12' taped`, { part: 'fascia', length: 144, how: 'taped' }],
  [`fascia 12' paced`, { part: 'fascia', length: 144, how: 'counted' }],
  [`siding 8' counted soft`, { part: 'lap-siding', length: 96, how: 'counted', grade: 2 }],
  [`rake 9' scaled`, { part: 'rake-board', length: 108, how: 'scaled' }],
  [`rake approx 9 ft soft`, { part: 'rake-board', length: 108, how: 'guessed', grade: 2 }],

  // Height.
  [
    `A 12' siding 3' 9' up soft`,
    { side: 'A', station: 144, part: 'lap-siding', length: 36, up: 108, grade: 2 },
  ],
  [
    `B 4' up 14' siding 2' soft`,
    { side: 'B', station: 48, up: 168, part: 'lap-siding', length: 24, grade: 2 },
  ],
  [`corner board up 2' soft`, { part: 'corner-board', up: 24, grade: 2 }],
  [`corner board 18" up soft 10"`, { part: 'corner-board', up: 18, grade: 2, length: 10 }],
  [`siding h 5' 2' soft`, { part: 'lap-siding', up: 60, length: 24, grade: 2 }],
  [`siding 6 feet off the ground soft`, { part: 'lap-siding', up: 72, grade: 2 }],
  [`fascia 18' high rotten`, { part: 'fascia', up: 216, grade: 3 }],

  // Signs, in the words people use.
  [`sill caulk split`, { part: 'window-sill', signs: ['open-joint'] }],
  [`sill caulking failed`, { part: 'window-sill', signs: ['open-joint'] }],
  [`casing joint open`, { part: 'side-casing', signs: ['open-joint'] }],
  [`casing sealant gone`, { part: 'side-casing', signs: ['open-joint'] }],
  [`casing never caulked`, { part: 'side-casing', signs: ['bare-joint'] }],
  [`casing no caulk`, { part: 'side-casing', signs: ['bare-joint'] }],
  [`A5 head casing flashing short`, { feature: 'A5', part: 'head-casing', signs: ['metal-stops-short'] }],
  [`A5 head casing metal stops short`, { feature: 'A5', part: 'head-casing', signs: ['metal-stops-short'] }],
  [`A5 head casing no flashing`, { feature: 'A5', part: 'head-casing', signs: ['no-metal-at-casing-top'] }],
  [`head casing no drip cap soft`, { part: 'head-casing', signs: ['no-metal-at-casing-top'], grade: 2 }],
  [`head casing no end dams`, { part: 'head-casing', signs: ['no-end-dams'] }],
  [`fascia no drip edge`, { part: 'fascia', signs: ['no-metal-under-first-shingle'] }],
  [`fascia gutter dry behind`, { part: 'fascia', signs: ['gutter-dry-behind-rot'] }],
  [`gutter runs over`, { part: 'gutter', signs: ['runs-over-in-rain'] }],
  [`gutter overflows in heavy rain`, { part: 'gutter', signs: ['runs-over-in-rain'] }],
  [`gutter runs over at its high end`, { part: 'gutter', signs: ['overflow-at-high-end'] }],
  [`stucco crack runs over window 2`, { part: 'stucco', left: ['crack', 'runs'] }],
  [`fascia wash marks behind gutter`, { part: 'fascia', signs: ['wash-marks-behind-gutter'] }],
  [`fascia water standing in gutter`, { part: 'fascia', signs: ['standing-water-in-gutter'] }],
  [`fascia hangers pulled`, { part: 'fascia', signs: ['hangers-pulled'] }],
  [`sill paint peeling`, { part: 'window-sill', signs: ['chalk-cracks-bare-spots'] }],
  [`siding chalky`, { part: 'lap-siding', signs: ['chalk-cracks-bare-spots'] }],
  [`sill primer gone`, { part: 'window-sill', signs: ['primer-gone'] }],
  [`fascia back never primed`, { part: 'fascia', signs: ['back-or-edge-bare'] }],
  [`casing bare back`, { part: 'side-casing', signs: ['back-or-edge-bare'] }],
  [`corner board square butt`, { part: 'corner-board', signs: ['square-butt-joint'] }],
  [
    `corner board butt joint rot below`,
    { part: 'corner-board', signs: ['square-butt-joint', 'rot-below-joint'] },
  ],
  [`sill old filler`, { part: 'window-sill', signs: ['fresh-filler'] }],
  [`sill patched`, { part: 'window-sill', signs: ['fresh-filler'] }],
  [`sill putty over`, { part: 'window-sill', signs: ['fresh-filler'] }],
  [`base course mulch over it`, { part: 'base-course', signs: ['bottom-covered-by-soil'] }],
  [`bottom course buried`, { part: 'base-course', signs: ['bottom-covered-by-soil'] }],
  [`siding in the dirt`, { part: 'lap-siding', signs: ['bottom-covered-by-soil'] }],
  [`base course splash marks`, { part: 'base-course', signs: ['dirt-specks-to-18-in'] }],
  [`base course dirt specks`, { part: 'base-course', signs: ['dirt-specks-to-18-in'] }],
  [`base course no gutter above`, { part: 'base-course', signs: ['no-gutter-above'] }],
  [`mudsill mud tubes`, { part: 'mudsill', signs: ['mud-tubes'] }],
  [`sill plate frass`, { part: 'mudsill', signs: ['frass-or-holes'] }],
  [`fascia bee holes`, { part: 'fascia', signs: ['frass-or-holes'] }],
  [`A3 sill weeps painted shut`, { feature: 'A3', part: 'window-sill', signs: ['weeps-painted-shut'] }],
  [`A3 sill storm weeps blocked`, { feature: 'A3', part: 'window-sill', signs: ['weeps-painted-shut'] }],
  [`sill no slope`, { part: 'window-sill', signs: ['sill-flat-or-back-sloped'] }],
  [`sill back-sloped`, { part: 'window-sill', signs: ['sill-flat-or-back-sloped'] }],
  [`siding no kick-out`, { part: 'lap-siding', signs: ['roof-ends-on-wall-no-diverter'] }],
  [`siding no kickout flashing`, { part: 'lap-siding', signs: ['roof-ends-on-wall-no-diverter'] }],
  [`ledger no flashing`, { part: 'ledger', signs: ['no-metal-at-ledger'] }],
  [`ledger nailed only no flashing`, { part: 'ledger', signs: ['ledger-nails-only', 'no-metal-at-ledger'] }],
  [`joists every bay the same`, { part: 'joist', signs: ['every-bay-alike'] }],
  [`joists all bays wet`, { part: 'joist', signs: ['every-bay-alike'], left: ['wet'] }],
  [`joists ground bare below`, { part: 'joist', signs: ['ground-bare'], left: ['below'] }],
  [`sill all of them the same`, { part: 'window-sill', signs: ['decay-same-on-all-alike'] }],
  [`sill only this one`, { part: 'window-sill', signs: ['one-of-many-alike'] }],
  [
    `A2 sill head dry floor below soft`,
    { feature: 'A2', part: 'window-sill', signs: ['framing-below-soft-head-dry'] },
  ],

  // Grades.
  [`fascia sound`, { part: 'fascia', grade: 0 }],
  [`fascia solid`, { part: 'fascia', grade: 0 }],
  [`fascia hard`, { part: 'fascia', grade: 0 }],
  [`fascia ok`, { part: 'fascia', grade: 0 }],
  [`fascia surface only`, { part: 'fascia', grade: 1 }],
  [`fascia weathered`, { part: 'fascia', grade: 1 }],
  [`fascia spongy`, { part: 'fascia', grade: 2 }],
  [`fascia punky`, { part: 'fascia', grade: 2 }],
  [`fascia local soft`, { part: 'fascia', grade: 2 }],
  [`fascia soft spot`, { part: 'fascia', grade: 2 }],
  [`fascia deep`, { part: 'fascia', grade: 3 }],
  [`fascia rotted`, { part: 'fascia', grade: 3 }],
  [`fascia mush`, { part: 'fascia', grade: 3 }],
  [`fascia bad`, { part: 'fascia', grade: 3 }],
  [`fascia rotted through`, { part: 'fascia', grade: 4 }],
  [`fascia missing`, { part: 'fascia', grade: 4 }],
  [`fascia crumbles`, { part: 'fascia', grade: 4 }],
  [`fascia hole in it`, { part: 'fascia', grade: 4 }],
  [`fascia g3`, { part: 'fascia', grade: 3 }],
  [`fascia grade 2`, { part: 'fascia', grade: 2 }],
  [`fascia gr 4`, { part: 'fascia', grade: 4 }],
  [`fascia grade zero`, { part: 'fascia', grade: 0 }],
  [`fascia very soft`, { part: 'fascia', grade: 3 }],
  [`fascia a bit soft`, { part: 'fascia', grade: 2 }],
  [`fascia not soft`, { part: 'fascia', grade: 0 }],
  [`fascia not touched`, { part: 'fascia' }],

  // Probe and meter.
  [`sill probe 1/2`, { part: 'window-sill', probe: [0.5, null] }],
  [`sill probe 1/2"`, { part: 'window-sill', probe: [0.5, null] }],
  [`sill awl 3/8 in 1-1/2`, { part: 'window-sill', probe: [0.375, 1.5] }],
  [`sill awl 3/8" in 1-1/2"`, { part: 'window-sill', probe: [0.375, 1.5] }],
  [`sill probed half an inch`, { part: 'window-sill', probe: [0.5, null] }],
  [`sill probe 5/8 of 3/4`, { part: 'window-sill', probe: [0.625, 0.75] }],
  [`sill probe sank an inch`, { part: 'window-sill', probe: [1, null] }],
  [`fascia 6' probe 1/4`, { part: 'fascia', length: 72, probe: [0.25, null] }],
  [`probe 1/4 fascia 6'`, { part: 'fascia', length: 72, probe: [0.25, null] }],
  [`sill 24%`, { part: 'window-sill', reading: [24, null] }],
  [`sill 24 % ref 12`, { part: 'window-sill', reading: [24, 12] }],
  [`sill meter 28 dry spot 13`, { part: 'window-sill', reading: [28, 13] }],
  [`sill mc 19`, { part: 'window-sill', reading: [19, null] }],
  [`sill moisture 31 percent`, { part: 'window-sill', reading: [31, null] }],
  [`sill reads 22 reference 11`, { part: 'window-sill', reading: [22, 11] }],
  [`sill 22.5%`, { part: 'window-sill', reading: [22.5, null] }],
  [`sill pinned 26 %`, { part: 'window-sill', reading: [26, null] }],

  // How it is known, suspicion, holds, notes.
  [`fascia soft from the ground`, { part: 'fascia', grade: 2, known: 'from-ground' }],
  [`fascia seen from ground`, { part: 'fascia', known: 'from-ground' }],
  [`fascia looked soft from below`, { part: 'fascia', grade: 2, known: 'from-ground' }],
  [`rim opened soft`, { part: 'rim-joist', grade: 2, known: 'opened' }],
  [`sheathing opened up rotten`, { part: 'sheathing', grade: 3, known: 'opened' }],
  [`fascia seen close`, { part: 'fascia', known: 'seen-close' }],
  [`fascia from the ladder soft`, { part: 'fascia', grade: 2, known: 'seen-close' }],
  [`fascia owner says it leaks`, { part: 'fascia', known: 'told', left: ['leaks'] }],
  [`fascia touched soft`, { part: 'fascia', grade: 2, known: 'touched' }],
  [`B4 sill suspected`, { feature: 'B4', part: 'window-sill', suspected: true }],
  [`B4 sill suspect`, { feature: 'B4', part: 'window-sill', suspected: true }],
  [`B4 sill probably soft`, { feature: 'B4', part: 'window-sill', suspected: true, grade: 2 }],
  [`B4 sill soft?`, { feature: 'B4', part: 'window-sill', suspected: true, grade: 2 }],
  [`B4 sill hold couldn't reach`, { feature: 'B4', part: 'window-sill', hold: `couldn't reach` }],
  [
    `B4 sill hold: too high, need the long ladder`,
    { feature: 'B4', part: 'window-sill', hold: 'too high, need the long ladder' },
  ],
  [`gable hold: no ladder`, { hold: 'no ladder', left: ['gable'] }],
  [`fascia 6' "owner did this himself"`, { part: 'fascia', length: 72, note: 'owner did this himself' }],
  [`fascia “third repair here” soft`, { part: 'fascia', note: 'third repair here', grade: 2 }],
  [
    `"ask about the dog" A2 sill soft`,
    { note: 'ask about the dog', feature: 'A2', part: 'window-sill', grade: 2 },
  ],
  [`fascia 6'6" "see photo" soft`, { part: 'fascia', length: 78, note: 'see photo', grade: 2 }],

  // Materials.
  [`cedar siding 4' soft`, { material: 'clear-cedar', part: 'lap-siding', length: 48, grade: 2 }],
  [`pvc corner board 2'`, { material: 'pvc', part: 'corner-board', length: 24 }],
  [`hardboard siding swollen`, { material: 'hardboard', part: 'lap-siding', left: ['swollen'] }],
  [`fiber cement siding 6'`, { material: 'fibre-cement', part: 'lap-siding', length: 72 }],
  [`fibre-cement lap 6'`, { material: 'fibre-cement', part: 'lap-siding', length: 72 }],
  [`pine fascia 8' soft`, { material: 'finger-jointed-pine', part: 'fascia', length: 96, grade: 2 }],
  [`finger joint fascia 8' soft`, { material: 'finger-jointed-pine', part: 'fascia', length: 96, grade: 2 }],
  [`treated post soft`, { material: 'treated', part: 'deck-post', grade: 2 }],
  [`pressure treated joist soft`, { material: 'treated', part: 'joist', grade: 2 }],
  [`engineered siding 4' soft`, { material: 'engineered-wood', part: 'lap-siding', length: 48, grade: 2 }],

  // Old and regional names.
  [`facia 4' soft`, { part: 'fascia', length: 48, grade: 2 }],
  [`barge board 4' soft`, { part: 'rake-board', length: 48, grade: 2 }],
  [`verge board 4' soft`, { part: 'rake-board', length: 48, grade: 2 }],
  [`bargeboard 4' soft`, { part: 'rake-board', length: 48, grade: 2 }],
  [`clapboards 4' soft`, { part: 'lap-siding', length: 48, grade: 2 }],
  [`bevel siding 4' soft`, { part: 'lap-siding', length: 48, grade: 2 }],
  [`skirt board 6' soft`, { part: 'water-table', length: 72, grade: 2 }],
  [`band board 6' soft`, { part: 'water-table', length: 72, grade: 2 }],
  [`crown molding 3' soft`, { part: 'crown-moulding', length: 36, grade: 2 }],
  [`bed mould 3' soft`, { part: 'crown-moulding', length: 36, grade: 2 }],
  [`corner trim 3' soft`, { part: 'corner-board', length: 36, grade: 2 }],
  [`window ledge soft`, { part: 'window-sill', grade: 2 }],
  [`saddle soft`, { part: 'threshold', grade: 2 }],
  [`railing loose`, { part: 'guard', signs: ['guard-moves'] }],
  [`handrail post soft`, { part: 'guard', grade: 2 }],
  [`steps rotten`, { part: 'stair', grade: 3 }],
  [`stringer cracked`, { part: 'stringer', left: ['cracked'] }],
  [`beam soft`, { part: 'girder', grade: 2 }],
  [`sill beam soft`, { part: 'mudsill', grade: 2 }],
  [`plywood behind soft`, { part: 'sheathing', grade: 2, left: ['behind'] }],
  [`osb rotten`, { part: 'sheathing', grade: 3 }],
  [`floor soft`, { part: 'subfloor', grade: 2 }],
  [`eaves soft`, { part: 'soffit', grade: 2 }],

  // Words in any order, and words it does not know.
  [`soft 5' fascia C 12'`, { grade: 2, length: 60, part: 'fascia', side: 'C', station: 144 }],
  [`rotten sill nose, A2, 3 ft`, { grade: 3, part: 'sill-nose', feature: 'A2', length: 36 }],
  [
    `there's a soft spot in the fascia about 4 feet`,
    { grade: 2, part: 'fascia', length: 48, how: 'guessed' },
  ],
  [`the sill on A2 is gone`, { part: 'window-sill', feature: 'A2', grade: 4 }],
  [`fascia at the back is rotten for 20 feet`, { part: 'fascia', side: 'back', grade: 3, length: 240 }],
  [`zebra fascia soft`, { part: 'fascia', grade: 2, left: ['zebra'] }],
  [`fascia soft near chimney`, { part: 'fascia', grade: 2 }],
  [`qwerty`, { left: ['qwerty'] }],
  [`fascia 5' soft, gutter crooked`, { part: 'fascia', length: 60, grade: 2, left: ['gutter', 'crooked'] }],
  [
    `A2 sill nose 3' soft caulk split probe 1/2 in 1-1/4 24% ref 12`,
    {
      feature: 'A2',
      part: 'sill-nose',
      length: 36,
      grade: 2,
      signs: ['open-joint'],
      probe: [0.5, 1.25],
      reading: [24, 12],
    },
  ],
  [
    `B 12' 9' up siding 2 courses 6' cedar soft flashing short`,
    {
      side: 'B',
      station: 144,
      up: 108,
      part: 'lap-siding',
      count: 2,
      length: 72,
      material: 'clear-cedar',
      grade: 2,
      signs: ['metal-stops-short'],
    },
  ],
]

/** Lines that hold several findings: what each of them means, in order. */
export const SEVERAL: readonly (readonly [line: string, means: readonly Means[]])[] = [
  [
    `A2 sill nose 3' soft, same on A4 and A6`,
    [
      { feature: 'A2', part: 'sill-nose', length: 36, grade: 2 },
      { feature: 'A4', part: 'sill-nose', length: 36, grade: 2 },
      { feature: 'A6', part: 'sill-nose', length: 36, grade: 2 },
    ],
  ],
  [
    `B1 sill soft same at B2, B3 and B4`,
    [
      { feature: 'B1', part: 'window-sill', grade: 2 },
      { feature: 'B2', part: 'window-sill', grade: 2 },
      { feature: 'B3', part: 'window-sill', grade: 2 },
      { feature: 'B4', part: 'window-sill', grade: 2 },
    ],
  ],
  [
    `A2 sill soft; A3 head casing rotten`,
    [
      { feature: 'A2', part: 'window-sill', grade: 2 },
      { feature: 'A3', part: 'head-casing', grade: 3 },
    ],
  ],
  [
    `fascia 4' soft; soffit 2' soft`,
    [
      { part: 'fascia', length: 48, grade: 2 },
      { part: 'soffit', length: 24, grade: 2 },
    ],
  ],
  [
    `A2 sill soft, ditto A3`,
    [
      { feature: 'A2', part: 'window-sill', grade: 2 },
      { feature: 'A3', part: 'window-sill', grade: 2 },
    ],
  ],
  [
    `B1 sill 24%; same on B2`,
    [
      { feature: 'B1', part: 'window-sill', reading: [24, null] },
      { feature: 'B2', part: 'window-sill' },
    ],
  ],
]
