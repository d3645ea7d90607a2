import { profileWith } from '~~/core/workshop/profile'
import { fittingJointCard, jointCard, type CardPlace, type JointCard } from '~~/core/procedure/joint-card'
import { facing } from '~~/core/pipework/fittings/facing'
import { jointAttitude } from '~~/core/pipework/fittings/joint-attitude'
import type { PlanJoint } from '~~/core/pipework/planned'
import { whatMeets } from '~~/core/pipework/what-meets'
import { useCatalogueStore } from '~/stores/catalogue'

/** The card of any joint of the open job, with the depth that the plan found for it. */
export function useJointCards() {
  const { built: job, plan } = useOpenJob()
  const { say, tell } = useWords()
  const { namesIn, runName } = useNames()
  const own = useCatalogueStore()
  const celsius = useAirTemperature()
  const parts = computed(() => new Map(plan.value.parts.map((part) => [part.id, part])))

  function cardOf(joint: PlanJoint): JointCard {
    const { insertion: mm, insertionTolerance: tolerance, insertionBasis: basis } = joint
    const run = job.value.runs.find(({ id }) => id === joint.run)
    const profile = profileWith(job.value.profile, job.value.own?.changes)
    const here: CardPlace = {
      say: say.value,
      insertion: mm === null || tolerance === null || basis === null ? null : { mm, tolerance, basis },
      celsius: celsius.value ?? undefined,
      attitude: jointAttitude(parts.value, joint),
      isExisting: joint.piece === null,
      slips: joint.slips,
      wet: run?.place?.wet ?? job.value.place?.wet,
    }
    const pipe = own.catalogue.pipe(joint.pipe)!
    return joint.inner
      ? fittingJointCard(own.catalogue, joint.inner.meeting, pipe, { profile, here })
      : jointCard(own.catalogue, pipe, joint.method, { profile, here })
  }
  /** Where it is within its run: what goes into what. */
  const placeOf = (joint: PlanJoint) => `${whatMeets(joint)} at ${namesIn(joint.run).node(joint.node)}`
  const whereOf = (joint: PlanJoint) => `Joint ${joint.number}, ${runName(joint.run)}: ${placeOf(joint)}`
  /** Which way its fitting looks once it is made; empty where it cannot be turned wrong. */
  function facingOf(joint: PlanJoint): string {
    const way = facing(parts.value, joint, job.value.facing)
    return way ? tell(way) : ''
  }
  const pipeOf = (joint: PlanJoint) => own.catalogue.pipe(joint.pipe)!

  return { pipeOf, joints: computed(() => plan.value.joints), cardOf, placeOf, whereOf, facingOf, runName }
}
