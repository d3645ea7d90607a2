import { listDeleted } from '../database/deleted-jobs'
import { apiHandler } from '../http/api-handler'

/** The jobs that were deleted and can be put back. */
export default apiHandler(() => listDeleted())
