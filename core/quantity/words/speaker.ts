import type { Speaker } from './speaks'
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
import { tellBy, type Vocabulary } from './sentence'
import { inTradeWords } from './trade-words'
import type { Units } from '../units'

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
