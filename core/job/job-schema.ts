import * as z from 'zod'
import { methodIds } from '../methods/ids'
import { isZone } from './zone'
import { keptFixtureSchema } from '../catalogue/own-fixture'
import { fixtureIds } from '../catalogue/tables/fixtures'
import { benderSchema } from '../bend/bender-schema'
import { observationSchema } from './observation-schema'
import { regions, type Observation } from './observation'
import { profileIds } from '../workshop/profile-ids'
import { changedSettingsSchema } from '../workshop/setting-schema'
import { unitSystems } from '../quantity/units'
import { toolsSchema } from '../workshop/tools-schema'
import { conditionSchema, placeSchema } from './place-schema'
import { axes, legStates, most, nodeKinds, nodeStates, walls } from './kinds'
import { services } from './place'
import { visitSchema } from './visit-schema'

const id = z.string().min(1).max(130)
const text = (most: number) => z.string().max(most)
const lengthText = 'millimetres as a number, more than 0 and at most 100000, or null'
const coordinate = z.number().min(-1_000_000).max(1_000_000)

export const directionSchema = z.union([
  z.enum(axes),
  z.object({
    bearing: z.number().min(-360).max(360).meta({ description: 'degrees clockwise from north' }),
    pitch: z.number().min(-90).max(90).meta({ description: 'degrees above level' }),
  }),
])
export type Direction = z.infer<typeof directionSchema>

/** Figures of the part in the hand, which overrule the catalogue's. */
const measuredSchema = z.object({
  takeOff: z.number().min(-50).max(500).optional().meta({ description: 'mm from the centre to where the pipe stops' }),
  branchTakeOff: z.number().min(-50).max(500).optional().meta({ description: 'the same at a tee’s branch' }),
  insertion: z.number().min(1).max(200).optional().meta({ description: 'mm that the pipe goes in' }),
  tolerance: z.number().min(0).max(20).default(0.5),
})

/** The fittings between one end of a fitting that was chosen by its name and a leg's pipe, outwards. */
const armSchema = z.object({
  fittings: z.array(text(120)).min(1).max(5),
  method: z.enum(methodIds).meta({ description: 'of the joint with the pipe' }),
})

export const namedChoiceSchema = z.object({
  by: z.literal('name'),
  name: text(120).meta({
    description: 'of the catalogue: `22 solder × 1/2 F BSP drop-ear elbow`; any other text is what to ask for',
  }),
  arms: z.record(id, armSchema).optional().meta({
    description: 'by leg: what stands between that fitting and the leg’s pipe, where it takes no such pipe itself',
  }),
})

/** The fittings chosen between an existing pipe and the new one, in order, and the methods of their outer joints. */
export const chainChoiceSchema = z.object({
  by: z.literal('chain'),
  fittings: z.array(text(120)).min(1).max(6),
  joints: z.tuple([z.enum(methodIds), z.enum(methodIds)]),
})

/** Which fitting stands at a node, where somebody chose one; else what meets there tells it. */
export const fittingChoiceSchema = z.discriminatedUnion('by', [namedChoiceSchema, chainChoiceSchema])
export type NamedChoice = z.infer<typeof namedChoiceSchema>
export type Arms = NonNullable<NamedChoice['arms']>
export type ChainChoice = z.infer<typeof chainChoiceSchema>

/** A thing that pipe goes into on one side and leaves in line on the other, by whatever name. */
const inLineSchema = z.object({
  name: text(60).min(1, 'a name of 1 to 60 characters').meta({ description: 'filter, check valve, pump, meter' }),
  length: z
    .number()
    .min(10, '10 to 2000 mm')
    .max(2000, '10 to 2000 mm')
    .optional()
    .meta({ description: 'mm over all, from end to end' }),
  tolerance: z.number().min(0).max(100).default(1),
  basis: z.enum(['measured', 'maker', 'typical']).default('measured'),
})
export type InLine = z.infer<typeof inLineSchema>

