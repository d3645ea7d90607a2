import { clearPutBackFolders } from '../http/put-back-folders'

/** Before anything is put back by this server, what a killed one left is cleared. */
export default defineNitroPlugin(() => clearPutBackFolders())
