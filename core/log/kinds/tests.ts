import * as z from 'zod'
import { isToldWhole, toldWhole } from '../../prove/profiles'
import { isolations } from '../../prove/isolation'
import { touches } from '../../prove/stretches'
import { proofVerdicts } from '../../prove/verdict'
import { gaugeSchema, whichTestFields } from '../../prove/which-test-schema'
import { entryKind } from '../kind'
import { signatureSchema } from '../signature'
import { checkResults, leakChecks, valveResults } from '../leak-check'

const bar = z.number().min(0, 'bar above the air’s, 0 to 100').max(100, 'bar above the air’s, 0 to 100')

export const testBegun = entryKind(
  { id: 'test-begun', name: 'Test started', subject: 'test' },
  z
    .object({
      ...whichTestFields,
      design: z.number().positive().max(100).meta({ description: 'bar' }),
      medium: z.enum(['water', 'air']),
      gauge: gaugeSchema.optional(),
      runs: z
        .array(z.string().max(60))
        .max(100)
        .optional()
        .meta({ description: 'which runs are under test; all where nothing is said' }),
      legs: z.array(z.string().max(200)).max(50_000).optional().meta({
        description:
          'which legs are under test, each as its run and leg: those of the parts that were closed off; all where nothing is said',
      }),
      isolated: z
        .array(
          z.object({
            what: z.string().trim().min(1, 'what it is').max(80),
            did: z.enum(isolations),
            bar: z
              .number()
              .positive('bar, more than 0 and at most 100')
              .max(100, 'bar, more than 0 and at most 100')
              .optional()
              .meta({ description: 'what it bears, of what was left on' }),
          }),
        )
        .max(200)
        .optional()
        .meta({ description: 'what was shut off, plugged or taken off before it was raised, and what was left on' }),
      made: z.array(z.string().max(60)).max(50_000).optional().meta({
        description: 'the entries by which the joints under test were made; by the times, where nothing is said',
      }),
      raisedAt: z.iso
        .datetime()
        .optional()
        .meta({ description: 'when it was raised, where that is not when this was written: of readings from a file' }),
    })
    .refine(isToldWhole, toldWhole),
)
export const reading = entryKind(
  { id: 'reading', name: 'Reading', subject: 'test' },
  z.object({
    seconds: z.number().min(0).max(10_000_000),
    bar,
    celsius: z.number().min(0).max(100).optional(),
    from: z.enum(['hand', 'file', 'gauge', 'simulated']).optional().meta({ description: 'where it comes from' }),
  }),
)
/** Somebody touched the pressure while the test ran: what was read before and after stands apart. */
export const touched = entryKind(
  { id: 'touched', name: 'Pressure touched', subject: 'test' },
  z.object({ seconds: z.number().min(0).max(10_000_000), did: z.enum(touches) }),
)
export const testEnded = entryKind(
  { id: 'test-ended', name: 'Test ended', subject: 'test' },
  z.object({
    verdict: z.enum(proofVerdicts),
    passes: z.boolean().nullable().meta({ description: 'by the standard’s limits; null while it is not over' }),
    note: z.string().max(500).optional(),
    witness: z.string().trim().min(1, 'who watched').max(80).optional().meta({ description: 'who watched beside' }),
    signature: signatureSchema.optional(),
    why: z
      .string()
      .trim()
      .min(1, 'why it counts')
      .max(500)
      .optional()
      .meta({ description: 'why it counts though the standard fails it' }),
  }),
)
/** What was shut off, plugged or taken off for a test is as it was. */
export const openedAgain = entryKind(
  { id: 'opened-again', name: 'Opened again', subject: 'test' },
  z.object({ what: z.string().trim().min(1, 'what it is').max(80) }),
)
/** A walk round under pressure: which joints were dry, and which were not. */
export const testLook = entryKind(
  { id: 'test-look', name: 'Joints inspected under pressure', subject: 'test' },
  z.object({
    dry: z.array(z.string().max(200)).max(50_000),
    wet: z.array(z.string().max(200)).max(50_000).default([]),
  }),
)
/** A check that was made to find where a test's leak is. */
export const leakCheck = entryKind(
  { id: 'leak-check', name: 'Leak check', subject: 'test' },
  z
    .object({
      check: z.enum(leakChecks),
      at: z.string().min(1).max(200).meta({
        description:
          'a place as its run and node, a joint’s id, `leg/` with its run and leg, a valve as its run and node, or `all` for a walk round in which nothing was seen',
      }),
      result: z.enum(checkResults),
    })
    .refine(({ check, result }) => (check === 'valve') === valveResults.some((of) => of === result), {
      path: ['result'],
      message: 'before, beyond, both or neither of a valve; dry or leaks of all else',
    }),
)
/** Water pumped in from one pressure to another: it tells how soft the system is. */
export const pumped = entryKind(
  { id: 'pumped', name: 'Pump stroke measured', subject: 'test' },
  z
    .object({ litres: z.number().positive('litres, more than 0').max(1000), from: bar, to: bar })
    .refine(({ from, to }) => to > from, { path: ['to'], message: 'more than `from`' }),
)
