import type { Catalogue } from '../catalogue/catalogue'
import type { Pipe } from '../catalogue/pipe'
import type { Job } from '../job/job'
import { isPlastic, materialOf } from '../materials'
import { methods } from '../methods'
import type { Plan } from '../plan/types'
import type { Message } from '../quantity/words/message'
import { toShutOff, unanswered, type Isolated } from './isolation'
import { servicesUnderTest } from './offered'
import { everything, underTest, type Scope } from './scope'
import { pressureBelow, riseUnderTest } from './height'
import { segmentsUnderTest } from './plan-system'
import { stepPressure, type ProfileMeta } from './profile'
import { raisingSays } from './raising-sayings'
import { atmosphere, litresIn } from './softness'

/** A test may go so far over the working pressure (EN 806-4). */
const testShare = 1.1

/**
 * What a pipe bears cold in lasting service, in bar: hoop stress by its wall (ISO 161), or as its layers bear it; null
 * where what joins it gives way first.
 *
 * @remarks for instance: half-inch PEX of SDR 9: 20 × 4.34 / (15.875 / 1.778 − 1) = 10.9
 */
export function ratedBar(pipe: Pipe): number | null {
  const { bears } = materialOf(pipe)
  if (bears === null) return null
  return 'bar' in bears ? bears.bar : (20 * bears.stress) / (pipe.od / pipe.wall - 1)
}

/** What is raised: of a job, all or a part of it. */
export interface RaisedPart {
  readonly job: Job
  readonly plan: Plan
  readonly scope?: Scope | undefined
  /** What was shut away before, and what was left on. */
  readonly isolated?: readonly Isolated[] | undefined
}

/** A part under test: what it is rated at cold, and what it may be tested at, in bar. */
interface Limited {
  readonly part: string
  readonly rated: number
  readonly most: number
}

/** Pipe and joints may be tested over what they are rated at. */
const overRated = (part: string, rated: number): Limited => ({ part, rated, most: testShare * rated })

/** What was left on bears what was said of it, and no more. */
const leftOn = (isolated: readonly Isolated[]): Limited[] =>
  isolated.flatMap(({ what, did, bar }) =>
    did === 'left on' && bar !== undefined ? [{ part: what, rated: bar, most: bar }] : [],
  )

/** The part under test that bears least; null where nothing limits it. */
export function weakestPart(
  catalogue: Catalogue,
  { job, plan, scope = everything, isolated = [] }: RaisedPart,
): Limited | null {
  const pipes = segmentsUnderTest(job, scope).flatMap((segment) => {
    const pipe = catalogue.pipe(segment.pipe)
    const rated = pipe && ratedBar(pipe)
    return pipe && rated !== null && rated !== undefined ? [overRated(pipe.label, rated)] : []
  })
  const of = underTest(job, scope)
  const joined = plan.joints.flatMap((joint) => {
    const { mostBar, name } = methods[joint.method]
    return mostBar !== undefined && of.joint(joint) ? [overRated(`${name} fittings`, mostBar)] : []
  })
  const all = [...pipes, ...joined, ...leftOn(isolated)].toSorted((a, b) => a.most - b.most)
  return all[0] ?? null
}

/**
 * The energy that air under pressure stores, in joules, to the ten: `p V ln(p / p0)`.
 *
 * @param litres of the line
 * @param bar gauge pressure
 * @example storedJoules(6.41, 3.45) // 4240
 */
export const storedJoules = (litres: number, bar: number): number =>
  Math.round((bar + atmosphere) * litres * Math.log((bar + atmosphere) / atmosphere) * 10) * 10

/** Joules in a kilogram of TNT; metres that a kilogram's third root asks for, at which windows hold. */
const [tnt, scaledMetres] = [4.27e6, 20]

/**
 * How far to stay from air under pressure, in mm, to the next metre: `20 (2 E / 4.27 MJ)^(1/3)` metres, as the pressure
 * test of equipment by air asks for (ASME PCC-2, article 501); a room's walls are no less welcome.
 *
 * @param joules stored
 * @example keepAway(4240) // 3000
 */
export const keepAway = (joules: number): number => Math.ceil(scaledMetres * Math.cbrt((2 * joules) / tnt)) * 1000

/** Less height than this between the gauge and the pipe changes nothing that is read, in mm. */
const leastHeight = 500
/** The first look at a line of air, in bar. */
const firstLook = 0.1

/** What stands against raising a line, and what is to be known before. */
export interface BeforeRaising {
  readonly refusals: readonly Message[]
  readonly notes: readonly Message[]
}

/**
 * What is to be known before a line is raised: whether its weakest part bears the test, whether air may be used, and what
 * air would store.
 *
 * @param test its profile, the design pressure in bar, and how high the gauge stands
 */
export function beforeRaising(
  catalogue: Catalogue,
  under: RaisedPart,
  test: {
    readonly meta: ProfileMeta
    readonly design: number
    readonly medium: 'water' | 'air'
    /** mm that the gauge stands above the lowest pipe. */
    readonly above?: number | undefined
  },
): BeforeRaising {
  const isAir = test.medium === 'air'
  const services = servicesUnderTest(under.job, under.scope)
  const isRead = test.meta.lookAgainAfter === undefined
  const open = unanswered(toShutOff(under.job, under.scope), under.isolated ?? [])
  const above = isAir ? 0 : (test.above ?? 0)
  const bar = Math.max(...test.meta.steps.map((step) => stepPressure(step, test.design)))
  // The weakest part may stand lowest.
  const lowest = pressureBelow(bar, Math.max(0, above))
  const rise = riseUnderTest(under.job, under.scope)
  const weakest = weakestPart(catalogue, under)
  const segments = segmentsUnderTest(under.job, under.scope).flatMap((segment) => {
    const pipe = catalogue.pipe(segment.pipe)
    return pipe ? [{ pipe, litres: 'litres' in segment ? segment.litres : litresIn(pipe, segment.metres) }] : []
  })
  const isTooHigh = weakest !== null && lowest > weakest.most + 1e-9
  const plastic = segments.find(({ pipe }) => isPlastic(pipe.material))
  const joules = storedJoules(
    segments.reduce((sum, { litres }) => sum + litres, 0),
    bar,
  )
  return {
    refusals: [
      ...(isTooHigh ? [raisingSays('too high', { bar: lowest, ...weakest })] : []),
      ...(isAir && plastic ? [raisingSays('air on plastic', { part: plastic.pipe.label })] : []),
    ],
    notes: [
      ...(isRead && services.heating && services.water ? [raisingSays('mixed services')] : []),
      ...(isRead && open.length > 0 ? [raisingSays('not shut off', { what: open.join(', ') })] : []),
      ...(isAir && !plastic ? [raisingSays('stored energy', { joules, away: keepAway(joules), look: firstLook })] : []),
      ...(Math.abs(above) >= leastHeight
        ? [
            raisingSays('by height', {
              above,
              lowest: pressureBelow(bar, above),
              highest: rise === null ? null : pressureBelow(bar, above - rise),
            }),
          ]
        : []),
    ],
  }
}
