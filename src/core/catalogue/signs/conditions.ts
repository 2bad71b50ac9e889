import { damage, type Sign } from './sign'

/** What made a look worth less: no cause is for or against these; they weaken what was seen with the eye or the meter. */
export const CONDITION_SIGNS = {
  'freshly-painted': damage('E', 'freshly painted here'),
  'looked-against-glare': damage('E', 'looked at against the sun'),
  'surface-wet-from-rain': damage('E', 'surface wet from rain'),
  'dry-spell': damage('E', 'looked at in a long dry spell'),
} as const satisfies Record<string, Sign>
