import { profileWith } from '~~/core/job/profile'
import { jointCard, type JointCard } from '~~/core/make/joint-card'
import { jointAttitude } from '~~/core/plan/joint-attitude'
import type { PlanJoint } from '~~/core/plan/types'
import { useCatalogueStore } from '~/stores/catalogue'

/** The card of any joint of the open job, with the depth that the plan found for it. */
export function useJointCards() {
  const { job, plan } = useOpenJob()
  const { say } = useWords()
  const { namesIn, runName } = useNames()
  const own = useCatalogueStore()
  const celsius = useAirTemperature()

  function cardOf(joint: PlanJoint): JointCard {
    const { insertion: mm, insertionTolerance: tolerance, insertionBasis: basis } = joint
    const run = job.value.runs.find(({ id }) => id === joint.run)
    return jointCard(
      own.catalogue,
      own.catalogue.pipe(joint.pipe)!,
      joint.method,
      profileWith(job.value.profile, job.value.own?.changes),
      {
        say: say.value,
        insertion: mm === null || tolerance === null || basis === null ? null : { mm, tolerance, basis },
        celsius: celsius.value ?? undefined,
        attitude: jointAttitude(job.value, plan.value.pieces, joint),
        wet: run?.place?.wet ?? job.value.place?.wet,
      },
    )
  }
  /** Where it is within its run: what goes into what. */
  const placeOf = (joint: PlanJoint) =>
    `${joint.piece ? `piece ${joint.piece}` : 'existing pipe'} at ${namesIn(joint.run).node(joint.node)}`
  const whereOf = (joint: PlanJoint) => `Joint ${joint.number}, ${runName(joint.run)}: ${placeOf(joint)}`
  const pipeOf = (joint: PlanJoint) => own.catalogue.pipe(joint.pipe)!

  return { pipeOf, joints: computed(() => plan.value.joints), cardOf, placeOf, whereOf, runName }
}
