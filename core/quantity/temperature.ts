/**
 * Degrees Fahrenheit from degrees Celsius.
 *
 * @example toFahrenheit(20) // 68
 */
export const toFahrenheit = (celsius: number): number => (celsius * 9) / 5 + 32

/**
 * Degrees Celsius from degrees Fahrenheit.
 *
 * @example toCelsius(212) // 100
 */
export const toCelsius = (fahrenheit: number): number => ((fahrenheit - 32) * 5) / 9
