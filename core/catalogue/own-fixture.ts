import * as z from 'zod'
import { fixtureWaters } from './tables/fixtures'
import { threadSizes } from './thread-size'

const nameText = 'a name of 1 to 60 characters'
const placeText = 'from -3000 to 3000 mm'
const coordinate = z.number({ error: placeText }).min(-3000, placeText).max(3000, placeText)

export const ownFixtureEndSchema = z.object({
  id: z.string().min(1).max(20),
  name: z.string({ error: nameText }).trim().min(1, nameText).max(60, nameText),
  water: z.enum(fixtureWaters),
  system: z.enum(['BSP', 'NPT']),
  size: z.enum(threadSizes),
  sex: z.enum(['M', 'F']),
  form: z.enum(['taper', 'parallel']).meta({ description: 'a taper seals on its thread, a parallel one on a washer' }),
  across: coordinate.meta({ description: 'mm to the right of its middle, seen by who faces it' }),
  up: coordinate.meta({ description: 'mm over its middle' }),
})
export type OwnFixtureEnd = Readonly<z.output<typeof ownFixtureEndSchema>>

/** A thing that pipe leads to and that no table has: a shower panel, a boiler, a drinking trough. */
export const ownFixtureSchema = z.object({
  name: z.string({ error: nameText }).trim().min(1, nameText).max(60, nameText),
  isShutOff: z
    .literal(true)
    .optional()
    .meta({ description: 'it has a limit of its own: before a test it is shut off' }),
  ends: z.array(ownFixtureEndSchema).min(1, 'one end at least').max(8, '8 ends at most'),
})
export type OwnFixture = Readonly<Omit<z.output<typeof ownFixtureSchema>, 'ends'>> & {
  readonly ends: readonly OwnFixtureEnd[]
}

/** What an end of a fixture screws on by, as people say it. */
export const endForms = [
  { sex: 'M', form: 'parallel', label: 'tail on a washer' },
  { sex: 'M', form: 'taper', label: 'male, on its thread' },
  { sex: 'F', form: 'taper', label: 'female' },
  { sex: 'F', form: 'parallel', label: 'nut with a washer' },
] as const

/** One’s own fixture as a job keeps it: the outlets that lead to it name it by this id. */
export const keptFixtureSchema = ownFixtureSchema.extend({ id: z.string().min(1).max(40) })
export type KeptFixture = OwnFixture & { readonly id: string }
