import type { CauseId } from '../causes'
import type { Row } from '../row'
import type { SignId } from '../signs'

/** Findings a guard is about, by what is seen on them or thought of them; any one is enough. */
export type GuardAbout = {
  readonly signs: readonly SignId[]
  readonly causes: readonly CauseId[]
}

/** When a guard is said: about single findings, or by a test of the whole house that the engine has under this name. */
export type GuardWhen =
  ({ readonly kind: 'seen' } & GuardAbout) | { readonly kind: 'house'; readonly test: string }

/** A mistake that is easily made, said before it is made. It gates nothing. */
export type GuardRow = Row & { readonly when: GuardWhen; readonly says: string }

const seen = (about: Partial<GuardAbout>): GuardWhen => ({
  kind: 'seen',
  signs: [],
  causes: [],
  ...about,
})
const house = (test: string): GuardWhen => ({ kind: 'house', test })
const guard = (id: string, name: string, when: GuardWhen, says: string): GuardRow => ({
  id,
  name,
  source: 'common practice',
  when,
  says,
})

/** What is seen on a wall that is pushed in, and on one that goes down. */
export const PUSHED_SIGNS: readonly SignId[] = [
  'horizontal-crack-inside',
  'plumb-out-half-in',
  'steps-at-ends',
  'wet-or-frozen-backfill',
]
export const SINKING_SIGNS: readonly SignId[] = [
  'low-zone-with-tapered-cracks',
  'courses-low-and-cracks',
  'survey-falls',
]
/** Measured, not judged by eye. */
export const MEASURED_SIGNS: readonly SignId[] = [
  'wall-plumb',
  'courses-level',
  'survey-falls',
  'courses-low-and-cracks',
  'plumb-out-half-in',
]
/** Water at what holds or brings it inside. */
export const FIXTURE_SIGNS: readonly SignId[] = ['wet-below-fixture', 'wet-only-after-use', 'tub-joint-open']
/** Causes under which a finding is left as it is. */
export const CLEARED_CAUSES: readonly CauseId[] = ['old-inactive', 'ordinary-exposure', 'as-built']

/** Guards against the dearest mistakes of reasoning, in the order they are said. */
export const GUARDS: readonly GuardRow[] = [
  guard(
    'pushed-or-sinking',
    'Pushed in, or going down',
    house('pushed-unmeasured'),
    'A wall that is pushed in is not held by underpinning, and a corner that goes down is not held by bracing. Both can be true. Measure plumb at three heights and level along one bed joint before either is priced; an engineer decides.',
  ),
  guard(
    'plumb-before-settlement',
    'Plumb before settlement',
    house('sinking-unplumbed'),
    'Before settlement is named, see that the wall is plumb at three heights: out of plumb is pressure, out of level is settlement.',
  ),
  guard(
    'hairlines-only',
    'Hairlines only',
    house('hairlines'),
    'Hairlines alone give no verdict on settlement. They ask for a level survey, and a second one after a season.',
  ),
  guard(
    'vapour-or-leak',
    'Vapour or a leak',
    house('vapour-with-fixture'),
    'Vapour and a leak can both be true. If the worst spot lies under a bath or a sink, test that as well: dial still for half an hour, then the pan.',
  ),
  guard(
    'one-cause-for-all',
    'One cause for all',
    house('one-cause-stretched'),
    'One cause is stretched over nearly everything ({cause}). Take the finding furthest from it by itself, as if it were the only one.',
  ),
  guard(
    'fresh-paint',
    'Fresh paint',
    seen({ signs: ['freshly-painted', 'new-paint-one-spot'] }),
    'Freshly painted is unknown, not sound. Ask for the papers of the earlier work; press with the thumb.',
  ),
  guard(
    'paint-over-decay',
    'Paint over decay',
    house('decay-covered'),
    'Paint, filler or sealant over soft wood hides decay and keeps it wet. Cut to sound wood first.',
  ),
  guard(
    'drainage-joint',
    'Joints that drain',
    seen({
      causes: ['drainage-sealed'],
      signs: ['bead-at-flashing-or-weep', 'weeps-painted-shut', 'no-weep-screed'],
    }),
    'Some joints must stay open: the bottom of cladding above a flashing, weep screeds, window and storm weeps, undersides of laps. Do not seal them.',
  ),
  guard(
    'pests',
    'Insects',
    seen({
      causes: [
        'subterranean-termites',
        'drywood-termites',
        'dampwood-termites',
        'carpenter-ants',
        'wood-beetles',
      ],
      signs: ['frass-or-holes', 'mud-tubes'],
    }),
    'With insects the state counts: live or old, treated or not. Ask for the treatment record; a licensed firm confirms activity before anything is closed.',
  ),
  guard(
    'old-but-bearing',
    'Old, but it carries',
    house('old-cleared'),
    'That it has stood for decades clears no attachment, guard, stair, support, wiring or gas. Look at it as if it were new.',
  ),
]
