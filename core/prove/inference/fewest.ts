/** Fewer readings, or less time from the first to the last of them in seconds, tell nothing. */
export const fewestReadings = { count: 5, seconds: 180 }