/** The end of a fixture that an outlet leads to. */
const fixtureSchema = z.object({
  id: id.meta({ description: 'of the fixture: the outlets that lead to one have the same' }),
  kind: z.enum([...fixtureIds, 'own']).meta({ description: '`own`: the one of `fixtures` with that id' }),
  made: z.enum(unitSystems).meta({ description: 'for which region: its threads, and where its ends stand' }),
  end: text(20).meta({ description: 'hot, cold, flow, return, shower, spout' }),
  apart: z.number().min(1).max(5000).optional().meta({
    description: 'mm between this end and the one beside it, as measured; else as is usual',
  }),
  hose: z.literal(true).optional().meta({ description: 'a hose leads to it from the outlet' }),
})
export type FixtureAt = z.infer<typeof fixtureSchema>

export const nodeSchema = z.object({
  id,
  run: id.meta({ description: 'the run that it belongs to: whose method its joints go by' }),
  began: id.optional().meta({ description: 'the run that it was drawn in: what was written down of it goes by that' }),
  name: text(80).optional().meta({ description: 'what people call it: tee under the window' }),
  kind: z.enum(nodeKinds),
  at: z
    .tuple([coordinate, coordinate, coordinate])
    .optional()
    .meta({ description: 'fixed point: east, north, up in mm' }),
  height: coordinate.optional().meta({ description: 'fixed height in mm up from where the run starts' }),
  overFloor: coordinate.optional().meta({
    description: 'mm from the finished floor up to here, as measured: from then on heights are told over the floor',
  }),
  existing: id.optional().meta({ description: 'a tie-in’s existing pipe' }),
  survey: id.optional().meta({ description: 'the survey in which the existing pipe was told' }),
  condition: conditionSchema.optional().meta({ description: 'the state of the existing pipe that is joined here' }),
  method: z.enum(methodIds).optional(),
  fitting: fittingChoiceSchema.optional().meta({
    description: 'the fitting, or the fittings one in the other, that somebody chose; else what meets there tells it',
  }),
  state: z.enum(nodeStates).optional().meta({
    description: 'of the fitting; where nothing is said it is new when new pipe goes into it, else as its legs',
  }),
  play: z
    .number()
    .min(0)
    .max(500)
    .optional()
    .meta({ description: 'mm by which the ends of existing pipe can be sprung apart here, along the pipe' }),
  gap: z
    .number()
    .min(0)
    .max(500)
    .optional()
    .meta({ description: 'mm left open between the two pipes under a slip coupling' }),
  mixer: z
    .object({
      centres: z.number().min(1, '1 to 1000 mm').max(1000, '1 to 1000 mm'),
      across: directionSchema,
    })
    .optional()
    .meta({ description: 'of a mixer: mm between the two pipes that lead to it, and which way from hot to cold' }),
  inLine: inLineSchema.optional().meta({ description: 'of a part in line: what it is' }),
  radius: z.number().positive().max(2000).optional().meta({ description: 'mm, centre-line radius of a pulled bend' }),
  held: z.boolean().optional().meta({ description: 'of a pulled bend of plastic pipe: a bend support holds it' }),
  measured: measuredSchema.optional(),
  fixture: fixtureSchema.optional().meta({ description: 'of an outlet: what it leads to' }),
  note: text(500).optional(),
})
export type Node = z.infer<typeof nodeSchema>

export const legSchema = z.object({
  id,
  run: id,
  began: id.optional().meta({ description: 'the run that it was drawn in: what was written down of it goes by that' }),
  from: id,
  to: id,
  direction: directionSchema,
  length: z.number({ error: lengthText }).positive(lengthText).max(100_000, lengthText).nullable().meta({
    description:
      'mm, centre to centre; null of pipe that is there whose length does not matter, and where there is no pipe: the two fittings make it',
  }),
  tolerance: z.number().min(0).max(100).optional().meta({ description: '± mm of the measurement' }),
  pipe: id.optional(),
  service: z.enum(services).optional().meta({ description: 'of what flows in it; as the run’s where nothing is said' }),
  state: z
    .enum(legStates)
    .optional()
    .meta({ description: 'pipe that is there, or no pipe at all; new pipe where nothing is said' }),
  fixings: z
    .object({
      spacing: z.number().min(50, '50 to 5000 mm').max(5000, '50 to 5000 mm'),
      offset: z.number().min(0, '0 to 5000 mm').max(5000, '0 to 5000 mm'),
    })
    .optional()
    .meta({
      description: 'joists or studs that the leg crosses: centre to centre, and the first from its start, in mm',
    }),
  free: z
    .object({ start: z.number().min(0).max(100_000).optional(), end: z.number().min(0).max(100_000).optional() })
    .optional()
    .meta({ description: 'mm from its first and its last node kept without clips, to take up expansion' }),
})
export type Leg = z.infer<typeof legSchema> & {
  /** Cut to stand between two sockets of a chain of fittings. It follows from them: a job as it will stand has it, no file. */
  readonly madeUp?: true | undefined
}

