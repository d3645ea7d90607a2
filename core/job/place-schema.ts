import * as z from 'zod'

const distance = (description: string) => z.number().min(0).max(100_000).optional().meta({ description })

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
  heaterDistance: distance('mm to a water heater'),
  heatSourceDistance: distance('mm to a heat source that nothing controls, such as a stove'),
  onFlue: z.boolean().optional().meta({ description: 'on a flue or its connector' }),
  solarOrSteam: z.boolean().optional().meta({ description: 'fed by a solar collector or by steam' }),
  heatNear: distance('mm from the joint to plastic, a rubber seal or a finished press joint'),
  heatOrder: z
    .enum(['soldered first', 'wet-wrapped', 'neither'])
    .optional()
    .meta({ description: 'how what stands near a flame is kept from it' }),
  inLine: z.boolean().optional().meta({ description: 'false where the pipe does not stand in line with the fitting' }),
  oriented: z.boolean().optional().meta({ description: 'the fitting must face one way' }),
  system: z
    .enum(['one', 'listed', 'mixed'])
    .optional()
    .meta({ description: 'plastic pipe, insert and fitting: of one system, listed together, or mixed' }),
  flow: z.number().positive().max(1000).optional().meta({ description: 'litres a minute at the full draw' }),
  stubOut: z
    .enum(['bare', 'fixed'])
    .optional()
    .meta({ description: 'comes through a finished wall: bare, or on a fixed elbow or plate' }),
  airTest: z
    .enum(['planned', 'maker allows'])
    .optional()
    .meta({ description: 'it is to be tested with compressed air' }),
  screed: z.boolean().optional().meta({ description: 'lies in a floor screed' }),
  wallDistance: distance('mm between the pipe’s outside and the wall'),
  pipeDistance: distance('mm between the outsides of this pipe and the next'),
})
export type Place = z.infer<typeof placeSchema>

/** The state of a pipe's end. */
export const conditionSchema = z.object({
  scored: z.boolean().optional(),
  painted: z.boolean().optional(),
  oldSolder: z.boolean().optional(),
  factoryEnd: z.boolean().optional().meta({ description: 'the end as the mill cut it: square and sharp' }),
  upstream: z.boolean().optional().meta({ description: 'the water comes from this pipe' }),
  ovality: z.number().min(0).max(50).optional().meta({ description: 'per cent of the diameter' }),
})
export type Condition = z.infer<typeof conditionSchema>
