/**
 * A value as text that is the same however its keys are put: what a seal is made over.
 *
 * @param value as JSON has it
 * @example canonicalText({ b: [1, null], a: 'x' }) // '{"a":"x","b":[1,null]}'
 */
export function canonicalText(value: unknown): string {
  if (Array.isArray(value)) return `[${value.map((item) => canonicalText(item ?? null)).join(',')}]`
  if (typeof value !== 'object' || value === null) return JSON.stringify(value)
  const entries = Object.entries(value).filter(([, of]) => of !== undefined)
  const sorted = entries.sort(([a], [b]) => (a < b ? -1 : a > b ? 1 : 0))
  return `{${sorted.map(([key, of]) => `${JSON.stringify(key)}:${canonicalText(of)}`).join(',')}}`
}
