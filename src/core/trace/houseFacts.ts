import { decayClimate } from './decayClimate'
import type { HouseFact } from '../catalogue/causes'
import type { JobDocument, Side } from '../job'
import { inches } from '../measure'

/** Outside design of a place as far as the twelve months tell. Our judgement. */
const COLD_BELOW_C = -3
const MILD_ABOVE_C = 4

/** What is true of a house, and of one of its sides, that makes causes more or less usual. */
export function houseFacts(job: JobDocument, side: Side | null): ReadonlySet<HouseFact> {
  const facts = new Set<HouseFact>()
  const { house } = job
  const when = (isSo: boolean, fact: HouseFact): void => {
    if (isSo) facts.add(fact)
  }
  if (house) {
    const year = house.year_built.kind === 'known' ? house.year_built.year : null
    if (year !== null) {
      when(year < 1940, 'built-before-1940')
      when(year < 1960, 'built-before-1960')
      when(year > 1985, 'built-after-1985')
      when(year > 2018, 'built-lately')
    }
    when(house.foundation === 'crawl', 'crawl-space')
    when(house.foundation.startsWith('slab'), 'slab')
    when(house.foundation.startsWith('piers'), 'piers')
    when(house.kind === 'manufactured-home', 'manufactured')
    when(house.storeys > 1, 'two-storeys')
    if (house.climate) {
      const coldest = Math.min(...house.climate.months.map((month) => month.mean_temperature_c))
      when(coldest < COLD_BELOW_C, 'cold-winters')
      when(coldest > MILD_ABOVE_C, 'mild-winters')
      const index = decayClimate(house.climate.months)
      when(index > 65, 'decay-climate-high')
      when(index < 35, 'decay-climate-low')
    }
    const around = house.surroundings
    if (around) {
      when(around.soil === 'clay', 'clay')
      when(around.soil === 'sand-or-gravel', 'sand-or-gravel')
      when(around.soil === 'fill', 'fill')
      when(around.windswept, 'windswept')
      when(around.irrigation === 'yes', 'irrigation')
      when(around.irrigation === 'no', 'no-irrigation')
      if (side) {
        when(around.storm_side === side.facing, 'storm-side')
        when(around.storm_side !== null && around.storm_side === OPPOSITE[side.facing], 'sheltered-side')
        when(around.shaded_sides.includes(side.facing), 'shaded-side')
      }
    }
  }
  if (side) {
    when(side.overhang < inches(2), 'no-overhang')
    when(side.overhang > inches(24), 'wide-overhang')
    when(side.cladding === 'stucco', 'stucco')
    when(side.cladding === 'shingle', 'shingle')
    when(side.cladding === 'hardboard-lap', 'hardboard')
    when(side.cladding === 'brick', 'brick')
  }
  return facts
}

const OPPOSITE = { front: 'back', back: 'front', left: 'right', right: 'left' } as const
