import type { Axis, Direction } from '../job/job'
import type { Wall } from '../job/kinds'

/** The four ways that are level, clockwise as seen from above. */
const round = ['north', 'east', 'south', 'west'] as const
const sides = ['back', 'right', 'out', 'left'] as const

const isLevel = (axis: Axis): axis is Wall => axis !== 'up' && axis !== 'down'

/** The level way so many quarter turns clockwise from another: from west by one, north. */
const quarterTurns = (from: Wall, by: number): Wall => round[(round.indexOf(from) + by + 4) % 4]!

/**
 * A way as it is said: by the compass, or as who faces a wall sees it: left, right, back to the wall, out of it.
 *
 * @param facing the wall that one faces; by the compass where nothing is said
 * @example wayWord('west') // 'west'
 * @example wayWord('west', 'north') // 'left'
 */
export function wayWord(axis: Axis, facing?: Wall): string {
  if (!facing || !isLevel(axis)) return axis
  return sides[(round.indexOf(axis) - round.indexOf(facing) + 4) % 4]!
}

/**
 * The way that an arrow means to who faces a wall: as the compass has it on a map, turned with him.
 *
 * @param axis what it means by the compass
 * @example turnedWith('north', 'east') // 'east'; back to the wall
 */
export const turnedWith = (axis: Axis, facing?: Wall): Axis =>
  facing && isLevel(axis) ? quarterTurns(axis, round.indexOf(facing)) : axis

const tenth = (degrees: number): number => Math.round(degrees * 10) / 10

/** Degrees aside from a wall, and to which hand: 300 clockwise is 60 to the left. */
function fromWall(clockwise: number): string {
  const aside = ((clockwise + 540) % 360) - 180
  return `${Math.abs(tenth(aside))}° ${aside < 0 ? 'left' : 'right'} of back`
}

/**
 * A direction as it is read out.
 *
 * @param facing the wall that one faces; by the compass where nothing is said
 * @example directionWords('up') // 'up'
 * @example directionWords({ bearing: 90, pitch: 45 }) // '90° from north, 45° up'
 * @example directionWords({ bearing: 45, pitch: 0 }, 'north') // '45° right of back'
 */
export function directionWords(direction: Direction, facing?: Wall): string {
  if (typeof direction === 'string') return wayWord(direction, facing)
  const { bearing, pitch } = direction
  const level = facing ? fromWall(bearing - 90 * round.indexOf(facing)) : `${tenth(bearing)}° from north`
  return `${level}${pitch === 0 ? '' : `, ${Math.abs(tenth(pitch))}° ${pitch > 0 ? 'up' : 'down'}`}`
}
