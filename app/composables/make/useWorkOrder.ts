import { createSharedComposable } from '@vueuse/core'
import { assemblyQuestion } from '~~/core/assembly/assembly-question'
import { inRuns, questionAtVisit } from '~~/core/assembly/at-visit'
import type { AssemblyStep, Phase } from '~~/core/assembly/phases'
import { usualCelsius } from '~~/core/day/time-of-job'
import { partAtVisit, runsOfVisits } from '~~/core/job/visit-runs'
import type { PlanJoint } from '~~/core/pipework/planned'
import { useCatalogueStore } from '~/stores/catalogue'
import { useLogStore } from '~/stores/log'
import { useWorkshopStore } from '~/stores/workshop'

/** Where and when joints are made, over those that are made so. */
export const phaseWords: Readonly<Record<Phase, string>> = {
  bench: 'On the bench',
  'in place': 'In place, water still on',
  'water off': 'Water off',
}

function seekWorkOrder() {
  const { store, built: job, plan } = useOpenJob()
  const own = useCatalogueStore()
  const workshop = useWorkshopStore()
  const log = useLogStore()
  const celsius = useAirTemperature()
  /** Of several visits, those of which it is said what is made then. */
  const visits = computed(() =>
    runsOfVisits(job.value).flatMap(({ visit, runs }, _, all) => (runs && all.length > 1 ? [visit] : [])),
  )
  const jointsAt = (id: string) => {
    const of = partAtVisit(job.value, id)
    return of ? inRuns(plan.value.joints, of.runs) : plan.value.joints
  }
  const isToMake = ({ id, verdict }: PlanJoint) => verdict !== 'refuse' && !log.state?.joints[id]?.made
  const picked = ref<string>()
  /** The id of a visit: the first at which something is still to be made, until one is chosen; empty for all in one go. */
  const chosen = computed({
    get: () => picked.value ?? visits.value.find(({ id }) => jointsAt(id).some(isToMake))?.id ?? '',
    set: (id: string) => (picked.value = id),
  })
  const part = computed(() => partAtVisit(job.value, chosen.value) ?? null)
  const joints = computed(() => jointsAt(chosen.value))
  const question = computed(() => {
    const { costs } = workshop
    const warmth = celsius.value ?? usualCelsius
    const whole = assemblyQuestion(own.catalogue, job.value, plan.value, { costs, celsius: warmth })
    return part.value ? questionAtVisit(whole, plan.value.joints, part.value) : whole
  })
  const assembly = useAssembly(() => question.value)
  /** The last that was found: it stands while the next is looked for, so that the list does not jump. */
  const steps = shallowRef<readonly AssemblyStep[] | null>(null)
  watch(
    assembly.order,
    (found) => {
      if (found) steps.value = found.ok ? found.steps : null
    },
    { immediate: true },
  )
  // From one job straight to another, what was found of the first says nothing of the second.
  watch(
    () => store.id,
    () => {
      picked.value = undefined
      steps.value = null
    },
  )
  return { visits, chosen, part, joints, question, ...assembly, steps }
}

/** The order of work of the open job, looked for once for all of the page that reads it. */
export const useWorkOrder = createSharedComposable(seekWorkOrder)
