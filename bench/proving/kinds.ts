import { shippedCatalogue } from '../../core/catalogue/catalogue'
import type { Pipe } from '../../core/catalogue/pipe'
import { isPlastic, materialOf } from '../../core/materials'
import { usualLeastLeak } from '../../core/prove/least-leak'
import type { ProveRequest } from '../../core/prove/prove-schema'
import { testProfileOf } from '../../core/prove/profiles'
import { secondsOf } from '../../core/prove/profile'
import { atmosphere, litresIn, softness, systemOf } from '../../core/prove/softness'
import { normal } from '../../core/quantity/normal'
import { watch, type Instruments, type Setting, type World } from './world'

/** What runs in a simulated test. */
export const flows = ['tight', 'root', 'laminar', 'closing', 'inflow'] as const
/** What the line is. */
export const lines = [
  'clean metal',
  'metal',
  'near 4 °C',
  'trapped air',
  'plastic',
  'mixed',
  'multilayer',
  'air-filled',
] as const
/** What nobody told of. */
export const troubles = ['none', 'a row', 'the pump', 'two rooms'] as const

export interface Simulated {
  readonly flow: (typeof flows)[number]
  readonly line: (typeof lines)[number]
  readonly trouble: (typeof troubles)[number]
  readonly isRead: boolean
  readonly request: ProveRequest
  /** Litres a minute that matter. */
  readonly least: number
  /** Litres a minute that run at a pressure in truth. */
  readonly flowAt: (bar: number) => number
  readonly truth: readonly number[]
  readonly seconds: number
}

const metal = shippedCatalogue.pipes.filter(({ material, od }) => material === 'copper' && od > 12 && od < 60)
const stretching = shippedCatalogue.pipes.filter(
  ({ material, od }) => isPlastic(material) && materialOf({ material } as Pipe).stretches && od > 12 && od < 60,
)
const lined = shippedCatalogue.pipes.filter(
  ({ material, od }) => isPlastic(material) && !materialOf({ material } as Pipe).stretches && od > 12 && od < 60,
)

/** Dice of one bench. */
export function diceOf(random: () => number) {
  return {
    random,
    between: (low: number, high: number) => low + (high - low) * random(),
    logBetween: (low: number, high: number) => low * (high / low) ** random(),
    oneOf: <T>(of: readonly T[]): T => of[Math.floor(random() * of.length)]!,
    normal: (deviation: number) => normal(random, 0, deviation),
  }
}
type Dice = ReturnType<typeof diceOf>

const profileOf = (line: Simulated['line'], stretches: boolean, dice: Dice): ProveRequest['test']['profile'] => {
  if (line === 'air-filled') return 'model-code-air'
  if (stretches) return dice.oneOf(['en806-b', 'en806-c', 'en806-c'])
  return dice.oneOf(['en806-a', 'model-code-water'])
}

/** Topped up to the test pressure for half an hour, then left, or lowered first. */
function settingsOf(profile: string, bar: number, dice: Dice): Setting[] {
  if (profile !== 'en806-b' && profile !== 'en806-c') return [{ seconds: 0, bar }]
  const every = dice.oneOf([300, 600])
  const topped = Array.from({ length: 1800 / every }, (_, at) => ({ seconds: at * every, bar }))
  return [...topped, { seconds: 1800, bar: profile === 'en806-b' ? (bar / 1.1) * 0.5 : bar }]
}

function flowOf(kind: Simulated['flow'], at: { bar: number; least: number }, dice: Dice) {
  const size = dice.logBetween(0.5, 100) * at.least
  const { bar } = at
  if (kind === 'tight') return () => 0
  if (kind === 'root') return (p: number) => size * Math.sqrt(Math.max(0, p) / bar)
  if (kind === 'laminar') return (p: number) => size * (Math.max(0, p) / bar)
  if (kind === 'closing') {
    const level = bar * dice.between(0.2, 0.9)
    return (p: number) => size * Math.sqrt(Math.max(0, p - level) / (bar - level))
  }
  const main = bar + dice.between(0.3, 6)
  return (p: number) => -size * Math.sqrt(Math.max(0, main - p) / (main - bar))
}

function pipesOf(line: Simulated['line'], { oneOf }: Dice): Pipe[] {
  if (line === 'plastic') return [oneOf(stretching)]
  if (line === 'multilayer') return [oneOf(lined)]
  return [oneOf(metal), oneOf(line === 'mixed' ? stretching : metal)]
}

/** How warm the water is, and the place where the thermometer is. */
function warmthOf({ line, trouble }: Pick<Simulated, 'line' | 'trouble'>, { between, logBetween, normal: off }: Dice) {
  const isClean = line === 'clean metal'
  const celsius = line === 'near 4 °C' ? between(3, 6) : between(8, 22)
  const drift = { kelvin: off(isClean ? 0.15 : 0.8), minutes: logBetween(10, 120) }
  const other = { kelvin: trouble === 'two rooms' ? off(0.8) : 0, minutes: logBetween(10, 60) }
  const sway = { kelvin: Math.abs(off(isClean ? 0.01 : 0.08)), minutes: between(15, 60) }
  const there = (at: number) =>
    celsius +
    drift.kelvin * (1 - Math.exp(-at / 60 / drift.minutes)) +
    sway.kelvin * Math.sin((2 * Math.PI * at) / 60 / sway.minutes)
  return {
    start: celsius,
    celsiusThere: there,
    celsius: (at: number) => there(at) + 0.5 * other.kelvin * (1 - Math.exp(-at / 60 / other.minutes)),
  }
}

