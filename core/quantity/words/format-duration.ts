const two = (number: number): string => String(number).padStart(2, '0')

/**
 * A wait as a clock shows it: minutes and seconds, with hours from the first one on.
 *
 * @param seconds whole, not below 0
 * @example formatClock(754) // '12:34'
 * @example formatClock(3661) // '1:01:01'
 */
export function formatClock(seconds: number): string {
  const [hours, minutes] = [Math.floor(seconds / 3600), Math.floor(seconds / 60) % 60]
  return hours > 0 ? `${hours}:${two(minutes)}:${two(seconds % 60)}` : `${minutes}:${two(seconds % 60)}`
}

/**
 * A wait in words: seconds up to a minute, then minutes, then hours and minutes.
 *
 * @example formatWait(300) // '5 min'
 * @example formatWait(9300) // '2 h 35 min'
 */
export function formatWait(seconds: number): string {
  if (seconds < 60) return `${seconds} s`
  const minutes = Math.round(seconds / 60)
  if (minutes < 120) return `${minutes} min`
  return [`${Math.floor(minutes / 60)} h`, ...(minutes % 60 > 0 ? [`${minutes % 60} min`] : [])].join(' ')
}
