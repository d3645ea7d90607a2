import { profileWith } from '~~/core/job/profile'
import { jointCard, type JointCard } from '~~/core/make/joint-card'
import type { PlanJoint } from '~~/core/plan/types'
import { useCatalogueStore } from '~/stores/catalogue'

/** The card of any joint of the open job, with the depth that the plan found for it. */
export function useJointCards() {
  const { job, plan } = useOpenJob()
  const own = useCatalogueStore()
  const celsius = useAirTemperature()
  const runName = (id: string) => job.value.runs.find((run) => run.id === id)?.name ?? id

  function cardOf(joint: PlanJoint): JointCard {
    const { insertion: mm, insertionTolerance: tolerance, insertionBasis: basis } = joint
    const insertion = mm === null || tolerance === null || basis === null ? null : { mm, tolerance, basis }
    return jointCard(
      own.catalogue,
      own.catalogue.pipe(joint.pipe)!,
      joint.method,
      profileWith(job.value.profile, job.value.own?.changes),
      insertion,
      celsius.value ?? undefined,
    )
  }
  const whereOf = (joint: PlanJoint) =>
    `${runName(joint.run)}: ${joint.piece ? `piece ${joint.piece}` : 'the existing pipe'} at ${joint.node}`

  const pipeOf = (joint: PlanJoint) => own.catalogue.pipe(joint.pipe)!

  return { pipeOf, joints: computed(() => plan.value.joints), cardOf, whereOf, runName }
}
