/** Turns past hand-tight: the least and the most. */
export type Turns = readonly [least: number, most: number]

const parts = ['', '⅛', '¼', '⅜', '½', '⅝', '¾', '⅞'] as const

/**
 * Turns as they are said, to the eighth.
 *
 * @param turns 0 or more
 * @example turnWords(0.75) // '¾'
 * @example turnWords(1.5) // '1½'
 */
export function turnWords(turns: number): string {
  const eighths = Math.round(turns * 8)
  const whole = Math.floor(eighths / 8)
  const part = parts[eighths % 8]!
  return whole === 0 && part !== '' ? part : `${whole}${part}`
}

/** What is still to be turned. */
export interface TurnLeft {
  /** 0 once it is tight enough. */
  readonly least: number
  /** 0 once nothing more is allowed. */
  readonly most: number
  /** Further than is allowed. */
  readonly isPast: boolean
}

/**
 * What is left of so many turns once some of them are made.
 *
 * @param eighths turned so far, in eighths of a turn, 0 or more
 * @example turnsLeft([1.5, 3], 8) // { least: 0.5, most: 2, isPast: false }
 */
export function turnsLeft([least, most]: Turns, eighths: number): TurnLeft {
  const turned = eighths / 8
  return { least: Math.max(0, least - turned), most: Math.max(0, most - turned), isPast: turned > most }
}
