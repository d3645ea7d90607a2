import { clearFolders } from '../http/own-folder'

/** Before this server lays anything aside, what killed ones left is cleared. */
export default defineNitroPlugin(() => clearFolders())
