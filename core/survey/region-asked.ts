import type { Region } from '../job/observation'
import type { Units } from '../quantity/units'

/**
 * The part of the world whose pipes are looked for: as said, else North America where one measures in inches.
 * Millimetres say nothing: they are read in all of Europe, Britain and beyond.
 *
 * @example regionAsked(undefined, 'imperial') // 'north-america'
 * @example regionAsked('britain', 'imperial') // 'britain'
 */
export function regionAsked(said: Region | undefined, units: Units): Region | undefined {
  return said ?? (units === 'imperial' ? 'north-america' : undefined)
}
