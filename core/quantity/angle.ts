/** Degrees as radians. @example radians(180) // 3.14159 */
export const radians = (degrees: number): number => (degrees * Math.PI) / 180

/** Radians as degrees. @example degrees(Math.PI / 2) // 90 */
export const degrees = (radians: number): number => (radians * 180) / Math.PI
