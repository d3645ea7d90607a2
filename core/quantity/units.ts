export const unitSystems = ['metric', 'imperial'] as const
export type Units = (typeof unitSystems)[number]

/** Millimetres in an inch, exactly (international inch, 1959). */
export const inch = 25.4

/**
 * A size as the trade writes it in inches, in millimetres.
 *
 * @param text whole inches and a fraction: `3/8`, `1`, `1-1/4`
 * @throws RangeError when the text is not such a size
 * @example sizeToMillimetres('1-1/4') // 31.75
 */
export function sizeToMillimetres(text: string): number {
  const parts = /^(?:(\d+)-)?(\d+)(?:\/([1-9]\d*))?$/.exec(text)
  if (!parts) throw new RangeError(`“${text}” is not a size in inches`)
  return (Number(parts[1] ?? 0) + Number(parts[2]) / Number(parts[3] ?? 1)) * inch
}
