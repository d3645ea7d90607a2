import { listJobs } from '../../database/jobs'
import { answering } from '../../http/answering'

export default answering(() => listJobs())
