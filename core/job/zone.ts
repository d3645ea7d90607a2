/** Whether the clocks of a place are known by this name. @example isZone('Europe/London') // true */
export function isZone(name: string): boolean {
  try {
    new Intl.DateTimeFormat('en', { timeZone: name })
    return true
  } catch {
    return false
  }
}
