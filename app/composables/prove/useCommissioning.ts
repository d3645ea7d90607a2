import { flushings } from '~~/core/commission/flushing'
import { outletsOf } from '~~/core/commission/outlets'
import { profileWith } from '~~/core/workshop/profile'
import { useCatalogueStore } from '~/stores/catalogue'
import { useLogStore } from '~/stores/log'

/** What comes after the test passed: how each outlet is flushed, and what the settings ask for. */
export function useCommissioning() {
  const { built: job } = useOpenJob()
  const own = useCatalogueStore()
  const log = useLogStore()
  const profile = computed(() => profileWith(job.value.profile, job.value.own?.changes))
  const water = computed(() => log.state?.water ?? [])
  const outlets = computed(() => outletsOf(own.catalogue, job.value, profile.value))
  const rows = computed(() => flushings(outlets.value, profile.value, { water: water.value }))
  const isHeating = computed(() => job.value.runs.some(({ service }) => service.startsWith('heating')))
  const isDone = (kind: (typeof water.value)[number]['kind']) => water.value.some((entry) => entry.kind === kind)
  return { profile, outlets, rows, isHeating, isDone }
}
