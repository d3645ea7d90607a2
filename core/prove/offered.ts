import { shippedCatalogue } from '../catalogue/catalogue'
import { serviceIn } from '../job/leg-defaults'
import type { Job } from '../job/job'
import { isHeating } from '../job/place'
import { watersOf } from '../job/waters'
import { isPlastic } from '../materials'
import { testPressureIn } from '../quantity/words/format-water'
import { segmentsUnderTest } from './plan-system'
import type { TestProfileId } from './profiles'
import { everything, underTest, type Scope } from './scope'

/** The test that is offered first, and the working pressure from which it begins, in bar. */
export interface OfferedTest {
  readonly profile: TestProfileId
  readonly design: number
}

/** Whether there is heating under test, and whether anything else. */
export function servicesUnderTest(job: Job, scope: Scope = everything): { heating: boolean; water: boolean } {
  const of = underTest(job, scope)
  const heats = watersOf(job).flatMap((system) =>
    system.legs.flatMap((leg) => (of.leg(leg) ? [isHeating(serviceIn(system, leg))] : [])),
  )
  return { heating: heats.includes(true), water: heats.includes(false) }
}

/**
 * The test that follows from what is under it: heating has its own; plastic and mixed pipe stretch, and are not tested as
 * rigid pipe; and where feet and inches are measured the plumbing code's. Working pressures are typical: 6 bar or 80 psi
 * of water, 3 bar or 30 psi of heating.
 *
 * @remarks for instance: PEX on a metric job: `en806-b` from 6 bar
 */
export function offeredTest(job: Job, scope: Scope = everything): OfferedTest {
  const isImperial = job.units === 'imperial'
  const { heating, water } = servicesUnderTest(job, scope)
  if (heating && !water)
    return isImperial
      ? { profile: 'model-code-heating', design: testPressureIn(30, 'imperial') }
      : { profile: 'heating', design: 3 }
  if (isImperial) return { profile: 'model-code-water', design: testPressureIn(80, 'imperial') }
  const stretches = segmentsUnderTest(job, scope).some(({ pipe }) => {
    const material = shippedCatalogue.pipe(pipe)?.material
    return material !== undefined && isPlastic(material)
  })
  return { profile: stretches ? 'en806-b' : 'en806-a', design: 6 }
}