function instrumentsOf(
  { line, isRead, seconds }: Pick<Simulated, 'line' | 'isRead' | 'seconds'>,
  { random, between, logBetween, oneOf, normal: off }: Dice,
): Instruments {
  const isClean = line === 'clean metal'
  const isNeedle = !isClean && random() < 0.3
  const step = isNeedle ? oneOf([0.05, 0.1]) : oneOf([0, 0.01, 0.02])
  return {
    noise: isNeedle ? 0.1 * step : logBetween(0.002, isClean ? 0.01 : 0.03),
    step,
    sticks: isNeedle ? step * between(0, 0.8) : 0,
    dropOuts: oneOf([0, 0, 0.02]),
    thermometer: isRead
      ? { lag: off(isClean ? 0.05 : oneOf([0.05, 0.2])), minutes: between(8, 30), step: oneOf([0, 0.1]) }
      : null,
    every: seconds > 3600 ? 60 : oneOf([10, 30, 60]),
  }
}

/** What is pumped in from two bar below the test pressure, as somebody measures it. */
function strokeOf({ system, softer, trapped }: World, celsius: number, bar: number, dice: Dice) {
  const gives = 2 * softer * softness({ ...system, air: 0 }, celsius, bar) * system.litres
  const ofAir = trapped * atmosphere * system.litres * (1 / (bar - 2 + atmosphere) - 1 / (bar + atmosphere))
  return { litres: (gives + ofAir) * Math.exp(dice.normal(0.03)), from: bar - 2, to: bar }
}

/** What is tested, by which profile, for how long. */
function subjectOf(line: Simulated['line'], dice: Dice) {
  const segments = pipesOf(line, dice).map((pipe) => ({ pipe, metres: dice.logBetween(3, 60) }))
  const isAir = line === 'air-filled'
  const contents = segments.map(({ pipe, metres }) => ({ pipe, litres: litresIn(pipe, metres) }))
  const system = systemOf(contents, isAir ? 'all' : 0)
  const profile = profileOf(line, system.stretches, dice)
  const told = secondsOf(testProfileOf({ profile }).meta)
  // Who watches a rigid line or one of air watches it a while longer now and then.
  const seconds = system.stretches ? told : Math.round((told * dice.oneOf([1, 2, 4])) / 60) * 60
  const bar = isAir ? 3.45 : dice.between(5, 11)
  return { segments, system, isAir, profile, told, seconds, bar, least: usualLeastLeak(system, { seconds: told, bar }) }
}

/** One test of random pipework, whose truth is known. */
export function simulate(dice: Dice, trouble: Simulated['trouble']): Simulated {
  const { random, between, logBetween, oneOf } = dice
  const line = oneOf(lines)
  const { segments, system, isAir, profile, told, seconds, bar, least } = subjectOf(line, dice)
  const isRead = line === 'clean metal' || trouble === 'two rooms' || random() < 0.75
  const flow = random() < 0.5 ? 'tight' : trouble === 'none' ? oneOf(flows.slice(1)) : 'root'
  const { start, ...warmth } = warmthOf({ line, trouble }, dice)
  const settings = [...settingsOf(profile, bar, dice), ...(trouble === 'the pump' ? pumpedAt(seconds, bar, dice) : [])]
  const world: World = {
    ...{ system, seconds, ...warmth },
    softer: isAir ? 1 : Math.exp(dice.normal(system.doubt)),
    trapped: line === 'trapped air' ? logBetween(1e-4, 3e-2) : 0,
    dissolving: { share: between(0, 0.15), minutes: between(6, 25) },
    creep: system.creepingWall > 0 ? between(0.05, 0.25) : 0,
    heat: { kelvin: between(0, 4), minutes: between(4, 10) },
    flow: flowOf(flow, { bar, least }, dice),
    settings: settings.sort((a, b) => a.seconds - b.seconds),
  }
  const { readings, truth } = watch(world, instrumentsOf({ line, isRead, seconds }, dice), random)
  // What matters is reckoned in the line as it is, with the air that is in it.
  const air = isAir ? 1 : (world.trapped * atmosphere) / (bar + atmosphere)
  const matters = usualLeastLeak({ ...system, air }, { seconds: told, bar })
  return {
    ...{ flow, line, trouble, isRead, least: matters, truth, seconds },
    flowAt: world.flow,
    request: {
      units: 'metric',
      system: {
        segments: segments.map(({ pipe, metres }) => ({ pipe: pipe.id, metres })),
        pumped: !isAir && random() < 0.5 ? strokeOf(world, start, bar, dice) : undefined,
      },
      test: { profile, design: bar / (profile === 'model-code-water' ? 1 : 1.1), medium: isAir ? 'air' : 'water' },
      readings: trouble === 'a row' ? withRow(readings, dice) : readings,
    },
  }
}

/** Somebody pumps once, and tells nobody. */
const pumpedAt = (seconds: number, bar: number, dice: Dice): Setting[] => [
  { seconds: Math.round(seconds * dice.between(0.4, 0.9)), bar: bar + dice.between(0, 0.5) },
]

/** One row was mistyped. */
function withRow(readings: Simulated['request']['readings'], dice: Dice) {
  const at = Math.floor(dice.between(0.3, 0.95) * readings.length)
  return readings.map((of, index) =>
    index === at ? { ...of, bar: Math.max(0, of.bar + dice.oneOf([-1, 1]) * dice.logBetween(0.2, 3)) } : of,
  )
}
