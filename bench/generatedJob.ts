import { emptyJob, finding, side, window } from '../demo/build'
import { newWorkItem, type ComponentId, type Finding, type JobDocument, type MethodId } from '../src/core/job'
import { SIGN_IDS } from '../src/core/trace'

/** A repeatable stream of numbers from 0 to 1 (linear congruential, the constants of ANSI C): a bench must not change by chance. */
function stream(seed: number): () => number {
  let state = seed
  return () => {
    state = (Math.imul(state, 1103515245) + 12345) & 0x7fffffff
    return state / 0x7fffffff
  }
}

const PARTS: readonly ComponentId[] = [
  'fascia',
  'head-casing',
  'side-casing',
  'sill-nose',
  'window-sill',
  'lap-siding',
  'corner-board',
]
const METHOD: Partial<Record<ComponentId, MethodId>> = {
  'lap-siding': 'replace-course',
  'head-casing': 'head-flashing',
  'window-sill': 'replace-member',
}

/** A large house with as many findings and choices as asked for, the same every time. */
export function generatedJob(findings: number, features_a_side = 16): JobDocument {
  const next = stream(7)
  const job = emptyJob('generated', 'Generated house')
  const letters = ['a', 'b', 'c', 'd']
  const found = Array.from({ length: findings }, (_, i): Finding => {
    const component = PARTS[Math.floor(next() * PARTS.length)]!
    const signs = Array.from({ length: 3 }, () => SIGN_IDS[Math.floor(next() * SIGN_IDS.length)]!)
    return finding({
      n: i + 1,
      words: 'soft',
      component,
      at: { side: letters[i % 4]!, ft: Math.floor(next() * 70), up_in: Math.floor(next() * 220) },
      length_in: 6 + Math.floor(next() * 60),
      grade: Math.floor(next() * 5) as 0 | 1 | 2 | 3 | 4,
      signs: [...new Set(signs)],
    })
  })
  return {
    ...job,
    sides: letters.map((letter, order) =>
      side(letter.toUpperCase(), order, (['front', 'right', 'back', 'left'] as const)[order]!, 80),
    ),
    features: letters.flatMap((letter) =>
      Array.from({ length: features_a_side }, (_, i) => {
        const half = Math.ceil(features_a_side / 2)
        const apart = 72 / half
        const size = { w: Math.min(42, apart * 8), h: 60 }
        return window(letter.toUpperCase(), i + 1, 2 + apart * (i % half), i < half ? 1 : 2, size)
      }),
    ),
    findings: found,
    work_items: found.map((each) =>
      newWorkItem({
        id: `repair-${each.id}`,
        finding_ids: [each.id],
        method: METHOD[each.component!] ?? 'piece-in',
        component: each.component!,
        material: 'finger-jointed-pine',
      }),
    ),
  }
}
