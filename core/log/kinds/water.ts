import * as z from 'zod'
import { entryKind } from '../kind'

const litres = z.number().min(0).max(100_000).optional()
const where = z.string().max(200).optional()
export const note = z.string().max(500).optional()
/** Of which outlet an entry is: by its run and node, and as it was called then. */
export const outlet = {
  at: z.string().min(1).max(200).meta({ description: 'an outlet as its run and node' }),
  where: z.string().max(200).meta({ description: 'what it was called' }),
}

export const isolated = entryKind(
  { id: 'isolated', name: 'Isolated and drained', subject: null },
  z.object({ where, litres, note }),
)
export const filled = entryKind({ id: 'filled', name: 'Filled', subject: null }, z.object({ litres, note }))
export const purged = entryKind({ id: 'purged', name: 'Purged of air', subject: null }, z.object({ note }))
/** One outlet, or all that there are where none is named. */
export const flushed = entryKind(
  { id: 'flushed', name: 'Flushed', subject: null },
  z.object({ ...z.object(outlet).partial().shape, litres, minutes: z.number().positive().max(1440).optional(), note }),
)
export const dosed = entryKind(
  { id: 'dosed', name: 'Dosed', subject: null },
  z.object({ with: z.string().trim().min(1, 'what it was dosed with').max(120), litres, note }),
)
