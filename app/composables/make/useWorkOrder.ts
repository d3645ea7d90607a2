import { createSharedComposable } from '@vueuse/core'
import { assemblyQuestion } from '~~/core/assembly/assembly-question'
import type { AssemblyStep, Phase } from '~~/core/assembly/phases'
import { usualCelsius } from '~~/core/day/time-of-job'
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
  const question = computed(() =>
    assemblyQuestion(own.catalogue, job.value, plan.value, {
      costs: workshop.costs,
      celsius: celsius.value ?? usualCelsius,
    }),
  )
  const assembly = useAssembly(() => question.value)
  /** The last that was found: it stands while the next is looked for, so that the list does not jump. */
  const steps = shallowRef<readonly AssemblyStep[] | null>(null)
  watch(assembly.order, (found) => {
    if (found) steps.value = found.ok ? found.steps : null
  })
  return { question, ...assembly, steps }
}

/** The order of work of the open job, looked for once for all of the page that reads it. */
export const useWorkOrder = createSharedComposable(seekWorkOrder)