export const runSchema = z.object({
  id,
  name: text(120),
  service: z.enum(services),
  pipe: id,
  method: z.enum(methodIds),
  place: placeSchema.optional(),
  condition: conditionSchema.optional().meta({ description: 'the state of the new pipe’s ends' }),
})
export type Run = z.infer<typeof runSchema>

const surveySchema = z.object({
  id,
  name: text(120),
  observations: z.array(observationSchema).max(50),
  region: z.enum(regions).optional(),
  built: z.number().int().min(1700).max(2200).optional(),
  pipe: id.optional().meta({ description: 'the pipe that it was taken for' }),
})

const stockSchema = z.object({
  lengths: z
    .record(z.string(), z.number().positive().max(200_000))
    .default({})
    .meta({ description: 'mm of a stock length, by pipe id' }),
  kerf: z.number().min(0).max(20).default(0).meta({ description: 'mm that a cut takes; a wheel cutter takes none' }),
  keep: z.number().min(0).max(10_000).default(300).meta({ description: 'mm, the least offcut that is worth keeping' }),
  withoutRack: z.boolean().optional().meta({ description: 'laid on new lengths only: the rack is left out' }),
})

const keptBenderSchema = benderSchema.extend({ id: id.meta({ description: 'which of the workshop’s it was' }) })
/** A bender as it was when the job's bends were drawn for it. */
export type KeptBender = z.output<typeof keptBenderSchema>

/**
 * The job file, version 3: what the user decided. One graph of nodes and legs for the whole job; a run is what its legs
 * share. Angles in degrees, lengths in millimetres.
 */
export const jobSchema = z.object({
  format: z.literal('jolvet-job'),
  version: z.literal(3),
  title: z.string().trim().min(1, 'a title of 1 to 200 characters').max(200, 'a title of 1 to 200 characters'),
  address: text(200).optional().meta({ description: 'where the work is' }),
  zone: z
    .string()
    .max(60)
    .refine(isZone, 'a time zone, as Europe/London')
    .optional()
    .meta({ description: 'by which clock the times of its record are written: that of where the work is; else UTC' }),
  units: z.enum(unitSystems),
  profile: z.enum(profileIds),
  own: z
    .object({ name: text(60), changes: changedSettingsSchema })
    .optional()
    .meta({ description: 'a profile of one’s own: its name, and the settings it changes in `profile`' }),
  tools: toolsSchema.optional().meta({ description: 'the tools at hand for this job' }),
  place: placeSchema.optional().meta({ description: 'holds for every run that does not say otherwise' }),
  surveys: z.array(surveySchema).max(200).default([]),
  runs: z.array(runSchema).max(100),
  nodes: z.array(nodeSchema).max(most),
  legs: z.array(legSchema).max(most),
  stock: stockSchema.optional(),
  benders: z
    .array(keptBenderSchema)
    .max(20)
    .optional()
    .meta({ description: 'the benders that the bends are marked for, as they were then' }),
  fixtures: z
    .array(keptFixtureSchema)
    .max(50)
    .optional()
    .meta({ description: 'things of one’s own that outlets lead to' }),
  facing: z.enum(walls).optional().meta({
    description: 'the wall that one faces, where ways are said as left, right, back and out; else by the compass',
  }),
  hands: z.literal(2).optional().meta({ description: 'pairs of hands that make it; one where nothing is said' }),
  note: text(5000).optional(),
  visits: z.array(visitSchema).max(50).optional().meta({ description: 'when somebody comes' }),
  sample: z.literal(true).optional().meta({ description: 'made up, to look round in' }),
})
export type Job = Omit<z.output<typeof jobSchema>, 'surveys' | 'legs'> & { surveys: Survey[]; legs: Leg[] }
export type Survey = Omit<z.output<typeof surveySchema>, 'observations'> & { observations: Observation[] }
