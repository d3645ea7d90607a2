import { interfaceVersion } from '~~/core/job/interface-version'
import { serverInterface } from '~/sync/server-interface'

/** Whether the server speaks a newer interface than this page: it may misunderstand, and is to be loaded anew. */
export const useOldPage = () => computed(() => serverInterface.value > interfaceVersion)
