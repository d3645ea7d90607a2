import { createSharedComposable } from '@vueuse/core'
import { assemblyQuestion } from '~~/core/assembly/assembly-question'
import { inRuns, questionAtVisit } from '~~/core/assembly/at-visit'
import type { AssemblyStep, Phase } from '~~/core/assembly/phases'
import { usualCelsius } from '~~/core/day/time-of-job'
import { partAtVisit, runsOfVisits } from '~~/core/job/visit-runs'
import { useCatalogueStore } from '~/stores/catalogue'
import { useWorkshopStore } from '~/stores/workshop'

/** Where and when joints are made, over those that are made so. */
export const phaseWords: Readonly<Record<Phase, string>> = {
  bench: 'On the bench',
  'in place': 'In place, water still on',
  'water off': 'Water off',
}

function seekWorkOrder() {
  const { built: job, plan } = useOpenJob()
  const own = useCatalogueStore()
  const workshop = useWorkshopStore()
  const celsius = useAirTemperature()
  /** Of several visits, those of which it is said what is made then. */
  const visits = computed(() =>
    runsOfVisits(job.value).flatMap(({ visit, runs }, _, all) => (runs && all.length > 1 ? [visit] : [])),
  )
  /** Its id; the whole job in one go where there is none. */
  const chosen = ref('')
  const part = computed(() => partAtVisit(job.value, chosen.value) ?? null)
  const joints = computed(() => (part.value ? inRuns(plan.value.joints, part.value.runs) : plan.value.joints))
  const question = computed(() => {
    const { costs } = workshop
    const warmth = celsius.value ?? usualCelsius
    const whole = assemblyQuestion(own.catalogue, job.value, plan.value, { costs, celsius: warmth })
    return part.value ? questionAtVisit(whole, plan.value.joints, part.value) : whole
  })
  const assembly = useAssembly(() => question.value)
  /** The last that was found: it stands while the next is looked for, so that the list does not jump. */
  const steps = shallowRef<readonly AssemblyStep[] | null>(null)
  watch(assembly.order, (found) => {
    if (found) steps.value = found.ok ? found.steps : null
  })
  return { visits, chosen, joints, question, ...assembly, steps }
}

/** The order of work of the open job, looked for once for all of the page that reads it. */
export const useWorkOrder = createSharedComposable(seekWorkOrder)
