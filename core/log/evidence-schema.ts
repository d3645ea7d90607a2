import * as z from 'zod'

/** What somebody saw of a joint as it was made, or added later: what was not said is not known. */
export const evidenceShape = {
  markSeen: z.boolean().optional().meta({ description: 'the depth mark stands at the mouth' }),
  windowFull: z.boolean().optional().meta({ description: 'pipe fills the sleeve’s window all round' }),
  atShoulder: z.boolean().optional().meta({ description: 'the pipe stands at the fitting’s shoulder' }),
  ringPlaced: z.boolean().optional().meta({ description: 'the ring stands at its distance from the pipe’s end' }),
  gauge: z.enum(['goes', 'does not go']).optional(),
  earClosed: z.boolean().optional().meta({ description: 'the clamp’s ear is closed evenly' }),
  ringTurned: z.boolean().optional().meta({ description: 'the collar is locked, or there is none to lock' }),
  insert: z.boolean().optional().meta({ description: 'an insert or liner was used' }),
  turns: z.number().min(0).max(20).optional().meta({ description: 'beyond hand-tight' }),
  beadEven: z.boolean().optional().meta({ description: 'a double bead stands even all round' }),
  facesRight: z.boolean().optional().meta({ description: 'the fitting faces the way it should' }),
}
export const evidenceSchema = z.object(evidenceShape)
export type Evidence = z.output<typeof evidenceSchema>
