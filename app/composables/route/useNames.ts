import { namesOf, type RunNames } from '~~/core/run/names'

/** What the places of the open job are called, by run. */
export function useNames() {
  const { built: job } = useOpenJob()
  const names = computed(() => namesOf(job.value))
  return {
    namesIn: (run: string): RunNames => names.value.get(run)!,
    runName: (run: string) => names.value.get(run)?.run ?? 'a run that is not there',
  }
}
