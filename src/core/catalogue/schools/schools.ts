import { rowsById, type Row } from '../row'

/** One way of a question on which good practice differs: what the firm does, what others do, and why; as the owner reads it. */
export type SchoolRow = Row & { readonly says: string }

/** How decayed wood is treated. What it lasts depends on dryness and the source, not on the school. */
export const DECAYED_WOOD_SCHOOLS: readonly SchoolRow[] = [
  {
    id: 'cut-out-only',
    name: 'cut out only',
    source: 'common practice',
    says: 'Practice differs on decayed wood. We cut it out to sound wood and let in new wood. Others set it in epoxy where it is dry, carries nothing and its source is cured. How long either lasts depends on dryness and on the source more than on the way chosen.',
  },
  {
    id: 'epoxy-where-dry',
    name: 'epoxy where it is dry',
    source: 'common practice',
    says: 'Practice differs on decayed wood. Where it is dry, carries nothing, its source is cured and you agree, we may set it in epoxy; everywhere else we cut it out to sound wood. Others only cut out. How long either lasts depends on dryness and on the source more than on the way chosen.',
  },
]
/** Schools by their ids. */
export const DECAYED_WOOD_SCHOOL_BY_ID = rowsById(DECAYED_WOOD_SCHOOLS)
