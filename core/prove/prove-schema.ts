import * as z from 'zod'
import { unitSystems } from '../quantity/units'
import { isToldWhole, toldWhole } from './profiles'
import { touches } from './stretches'
import { gaugeSchema, whichTestFields } from './which-test-schema'

const litres = z.number().positive('litres, more than 0').max(100_000)
const bar = z.number().min(0, 'bar above the air’s, 0 to 100').max(100, 'bar above the air’s, 0 to 100')
const pipe = z.string().min(1).max(60).meta({ description: 'id of a pipe of the catalogue' })

/** What is asked of a test: what is closed in, how it is tested, and what was read. */
export const proveRequestSchema = z.object({
  units: z.enum(unitSystems).default('metric').meta({ description: 'of the sentences in the answer' }),
  system: z.object({
    segments: z
      .array(z.union([z.object({ pipe, metres: z.number().positive().max(100_000) }), z.object({ pipe, litres })]))
      .min(1)
      .max(5000),
    air: z
      .object({ litres: z.number().min(0).max(100_000) })
      .optional()
      .meta({ description: 'trapped air, in litres under the test pressure' }),
    pumped: z
      .object({ litres, from: bar, to: bar })
      .refine(({ from, to }) => to > from, { path: ['to'], message: 'more than `from`' })
      .optional()
      .meta({ description: 'water that raised the pressure from one to another' }),
  }),
  test: z
    .object({
      ...whichTestFields,
      design: z.number().positive('bar, more than 0 and at most 100').max(100, 'bar, more than 0 and at most 100'),
      medium: z.enum(['water', 'air']),
      gauge: gaugeSchema.optional(),
      leastLeak: z
        .number()
        .positive()
        .max(10_000)
        .optional()
        .meta({ description: 'ml a minute: a leak of less does not matter; 0.1 in metal, 1 with plastic' }),
    })
    .refine(isToldWhole, toldWhole),
  events: z
    .array(z.object({ seconds: z.number().min(0).max(10_000_000), did: z.enum(touches) }))
    .max(500)
    .optional()
    .meta({ description: 'when somebody touched the pressure: topped it up, let it down, touched pump or valve' }),
  readings: z
    .array(
      z.object({
        seconds: z.number().min(0).max(10_000_000),
        bar,
        celsius: z.number().min(0, '0 to 100 °C').max(100, '0 to 100 °C').optional(),
      }),
    )
    .max(100_000),
})
export type ProveRequest = z.output<typeof proveRequestSchema>
