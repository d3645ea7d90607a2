import { formatDiameter } from './format-diameter'
import { formatLength } from './format-length'
import { formatAtMost, formatTolerance } from './format-tolerance'
import {
  formatFall,
  formatFlow,
  formatLeak,
  formatPressure,
  formatSpeed,
  formatTemperature,
  formatTestPressure,
  formatVolume,
  formatWarming,
} from './format-water'
import { formatWeight } from './format-weight'
import { tellBy, type Message, type Vocabulary } from './message'
import { inTradeWords } from './trade-words'
import type { Units } from './units'

/** Writes quantities as one reader reads them. Made at the edge, where the reader is known: a page, a print, an answer. */
export interface Speaker {
  readonly units: Units
  /** A length, to the half millimetre or the sixteenth. */
  length(mm: number): string
  /** A tolerance, never rounded down. */
  tolerance(mm: number): string
  /** A limit, never rounded up. */
  atMost(mm: number): string
  /** A least length that is lacking or needed: never rounded down. */
  atLeast(mm: number): string
  /** A gauge, bore, wall or diameter, to the hundredth or the thousandth. */
  diameter(mm: number): string
  temperature(celsius: number): string
  warming(kelvin: number): string
  volume(litres: number): string
  /** A weight in two figures. */
  weight(kilograms: number): string
  flow(litresPerMinute: number): string
  speed(metresPerSecond: number): string
  pressure(kilopascal: number): string
  /** A leak, by its millilitres a minute. */
  leak(mlPerMinute: number): string
  /** Pressure of a test. */
  testPressure(bar: number): string
  fall(perMille: number): string
  /** A text in the reader's own trade words. */
  trade(text: string): string
  /** A message in words. */
  tell(message: Message): string
}

/**
 * The speaker for readers of these units.
 *
 * @param vocabularies whose messages it can tell, by their ids
 * @example speakerFor('imperial').length(1028.7) // '3′ 4 1/2″'
 */
export function speakerFor(units: Units, vocabularies: ReadonlyMap<string, Vocabulary> = new Map()): Speaker {
  const speaker: Speaker = {
    units,
    length: (mm) => formatLength(mm, units),
    tolerance: (mm) => formatTolerance(mm, units),
    atMost: (mm) => formatAtMost(mm, units),
    atLeast: (mm) => formatTolerance(mm, units),
    diameter: (mm) => formatDiameter(mm, units),
    temperature: (celsius) => formatTemperature(celsius, units),
    warming: (kelvin) => formatWarming(kelvin, units),
    volume: (litres) => formatVolume(litres, units),
    weight: (kilograms) => formatWeight(kilograms, units),
    flow: (litres) => formatFlow(litres, units),
    speed: (metres) => formatSpeed(metres, units),
    pressure: (kilopascal) => formatPressure(kilopascal, units),
    leak: (mlPerMinute) => formatLeak(mlPerMinute, units),
    testPressure: (bar) => formatTestPressure(bar, units),
    fall: (perMille) => formatFall(perMille, units),
    trade: (text) => inTradeWords(text, units),
    tell(message) {
      const vocabulary = vocabularies.get(message.rule)
      if (!vocabulary) throw new RangeError(`no words are known for “${message.rule}”`)
      return tellBy(vocabulary, message, speaker)
    },
  }
  return speaker
}
