import type { Device, LevelSaid, MoistureSaid } from '../client/devices'
import { reading } from './noise'

/** What a simulated device measures and how well; set on its own page, heard by every page of this browser. */
export type Truth = {
  readonly moisture_percent: number
  readonly moisture_noise: number
  readonly wood_temperature_c: number
  readonly level_in: number
  readonly level_noise_in: number
  readonly streaming: boolean
}

export const FIRST_TRUTH: Truth = {
  moisture_percent: 24,
  moisture_noise: 0.8,
  wood_temperature_c: 11,
  level_in: -0.375,
  level_noise_in: 0.03,
  streaming: true,
}

const KEY = 'detrimus-simulated-devices'
/** As often as a pin meter shows a new number. */
const EVERY_MS = 400

/** The truth as it was last set in this browser; the first one where none was, or what is kept cannot be read. */
export function readTruth(): Truth {
  try {
    const kept: unknown = JSON.parse(localStorage.getItem(KEY) ?? 'null')
    return typeof kept === 'object' && kept !== null ? { ...FIRST_TRUTH, ...kept } : FIRST_TRUTH
  } catch {
    return FIRST_TRUTH
  }
}

export function keepTruth(truth: Truth): void {
  localStorage.setItem(KEY, JSON.stringify(truth))
}

const chance = (): [number, number] => [Math.random(), Math.random()]

/** A pin meter's scale: below 6 % and over 60 % it shows its ends. */
export function sayMoisture(truth: Truth, by: readonly [number, number]): MoistureSaid {
  return {
    percent: reading({
      truth: truth.moisture_percent,
      noise: truth.moisture_noise,
      step: 0.1,
      least: 6,
      most: 60,
      chance: by,
    }),
    wood_temperature_c: truth.wood_temperature_c,
  }
}

export function sayLevel(truth: Truth, by: readonly [number, number]): LevelSaid {
  const inches = reading({
    truth: truth.level_in,
    noise: truth.level_noise_in,
    step: 1 / 32,
    least: -24,
    most: 24,
    chance: by,
  })
  return { inches, on_beam: Math.abs(inches) <= 1 / 16 }
}

function streaming<Said>(
  kind: Device<Said>['kind'],
  name: string,
  say: (truth: Truth, by: readonly [number, number]) => Said,
): Device<Said> {
  return {
    kind,
    name,
    listen: (hear) => {
      if (!readTruth().streaming)
        return { words: `${name} is switched off. Switch it on at its own page, /devices.` }
      const timer = setInterval(() => {
        const truth = readTruth()
        if (truth.streaming) hear(say(truth, chance()))
      }, EVERY_MS)
      return () => clearInterval(timer)
    },
  }
}

export const simulatedMeter = streaming('moisture-meter', 'simulated moisture meter', sayMoisture)
export const simulatedReceiver = streaming('laser-receiver', 'simulated laser receiver', sayLevel)
