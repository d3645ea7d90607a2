import * as z from 'zod'
import { methodIds } from '../../methods/ids'
import { evidenceShape } from '../evidence-schema'
import { entryKind } from '../kind'

const text = (most: number) => z.string().max(most)
const millimetres = z.number().min(0).max(1000)
/** Names the entry that it answers: what holds then rests on no clock. */
const answers = z
  .string()
  .min(8, 'the id of an entry: 8 to 60 characters')
  .max(60, 'the id of an entry: 8 to 60 characters')
  .optional()
  .meta({ description: 'the entry by which the joint was made; the last one before it, where nothing is said' })

/** A joint that was made, with what its method needs and the figures that it was made to. */
export const jointMade = entryKind(
  { id: 'joint-made', name: 'Joint made', subject: 'joint' },
  z.object({
    method: z.enum(methodIds).optional(),
    tool: text(80).optional(),
    toolDue: z.iso.date().optional().meta({ description: 'the day on which the tool’s next check was due' }),
    insertion: millimetres.nullable().optional().meta({ description: 'mm that it was planned to go in' }),
    pipe: text(60).optional().meta({ description: 'id of the pipe' }),
    fitting: text(300).optional().meta({ description: 'what the pipe was planned to go into' }),
    cut: z
      .number()
      .min(0)
      .max(100_000)
      .nullable()
      .optional()
      .meta({ description: 'mm that the piece was planned to be cut to' }),
    ...evidenceShape,
    uses: z.number().int().min(1).max(50).optional().meta({ description: 'how often this push-fit was used' }),
    minutes: z.number().min(0).max(600).optional(),
    note: text(500).optional(),
  }),
)

/** What was seen of a joint and not said as it was ticked: it counts as if it had been. */
export const jointEvidence = entryKind(
  { id: 'joint-evidence', name: 'Added to a joint', subject: 'joint' },
  z.object({ of: answers, ...evidenceShape }),
)

export const jointInspected = entryKind(
  { id: 'joint-inspected', name: 'Joint inspected', subject: 'joint' },
  z.object({ of: answers, sound: z.boolean(), warm: z.boolean().optional(), note: text(500).optional() }),
)

/** A joint that does not count as made any more: taken apart, or ticked by mistake. */
export const jointUndone = entryKind(
  { id: 'joint-undone', name: 'Joint marked as not made', subject: 'joint' },
  z.object({ of: answers, note: text(500).optional() }),
)
