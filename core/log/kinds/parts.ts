import * as z from 'zod'
import { entryKind } from '../kind'

const label = z.string().trim().min(1, 'what it is').max(120)
const count = z.number().int().min(1, 'a whole number, 1 to 10000').max(10_000, 'a whole number, 1 to 10000')
const item = z.string().trim().min(1, 'its id in the plan’s lists').max(120)
const counted = z.object({
  label,
  item: item.optional().meta({ description: 'in the plan’s lists; where it is left out, what is called so there' }),
  count,
})

export const pipeCut = entryKind(
  { id: 'pipe-cut', name: 'Pipe cut', subject: 'leg' },
  z.object({ mm: z.number().positive().max(100_000).meta({ description: 'as it was cut' }) }),
)
export const fixingPlaced = entryKind(
  { id: 'fixing-placed', name: 'Fixing placed', subject: 'leg' },
  z.object({ count }),
)
/** Parts taken from the van, put in, and left over: of inserts above all, issued less used and left is nought. */
export const partIssued = entryKind({ id: 'part-issued', name: 'Part issued', subject: null }, counted)
export const partUsed = entryKind({ id: 'part-used', name: 'Part used', subject: null }, counted)
export const partLeft = entryKind({ id: 'part-left', name: 'Part left over', subject: null }, counted)
