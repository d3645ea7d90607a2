import type { Direction } from '../job/job'

const tenth = (degrees: number): number => Math.round(degrees * 10) / 10

/**
 * A direction as it is read out.
 *
 * @example directionWords('up') // 'up'
 * @example directionWords({ bearing: 90, pitch: 45 }) // '90° from north, 45° up'
 */
export function directionWords(direction: Direction): string {
  if (typeof direction === 'string') return direction
  const { bearing, pitch } = direction
  return `${tenth(bearing)}° from north${pitch === 0 ? '' : `, ${Math.abs(tenth(pitch))}° ${pitch > 0 ? 'up' : 'down'}`}`
}
