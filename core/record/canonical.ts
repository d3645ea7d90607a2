/**
 * A value as text that is the same however its keys are put: what a seal is made over.
 *
 * @param value as JSON has it
 * @example canonicalText({ b: [1, null], a: 'x' }) // '{"a":"x","b":[1,null]}'
 */
export function canonicalText(value: unknown): string {
  if (Array.isArray(value)) return `[${value.map((item) => canonicalText(item ?? null)).join(',')}]`
  if (typeof value !== 'object' || value === null) return JSON.stringify(value)
  const said = Object.fromEntries(Object.entries(value).filter(([, of]) => of !== undefined))
  // By their UTF-16 code units, whatever language the machine is set to.
  const keys = Object.keys(said).sort()
  return `{${keys.map((key) => `${JSON.stringify(key)}:${canonicalText(said[key])}`).join(',')}}`
}
