import * as z from 'zod'

/** The field that is signed in, and in whose steps a signature is kept. */
export const signatureField = { width: 900, height: 300 } as const

const point = z.tuple([
  z.number().int().min(0).max(signatureField.width),
  z.number().int().min(0).max(signatureField.height),
])
/** A signature as it was drawn: strokes of points. */
export const signatureSchema = z
  .array(z.array(point).min(1).max(500))
  .min(1)
  .max(60)
  .meta({ description: 'strokes of points [x, y], 0 to 900 and 0 to 300 from the upper left' })
export type Signature = z.infer<typeof signatureSchema>

/**
 * A signature as the path of an SVG.
 *
 * @remarks for instance: a stroke from 10, 20 to 30, 40: `M10 20L30 40`; a dot is a stroke of no length
 */
export const signaturePath = (strokes: Signature): string =>
  strokes
    .map((points) => {
      const [first, ...rest] = points as [[number, number], ...[number, number][]]
      const on = rest.length > 0 ? rest : [first]
      return `M${first.join(' ')}${on.map((to) => `L${to.join(' ')}`).join('')}`
    })
    .join('')

/**
 * Strokes of a field of any size in the steps in which a signature is kept; what lies outside is drawn in.
 *
 * @param width of the field in which they were drawn, above 0
 */
export function keptStrokes(strokes: readonly (readonly { x: number; y: number }[])[], width: number): Signature {
  const scale = signatureField.width / width
  const within = (value: number, most: number) => Math.min(most, Math.max(0, Math.round(value * scale)))
  return strokes.map((points) =>
    points.map(({ x, y }): [number, number] => [within(x, signatureField.width), within(y, signatureField.height)]),
  )
}
