import { useLogStore } from '~/stores/log'

/** A record that was handed over, and its seal. */
export interface SealedRecord {
  readonly sha256: string
  readonly entry: string
  readonly at: string
}

/** The records of the open job that were handed over, the newest first; as far as the server could be asked. */
export function useSealedRecords() {
  const { store } = useOpenJob()
  const log = useLogStore()
  const sealed = shallowRef<readonly SealedRecord[]>([])
  async function load(): Promise<void> {
    const response = await fetch(`/api/jobs/${store.id}/records`).catch(() => null)
    if (response?.ok) sealed.value = (await response.json()) as SealedRecord[]
  }
  onMounted(load)
  // The server seals it when the hand-over has reached it.
  useRefreshing(() => {
    const last = log.state?.handedOver
    if (last && !sealed.value.some(({ entry }) => entry === last.id)) void load()
  })
  return sealed
}
