import * as z from 'zod'
import { methodIds } from '../methods/ids'
import { keptEntrySchema } from '../log/entry'
import { testFaults } from '../log/proven'
import { steps } from '../plan/progress'
import { proofVerdicts } from '../prove/verdict'

const sha = z.string().regex(/^[0-9a-f]{64}$/, 'a SHA-256: 64 digits 0 to f')
const time = z.iso.datetime()
const done = z.looseObject({ entry: z.string(), by: z.string(), at: time })
const counted = z.looseObject({ label: z.string(), count: z.number() })

/** A record as it is handed over, in words; what else it holds is kept as it is. */
export const recordSchema = z
  .looseObject({
    format: z.literal('jolvet-record'),
    version: z.literal(1),
    missing: z
      .array(z.looseObject({ text: z.string(), step: z.enum(steps), joints: z.array(z.string()) }))
      .meta({ description: 'what it lacks, in the order of the work' }),
    job: z.looseObject({
      id: z.string(),
      title: z.string(),
      address: z.string(),
      zone: z
        .string()
        .optional()
        .meta({ description: 'by which clock times are written for people; all here is in UTC' }),
      version: z.number().int(),
      profile: z.string().meta({ description: 'the rule profile' }),
      changed: z.array(z.string()).meta({ description: 'the settings in which the profile was changed' }),
    }),
    people: z.array(z.string()),
    joints: z.array(
      z.looseObject({
        id: z.string(),
        number: z.number().int(),
        where: z.string(),
        pipe: z.string(),
        method: z.enum(methodIds),
        insertion: z.number().nullable().meta({ description: 'mm that it is planned to go in' }),
        made: done.nullable(),
        inspected: done.nullable(),
        photos: z.array(sha),
        proof: z
          .union([z.looseObject({ by: z.string() }), z.looseObject({ lacks: z.enum(testFaults) })])
          .nullish()
          .meta({
            description:
              'the test that proves it, or what is lacking; null of a relief pipe, which stands empty; older records have none',
          }),
      }),
    ),
    tests: z.array(
      z.looseObject({
        id: z.string(),
        begun: keptEntrySchema,
        ended: keptEntrySchema.nullable(),
        readings: z.array(z.looseObject({ seconds: z.number(), bar: z.number(), celsius: z.number().optional() })),
        proof: z.looseObject({ verdict: z.enum(proofVerdicts) }).nullable(),
        joints: z
          .string()
          .nullable()
          .optional()
          .meta({ description: 'the numbers of the joints under test, where it was of a part' }),
        looks: z
          .array(z.looseObject({ at: time, by: z.string(), dry: z.array(z.string()), wet: z.array(z.string()) }))
          .optional()
          .meta({ description: 'walks round under pressure' }),
        touches: z
          .array(z.looseObject({ seconds: z.number(), did: z.string() }))
          .optional()
          .meta({ description: 'when somebody touched the pressure' }),
        pumped: z
          .looseObject({ litres: z.number(), from: z.number(), to: z.number() })
          .nullable()
          .optional()
          .meta({ description: 'the pump stroke that was measured last' }),
        openedAgain: z.array(z.string()).optional().meta({ description: 'what was shut for it, and is open again' }),
      }),
    ),
    materials: z.looseObject({
      fittings: z.array(counted),
      sundries: z.array(counted),
      pipe: z.array(z.looseObject({ label: z.string(), mm: z.number() })),
    }),
    valves: z.array(z.looseObject({ run: z.string(), valve: z.string(), at: z.string(), shuts: z.array(z.string()) })),
    drains: z.array(z.looseObject({ run: z.string(), lowest: z.string(), highest: z.string() })),
    owner: z.array(z.string()).meta({ description: 'what the owner must do' }),
    photos: z.array(keptEntrySchema),
    handedOver: keptEntrySchema.nullable(),
    document: z.looseObject({}).optional().meta({ description: 'the job file, where it was handed over' }),
    entries: z
      .array(keptEntrySchema)
      .optional()
      .meta({ description: 'all that was written down, where it was handed over' }),
    seal: z
      .looseObject({
        sha256: sha.meta({
          description: 'of the canonical text of all else but the signature: keys in order, no spaces',
        }),
        sealedAt: time,
        jobVersion: z.number().int(),
        catalogueVersion: z.string(),
        entries: z.number().int(),
        previous: sha.nullable().meta({ description: 'the seal of the record that this one takes the place of' }),
        key: sha.optional().meta({ description: 'the public Ed25519 key that signed it; older seals have none' }),
        signature: z
          .string()
          .regex(/^[0-9a-f]{128}$/, 'an Ed25519 signature: 128 digits 0 to f')
          .optional()
          .meta({ description: 'of `jolvet-record`, a space and the SHA-256, by that key' }),
      })
      .optional(),
  })
  .meta({ title: 'Record of a job, version 1' })
