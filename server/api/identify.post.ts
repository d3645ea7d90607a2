import { shippedCatalogue } from '~~/core/catalogue/catalogue'
import { identify } from '~~/core/identify/identify'
import { identifyRequestSchema, type IdentifyRequest } from '~~/core/job/observation'
import { fieldProblems } from '~~/core/job/read-job'
import { answering } from '../http/answering'
import { readJson } from '../http/body'
import { invalid } from '../http/refusal'
import { spokenIdentification } from '../http/spoken'

export default answering(async (event) => {
  const request = identifyRequestSchema.safeParse(await readJson(event))
  if (!request.success) throw invalid(fieldProblems(request.error))
  return spokenIdentification(identify(shippedCatalogue, request.data as IdentifyRequest), request.data.units)
})
