import type { Talk } from './talkKinds'

/**
 * Lines of a third kind on the same house, as one would say them on a walk around it: roof, gutters, doors, deck, crawl space and cracks among
 * the trim. Written after the words for those parts were added, and scored once before anything was mended: 31 of 40
 * right, 1 asked, 8 wrong, two of those for expectations that were wrong themselves (left and right are those of who faces the wall).
 */
export const WALKED: readonly Talk[] = [
  { say: 'downspout on the right end of the front is loose', means: [{ at: 'A8', part: 'downspout' }] },
  { say: 'front gutter full of needles', means: [{ at: 'A', part: 'gutter' }] },
  {
    say: 'fascia behind the gutter soft ten to fourteen feet',
    means: [{ at: 'A@10', part: 'fascia', length: 48, grade: 2 }],
  },
  { say: 'front door drags at the head', means: [{ at: 'A3', part: 'door' }] },
  { say: 'front door threshold rotten', means: [{ at: 'A3', part: 'threshold', grade: 3 }] },
  {
    say: 'bottom six inches of both jambs at the front door soft',
    means: [{ at: 'A3', part: 'jamb-foot', length: 6, grade: 2 }],
  },
  { say: 'window one cracked pane', means: [{ at: 'A1', part: 'pane' }] },
  {
    say: 'sill on window two soft about a foot at the left end',
    means: [{ at: 'A2', part: 'window-sill', length: 12, grade: 2, guessed: true }],
  },
  {
    say: 'third window from the left head casing gone',
    means: [{ at: 'A5', part: 'head-casing', grade: 4 }],
  },
  {
    say: 'last window on the front sill nose soft two feet',
    means: [{ at: 'A6', part: 'sill-nose', length: 24, grade: 2 }],
  },
  {
    say: 'step flashing smeared with tar where the roof meets the chimney',
    view: 'B',
    means: [{ at: 'B2', part: 'roof-metal' }],
  },
  { say: 'chase cover rusty', view: 'B', means: [{ at: 'B2', part: 'chase-cover' }] },
  { say: 'chimney face soft four feet up', view: 'B', means: [{ at: 'B2', part: 'chase-face', grade: 2 }] },
  {
    say: 'siding swollen bottom two courses full length',
    view: 'B',
    means: [{ at: 'B', part: 'base-course' }],
  },
  {
    say: 'corner board back left rotten bottom two feet',
    means: [{ at: 'C@0', part: 'corner-board', length: 24, grade: 3 }],
  },
  { say: 'deck ledger nailed, no bolts', view: 'C', means: [{ at: 'deck', part: 'ledger' }] },
  {
    say: 'three deck boards soft',
    view: 'C',
    means: [{ at: 'deck', part: 'deck-board', count: 3, grade: 2 }],
  },
  { say: 'no hangers on the deck joists', view: 'C', means: [{ at: 'deck', part: 'joist-hanger' }] },
  { say: 'deck post rotten at the bottom', view: 'C', means: [{ at: 'deck', part: 'deck-post', grade: 3 }] },
  { say: 'railing wobbles', view: 'C', last: 'deck', means: [{ at: 'deck', part: 'guard' }] },
  { say: 'slider threshold soft', view: 'C', means: [{ at: 'C3', part: 'threshold', grade: 2 }] },
  { say: 'downspout empties at the wall', view: 'C', means: [{ at: 'C5', part: 'downspout' }] },
  { say: 'crawl two piers leaning', means: [{ at: 'crawl', part: 'pier', count: 2 }] },
  { say: 'crawl space insulation hanging down', means: [{ at: 'crawl', part: 'floor-insulation' }] },
  { say: 'crawl girder soft at the end', means: [{ at: 'crawl', part: 'girder', grade: 2 }] },
  {
    say: 'mudsill rotten eight feet starting at the back left corner',
    means: [{ at: 'C@0', part: 'mudsill', length: 96, grade: 3 }],
  },
  {
    say: 'stair step crack in the block at the right rear corner',
    means: [{ at: 'C@40', part: 'foundation-wall' }],
  },
  { say: 'meter reads 24 percent on the fascia at ten feet', means: [{ at: 'A@10', part: 'fascia' }] },
  { say: 'roof shingles curled', means: [{ at: 'roof', part: 'roof-covering' }] },
  { say: 'pipe boot cracked on the roof', means: [{ at: 'roof', part: 'pipe-collar' }] },
  { say: 'bathroom floor soft around the toilet', means: [{ at: 'room:bath', part: 'subfloor', grade: 2 }] },
  { say: 'kitchen ceiling stain', means: [{ at: 'room:kitchen', part: 'ceiling' }] },
  { say: 'soffit stained above window two', means: [{ at: 'A@10', part: 'soffit' }] },
  { say: 'paint peeling on the left side', means: [{ at: 'D', part: null }] },
  {
    say: 'garage door bottom panel rotten',
    view: 'D',
    means: [{ at: 'D2', part: 'overhead-door', grade: 3 }],
  },
  { say: 'gutter end runs into the siding', view: 'D', means: [{ at: 'D', part: 'gutter' }] },
  { say: 'siding soft below the meter', view: 'D', means: [{ at: 'D@25', part: 'lap-siding', grade: 2 }] },
  { say: 'rake board rotten at the peak', view: 'D', means: [{ at: 'D@14', part: 'rake-board', grade: 3 }] },
  {
    say: 'frieze soft six feet from the right corner two feet',
    means: [{ at: 'A@34', part: 'frieze-board', length: 24, grade: 2 }],
  },
  { say: 'shutter on window three missing', means: [{ at: 'A5', part: 'shutter', grade: 4 }] },
]
