import { useLogStore } from '~/stores/log'
import { readSealedRecords, type SealedRecord } from '~/sync/server'

/** The records of the open job that were handed over, the newest first; as far as the server could be asked. */
export function useSealedRecords() {
  const { store } = useOpenJob()
  const log = useLogStore()
  const sealed = shallowRef<readonly SealedRecord[]>([])
  async function load(): Promise<void> {
    sealed.value = (await readSealedRecords(store.id)) ?? sealed.value
  }
  onMounted(load)
  // The server seals it when the hand-over has reached it.
  useRefreshing(() => {
    const last = log.state?.handedOver
    if (last && !sealed.value.some(({ entry }) => entry === last.id)) void load()
  })
  return sealed
}
