import * as z from 'zod'
import { methodIds } from '../catalogue/method'

/** What surrounds a joint and bears on which method may be used. Everything unsaid is unknown and no rule assumes it. */
export const placeSchema = z.object({
  concealed: z.boolean().optional().meta({ description: 'cannot be reached again once the wall is closed' }),
  underground: z.boolean().optional(),
  outdoors: z.boolean().optional().meta({ description: 'in daylight without a cover' }),
  wet: z.boolean().optional().meta({ description: 'water still drips from the line' }),
  hotWork: z.enum(['allowed', 'combustible-near', 'forbidden']).optional(),
  demountable: z.boolean().optional().meta({ description: 'must come apart again' }),
  leadFree: z.boolean().optional().meta({ description: 'false when the solder or flux at hand is not lead-free' }),
  barrier: z.boolean().optional().meta({ description: 'the pipe is marked as having an oxygen barrier' }),
  ferrous: z.boolean().optional().meta({ description: 'the heating circuit has iron or steel in it; taken as true' }),
  temperature: z.number().min(-20).max(250).optional().meta({ description: 'water temperature in degrees Celsius' }),
  heaterDistance: z.number().min(0).max(100_000).optional().meta({ description: 'mm to a water heater' }),
})
export type Place = z.infer<typeof placeSchema>

/** The state of a pipe's end. */
export const conditionSchema = z.object({
  scored: z.boolean().optional(),
  painted: z.boolean().optional(),
  oldSolder: z.boolean().optional(),
  ovality: z.number().min(0).max(50).optional().meta({ description: 'per cent of the diameter' }),
})
export type Condition = z.infer<typeof conditionSchema>

/** The methods whose tools are owned; unsaid means that nothing is known of them. */
export const toolsSchema = z.array(z.enum(methodIds))

export const services = ['cold', 'hot', 'recirculation', 'heating-flow', 'heating-return'] as const
export type Service = (typeof services)[number]

export const isPotable = (service: Service): boolean =>
  service === 'cold' || service === 'hot' || service === 'recirculation'
