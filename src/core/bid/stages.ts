import type { Cautions } from '../caution'
import type { Coverage } from '../coverage'
import type { JobPlan } from '../plan/jobPlan'
import type { Looks, Price } from '../price'
import type { Scope } from '../scope'
import type { Surveys } from '../survey/read'
import type { Takeoff } from '../takeoff'
import type { FirstLook, Trace } from '../trace'
import type { ListState } from '../walk'

/** Everything the bid is derived from. */
export type Stages = {
  readonly coverage: Coverage
  readonly trace: Trace
  readonly firstLooks: readonly FirstLook[]
  readonly surveys: Surveys
  readonly cautions: Cautions
  readonly scope: Scope
  readonly takeoff: Takeoff
  readonly price: Price
  readonly plan: JobPlan
  readonly looks: Looks
  readonly list: ListState
}
