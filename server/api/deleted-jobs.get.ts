import { listDeleted } from '../database/deleted-jobs'
import { answering } from '../http/answering'

/** The jobs that were deleted and can be put back. */
export default answering(() => listDeleted())
