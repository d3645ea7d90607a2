import * as z from 'zod'
import { unitSystems } from '../quantity/units'

const nameText = 'a name of 1 to 80 characters'

/** A job, or a part of one, kept to begin others from. */
export const ownPatternSchema = z.object({
  name: z.string({ error: nameText }).trim().min(1, nameText).max(80, nameText),
  units: z.enum(unitSystems),
  job: z.record(z.string(), z.unknown()).meta({ description: 'a job file; read as one when a job is begun from it' }),
})
export type OwnPattern = Readonly<z.output<typeof ownPatternSchema>>
