import { shippedCatalogue } from '~~/core/catalogue/catalogue'
import { identify } from '~~/core/survey/identify'
import { identifyRequestSchema, type IdentifyRequest } from '~~/core/job/observation'
import { answering } from '../http/answering'
import { readAs } from '../http/body'
import { spokenIdentification } from '../http/spoken'

export default answering(async (event) => {
  const request = await readAs(event, identifyRequestSchema)
  return spokenIdentification(identify(shippedCatalogue, request as IdentifyRequest), request.units)
})
