import { shippedCatalogue } from '~~/core/catalogue/catalogue'
import { planJob } from '~~/core/plan'
import { answering } from '../http/answering'
import { readJobBody } from '../http/job-body'

export default answering(async (event) => planJob(await readJobBody(event), shippedCatalogue))
