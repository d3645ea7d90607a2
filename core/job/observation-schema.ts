import * as z from 'zod'
import { unitSystems } from '../quantity/units'
import { lookKinds, lookValues, readLook, type LookKind } from './look'
import { regions } from './observation'

const length = (most: number) =>
  z
    .number({ error: `millimetres, more than 0 and at most ${most}` })
    .positive()
    .max(most)

const look = <Kind extends LookKind>(kind: Kind) =>
  z.object({
    kind: z.literal(kind),
    value: z.string().transform((text, context): string => {
      const value = readLook(kind, text)
      if (value !== null) return value
      context.addIssue({ code: 'custom', message: `“${text}” is not one of: ${lookValues[kind].join(', ')}` })
      return z.NEVER
    }),
  })

/** One thing seen, felt or measured on a pipe. Lengths in millimetres. */
export const observationSchema = z.discriminatedUnion('kind', [
  z.object({
    kind: z.literal('diameter'),
    mm: length(200),
    instrument: z.enum(['caliper', 'tape']),
    painted: z.boolean().optional(),
    oval: z.boolean().optional(),
  }),
  z.object({ kind: z.literal('circumference'), mm: length(700) }),
  z.object({ kind: z.literal('wall'), mm: length(20) }),
  z.object({
    kind: z.literal('gauge'),
    mm: length(200).meta({ description: 'outside diameter that the go/no-go gauge is made for' }),
    fits: z.boolean(),
  }),
  z.object({ kind: z.literal('print'), text: z.string().min(1).max(300) }),
  ...lookKinds.map(look),
])
export const identifyRequestSchema = z.object({
  observations: z.array(observationSchema).max(50),
  region: z
    .enum(regions)
    .optional()
    .meta({ description: 'whose pipes are looked for; left out, North America’s where the units are inches' }),
  built: z.number().int().min(1700).max(2200).optional().meta({ description: 'year in which the building went up' }),
  units: z.enum(unitSystems).default('metric').meta({ description: 'in which the answer is told' }),
})
